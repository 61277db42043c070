package attune.app.forecast;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.support.Api;
import attune.app.support.Api.Answer;
import attune.app.support.RunningAttune;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** A job in other air, and through the hours of a forecast. */
@ExtendWith(RunningAttune.class)
class OutlookApiTest {
  private static JsonNode outlook(Api api, String job, String air) {
    Answer answer = api.post("/api/v1/jobs/" + job + "/outlook", air);
    assertThat(answer.status()).isEqualTo(200);
    return answer.json();
  }

  private static String mobileJob(Api api, String title) {
    String job = api.surveyedJob(title);
    assertThat(api.patch("/api/v1/jobs/" + job, "{\"setting\":{\"place\":\"mobile\"}}").status())
        .isEqualTo(200);
    return job;
  }

  private static String hour(String at, int degrees, double humidity, String sun) {
    return "{'at':'%s','airTempC':%d,'relativeHumidity':%s,'sun':'%s'}"
        .formatted(at, degrees, humidity, sun);
  }

  private static String says(Api api, String job, String... hours) {
    String file =
        "{'format':'attune-forecast','version':1,'hours':[" + String.join(",", hours) + "]}";
    return api.post("/api/v1/jobs/" + job + "/forecast", file.replace('\'', '"'))
        .json()
        .get("says")
        .asString();
  }

  @Test
  void whereNoHourIsFitItSaysWhatWouldMakeOneAndWhichIsLeastBad(Api api) {
    String job = mobileJob(api, "A hot day");
    assertThat(
            says(
                api,
                job,
                hour("2026-06-21T11:00", 27, 0.5, "direct"),
                hour("2026-06-21T13:00", 31, 0.5, "direct")))
        .startsWith("No hour of it is fit")
        .contains("Out of the sun one would be.", "heated hall", "Least bad is Sun 21 Jun 11:00");
    assertThat(says(api, job, hour("2026-11-27T12:00", 4, 1, "none")))
        .doesNotContain("Out of the sun")
        .contains("heated hall");
  }

  @Test
  void inTheStudioTheWeatherMakesNoDifference(Api api) {
    String job = api.surveyedJob("In the warm");
    JsonNode hours = api.get("/api/v1/jobs/" + job + "/forecast").json();
    assertThat(hours.get("says").asString()).startsWith("In the studio the air is the room's");
    assertThat(hours.get("hours")).isEmpty();
  }

  @Test
  void heatAndSunCutTheSectionsSmallerAndSayWhatDidIt(Api api) {
    String job = api.surveyedJob("In the sun");
    JsonNode now = outlook(api, job, "{}");
    assertThat(now.get("sections")).isEqualTo(now.get("planned"));
    assertThat(now.has("says")).isFalse();
    assertThat(now.get("panels").findValues("order").stream().map(JsonNode::asInt))
        .isSorted()
        .doesNotHaveDuplicates();
    JsonNode sun = outlook(api, job, "{\"sun\":\"direct\",\"airTempC\":26}");
    assertThat(sun.get("shortestWindowS").asDouble())
        .isLessThan(now.get("shortestWindowS").asDouble() / 3);
    assertThat(now.get("fits").asBoolean()).isTrue();
    assertThat(sun.get("fits").asBoolean()).isFalse();
    assertThat(sun.get("says").asString()).startsWith("Mostly the sun");
  }

  @Test
  void whereNothingDriesItSaysWhatToChange(Api api) {
    String job = api.surveyedJob("In a wet garage");
    JsonNode wet = outlook(api, job, "{\"relativeHumidity\":1,\"airTempC\":6}");
    assertThat(wet.get("dries").asBoolean()).isFalse();
    assertThat(wet.get("remedies").toString()).contains("Warm the room", "Dry the air");
  }

  @Test
  void aWrongSunOrAnImpossibleAirIsNamed(Api api) {
    String job = api.surveyedJob("Wrong air");
    String path = "/api/v1/jobs/" + job + "/outlook";
    assertThat(api.post(path, "{\"sun\":\"moon\"}").fault().get("pointer").asString())
        .isEqualTo("/sun");
    assertThat(api.post(path, "{\"relativeHumidity\":1.4}").status()).isEqualTo(422);
  }

  @Test
  void theShippedWeatherIsAFileThatCanBeReadBack(Api api) {
    String job = mobileJob(api, "On the drive");
    Answer file = api.get("/api/v1/forecast?day=2026-06-21");
    assertThat(file.json().get("hours")).hasSize(48);
    assertThat(api.get("/api/v1/forecast?day=2026-06-21").text()).isEqualTo(file.text());
    JsonNode hours = api.post("/api/v1/jobs/" + job + "/forecast", file.text()).json();
    assertThat(hours.get("hours")).hasSize(48);
    assertThat(hours.get("simulated").asBoolean()).isFalse();
    long best =
        StreamSupport.stream(hours.get("hours").spliterator(), false)
            .filter(h -> h.get("best").asBoolean())
            .peek(h -> assertThat(h.get("workable").asBoolean()).isTrue())
            .count();
    assertThat(best).isEqualTo(1);
    assertThat(hours.get("says").asString()).startsWith("Best begun");
    assertThat(api.get("/api/v1/jobs/" + job + "/forecast").json().get("simulated").asBoolean())
        .isTrue();
  }

  @ParameterizedTest(name = "{0}")
  @CsvSource(
      delimiter = '|',
      value = {
        "/hours/0/relativeHumidity | {'at':'2026-06-01T08:00','airTempC':12,'relativeHumidity':60}",
        "/hours/0/at | {'at':'2026-13-01T08:00','airTempC':12,'relativeHumidity':0.6}",
        "/hours/0/sun | {'at':'2026-06-01T08:00','airTempC':12,'relativeHumidity':0.6,'sun':'hot'}",
        "/hours/0/airTempC | {'at':'2026-06-01T08:00','relativeHumidity':0.6}",
      })
  void aForecastThatIsNotOneIsRefusedFieldByField(String pointer, String hour, Api api) {
    String job = mobileJob(api, "A bad forecast");
    String file = "{'format':'attune-forecast','version':1,'hours':[" + hour + "]}";
    Answer refused = api.post("/api/v1/jobs/" + job + "/forecast", file.replace('\'', '"'));
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.fault().get("pointer").asString()).isEqualTo(pointer);
  }
}
