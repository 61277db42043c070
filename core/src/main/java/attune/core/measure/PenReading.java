package attune.core.measure;

import attune.core.words.Phrases;
import java.util.Optional;

/** What a pH pen's reading of a mix says beside what was worked out for it. */
public final class PenReading {
  private static final Phrases PHRASES = Phrases.of(PenReading.class);

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
      PhInterval measured = before.get();
      return expected
          .filter(e -> read < e.low() || read > e.high())
          .map(
              e ->
                  PHRASES.say(
                      "by-its-label-it-would", measured.low(), measured.high(), e.low(), e.high()))
          .orElseGet(
              () -> PHRASES.say("as-this-bottle-measured-before", measured.low(), measured.high()));
    }
    if (expected.isEmpty()) {
      return PHRASES.say("nothing-on-the-label-to");
    }
    PhInterval e = expected.get();
    if (read >= e.low() && read <= e.high()) {
      return PHRASES.say("as-expected-to", e.low(), e.high());
    }
    return PHRASES.say("expected-to-the-reading-stands", e.low(), e.high(), why(read, e));
  }

  private static String why(double read, PhInterval expected) {
    double fromNeutral = read - NEUTRAL;
    double should = expected.middle() - NEUTRAL;
    if (fromNeutral * should < 0 && Math.abs(fromNeutral) > CLEARLY && Math.abs(should) > CLEARLY) {
      return PHRASES.say("acid-and-alkaline-are-not");
    }
    return Math.abs(fromNeutral) > Math.abs(should)
        ? PHRASES.say("stronger-than-it-should-be")
        : PHRASES.say("weaker-than-it-should-be");
  }
}
