package attune.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.RequestOptions;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What hands do at the bench. */
final class AtTheBench {
  private AtTheBench() {}

  static Locator step(Visit visit) {
    return visit.page.getByRole(AriaRole.ARTICLE, visit.named("Step in hand"));
  }

  static Locator count(Visit visit) {
    return visit.page.getByText(Pattern.compile("^\\d+ of \\d+ steps done$"));
  }

  static void tickCautions(Visit visit) {
    for (Locator box : step(visit).getByRole(AriaRole.CHECKBOX).all()) {
      box.check();
    }
  }

  /** Tells the step in hand done, as well as can be, and waits until the count has moved. */
  static void goOn(Visit visit) {
    allTheSame(visit);
    tickCautions(visit);
    String before = count(visit).textContent();
    Locator answers = step(visit).locator("fieldset button");
    Locator done =
        step(visit)
            .getByRole(
                AriaRole.BUTTON,
                new Locator.GetByRoleOptions().setName(Pattern.compile("^(Done|Laid)$")));
    Locator press = answers.or(done).first(); // whichever the step in hand has by then
    while (!press.isEnabled()) {
      allTheSame(visit);
      tickCautions(visit); // of the step that is in hand by now: clocks run meanwhile
    }
    press.click();
    Locator early = visit.button("Wiped anyway");
    if (early.isVisible()) {
      early.click();
    }
    assertThat(count(visit)).not().hasText(before);
  }

  /** A step may wait for something, and a test waits for nothing; it may be over that moment. */
  private static void allTheSame(Visit visit) {
    step(visit).getByText("Do it anyway").evaluateAll("found => found.forEach(b => b.click())");
  }

  /** The bench of a job, begun. */
  static Visit started(Visit visit, String job) {
    visit.open(job + "/bench");
    visit.button("Start the run").click();
    assertThat(step(visit)).isVisible();
    return visit;
  }

  /** Goes on until the step in hand is this and the server has all that was told so far. */
  static void until(Visit visit, String title) {
    while (!step(visit).getByRole(AriaRole.HEADING).first().textContent().equals(title)) {
      goOn(visit);
    }
    visit.page.waitForFunction(
        "() => Object.keys(localStorage).filter(k => k.startsWith('attune.waiting.'))"
            + ".every(k => localStorage.getItem(k) === '[]')");
  }

  /** What somebody says the step in hand shows. */
  static void see(Visit visit, String answer) {
    tickCautions(visit);
    step(visit)
        .getByRole(
            AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^" + answer)))
        .click();
  }

  /** A job of some panels that were all found alike, given as the inside of a JSON object. */
  static String job(Visit visit, String title, String finding, String... panels) {
    return jobOf(visit, "five-seat", title, finding, panels);
  }

  /** The same in another layout. */
  static String jobOf(Visit visit, String layout, String title, String finding, String... panels) {
    String made =
        post(
            visit,
            "/api/v1/jobs",
            "{\"title\":\"%s\",\"vehicle\":{\"label\":\"%s\",\"layout\":\"%s\"}}"
                .formatted(title, title, layout));
    Matcher id = Pattern.compile("\"id\":\"([0-9a-f-]{36})\"").matcher(made);
    if (!id.find()) {
      throw new AssertionError(made);
    }
    String job = "/jobs/" + id.group(1);
    post(
        visit,
        "/api/v1" + job + "/findings",
        "{\"surfaceIds\":[\"%s\"],\"finding\":{%s}}"
            .formatted(String.join("\",\"", panels), finding));
    return job;
  }

  static String post(Visit visit, String path, String json) {
    return visit
        .page
        .request()
        .post(
            path,
            RequestOptions.create().setHeader("Content-Type", "application/json").setData(json))
        .text();
  }

  /** Puts on the shelf of one Attune what another has. */
  static void stocked(Visit visit, AttuneJar.Opened other) {
    try (Visit full = Visit.desk(other)) {
      String shelf = full.page.request().get("/api/v1/shelf/json").text();
      visit
          .page
          .request()
          .post(
              "/api/v1/shelf/import?dryRun=false",
              RequestOptions.create().setHeader("Content-Type", "text/plain").setData(shelf));
    }
  }

  /** An entry somebody else told, with its own time. */
  static String entry(String task, String kind, String at) {
    return "{\"id\":\"%s\",\"taskId\":\"%s\",\"kind\":\"%s\",\"at\":\"%s\"}"
        .formatted(UUID.randomUUID(), task, kind, at);
  }
}
