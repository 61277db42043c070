package attune.app.network;

import attune.core.words.Phrases;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.util.List;
import java.util.Optional;

/** Whether the port Attune is to answer at is free, asked before anything is opened. */
public final class PortCheck {
  private static final Phrases PHRASES = Phrases.of(PortCheck.class);
  private static final String PORT = "--server.port=";
  private static final String USUAL = "8080";

  private PortCheck() {}

  /** In a line, what is wrong with it. */
  public static Optional<String> fault(List<String> settings) {
    String port =
        settings.stream()
            .filter(setting -> setting.startsWith(PORT))
            .map(setting -> setting.substring(PORT.length()))
            .reduce(USUAL, (usual, told) -> told);
    try (ServerSocket tried = new ServerSocket()) {
      tried.setReuseAddress(true);
      tried.bind(new InetSocketAddress(InetAddress.getLoopbackAddress(), Integer.parseInt(port)));
      return Optional.empty();
    } catch (IOException | IllegalArgumentException e) {
      return Optional.of(PHRASES.say("port-found", port));
    }
  }
}
