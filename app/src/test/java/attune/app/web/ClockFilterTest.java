package attune.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What every answer tells of the shop's clock. */
class ClockFilterTest {
  private static final ZoneId ZONE = ZoneId.of("Europe/London");

  @ParameterizedTest
  @CsvSource({
    "2026-03-29T08:15, 2026-03-29T01:00/2026-03-29T02:00",
    "2026-10-26T23:50, 2026-10-25T02:00/2026-10-25T01:00",
    "2026-03-28T23:50, ",
    "2026-06-09T08:15, ",
  })
  void clocksPutForwardOrBackAreToldForDays(LocalDateTime now, String told) {
    Clock clock = Clock.fixed(now.atZone(ZONE).toInstant(), ZONE);
    assertThat(ClockFilter.lastChange(clock)).isEqualTo(Optional.ofNullable(told));
  }
}
