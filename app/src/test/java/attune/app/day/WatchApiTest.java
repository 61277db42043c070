package attune.app.day;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.support.Api;
import attune.app.support.RunningAttune;
import attune.app.support.TestClock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What the day has to keep an eye on: clocks, promises, bottles that run low. */
@ExtendWith(RunningAttune.class)
class WatchApiTest {
  private Api api;
  private TestClock clock;
  private String job;

  @BeforeEach
  void aRun(Api running, TestClock time) {
    api = running;
    clock = time;
    job = api.surveyedJob("Watched");
    api.post("/api/v1/jobs/" + job + "/bench");
  }

  private List<JsonNode> things(String kind) {
    List<JsonNode> found = new ArrayList<>();
    for (JsonNode thing : api.get("/api/v1/watch").json()) {
      boolean ours = !thing.has("jobId") || thing.get("jobId").asString().equals(job);
      if (ours && thing.get("kind").asString().equals(kind)) {
        found.add(thing);
      }
    }
    return found;
  }

  @Test
  void whatLiesSomewhereIsToldUntilItIsWiped() {
    assertThat(things("clock")).isEmpty();
    api.tell(job, "clean-fl-cushion-centre", "started");
    assertThat(things("clock")).hasSize(1);
    assertThat(things("clock").get(0).get("says").asString())
        .isEqualTo("Clean, Front left cushion: to be wiped");
    clock.pass(Duration.ofHours(1));
    assertThat(things("clock").get(0).get("says").asString()).endsWith("late to wipe");
    api.see(job, "clean-fl-cushion-centre", "clean");
    assertThat(things("clock")).isEmpty();
    clock.pass(Duration.ofHours(-1));
  }

  @Test
  void aPromiseIsAtRiskByHowTheRunGoesNotOnlyByItsPlan() {
    String start = api.get("/api/v1/jobs/" + job + "/bench").json().get("serverNow").asString();
    String soon = java.time.LocalDateTime.parse(start).plusMinutes(20).withNano(0).toString();
    String open = api.surveyedJob("Promised soon");
    api.patch(
        "/api/v1/jobs/" + open,
        "{\"setting\":{\"start\":\"%s\",\"returnBy\":\"%s\"}}"
            .formatted(java.time.LocalDateTime.parse(start).withNano(0), soon));
    job = open;
    assertThat(things("promise-at-risk")).hasSize(1);
    api.post("/api/v1/jobs/" + job + "/bench");
    assertThat(things("promise-at-risk")).hasSize(1);
    assertThat(things("promise-at-risk").get(0).get("readyAt").asString()).isGreaterThan(soon);
  }
}
