package attune.app.web;

import attune.core.words.Phrases;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Set;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Lets nobody else's page read or write: the name asked for must be this machine's own or one of
 * the shop's network, a browser's change must come from Attune's own page, and what a plain form
 * could send is no change. Every answer says how browsers are to treat it.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class OwnPagesFilter extends OncePerRequestFilter {
  private static final Phrases PHRASES = Phrases.of(OwnPagesFilter.class);
  private static final Set<String> OWN_NAMES = Set.of("localhost", "127.0.0.1", "[::1]", "::1");
  private static final int HTTP = 80;
  private static final int HTTPS = 443;
  private static final Set<String> READS = Set.of("GET", "HEAD", "OPTIONS");
  private static final Set<String> SAME = Set.of("same-origin", "none");

  /** The one style element that is let in: Radix hides the scroll bar of its lists with it. */
  private static final String LIST_STYLE = "sha256-441zG27rExd4/il+NvIqyL8zFx5XmyNQtE381kSkUJk=";

  private static final String POLICY =
      "default-src 'self'; img-src 'self' data: blob:; style-src 'self' '"
          + LIST_STYLE
          + "';"
          + " font-src 'self' data:; connect-src 'self'; object-src 'none'; base-uri 'self';"
          + " form-action 'self'; frame-ancestors 'none'";

  /** Photos come from the device's own picker: nothing of this is asked for. */
  private static final String UNUSED =
      "camera=(), geolocation=(), microphone=(), payment=(), usb=()";

  private final ShopNetwork network;

  OwnPagesFilter(ShopNetwork network) {
    this.network = network;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    headers(request, response);
    if (!isOwnName(request.getServerName())) {
      Refusal.write(response, HttpStatus.FORBIDDEN, PHRASES.say("this-is-not-the-name"));
    } else if (!READS.contains(request.getMethod()) && isForeign(request)) {
      Refusal.write(response, HttpStatus.FORBIDDEN, PHRASES.say("only-own-pages-change"));
    } else {
      chain.doFilter(request, response);
    }
  }

  private boolean isOwnName(String name) {
    return OWN_NAMES.contains(name) || network.answersTo(name);
  }

  private static void headers(HttpServletRequest request, HttpServletResponse response) {
    response.setHeader("Content-Security-Policy", POLICY);
    response.setHeader("X-Content-Type-Options", "nosniff");
    response.setHeader("X-Frame-Options", "DENY");
    response.setHeader("Referrer-Policy", "no-referrer");
    response.setHeader("Permissions-Policy", UNUSED);
    response.setHeader("Cross-Origin-Resource-Policy", "same-origin");
    if (request.getRequestURI().startsWith("/api/")) {
      response.setHeader("Cache-Control", "no-store");
    }
  }

  /** A browser says where a change comes from; a program that is none says nothing. */
  private static boolean isForeign(HttpServletRequest request) {
    String origin = request.getHeader("Origin");
    String site = request.getHeader("Sec-Fetch-Site");
    return origin != null && !isOwn(origin, request) || site != null && !SAME.contains(site);
  }

  private static boolean isOwn(String origin, HttpServletRequest request) {
    try {
      URI from = URI.create(origin);
      return request.getServerName().equals(from.getHost())
          && request.getServerPort() == (from.getPort() < 0 ? usual(request) : from.getPort());
    } catch (IllegalArgumentException e) {
      return false;
    }
  }

  private static int usual(HttpServletRequest request) {
    return request.isSecure() ? HTTPS : HTTP;
  }
}
