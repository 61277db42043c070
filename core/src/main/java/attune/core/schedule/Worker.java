package attune.core.schedule;

import java.util.Set;

/**
 * One person.
 *
 * @param opens when they come, seconds after midnight
 * @param closes when they go, later than {@code opens}
 * @param early true for who is there from the start of a job that begins before they usually come
 */
public record Worker(String id, Set<Skill> skills, int opens, int closes, boolean early) {
  static final int DAY = 86_400;

  public Worker {
    if (opens < 0 || closes <= opens || closes > DAY) {
      throw new IllegalArgumentException(
          "hours: found " + opens + " to " + closes + "; within one day, one after the other");
    }
    skills = Set.copyOf(skills);
  }

  /** There from the start, however early that is. */
  public Worker(String id, Set<Skill> skills, int opens, int closes) {
    this(id, skills, opens, closes, true);
  }

  /** When they come on a day of a job. */
  public int comes(int midnight, int first) {
    boolean firstDay = midnight == first / DAY * DAY;
    return early && firstDay ? Math.min(opens, first % DAY) : opens;
  }

  boolean can(Activity activity) {
    return activity.skill().isEmpty() || skills.contains(activity.skill().get());
  }

  /**
   * The earliest start at or after a time. What would run past closing waits for the next opening;
   * what is longer than a day starts at an opening and runs over.
   *
   * @param first start of the job
   */
  public int fit(int earliest, int seconds, int first) {
    int midnight = earliest / DAY * DAY;
    int opening = midnight + comes(midnight, first);
    int from = Math.max(earliest, opening);
    boolean fits = from + seconds <= midnight + closes;
    boolean longer = seconds > closes - opens && from == opening;
    return fits || longer ? from : midnight + DAY + opens;
  }
}
