package attune.app.shelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import attune.app.support.Api;
import attune.app.support.Api.Answer;
import attune.app.support.RunningAttune;
import attune.app.support.RunningAttune.Running;
import attune.app.support.TestClock;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Records, bottles, cloths and safety sheets: what a shop really owns, and what is left of it. */
class StockApiTest {
  private static final String SOAP =
      "{\"name\":\"%s\",\"roles\":[\"cleaner\"],\"ph\":9.5,\"phNature\":\"buffered\","
          + "\"strength\":4,\"supply\":\"concentrate\",\"labelRatios\":{\"default\":\"1:10\",\"strongest\":\"1:5\"},"
          + "\"labelExcludes\":[\"leather/*\"],\"bleach\":true,\"hazards\":[\"H319\",\"H400\"]%s}";
  private static final String MILD = "marlpit-mild";
  private static Running attune;
  private static Api api;

  @BeforeAll
  static void aShelf(@TempDir Path data) {
    attune = RunningAttune.start(data);
    api = attune.api();
  }

  @AfterAll
  static void closeUp() {
    attune.close();
  }

  private JsonNode made(String name) {
    return api.post("/api/v1/shelf/products", SOAP.formatted(name, "")).json();
  }

  private JsonNode product(String id) {
    return api.get("/api/v1/shelf/products/" + id).json();
  }

  private double onHand(String id) {
    for (JsonNode p : api.get("/api/v1/shelf").json().get("products")) {
      if (p.get("id").asString().equals(id)) {
        return p.get("onHandMl").asDouble();
      }
    }
    throw new AssertionError("no product " + id);
  }

  /** What is needed this week of each product that a job of this title draws on, in ml. */
  private Map<String, Double> needs(String title) {
    Map<String, Double> needed = new LinkedHashMap<>();
    for (JsonNode need : api.get("/api/v1/needs?days=7").json()) {
      if (need.get("jobs").toString().contains(title)) {
        needed.put(need.get("productId").asString(), need.get("neededMl").asDouble());
      }
    }
    return needed;
  }

  private JsonNode bottle(String product, String json) {
    return api.post("/api/v1/shelf/products/" + product + "/bottles", json).json();
  }

  @Test
  void savingOnAnOldStateIsToldAndNothingIsLost() {
    JsonNode opened = product(MILD);
    ObjectNode mine = (ObjectNode) opened.get("record").deepCopy();
    ObjectNode theirs = mine.deepCopy();
    String on = "/api/v1/shelf/products/" + MILD + "?earlier=" + opened.get("earlier");
    assertThat(api.put(on, theirs.put("maker", "Theirs").toString()).status()).isEqualTo(200);
    assertThat(api.put(on, mine.put("maker", "Mine").toString()).status()).isEqualTo(409);
    assertThat(product(MILD).at("/record/maker").asString()).isEqualTo("Theirs");
    String now = "/api/v1/shelf/products/" + MILD + "?earlier=" + product(MILD).get("earlier");
    assertThat(api.put(now, mine.toString()).status()).isEqualTo(200);
    assertThat(product(MILD).at("/record/maker").asString()).isEqualTo("Mine");
  }

  @Test
  void aNewProductGetsAnIdFromItsNameAndSaysWhatItMeans() {
    JsonNode made = made("Quay Soap No. 2");
    assertThat(made.at("/record/id").asString()).isEqualTo("quay-soap-no-2");
    JsonNode preview = made.get("preview");
    assertThat(preview.get("ph")).hasSize(2);
    assertThat(preview.at("/ph/0/ratio").asString()).isEqualTo("1:10");
    assertThat(preview.at("/ph/0/low").asDouble()).isLessThan(9.5);
    assertThat(preview.get("excluded").toString()).contains("nubuck").doesNotContain("vinyl");
    assertThat(preview.get("clashes").toString()).contains("chlorine").contains("chloramine");
    assertThat(preview.get("hazards").toString()).contains("exclamation").contains("environment");
    assertThat(made("Quay Soap No. 2").at("/record/id").asString()).isEqualTo("quay-soap-no-2-2");
  }

  @Test
  void aDayNobodyLivesToSeeIsNotTaken() {
    for (String day : List.of("+12026-11-27", "0026-01-01", "2026-02-30", "tomorrow")) {
      Answer odd =
          api.post(
              "/api/v1/shelf/products/" + MILD + "/bottles",
              "{\"sizeMl\":500,\"openedOn\":\"%s\"}".formatted(day));
      assertThat(odd.status()).as(day).isEqualTo(422);
      assertThat(odd.fault().get("pointer").asString()).isEqualTo("/openedOn");
      assertThat(odd.fault().get("found").asString()).contains(day);
      assertThat(odd.fault().get("allowed").asString())
          .isEqualTo("a day, YYYY-MM-DD, from 1900 to 2100");
    }
    assertThat(api.get("/api/v1/shelf").status()).isEqualTo(200);
  }

