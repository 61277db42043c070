package attune.app.learning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import attune.app.support.Api;
import attune.app.support.RunningAttune;
import attune.app.support.RunningAttune.Running;
import attune.app.support.TestClock;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.TestInstance.Lifecycle;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** What a shop learns from runs that took longer than planned, and that it can leave it. */
@TestInstance(Lifecycle.PER_CLASS)
class LearningApiTest {
  private static final String[] SEATS = {
    "fl-cushion-centre", "fl-back-centre", "fr-cushion-centre", "fr-back-centre", "rear-cushion"
  };

  private Running running;
  private Api api;
  private TestClock clock;

  @BeforeAll
  void aShopOfItsOwn(@TempDir Path data) {
    running = RunningAttune.start(data);
    api = running.api();
    clock = running.context().getBean(TestClock.class);
  }

  @AfterAll
  void closeUp() {
    running.close();
  }

  private String seats(String title) {
    String job = api.newJob(title, "five-seat");
    api.find(
        job,
        "\"finish\":\"leather/coated\",\"soil\":\"moderate\",\"soils\":[\"skin-oil\"],\"wear\":\"intact\"",
        SEATS);
    return job;
  }

  /** Works every step in so many times its planned length, then hands over. */
  private void work(String job, double pace) {
    JsonNode run = api.post("/api/v1/jobs/" + job + "/bench").json();
    LocalDateTime at = LocalDateTime.parse(run.get("startedAt").asString());
    for (JsonNode task : run.get("tasks")) {
      boolean open =
          task.get("needsHands").asBoolean() && task.get("state").asString().equals("waiting");
      if (open) {
        at = at.plusSeconds(Math.round(task.get("plannedS").asInt() * pace));
        boolean looked = task.has("look");
        clock.pass(java.time.Duration.ofSeconds(Math.round(task.get("plannedS").asInt() * pace)));
        api.tellRaw(
            job,
            "{\"id\":\"%s\",\"taskId\":\"%s\",\"kind\":\"%s\",\"at\":\"%s\",\"by\":\"Mira\"%s}"
                .formatted(
                    UUID.randomUUID(),
                    task.get("id").asString(),
                    looked ? "seen" : "done",
                    at,
                    looked ? ",\"seen\":\"" + task.at("/answers/0/seen").asString() + "\"" : ""));
      }
    }
    api.post("/api/v1/jobs/" + job + "/handover");
  }

  private long minutes(String job) {
    return api.get("/api/v1/jobs/" + job + "/timetable").json().get("workMin").asLong();
  }

  private JsonNode seatsFactor() {
    for (JsonNode factor : api.get("/api/v1/learning").json().get("factors")) {
      if (factor.get("finish").asString().equals("leather/coated")) {
        return factor;
      }
    }
    throw new AssertionError("nothing learnt of leather");
  }

  @Test
  void fivePanelsThatTookLongerMakeTheNextPlanLongerOnceItIsTurnedOn() {
    assertThat(api.get("/api/v1/learning").json().get("factors")).isEmpty();
    String next = seats("The next one");
    long usual = minutes(next);
    work(seats("A slow one"), 1.5);
    JsonNode factor = seatsFactor();
    assertThat(factor.get("cases").asInt()).isEqualTo(5);
    assertThat(factor.get("counts").asBoolean()).isTrue();
    assertThat(factor.get("minutes").asDouble()).isCloseTo(1.5, within(0.05));
    assertThat(factor.get("passes").asDouble()).isBetween(0.5, 1.0);
    JsonNode steps = api.get("/api/v1/learning").json().get("steps");
    assertThat(steps.findValuesAsString("step")).contains("inspect", "check");
    assertThat(steps.get(0).get("minutes").asDouble()).isCloseTo(1.5, within(0.1));
    assertThat(steps.get(0).get("counts").asBoolean()).as("of one visit").isFalse();
    assertThat(minutes(next)).as("while it is off").isEqualTo(usual);
    api.put("/api/v1/learning", "{\"on\":true}");
    assertThat(minutes(next)).as("once it is on").isGreaterThan(usual);
    String before = ladder(next);
    api.put("/api/v1/learning", "{\"on\":false}");
    assertThat(minutes(next)).isEqualTo(usual);
    assertThat(ladder(next)).as("treatments are the same either way").isEqualTo(before);
  }

  private String ladder(String job) {
    StringBuilder all = new StringBuilder();
    for (JsonNode surface : api.get("/api/v1/jobs/" + job + "/plan").json().get("surfaces")) {
      all.append(surface.get("ladder"));
    }
    return all.toString();
  }
}
