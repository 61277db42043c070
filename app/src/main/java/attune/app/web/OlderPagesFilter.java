package attune.app.web;

import attune.core.words.Phrases;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Tells a page that was loaded from an older Attune so, before it makes something else of an answer
 * than it means. Programs and what a page shows or saves as it is, such as photos and papers, are
 * let by.
 */
@Component
class OlderPagesFilter extends OncePerRequestFilter {
  /** What answers mean; a page says which it knows. One more when an answer changes its meaning. */
  static final String MEANING = "2";

  static final String HEADER = "Attune-Page";
  private static final Phrases PHRASES = Phrases.of(OlderPagesFilter.class);

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (isPageAsking(request) && !MEANING.equals(request.getHeader(HEADER))) {
      Refusal.write(response, HttpStatus.UPGRADE_REQUIRED, PHRASES.say("this-page-is-older"));
    } else {
      chain.doFilter(request, response);
    }
  }

  /**
   * A browser says of a script's request, and of no link that saves a file, that it goes nowhere
   * and heeds origins; only events carry no word of ours.
   */
  private static boolean isPageAsking(HttpServletRequest request) {
    String accepts = request.getHeader("Accept");
    return request.getRequestURI().startsWith("/api/")
        && "empty".equals(request.getHeader("Sec-Fetch-Dest"))
        && "cors".equals(request.getHeader("Sec-Fetch-Mode"))
        && (accepts == null || !accepts.contains(MediaType.TEXT_EVENT_STREAM_VALUE));
  }
}
