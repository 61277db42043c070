package attune.app.bench;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.support.Api;
import attune.app.support.Api.Answer;
import attune.app.support.RunningAttune;
import attune.app.support.TestClock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The run: a frozen plan, ticks that can be taken back, waits that run by themselves. */
@ExtendWith(RunningAttune.class)
class BenchApiTest {
  private Api api;
  private TestClock clock;
  private String job;

  @BeforeEach
  void aRun(Api running, TestClock running2) {
    api = running;
    clock = running2;
    job = api.surveyedJob("A run");
  }

  private Answer bench(String tail) {
    return api.post("/api/v1/jobs/" + job + "/bench" + tail);
  }

  private JsonNode view() {
    return api.get("/api/v1/jobs/" + job + "/bench").json();
  }

  private static List<JsonNode> tasks(JsonNode bench) {
    List<JsonNode> tasks = new ArrayList<>();
    bench.get("tasks").forEach(tasks::add);
    return tasks;
  }

  private JsonNode task(String id) {
    return tasks(view()).stream()
        .filter(task -> task.get("id").asString().equals(id))
        .findFirst()
        .orElseThrow();
  }

  private String state(String id) {
    return task(id).get("state").asString();
  }

  @Test
  void thereIsNoBenchBeforeTheRunStarts() {
    Answer early = api.get("/api/v1/jobs/" + job + "/bench");
    assertThat(early.status()).isEqualTo(409);
    assertThat(early.json().get("detail").asString()).contains("has not started yet");
  }

  @Test
  void startingTwiceIsStartingOnce() {
    JsonNode first = bench("").json();
    JsonNode second = bench("").json();
    assertThat(second.get("startedAt")).isEqualTo(first.get("startedAt"));
    assertThat(second.get("tasksTotal")).isEqualTo(first.get("tasksTotal"));
    assertThat(first.get("tasksDone").asInt()).isZero();
  }

  @Test
  void theSurveyStandsOnceTheRunHasStarted() {
    bench("");
    Answer late = api.find(job, "\"soil\":\"caked\"", "wheel-rim");
    assertThat(late.status()).isEqualTo(409);
    assertThat(late.json().get("detail").asString()).contains("the survey it was made from stands");
    assertThat(api.get("/api/v1/jobs/" + job).json().get("state").asString()).isEqualTo("BENCH");
  }

  @Test
  void aTickIsTakenBack() {
    bench("");
    JsonNode ticked = api.tell(job, "receive", "done").json().get("run");
    assertThat(ticked.get("tasksDone").asInt()).isEqualTo(1);
    assertThat(state("receive")).isEqualTo("DONE");
    api.tell(job, "receive", "done");
    assertThat(view().get("tasksDone").asInt()).isEqualTo(1);
    api.tell(job, "receive", "undone");
    assertThat(state("receive")).isEqualTo("WAITING");
    assertThat(view().get("tasksDone").asInt()).isZero();
  }

  /** What stays wet long enough may still have sat too long. */
  @Test
  void noClockRunsLongerThanLabelAndFinishLetItSitAndAPassTakes() {
    for (JsonNode task : bench("").json().get("tasks")) {
      if (task.has("wipeByS") && task.get("rung").asInt() == 1) {
        JsonNode dwell = firstRung(task.at("/surfaceIds/0").asString()).get("dwellS");
        int pass = task.get("plannedS").asInt() / Math.max(1, task.get("passesHigh").asInt());
        assertThat(task.get("wipeByS").asInt())
            .as(task.get("id").asString())
            .isBetween(task.get("dwellS").asInt(), dwell.get("max").asInt() + pass);
      }
    }
  }

  private JsonNode firstRung(String panel) {
    return api.get("/api/v1/jobs/" + job + "/plan")
        .json()
        .get("surfaces")
        .valueStream()
        .filter(surface -> surface.get("surfaceId").asString().equals(panel))
        .findFirst()
        .orElseThrow()
        .at("/ladder/0");
  }

