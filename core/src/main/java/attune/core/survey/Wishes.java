package attune.core.survey;

import attune.core.check.Coded;
import java.util.Set;

/**
 * What the customer wants.
 *
 * @param avoid what must not be used: somebody who sits in the car cannot bear it
 */
public record Wishes(Sheen sheen, Standard standard, Protection protection, Set<Avoid> avoid) {
  /** With nothing to avoid. */
  public Wishes(Sheen sheen, Standard standard, Protection protection) {
    this(sheen, standard, protection, Set.of());
  }

  public Wishes {
    avoid = Set.copyOf(avoid);
  }

  /** What allergy, asthma or pregnancy keep out of a cabin. */
  public enum Avoid implements Coded {
    SCENT,
    SOLVENT,
    AEROSOL
  }

  /** Sheen wanted, from flat to shiny. */
  public enum Sheen implements Coded {
    MATT,
    SATIN,
    GLOSS
  }

  /** How clean is clean enough. */
  public enum Standard implements Coded {
    TIDY,
    THOROUGH,
    EXACTING
  }

  /** The most protection wanted, on top of what a finish needs. */
  public enum Protection implements Coded {
    NONE,
    DRESSING,
    BARRIER,
    COATING;

    public boolean atLeast(Protection other) {
      return compareTo(other) >= 0;
    }
  }

  /** The same to another standard. */
  public Wishes to(Standard other) {
    return new Wishes(sheen, other, protection, avoid);
  }
}
