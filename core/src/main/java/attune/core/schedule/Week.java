package attune.core.schedule;

import java.time.DayOfWeek;
import java.util.Set;

/**
 * The days of the week somebody does not work, counted from the first day of a job.
 *
 * @param off at most six of the seven
 * @param first what day the job's first day is
 */
public record Week(Set<DayOfWeek> off, DayOfWeek first) {
  /** No day off. */
  public static final Week ALL = new Week(Set.of(), DayOfWeek.MONDAY);

  public Week {
    off = Set.copyOf(off);
    if (off.size() == DayOfWeek.values().length) {
      throw new IllegalArgumentException("off: found every day; at most six are allowed");
    }
  }

  /** True on a day that is not worked, 0 for the first of the job. */
  boolean rests(int day) {
    return off.contains(first.plus(day));
  }
}
