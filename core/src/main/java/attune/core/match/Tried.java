package attune.core.match;

import attune.core.check.Coded;

/** A treatment that was worked, and what the cloth said of it. */
public record Tried(Treatment treatment, Result result) {
  /** What was seen on cloth and surface. */
  public enum Result implements Coded {
    CLEAN,
    SOIL_STAYS,
    COLOUR,
    DULLED;

    /** The surface itself came off or changed: nothing more is done. */
    public boolean stops() {
      return this == COLOUR || this == DULLED;
    }
  }
}
