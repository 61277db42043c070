package attune.app.support;

import attune.app.web.Time;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Primary;
import org.springframework.stereotype.Component;

/**
 * The clock of the tests: it starts on one June Tuesday, whatever the day, and is moved on by hand,
 * so that waits pass without waiting.
 */
@Component
@Primary
public class TestClock extends Clock {
  /** When every test's day begins. */
  public static final LocalDateTime START = LocalDateTime.of(2026, 6, 9, 8, 15);

  public static final LocalDate TODAY = START.toLocalDate();

  private final Clock real;
  private Duration ahead = Duration.ZERO;

  public TestClock() {
    this("");
  }

  @Autowired
  TestClock(@Value("${attune.clock:}") String start) {
    real = Time.startingAt(start.isBlank() ? START.toString() : start);
  }

  public synchronized void pass(Duration time) {
    ahead = ahead.plus(time);
  }

  @Override
  public ZoneId getZone() {
    return real.getZone();
  }

  @Override
  public Clock withZone(ZoneId zone) {
    return real.withZone(zone);
  }

  @Override
  public synchronized Instant instant() {
    return real.instant().plus(ahead);
  }
}
