package attune.app.jobs;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import attune.app.support.Api;
import attune.app.support.Api.Answer;
import attune.app.support.RunningAttune;
import java.util.List;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The sheet is cut to the vehicle: split, merged, removed, and all of it undone. */
@ExtendWith(RunningAttune.class)
class PanelsApiTest {
  private static final String BENCH = "rear-cushion";
  private Api api;
  private String job;

  @BeforeEach
  void aBench(Api running) {
    api = running;
    job = api.newJob("Cut to measure", "five-seat");
    api.find(job, "\"finish\":\"leather/coated\",\"soil\":\"moderate\",\"wear\":\"intact\"", BENCH);
  }

  private Answer panels(String what, String... ids) {
    String body = ids.length == 0 ? "" : "{\"surfaceIds\":[\"" + String.join("\",\"", ids) + "\"]}";
    return api.post("/api/v1/jobs/" + job + "/panels/" + what, body);
  }

  private Answer split(String id, String along) {
    return api.post(
        "/api/v1/jobs/" + job + "/panels/" + id + "/split", "{\"along\":\"" + along + "\"}");
  }

  private List<JsonNode> surfaces() {
    JsonNode all = api.get("/api/v1/jobs/" + job).json().at("/document/surfaces");
    return StreamSupport.stream(all.spliterator(), false).toList();
  }

  private JsonNode surface(String id) {
    return surfaces().stream()
        .filter(s -> s.get("id").asString().equals(id))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void aBenchIsSplitIntoHalvesThatKeepWhatWasFoundAndPlanApart() {
    double whole = surface(BENCH).get("areaM2").asDouble();
    assertThat(split(BENCH, "across").status()).isEqualTo(200);
    assertThat(surfaces()).hasSize(2);
    JsonNode left = surface(BENCH + "-left");
    assertThat(left.get("areaM2").asDouble()).isCloseTo(whole / 2, within(1e-9));
    assertThat(left.at("/condition/soil").asString()).isEqualTo("moderate");
    assertThat(left.at("/pieces/0/w").asDouble()).isEqualTo(0.5);
    api.find(job, "\"soil\":\"none\"", BENCH + "-left");
    JsonNode plan = api.get("/api/v1/jobs/" + job + "/plan").json();
    assertThat(plan.get("surfaces")).hasSize(2);
    assertThat(plan.at("/surfaces/0/ladder")).isEmpty();
    assertThat(plan.at("/surfaces/1/ladder")).isNotEmpty();
  }

  @Test
  void halvesPutTogetherAreTheWholePanelAgainWithTheWorstOfBoth() {
    split(BENCH, "across");
    api.find(job, "\"soil\":\"heavy\",\"wear\":\"worn\"", BENCH + "-right");
    assertThat(panels("merge", BENCH + "-left", BENCH + "-right").status()).isEqualTo(200);
    JsonNode whole = surface(BENCH);
    assertThat(surfaces()).hasSize(1);
    assertThat(whole.has("pieces")).isFalse();
    assertThat(whole.at("/condition/soil").asString()).isEqualTo("heavy");
    assertThat(whole.at("/condition/wear").asString()).isEqualTo("worn");
  }

  @Test
  void aHalfOfAHalfIsAQuarterAndMergesBackByItsEdges() {
    split(BENCH, "across");
    split(BENCH + "-left", "down");
    assertThat(surface(BENCH + "-left-rear").at("/pieces/0/y").asDouble()).isEqualTo(0.5);
    panels("merge", BENCH + "-right", BENCH + "-left-rear", BENCH + "-left-front");
    assertThat(surface(BENCH).get("areaM2").asDouble()).isCloseTo(0.65, within(1e-9));
  }

  @Test
  void panelsOfTwoFinishesOrTwoUsesAreNotMerged() {
    api.find(job, "\"finish\":\"vinyl/coated-textile\"", "rear-back");
    Answer finishes = panels("merge", BENCH, "rear-back");
    assertThat(finishes.status()).isEqualTo(422);
    assertThat(finishes.fault().get("allowed").asString()).isEqualTo("panels of one finish");
    Answer roles = panels("merge", BENCH, "wheel-rim");
    assertThat(roles.fault().get("allowed").asString()).isEqualTo("panels of one role");
    assertThat(panels("merge", BENCH).fault().get("allowed").asString())
        .isEqualTo("two or more panels");
  }

  @Test
  void whatTheCarDoesNotHaveIsTakenOffAndPutBack() {
    panels("remove", BENCH, "rear-back");
    JsonNode without = api.get("/api/v1/jobs/" + job).json().at("/document/vehicle/without");
    assertThat(without).hasSize(2);
    assertThat(surfaces()).isEmpty();
    assertThat(panels("restore").status()).isEqualTo(200);
    assertThat(panels("restore").status()).isEqualTo(409);
    api.post("/api/v1/jobs/" + job + "/undo");
    api.post("/api/v1/jobs/" + job + "/undo");
    assertThat(surfaces()).hasSize(1);
  }

  @Test
  void aClearedHalfStaysAHalf() {
    split(BENCH, "down");
    api.find(job, "\"cleared\":true", BENCH + "-front");
    assertThat(surfaces()).hasSize(2);
    assertThat(surface(BENCH + "-front").at("/condition").has("soil")).isFalse();
  }

  @Test
  void theUsualAnswersOnlyWhatIsNotKnownYet() {
    api.find(job, "\"usual\":true", BENCH, "fl-cushion-bolster-outer", "dash-screen");
    assertThat(surface(BENCH).at("/condition/soil").asString()).isEqualTo("moderate");
    assertThat(surface("dash-screen").get("finish").asString()).isEqualTo("screen/coated");
    assertThat(surface("fl-cushion-bolster-outer").at("/condition/soil").asString())
        .isEqualTo("heavy");
    assertThat(surface("dash-screen").at("/condition").has("wear")).isFalse();
  }

  @Test
  void tooSmallAPieceOrNoSuchPanelIsRefused() {
    assertThat(split("nowhere", "across").status()).isEqualTo(422);
    assertThat(split(BENCH, "diagonally").status()).isEqualTo(422);
    api.find(job, "\"areaM2\":0.0015", "rear-back");
    assertThat(split("rear-back", "across").fault().get("found").asString()).contains("0.0015");
  }
}
