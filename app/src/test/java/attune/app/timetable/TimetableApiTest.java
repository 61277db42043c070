package attune.app.timetable;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.support.Api;
import attune.app.support.Api.Answer;
import attune.app.support.RunningAttune;
import attune.app.support.RunningAttune.Running;
import attune.app.support.TestClock;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A job on the clock: moved, staffed, promised, quoted; and the shop's week. */
class TimetableApiTest {
  private static Running attune;
  private static Api api;

  @BeforeAll
  static void aShopOfTwo(@TempDir Path data) {
    attune = RunningAttune.start(data, "--attune.shop=Lantern Yard Trim Care");
    api = attune.api();
    ObjectNode shop = (ObjectNode) api.get("/api/v1/shop").json();
    shop.put("hourlyRate", 60).put("taxPercent", 20);
    shop.putArray("people").addObject().put("name", "Mira").put("coats", true);
    ((ArrayNode) shop.get("people")).addObject().put("name", "Ines").put("coats", false);
    assertThat(api.put("/api/v1/shop", shop.toString()).status()).isEqualTo(200);
  }

  @AfterAll
  static void closeUp() {
    attune.close();
  }

  /** Begun at nine on a day of its own. */
  private static String job(String title, String day) {
    String job = api.surveyedJob(title);
    set(job, "{\"setting\":{\"start\":\"" + day + "T09:00\"}}");
    return job;
  }

  private static void set(String job, String change) {
    assertThat(api.patch("/api/v1/jobs/" + job, change).status()).isEqualTo(200);
  }

  private static String path(String job, String rest) {
    return "/api/v1/jobs/" + job + "/timetable" + rest;
  }

  private static JsonNode table(String job) {
    return api.get(path(job, "")).json();
  }

  private static JsonNode task(JsonNode table, String id) {
    for (JsonNode task : table.get("tasks")) {
      if (task.get("id").asString().equals(id)) {
        return task;
      }
    }
    throw new AssertionError("no task " + id);
  }

  private static String move(String task, String start) {
    return "{\"taskId\":\"%s\",\"start\":\"%s\"}".formatted(task, start);
  }

  private static Answer staff(String job, String... names) {
    return api.put(path(job, "/crew"), "{\"crew\":[\"" + String.join("\",\"", names) + "\"]}");
  }

  @Test
  void aMovedTaskIsTriedThenKeptAndUndone() {
    String job = job("Moved", "2026-06-01");
    Answer tried = api.post(path(job, "/try"), move("clean-wheel-rim", "2026-06-01T15:00:00"));
    assertThat(tried.json().get("why")).isEmpty();
    assertThat(tried.json().get("pushed").toString()).contains("Hand over");
    assertThat(task(table(job), "clean-wheel-rim").get("pinned").asBoolean()).isFalse();

    Answer kept = api.put(path(job, "/pins"), move("clean-wheel-rim", "2026-06-01T15:00:00"));
    assertThat(kept.json().get("undo").asString()).isEqualTo("Task moved");
    JsonNode now = task(table(job), "clean-wheel-rim");
    assertThat(now.get("start").asString()).isEqualTo("2026-06-01T15:00:00");
    assertThat(now.get("pinned").asBoolean()).isTrue();

    api.post("/api/v1/jobs/" + job + "/undo");
    assertThat(task(table(job), "clean-wheel-rim").get("pinned").asBoolean()).isFalse();
  }

