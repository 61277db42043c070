package attune.app.network;

import attune.app.web.Refusal;
import attune.app.web.ShopNetwork;
import attune.core.words.Phrases;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * On the shop's network only devices that were let in see anything but the way in, a customer's own
 * link, and what the pages are drawn with. The machine itself is always in.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 2)
class DeviceFilter extends OncePerRequestFilter {
  private static final Phrases PHRASES = Phrases.of(DeviceFilter.class);

  static final String COOKIE = "attune-device";

  private static final List<String> OPEN =
      List.of("/assets/", "/report/", "/api/v1/reports/", "/workbox-");
  private static final Set<String> OPEN_FILES =
      Set.of("/pair", "/index.html", "/manifest.json", "/mark.svg", "/sw.js");
  private static final Pattern PLAIN = Pattern.compile("[A-Za-z0-9/._-]+");
  private static final String PAIR = "/pair";
  private static final String HALF_YEAR = "max-age=15768000";

  private final ShopNetwork network;
  private final PairingService pairing;

  DeviceFilter(ShopNetwork network, PairingService pairing) {
    this.network = network;
    this.pairing = pairing;
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return !network.isOn();
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (!request.isSecure()) {
      chain.doFilter(request, response); // answered by the way in
      return;
    }
    response.setHeader("Strict-Transport-Security", HALF_YEAR);
    Optional<String> device = token(request).flatMap(pairing::seen);
    device.ifPresent(name -> request.setAttribute(ShopNetwork.DEVICE, name));
    if (ShopNetwork.isHere(request) || isOpen(request) || device.isPresent()) {
      chain.doFilter(request, response);
    } else if (request.getRequestURI().startsWith("/api/")) {
      response.setHeader("Attune-Pair", PAIR); // an open page leads there
      Refusal.write(response, HttpStatus.UNAUTHORIZED, PHRASES.say("this-device-is-not-let"));
    } else {
      response.sendRedirect(PAIR);
    }
  }

  private static boolean isOpen(HttpServletRequest request) {
    String path = request.getRequestURI();
    if (!PLAIN.matcher(path).matches() || path.contains("..") || path.contains("//")) {
      return false; // what is written another way may mean another place
    }
    boolean pairs = path.equals("/api/v1/network/devices") && request.getMethod().equals("POST");
    return pairs || OPEN_FILES.contains(path) || OPEN.stream().anyMatch(path::startsWith);
  }

  private static Optional<String> token(HttpServletRequest request) {
    return request.getCookies() == null
        ? Optional.empty()
        : Arrays.stream(request.getCookies())
            .filter(cookie -> cookie.getName().equals(COOKIE))
            .map(Cookie::getValue)
            .findFirst();
  }
}
