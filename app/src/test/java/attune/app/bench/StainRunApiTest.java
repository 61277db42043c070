package attune.app.bench;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.support.Api;
import attune.app.support.RunningAttune;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A stain from the survey to the paper: met alone, after its panel, and told for what it was. */
@ExtendWith(RunningAttune.class)
class StainRunApiTest {
  private static final String PANEL = "fl-cushion-centre";
  private static final String SPOT = "spot-" + PANEL;

  private Api api;
  private String job;

  @BeforeEach
  void aSeatWithInkOnIt(Api running) {
    api = running;
    job = api.surveyedJob("Ink");
    api.find(job, "\"stains\":[{\"kind\":\"ink\",\"extent\":\"spot\",\"ageDays\":3}]", PANEL);
    api.post("/api/v1/jobs/" + job + "/bench");
  }

  private JsonNode bench() {
    return api.get("/api/v1/jobs/" + job + "/bench").json();
  }

  private JsonNode task(String id) {
    return bench()
        .get("tasks")
        .valueStream()
        .filter(task -> task.get("id").asString().equals(id))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void standsOnACardOfItsOwnAndLeadsToNoFirmerRung() {
    JsonNode spot = task(SPOT);
    assertThat(spot.get("title").asString()).startsWith("Lift the ");
    assertThat(spot.get("productId").asString()).isEqualTo("quillon-spot");
    assertThat(spot.get("lines").toString()).contains("On the stain alone, about 25 cm²");
    assertThat(spot.get("roundId").asString())
        .isNotEqualTo(task("clean-" + PANEL).get("roundId").asString());
    assertThat(spot.get("dwellS").asInt()).isPositive();
    assertThat(spot.get("answers").findValuesAsString("lastNext")).doesNotContain("next-rung");
    assertThat(spot.get("after").toString()).contains("check-" + PANEL);
    JsonNode round =
        bench()
            .get("rounds")
            .valueStream()
            .filter(r -> r.get("id").equals(spot.get("roundId")))
            .findFirst()
            .orElseThrow();
    assertThat(round.get("title")).isEqualTo(spot.get("title"));
    assertThat(round.get("technique").toString()).contains("from the edge inwards");
    assertThat(round.get("means").asString()).contains("Quillon Spot Remover");
  }

  @Test
  void whatStaysOfItIsLeftAndNothingFirmerIsOpened() {
    api.see(job, "clean-" + PANEL, "clean");
    for (int pass = 0; pass < 9; pass++) {
      api.see(job, SPOT, "soil");
    }
    assertThat(task(SPOT).get("outcome").asString()).isEqualTo("leave");
    assertThat(
            bench()
                .get("tasks")
                .valueStream()
                .filter(t -> t.get("rung").asInt() > 1)
                .map(t -> t.get("state").asString()))
        .allMatch("held"::equals);
  }

  @Test
  void colourOnItsClothStopsThePanel() {
    api.see(job, SPOT, "colour");
    assertThat(task("clean-" + PANEL).get("state").asString()).isEqualTo("referred");
  }

  @Test
  void isToldOnThePaperAndInTheHistoryByItsRemover() {
    api.doEverything(job);
    api.post("/api/v1/jobs/" + job + "/handover");
    JsonNode paper = api.get("/api/v1/jobs/" + job + "/handover").json();
    assertThat(paper.toString())
        .contains("stain worked with Quillon Spot Remover", "stains of ink");
    String vehicle = api.get("/api/v1/jobs/" + job).json().get("vehicleId").asString();
    assertThat(api.get("/api/v1/vehicles/" + vehicle + "/history").text())
        .contains("Quillon Spot Remover");
  }

  @Test
  void whatIsLikelyToStayIsSaidWhenTheCarIsReceivedAndNotOnlyWhenItGoes() {
    String old = api.surveyedJob("Ink of last winter");
    api.find(old, "\"stains\":[{\"kind\":\"ink\",\"extent\":\"spot\",\"ageDays\":200}]", PANEL);
    api.post("/api/v1/jobs/" + old + "/bench");
    JsonNode tasks = api.get("/api/v1/jobs/" + old + "/bench").json().get("tasks");
    assertThat(
            tasks
                .valueStream()
                .filter(task -> task.get("cautions").toString().contains("a shadow is likely"))
                .map(task -> task.get("id").asString()))
        .contains("receive", "handover");
  }
}
