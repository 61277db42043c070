package attune.app.jobs;

import java.time.Clock;
import java.time.LocalDateTime;

/**
 * What is near enough to today to be planned or followed for it: a shop of ten years keeps jobs
 * nobody ever finished, and each would have to be planned again.
 */
public final class Near {
  private static final int BEFORE_DAYS = 42;
  private static final int AHEAD_DAYS = 28;

  private Near() {}

  public static boolean is(LocalDateTime start, Clock clock) {
    return began(start, clock) && start.isBefore(LocalDateTime.now(clock).plusDays(AHEAD_DAYS));
  }

  /** Not begun so long ago that nobody goes on with it. */
  public static boolean began(LocalDateTime start, Clock clock) {
    return start.isAfter(LocalDateTime.now(clock).minusDays(BEFORE_DAYS));
  }
}
