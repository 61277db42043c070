package attune.app.network;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.util.List;
import org.junit.jupiter.api.Test;

class PortCheckTest {
  @Test
  void aPortThatIsTakenIsSaidInALineAndAFreeOneIsNot() throws IOException {
    int port;
    try (ServerSocket taken = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
      port = taken.getLocalPort();
      assertThat(PortCheck.fault(List.of("--server.port=" + port)))
          .contains(
              "--port: found %d, in use by another program or not allowed; end that one, or name another port"
                  .formatted(port));
    }
    assertThat(PortCheck.fault(List.of("--server.port=" + port))).isEmpty();
    assertThat(PortCheck.fault(List.of("--server.port=99999"))).get().asString().contains("99999");
    assertThat(PortCheck.fault(List.of("--server.port=http"))).get().asString().contains("http");
  }
}
