package attune.app.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import attune.app.support.Api;
import attune.app.support.Api.Answer;
import attune.app.support.RunningAttune;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The match of a surface, and needles moved by hand. */
@ExtendWith(RunningAttune.class)
class MatchApiTest {
  private static final String SEAT = "fl-cushion-centre";
  private Api api;
  private String job;

  @BeforeEach
  void aSurveyedJob(Api running) {
    api = running;
    job = api.surveyedJob("Front seat and rim");
  }

  private Answer match(String surface) {
    return api.get("/api/v1/jobs/" + job + "/surfaces/" + surface + "/match");
  }

  private Answer read(JsonNode needles) {
    return api.post("/api/v1/jobs/" + job + "/surfaces/" + SEAT + "/reading", needles.toString());
  }

  private ObjectNode chosenNeedles() {
    return (ObjectNode) match(SEAT).json().at("/chosen/needles");
  }

  @Test
  void theChosenTreatmentHasALadderReasonsAndARack() {
    JsonNode match = match(SEAT).json();
    assertThat(match.get("finishName").asString()).isEqualTo("coated leather");
    assertThat(match.at("/answer/ladder").size()).isGreaterThanOrEqualTo(2);
    assertThat(match.at("/answer/ruledOut").size()).isPositive();
    assertThat(match.at("/chosen/outcome").asString()).isIn("in-tune", "care");
    assertThat(match.at("/chosen/rack")).hasSize(6);
  }

  @Test
  void theRackReadsTheSameForTheChosenNeedles() {
    JsonNode match = match(SEAT).json();
    JsonNode read = read(match.at("/chosen/needles")).json();
    assertThat(read.get("outcome")).isEqualTo(match.at("/chosen/outcome"));
    assertThat(read.get("action").asDouble())
        .isCloseTo(match.at("/chosen/action").asDouble(), within(1e-6));
  }

  @Test
  void aStifferToolIsAnsweredWithItsReason() {
    ObjectNode needles = chosenNeedles();
    JsonNode stiffest = null;
    for (JsonNode tool : match(SEAT).json().get("tools")) {
      stiffest = tool;
    }
    needles.put("toolId", stiffest.get("id").asString());
    JsonNode reading = read(needles).json();
    assertThat(reading.get("outcome").asString()).isIn("over", "barred");
    assertThat(reading.get("sentence").asString())
        .containsIgnoringCase(stiffest.get("name").asString())
        .contains("coated leather stands 6");
  }

  @Test
  void moreLiquidThanItStandsIsOver() {
    ObjectNode needles = chosenNeedles();
    needles.put("laidGPerM2", 400);
    JsonNode reading = read(needles).json();
    assertThat(reading.get("outcome").asString()).isEqualTo("over");
    assertThat(reading.get("reasons").toString()).contains("WET_LIMIT");
  }

