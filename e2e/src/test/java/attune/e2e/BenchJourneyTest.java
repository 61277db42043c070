package attune.e2e;

import static attune.e2e.AtTheBench.count;
import static attune.e2e.AtTheBench.entry;
import static attune.e2e.AtTheBench.goOn;
import static attune.e2e.AtTheBench.post;
import static attune.e2e.AtTheBench.see;
import static attune.e2e.AtTheBench.started;
import static attune.e2e.AtTheBench.step;
import static attune.e2e.AtTheBench.tickCautions;
import static attune.e2e.AtTheBench.until;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;

/** Runs at the bench: results that drive it, clocks, a cut line, a power cut. */
@ExtendWith(AttuneJar.class)
class BenchJourneyTest {
  /** How much later the second area is laid than the first. */
  private static final int LATER_S = 100;

  private static final String SOILED =
      "\"soil\":\"moderate\",\"soils\":[\"skin-oil\"],\"wear\":\"intact\"";

  private static Locator follows(Visit visit) {
    return visit.page.getByRole(AriaRole.STATUS, visit.named("What follows"));
  }

  @Test
  void aMicrosuedeWheelIsFoamedUntilTheFoamStaysWhite(AttuneJar.Opened attune) {
    try (Visit visit = Visit.phone(attune)) {
      String job =
          AtTheBench.job(
              visit,
              "Wheel of foam",
              "\"finish\":\"microsuede/synthetic\",\"soil\":\"heavy\",\"soils\":[\"skin-oil\"],"
                  + "\"wear\":\"intact\",\"nap\":\"matted\"",
              "wheel-rim");
      started(visit, job);
      until(visit, "Clean");
      assertThat(step(visit)).containsText("Wheel rim");
      tickCautions(visit);
      visit.buttonLike("^Laid: start the clock").click();
      assertThat(visit.page.locator("[data-phase]")).hasAttribute("data-phase", "sits");
      visit.isFitForEveryone();
      see(visit, "Brown foam");
      assertThat(visit.page.getByText(Pattern.compile("^Too early: let it sit"))).isVisible();
      visit.button("Let it sit").click();
      see(visit, "Brown foam");
      visit.button("Wiped anyway").click();
      assertThat(follows(visit)).containsText("Brown foam: go on, pass 2");
      see(visit, "White foam");
      assertThat(step(visit).getByRole(AriaRole.HEADING).first()).hasText("Check");
      see(visit, "A damp seam");
      assertThat(follows(visit)).containsText("blow the seam out");
      while (step(visit).isVisible()) {
        goOn(visit);
      }
      assertThat(visit.page.getByText("Every step is done.")).isVisible();
      visit.link("What was done").click();
      assertThat(visit.page.getByText(Pattern.compile("Seen: brown foam.*early"))).isVisible();
      visit.isFitForEveryone();
    }
  }

  private static List<JsonObject> tasks(Visit visit, String job) {
    JsonArray all =
        JsonParser.parseString(visit.page.request().get("/api/v1" + job + "/bench").text())
            .getAsJsonObject()
            .getAsJsonArray("tasks");
    List<JsonObject> tasks = new ArrayList<>();
    for (JsonElement task : all) {
      tasks.add(task.getAsJsonObject());
    }
    return tasks;
  }

  private static LocalDateTime now(Visit visit, String job) {
    return LocalDateTime.parse(
        JsonParser.parseString(visit.page.request().get("/api/v1" + job + "/bench").text())
            .getAsJsonObject()
            .get("serverNow")
            .getAsString());
  }