  @Test
  void aStartedClockKeepsItsFirstTimeOnEveryDevice() {
    bench("");
    String id = "clean-fl-cushion-centre";
    api.tell(job, id, "started");
    String started = task(id).get("startedAt").asString();
    clock.pass(Duration.ofSeconds(20));
    api.tell(job, id, "started");
    assertThat(task(id).get("startedAt").asString()).isEqualTo(started);
    Duration shown =
        Duration.between(
            LocalDateTime.parse(started), LocalDateTime.parse(view().get("serverNow").asString()));
    assertThat(shown).isGreaterThanOrEqualTo(Duration.ofSeconds(20));
    assertThat(task(id).get("dwellS").asInt()).isLessThan(task(id).get("wipeByS").asInt());
    api.tell(job, id, "undone");
    assertThat(task(id).has("startedAt")).isFalse();
  }

  @Test
  void dryingRunsByItselfAndEndsByItself() {
    bench("");
    String dry = "dry-fl-cushion-centre";
    assertThat(state(dry)).isEqualTo("WAITING");
    JsonNode before = task(dry);
    for (JsonNode task : tasks(view())) {
      if (task.get("needsHands").asBoolean()) {
        api.tell(job, task.get("id").asString(), "done");
      }
      if (task.get("id").asString().equals("check-fl-cushion-centre")) {
        break; // until it is looked at it may be worked again
      }
    }
    assertThat(state(dry)).isEqualTo("RUNNING");
    clock.pass(Duration.ofSeconds(before.get("plannedS").asInt() + 1));
    assertThat(state(dry)).isEqualTo("DONE");
  }

  @Test
  void aWaitIsNotTicked() {
    bench("");
    Answer refused = api.tell(job, "dry-fl-cushion-centre", "done");
    assertThat(refused.status()).isEqualTo(409);
    assertThat(refused.json().get("detail").asString()).contains("runs by itself");
    assertThat(api.tell(job, "no-such-task", "done").fault().get("pointer").asString())
        .isEqualTo("/entries/0/taskId");
  }

  @Test
  void everyStepSaysWhatToDoAndTheCautionsStandWhereTheStepIs() {
    JsonNode run = bench("").json();
    for (JsonNode task : tasks(run)) {
      assertThat(task.get("title").asString()).isNotBlank();
      if (task.get("needsHands").asBoolean()) {
        assertThat(task.get("lines").size()).as(task.get("id").asString()).isPositive();
      }
    }
    JsonNode rim = task("clean-wheel-rim");
    assertThat(task("precautions").get("cautions").toString()).contains("IGNITION_OFF", "GLOVES");
    assertThat(rim.get("cautions").toString()).contains("AIRBAG_SEAM");
    assertThat(rim.get("where").asString()).isEqualTo("Wheel rim");
    assertThat(task("handover").get("cautions").toString()).contains("GRIP_CHECK");
  }

  @Test
  void theDaySaysHowFarItIs() {
    bench("");
    api.tell(job, "receive", "done");
    for (JsonNode entry : api.get("/api/v1/day").json()) {
      if (entry.at("/job/id").asString().equals(job)) {
        assertThat(entry.get("next").asString()).isEqualTo("BENCH");
        assertThat(entry.get("cardsDone").asInt()).isEqualTo(1);
        assertThat(entry.get("cardsTotal").asInt())
            .as("cards, of which several steps share one")
            .isLessThan(view().get("tasksTotal").asInt());
        return;
      }
    }
    throw new AssertionError("the job is not on the day's list");
  }

  /** Hand-over, from the run. */
  private Answer handover() {
    return api.get("/api/v1/jobs/" + job + "/handover");
  }

  @Test
  void nothingIsHandedOverBeforeAnythingIsDone() {
    assertThat(handover().status()).isEqualTo(409);
    bench("");
    Answer close = api.post("/api/v1/jobs/" + job + "/handover");
    assertThat(close.status()).isEqualTo(409);
    assertThat(close.json().get("detail").asString()).contains("Nothing has been done");
  }