  @ParameterizedTest(name = "{0}: {1}")
  @CsvSource({
    "toolId, chainsaw, /toolId",
    "cleanerId, lye, /cleanerId",
    "ratio, one to ten, /ratio",
    "applyTo, ceiling, /applyTo",
    "warmth, blowtorch, /warmth",
  })
  void anUnknownNeedleIsNamed(String field, String value, String pointer) {
    ObjectNode needles = chosenNeedles();
    needles.put(field, value);
    Answer refused = read(needles);
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.fault().get("pointer").asString()).isEqualTo(pointer);
    assertThat(refused.fault().get("found").asString()).contains(value);
  }

  @Test
  void needlesOffTheirScaleAreRefused() {
    ObjectNode needles = chosenNeedles();
    needles.put("dwellS", 90_000);
    assertThat(read(needles).status()).isEqualTo(422);
    assertThat(read(needles).fault().get("allowed").asString()).isEqualTo("at most 3600");
  }

  @Test
  void everySurveyedPanelHasItsOutcome() {
    JsonNode outcomes = api.get("/api/v1/jobs/" + job + "/outcomes").json();
    assertThat(outcomes).hasSize(3);
    for (JsonNode outcome : outcomes) {
      assertThat(outcome.get("label").asString()).isNotBlank();
      assertThat(outcome.get("minutesHigh").asInt())
          .isGreaterThanOrEqualTo(outcome.get("minutesLow").asInt());
    }
  }

  @Test
  void aPanelNobodyLookedAtHasNoMatch() {
    assertThat(match("rear-cushion").status()).isEqualTo(404);
    String empty = api.newJob("Nothing yet", "five-seat");
    Answer notYet = api.get("/api/v1/jobs/" + empty + "/plan");
    assertThat(notYet.status()).isEqualTo(409);
    assertThat(notYet.json().get("detail").asString()).contains("Nothing is surveyed yet");
  }

  @Test
  void anUnidentifiedPanelIsSaidSo() {
    api.find(job, "\"finish\":\"unknown\"", SEAT);
    JsonNode match = match(SEAT).json();
    assertThat(match.get("identified").asBoolean()).isFalse();
    assertThat(match.at("/answer/cautions").toString()).contains("IDENTIFY_FIRST");
  }

  @Test
  void aHouseRuleChangesTheAnswerWhereItApplies() {
    api.patch("/api/v1/jobs/" + job, "{\"houseRules\":{\"apply-to\":\"tool\"}}");
    JsonNode match = match(SEAT).json();
    assertThat(match.at("/chosen/needles/applyTo").asString()).isIn("tool", "cloth");
  }

  @Test
  void thePlanOfAJobIsTheStatelessPlanOfItsDocument() {
    JsonNode plan = api.get("/api/v1/jobs/" + job + "/plan").json();
    JsonNode document = api.get("/api/v1/jobs/" + job).json().get("document");
    JsonNode same = api.post("/api/v1/plan", document.toString()).json();
    assertThat(same).isEqualTo(plan);
  }

  @Test
  void theStatelessPlanTakesNothingItDoesNotKnow() {
    ObjectNode document =
        (ObjectNode) api.get("/api/v1/jobs/" + job).json().get("document").deepCopy();
    document.put("mood", "hopeful");
    Answer refused = api.post("/api/v1/plan", document.toString());
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.fault().get("pointer").asString()).isEqualTo("/mood");
  }

  private JsonNode mix(String body) {
    return api.post("/api/v1/mix", body).json();
  }

  @Test
  void anyTwoOfRatioBottleAndProductGiveTheThird() {
    JsonNode filled = mix("{\"ratio\":\"10:1\",\"bottleMl\":550}");
    assertThat(filled.get("productMl").asDouble()).isCloseTo(50, within(1e-9));
    assertThat(filled.get("words").asString()).startsWith("1 part product to 10 parts water");
    assertThat(mix("{\"ratio\":\"1:10\",\"productMl\":50}").get("bottleMl").asDouble())
        .isCloseTo(550, within(1e-9));
    assertThat(mix("{\"bottleMl\":550,\"productMl\":50}").get("ratio").asString())
        .isEqualTo("1:10");
    assertThat(api.post("/api/v1/mix", "{\"ratio\":\"1:10\"}").status()).isEqualTo(422);
  }

  @Test
  void aProductAddsItsPhAndWhatItsLabelSays() {
    JsonNode shelf = api.get("/api/v1/shelf").json();
    String concentrate = null;
    for (JsonNode product : shelf.get("products")) {
      if (product.get("name").asString().equals("Quillon One Multi-surface")) {
        concentrate = product.get("id").asString();
      }
    }
    String body = "{\"ratio\":\"%s\",\"bottleMl\":500,\"productId\":\"" + concentrate + "\"}";
    assertThat(mix(body.formatted("1:8")).get("onLabel").asBoolean()).isTrue();
    assertThat(mix(body.formatted("1:900")).get("onLabel").asBoolean()).isFalse();
    assertThat(mix(body.formatted("1:8")).get("phHigh").asDouble()).isBetween(7.0, 11.0);
  }

  @Test
  void theWindowIsGivenAndNothingIsPromisedWhereNothingDries() {
    String air =
        "{\"filmGPerM2\":40,\"foam\":false,\"airTempC\":%s,\"relativeHumidity\":%s,\"airSpeedMs\":0.1}";
    JsonNode mild = api.post("/api/v1/window", air.formatted("20", "0.5")).json();
    assertThat(mild.get("driesS").asInt()).isBetween(780, 900);
    assertThat(mild.get("windowS").asDouble())
        .isCloseTo(mild.get("driesS").asDouble() * 0.75, within(1.0));
    JsonNode damp = api.post("/api/v1/window", air.formatted("10", "1.0")).json();
    assertThat(damp.get("dries").asBoolean()).isFalse();
    assertThat(damp.has("driesS")).isFalse();
    assertThat(api.post("/api/v1/window", air.formatted("20", "50")).status()).isEqualTo(422);
  }
}
