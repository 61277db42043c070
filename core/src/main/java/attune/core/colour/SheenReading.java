package attune.core.colour;

import attune.core.check.Coded;
import attune.core.material.Finish;
import java.util.Locale;

/** A sheen reading against the clean range of a finish, GU at 60°. */
public record SheenReading(Verdict verdict, String text) {
  /** What the reading says. */
  public enum Verdict implements Coded {
    IN_RANGE,
    SHINES,
    DULL,
    SAYS_NOTHING
  }

  /**
   * @param gu 0 or more
   */
  public static SheenReading of(double gu, Finish finish) {
    return finish
        .cleanSheen()
        .map(range -> against(gu, range, finish))
        .orElseGet(
            () ->
                new SheenReading(
                    Verdict.SAYS_NOTHING, "Sheen says nothing of " + finish.name() + "."));
  }

  private static SheenReading against(double gu, Finish.Sheen range, Finish finish) {
    String clean =
        String.format(
            Locale.ROOT,
            "%s is clean at %.0f to %.0f GU",
            finish.name(),
            range.lowGu(),
            range.highGu());
    if (gu > range.highGu()) {
      return new SheenReading(
          Verdict.SHINES,
          String.format(Locale.ROOT, "%.1f GU shines: soil or dressing is on it; %s.", gu, clean));
    }
    if (gu < range.lowGu()) {
      return new SheenReading(
          Verdict.DULL,
          String.format(Locale.ROOT, "%.1f GU is duller than it should be; %s.", gu, clean));
    }
    return new SheenReading(
        Verdict.IN_RANGE, String.format(Locale.ROOT, "%.1f GU: done; %s.", gu, clean));
  }
}