  @Test
  void theHandOverSaysWhatWasDoneAndWhen() {
    bench("");
    api.doEverything(job);
    JsonNode page = handover().json();
    assertThat(page.get("shop").asString()).isEqualTo("Lantern Yard Trim Care");
    assertThat(page.get("finished").asBoolean()).isTrue();
    assertThat(page.get("notDone")).isEmpty();
    assertThat(page.get("treated")).hasSize(3);
    assertThat(page.at("/treated/0/did").asString()).startsWith("cleaned with ");
    assertThat(page.at("/treated/0/found").asString()).isEqualTo("moderate skin oil");
    assertThat(page.get("gripChecks")).hasSize(1);
    assertThat(LocalDateTime.parse(page.at("/ready/sitAt").asString()))
        .isAfterOrEqualTo(LocalDateTime.parse(view().get("startedAt").asString()));
    assertThat(page.at("/care").size()).isPositive();
    assertThat(page.at("/used").size()).isPositive();
  }

  @Test
  void whatWasLeftOutIsPartOfTheRecordAndTheRecordStands() {
    bench("");
    for (JsonNode task : tasks(view())) {
      if (task.get("where").asString().startsWith("Front left cushion")) {
        api.tell(job, task.get("id").asString(), "done");
      }
    }
    JsonNode closed = api.post("/api/v1/jobs/" + job + "/handover").json();
    assertThat(closed.get("state").asString()).isEqualTo("HANDED_OVER");
    assertThat(closed.get("treated")).hasSize(1);
    assertThat(closed.get("notDone").toString())
        .contains("{\"what\":\"Clean\",\"panels\":2,\"zones\":[\"front left seat\",\"wheel\"]}");
    Answer late = api.tell(job, "clean-wheel-rim", "done");
    assertThat(late.status()).isEqualTo(409);
    assertThat(late.json().get("detail").asString()).contains("its record stands");
  }

  @Test
  void aScuffAndASetDyeAreSaidToTheCustomer() {
    api.find(job, "\"damage\":[\"scuffed\"]", "fl-cushion-centre");
    api.find(job, "\"soils\":[\"denim-dye\"],\"stainAgeDays\":90", "fl-back-centre");
    bench("");
    api.doEverything(job);
    String notCured = handover().json().get("notCured").toString();
    assertThat(notCured).contains("SCUFF_STAYS").contains("SHADOW_MAY_STAY");
  }

  @Test
  void whoLooksOnIsToldOfEveryTick() throws Exception {
    bench("");
    String first = tasks(view()).get(0).get("id").asString();
    try (Stream<String> lines = api.lines("/api/v1/jobs/" + job + "/bench/events")) {
      Iterator<String> heard =
          lines.filter(line -> !line.isBlank() && !line.equals(":still here")).iterator();
      assertThat(heard.next()).isEqualTo(":listening");
      api.tell(job, first, "done");
      assertThat(heard.next()).isEqualTo("data:changed");
    }
  }

  private String entry(String id, String task, String kind, String more) {
    return "{\"id\":\"%s\",\"taskId\":\"%s\",\"kind\":\"%s\",\"at\":\"%s\"%s}"
        .formatted(id, task, kind, view().get("serverNow").asString(), more);
  }

  private static String id(int n) {
    return "00000000-0000-4000-8000-%012d".formatted(n);
  }