  @Test
  void ofTwoCoatedAreasTheLateOneComesFirstAndSaysWhatToDo(AttuneJar.Opened attune) {
    try (Visit visit = Visit.desk(attune)) {
      String job =
          AtTheBench.job(
              visit,
              "Leapfrog",
              "\"finish\":\"vinyl/coated-textile\"," + SOILED,
              "fl-cushion-centre",
              "fl-back-centre");
      visit
          .page
          .request()
          .patch(
              "/api/v1" + job,
              com.microsoft.playwright.options.RequestOptions.create()
                  .setHeader("Content-Type", "application/json")
                  .setData("{\"wishes\":{\"protection\":\"coating\"}}"));
      post(visit, "/api/v1" + job + "/bench", "");
      List<JsonObject> all = tasks(visit, job);
      LocalDateTime now = now(visit, job);
      List<String> entries = new ArrayList<>();
      List<String> laid = new ArrayList<>();
      for (JsonObject task : all) {
        String step = task.get("step").getAsString();
        if (step.equals("coat") && laid.size() < 2) {
          laid.add(task.get("id").getAsString());
        } else if (laid.isEmpty()
            && task.get("needsHands").getAsBoolean()
            && !task.get("state").getAsString().equals("held")) {
          entries.add(entry(task.get("id").getAsString(), "done", now.toString()));
        }
      }
      assertThat(laid).hasSize(2);
      post(
          visit,
          "/api/v1" + job + "/bench/entries",
          "{\"entries\":[%s]}".formatted(String.join(",", entries)));
      JsonObject first =
          all.stream()
              .filter(t -> t.get("step").getAsString().equals("level"))
              .filter(t -> t.get("after").toString().contains("\"" + laid.get(0) + "\""))
              .findFirst()
              .orElseThrow();
      int inWindow = (first.get("dwellS").getAsInt() + first.get("wipeByS").getAsInt()) / 2;
      // laid before the run began counts from its start, so both are told a little later
      visit.open(job + "/bench");
      assertThat(step(visit).getByRole(AriaRole.HEADING).first()).hasText("Coat");
      post(
          visit,
          "/api/v1" + job + "/bench/entries",
          "{\"entries\":[%s,%s]}"
              .formatted(
                  entry(laid.get(0), "done", now.plusSeconds(1).toString()),
                  entry(laid.get(1), "done", now.plusSeconds(LATER_S).toString())));
      visit.page.clock().install();
      visit.page.reload();
      assertThat(visit.page.locator("[data-phase='sits']").first()).isVisible();
      visit.page.route("**/bench", route -> route.abort()); // no line from here on
      visit.page.clock().fastForward(inWindow * 1000L);
      assertThat(visit.page.locator("[data-phase='wipe']").first()).isVisible();
      visit.page.clock().fastForward((first.get("wipeByS").getAsInt() - inWindow + 30) * 1000L);
      Locator late = visit.page.locator("[data-phase='late']");
      assertThat(late).hasCount(1);
      assertThat(visit.page.locator("[data-phase='wipe'], [data-phase='sits']").first())
          .isVisible();
      Locator inStrip = visit.region("Clocks").locator("[data-phase='late']");
      if (inStrip.isVisible()) {
        inStrip.click();
      }
      assertThat(visit.page.getByText(Pattern.compile("re-melts it; wipe at once")).first())
          .isVisible();
      visit.isFitForEveryone();
    }
  }

