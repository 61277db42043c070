package attune.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.RequestOptions;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Times: tasks moved and refused, a promise missed and kept after all, a quote given. */
@ExtendWith(AttuneJar.class)
class TimetableJourneyTest {
  private static APIResponse send(Visit visit, String method, String path, String body) {
    APIResponse answer =
        visit
            .page
            .request()
            .fetch(
                "/api/v1" + path,
                RequestOptions.create()
                    .setMethod(method)
                    .setHeader("Content-Type", "application/json")
                    .setData(body));
    assertThat(answer.ok()).as(path + " " + answer.text()).isTrue();
    return answer;
  }

  /** Two soiled seats, begun at nine and promised for ten past. */
  private static String promisedTooSoon(Visit visit) {
    send(
        visit,
        "POST",
        "/jobs",
        "{\"title\":\"In a hurry\",\"vehicle\":{\"label\":\"Hurried\",\"layout\":\"five-seat\"}}");
    String job = visit.job("Hurried");
    send(
        visit,
        "POST",
        job + "/findings",
        "{\"surfaceIds\":[\"fl-cushion-centre\",\"fr-cushion-centre\"],\"finding\":"
            + "{\"finish\":\"leather/coated\",\"soil\":\"moderate\",\"wear\":\"intact\"}}");
    send(
        visit,
        "PATCH",
        job,
        "{\"setting\":{\"start\":\"2031-03-04T09:00\",\"returnBy\":\"2031-03-04T09:10\"}}");
    return job;
  }

  private static void drag(Visit visit, Locator task, double by) {
    task.scrollIntoViewIfNeeded();
    BoundingBox box = task.boundingBox();
    double y = box.y + box.height / 2;
    visit.page.mouse().move(box.x + box.width / 2, y);
    visit.page.mouse().down();
    visit.page.mouse().move(box.x + box.width / 2 + by / 2, y);
    visit.page.mouse().move(box.x + box.width / 2 + by, y);
    visit.page.mouse().up();
  }

  @Test
  void aDraggedTaskShowsWhatItPushesOrWhyItCannot(AttuneJar.Opened attune) {
    try (Visit visit = Visit.desk(attune)) {
      visit.open(visit.job("Brindlewick Lumen") + "/timetable?as=person");
      Locator chart = visit.page.getByRole(AriaRole.LISTBOX, visit.named("Blocks by person"));
      assertThat(chart).isVisible();
      visit.isFitForEveryone();
      drag(visit, chart.locator("[data-block='r-handover']"), -300);
      Locator answer = visit.region("What the move does");
      assertThat(answer).containsText("It cannot be there.");
      assertThat(answer).containsText("Hand over comes after");
      visit.button("Back").click();

      drag(visit, chart.locator("[data-block='r-inspect']"), 60);
      assertThat(answer).containsText(Pattern.compile("Ready .*and \\d+ more"));
      visit.isFitForEveryone();
      visit.button("Keep it there").click();
      assertThat(visit.button("Put it back where it fits best")).isVisible();
      assertThat(chart.locator("[data-block='r-inspect']"))
          .hasAttribute("aria-label", Pattern.compile("kept there by hand"));
      visit.button("Put it back where it fits best").click();
      assertThat(chart.locator("[data-block='r-inspect']"))
          .not()
          .hasAttribute("aria-label", Pattern.compile("kept there by hand"));

      chart.focus();
      visit.page.keyboard().press("Alt+ArrowRight");
      assertThat(answer).containsText("Inspect, precautions at");
    }
  }

  @Test
  void aPromiseMissedIsKeptByAnOffer(AttuneJar.Opened attune) {
    try (Visit visit = Visit.desk(attune)) {
      String job = promisedTooSoon(visit);
      visit.open(job + "/timetable?as=list");
      assertThat(visit.region("Ready")).containsText("Later than promised");
      Locator offers = visit.region("To keep the promise");
      assertThat(offers.getByRole(AriaRole.LISTITEM).first()).containsText("Keeps it: ready");
      visit.isFitForEveryone();
      offers.getByRole(AriaRole.BUTTON).first().click();
      assertThat(visit.region("Ready")).containsText("Promised, and kept");
      assertThat(offers).hasCount(0);
    }
  }

