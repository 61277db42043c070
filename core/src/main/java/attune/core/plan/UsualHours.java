package attune.core.plan;

import attune.core.reference.Figures;
import attune.core.schedule.Skill;
import attune.core.schedule.Week;
import attune.core.schedule.Worker;
import java.time.DayOfWeek;
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

  /** Key of the figure that is 1 where the shop is closed on a day. */
  public static String closedOn(DayOfWeek day) {
    return "day.closed." + day.name().toLowerCase(Locale.ROOT);
  }
}
