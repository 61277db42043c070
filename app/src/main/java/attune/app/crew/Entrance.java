package attune.app.crew;

import attune.app.crew.CrewViews.Door;
import attune.app.crew.CrewViews.DoorView;
import attune.app.crew.CrewViews.MeView;
import attune.app.shop.ShopService;
import attune.app.web.ShopNetwork;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.util.List;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.stereotype.Component;

/** The door as it stands for whoever asks, and the way in for whoever was let in. */
@Component
class Entrance {
  private final CrewService crew;
  private final PasskeyService passkeys;
  private final Present present;
  private final LogService log;
  private final ShopService shop;
  private final SecurityContextRepository contexts;

  Entrance(
      CrewService crew,
      PasskeyService passkeys,
      Present present,
      LogService log,
      ShopService shop,
      SecurityContextRepository contexts) {
    this.crew = crew;
    this.passkeys = passkeys;
    this.present = present;
    this.log = log;
    this.shop = shop;
    this.contexts = contexts;
  }

  DoorView door(HttpServletRequest request) {
    return new DoorView(
        kind(request),
        shop.settings().name(),
        crew.atTheDoor(),
        Site.of(request).isNamed() && passkeys.areThere(),
        present
            .who(request)
            .map(who -> new MeView(who.id(), who.name(), who.role(), Right.of(who.role())))
            .orElse(null));
  }

  private Door kind(HttpServletRequest request) {
    boolean here = ShopNetwork.isHere(request);
    if (present.isDemo() && here) {
      return Door.DEMO;
    }
    if (crew.hasOwner()) {
      return Door.LOCKED;
    }
    return here ? Door.OPEN_HOUSE : Door.OWNER_FIRST;
  }

  /**
   * Begins a session.
   *
   * @param how they came in, for the log
   */
  void enter(Who who, String how, HttpServletRequest http, HttpServletResponse response) {
    HttpSession before = http.getSession(false);
    if (before != null) {
      before.invalidate(); // a session is one person's
    }
    http.getSession(true).setAttribute(CrewService.DEVICE, ShopNetwork.device(http));
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    context.setAuthentication(
        UsernamePasswordAuthenticationToken.authenticated(
            String.valueOf(who.id()), null, List.of()));
    SecurityContextHolder.setContext(context);
    contexts.saveContext(context, http, response);
    log.note(who.inLog(), LogKind.SIGN_IN, how);
  }
}
