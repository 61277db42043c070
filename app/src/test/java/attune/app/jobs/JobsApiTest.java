package attune.app.jobs;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.support.Api;
import attune.app.support.Api.Answer;
import attune.app.support.RunningAttune;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** Jobs and their survey, on the real database. */
@ExtendWith(RunningAttune.class)
class JobsApiTest {
  private Api api;

  @BeforeEach
  void attune(Api running) {
    api = running;
  }

  private JsonNode job(String id) {
    return api.get("/api/v1/jobs/" + id).json();
  }

  @Test
  void aNewJobStartsEmptyInAMildStudio() {
    JsonNode job = job(api.newJob("Grease off the rim", "five-seat"));
    assertThat(job.get("state").asString()).isEqualTo("survey");
    assertThat(job.at("/document/title").asString()).isEqualTo("Grease off the rim");
    assertThat(job.at("/document/surfaces")).isEmpty();
    assertThat(job.at("/document/setting/airTempC").asDouble()).isEqualTo(20);
    assertThat(job.has("undo")).isFalse();
  }

  @Test
  void aFindingIsLaidOnSeveralPanelsAtOnceInTheOrderOfTheLayout() {
    String id = api.newJob("Seats", "five-seat");
    Answer found =
        api.find(
            id, "\"finish\":\"leather/coated\",\"soil\":\"light\"", "fr-back-centre", "wheel-rim");
    assertThat(found.status()).isEqualTo(200);
    JsonNode surfaces = found.json().at("/document/surfaces");
    assertThat(surfaces).hasSize(2);
    assertThat(surfaces.get(0).get("id").asString()).isEqualTo("wheel-rim");
    assertThat(surfaces.get(0).get("role").asString()).isEqualTo("grip");
    assertThat(surfaces.get(1).at("/condition/soil").asString()).isEqualTo("light");
    assertThat(found.json().at("/labels/wheel-rim").asString()).isEqualTo("Wheel rim");
  }

  @Test
  void whatIsNotSaidStaysAsItWas() {
    String id = api.newJob("Seats", "five-seat");
    api.find(id, "\"finish\":\"leather/coated\",\"soil\":\"light\"", "wheel-rim");
    api.find(id, "\"wear\":\"worn\"", "wheel-rim");
    JsonNode rim = job(id).at("/document/surfaces/0");
    assertThat(rim.get("finish").asString()).isEqualTo("leather/coated");
    assertThat(rim.at("/condition/soil").asString()).isEqualTo("light");
    assertThat(rim.at("/condition/wear").asString()).isEqualTo("worn");
  }

  @Test
  void everyStepIsUndoneAndDoneAgain() {
    String id = api.newJob("Seats", "five-seat");
    api.find(id, "\"soil\":\"light\"", "wheel-rim");
    api.find(id, "\"soil\":\"heavy\"", "wheel-rim");
    JsonNode undone = api.post("/api/v1/jobs/" + id + "/undo").json();
    assertThat(undone.at("/document/surfaces/0/condition/soil").asString()).isEqualTo("light");
    assertThat(undone.get("redo").asString()).isEqualTo("Findings on Wheel rim");
    JsonNode redone = api.post("/api/v1/jobs/" + id + "/redo").json();
    assertThat(redone.at("/document/surfaces/0/condition/soil").asString()).isEqualTo("heavy");
    api.post("/api/v1/jobs/" + id + "/undo");
    api.post("/api/v1/jobs/" + id + "/undo");
    assertThat(job(id).at("/document/surfaces")).isEmpty();
    assertThat(api.post("/api/v1/jobs/" + id + "/undo").status()).isEqualTo(409);
  }

  @Test
  void aNewFindingAfterUndoTakesTheNewPath() {
    String id = api.newJob("Seats", "five-seat");
    api.find(id, "\"soil\":\"light\"", "wheel-rim");
    api.post("/api/v1/jobs/" + id + "/undo");
    api.find(id, "\"soil\":\"caked\"", "wheel-rim");
    Answer redo = api.post("/api/v1/jobs/" + id + "/redo");
    assertThat(redo.status()).isEqualTo(409);
    assertThat(redo.json().get("detail").asString()).contains("nothing to redo");
    assertThat(job(id).at("/document/surfaces/0/condition/soil").asString()).isEqualTo("caked");
  }

  @Test
  void aPanelIsClearedAndThatToo() {
    String id = api.newJob("Seats", "five-seat");
    api.find(id, "\"soil\":\"light\"", "wheel-rim");
    assertThat(api.find(id, "\"cleared\":true", "wheel-rim").json().at("/document/surfaces"))
        .isEmpty();
    JsonNode back = api.post("/api/v1/jobs/" + id + "/undo").json();
    assertThat(back.at("/document/surfaces")).hasSize(1);
  }

