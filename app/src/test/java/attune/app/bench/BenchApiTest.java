package attune.app.bench;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.support.Api;
import attune.app.support.Api.Answer;
import attune.app.support.RunningAttune;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.Iterator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The run: a frozen plan, ticks that can be taken back, waits that run by themselves. */
@ExtendWith(RunningAttune.class)
class BenchApiTest extends ARun {
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
    assertThat(api.get("/api/v1/jobs/" + job).json().get("state").asString()).isEqualTo("bench");
  }

  @Test
  void aTickIsTakenBack() {
    bench("");
    JsonNode ticked = api.tell(job, "receive", "done").json().get("run");
    assertThat(ticked.get("tasksDone").asInt()).isEqualTo(1);
    assertThat(state("receive")).isEqualTo("done");
    api.tell(job, "receive", "done");
    assertThat(view().get("tasksDone").asInt()).isEqualTo(1);
    api.tell(job, "receive", "undone");
    assertThat(state("receive")).isEqualTo("waiting");
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
    assertThat(state(dry)).isEqualTo("waiting");
    JsonNode before = task(dry);
    for (JsonNode task : tasks(view())) {
      if (task.get("needsHands").asBoolean()) {
        api.tell(job, task.get("id").asString(), "done");
      }
      if (task.get("id").asString().equals("check-fl-cushion-centre")) {
        break; // until it is looked at it may be worked again
      }
    }
    assertThat(state(dry)).isEqualTo("running");
    clock.pass(Duration.ofSeconds(before.get("plannedS").asInt() + 1));
    assertThat(state(dry)).isEqualTo("done");
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
        assertThat(entry.get("next").asString()).isEqualTo("bench");
        assertThat(entry.get("cardsDone").asInt()).isEqualTo(1);
        assertThat(entry.get("cardsTotal").asInt())
            .as("cards, of which several steps share one")
            .isLessThan(view().get("tasksTotal").asInt());
        return;
      }
    }
    throw new AssertionError("the job is not on the day's list");
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
    assertThat(state("receive")).isEqualTo("waiting");
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
        .contains("Coat 2 of 2, thin, levelled to matt.", "then levelled")
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
