package attune.app.care;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.stream.Collectors;

/** Says how often something is done, alike on screen and on paper. */
final class Rhythm {
  private static final int MONTH = 30;

  private Rhythm() {}

  /** Such as "every 2 months", or "after 2, 7, 30 days" for a ladder. */
  static String words(List<Integer> afterDays, @Nullable Integer everyDays) {
    if (everyDays == null) {
      return "after "
          + afterDays.stream().map(String::valueOf).collect(Collectors.joining(", "))
          + " days";
    }
    return switch (everyDays) {
      case 7 -> "every week";
      case MONTH -> "every month";
      case 180, 182 -> "every half year";
      case 365 -> "every year";
      default ->
          everyDays % MONTH == 0
              ? "every " + everyDays / MONTH + " months"
              : "every " + everyDays + " days";
    };
  }
}
