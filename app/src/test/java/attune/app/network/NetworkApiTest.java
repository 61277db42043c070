package attune.app.network;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import attune.app.crew.OwnerCode;
import attune.app.support.RunningAttune;
import attune.app.support.RunningAttune.Running;
import attune.app.support.TestClock;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import javax.net.ssl.SSLContext;
import javax.net.ssl.SSLHandshakeException;
import javax.net.ssl.TrustManagerFactory;
import org.apache.catalina.connector.Connector;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.tomcat.TomcatWebServer;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A shop on its own network, here the loopback address 127.0.0.2: who gets in, and how. */
class NetworkApiTest {
  private static final String HERE = "127.0.0.2";
  private static Path data;
  private static Running attune;
  private static PairingService pairing;

  @BeforeAll
  static void aShopOnItsNetwork(@TempDir Path folder) {
    data = folder;
    List<String> settings =
        NetworkStart.settings(
            List.of(
                "--network",
                "--names=localhost," + HERE,
                "--listen=" + HERE,
                "--attune.network.plain-port=0"),
            data,
            Instant.parse("2026-06-01T00:00:00Z"));
    String[] without =
        settings.stream().filter(word -> !word.startsWith("--server.port")).toArray(String[]::new);
    attune = RunningAttune.start(data, without); // on any free port
    pairing = attune.context().getBean(PairingService.class);
  }

  @AfterAll
  static void closes() {
    attune.close();
  }

  private static HttpClient trusting() {
    try {
      KeyStore trusted = KeyStore.getInstance(KeyStore.getDefaultType());
      trusted.load(null, null);
      trusted.setCertificateEntry("shop", LocalAuthority.read(data.resolve("tls/authority.pem")));
      TrustManagerFactory factory =
          TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
      factory.init(trusted);
      SSLContext context = SSLContext.getInstance("TLS");
      context.init(null, factory.getTrustManagers(), null);
      return HttpClient.newBuilder().sslContext(context).build();
    } catch (IOException | GeneralSecurityException e) {
      throw new IllegalStateException(e);
    }
  }

  private static HttpRequest.Builder to(String path) {
    return HttpRequest.newBuilder(URI.create("https://" + HERE + ":" + attune.port() + path));
  }

  private static HttpResponse<String> send(HttpRequest request)
      throws IOException, InterruptedException {
    return trusting().send(request, BodyHandlers.ofString());
  }

  private static HttpResponse<String> pair(String code, String name)
      throws IOException, InterruptedException {
    return send(
        to("/api/v1/network/devices")
            .header("Content-Type", "application/json")
            .POST(
                BodyPublishers.ofString("{\"code\":\"%s\",\"name\":\"%s\"}".formatted(code, name)))
            .build());
  }

  private static HttpResponse<String> owner(String cookie)
      throws IOException, InterruptedException {
    String code = attune.context().getBean(OwnerCode.class).make();
    return send(
        to("/api/v1/crew/owner")
            .header("Cookie", cookie)
            .header("Content-Type", "application/json")
            .POST(
                BodyPublishers.ofString(
                    "{\"code\":\"%s\",\"name\":\"Mira Holt\",\"passphrase\":\"lantern in the yard\"}"
                        .formatted(code)))
            .build());
  }

  private static String cookieOf(HttpResponse<String> paired) {
    return paired.headers().firstValue("Set-Cookie").orElseThrow().split(";")[0];
  }

  private static int day(String cookie) throws IOException, InterruptedException {
    return send(to("/api/v1/day").header("Cookie", cookie).build()).statusCode();
  }

  @Test
  void aDeviceThatWasNotLetInSeesNothingButTheWayIn() throws IOException, InterruptedException {
    assertThat(send(to("/api/v1/day").build()).statusCode()).isEqualTo(401);
    assertThat(send(to("/api/v1/customers").build()).body()).contains("not let in");
    HttpResponse<String> page = send(to("/people").build());
    assertThat(page.statusCode()).isEqualTo(302);
    assertThat(page.headers().firstValue("Location"))
        .hasValueSatisfying(l -> assertThat(l).endsWith("/pair"));
    assertThat(send(to("/pair").build()).statusCode()).isEqualTo(200);
    for (String around :
        List.of("/assets/../api/v1/day", "/assets/%2e%2e/api/v1/day", "/pair;/../api/v1/day")) {
      assertThat(send(to(around).build()).statusCode()).as(around).isNotEqualTo(200);
    }
    assertThat(
            send(to("/api/v1/network/invites").POST(BodyPublishers.noBody()).build()).statusCode())
        .isEqualTo(401);
  }

