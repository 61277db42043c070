package attune.app.web;

import attune.core.words.Phrases;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;

/** Where the shop is reached: on this machine alone, or on its network too. */
@Component
public class ShopNetwork {
  private static final Phrases PHRASES = Phrases.of(ShopNetwork.class);

  /** Attribute of a request with the name of the device it comes from. */
  public static final String DEVICE = ShopNetwork.class.getName() + ".device";

  private static final String LOCAL = "127.";
  private static final Set<String> ITSELF = Set.of("127.0.0.1", "0:0:0:0:0:0:0:1", "::1");

  private final boolean on;
  private final List<String> names;
  private final String authority;
  private final Environment environment;

  ShopNetwork(
      @Value("${attune.network.on:false}") boolean on,
      @Value("${attune.network.names:}") List<String> names,
      @Value("${attune.network.authority:}") String authority,
      Environment environment) {
    this.on = on;
    this.names = names.stream().map(name -> name.toLowerCase(Locale.ROOT)).toList();
    this.authority = authority;
    this.environment = environment;
  }

  /** Whether whoever asks sits at the machine: it came in by its own address and from it. */
  public static boolean isHere(HttpServletRequest request) {
    return ITSELF.contains(request.getLocalAddr()) && ITSELF.contains(request.getRemoteAddr());
  }

  /** The device a request comes from, as the shop calls it. */
  public static String device(HttpServletRequest request) {
    return request.getAttribute(DEVICE) instanceof String name
        ? name
        : PHRASES.say("the-machine-itself");
  }

  public boolean isOn() {
    return on;
  }

  /** Whether the shop answers to a name on its network. */
  public boolean answersTo(String name) {
    return on && names.contains(name.toLowerCase(Locale.ROOT));
  }

  /** File of the authority devices are told to trust; empty where the shop has its own. */
  public Optional<String> authority() {
    return authority.isBlank() ? Optional.empty() : Optional.of(authority);
  }

  /** Port TLS is spoken at. */
  public int port() {
    return environment.getRequiredProperty("local.server.port", Integer.class);
  }

  /**
   * The address that leads here from another device: by number rather than by name, as few networks
   * know names; empty on this machine alone.
   */
  public Optional<String> address() {
    if (!on) {
      return Optional.empty();
    }
    return names.stream()
        .filter(name -> name.matches("\\d+(\\.\\d+){3}") && !name.equals("127.0.0.1"))
        .min((a, b) -> Boolean.compare(a.startsWith(LOCAL), b.startsWith(LOCAL)))
        .or(() -> names.stream().filter(name -> !name.equals("localhost")).findFirst())
        .map(name -> "https://" + name + ":" + port());
  }
}