  @Test
  void aSeatIsLaidPanelByPanelAndWipedInOneLook(AttuneJar.Opened attune) {
    try (Visit visit = Visit.desk(attune)) {
      String job =
          AtTheBench.job(
              visit,
              "One seat",
              "\"finish\":\"leather/coated\"," + SOILED,
              "fl-cushion-centre",
              "fl-back-centre");
      started(visit, job);
      until(visit, "Clean");
      visit.page.clock().install();
      visit.page.reload();
      visit.page.route("**/bench/entries", route -> route.abort()); // no line from here on
      tickCautions(visit);
      visit.buttonLike("^Laid: start the clock").click();
      visit.buttonLike("^Laid: start the clock").click();
      Locator drawing = visit.page.getByRole(AriaRole.GROUP, visit.named("Panels of this round"));
      assertThat(drawing.getByLabel(Pattern.compile("let it sit"))).hasCount(2);
      visit.isFitForEveryone();
      visit.page.route("**/bench", route -> route.abort()); // nor the server's time
      visit.page.clock().fastForward(LATER_S * 1000L);
      assertThat(step(visit)).containsText("Told for 2 panels");
      drawing.locator("[data-panel='fl-back-centre']").click();
      assertThat(step(visit)).containsText("Only 1 panel picked.");
      visit.button("The whole round").click();
      visit.page.keyboard().press("2"); // the second answer
      assertThat(visit.buttonLike("^Undo: clean \\(2 panels\\)")).isVisible();
      assertThat(visit.page.getByText(Pattern.compile("4 entries kept on this device")))
          .isVisible();
      visit.buttonLike("^Undo").click(); // the answer is taken back, the clocks run on
      assertThat(step(visit)).containsText("Told for 2 panels");
    }
  }

  @Test
  void colourOnTheClothStopsThePanelAndIsToldToTheCustomer(AttuneJar.Opened attune) {
    try (Visit visit = Visit.desk(attune)) {
      String job =
          AtTheBench.job(
              visit,
              "Colour lifts",
              "\"finish\":\"leather/coated\"," + SOILED,
              "fl-cushion-centre",
              "fr-cushion-centre");
      started(visit, job);
      until(visit, "Clean");
      String panel = step(visit).locator("p").first().textContent();
      see(visit, "The trim's colour");
      assertThat(
              visit
                  .page
                  .getByText(Pattern.compile("^Stop\\. That is the trim's own colour"))
                  .first())
          .isVisible();
      assertThat(step(visit).locator("p").first()).not().hasText(panel);
      while (step(visit).isVisible()) {
        goOn(visit);
      }
      visit.link("To the hand-over").click();
      Locator notCured =
          visit
              .page
              .locator("section")
              .filter(new Locator.FilterOptions().setHasText("What could not be cured"))
              .last();
      assertThat(notCured).containsText(panel);
      assertThat(notCured).containsText("a repairer re-colours it");
    }
  }

  @Test
  void whatIsToldWithoutALineGoesOutOnceAndTheCarefulAnswerStands(AttuneJar.Opened attune)
      throws IOException {
    try (Visit cut = Visit.installed(attune);
        Visit other = Visit.desk(attune)) {
      String job =
          AtTheBench.job(
              cut,
              "Without a line",
              "\"finish\":\"leather/coated\"," + SOILED,
              "fl-cushion-centre");
      started(cut, job);
      until(cut, "Clean");
      cut.page.evaluate("navigator.serviceWorker.ready.then(() => true)");
      cut.page.reload();
      assertThat(step(cut)).isVisible();
      cut.page.waitForFunction("navigator.serviceWorker.controller !== null");
      other.open(job + "/bench");
      cut.cut(true);
      see(cut, "Grey or brown");
      assertThat(cut.page.getByText("No connection.")).isVisible();
      assertThat(cut.page.getByText(Pattern.compile("1 entry kept on this device"))).isVisible();
      step(cut).locator("summary").click();
      step(cut).locator("input[type=file]").setInputFiles(SurveyJourneyTest.picture());
      Locator kept = cut.page.getByText(Pattern.compile("^1 photo kept on this device"));
      assertThat(kept).isVisible();
      cut.page.reload();
      assertThat(step(cut)).containsText("pass 2");
      step(cut).locator("summary").click();
      assertThat(kept).isVisible();
      see(cut, "Clean");
      assertThat(step(cut).getByRole(AriaRole.HEADING).first()).hasText("Check");
      cut.isFitForEveryone();
      see(other, "The trim's colour");
      assertThat(other.page.getByText(Pattern.compile("^Stop\\.")).first()).isVisible();
      cut.cut(false);
      assertThat(cut.page.getByText("No connection.")).isHidden();
      assertThat(cut.page.getByRole(AriaRole.STATUS, cut.named("Stopped and referred")))
          .containsText("Front left cushion");
      List<JsonObject> cleaned =
          tasks(other, job).stream()
              .filter(t -> t.get("id").getAsString().startsWith("clean-"))
              .filter(t -> t.get("rung").getAsInt() == 1)
              .toList();
      assertThat(cleaned).allMatch(t -> t.get("state").getAsString().equals("referred"));
      String photos = "/api/v1" + job + "/photos";
      cut.page.waitForCondition(
          () -> times(other.page.request().get(photos).text(), "\"moment\":") == 1);
      String record = other.page.request().get("/api/v1" + job + "/bench/record").text();
      assertThat(times(record, "Seen: grey or brown.")).as(record).isEqualTo(1);
      assertThat(times(record, "Seen: the trim's colour.")).as(record).isEqualTo(1);
    }
  }

