package attune.app.transfer;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.backup.RestoreCommand;
import attune.app.crew.CrewService;
import attune.app.crew.Role;
import attune.app.support.Api;
import attune.app.support.Api.Answer;
import attune.app.support.RunningAttune;
import attune.app.support.RunningAttune.Running;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.apache.commons.codec.digest.DigestUtils;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Everything out and in again, to the same state; and back to a backup. */
class TransferApiTest {
  private static Map<String, String> parts(byte[] zip) throws IOException {
    Map<String, String> parts = new TreeMap<>();
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
      for (ZipEntry e = in.getNextEntry(); e != null; e = in.getNextEntry()) {
        parts.put(e.getName(), new String(in.readAllBytes(), StandardCharsets.ISO_8859_1));
      }
    }
    return parts;
  }

  private static byte[] zip(Map<String, String> parts) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream out = new ZipOutputStream(bytes)) {
      for (Map.Entry<String, String> part : parts.entrySet()) {
        out.putNextEntry(new ZipEntry(part.getKey()));
        out.write(part.getValue().getBytes(StandardCharsets.ISO_8859_1));
        out.closeEntry();
      }
    }
    return bytes.toByteArray();
  }

  /** A shop with a customer, a job handed over and one at the bench. */
  private static String aShop(Api api) {
    api.post("/api/v1/customers", "{\"name\":\"Maren Tolliver\",\"uses\":[],\"notes\":\"Quay 3\"}");
    String gone = api.surveyedJob("Gone");
    api.post("/api/v1/jobs/" + gone + "/bench");
    api.doEverything(gone);
    api.post("/api/v1/jobs/" + gone + "/handover");
    String job = api.surveyedJob("At the bench");
    api.post("/api/v1/jobs/" + job + "/bench");
    api.tell(job, "receive", "done");
    api.see(job, "test-spot-1", "clean");
    return job;
  }

  @Test
  void anEmptyInstallationComesToTheSameStateAndWorksOn(@TempDir Path first, @TempDir Path second)
      throws IOException {
    byte[] exported;
    String job;
    try (Running one = RunningAttune.start(first)) {
      job = aShop(one.api());
      exported = one.api().bytes("/api/v1/export.zip");
      Answer full = one.api().postZip("/api/v1/import", exported);
      assertThat(full.status()).isEqualTo(409);
      assertThat(full.json().get("detail").asString()).contains("empty installation");
    }
    Map<String, String> before = parts(exported);
    assertThat(before)
        .containsKeys(
            "manifest.json", "shelf.csv", "tables/bench_entry.json", "jobs/" + job + ".json")
        .doesNotContainKeys(
            "tables/crew_member.json", "tables/spring_session.json", "tables/device.json");
    try (Running two = RunningAttune.start(second)) {
      Api api = two.api();
      two.context().getBean(CrewService.class).takeIn("Wim Arkle", Role.LEARNER);
      Answer in = api.postZip("/api/v1/import", exported);
      assertThat(in.status()).as(in.text()).isEqualTo(200);
      assertThat(in.json().get("jobs").asInt()).isEqualTo(2);
      Map<String, String> after = parts(api.bytes("/api/v1/export.zip"));
      before.remove("manifest.json");
      after.remove("manifest.json");
      assertThat(after).isEqualTo(before);
      assertThat(api.get("/api/v1/crew/door").json().at("/names/0/name").asString())
          .as("who works here stays")
          .isEqualTo("Wim Arkle");
      assertThat(api.see(job, "clean-fl-cushion-centre", "clean").status()).isEqualTo(200);
      assertThat(api.get("/api/v1/jobs/" + job + "/bench").json().get("tasksDone").asInt())
          .isEqualTo(3);
    }
  }

  @Test
  void whatIsNotWholeIsRefusedAndNothingIsWritten(@TempDir Path first, @TempDir Path second)
      throws IOException {
    Map<String, String> good;
    try (Running one = RunningAttune.start(first)) {
      aShop(one.api());
      good = parts(one.api().bytes("/api/v1/export.zip"));
    }
    try (Running two = RunningAttune.start(second)) {
      Api api = two.api();
      assertThat(refused(api, "no zip at all".getBytes(StandardCharsets.UTF_8))).contains("no zip");
      assertThat(refused(api, with(good, "tables/job.json", text -> text + " ")))
          .contains("other bytes");
      assertThat(refused(api, with(good, "tables/customer.json", text -> null)))
          .contains("nothing");
      assertThat(refused(api, with(good, "photos/../../out", text -> "x"))).contains("a file");
      assertThat(
              refused(
                  api,
                  with(
                      good,
                      "manifest.json",
                      text -> text.replaceFirst("\"schema\" : \"\\d+\"", "\"schema\" : \"9999\""))))
          .contains("9999");
      assertThat(
              refused(
                  api,
                  with(good, "manifest.json", text -> text.replace("attune-data", "other-data"))))
          .contains("other-data");
      assertThat(api.get("/api/v1/day").json()).isEmpty();
      assertThat(api.postZip("/api/v1/import", zip(good)).status()).isEqualTo(200);
    }
  }

  /** A part changed by somebody who knows how a manifest is made. */
  private static byte[] forged(Map<String, String> good, String part, UnaryOperator<String> change)
      throws IOException {
    String was = good.get(part);
    String is = change.apply(was);
    Map<String, String> forged = new TreeMap<>(good);
    forged.put(part, is);
    forged.compute(
        "manifest.json",
        (name, text) ->
            text.replace(sha256(was), sha256(is))
                .replace("\"bytes\" : " + bytes(was), "\"bytes\" : " + bytes(is)));
    return zip(forged);
  }

  private static int bytes(String text) {
    return text.getBytes(StandardCharsets.ISO_8859_1).length;
  }

  private static String sha256(String text) {
    return DigestUtils.sha256Hex(text.getBytes(StandardCharsets.ISO_8859_1));
  }

  @Test
  void aFileThatFailsHalfWayLeavesShelfAndSettingsAsTheyWere(
      @TempDir Path first, @TempDir Path second) throws IOException {
    Map<String, String> good;
    try (Running one = RunningAttune.start(first)) {
      aShop(one.api());
      good = parts(one.api().bytes("/api/v1/export.zip"));
    }
    try (Running two = RunningAttune.start(second)) {
      Api api = two.api();
      api.post(
          "/api/v1/shelf/products",
          "{\"name\":\"Quay soap\",\"roles\":[\"cleaner\"],\"form\":\"liquid\",\"strength\":3}");
      String shelf = api.get("/api/v1/shelf").text();
      assertThat(shelf).contains("Quay soap");
      Answer unasked = api.postZip("/api/v1/import", zip(good));
      assertThat(unasked.status()).as(unasked.text()).isEqualTo(422);
      assertThat(unasked.fault().get("pointer").asString()).isEqualTo("/replace");
      byte[] broken =
          forged(good, "tables/vehicle.json", text -> text.replaceFirst("\"id\"", "\"idea\""));
      Answer half = api.postZip("/api/v1/import?replace=true", broken);
      assertThat(half.status()).as(half.text()).isEqualTo(422);
      assertThat(half.fault().get("found").asString()).contains("as it was before");
      assertThat(api.get("/api/v1/shelf").text()).isEqualTo(shelf);
      Answer whole = api.postZip("/api/v1/import?replace=true", zip(good));
      assertThat(whole.status()).as(whole.text()).isEqualTo(200);
      assertThat(api.get("/api/v1/shelf").text()).doesNotContain("Quay soap");
      assertThat(second.toFile().list()).noneMatch(name -> name.endsWith(".part"));
    }
  }

  private static byte[] with(Map<String, String> good, String part, UnaryOperator<String> change)
      throws IOException {
    Map<String, String> changed = new TreeMap<>(good);
    changed.compute(part, (name, text) -> change.apply(text));
    return zip(changed);
  }

  private static String refused(Api api, byte[] zip) {
    Answer answer = api.postZip("/api/v1/import", zip);
    assertThat(answer.status()).as(answer.text()).isEqualTo(422);
    return answer.fault().get("found").asString();
  }

  @Test
  void aBackupIsLaidBackByOneCommandOrNotAtAll(@TempDir Path first, @TempDir Path other)
      throws IOException {
    String job;
    Path backup;
    try (Running one = RunningAttune.start(first)) {
      job = aShop(one.api());
      String name = one.api().post("/api/v1/backups").json().get("name").asString();
      backup = first.resolve("backups").resolve(name);
    }
    Path again = other.resolve("data");
    assertThat(restore(backup, again)).isEqualTo("0 ");
    try (Running two = RunningAttune.start(again)) {
      assertThat(two.api().get("/api/v1/jobs/" + job + "/bench").json().get("tasksDone").asInt())
          .isEqualTo(2);
    }
    assertThat(restore(backup, again)).startsWith("2 --data: found files");
    byte[] damaged = with(parts(Files.readAllBytes(backup)), "attune.mv.db", text -> text + " ");
    Path bad = Files.write(other.resolve("bad.zip"), damaged);
    assertThat(restore(bad, other.resolve("not-there"))).contains("the backup is damaged");
    assertThat(other.resolve("not-there")).doesNotExist();
    assertThat(restore(Files.writeString(other.resolve("no.zip"), "no"), other.resolve("x")))
        .contains("found no backup");
  }

  private static String restore(Path backup, Path data) {
    ByteArrayOutputStream err = new ByteArrayOutputStream();
    int status =
        new RestoreCommand(
                new PrintStream(new ByteArrayOutputStream()),
                new PrintStream(err, true, StandardCharsets.UTF_8))
            .run(List.of(backup.toString(), "--data", data.toString()));
    return status + " " + err.toString(StandardCharsets.UTF_8).strip();
  }
}
