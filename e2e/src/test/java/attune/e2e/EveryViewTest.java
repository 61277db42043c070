package attune.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.RequestOptions;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Each view of the demo: wide, narrow, dark, by keyboard, and when something is missing. */
@ExtendWith(AttuneJar.class)
class EveryViewTest {
  @ParameterizedTest
  @ValueSource(
      strings = {
        "survey",
        "match",
        "matrix",
        "rules",
        "mix",
        "timetable",
        "quote",
        "bench",
        "record",
        "care",
        "handover"
      })
  void aRunningJobIsFitForEveryoneInTheEveningAndFitsAPhone(String view, AttuneJar.Opened attune) {
    try (Visit visit = Visit.evening(attune)) {
      String few = view.equals("matrix") ? "Pellarin Corvid" : "Oxmarrow Fells";
      visit.open(visit.job(few) + "/" + view);
      assertThat(visit.page.locator("main h2, main h1").first()).isVisible();
      visit.isFitForEveryone();
      visit.fitsAPhone();
    }
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "/",
        "/new",
        "/week",
        "/shelf",
        "/shelf?part=cloths",
        "/shelf?part=needs",
        "/shelf?part=never-mix",
        "/shelf/products/eddystrand-bloom",
        "/shelf/products/new",
        "/shelf/tools/cloth-charcoal",
        "/people",
        "/customers/new",
        "/vehicles/new",
        "/shop",
        "/shop/log",
        "/door",
        "/practice",
        "/practice/least-harm",
        "/practice/greasy-bolster",
        "/rules",
        "/mix",
        "/cloth",
        "/nowhere",
        "/jobs/none/survey"
      })
  void pagesOutsideAJobAreFitForEveryoneAndFitAPhone(String path, AttuneJar.Opened attune) {
    try (Visit visit = Visit.desk(attune)) {
      visit.open(path).isFitForEveryone();
      visit.fitsAPhone();
    }
  }

  /** At most 260 KB over the wire, data and font among it. */
  @Test
  void theFirstLoadIsLight(AttuneJar.Opened attune) {
    try (Visit visit = Visit.desk(attune)) {
      List<Request> loaded = new ArrayList<>();
      visit.page.onRequestFinished(loaded::add);
      visit.open("/");
      assertThat(visit.page.getByRole(AriaRole.HEADING).first()).isVisible();
      int bytes = loaded.stream().mapToInt(r -> r.sizes().responseBodySize).sum();
      assertThat(loaded).anyMatch(r -> r.url().endsWith(".js"));
      assertThat(bytes).isBetween(50_000, 260_000);
    }
  }

  @Test
  void anAddressThatLeadsNowhereSaysSoAndLeadsBack(AttuneJar.Opened attune) {
    try (Visit visit = Visit.desk(attune)) {
      visit.open("/nowhere");
      assertThat(visit.page.getByText("There is nothing at this address.")).isVisible();
      visit.link("To the day").click();
      assertThat(visit.page.getByText("Brindlewick Lumen, electric hatch").first()).isVisible();
    }
  }

  @Test
  void anEmptyJobSaysWhatToDoFirst(AttuneJar.Opened attune) {
    try (Visit visit = Visit.phone(attune)) {
      APIResponse made =
          visit
              .page
              .request()
              .post(
                  "/api/v1/jobs",
                  RequestOptions.create()
                      .setHeader("Content-Type", "application/json")
                      .setData(
                          "{\"title\":\"Nothing yet\",\"vehicle\":{\"label\":\"Tidewren 18\",\"layout\":\"helm\"}}"));
      assertThat(made.ok()).isTrue();
      String job = visit.job("Tidewren 18");
      visit.open(job + "/match");
      assertThat(visit.page.getByText("Nothing is surveyed yet.")).isVisible();
      visit.isFitForEveryone();
      visit.open(job + "/bench");
      assertThat(visit.page.getByText("Nothing is surveyed yet.")).isVisible();
      visit.open(job + "/handover");
      assertThat(visit.page.getByText("Nothing to hand over yet.")).isVisible();
      visit.link("To the bench").click();
      visit.link("To the survey").click();
      assertThat(visit.page.getByText("0 of 16 panels surveyed, saved")).isVisible();
    }
  }

  @Test
  void theSurveyIsDoneFromTheKeyboard(AttuneJar.Opened attune) {
    try (Visit visit = Visit.desk(attune)) {
      visit.open(visit.job("Tidewren 24") + "/survey");
      Locator panel = visit.panel("helm-wheel");
      panel.focus();
      panel.press("Enter");
      assertThat(panel).hasAttribute("aria-pressed", "true");
      Locator light = visit.choice("Soil", "Light");
      light.focus();
      visit.page.keyboard().press("Enter");
      assertThat(panel).hasAttribute("aria-label", Pattern.compile("soil light"));
      visit.buttonLike("^Undo: ").press("Enter");
      assertThat(panel).not().hasAttribute("aria-label", Pattern.compile("soil light"));
      panel.focus();
      double x = panel.boundingBox().x;
      visit.page.keyboard().press("ArrowRight");
      assertThat(panel).not().isFocused();
      assertThat(visit.page.locator("[data-panel]:focus").boundingBox().x).isGreaterThan(x);
    }
  }

  @Test
  void theSheetIsThereAsAListToo(AttuneJar.Opened attune) {
    try (Visit visit = Visit.phone(attune)) {
      visit.open(visit.job("Brindlewick Lumen") + "/survey?as=list");
      visit.isFitForEveryone();
      visit.page.getByText("Wheel rim").first().click();
      assertThat(visit.heading("Wheel rim")).isVisible();
    }
  }

  @Test
  void aServerThatCannotBeReachedIsSaidAndTriedAgain(AttuneJar.Opened attune) {
    try (Visit visit = Visit.desk(attune)) {
      visit.page.route("**/api/v1/day", route -> route.abort());
      visit.open("/");
      assertThat(visit.page.getByRole(AriaRole.ALERT)).isVisible();
      visit.isFitForEveryone();
      visit.page.unroute("**/api/v1/day");
      visit.button("Try again").click();
      assertThat(visit.page.getByText("Oxmarrow Fells estate").first()).isVisible();
    }
  }

  @Test
  void whatTheServerDoesNotTakeIsKeptUntilSomebodyReadWhatWouldBeLost(AttuneJar.Opened attune) {
    try (Visit visit = Visit.desk(attune)) {
      String job =
          AtTheBench.job(
              visit,
              "Kept",
              "\"finish\":\"leather/coated\",\"soil\":\"moderate\",\"soils\":[\"skin-oil\"],"
                  + "\"wear\":\"intact\"",
              "fl-cushion-centre");
      AtTheBench.started(visit, job);
      String count = AtTheBench.count(visit).textContent();
      visit.page.route(
          "**/entries",
          route ->
              route.fulfill(
                  new com.microsoft.playwright.Route.FulfillOptions()
                      .setStatus(409)
                      .setContentType("application/problem+json")
                      .setBody("{\"detail\":\"Not now.\",\"faults\":[]}")));
      AtTheBench.tickCautions(visit);
      visit.button("Done").click();
      Locator kept = visit.page.getByRole(AriaRole.ALERT);
      assertThat(kept).containsText("1 entry kept on this device. Not now.");
      visit.page.reload();
      assertThat(kept).containsText("1 entry kept on this device. Not now.");
      visit.button("See what they are").click();
      assertThat(kept).containsText("Receive the vehicle");
      visit.buttonLike("^Let go of it").click();
      assertThat(kept).hasCount(0);
      assertThat(AtTheBench.count(visit)).hasText(count);
    }
  }

  @Test
  void twoPeopleAtOneRunSeeEachOthersTicks(AttuneJar.Opened attune) {
    try (Visit one = Visit.desk(attune);
        Visit other = Visit.phone(attune)) {
      String job = one.job("Oxmarrow Fells") + "/bench";
      one.open(job);
      other.open(job);
      String before = AtTheBench.count(other).textContent();
      AtTheBench.goOn(one);
      assertThat(AtTheBench.count(other)).not().hasText(before);
    }
  }

  @Test
  void aFootPedalPressesTheBigButtonAndAnyKeyCanBeIt(AttuneJar.Opened attune) {
    try (Visit visit = Visit.desk(attune)) {
      String job =
          AtTheBench.job(
              visit,
              "Pedal",
              "\"finish\":\"microsuede/synthetic\",\"soil\":\"heavy\",\"soils\":[\"skin-oil\"],"
                  + "\"wear\":\"intact\",\"nap\":\"matted\"",
              "wheel-rim");
      AtTheBench.started(visit, job);
      visit.buttonLike("^Pedal or key").click();
      visit.page.keyboard().press("F8");
      assertThat(visit.buttonLike("^Pedal or key")).containsText("F8");
      AtTheBench.until(visit, "Clean");
      AtTheBench.tickCautions(visit);
      Locator laid = visit.buttonLike("^Laid: start the clock");
      assertThat(laid).isVisible();
      visit.page.keyboard().press("F8");
      assertThat(visit.page.locator("[data-phase]").first()).isVisible();
      visit.button("Take the clock back").click();
      assertThat(laid).isVisible();
    }
  }

  @Test
  void anUnknownSeatSideIsToldApartByAFewQuestions(AttuneJar.Opened attune) {
    try (Visit visit = Visit.phone(attune)) {
      visit.open(visit.job("Brindlewick Lumen") + "/survey?panel=fl-side");
      visit.button("Find out what it is").click();
      Locator question = visit.region("Question");
      assertThat(question).isVisible();
      visit.isFitForEveryone();
      String first = question.getByRole(AriaRole.HEADING).textContent();
      visit.button("I cannot tell").click();
      assertThat(question.getByRole(AriaRole.HEADING)).not().hasText(first);
      visit.button("Take the answer back: " + first).click();
      assertThat(question.getByRole(AriaRole.HEADING)).hasText(first);
      visit.button("Woven or knitted backing").click();
      visit.button("Threads cross or loops stand").click();
      visit.button("Accept: woven cloth").click();
      assertThat(visit.page.getByRole(AriaRole.COMBOBOX).first()).containsText("Woven cloth");
      visit.buttonLike("^Undo: ").click();
      assertThat(visit.page.getByRole(AriaRole.COMBOBOX).first()).containsText("Not asked yet");
    }
  }

  private static Visit onANewJob(Visit visit, String title, String layout) {
    APIResponse made =
        visit
            .page
            .request()
            .post(
                "/api/v1/jobs",
                RequestOptions.create()
                    .setHeader("Content-Type", "application/json")
                    .setData(
                        "{\"title\":\"%s\",\"vehicle\":{\"label\":\"%s\",\"layout\":\"%s\"}}"
                            .formatted(title, title, layout)));
    assertThat(made.ok()).isTrue();
    return visit.open(visit.job(title) + "/survey");
  }

  @Test
  void whatIsFoundOnceIsCopiedAcrossAndPaintedOverTheRest(AttuneJar.Opened attune) {
    try (Visit visit = Visit.desk(attune)) {
      onANewJob(visit, "Painted", "five-seat");
      visit.panel("fl-cushion-bolster-outer").click();
      visit.buttonLike("^Usually coated leather").click();
      visit.buttonLike("^Often heavy here").click();
      visit.choice("Wear", "Intact").click();
      visit.button("Copy to the other side").click();
      Pattern found = Pattern.compile("coated leather, soil heavy");
      assertThat(visit.panel("fr-cushion-bolster-outer")).hasAttribute("aria-label", found);

      visit.button("Brush over").click();
      var from = visit.panel("rear-cushion").boundingBox();
      var to = visit.panel("rear-back").boundingBox();
      visit.panel("fl-cushion-bolster-outer").hover();
      visit.page.mouse().down();
      visit.page.mouse().move(from.x + from.width / 2, from.y + from.height / 2);
      visit.page.mouse().move(to.x + to.width / 2, to.y + to.height / 2);
      visit.page.mouse().up();
      assertThat(visit.panel("rear-cushion")).hasAttribute("aria-label", found);
      assertThat(visit.panel("rear-back")).hasAttribute("aria-label", found);
      visit.isFitForEveryone();
      visit.buttonLike("^Undo: Copy to").click();
      assertThat(visit.panel("rear-back"))
          .hasAttribute("aria-label", Pattern.compile("not asked yet"));

      visit.button("Brush over").click();
      visit.panel("fr-cushion-bolster-outer").click();
      visit.button("Pick all coated leather").click();
      assertThat(visit.heading("2 panels picked")).isVisible();
    }
  }

  @Test
  void aLoosePieceIsAddedMeasuredAndSurveyed(AttuneJar.Opened attune) {
    try (Visit visit = Visit.phone(attune)) {
      onANewJob(visit, "Loose", "blank");
      visit.button("Own panel").click();
      visit.isFitForEveryone();
      visit.page.getByLabel("What it is called").fill("Parcel shelf");
      visit.page.getByLabel("Size: m², or length × width in cm").fill("90 by 40");
      assertThat(visit.button("Add it")).isDisabled();
      visit.page.getByLabel("Size: m², or length × width in cm").fill("90 x 40");
      visit.choice("What it is for", "Trim").click();
      visit.button("Add it").click();
      visit.panel("own-parcel-shelf").click();
      assertThat(visit.heading("Parcel shelf")).isVisible();
      assertThat(visit.page.getByText("Name and size: 0.36 m²")).isVisible();
      visit.choice("Soil", "Light").click();
      assertThat(visit.panel("own-parcel-shelf"))
          .hasAttribute("aria-label", Pattern.compile("soil light"));
      visit.isFitForEveryone();
    }
  }

  @Test
  void lightAndDarkAreRemembered(AttuneJar.Opened attune) {
    try (Visit visit = Visit.desk(attune)) {
      visit.open("/");
      visit.button("Dark, for the evening").click();
      visit.page.reload();
      assertThat(visit.page.locator("html")).hasAttribute("data-theme", "dark");
      visit.button("Light, for the sun").click();
      assertThat(visit.page.locator("html")).hasAttribute("data-theme", "light");
    }
  }

  @Test
  void aViewThatCannotBeFetchedSaysSoAndIsLoadedAnew(AttuneJar.Opened attune) {
    try (Visit visit = Visit.phone(attune)) {
      visit.open("/");
      visit.page.route("**/assets/WeekView*", Route::abort);
      visit.link("Week").tap();
      Locator said = visit.page.getByRole(AriaRole.ALERT);
      assertThat(said).containsText("This page cannot be shown.");
      assertThat(visit.link("People")).isVisible();
      visit.isFitForEveryone();
      visit.page.unroute("**/assets/WeekView*");
      visit.button("Load it anew").tap();
      assertThat(visit.page.getByRole(AriaRole.HEADING).first()).containsText("Week of");
    }
  }
}