  private static int times(String text, String part) {
    return text.split(Pattern.quote(part), -1).length - 1;
  }

  @Test
  void aPowerCutLosesNothingThatWasTold(AttuneJar.Opened attune, @TempDir Path data) {
    AttuneJar.Opened first = attune.beside(data, "--server.port=0");
    String port = first.address().replaceAll(".*:", "");
    try (Visit visit = Visit.desk(first)) {
      AtTheBench.stocked(visit, attune);
      String job =
          AtTheBench.job(
              visit, "Power cut", "\"finish\":\"leather/coated\"," + SOILED, "fl-cushion-centre");
      started(visit, job);
      goOn(visit);
      goOn(visit);
      String told = count(visit).textContent();
      first.kill();
      tickCautions(visit);
      visit.button("Done").click(); // told while nobody answers
      assertThat(visit.page.getByText("No connection.")).isVisible();
      AttuneJar.Opened again = attune.beside(data, "--server.port=" + port);
      try {
        assertThat(visit.page.getByText("No connection.")).isHidden();
        assertThat(count(visit)).not().hasText(told);
        String run = visit.page.request().get("/api/v1" + job + "/bench").text();
        assertThat(run).contains("\"tasksDone\":3");
      } finally {
        again.kill();
      }
    }
  }

  @Test
  void allDataGoesIntoAnEmptyInstallation(AttuneJar.Opened attune, @TempDir Path data) {
    byte[] whole;
    try (Visit full = Visit.desk(attune)) {
      whole = full.page.request().get("/api/v1/export.zip").body();
    }
    AttuneJar.Opened empty = attune.beside(data, "--server.port=0");
    try (Visit visit = Visit.desk(empty)) {
      visit.open("/");
      Locator start = visit.region("Setting up");
      assertThat(start).containsText("nothing is planned with a bottle you do not own");
      visit.button("Tick plain tools").click();
      visit.page.getByLabel("Soft sponge").check();
      visit.isFitForEveryone();
      assertThat(visit.button("Put 1 tool on the shelf")).isEnabled();
      visit.button("Not now").click(); // a shop with a shelf of its own would not be replaced
      visit.open("/shop");
      Locator file = visit.region("All data").locator("input[type=file]");
      file.setInputFiles(new FilePayload("bad.zip", "application/zip", new byte[] {1, 2, 3}));
      assertThat(visit.page.getByRole(AriaRole.ALERT)).containsText("no zip");
      file.setInputFiles(new FilePayload("attune-data.zip", "application/zip", whole));
      assertThat(visit.region("All data").getByRole(AriaRole.STATUS))
          .containsText("In: ", new LocatorAssertions.ContainsTextOptions().setTimeout(60_000));
      visit.open("/");
      assertThat(visit.page.getByText("Oxmarrow Fells estate").first()).isVisible();
      visit.open(visit.job("Oxmarrow Fells") + "/bench");
      assertThat(step(visit)).isVisible();
    } finally {
      empty.kill();
    }
  }
}
