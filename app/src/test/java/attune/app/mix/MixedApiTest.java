package attune.app.mix;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.support.Api;
import attune.app.support.Api.Answer;
import attune.app.support.RunningAttune;
import attune.app.support.RunningAttune.Running;
import attune.app.support.TestClock;
import java.nio.file.Path;
import java.time.LocalDate;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** Bottles mixed for a job and for a day, and the stock they come from. */
class MixedApiTest {
  private static Running attune;
  private static Api api;

  @BeforeAll
  static void open(@TempDir Path data) {
    attune = RunningAttune.start(data);
    api = attune.api();
  }

  @AfterAll
  static void close() {
    attune.close();
  }

  private static String bottle(String productId, int ml) {
    Answer added =
        api.post(
            "/api/v1/shelf/products/" + productId + "/bottles",
            "{\"sizeMl\":%d,\"leftMl\":%d}".formatted(ml, ml));
    assertThat(added.status()).as(added.text()).isLessThan(300);
    return added.json().get("id").asString();
  }

  private static double left(String productId) {
    return api.get("/api/v1/shelf/products/" + productId).json().at("/bottles/0/leftMl").asDouble();
  }

  private static Answer mix(String body) {
    return api.post("/api/v1/mix/mixed", body);
  }

  @Test
  void whatIsMixedLeavesTheStockAndStandsAtHandUntilPoured() {
    bottle("tarnwick-alkaline", 1000);
    Answer mixed = mix("{\"productId\":\"tarnwick-alkaline\",\"ratio\":\"1:15\",\"bottleMl\":800}");
    assertThat(mixed.status()).isEqualTo(201);
    assertThat(left("tarnwick-alkaline")).isEqualTo(950);
    assertThat(LocalDate.parse(mixed.json().get("useBy").asString())).isAfter(TestClock.TODAY);
    String id = mixed.json().get("id").asString();
    assertThat(api.get("/api/v1/mix/mixed").json().findValuesAsString("id")).contains(id);
    assertThat(api.post("/api/v1/mix/mixed/" + id + "/poured").json().findValuesAsString("id"))
        .doesNotContain(id);
    assertThat(left("tarnwick-alkaline")).isEqualTo(950);
  }

  @Test
  void aRatioOffTheLabelOrAnUnknownBottleIsNotMixed() {
    assertThat(
            mix("{\"productId\":\"tarnwick-alkaline\",\"ratio\":\"1:1\",\"bottleMl\":500}")
                .fault()
                .get("pointer")
                .asString())
        .isEqualTo("/ratio");
    assertThat(
            mix("{\"productId\":\"moonwash\",\"ratio\":\"1:1\",\"bottleMl\":500}")
                .fault()
                .get("pointer")
                .asString())
        .isEqualTo("/productId");
    assertThat(api.post("/api/v1/mix/mixed/00000000-0000-0000-0000-000000000000/poured").status())
        .isEqualTo(404);
  }

  @Test
  void aDaysJobsShareTheirBottlesAndWhatIsAtHandCounts() {
    String day = "2027-03-01";
    for (String title : new String[] {"Morning", "Afternoon"}) {
      String job = api.surveyedJob(title);
      api.find(
          job,
          "\"finish\":\"plastic/textured\",\"soil\":\"moderate\",\"wear\":\"intact\"",
          "dash-upper",
          "console-top",
          "fl-door-lower");
      api.patch("/api/v1/jobs/" + job, "{\"setting\":{\"start\":\"" + day + "T09:00\"}}");
    }
    JsonNode before = api.get("/api/v1/mix/day?day=" + day).json();
    assertThat(before).isNotEmpty();
    JsonNode first = before.get(0);
    assertThat(first.get("jobs")).hasSize(2);
    assertThat(first.get("productMl").asDouble() + first.get("waterMl").asDouble())
        .isEqualTo(first.get("bottleMl").asDouble());
    bottle(first.get("productId").asString(), 5000);
    mix(
        "{\"productId\":%s,\"ratio\":%s,\"bottleMl\":%s}"
            .formatted(first.get("productId"), first.get("ratio"), first.get("bottleMl")));
    JsonNode after = api.get("/api/v1/mix/day?day=" + day).json().get(0);
    assertThat(after.get("atHandMl").asDouble()).isEqualTo(first.get("bottleMl").asDouble());
    assertThat(after.get("bottleMl").asDouble()).isZero();
    assertThat(api.get("/api/v1/mix/day?day=2027-03-02").json()).isEmpty();
  }

  @Test
  void aPenOutsideWhatWasExpectedAsksWhy() {
    String job = api.surveyedJob("Pen");
    String take = "/api/v1/jobs/" + job + "/readings";
    String ph =
        "{\"instrument\":\"ph\",\"productId\":\"tarnwick-alkaline\",\"ratio\":\"1:15\",\"value\":%s}";
    assertThat(api.post(take, ph.formatted("13.4")).json().get("says").asString())
        .contains("stronger than it should be");
    assertThat(api.post(take, ph.formatted("7.6")).json().get("says").asString())
        .contains("weaker than it should be");
    String expected = api.post(take, ph.formatted("13.4")).json().get("says").asString();
    double low = Double.parseDouble(expected.replaceAll("Expected ([0-9.]+) to.*", "$1"));
    assertThat(api.post(take, ph.formatted(String.valueOf(low))).json().get("says").asString())
        .startsWith("As expected");
  }
}
