package attune.app.day;

import java.time.Clock;
import java.time.LocalDateTime;

/**
 * What is near enough to today to be planned or followed for it: a shop of ten years keeps jobs
 * nobody ever finished, and each would have to be planned again.
 */
final class Near {
  private static final int BEFORE_DAYS = 42;
  private static final int AHEAD_DAYS = 28;

  private Near() {}

  static boolean is(LocalDateTime start, Clock clock) {
    LocalDateTime now = LocalDateTime.now(clock);
    return start.isAfter(now.minusDays(BEFORE_DAYS)) && start.isBefore(now.plusDays(AHEAD_DAYS));
  }
}
