package attune.core.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Waits over the nights when clocks change; in Port Ansley that is Europe/London's. */
class WaitClockTest {
  private static final ZoneId LONDON = ZoneId.of("Europe/London");
  private static final WaitClock CLOCK = new WaitClock(LONDON);
  private static final Duration DAY = Duration.ofHours(24);

  private static LocalDateTime at(String local) {
    return LocalDateTime.parse(local);
  }

  @Test
  void aDayOfCureOverTheSpringNightEndsAnHourLaterOnTheWall() {
    assertThat(CLOCK.endOf(at("2026-03-28T18:00"), DAY)).isEqualTo(at("2026-03-29T19:00"));
  }

  @Test
  void aDayOfCureOverTheAutumnNightEndsAnHourEarlierOnTheWall() {
    assertThat(CLOCK.endOf(at("2026-10-24T18:00"), DAY)).isEqualTo(at("2026-10-25T17:00"));
  }

  @Test
  void anyOtherNightIsTheWallsOwn() {
    assertThat(CLOCK.endOf(at("2026-06-09T18:00"), DAY)).isEqualTo(at("2026-06-10T18:00"));
    assertThat(CLOCK.endOf(at("2026-06-09T08:15:30.250"), 90))
        .isEqualTo(at("2026-06-09T08:17:00.250"));
  }

  @Test
  void whatEndsTheSecondTimeTheWallShowsAnHourIsNotOverTheFirst() {
    assertThat(CLOCK.endOf(at("2026-10-24T23:30"), Duration.ofHours(3)))
        .as("half past one, for the second time")
        .isEqualTo(at("2026-10-25T02:00"));
  }

  @Test
  void whateverTheNightNothingIsOverBeforeItsTime() {
    Random random = new Random(20260329);
    for (int i = 0; i < 20_000; i++) {
      LocalDateTime eve = at(random.nextBoolean() ? "2026-03-28T12:00" : "2026-10-24T12:00");
      Instant began = eve.atZone(LONDON).toInstant().plusSeconds(random.nextInt(18 * 3600));
      Duration length = Duration.ofSeconds(random.nextInt(36 * 3600));
      LocalDateTime end = CLOCK.endOf(began.atZone(LONDON).toLocalDateTime(), length);
      Instant due = began.plus(length);
      LocalDateTime justBefore = due.minusSeconds(1).atZone(LONDON).toLocalDateTime();
      assertThat(end).as("%s and %s", began, length).isAfter(justBefore);
      assertThat(Duration.between(due, end.atZone(LONDON).toInstant()))
          .as("begun and over in the hour that is shown twice")
          .isLessThanOrEqualTo(Duration.ofHours(2));
    }
  }
}