  @Test
  void aCodeLetsOneDeviceInOnceAndItIsCutOffAtOnce() throws IOException, InterruptedException {
    String code = pairing.invite().code();
    HttpResponse<String> paired = pair(code, "Tablet on the sill");
    assertThat(paired.statusCode()).isEqualTo(204);
    assertThat(paired.headers().firstValue("Set-Cookie").orElseThrow())
        .contains("Secure", "HttpOnly", "SameSite=Strict");
    assertThat(pair(code, "Another").statusCode()).as("once").isEqualTo(409);
    String letIn = cookieOf(paired);
    assertThat(day(letIn)).as("let in, and nobody signed in yet").isEqualTo(401);
    assertThat(send(to("/api/v1/crew/door").header("Cookie", letIn).build()).body())
        .contains("owner-first");
    HttpResponse<String> owner = owner(letIn);
    assertThat(owner.headers().firstValue("Set-Cookie").orElseThrow())
        .contains("Secure", "HttpOnly", "SameSite=Strict");
    assertThat(day(cookieOf(owner))).as("signed in on a device not let in").isEqualTo(401);
    String cookie = letIn + "; " + cookieOf(owner);
    assertThat(day(cookie)).isEqualTo(200);
    JsonNode devices =
        JsonMapper.shared()
            .readTree(send(to("/api/v1/network").header("Cookie", cookie).build()).body())
            .get("devices");
    assertThat(devices).anyMatch(d -> d.get("name").asString().equals("Tablet on the sill"));
    for (JsonNode device : devices) {
      pairing.cutOff(java.util.UUID.fromString(device.get("id").asString()));
    }
    assertThat(day(cookie)).isEqualTo(401);
  }

  @Test
  void aCodeIsGoneAfterFiveWrongTriesAndAfterTenMinutes() throws IOException, InterruptedException {
    String code = pairing.invite().code();
    String wrong = code.equals("000000") ? "000001" : "000000";
    for (int i = 0; i < 5; i++) {
      assertThat(pair(wrong, "Guesser").statusCode()).isEqualTo(422);
    }
    assertThat(pair(code, "Guesser").statusCode()).isEqualTo(409);
    String late = pairing.invite().code();
    attune.context().getBean(TestClock.class).pass(Duration.ofMinutes(11));
    assertThat(pair(late, "Late").statusCode()).isEqualTo(409);
  }

  @Test
  void whoeverDoesNotTrustTheShopsAuthorityIsNotConnected() {
    assertThatThrownBy(
            () -> HttpClient.newHttpClient().send(to("/pair").build(), BodyHandlers.ofString()))
        .isInstanceOf(SSLHandshakeException.class);
  }

  @Test
  void plainHttpAnswersWithTheWayToTlsAndTheCertificateAlone()
      throws IOException, InterruptedException {
    int plain = plainPort();
    HttpClient client = HttpClient.newHttpClient();
    for (String path : List.of("/", "/api/v1/day", "/report/x")) {
      String body =
          client
              .send(
                  HttpRequest.newBuilder(URI.create("http://" + HERE + ":" + plain + path)).build(),
                  BodyHandlers.ofString())
              .body();
      assertThat(body).contains("https://" + HERE + ":" + attune.port() + "/").doesNotContain("{");
    }
    HttpResponse<String> certificate =
        client.send(
            HttpRequest.newBuilder(URI.create("http://" + HERE + ":" + plain + "/attune-shop.crt"))
                .build(),
            BodyHandlers.ofString());
    assertThat(certificate.body()).isEqualTo(Files.readString(data.resolve("tls/authority.pem")));
  }

  private static int plainPort() {
    TomcatWebServer server =
        (TomcatWebServer) ((ServletWebServerApplicationContext) attune.context()).getWebServer();
    for (Connector connector : server.getTomcat().getService().findConnectors()) {
      if (connector.getLocalPort() != attune.port()) {
        return connector.getLocalPort();
      }
    }
    throw new AssertionError("no plain connector");
  }

  @Test
  void aLabelsCodeLeadsToTheAddressOnTheNetwork() {
    assertThat(attune.context().getBean(attune.app.web.ShopNetwork.class).address())
        .hasValue("https://" + HERE + ":" + attune.port());
  }
}
