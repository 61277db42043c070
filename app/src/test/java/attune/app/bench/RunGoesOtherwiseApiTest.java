package attune.app.bench;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.support.Api.Answer;
import java.time.Duration;
import java.time.LocalDateTime;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What is ticked, what a result leads to, and a run that goes otherwise than it was planned. */
class RunGoesOtherwiseApiTest extends ARun {
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
    assertThat(caution("receive", "TEST_SPOT_CONSENT").get("tick").asString()).isEqualTo("may");
    JsonNode spot = caution("test-spot-1", "TEST_SPOT_CONSENT");
    assertThat(spot.get("tick").asString()).isEqualTo("visit");
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
        .isEqualTo("Wheel rim: Ignition off before this is touched.");
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
    assertThat(task("test-fl-cushion-centre~2").get("state").asString()).isEqualTo("waiting");
  }

  @Test
  void itIsReadyWhenWhatIsHeldIsDryHoweverEarlyTheLastLook() {
    bench("");
    assertThat(task("handover").get("after").toString()).contains("dry-wheel-rim", "check-");
    api.doEverything(job);
    JsonNode dry = task("dry-wheel-rim");
    assertThat(dry.get("state").asString()).isEqualTo("running");
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
    assertThat(task("clean-fl-cushion-centre~2").get("state").asString()).isEqualTo("held");
    Answer last = null;
    for (int pass = 1; pass <= passes; pass++) {
      last = api.see(job, "clean-fl-cushion-centre", "soil");
    }
    assertThat(last.json().at("/remarks/0/says").asString())
        .contains("the next rung, after a test spot", "It takes ", "min more is left to do. Ready ")
        .containsPattern("Ready \\d\\d:\\d\\d instead of \\d\\d:\\d\\d");
    assertThat(state("test-fl-cushion-centre~2")).isEqualTo("waiting");
    assertThat(state("clean-fl-cushion-centre~2")).isEqualTo("waiting");
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
}