  @Test
  void aDraftIsCheckedBeforeItIsSaved() {
    int before = api.get("/api/v1/shelf").json().get("products").size();
    JsonNode draft =
        api.post("/api/v1/shelf/products/preview", "{\"name\":\"New\",\"roles\":[\"cleaner\"]}")
            .json();
    assertThat(draft.get("notes").toString())
        .contains("pH is not known")
        .contains("strength is not known");
    Answer wrong =
        api.post(
            "/api/v1/shelf/products/preview",
            "{\"name\":\"New\",\"roles\":[\"cleaner\"],\"ph\":15,\"dwellS\":{\"min\":60,\"max\":5}}");
    assertThat(wrong.status()).isEqualTo(422);
    assertThat(wrong.fault().get("pointer").asString()).isEqualTo("/ph");
    assertThat(api.get("/api/v1/shelf").json().get("products")).hasSize(before);
  }

  @Test
  void aChangedRecordKeepsTheOneBeforeAndItsIdForGood() {
    String id = made("Harbour Soap").at("/record/id").asString();
    String changed = SOAP.formatted("Harbour Soap", ",\"id\":\"" + id + "\"").replace("9.5", "9.1");
    assertThat(api.put("/api/v1/shelf/products/" + id, changed).json().get("earlier").asInt())
        .isEqualTo(1);
    assertThat(product(id).at("/record/ph").asDouble()).isEqualTo(9.1);
    Answer other = api.put("/api/v1/shelf/products/" + MILD, changed);
    assertThat(other.fault().get("allowed").asString()).contains("ids never change");
  }

  @Test
  void whatIsArchivedIsPlannedWithNoMoreAndComesBack() {
    String job = api.surveyedJob("Archived");
    String chosen =
        api.get("/api/v1/jobs/" + job + "/plan").json().at("/mixes/0/productId").asString();
    api.post("/api/v1/shelf/products/" + chosen + "/archived?away=true", "");
    assertThat(api.get("/api/v1/jobs/" + job + "/plan").text())
        .doesNotContain("\"" + chosen + "\"");
    assertThat(api.get("/api/v1/shelf/archive").text()).contains(chosen);
    assertThat(product(chosen).get("archived").asBoolean()).isTrue();
    api.post("/api/v1/shelf/products/" + chosen + "/archived?away=false", "");
    assertThat(api.get("/api/v1/jobs/" + job + "/plan").text()).contains("\"" + chosen + "\"");
  }

  @Test
  void bottlesSayWhatIsOnHandAndAnExpiredOneDoesNotCount() {
    LocalDate today = TestClock.TODAY;
    String soap = made("Slip Soap").at("/record/id").asString();
    bottle(
        soap, "{\"sizeMl\":500,\"leftMl\":120,\"openedOn\":\"%s\"}".formatted(today.minusDays(30)));
    bottle(soap, "{\"sizeMl\":500,\"batch\":\"B2\"}");
    JsonNode old =
        bottle(soap, "{\"sizeMl\":500,\"expiresOn\":\"%s\"}".formatted(today.minusDays(1)));
    assertThat(old.get("expired").asBoolean()).isTrue();
    assertThat(onHand(soap)).isEqualTo(620);
    JsonNode first = product(soap).at("/bottles/0");
    api.post(
        "/api/v1/shelf/bottles/" + first.get("id").asString() + "/left",
        "{\"grams\":160,\"emptyGrams\":60,\"gramsPerMl\":1.25}");
    assertThat(product(soap).at("/bottles/0/leftMl").asDouble()).isCloseTo(80, within(1e-9));
    api.post("/api/v1/shelf/bottles/" + first.get("id").asString() + "/thrown", "");
    assertThat(onHand(soap)).isEqualTo(500);
  }

  @Test
  void aWeekKnowsWhatItNeedsAndAHandedOverJobHasDrawnIt() {
    Map<String, Double> before = needs("");
    String job = api.surveyedJob("Draws");
    Map<String, Double> with = needs("Draws");
    String id = with.keySet().iterator().next();
    double needed = with.get(id) - before.getOrDefault(id, 0.0); // other jobs may want it too
    bottle(id, "{\"sizeMl\":500,\"leftMl\":1,\"openedOn\":\"2026-01-01\"}");
    bottle(id, "{\"sizeMl\":500,\"leftMl\":300}");
    api.post("/api/v1/jobs/" + job + "/bench");
    api.doEverything(job);
    api.post("/api/v1/jobs/" + job + "/handover");
    assertThat(onHand(id)).isCloseTo(301 - needed, within(0.2));
    assertThat(api.get("/api/v1/needs?days=7").text()).doesNotContain("Draws");
  }

