package attune.core.measure;

import java.util.Optional;

/** What a pH pen's reading of a mix says beside what was worked out for it. */
public final class PenReading {
  private PenReading() {}

  /**
   * A sentence.
   *
   * @param read 0 to 14
   * @param expected from label and water, or empty where the label gives nothing
   * @param before what earlier readings of the same bottle come to, or empty where there are none
   */
  public static String says(
      double read, Optional<PhInterval> expected, Optional<PhInterval> before) {
    if (before.filter(b -> read >= b.low() && read <= b.high()).isPresent()) {
      return "As this bottle measured before, "
          + before.get().low()
          + " to "
          + before.get().high()
          + expected
              .filter(e -> read < e.low() || read > e.high())
              .map(e -> "; by its label it would be " + e.low() + " to " + e.high() + ".")
              .orElse(".");
    }
    if (expected.isEmpty()) {
      return "Nothing on the label to compare it with; the reading stands.";
    }
    PhInterval e = expected.get();
    if (read >= e.low() && read <= e.high()) {
      return "As expected, " + e.low() + " to " + e.high() + ".";
    }
    boolean fromNeutral = Math.abs(read - 7) > Math.abs(e.middle() - 7);
    return "Expected "
        + e.low()
        + " to "
        + e.high()
        + (fromNeutral
            ? ": stronger than it should be. Mixed too strong, or the bottle is mislabelled?"
            : ": weaker than it should be. Too much water, an old mix, or odd water?")
        + " The reading stands.";
  }
}
