package attune.app.care;

import attune.core.words.Lists;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.util.List;

/** Says how often something is done, alike on screen and on paper. */
final class Rhythm {
  private static final Phrases PHRASES = Phrases.of(Rhythm.class);

  private static final int MONTH = 30;

  private Rhythm() {}

  /** Such as "every 2 months", or "after 2, 7, 30 days" for a ladder. */
  static String words(List<Integer> afterDays, @Nullable Integer everyDays) {
    if (everyDays == null) {
      return PHRASES.say("after-days", Lists.all(afterDays.stream().map(String::valueOf).toList()));
    }
    return switch (everyDays) {
      case 7 -> PHRASES.say("every-week");
      case MONTH -> PHRASES.say("every-month");
      case 180, 182 -> PHRASES.say("every-half-year");
      case 365 -> PHRASES.say("every-year");
      default ->
          everyDays % MONTH == 0
              ? PHRASES.say("every-months", everyDays / MONTH)
              : PHRASES.say("every-days", everyDays);
    };
  }
}