  @ParameterizedTest(name = "{0} found {1}")
  @CsvSource(
      delimiter = '|',
      value = {
        "/finding/soil | \"filthy\" | none, light, moderate, heavy, caked | \"soil\":\"filthy\"",
        "/finding/finish | \"leather/moon\" | leather/coated | \"finish\":\"leather/moon\"",
        "/finding/ageMonths | -1 | at least 0 | \"ageMonths\":-1",
        "/finding/sheenGu | 500 | at most | \"sheenGu\":500",
        "/finding/soils/0 | \"lava\" | skin-oil | \"soils\":[\"lava\"]",
        "/finding/near/1 | \"piano\" | wood-open-pore | \"near\":[\"screen\",\"piano\"]",
      })
  void aWrongValueNamesFieldFoundAndAllowedAndChangesNothing(
      String pointer, String found, String allowed, String finding) {
    String id = api.newJob("Seats", "five-seat");
    api.find(id, "\"soil\":\"light\"", "wheel-rim");
    Answer refused = api.find(id, finding, "wheel-rim", "fl-cushion-centre");
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.type()).startsWith("application/problem+json");
    assertThat(refused.fault().get("pointer").asString()).isEqualTo(pointer);
    assertThat(refused.fault().get("found").asString()).contains(found);
    assertThat(refused.fault().get("allowed").asString()).contains(allowed);
    assertThat(job(id).at("/document/surfaces")).hasSize(1);
    assertThat(job(id).get("revision").asInt()).isEqualTo(2);
  }

  @Test
  void aPanelThatIsNotInTheLayoutIsRefused() {
    String id = api.newJob("Seats", "helm");
    Answer refused = api.find(id, "\"soil\":\"light\"", "fl-cushion-centre");
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.fault().get("found").asString()).isEqualTo("\"fl-cushion-centre\"");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "{\"title\":\"\",\"vehicle\":{\"label\":\"x\",\"layout\":\"five-seat\"}}",
        "{\"title\":\"x\"}",
        "{\"title\":\"x\",\"vehicle\":{\"label\":\"x\",\"layout\":\"five-seat\",\"builtYear\":1066}}",
        "{\"title\":\"x\",\"vehicle\":{\"label\":\"x\",\"layout\":\"submarine\"}}",
      })
  void aJobThatIsNotWholeIsRefusedWithItsField(String body) {
    int before = api.get("/api/v1/day").json().size();
    Answer refused = api.post("/api/v1/jobs", body);
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.fault().get("pointer").asString())
        .isIn("/title", "/vehicle", "/vehicle/builtYear", "/layout");
    assertThat(refused.fault().get("allowed").asString()).isNotBlank();
    assertThat(api.get("/api/v1/day").json()).hasSize(before);
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "{", "[]", "\"job\"", "{\"titel\":\"x\"}", "{\"title\":{\"a\":1}}"})
  void whatCannotBeReadIsSaidSoWithoutAStackTrace(String body) {
    Answer refused = api.post("/api/v1/jobs", body);
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.text()).doesNotContain("Exception").doesNotContain("\tat ");
  }

  @Test
  void aBodyThatIsTooLargeIsRefusedUnread() {
    Answer refused = api.post("/api/v1/jobs", " ".repeat(9 * 1024 * 1024));
    assertThat(refused.status()).isEqualTo(413);
  }

  @ParameterizedTest
  @ValueSource(strings = {"/api/v1/jobs/00000000-0000-0000-0000-000000000000", "/api/v1/jobs/nine"})
  void aJobThatIsNotThereIsSaidSo(String path) {
    assertThat(api.get(path).status()).isEqualTo(404);
    assertThat(api.get(path).json().get("detail").asString()).isNotBlank();
  }

  @Test
  void theSettingIsChangedPieceByPieceAndStaysInBounds() {
    String id = api.newJob("Seats", "five-seat");
    String path = "/api/v1/jobs/" + id;
    JsonNode warm = api.patch(path, "{\"setting\":{\"airTempC\":27.5}}").json();
    assertThat(warm.at("/document/setting/airTempC").asDouble()).isEqualTo(27.5);
    assertThat(warm.at("/document/setting/relativeHumidity").asDouble()).isEqualTo(0.5);
    Answer refused = api.patch(path, "{\"setting\":{\"relativeHumidity\":55}}");
    assertThat(refused.fault().get("pointer").asString()).isEqualTo("/setting/relativeHumidity");
    assertThat(refused.fault().get("allowed").asString()).isEqualTo("at most 1");
    Answer early = api.patch(path, "{\"setting\":{\"returnBy\":\"2020-01-01T08:00\"}}");
    assertThat(early.fault().get("pointer").asString()).isEqualTo("/setting/returnBy");
    api.patch(path, "{\"setting\":{\"returnBy\":\"2099-01-01T08:00\"}}");
    assertThat(job(id).at("/document/setting/returnBy").asString()).isEqualTo("2099-01-01T08:00");
    api.patch(path, "{\"setting\":{\"returnBy\":\"\"}}");
    assertThat(job(id).at("/document/setting").has("returnBy")).isFalse();
    Answer school = api.patch(path, "{\"houseRules\":{\"steam\":\"sauna\"}}");
    assertThat(school.status()).isEqualTo(422);
  }

  @Test
  void whatWasFoundIsCopiedToTheOtherSideInOneStep() {
    String id = api.newJob("Seats", "five-seat");
    api.find(id, "\"finish\":\"leather/coated\",\"soil\":\"heavy\"", "fl-cushion-centre");
    String path = "/api/v1/jobs/" + id;
    JsonNode copied =
        api.post(
                path + "/copies",
                "{\"pairs\":[{\"from\":\"fl-cushion-centre\",\"to\":\"fr-cushion-centre\"},"
                    + "{\"from\":\"fl-cushion-centre\",\"to\":\"rear-cushion\"}]}")
            .json();
    assertThat(copied.at("/document/surfaces")).hasSize(3);
    JsonNode rear = copied.at("/document/surfaces/2");
    assertThat(rear.get("id").asString()).isEqualTo("rear-cushion");
    assertThat(rear.at("/condition/soil").asString()).isEqualTo("heavy");
    assertThat(rear.get("areaM2").asDouble()).isEqualTo(0.65);
    assertThat(api.post(path + "/undo").json().at("/document/surfaces")).hasSize(1);
    Answer refused =
        api.post(path + "/copies", "{\"pairs\":[{\"from\":\"wheel-rim\",\"to\":\"fl-side\"}]}");
    assertThat(refused.fault().get("pointer").asString()).isEqualTo("/pairs/0/from");
    Answer nowhere =
        api.post(
            path + "/copies", "{\"pairs\":[{\"from\":\"fl-cushion-centre\",\"to\":\"roof\"}]}");
    assertThat(nowhere.fault().get("pointer").asString()).isEqualTo("/pairs/0/to");
  }

  @Test
  void aPanelOfOnesOwnIsAddedNamedMeasuredAndPlanned() {
    String id = api.newJob("A loose bench", "blank");
    String path = "/api/v1/jobs/" + id;
    String bench = "{\"label\":\"Picnic bench!\",\"role\":\"seat\",\"areaM2\":0.9}";
    api.post(path + "/panels", bench);
    JsonNode two = api.post(path + "/panels", bench).json();
    assertThat(two.at("/document/surfaces/1/id").asString()).isEqualTo("own-picnic-bench-2");
    assertThat(two.at("/labels/own-picnic-bench").asString()).isEqualTo("Picnic bench!");
    JsonNode found =
        api.find(
                id,
                "\"label\":\"Left bench\",\"areaM2\":0.5,\"finish\":\"vinyl/coated-textile\","
                    + "\"soil\":\"light\",\"wear\":\"intact\"",
                "own-picnic-bench")
            .json();
    assertThat(found.at("/labels/own-picnic-bench").asString()).isEqualTo("Left bench");
    assertThat(found.at("/document/surfaces/0/areaM2").asDouble()).isEqualTo(0.5);
    assertThat(api.get(path + "/plan").json().get("surfaces")).hasSize(1);
    Answer refused = api.post(path + "/panels", "{\"label\":\"x\",\"role\":\"sofa\",\"areaM2\":1}");
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.fault().get("pointer").asString()).isEqualTo("/surfaces/2/role");
    assertThat(
            api.post(path + "/panels", "{\"label\":\"x\",\"role\":\"seat\",\"areaM2\":-1}")
                .status())
        .isEqualTo(422);
  }

  @Test
  void theWheelIsOnTheSideItIs() {
    Answer made =
        api.post(
            "/api/v1/jobs",
            "{\"title\":\"x\",\"vehicle\":{\"label\":\"y\",\"layout\":\"five-seat\",\"drive\":\"right\"}}");
    assertThat(made.json().at("/document/vehicle/drive").asString()).isEqualTo("right");
    String layout = api.get("/api/v1/layouts/five-seat?drive=right").text();
    assertThat(layout).contains("\"mirrored\":true");
    assertThat(api.get("/api/v1/layouts/five-seat").text()).doesNotContain("\"mirrored\":true");
  }

  @Test
  void theDayListsEveryJobInFewQueriesHoweverMany(RunningAttune.Running running) {
    var statistics =
        running
            .context()
            .getBean(jakarta.persistence.EntityManagerFactory.class)
            .unwrap(org.hibernate.SessionFactory.class)
            .getStatistics();
    for (int i = 0; i < 12; i++) {
      api.newJob("One of many " + i, "helm");
    }
    statistics.clear();
    JsonNode day = api.get("/api/v1/day").json();
    assertThat(day.size()).isGreaterThanOrEqualTo(12);
    assertThat(statistics.getPrepareStatementCount()).isLessThanOrEqualTo(2);
  }
}
