package attune.core.schedule;

import java.time.DayOfWeek;
import java.util.EnumSet;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * One person.
 *
 * @param opens when they come, seconds after midnight
 * @param closes when they go, later than {@code opens}
 * @param early true for who is there from the start of a job that begins before they usually come
 * @param week with the days they do not work
 */
public record Worker(
    String id, Set<Skill> skills, int opens, int closes, boolean early, Week week) {
  static final int DAY = 86_400;

  public Worker {
    if (opens < 0 || closes <= opens || closes > DAY) {
      throw new IllegalArgumentException(
          "hours: found " + opens + " to " + closes + "; within one day, one after the other");
    }
    skills = Set.copyOf(skills);
  }

  /** There from the start, however early that is, and on every day. */
  public Worker(String id, Set<Skill> skills, int opens, int closes) {
    this(id, skills, opens, closes, true, Week.ALL);
  }

  /** On every day. */
  public Worker(String id, Set<Skill> skills, int opens, int closes, boolean early) {
    this(id, skills, opens, closes, early, Week.ALL);
  }

  /** Somebody else in the same hours, of the same skills. */
  public Worker as(String other) {
    return new Worker(other, skills, opens, closes, early, week);
  }

  /** The same for a job whose first day is this. */
  public Worker from(DayOfWeek first) {
    return new Worker(id, skills, opens, closes, early, new Week(week.off(), first));
  }

  /** The same without leave to do what a skill is for. */
  public Worker without(Skill skill) {
    Set<Skill> left = skills.stream().filter(s -> s != skill).collect(Collectors.toSet());
    return new Worker(id, left, opens, closes, early, week);
  }

  /** The same with leave to do what a skill is for. */
  public Worker with(Skill skill) {
    Set<Skill> more = EnumSet.of(skill);
    more.addAll(skills);
    return new Worker(id, more, opens, closes, early, week);
  }

  /** The same in other hours of the same days, coming no earlier. */
  public Worker within(int comes, int goes) {
    return new Worker(id, skills, comes, goes, false, week);
  }

  /** When they come on a day of a job. */
  public int comes(int midnight, int first) {
    boolean firstDay = midnight == first / DAY * DAY;
    return early && firstDay ? Math.min(opens, first % DAY) : opens;
  }

  /** True when they are there at a time. */
  boolean isThere(int time, int first) {
    int clock = time % DAY;
    return !week.rests(time / DAY) && clock < closes && clock >= comes(time - clock, first);
  }

  boolean can(Activity activity) {
    return skills.containsAll(activity.skills());
  }

  /**
   * The earliest start at or after a time. What would run past closing waits for the next opening,
   * and on a day off nothing starts; what is longer than a day starts at an opening and runs over.
   *
   * @param first start of the job
   */
  public int fit(int earliest, int seconds, int first) {
    int midnight = earliest / DAY * DAY;
    if (week.rests(midnight / DAY)) {
      return fit(midnight + DAY, seconds, first);
    }
    int opening = midnight + comes(midnight, first);
    int from = Math.max(earliest, opening);
    boolean fits = from + seconds <= midnight + closes;
    boolean longer = seconds > closes - opens && from == opening;
    return fits || longer ? from : fit(midnight + DAY, seconds, first);
  }
}
