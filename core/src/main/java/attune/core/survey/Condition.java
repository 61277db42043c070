package attune.core.survey;

import attune.core.check.Coded;
import attune.core.shelf.Soil;
import java.util.Optional;
import java.util.Set;

/**
 * The state a surface was found in.
 *
 * @param stainAgeDays how long a stain has sat
 * @param sheenGu measured at 60°
 */
public record Condition(
    Level soil,
    Set<Soil> soils,
    Wear wear,
    Feel feel,
    Nap nap,
    Perforations perforations,
    Set<Damage> damage,
    Optional<Integer> stainAgeDays,
    Optional<Double> sheenGu) {

  /** How much soil. */
  public enum Level implements Coded {
    NONE,
    LIGHT,
    MODERATE,
    HEAVY,
    CAKED
  }

  /** How worn the coat is. */
  public enum Wear implements Coded {
    INTACT,
    WORN,
    CRACKED,
    TORN
  }

  /** How hide feels under the hand. */
  public enum Feel implements Coded {
    SUPPLE,
    DRY,
    STIFF
  }

  /** How a nap lies. */
  public enum Nap implements Coded {
    OPEN,
    MATTED,
    PILLED
  }

  /** How punched holes look. */
  public enum Perforations implements Coded {
    OPEN,
    RINGED,
    BLOCKED
  }

  /** Damage that cleaning does not mend. */
  public enum Damage implements Coded {
    SCUFFED,
    SCRATCHED,
    GUMMY,
    FADED,
    CREAKS
  }

  public Condition {
    soils = Set.copyOf(soils);
    damage = Set.copyOf(damage);
  }
}
