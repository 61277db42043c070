package attune.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.time.zone.ZoneOffsetTransition;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Every answer says what time it is here: screens go by this clock, not by their device's. */
@Component
class ClockFilter extends OncePerRequestFilter {
  private static final String NOW = "Attune-Now";
  private static final String SET = "Attune-Clock-Set";
  private static final String CHANGED = "Attune-Clock-Changed";

  /** No wait at the bench goes on longer. */
  private static final Duration LONGEST_WAIT = Duration.ofDays(3);

  private final Clock clock;
  private final boolean set;

  ClockFilter(Clock clock, @Value("${attune.clock:}") String start) {
    this.clock = clock;
    this.set = !start.isBlank();
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    response.setHeader(NOW, LocalDateTime.now(clock).truncatedTo(ChronoUnit.MILLIS).toString());
    if (set) {
      response.setHeader(SET, "true");
    }
    lastChange(clock).ifPresent(change -> response.setHeader(CHANGED, change));
    chain.doFilter(request, response);
  }

  /** What the wall showed before and after its clocks were last put forward or back. */
  static Optional<String> lastChange(Clock clock) {
    Instant now = clock.instant();
    ZoneOffsetTransition last = clock.getZone().getRules().previousTransition(now);
    return Optional.ofNullable(last)
        .filter(change -> change.getInstant().isAfter(now.minus(LONGEST_WAIT)))
        .map(change -> change.getDateTimeBefore() + "/" + change.getDateTimeAfter());
  }
}
