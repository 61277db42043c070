package attune.core.survey;

import attune.core.check.Coded;

/** What the customer wants. */
public record Wishes(Sheen sheen, Standard standard, Protection protection) {
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
    return new Wishes(sheen, other, protection);
  }
}