  @Test
  void whatIsSentTwiceCountsOnceAndInItsOwnOrder() {
    bench("");
    int n = Math.abs(job.hashCode() / 10);
    String began = view().get("startedAt").asString();
    clock.pass(Duration.ofMinutes(10));
    String first =
        "{\"id\":\"%s\",\"taskId\":\"receive\",\"kind\":\"done\",\"at\":\"%s\",\"by\":\"Mira\"}"
            .formatted(id(n), LocalDateTime.parse(began).plusMinutes(4));
    String undone =
        "{\"id\":\"%s\",\"taskId\":\"receive\",\"kind\":\"undone\",\"at\":\"%s\"}"
            .formatted(id(n + 1), LocalDateTime.parse(began).plusMinutes(6));
    assertThat(api.tellRaw(job, undone, first, first).status()).isEqualTo(200);
    assertThat(state("receive")).isEqualTo("WAITING");
    api.tellRaw(job, first, undone);
    JsonNode record = api.get("/api/v1/jobs/" + job + "/bench/record").json();
    assertThat(record.get("lines")).hasSize(2);
    assertThat(record.at("/lines/0/takenBack").asBoolean()).isTrue();
    assertThat(record.at("/lines/0/by").asString()).isEqualTo("Mira");
  }

  @Test
  void aBadEntryIsNamedAndNoneOfItsCompanyIsTaken() {
    bench("");
    int n = Math.abs(job.hashCode() / 10);
    String good = entry(id(n), "receive", "done", "");
    for (String[] bad :
        new String[][] {
          {"receive", "finished", "", "/entries/1/kind"},
          {"no-such-step", "done", "", "/entries/1/taskId"},
          {"check-wheel-rim", "seen", ",\"seen\":\"white\"", "/entries/1/seen"},
          {"check-wheel-rim", "seen", "", "/entries/1/seen"},
          {"receive", "seen", ",\"seen\":\"clean\"", "/entries/1/seen"},
          {"", "air", "", "/entries/1/detail/air"},
        }) {
      Answer refused = api.tellRaw(job, good, entry(id(n + 1), bad[0], bad[1], bad[2]));
      assertThat(refused.status()).as(bad[1]).isEqualTo(422);
      assertThat(refused.fault().get("pointer").asString()).isEqualTo(bad[3]);
    }
    assertThat(view().get("tasksDone").asInt()).isZero();
  }

  private JsonNode caution(String task, String code) {
    for (JsonNode caution : task(task).get("cautions")) {
      if (caution.get("code").asString().equals(code)) {
        return caution;
      }
    }
    throw new AssertionError(task + " has no " + code + ": " + task(task).get("cautions"));
  }

  private void tick(int n, String task, String kind, String code) {
    api.tellRaw(job, entry(id(n), task, kind, ",\"detail\":{\"ticked\":[\"" + code + "\"]}"));
  }

  @Test
  void consentToTestSpotsIsAskedOnceAndKept() {
    bench("");
    int n = Math.abs(job.hashCode() / 10);
    assertThat(caution("receive", "TEST_SPOT_CONSENT").get("tick").asString()).isEqualTo("MAY");
    JsonNode spot = caution("test-spot-1", "TEST_SPOT_CONSENT");
    assertThat(spot.get("tick").asString()).isEqualTo("VISIT");
    assertThat(spot.get("ticked").asBoolean()).isFalse();
    tick(n, "receive", "done", "TEST_SPOT_CONSENT");
    assertThat(caution("test-spot-1", "TEST_SPOT_CONSENT").get("ticked").asBoolean()).isTrue();
    assertThat(api.get("/api/v1/jobs/" + job + "/bench/record").json().toString())
        .contains("TEST_SPOT_CONSENT");
  }

  @Test
  void whatIsTickedForTheVisitIsAskedAgainAfterAStop() {
    bench("");
    int n = Math.abs(job.hashCode() / 10);
    assertThat(caution("precautions", "IGNITION_OFF").get("text").asString())
        .isEqualTo("Wheel rim: ignition off before this is touched.");
    tick(n, "precautions", "done", "IGNITION_OFF");
    assertThat(caution("precautions", "IGNITION_OFF").get("ticked").asBoolean()).isTrue();
    api.tell(job, "", "paused");
    api.tell(job, "", "resumed");
    assertThat(caution("precautions", "IGNITION_OFF").get("ticked").asBoolean()).isFalse();
  }