  @Test
  void aTaskCannotBeMovedBeforeWhatItComesAfter() {
    String job = job("Refused", "2026-06-01");
    Answer refused = api.put(path(job, "/pins"), move("clean-wheel-rim", "2026-06-01T09:00:00"));
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.fault().get("pointer").asString()).isEqualTo("/start");
    assertThat(refused.fault().get("found").asString())
        .contains("Clean: Wheel comes after")
        .contains("from ");
    assertThat(api.put(path(job, "/pins"), move("polish-moon", "2026-06-01T09:00:00")).status())
        .isEqualTo(404);
    assertThat(api.post(path(job, "/try"), "{\"taskId\":\"receive\"}").fault().get("pointer"))
        .hasToString("\"/start\"");
  }

  @Test
  void pinsAreLetGoOneByOneOrAllAtOnce() {
    String job = job("Let go", "2026-06-01");
    api.put(path(job, "/pins"), move("clean-wheel-rim", "2026-06-01T15:00:00"));
    api.put(path(job, "/pins"), move("handover", "2026-06-01T17:00:00"));
    api.delete(path(job, "/pins/clean-wheel-rim"));
    assertThat(pinned(job)).containsExactly("handover");
    api.delete(path(job, "/pins"));
    assertThat(pinned(job)).isEmpty();
  }

  private static List<String> pinned(String job) {
    List<String> ids = new ArrayList<>();
    table(job)
        .get("tasks")
        .forEach(
            t -> {
              if (t.get("pinned").asBoolean()) {
                ids.add(t.get("id").asString());
              }
            });
    return ids;
  }

  @Test
  void aPartOnOrderMovesTheHandOverAndIsUndoneLikeAnythingElse() {
    String job = job("Part on order", "2026-06-15");
    String before = table(job).get("readyAt").asString();
    Answer unknown =
        api.put(
            path(job, "/parts"),
            "{\"parts\":[{\"name\":\"Rim cap\",\"surfaceIds\":[\"sunroof\"],\"arrives\":\"2026-06-17T11:00:00\"}]}");
    assertThat(unknown.status()).isEqualTo(422);
    assertThat(unknown.fault().get("pointer").asString()).isEqualTo("/parts/0/surfaceIds/0");
    Answer nameless =
        api.put(
            path(job, "/parts"),
            "{\"parts\":[{\"name\":\" \",\"surfaceIds\":[\"wheel-rim\"],\"arrives\":\"2026-06-17T11:00:00\"}]}");
    assertThat(nameless.status()).isEqualTo(422);
    api.put(
        path(job, "/parts"),
        "{\"parts\":[{\"name\":\"Rim cap\",\"surfaceIds\":[\"wheel-rim\"],\"arrives\":\"2026-06-17T11:00:00\"}]}");
    assertThat(table(job).get("readyAt").asString()).startsWith("2026-06-17");
    assertThat(table(job).get("tasks").findValuesAsString("about"))
        .contains("Rim cap on order", "Fit Rim cap");
    api.post("/api/v1/jobs/" + job + "/undo");
    assertThat(table(job).get("readyAt").asString()).isEqualTo(before);
  }

  @Test
  void whoeverIsOnAnotherJobThenIsRefusedWithTheReason() {
    String first = job("Mira's first", "2026-06-02");
    String second = job("Mira's second", "2026-06-02");
    assertThat(staff(first, "Mira").status()).isEqualTo(200);
    Answer refused = staff(second, "Mira");
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.fault().get("found").asString()).contains("Mira is on Pellarin Corvid");
    assertThat(staff(second, "Ines").status()).isEqualTo(200);

    String third = job("Mira's third", "2026-06-05");
    assertThat(staff(third, "Mira").status()).isEqualTo(200);
    Answer moved = api.put(path(third, "/start"), "{\"start\":\"2026-06-02T09:30:00\"}");
    assertThat(moved.fault().get("pointer").asString()).isEqualTo("/start");
    assertThat(table(third).get("start").asString()).startsWith("2026-06-05T09:00");
    assertThat(api.put(path(third, "/start"), "{\"start\":\"2026-06-04T08:00:00\"}").status())
        .isEqualTo(200);

    JsonNode week = api.get("/api/v1/week?from=2026-06-03").json();
    assertThat(week.get("from").asString()).isEqualTo("2026-06-01");
    assertThat(week.get("people").toString()).isEqualTo("[\"Mira\",\"Ines\"]");
    assertThat(week.get("stints").findValuesAsString("person")).contains("Mira", "Ines");
    assertThat(week.get("stints").findValues("clash")).isEmpty();
  }

  @Test
  void onlyPeopleOfTheShopWhoMayDoItAreTaken() {
    String job = job("Coated", "2026-06-08");
    assertThat(staff(job, "Nobody").fault().get("allowed").asString())
        .isEqualTo("one of Mira, Ines");
    set(job, "{\"wishes\":{\"protection\":\"coating\"}}");
    Answer refused = staff(job, "Ines");
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.fault().get("found").asString()).contains("nobody of the crew may do it");
    assertThat(staff(job, "Mira", "Ines").status()).isEqualTo(200);
    assertThat(table(job).get("lanes").findValuesAsString("label")).containsExactly("Mira", "Ines");
  }

  @Test
  void whoHasNothingToDoIsNamed() {
    String job = api.newJob("One screen", "five-seat");
    api.find(
        job,
        "\"finish\":\"screen/coated\",\"soil\":\"light\",\"soils\":[\"skin-oil\"],\"wear\":\"intact\"",
        "dash-screen");
    set(job, "{\"setting\":{\"start\":\"2027-03-02T09:00\"}}");
    staff(job, "Mira", "Ines");
    assertThat(table(job).get("conflicts").toString())
        .contains("Ines has nothing to do here: it is ready no sooner with one more.");
  }

  @Test
  void aJobWhoseCoaterMayCoatNoLongerIsPlannedAndSaysSo() {
    String job = job("Left without a coater", "2026-06-15");
    set(job, "{\"wishes\":{\"protection\":\"coating\"}}");
    assertThat(staff(job, "Mira").status()).isEqualTo(200);
    assertThat(table(job).get("conflicts")).isEmpty();
    String gate = "{\"gates\":[{\"work\":\"coating\",\"course\":\"protect\"}]}";
    assertThat(api.put("/api/v1/training/gates", gate).status()).isEqualTo(200);
    try {
      assertThat(table(job).get("conflicts").toString())
          .contains("Nobody who does this job may coat");
      for (String view :
          List.of("/api/v1/day", "/api/v1/work", "/api/v1/week", "/api/v1/jobs/" + job + "/plan")) {
        assertThat(api.get(view).status()).as(view).isEqualTo(200);
      }
      assertThat(staff(job, "Mira", "Ines").fault().get("pointer").asString()).isEqualTo("/crew");
    } finally {
      api.put("/api/v1/training/gates", "{\"gates\":[]}");
    }
    assertThat(table(job).get("conflicts")).isEmpty();
  }

  @Test
  void aPromiseMissedBringsOffersAndOneIsTaken() {
    String day = TestClock.TODAY.plusDays(60).toString(); // no start is offered in the past
    String job = job("Promised", day);
    set(job, "{\"setting\":{\"returnBy\":\"" + day + "T09:30\"}}");
    JsonNode before = table(job);
    assertThat(before.get("readyAt").asString()).isGreaterThan(day + "T09:30");
    JsonNode offers = api.get(path(job, "/offers")).json();
    assertThat(offers).isNotEmpty();
    JsonNode best = offers.get(0);
    assertThat(best.get("readyAt").asString()).isLessThan(before.get("readyAt").asString());
    assertThat(api.post(path(job, "/offers/" + best.get("kind").asString())).status())
        .isEqualTo(200);
    assertThat(table(job).get("readyAt")).isEqualTo(best.get("readyAt"));
    assertThat(api.post(path(job, "/offers/none")).status()).isEqualTo(409);
  }

  @Test
  void aQuoteIsGivenAgreedAndDoneAndStaysAsItWas() {
    String job = job("Quoted", "2026-06-10");
    String quote = "/api/v1/jobs/" + job + "/quote";
    JsonNode now = api.get(quote).json().get("now");
    long minutes =
        now.get("lines").findValues("minutes").stream().mapToLong(JsonNode::asLong).sum();
    long work = now.get("lines").findValues("workMinor").stream().mapToLong(JsonNode::asLong).sum();
    assertThat(work).isBetween(100 * (minutes - 3), 100 * (minutes + 3)); // 60 an hour
    assertThat(now.get("taxMinor").asLong())
        .isEqualTo(Math.round(now.get("netMinor").asLong() * 0.2));

    JsonNode given = api.post(quote, "{\"declined\":[]}").json().at("/given/0");
    assertThat(given.get("state").asString()).isEqualTo("quoted");
    assertThat(api.post(quote + "/1/done").status()).isEqualTo(409);
    assertThat(api.post(quote + "/1/agreed").json().at("/given/0/state").asString())
        .isEqualTo("agreed");
    api.find(job, "\"soil\":\"heavy\"", "fl-cushion-centre");
    JsonNode later = api.get(quote).json().at("/given/0");
    assertThat(later.at("/quote/netMinor")).isEqualTo(given.at("/quote/netMinor"));
    assertThat(later.get("differs").asLong()).isPositive();
    assertThat(api.post(quote + "/1/done").json().at("/given/0/state").asString())
        .isEqualTo("done");
    assertThat(new String(api.bytes(quote + "/1.pdf"), 0, 5, StandardCharsets.US_ASCII))
        .isEqualTo("%PDF-");
    assertThat(api.get(quote + "?declined=moon").fault().get("pointer").asString())
        .isEqualTo("/declined/0");
  }

  @Test
  void aLevelIsQuotedByItsNameAndWhatItLeavesOutIsNotPlannedOnceItIsAgreed() {
    String job = job("By level", "2026-07-20");
    set(job, "{\"wishes\":{\"protection\":\"dressing\"}}");
    String quote = "/api/v1/jobs/" + job + "/quote";
    JsonNode levels = api.get(quote + "/levels").json().get("levels");
    assertThat(levels.findValuesAsString("name"))
        .containsExactly("Refresh", "Deep", "Deep and protect");
    for (JsonNode level : levels) {
      assertThat(level.get("prices").findValues("grossMinor").stream().map(JsonNode::asLong))
          .as("tidy, thorough, exacting of " + level.get("name"))
          .isSorted();
    }
    long refreshed = levels.at("/0/prices/1/grossMinor").asLong();
    assertThat(refreshed).isLessThan(levels.at("/2/prices/1/grossMinor").asLong());

    String taken = "{\"declined\":%s,\"level\":\"%s\"}";
    String without = levels.at("/0/leavesOut").toString();
    assertThat(api.post(quote, taken.formatted(without, "Gold")).fault().get("pointer").asString())
        .isEqualTo("/level");
    JsonNode given = api.post(quote, taken.formatted(without, "Refresh")).json().at("/given/0");
    assertThat(given.at("/quote/level").asString()).isEqualTo("Refresh");
    assertThat(given.at("/quote/grossMinor").asLong()).isEqualTo(refreshed);
    JsonNode agreed = api.post(quote + "/1/agreed").json();
    assertThat(table(job).get("leftOut").valueStream().map(JsonNode::asString))
        .containsExactly("care-older-hide");
    assertThat(agreed.at("/now/grossMinor").asLong()).isEqualTo(refreshed);
    assertThat(agreed.at("/given/0/differs").asLong()).isZero();
  }

  @Test
  void comingToACarIsInItsQuote() {
    ObjectNode shop = (ObjectNode) api.get("/api/v1/shop").json();
    ((ObjectNode) shop.get("selling")).put("calledOut", 20).put("perKm", 0.5);
    assertThat(api.put("/api/v1/shop", shop.toString()).status()).isEqualTo(200);
    String job = job("At the quay", "2026-07-21");
    String quote = "/api/v1/jobs/" + job + "/quote";
    long here = api.get(quote).json().at("/now/netMinor").asLong();
    set(job, "{\"setting\":{\"place\":\"mobile\",\"travelKm\":30}}");
    JsonNode travel = api.get(quote).json().at("/now/lines/1");
    assertThat(travel.get("sold").asString()).isEqualTo("travel");
    assertThat(travel.get("minor").asLong()).isEqualTo(2000 + 30 * 50);
    assertThat(here).isPositive();
    JsonNode fault = api.patch("/api/v1/jobs/" + job, "{\"setting\":{\"travelKm\":-1}}").fault();
    assertThat(fault.get("pointer").asString()).isEqualTo("/setting/travelKm");
  }

  @Test
  void twoLevelsOfOneNameAreRefused() {
    ObjectNode shop = (ObjectNode) api.get("/api/v1/shop").json();
    ((ObjectNode) shop.at("/selling/levels/1")).put("name", "refresh");
    assertThat(api.put("/api/v1/shop", shop.toString()).fault().get("pointer").asString())
        .isEqualTo("/selling/levels/1/name");
  }

  @Test
  void aHigherStandardTakesLongerAndCostsMore() {
    String job = job("Standards", "2026-06-11");
    JsonNode three = api.get("/api/v1/jobs/" + job + "/standards").json();
    assertThat(three.findValuesAsString("standard"))
        .containsExactly("tidy", "thorough", "exacting");
    assertThat(three.findValues("netMinor").stream().map(JsonNode::asLong).toList()).isSorted();
    assertThat(three.findValues("current").stream().map(JsonNode::asBoolean))
        .containsExactly(false, true, false);
    assertThat(api.post("/api/v1/jobs/" + job + "/standards/exacting").status()).isEqualTo(200);
    assertThat(table(job).get("workMin")).isEqualTo(three.at("/2/workMin"));
    assertThat(api.post("/api/v1/jobs/" + job + "/standards/perfect").status()).isEqualTo(422);
  }

  @Test
  void anotherDaysTimetableIsNotOfToday() {
    String job = job("Timed", "2026-06-12");
    JsonNode table = table(job);
    assertThat(LocalDateTime.parse(table.get("start").asString())).isEqualTo("2026-06-12T09:00:00");
    assertThat(table.get("visits")).isNotEmpty();
    assertThat(table.get("zones").findValuesAsString("label")).contains("Front left seat", "Wheel");
  }
}
