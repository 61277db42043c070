package attune.app.crew;

import attune.app.web.ShopNetwork;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.security.authentication.AnonymousAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/** Tells who is there: by their session, or, at the machine itself, by what the shop is yet. */
@Component
public class Present {
  private final CrewService crew;
  private final boolean demo;

  Present(CrewService crew, @Value("${attune.demo:false}") boolean demo) {
    this.crew = crew;
    this.demo = demo;
  }

  /** Whoever asks; empty for who has still to sign in. */
  public Optional<Who> who(HttpServletRequest request) {
    Optional<Who> signedIn = signedIn();
    if (signedIn.isPresent() || !ShopNetwork.isHere(request)) {
      return signedIn;
    }
    if (demo) {
      return crew.firstOwner().or(() -> Optional.of(Who.HOUSE)); // while it is filled
    }
    return crew.hasOwner() ? Optional.empty() : Optional.of(Who.HOUSE);
  }

  /** Whoever asks in the request under way. */
  public Optional<Who> who() {
    return RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes now
        ? who(now.getRequest())
        : Optional.empty();
  }

  boolean isDemo() {
    return demo;
  }

  private Optional<Who> signedIn() {
    Authentication found = SecurityContextHolder.getContext().getAuthentication();
    return found == null || found instanceof AnonymousAuthenticationToken
        ? Optional.empty()
        : crew.who(UUID.fromString(found.getName()));
  }
}
