package attune.app.shop;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.support.Api;
import attune.app.support.Api.Answer;
import attune.app.support.RunningAttune;
import attune.app.support.RunningAttune.Running;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.util.HexFormat;
import java.util.Set;
import java.util.TreeSet;
import java.util.zip.ZipFile;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** What the shop sets reaches the rules, and everything it has fits into one backup. */
class ShopApiTest {
  @TempDir Path data;
  private Running attune;
  private Api api;

  @BeforeEach
  void aShop() {
    attune = RunningAttune.start(data, "--attune.shop=Lantern Yard Trim Care");
    api = attune.api();
  }

  @AfterEach
  void closeUp() {
    attune.close();
  }

  private ObjectNode settings() {
    return (ObjectNode) api.get("/api/v1/shop").json();
  }

  private Answer save(ObjectNode settings) {
    return api.put("/api/v1/shop", settings.toString());
  }

  private double ph(String side) {
    return api.post(
            "/api/v1/mix",
            "{\"ratio\":\"1:15\",\"bottleMl\":500,\"productId\":\"tarnwick-alkaline\"}")
        .json()
        .get(side)
        .asDouble();
  }

  @Test
  void hardWaterWidensTheDoubtOfAMixAndDeionisedNarrowsIt() {
    double asSupplied = ph("phHigh") - ph("phLow");
    assertThat(save(settings().put("alkalinity", 8)).status()).isEqualTo(200);
    double hard = ph("phHigh") - ph("phLow");
    assertThat(save(settings().put("deionised", true)).status()).isEqualTo(200);
    double pure = ph("phHigh") - ph("phLow");
    assertThat(hard).isGreaterThan(asSupplied);
    assertThat(pure).isLessThan(asSupplied);
  }

  @Test
  void nothingIsPlannedBeforeTheShopOpens() {
    save(settings().put("opens", "10:15").put("closes", "16:00"));
    String job = api.surveyedJob("Late opening");
    api.patch(
        "/api/v1/jobs/" + job,
        "{\"setting\":{\"start\":\"2026-06-01T15:30\"},\"wishes\":{\"protection\":\"barrier\"}}");
    boolean nextDay = false;
    for (JsonNode task : api.get("/api/v1/jobs/" + job + "/plan").json().get("timeline")) {
      String start = task.get("start").asString();
      if (task.has("person") && start.startsWith("2026-06-02")) {
        nextDay = true;
        assertThat(start.substring(11)).isGreaterThanOrEqualTo("10:15");
      }
    }
    assertThat(nextDay).isTrue();
  }

  @Test
  void restsAreTheShopsOwnAndAWholeDayHasThem() {
    assertThat(settings().at("/breaks/everyMin").asInt()).isEqualTo(120);
    ObjectNode often = settings();
    often.putObject("breaks").put("everyMin", 30).put("min", 15);
    assertThat(save(often).status()).isEqualTo(200);
    String job = api.surveyedJob("Rests often");
    JsonNode rounds = api.get("/api/v1/jobs/" + job + "/plan").json().get("rounds");
    assertThat(rounds.valueStream().filter(r -> r.get("step").asString().equals("break")))
        .isNotEmpty();
    often.putObject("breaks").put("everyMin", 5).put("min", 15);
    Answer refused = save(often);
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.fault().get("pointer").asString()).isEqualTo("/breaks/everyMin");
  }

  @Test
  void nobodyIsPlannedOnADayTheShopIsClosedOrTheyAreOff() {
    ObjectNode settings = settings().put("opens", "10:15").put("closes", "16:00");
    settings.set("closed", JsonMapper.shared().readTree("[\"tuesday\"]"));
    ((ObjectNode) settings.get("people").get(0))
        .set("off", JsonMapper.shared().readTree("[\"wednesday\"]"));
    assertThat(save(settings).status()).isEqualTo(200);
    String job = api.surveyedJob("Over a day off");
    api.patch("/api/v1/jobs/" + job, "{\"setting\":{\"start\":\"2026-06-01T15:30\"}}"); // a Monday
    assertThat(days(job)).containsExactly("2026-06-01", "2026-06-03");
    String name = settings.at("/people/0/name").asString();
    api.put("/api/v1/jobs/" + job + "/timetable/crew", "{\"crew\":[\"" + name + "\"]}");
    assertThat(days(job)).containsExactly("2026-06-01", "2026-06-04");
  }

  /** Days on which somebody works. */
  private Set<String> days(String job) {
    Set<String> days = new TreeSet<>();
    for (JsonNode task : api.get("/api/v1/jobs/" + job + "/plan").json().get("timeline")) {
      if (task.has("person")) {
        days.add(task.get("start").asString().substring(0, 10));
      }
    }
    return days;
  }

  @Test
  void settingsStayAndASecondHandIsNotOverwritten() {
    ObjectNode first = settings().put("units", "us").put("locale", "en-US");
    assertThat(save(first).status()).isEqualTo(200);
    assertThat(save(first).status()).as("from an old state").isEqualTo(409);
    attune.close();
    attune = RunningAttune.start(data);
    api = attune.api();
    assertThat(settings().get("units").asString()).isEqualTo("us");
    assertThat(settings().get("name").asString()).isEqualTo("Lantern Yard Trim Care");
  }

  @Test
  void aBackupHoldsEverythingAndAnEmptyDirectoryStartsFromIt(@TempDir Path other) throws Exception {
    String job = api.surveyedJob("Kept safe");
    api.postFile(
        "/api/v1/shelf/products/marlpit-mild/safety-sheet", "s.pdf", "%PDF-1.7".getBytes());
    String name = api.post("/api/v1/backups").json().get("name").asString();
    assertThat(api.get("/api/v1/backups").text()).contains(name);
    unpacked(data.resolve("backups").resolve(name), other);
    try (Running again = RunningAttune.start(other)) {
      assertThat(again.api().get("/api/v1/jobs/" + job).json().at("/document/title").asString())
          .isEqualTo("Kept safe");
      assertThat(again.api().get("/api/v1/shelf/products/marlpit-mild/safety-sheet").text())
          .isEqualTo("%PDF-1.7");
    }
  }

  /** Unpacks, holding every file to the manifest's SHA-256. */
  private static void unpacked(Path file, Path into) throws Exception {
    try (ZipFile zip = new ZipFile(file.toFile())) {
      JsonNode manifest =
          JsonMapper.shared().readTree(zip.getInputStream(zip.getEntry("manifest.json")));
      assertThat(manifest.get("files").toString())
          .contains("attune.mv.db")
          .contains("safety-sheets/");
      for (JsonNode entry : manifest.get("files")) {
        String name = entry.get("name").asString();
        byte[] bytes = bytes(zip, name);
        byte[] digest = MessageDigest.getInstance("SHA-256").digest(bytes);
        assertThat(HexFormat.of().formatHex(digest)).isEqualTo(entry.get("sha256").asString());
        Path to = into.resolve(name);
        Files.createDirectories(to.getParent());
        Files.write(to, bytes);
      }
    }
  }

  private static byte[] bytes(ZipFile zip, String name) throws IOException {
    try (InputStream in = zip.getInputStream(zip.getEntry(name))) {
      return in.readAllBytes();
    }
  }
}
