package attune.app.readings;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.support.Api;
import attune.app.support.Api.Answer;
import attune.app.support.RunningAttune;
import attune.app.support.TestClock;
import java.time.Duration;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Instruments at the bench: simulated, typed or streamed, and believed only when it is time. */
@ExtendWith(RunningAttune.class)
class ReadingsApiTest {
  private static final String SEAT = "\"surfaceId\":\"fl-cushion-centre\"";
  private Api api;
  private TestClock clock;
  private String job;

  @BeforeEach
  void aSurvey(Api running, TestClock time) {
    api = running;
    clock = time;
    job = api.surveyedJob("Read it");
    clock.pass(Duration.ofMinutes(2)); // no line streamed by another case is fresh
  }

  private Answer take(String instrument, String more) {
    return api.post(
        "/api/v1/jobs/" + job + "/readings",
        "{\"instrument\":\"" + instrument + "\"," + more + "}");
  }

  private JsonNode document() {
    return api.get("/api/v1/jobs/" + job).json().at("/document");
  }

  private JsonNode seat() {
    for (JsonNode surface : document().get("surfaces")) {
      if (surface.get("id").asString().equals("fl-cushion-centre")) {
        return surface;
      }
    }
    throw new AssertionError("no seat");
  }

  @Test
  void aStandInShowsTheShineOfGreaseAndTheSurveyKeepsIt() {
    JsonNode reading = take("gloss", SEAT).json();
    assertThat(reading.get("simulated").asBoolean()).isTrue();
    assertThat(reading.get("value").asDouble()).as("clean is 2 to 6 GU").isGreaterThan(6.5);
    assertThat(seat().at("/condition/sheenGu").asDouble())
        .isEqualTo(reading.get("value").asDouble());
    api.post("/api/v1/jobs/" + job + "/undo");
    assertThat(seat().at("/condition").has("sheenGu")).isFalse();
    JsonNode again = take("gloss", SEAT).json();
    assertThat(Math.abs(again.get("value").asDouble() - reading.get("value").asDouble()))
        .isLessThan(2);
  }

  @Test
  void aPanelNobodyHasSurveyedYetCanBeReadToo() {
    JsonNode reading = take("gloss", "\"surfaceId\":\"rear-back\"").json();
    assertThat(reading.get("value").asDouble()).isPositive();
  }

  @Test
  void theRoomSensorSetsTheAir() {
    take("air-temperature", "\"value\":27.5");
    take("humidity", "\"value\":64");
    assertThat(document().at("/setting/airTempC").asDouble()).isEqualTo(27.5);
    assertThat(document().at("/setting/relativeHumidity").asDouble()).isEqualTo(0.64);
  }

  @Test
  void aRealInstrumentsStreamWinsOverTheStandInWhileItIsFresh() {
    Answer taken =
        api.postLines(
            "/api/v1/instruments/readings",
            "{\"instrument\":\"gloss\",\"value\":3.3,\"unit\":\"GU\",\"device\":\"bench meter\"}\n"
                + "{\"instrument\":\"cloth-colour\",\"colour\":\"#8A7355\"}\n\n");
    assertThat(taken.json().get("lines").asInt()).isEqualTo(2);
    JsonNode gloss = take("gloss", SEAT).json();
    assertThat(gloss.get("value").asDouble()).isEqualTo(3.3);
    assertThat(gloss.get("device").asString()).isEqualTo("bench meter");
    assertThat(take("cloth-colour", SEAT).json().get("colour").asString()).isEqualTo("#8a7355");
    clock.pass(Duration.ofSeconds(61));
    assertThat(take("gloss", SEAT).json().get("simulated").asBoolean()).isTrue();
  }

  @ParameterizedTest
  @CsvSource({
    "'{\"instrument\":\"gloss\",\"value\":3,\"unit\":\"°C\"}',line 1/unit",
    "'{\"instrument\":\"gloss\"}',line 1/value",
    "'{\"instrument\":\"humidity\",\"value\":101}',line 1/value",
    "'{\"instrument\":\"divining-rod\",\"value\":3}',line 1/instrument",
    "'{\"instrument\":\"gloss\",\"value\":3,\"mood\":1}',line 1/mood",
    "'not json',line 1",
  })
  void aBadLineIsNamedAndNoneIsTaken(String line, String pointer) {
    Answer refused = api.postLines("/api/v1/instruments/readings", line);
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.fault().get("pointer").asString()).isEqualTo(pointer);
  }

  @Test
  void theSheenOfAWetSurfaceIsMarkedNotValidYet() {
    take("moisture", SEAT + ",\"value\":45");
    JsonNode wet = take("gloss", SEAT + ",\"value\":12").json();
    assertThat(wet.get("notYet").asString()).contains("moisture meter stands at 45");
    assertThat(seat().at("/condition").has("sheenGu")).isFalse();
    clock.pass(Duration.ofMinutes(31));
    assertThat(take("gloss", SEAT + ",\"value\":5").json().has("notYet")).isFalse();
  }

  @Test
  void afterTheWholeRunTheSeatReadsCleanAndDryAndNotBefore() {
    api.post("/api/v1/jobs/" + job + "/bench");
    api.doEverything(job);
    JsonNode fresh = take("gloss", SEAT).json();
    assertThat(fresh.get("notYet").asString()).contains("still runs");
    clock.pass(Duration.ofDays(3));
    JsonNode settled = take("gloss", SEAT).json();
    assertThat(settled.has("notYet")).isFalse();
    assertThat(settled.get("value").asDouble()).isBetween(2.0, 6.5);
    assertThat(take("moisture", SEAT).json().get("value").asDouble()).isLessThan(14);
  }

  @Test
  void thePenTellsAnUnlabelledBottleAndTheBottleKeepsIt() {
    String bottle = "\"productId\":\"yard-unlabelled\"";
    assertThat(
            api.get("/api/v1/shelf/products/yard-unlabelled").json().at("/preview/ph/0").has("low"))
        .isFalse();
    double ph = take("ph", bottle).json().get("value").asDouble();
    JsonNode known = api.get("/api/v1/shelf/products/yard-unlabelled").json().at("/preview/ph/0");
    assertThat(known.get("low").asDouble()).isLessThanOrEqualTo(ph);
    assertThat(known.get("high").asDouble()).isGreaterThanOrEqualTo(ph);
    assertThat(take("ph", "\"productId\":\"nothing\"").fault().get("pointer").asString())
        .isEqualTo("/productId");
  }

  @ParameterizedTest
  @CsvSource({
    "gloss,\"value\":3,/surfaceId",
    "gloss,'\"surfaceId\":\"nowhere\"',/surfaceIds",
    "moisture,'\"surfaceId\":\"fl-cushion-centre\",\"value\":300',/value",
    "cloth-colour,'\"surfaceId\":\"fl-cushion-centre\",\"colour\":\"brown\"',/colour",
    "thumb,\"value\":3,/instrument",
  })
  void whatCannotBeReadIsNamed(String instrument, String more, String pointer) {
    Answer refused = take(instrument, more);
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.fault().get("pointer").asString()).isEqualTo(pointer);
  }

  @Test
  void aSlipOfTheFingerIsTakenOut() {
    String id = take("moisture", SEAT + ",\"value\":9").json().get("id").asString();
    assertThat(api.delete("/api/v1/jobs/" + job + "/readings/" + id).status()).isEqualTo(204);
    assertThat(api.get("/api/v1/jobs/" + job + "/readings").json()).isEmpty();
    assertThat(api.delete("/api/v1/jobs/" + job + "/readings/" + id).status()).isEqualTo(404);
  }
}
