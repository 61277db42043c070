package attune.core.measure;

import java.util.Optional;

/** What a pH pen's reading of a mix says beside what was worked out for it. */
public final class PenReading {
  private static final double NEUTRAL = 7;

  /** Nearer to neutral than this a pen does not tell one side from the other. */
  private static final double CLEARLY = 0.5;

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
    return "Expected " + e.low() + " to " + e.high() + ": " + why(read, e) + " The reading stands.";
  }

  private static String why(double read, PhInterval expected) {
    double fromNeutral = read - NEUTRAL;
    double should = expected.middle() - NEUTRAL;
    if (fromNeutral * should < 0 && Math.abs(fromNeutral) > CLEARLY && Math.abs(should) > CLEARLY) {
      return "acid and alkaline are not the same bottle. Is it another product, or does the pen want"
          + " calibrating?";
    }
    return Math.abs(fromNeutral) > Math.abs(should)
        ? "stronger than it should be. Mixed too strong, or the bottle is mislabelled?"
        : "weaker than it should be. Too much water, an old mix, or odd water?";
  }
}
