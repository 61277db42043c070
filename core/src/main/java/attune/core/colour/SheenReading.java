package attune.core.colour;

import attune.core.check.Coded;
import attune.core.material.Finish;
import attune.core.words.Phrases;

/** A sheen reading against the clean range of a finish, GU at 60°. */
public record SheenReading(Verdict verdict, String text) {
  private static final Phrases PHRASES = Phrases.of(SheenReading.class);

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
                    Verdict.SAYS_NOTHING, PHRASES.say("sheen-says-nothing-of", finish.name())));
  }

  private static SheenReading against(double gu, Finish.Sheen range, Finish finish) {
    String clean =
        PHRASES.say(
            "is-clean-at-to-gu",
            finish.name(),
            Phrases.number("%.0f", range.lowGu()),
            Phrases.number("%.0f", range.highGu()));
    if (gu > range.highGu()) {
      return new SheenReading(
          Verdict.SHINES,
          PHRASES.say("gu-shines-soil-or-dressing", Phrases.number("%.1f", gu), clean));
    }
    if (gu < range.lowGu()) {
      return new SheenReading(
          Verdict.DULL, PHRASES.say("gu-is-duller-than-it", Phrases.number("%.1f", gu), clean));
    }
    return new SheenReading(
        Verdict.IN_RANGE, PHRASES.say("gu-done", Phrases.number("%.1f", gu), clean));
  }
}
