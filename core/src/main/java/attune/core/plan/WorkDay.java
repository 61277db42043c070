package attune.core.plan;

import attune.core.reference.Figures;
import java.time.LocalDateTime;
import java.time.LocalTime;

/** The hours somebody is there; a task that would run past closing starts at the next opening. */
record WorkDay(LocalTime opens, LocalTime closes) {
  static WorkDay of(Figures figures) {
    return new WorkDay(
        LocalTime.MIN.plusMinutes(figures.whole("day.opens")),
        LocalTime.MIN.plusMinutes(figures.whole("day.closes")));
  }

  /**
   * The earliest start at or after {@code earliest}. A task longer than a day starts at an opening
   * and runs over; the first day's own start is taken as given even before opening.
   */
  LocalDateTime fit(LocalDateTime earliest, long seconds) {
    LocalDateTime closing = earliest.toLocalDate().atTime(closes);
    if (!earliest.plusSeconds(seconds).isAfter(closing)) {
      return earliest;
    }
    boolean startsAtOpening = earliest.toLocalTime().equals(opens);
    return startsAtOpening ? earliest : earliest.toLocalDate().plusDays(1).atTime(opens);
  }
}
