package attune.core.train;

import attune.core.words.Phrases;
import java.util.Locale;

/** Codes and numbers as people read them. */
final class Words {
  private static final Phrases PHRASES = Phrases.of(Words.class);

  private static final double MINUTE_S = 60;

  private Words() {}

  static String of(String code) {
    return Phrases.marked(code.replace('-', ' '));
  }

  static String capital(String text) {
    return Character.toUpperCase(text.charAt(0)) + text.substring(1);
  }

  static String minutes(double seconds) {
    return seconds < MINUTE_S * 2
        ? String.format(Locale.ROOT, "%.0f s", seconds)
        : PHRASES.say("min", Phrases.number("%.0f", seconds / MINUTE_S));
  }
}
