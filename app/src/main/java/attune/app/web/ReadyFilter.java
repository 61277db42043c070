package attune.app.web;

import attune.core.words.Phrases;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.boot.availability.ApplicationAvailability;
import org.springframework.boot.availability.ReadinessState;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Answers nothing of the shop while it is still being filled: half of it is worse than none. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 3)
class ReadyFilter extends OncePerRequestFilter {
  private static final Phrases PHRASES = Phrases.of(ReadyFilter.class);

  private static final String SOON_S = "2";

  private final ApplicationAvailability availability;

  ReadyFilter(ApplicationAvailability availability) {
    this.availability = availability;
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return !request.getRequestURI().startsWith("/api/")
        || availability.getReadinessState() == ReadinessState.ACCEPTING_TRAFFIC;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    response.setHeader(HttpHeaders.RETRY_AFTER, SOON_S);
    Refusal.write(
        response, HttpStatus.SERVICE_UNAVAILABLE, PHRASES.say("attune-is-still-getting-ready"));
  }
}
