package attune.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.LoadState;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.extension.ExtendWith;

/** Takes the pictures of the README from the demo; {@code ./attune screenshots} runs it. */
@ExtendWith(AttuneJar.class)
@EnabledIfSystemProperty(named = "attune.screenshots", matches = ".+")
class ScreenshotsTest {
  private static final Path DIRECTORY = Path.of(System.getProperty("attune.screenshots", "."));

  @Test
  void takesOneOfEachView(AttuneJar.Opened attune) {
    try (Visit desk = Visit.desk(attune)) {
      String hatch = desk.job("Brindlewick Lumen");
      String estate = desk.job("Oxmarrow Fells");
      String wheel = desk.job("Pellarin Corvid");
      startAClock(desk, estate);
      take(desk, "/", "day");
      take(desk, hatch + "/survey?panel=fl-cushion-bolster-outer", "survey");
      take(desk, hatch + "/match/fl-cushion-bolster-outer", "match");
      take(desk, hatch + "/matrix", "matrix");
      take(desk, hatch + "/mix", "mix");
      take(desk, hatch + "/timetable", "timetable");
      take(desk, hatch + "/sections", "sections");
      take(desk, estate + "/quote", "quote");
      take(desk, "/week", "week");
      take(desk, estate + "/bench", "bench");
      take(desk, wheel + "/handover", "handover");
      take(desk, estate + "/record", "record");
      take(desk, wheel + "/care", "care");
      take(desk, "/shelf", "shelf");
      take(desk, "/shop", "shop");
      desk.open("/practice");
      desk.pick("Who learns on this device", "Ines Quay");
      take(desk, "/practice/greasy-bolster", "practice");
    }
    try (Visit phone = Visit.phone(attune)) {
      take(phone, phone.job("Brindlewick Lumen") + "/survey?zone=front-left-seat", "survey-phone");
      take(phone, phone.job("Oxmarrow Fells") + "/bench", "bench-phone");
      take(phone, phone.job("Pellarin Corvid") + "/handover", "handover-phone");
    }
  }

  private static void take(Visit visit, String path, String name) {
    visit.open(path);
    snap(visit, name);
  }

  private static void snap(Visit visit, String name) {
    visit.page.waitForLoadState(LoadState.NETWORKIDLE);
    visit.page.evaluate("document.fonts.ready");
    Path file = DIRECTORY.resolve(name + ".png");
    visit.page.screenshot(new Page.ScreenshotOptions().setPath(file));
    assertThat(Files.exists(file)).isTrue();
  }

  /** Starts the clock of the first step that sits wet. */
  private static void startAClock(Visit visit, String job) {
    JsonObject bench =
        JsonParser.parseString(visit.page.request().get("/api/v1" + job + "/bench").text())
            .getAsJsonObject();
    for (JsonElement element : bench.getAsJsonArray("tasks")) {
      JsonObject task = element.getAsJsonObject();
      boolean waits = task.get("state").getAsString().equals("waiting");
      if (task.get("step").getAsString().equals("clean") && task.has("dwellS") && waits) {
        String id = task.get("id").getAsString();
        String now = bench.get("serverNow").getAsString();
        AtTheBench.post(
            visit,
            "/api/v1" + job + "/bench/entries",
            "{\"entries\":[%s]}".formatted(AtTheBench.entry(id, "started", now)));
        return;
      }
    }
    throw new AssertionError("no step of " + job + " sits wet");
  }
}