  @Test
  void aQuoteIsGivenAndAgreed(AttuneJar.Opened attune) {
    try (Visit visit = Visit.desk(attune)) {
      visit.open(visit.job("Oxmarrow Fells") + "/quote");
      Locator planned = visit.region("As planned now");
      assertThat(planned).containsText("To pay");
      assertThat(visit.region("Levels")).containsText("Here the same as Deep");
      visit.isFitForEveryone();
      visit.button("Give this quote").click();
      Locator given = visit.region("Quotes given");
      assertThat(given).containsText("Quote 1");
      visit.button("The customer agrees").click();
      assertThat(given).containsText("Agreed");
      assertThat(visit.link("PDF")).hasAttribute("href", Pattern.compile("/quote/1\\.pdf$"));
      visit.fitsAPhone();
    }
  }

  @Test
  void inTheWeekNobodyIsOnTwoJobs(AttuneJar.Opened attune) {
    try (Visit visit = Visit.desk(attune)) {
      visit.open(visit.job("Tidewren 24") + "/timetable");
      visit.region("Who does it").getByText("Mira Holt").click();
      assertThat(visit.page.getByRole(AriaRole.ALERT))
          .containsText("Mira Holt is on Oxmarrow Fells estate then");
      visit.open("/week");
      assertThat(visit.page.getByRole(AriaRole.TABLE)).containsText("Oxmarrow Fells estate");
      visit.isFitForEveryone();
      visit.fitsAPhone();
    }
  }

  @Test
  void heatRisesAndTheSectionsShrink(AttuneJar.Opened attune) {
    try (Visit visit = Visit.desk(attune)) {
      visit.open(visit.job("Brindlewick Lumen") + "/sections");
      Locator sections = visit.region("Sections");
      assertThat(sections.getByRole(AriaRole.HEADING)).hasText(Pattern.compile("^\\d+ sections$"));
      Locator heat = visit.page.getByLabel("Temperature");
      heat.focus();
      for (int degree = 0; degree < 15; degree++) {
        visit.page.keyboard().press("ArrowRight");
      }
      assertThat(sections.getByRole(AriaRole.HEADING)).containsText("instead of");
      assertThat(sections).containsText("Mostly the warmth of the air");
      visit.isFitForEveryone();
      visit.button("Back to the job’s").click();
      assertThat(sections.getByRole(AriaRole.HEADING)).not().containsText("instead of");
      visit.open(visit.job("Tidewren 24") + "/sections"); // only who works outdoors asks the sky
      Locator hours = visit.region("Hours to come");
      hours
          .getByRole(
              AriaRole.BUTTON,
              new Locator.GetByRoleOptions().setName(Pattern.compile("the best hour$")))
          .click();
      assertThat(hours).containsText("the best hour.");
      visit.button("See the sections in this air").click();
      assertThat(visit.button("Work in this air")).isVisible();
    }
  }

  @Test
  void aCustomerSeesTheirReportBehindALinkUntilItIsTakenBack(AttuneJar.Opened attune) {
    try (Visit visit = Visit.phone(attune)) {
      visit.open(visit.job("Pellarin Corvid") + "/handover");
      visit.button("Make a link").click();
      Locator made = visit.region("Private link").getByRole(AriaRole.LINK);
      assertThat(made).isVisible();
      String address = made.getAttribute("href");
      visit.button("Take it back").first().waitFor();
      String path = address.replaceAll("^https?://[^/]+", "");
      visit.open(path);
      assertThat(visit.heading("Pellarin Corvid saloon")).isVisible();
      assertThat(visit.page.getByRole(AriaRole.NAVIGATION)).hasCount(0);
      visit.isFitForEveryone();
      visit.page.goBack();
      visit.button("Take it back").first().click();
      assertThat(visit.button("Take it back")).hasCount(0);
      visit.open(path);
      assertThat(visit.page.getByText("This link is not good any more.")).isVisible();
    }
  }
}