  @Test
  void aJobOfNextMonthIsNoNeedOfThisWeek() {
    String job = api.surveyedJob("Far off");
    String start = TestClock.TODAY.plusDays(20) + "T09:00";
    api.patch("/api/v1/jobs/" + job, "{\"setting\":{\"start\":\"" + start + "\"}}");
    assertThat(api.get("/api/v1/needs?days=7").text()).doesNotContain("Far off");
    assertThat(api.get("/api/v1/needs?days=30").text()).contains("Far off");
    assertThat(api.get("/api/v1/needs?days=-4").status()).isEqualTo(200);
    assertThat(api.get("/api/v1/needs?days=999999").text()).contains("Far off");
  }

  @Test
  void aBareUnsurveyedJobNeedsNothingYet() {
    api.newJob("Nothing found yet", "helm");
    assertThat(api.get("/api/v1/needs").text()).doesNotContain("Nothing found yet");
  }

  @Test
  void clothsGoToTheWashAndComeBackOnceMoreWashed() {
    String at = "/api/v1/shelf/cloths/cloth-charcoal";
    assertThat(
            api.put(at, "{\"colour\":\"charcoal\",\"faces\":8,\"uses\":[\"cleaning\"]}").status())
        .isEqualTo(200);
    JsonNode used = api.post(at + "/pieces", "{\"event\":\"used\",\"pieces\":5}").json();
    assertThat(used.get("clean").asInt()).isEqualTo(15);
    assertThat(used.get("toWash").asInt()).isEqualTo(5);
    JsonNode washed = api.post(at + "/pieces", "{\"event\":\"washed\",\"pieces\":5}").json();
    assertThat(washed.get("clean").asInt()).isEqualTo(20);
    assertThat(washed.get("timesWashed").asInt()).isEqualTo(used.get("timesWashed").asInt() + 1);
    JsonNode thrown = api.post(at + "/pieces", "{\"event\":\"thrown\",\"pieces\":2}").json();
    assertThat(thrown.get("thrown").asInt()).isEqualTo(2);
    assertThat(api.post(at + "/pieces", "{\"event\":\"used\",\"pieces\":99}").status())
        .isEqualTo(422);
    assertThat(api.post(at + "/pieces", "{\"event\":\"washed\",\"pieces\":0}").status())
        .isEqualTo(422);
    assertThat(api.put("/api/v1/shelf/cloths/lamp", "{\"faces\":8,\"uses\":[]}").status())
        .isEqualTo(404);
  }

  @Test
  void aSafetySheetIsAPdfOrAnAddress() {
    String at = "/api/v1/shelf/products/" + MILD + "/safety-sheet";
    assertThat(api.get(at).status()).isEqualTo(404);
    assertThat(api.postFile(at, "sheet.pdf", "words".getBytes(StandardCharsets.UTF_8)).status())
        .isEqualTo(422);
    assertThat(
            api.postFile(at, "sheet.pdf", "%PDF-1.7 x".getBytes(StandardCharsets.UTF_8)).status())
        .isEqualTo(204);
    assertThat(api.get(at).text()).startsWith("%PDF-1.7");
    assertThat(product(MILD).get("sheetFile").asString()).isEqualTo("sheet.pdf");
    assertThat(api.put(at, "{\"link\":\"javascript:alert(1)\"}").status()).isEqualTo(422);
    assertThat(api.put(at, "{\"link\":\"https://marlpit.example/sds\"}").status()).isEqualTo(204);
    assertThat(product(MILD).get("sheetLink").asString()).isEqualTo("https://marlpit.example/sds");
  }

  @Test
  void pairsThatMustNotMeetAreNamedOnTheShelfAndInTheBottle() {
    String pairs = api.get("/api/v1/shelf/never-mix").text();
    assertThat(pairs)
        .contains("Eddystrand Mould Stop")
        .contains("chlorine")
        .contains("chloramine")
        .contains("undo each other");
    String mix =
        "{\"ratio\":\"1:20\",\"bottleMl\":500,\"productId\":\"gorsefield-acid\",\"heldId\":\"%s\"}";
    assertThat(
            api.post("/api/v1/mix", mix.formatted("eddystrand-bloom"))
                .json()
                .get("barred")
                .asString())
        .contains("before it is rinsed");
    assertThat(api.post("/api/v1/mix", mix.formatted(MILD)).json().has("barred")).isFalse();
  }

  @Test
  void theWholeShelfGoesOutAsJsonAndComesBackTheSame() {
    bottle("gorsefield-acid", "{\"sizeMl\":500}");
    JsonNode shelf = api.get("/api/v1/shelf").json();
    JsonNode same =
        api.postText("/api/v1/shelf/import?dryRun=true", api.get("/api/v1/shelf/json").text())
            .json();
    assertThat(same.get("added")).isEmpty();
    assertThat(same.get("changed")).isEmpty();
    assertThat(same.get("same").asInt())
        .isEqualTo(shelf.get("products").size() + shelf.get("tools").size());
  }
}
