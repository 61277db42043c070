package attune.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Every answer says what time it is here: screens go by this clock, not by their device's. */
@Component
class ClockFilter extends OncePerRequestFilter {
  private static final String NOW = "Attune-Now";
  private static final String SET = "Attune-Clock-Set";

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
    chain.doFilter(request, response);
  }
}
