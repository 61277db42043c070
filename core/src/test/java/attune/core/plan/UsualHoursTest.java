package attune.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import attune.core.Given;
import java.time.DayOfWeek;
import java.time.LocalDateTime;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A new job begins when somebody can begin it. */
class UsualHoursTest {
  @ParameterizedTest(name = "{0} begins {1}: {2}")
  @CsvSource({
    "2026-06-09T10:20:30, 2026-06-09T10:20, at the car",
    "2026-06-09T05:00, 2026-06-09T08:00, before opening",
    "2026-06-09T23:50, 2026-06-10T08:00, in the evening",
    "2026-06-13T21:00, 2026-06-15T08:00, on a Saturday evening",
    "2026-06-14T11:00, 2026-06-15T08:00, on a Sunday"
  })
  void aJobBeginsInTheNextOpenMinute(LocalDateTime asked, LocalDateTime begins, String when) {
    assertThat(
            UsualHours.nextOpen(
                asked, Given.FIGURES.with(Map.of(UsualHours.closedOn(DayOfWeek.SUNDAY), 1.0))))
        .as(when)
        .isEqualTo(begins);
  }
}
