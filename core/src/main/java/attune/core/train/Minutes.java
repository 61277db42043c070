package attune.core.train;

import attune.core.words.Phrases;
import java.util.Locale;

/** A length of time as an exercise tells it. */
final class Minutes {
  private static final Phrases PHRASES = Phrases.of(Minutes.class);

  private static final double MINUTE_S = 60;

  private Minutes() {}

  static String of(double seconds) {
    return seconds < MINUTE_S * 2
        ? String.format(Locale.ROOT, "%.0f s", seconds)
        : PHRASES.say("min", Phrases.number("%.0f", seconds / MINUTE_S));
  }
}
