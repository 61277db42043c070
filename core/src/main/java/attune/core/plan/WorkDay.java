package attune.core.plan;

import attune.core.reference.Figures;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;

/**
 * The hours somebody is there; a task that would run past closing starts at the next opening.
 *
 * @param first the day work begins, when an early start is taken as given
 */
record WorkDay(LocalTime opens, LocalTime closes, LocalDate first) {
  static WorkDay of(Figures figures, LocalDate first) {
    return new WorkDay(
        LocalTime.MIN.plusMinutes(figures.whole("day.opens")),
        LocalTime.MIN.plusMinutes(figures.whole("day.closes")),
        first);
  }

  /**
   * The earliest start at or after {@code earliest}. A task longer than a day starts at an opening
   * and runs over.
   */
  LocalDateTime fit(LocalDateTime earliest, long seconds) {
    LocalDate day = earliest.toLocalDate();
    LocalDateTime opening = day.atTime(opens);
    LocalDateTime from = earliest.isBefore(opening) && !day.equals(first) ? opening : earliest;
    boolean fits = !from.plusSeconds(seconds).isAfter(day.atTime(closes));
    return fits || from.equals(opening) ? from : day.plusDays(1).atTime(opens);
  }
}