  @Test
  void aTestSpotThatLiftsNothingIsSafeAndOneThatStaysPutClimbs() {
    bench("");
    assertThat(api.see(job, "test-spot-1", "clean").json().at("/remarks/0/says").asString())
        .contains("it does no harm here");
    api.tell(job, "test-spot-1", "undone");
    assertThat(api.see(job, "test-spot-1", "stuck").json().at("/remarks/0/says").asString())
        .contains("the next rung, with its own test spot", "It takes ");
    assertThat(task("test-fl-cushion-centre~2").get("state").asString()).isEqualTo("WAITING");
  }

  @Test
  void itIsReadyWhenWhatIsHeldIsDryHoweverEarlyTheLastLook() {
    bench("");
    assertThat(task("handover").get("after").toString()).contains("dry-wheel-rim", "check-");
    api.doEverything(job);
    JsonNode dry = task("dry-wheel-rim");
    assertThat(dry.get("state").asString()).isEqualTo("RUNNING");
    LocalDateTime dryAt =
        LocalDateTime.parse(dry.get("startedAt").asString())
            .plusSeconds(dry.get("plannedS").asInt());
    assertThat(LocalDateTime.parse(view().at("/pace/driveAt").asString()))
        .isAfterOrEqualTo(dryAt)
        .isBefore(dryAt.plusMinutes(15));
    JsonNode report = api.get("/api/v1/jobs/" + job + "/handover").json();
    assertThat(view().at("/pace/driveAt").asString())
        .startsWith(report.at("/ready/driveAt").asString());
  }

  @Test
  void whatWasPlannedToBeDoneByNowIsNotSaidAsTimeWon() {
    bench("");
    JsonNode clean = task("clean-fl-cushion-centre");
    assertThat(clean.get("passesHigh").asInt()).isGreaterThan(1);
    assertThat(
            api.see(job, "clean-fl-cushion-centre", "soil").json().at("/remarks/0/says").asString())
        .startsWith("Soil: go on, pass 2")
        .doesNotContain("is left to do");
  }

  @Test
  void soilThatStaysLeadsARungHigherWithWhatItTakesAndTheTime() {
    bench("");
    JsonNode clean = task("clean-fl-cushion-centre");
    int passes = clean.get("passesHigh").asInt();
    assertThat(task("clean-fl-cushion-centre~2").get("state").asString()).isEqualTo("HELD");
    Answer last = null;
    for (int pass = 1; pass <= passes; pass++) {
      last = api.see(job, "clean-fl-cushion-centre", "soil");
    }
    assertThat(last.json().at("/remarks/0/says").asString())
        .contains("the next rung, after a test spot", "It takes ", "min more is left to do; ready ")
        .containsPattern("ready \\d\\d:\\d\\d instead of \\d\\d:\\d\\d");
    assertThat(state("test-fl-cushion-centre~2")).isEqualTo("WAITING");
    assertThat(state("clean-fl-cushion-centre~2")).isEqualTo("WAITING");
    api.see(job, "test-fl-cushion-centre~2", "clean");
    api.see(job, "clean-fl-cushion-centre~2", "clean");
    api.doEverything(job);
    api.post("/api/v1/jobs/" + job + "/handover");
    String vehicle = api.get("/api/v1/jobs/" + job).json().get("vehicleId").asString();
    JsonNode visit = api.get("/api/v1/vehicles/" + vehicle + "/history").json().at("/visits/0");
    assertThat(visit.at("/run/came").toString()).contains("not enough on Front left cushion");
  }

