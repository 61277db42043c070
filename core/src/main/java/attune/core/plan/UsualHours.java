package attune.core.plan;

import attune.core.reference.Figures;
import attune.core.schedule.Skill;
import attune.core.schedule.Week;
import attune.core.schedule.Worker;
import java.time.DayOfWeek;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;

/** The hours the shop is open, for whoever has none of their own. */
public final class UsualHours {
  private UsualHours() {}

  /** Somebody who may do everything, whenever the shop is open. */
  public static Worker worker(String id, Figures figures) {
    Set<DayOfWeek> closed =
        Arrays.stream(DayOfWeek.values())
            .filter(day -> figures.whole(closedOn(day)) == 1)
            .collect(Collectors.toSet());
    return new Worker(
        id,
        Set.of(Skill.values()),
        figures.whole("day.opens") * 60,
        figures.whole("day.closes") * 60,
        true,
        new Week(closed, DayOfWeek.MONDAY));
  }

  /** The first minute at or after a moment in which the shop is open. */
  public static LocalDateTime nextOpen(LocalDateTime from, Figures figures) {
    LocalDateTime midnight = from.toLocalDate().atStartOfDay();
    LocalDateTime opens = midnight.plusMinutes(figures.whole("day.opens"));
    LocalDateTime closes = midnight.plusMinutes(figures.whole("day.closes"));
    boolean closed = figures.whole(closedOn(from.getDayOfWeek())) == 1;
    if (closed && !isClosedAllWeek(figures) || !from.isBefore(closes)) {
      return nextOpen(midnight.plusDays(1), figures);
    }
    return from.isBefore(opens) ? opens : from.truncatedTo(ChronoUnit.MINUTES);
  }

  private static boolean isClosedAllWeek(Figures figures) {
    return Arrays.stream(DayOfWeek.values()).allMatch(day -> figures.whole(closedOn(day)) == 1);
  }

  /** Key of the figure that is 1 where the shop is closed on a day. */
  public static String closedOn(DayOfWeek day) {
    return "day.closed." + day.name().toLowerCase(Locale.ROOT);
  }
}
