package attune.app.care;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.support.Api;
import attune.app.support.Api.Answer;
import attune.app.support.RunningAttune;
import attune.app.support.TestClock;
import java.time.Duration;
import java.time.LocalDate;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** After-care of a car that left: what is due, what was done at home, what waiting costs. */
@ExtendWith(RunningAttune.class)
class CareApiTest {
  private Api api;
  private TestClock clock;
  private String job;
  private int passed;

  @BeforeEach
  void aCarThatLeft(Api running, TestClock time) {
    api = running;
    clock = time;
    job = api.surveyedJob("After-care");
    api.find(job, "\"feel\":\"dry\"", "fl-cushion-centre", "fl-back-centre");
  }

  private void pass(int days) {
    clock.pass(Duration.ofDays(days));
    passed += days;
  }

  @AfterEach
  void backToToday() {
    clock.pass(Duration.ofDays(-passed));
  }

  private JsonNode care() {
    return api.get("/api/v1/jobs/" + job + "/care").json();
  }

  private void handOver() {
    api.post("/api/v1/jobs/" + job + "/bench");
    api.doEverything(job);
    api.post("/api/v1/jobs/" + job + "/handover");
  }

  private JsonNode line(String what) {
    for (JsonNode line : care().get("lines")) {
      if (line.get("what").asString().startsWith(what)) {
        return line;
      }
    }
    throw new AssertionError(what + " is no line of " + care());
  }

  private Answer done(String what, LocalDate day) {
    return api.post(
        "/api/v1/jobs/" + job + "/care/done",
        "{\"code\":\"%s\",\"doneOn\":\"%s\",\"place\":\"home\"}".formatted(what, day));
  }

  @Test
  void dryHideIsConditionedAgainRoundByRoundAndHomeEntriesMoveIt() {
    assertThat(api.get("/api/v1/jobs/" + job + "/care").status()).isEqualTo(409);
    handOver();
    LocalDate visit = LocalDate.parse(care().get("visit").asString());
    JsonNode ladder = line("Condition again");
    assertThat(ladder.get("next").asString()).isEqualTo(visit.plusDays(2).toString());
    String what = ladder.get("code").asString();
    assertThat(done(what, visit.plusDays(1)).fault().get("allowed").asString()).contains(" to ");
    assertThat(done("Polish it", visit).fault().get("pointer").asString()).isEqualTo("/code");
    pass(2);
    JsonNode after = done(what, visit.plusDays(2)).json();
    assertThat(after.get("done")).hasSize(1);
    assertThat(line("Condition again").get("next").asString())
        .isEqualTo(visit.plusDays(7).toString());
    String entry = after.at("/done/0/id").asString();
    api.delete("/api/v1/jobs/" + job + "/care/done/" + entry);
    assertThat(line("Condition again").get("next").asString())
        .isEqualTo(visit.plusDays(2).toString());
  }

  @Test
  void theDaySaysWhatIsDueAndWaitingNeverGetsCheaper() {
    handOver();
    assertThat(watch()).contains("Condition again");
    pass(200);
    assertThat(watch()).doesNotContain("Condition again").doesNotContain("Wipe with a cloth");
    long before = 0;
    for (JsonNode point : care().get("waiting")) {
      assertThat(point.get("minutes").asLong()).isGreaterThanOrEqualTo(before);
      before = point.get("minutes").asLong();
    }
    assertThat(before).isPositive();
  }

  private String watch() {
    StringBuilder said = new StringBuilder();
    for (JsonNode thing : api.get("/api/v1/watch").json()) {
      if (thing.has("jobId") && thing.get("jobId").asString().equals(job)) {
        said.append(thing.get("says").asString()).append('\n');
      }
    }
    return said.toString();
  }

  @Test
  void aCarUsedHardIsDueSoonerAndTheNextVisitMovesTheDeepClean() {
    handOver();
    int usual = line("Wipe with a cloth").get("everyDays").asInt();
    JsonNode detail = api.get("/api/v1/jobs/" + job).json();
    String vehicle = detail.get("vehicleId").asString();
    String customer =
        api.post(
                "/api/v1/customers",
                "{\"name\":\"Ada Brinmoor\",\"uses\":[\"pets\",\"work-clothes\"],\"kmAYear\":31000}")
            .json()
            .get("id")
            .asString();
    api.put(
        "/api/v1/vehicles/" + vehicle,
        "{\"label\":\"Pellarin Corvid saloon\",\"layout\":\"five-seat\",\"historyKnown\":false,"
            + "\"customerId\":\""
            + customer
            + "\",\"version\":"
            + api.get("/api/v1/vehicles/" + vehicle).json().at("/form/version").asInt()
            + "}");
    assertThat(line("Wipe with a cloth").get("everyDays").asInt()).isLessThan(usual);
    assertThat(line("Wipe with a cloth").get("usualDays").asInt()).isEqualTo(usual);
    assertThat(care().get("reasons").toString()).contains("pets", "many kilometres");
  }

  @Test
  void whatTheNextVisitFindsSetsTheNextDeepClean() {
    handOver();
    String vehicle = api.get("/api/v1/jobs/" + job).json().get("vehicleId").asString();
    assertThat(line("Deep clean").get("everyDays").asInt()).isEqualTo(182);
    pass(91);
    job =
        api.post(
                "/api/v1/jobs",
                "{\"title\":\"Three months on\",\"vehicleId\":\"%s\"}".formatted(vehicle))
            .json()
            .get("id")
            .asString();
    api.find(
        job,
        "\"finish\":\"leather/coated\",\"soil\":\"heavy\",\"soils\":[\"skin-oil\"],\"wear\":\"intact\"",
        "fl-cushion-centre");
    handOver();
    int days = line("Deep clean").get("everyDays").asInt();
    assertThat(days).isBetween(49, 51); // 91 days of it came to 4, and 2.2 is moderate
    assertThat(care().get("adapted").asString()).contains("in " + days + " days");
    assertThat(api.get("/api/v1/jobs/" + job + "/calendar.ics").text())
        .contains("INTERVAL=" + days);
  }
}