  @Test
  void aHotterRoomShortensTheWindowsAndAnotherBottleIsJudged() {
    bench("");
    int before = task("clean-fl-cushion-centre").get("wipeByS").asInt();
    int n = Math.abs(job.hashCode() / 10);
    api.tellRaw(
        job,
        entry(
            id(n),
            "",
            "air",
            ",\"detail\":{\"air\":{\"airTempC\":38,\"relativeHumidity\":0.2,\"airSpeedMs\":0.6}}"));
    JsonNode hot = task("clean-fl-cushion-centre");
    assertThat(hot.get("wipeByS").asInt()).isLessThan(before);
    assertThat(hot.get("lines").toString()).contains("The air changed: wipe within");
    Answer judged =
        api.tellRaw(
            job,
            entry(
                id(n + 1),
                "clean-fl-cushion-centre",
                "swapped",
                ",\"detail\":{\"used\":{\"productId\":\"gorsefield-acid\",\"ratio\":\"1:20\"}}"));
    assertThat(judged.json().at("/remarks/0/says").asString()).startsWith("Careful: ");
    assertThat(task("clean-fl-cushion-centre").get("lines").toString())
        .contains("Instead of the plan");
  }

  @Test
  void aRunStopsForTodayAndWhatWasToldIsPutRightBesideIt() {
    bench("");
    int n = Math.abs(job.hashCode() / 10);
    api.tellRaw(job, entry(id(n), "receive", "done", ",\"by\":\"Mira\""));
    api.tellRaw(job, entry(id(n + 1), "", "paused", ",\"reason\":\"till tomorrow\""));
    assertThat(view().at("/paused/reason").asString()).isEqualTo("till tomorrow");
    clock.pass(Duration.ofHours(12));
    api.tellRaw(job, entry(id(n + 2), "", "resumed", ""));
    assertThat(view().has("paused")).isFalse();
    api.see(job, "clean-fl-cushion-centre", "clean");
    api.tellRaw(
        job,
        entry(
            id(n + 3),
            "clean-fl-cushion-centre",
            "corrected",
            ",\"reason\":\"it was more\",\"detail\":{\"corrects\":\"%s\",\"ml\":250}"
                .formatted(id(n))));
    JsonNode record = api.get("/api/v1/jobs/" + job + "/bench/record").json();
    assertThat(record.get("lines")).hasSize(5);
    assertThat(record.at("/lines/4/text").asString())
        .contains("Put right: 250.0 ml.", "it was more");
    assertThat(record.at("/used/0/ml").asDouble()).isGreaterThan(20);
    clock.pass(Duration.ofHours(-12));
  }

  @Test
  void aSecondCoatIsTakenFromTheSameDoseAndOnlyItIsLevelled(Api api) {
    String job = api.surveyedJob("Two coats");
    api.find(job, "\"feel\":\"dry\"", "fl-cushion-centre");
    api.find(
        job, "\"finish\":\"screen/coated\",\"soil\":\"light\",\"wear\":\"intact\"", "dash-screen");
    api.post("/api/v1/jobs/" + job + "/bench");
    assertThat(lines(api, job, "condition-fl-cushion-centre"))
        .contains("Coat 1 of 2, thin.", "the next coat goes over it");
    assertThat(lines(api, job, "condition-2-fl-cushion-centre"))
        .contains("Coat 2 of 2, thin, to matt.", "then levelled")
        .startsWith(lines(api, job, "condition-fl-cushion-centre").split(" ml")[0]);
    assertThat(lines(api, job, "clean-dash-screen")).contains("Wiped at once.");
    for (JsonNode task : api.get("/api/v1/jobs/" + job + "/bench").json().get("tasks")) {
      assertThat(task.get("lines").toString())
          .doesNotContain("null")
          .doesNotContainPattern("\\d:\\d\\d[^0-9]*(wiped|taken)");
    }
  }

  private static String lines(Api api, String job, String task) {
    for (JsonNode one : api.get("/api/v1/jobs/" + job + "/bench").json().get("tasks")) {
      if (one.get("id").asString().equals(task)) {
        return String.join(" ", one.get("lines").valueStream().map(JsonNode::asString).toList());
      }
    }
    throw new AssertionError("no step " + task);
  }
}
