package attune.app.planning;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.support.Api;
import attune.app.support.Api.Answer;
import attune.app.support.RunningAttune;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Needles kept by hand, what the cloth said, why-nots, the matrix, and the house rules of a job.
 */
@ExtendWith(RunningAttune.class)
class DecisionApiTest {
  private static final JsonMapper MAPPER = JsonMapper.shared();
  private static final String SEAT = "fl-cushion-centre";
  private Api api;
  private String job;

  @BeforeEach
  void aSurveyedJob(Api running) {
    api = running;
    job = "/api/v1/jobs/" + api.surveyedJob("Decided");
  }

  private String seat(String of) {
    return job + "/surfaces/" + SEAT + "/" + of;
  }

  private JsonNode match() {
    return api.get(seat("match")).json();
  }

  private Answer keep(JsonNode needles, String reason) {
    ObjectNode body = MAPPER.createObjectNode();
    body.set("needles", needles);
    if (reason != null) {
      body.put("reason", reason);
    }
    return api.put(seat("by-hand"), body.toString());
  }

  private Answer tried(JsonNode needles, String result) {
    ObjectNode body = MAPPER.createObjectNode();
    body.set("needles", needles);
    body.put("result", result);
    return api.post(seat("tried"), body.toString());
  }

  private ObjectNode chosen() {
    return (ObjectNode) match().at("/chosen/needles");
  }

  @Test
  void needlesKeptByHandAreFollowedMarkedUndoneAndSetBack() {
    String own = chosen().get("toolId").asString();
    ObjectNode needles = chosen();
    needles.put("toolId", own.equals("brush-horsehair") ? "brush-upholstery" : "brush-horsehair");
    assertThat(keep(needles, null).status()).isEqualTo(200);
    JsonNode match = match();
    assertThat(match.at("/chosen/needles/toolId")).isEqualTo(needles.get("toolId"));
    assertThat(match.at("/answer/byHand").asBoolean()).isTrue();
    assertThat(match.at("/byHand/followed").asBoolean()).isTrue();
    JsonNode undone = api.post(job + "/undo").json();
    assertThat(undone.get("id").asString()).isNotEmpty();
    assertThat(match().at("/chosen/needles/toolId").asString()).isEqualTo(own);
    api.post(job + "/redo");
    assertThat(match().at("/answer/byHand").asBoolean()).isTrue();
    assertThat(api.delete(seat("by-hand")).status()).isEqualTo(200);
    assertThat(match().at("/chosen/needles/toolId").asString()).isEqualTo(own);
  }

  @Test
  void aCautionAsksForAReasonAndABarForSomethingElse() {
    ObjectNode needles = chosen();
    needles.put("cleanerId", "marlpit-deep").put("ratio", "1:1").put("dwellS", 45);
    Answer without = keep(needles, "");
    assertThat(without.status()).isEqualTo(422);
    assertThat(without.fault().get("pointer").asString()).isEqualTo("/reason");
    assertThat(keep(needles, "Customer wants it done today").status()).isEqualTo(200);
    assertThat(match().at("/byHand/reason").asString()).contains("today");
    assertThat(match().at("/answer/cautions").findValuesAsString("code")).contains("SET_BY_HAND");

    needles.put("toolId", "brush-wire");
    Answer barred = keep(needles, "I know what I do");
    assertThat(barred.status()).isEqualTo(422);
    assertThat(barred.fault().get("found").asString()).contains("stiffness 9");
  }

  @Test
  void aPanelThatTurnsOutWornIsJudgedAnew() {
    ObjectNode needles = chosen();
    needles.put("toolId", "brush-upholstery");
    keep(needles, "The grain asks for it");
    api.find(job.substring("/api/v1/jobs/".length()), "\"wear\":\"worn\"", SEAT);
    JsonNode match = match();
    assertThat(match.at("/byHand/followed").asBoolean()).isFalse();
    assertThat(match.at("/answer/cautions").findValuesAsString("code")).contains("HAND_REFUSED");
  }

