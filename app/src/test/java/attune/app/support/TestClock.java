package attune.app.support;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import org.springframework.context.annotation.Primary;
import org.springframework.stereotype.Component;

/** A clock that is moved by hand, so that waits pass without waiting. */
@Component
@Primary
public class TestClock extends Clock {
  private final Clock real = Clock.systemDefaultZone();
  private Duration ahead = Duration.ZERO;

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
