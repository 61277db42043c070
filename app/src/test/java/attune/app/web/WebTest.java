package attune.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.support.Api;
import attune.app.support.Api.Answer;
import attune.app.support.RunningAttune;
import java.io.IOException;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The front end's pages, the API document, and who may knock. */
@ExtendWith(RunningAttune.class)
class WebTest {
  private static final Path COMMITTED = Path.of("openapi.json");

  @ParameterizedTest
  @ValueSource(strings = {"/", "/new", "/shelf", "/jobs/1/match/wheel-rim", "/jobs/1/bench"})
  void aDeepLinkOpensTheFrontEnd(String path, Api api) {
    Answer page = api.get(path);
    assertThat(page.status()).isEqualTo(200);
    assertThat(page.text()).contains("<div id=\"root\">").contains("/assets/");
  }

  @Test
  void thePageAsksForNothingFromElsewhere(Api api) {
    String page = api.get("/").text();
    assertThat(page).doesNotContain("http://").doesNotContain("https://");
    Matcher script = Pattern.compile("src=\"(/assets/[^\"]+)\"").matcher(page);
    assertThat(script.find()).isTrue();
    assertThat(api.get(script.group(1)).status()).isEqualTo(200);
  }

  @ParameterizedTest
  @ValueSource(strings = {"/api/v1/nothing", "/assets/gone.js", "/api/v1/layouts/submarine"})
  void whatIsNotThereIsFourOhFourNotAPage(String path, Api api) {
    Answer gone = api.get(path);
    assertThat(gone.status()).isEqualTo(404);
    assertThat(gone.text()).doesNotContain("<div id=\"root\">").doesNotContain("\tat ");
  }

  @Test
  void itListensOnTheLoopbackAddressOnly(RunningAttune.Running running) {
    assertThat(running.context().getEnvironment().getProperty("server.address"))
        .isEqualTo("127.0.0.1");
  }

  @ParameterizedTest
  @CsvSource({
    "Origin, http://evil.example",
    "Origin, null",
    "Origin, http://localhost:1",
    "Sec-Fetch-Site, cross-site",
    "Sec-Fetch-Site, same-site",
  })
  void noForeignPageChangesAnything(String header, String value, Api api) {
    Answer refused = api.sendWith(Map.of(header, value), "PUT", "/api/v1/shop/rules", "{}");
    assertThat(refused.status()).isEqualTo(403);
    assertThat(refused.json().get("detail").asString()).contains("Only Attune's own pages");
    assertThat(api.sendWith(Map.of(header, value), "GET", "/api/v1/finishes", "").status())
        .isEqualTo(200);
  }

  @Test
  void aPageOfAnOlderAttuneIsToldSo(Api api) {
    Map<String, String> script = Map.of("Sec-Fetch-Mode", "cors", "Sec-Fetch-Dest", "empty");
    Answer older = api.sendWith(script, "GET", "/api/v1/finishes", "");
    assertThat(older.status()).isEqualTo(426);
    assertThat(older.json().get("detail").asString()).startsWith("This page is older than Attune");
    Map<String, String> ours = new HashMap<>(script);
    ours.put(OlderPagesFilter.HEADER, OlderPagesFilter.MEANING);
    assertThat(api.sendWith(ours, "GET", "/api/v1/finishes", "").status()).isEqualTo(200);
  }

  @ParameterizedTest
  @CsvSource({"no-cors, image", "navigate, document", "no-cors, empty", "navigate, empty"})
  void whatIsShownOrSavedAsItIsNeedNotSayHowOldItsPageIs(String mode, String goes, Api api) {
    Map<String, String> link = Map.of("Sec-Fetch-Mode", mode, "Sec-Fetch-Dest", goes);
    assertThat(api.sendWith(link, "GET", "/api/v1/finishes", "").status()).isEqualTo(200);
  }

  @Test
  void aNameThatIsNotThisMachinesIsNotAnswered(RunningAttune.Running running) throws IOException {
    try (Socket socket = new Socket("127.0.0.1", running.port())) {
      String ask =
          "GET /api/v1/jobs HTTP/1.1\r\nHost: rebound.example\r\nConnection: close\r\n\r\n";
      socket.getOutputStream().write(ask.getBytes(StandardCharsets.US_ASCII));
      assertThat(new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8))
          .startsWith("HTTP/1.1 403");
    }
  }

  /** Refresh the committed copy with {@code -Dattune.openapi.write=true}. */
  @Test
  void theCommittedApiDocumentIsTheOneServed(Api api) throws IOException {
    JsonMapper mapper = JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();
    ObjectNode served = (ObjectNode) mapper.readTree(api.get("/api/v1/openapi.json").text());
    served.remove("servers"); // where it happens to run
    if (Boolean.getBoolean("attune.openapi.write")) {
      Files.writeString(COMMITTED, mapper.writeValueAsString(served) + "\n");
    }
    assertThat(mapper.readTree(Files.readString(COMMITTED)).equals(served))
        .as("app/openapi.json is stale: run with -Dattune.openapi.write=true, then npm run types")
        .isTrue();
  }

  @Test
  void finishesAndLayoutsAreThereToChooseFrom(Api api) {
    assertThat(api.get("/api/v1/finishes").json()).hasSize(23);
    assertThat(api.get("/api/v1/layouts").json()).hasSize(9);
    assertThat(api.get("/api/v1/shelf").json().get("products").size()).isGreaterThan(13);
  }

  @Test
  void theDemoHasItsVehiclesInDifferentStates(Api api) {
    String day = api.get("/api/v1/day").text();
    assertThat(day)
        .contains("Brindlewick Lumen", "Oxmarrow Fells", "Tidewren 24", "Pellarin Corvid")
        .contains("\"match\"", "\"bench\"", "\"handover\"");
  }
}