  @Test
  void soilThatStayedLeadsToTheNextRungAndColourToARefer() {
    double before = match().at("/chosen/action").asDouble();
    assertThat(tried(chosen(), "soil-stays").status()).isEqualTo(200);
    JsonNode after = match();
    assertThat(after.at("/chosen/action").asDouble()).isGreaterThan(before * 1.29);
    assertThat(after.get("tried")).hasSize(1);
    tried(chosen(), "colour");
    assertThat(match().has("chosen")).isFalse();
    assertThat(match().at("/answer/refer/text").asString()).contains("pigment");
    assertThat(api.delete(seat("tried")).status()).isEqualTo(200);
    assertThat(match().at("/chosen/action").asDouble()).isEqualTo(before);
    assertThat(tried(chosen(), "smoke").fault().get("allowed").asString()).contains("soil-stays");
  }

  @Test
  void whyNotNamesTheReasonAndWhatWouldHaveToChange() {
    JsonNode nubuck = api.get(seat("why/dunmarrow-nubuck")).json();
    assertThat(nubuck.get("standing").asString()).isEqualTo("barred");
    assertThat(nubuck.at("/reasons/0/setBy").asString()).isEqualTo("label");
    assertThat(nubuck.at("/remedies/0/possible").asBoolean()).isFalse();
    JsonNode pen = api.get(seat("why/yard-unlabelled")).json();
    assertThat(pen.at("/remedies/0/text").asString()).contains("pen");
    JsonNode balm = api.get(seat("why/sedgecombe-balm")).json();
    assertThat(balm.get("standing").asString()).isEqualTo("not-asked");
    assertThat(api.get(seat("why/chainsaw")).status()).isEqualTo(404);

    ObjectNode needles = chosen();
    needles.put("toolId", "brush-wire");
    JsonNode wire = api.post(seat("why"), needles.toString()).json();
    assertThat(wire.at("/remedies/0/needles/toolId").asString()).isNotEqualTo("brush-wire");
  }

  @Test
  void theMatrixHasALetterForEveryThingOnEveryPanel() {
    JsonNode matrix = api.get(job + "/matrix").json();
    int surfaces = matrix.get("surfaces").size();
    assertThat(surfaces).isEqualTo(3);
    assertThat(matrix.get("items")).hasSizeGreaterThan(60);
    assertThat(matrix.get("cells").valueStream())
        .allSatisfy(row -> assertThat(row.asString()).hasSize(surfaces).matches("[dwuob?-]+"));
    assertThat(matrix.get("cells").get(0).asString()).contains("d");
  }

  private boolean rinsed() {
    return match().at("/answer/cautions").findValuesAsString("code").contains("RINSE");
  }

  @Test
  void aJobHoldsToASchoolOfItsOwnAndSaysWhatThatChanges() {
    JsonNode effect = api.get(job + "/house-rules/rinse/rinse").json();
    assertThat(effect.get("panels")).isNotEmpty();
    assertThat(effect.at("/panels/0/after").asString()).contains("rinsed");
    Answer held = api.put(job + "/house-rules", "{\"schools\":{\"rinse\":\"rinse\"}}");
    assertThat(held.status()).isEqualTo(200);
    assertThat(rinsed()).isTrue();
    assertThat(
            api.get(job + "/house-rules")
                .json()
                .valueStream()
                .filter(r -> r.has("ofJob"))
                .map(r -> r.get("key").asString()))
        .containsExactly("rinse");
    Answer wrong = api.put(job + "/house-rules", "{\"schools\":{\"apply-to\":\"ceiling\"}}");
    assertThat(wrong.fault().get("allowed").asString()).contains("by-risk");
    assertThat(api.get(job + "/house-rules/apply-to/ceiling").status()).isEqualTo(422);
    assertThat(api.get(job + "/house-rules/weather/fine").status()).isEqualTo(422);
  }

  @Test
  void aSchoolOfTheShopHoldsForEveryJobThatHasNoneOfItsOwn() {
    try {
      JsonNode rules = api.put("/api/v1/house-rules", "{\"schools\":{\"rinse\":\"rinse\"}}").json();
      assertThat(rules).hasSize(21);
      assertThat(rinsed()).isTrue();
      JsonNode shop = api.get("/api/v1/shop").json();
      assertThat(shop.at("/houseRules/rinse").asString()).isEqualTo("rinse");
      Answer wrong = api.put("/api/v1/house-rules", "{\"schools\":{\"steam\":\"always\"}}");
      assertThat(wrong.status()).isEqualTo(422);
    } finally {
      api.put("/api/v1/house-rules", "{\"schools\":{}}");
    }
    assertThat(rinsed()).isFalse();
  }
}
