package attune.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** From an empty cabin to the hand-over, as a specialist would go. */
@ExtendWith(AttuneJar.class)
class WholeSliceJourneyTest {
  private static final Pattern JOB = Pattern.compile(".*/jobs/[0-9a-f-]+/survey.*");

  @Test
  void surveyMatchMixBenchHandOver(AttuneJar.Opened attune) {
    try (Visit visit = Visit.desk(attune)) {
      newJob(visit);
      survey(visit);
      match(visit);
      mix(visit);
      bench(visit);
      handOver(visit);
    }
  }

  private static void newJob(Visit visit) {
    visit.open("/");
    visit.link("New job").click();
    visit.isFitForEveryone();
    visit.page.getByLabel("Vehicle, maker and model").fill("Pellarin Corvid saloon");
    visit.page.getByLabel("What the customer wants").fill("Grease off the driver's seat");
    visit.button("Start the survey").click();
    visit.page.waitForURL(JOB);
  }

  private static void survey(Visit visit) {
    visit.button("Pick several").click();
    visit.panel("fl-cushion-centre").click();
    visit.panel("fl-cushion-bolster-outer").click();
    assertThat(visit.heading("2 panels picked")).isVisible();
    visit.page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Finish")).click();
    visit
        .page
        .getByRole(
            AriaRole.OPTION, new Page.GetByRoleOptions().setName("Coated leather").setExact(true))
        .click();
    visit.choice("Soil", "Moderate").click();
    visit.choice("Of what", "Skin oil").click();
    visit.choice("Wear", "Intact").click();
    assertThat(visit.page.getByText("2 of 84 panels surveyed, saved")).isVisible();
    visit.isFitForEveryone();

    visit.choice("Wear", "Worn").click();
    visit.buttonLike("^Undo: ").click();
    assertThat(visit.page.locator("[data-panel='fl-cushion-centre']"))
        .hasAttribute("aria-label", Pattern.compile("coated leather, soil moderate"));
    assertThat(visit.page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Intact")))
        .isChecked();

    visit.page.reload();
    assertThat(visit.heading("2 panels picked")).isVisible();
    visit.button("Clear the selection").click();
    assertThat(visit.heading("Pick a panel to write down what you find")).isVisible();
    visit.choice("Protection wanted", "Coating").click();
    assertThat(visit.page.getByText("2 of 84 panels surveyed, saved")).isVisible();
  }

  private static void match(Visit visit) {
    visit.link("Match").click();
    assertThat(visit.link("Shelf by panels")).isVisible(); // the drawing of the survey is gone
    visit.panel("fl-cushion-bolster-outer").click();
    assertThat(visit.heading("Front left cushion, outer bolster")).isVisible();
    assertThat(visit.page.getByTestId("answer")).containsText("passes to the standard agreed");
    assertThat(visit.region("Ladder").getByRole(AriaRole.LISTITEM).nth(1)).isVisible();
    assertThat(visit.region("Left out")).containsText("Degreaser");
    visit.isFitForEveryone();

    Locator agitation =
        visit.page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Agitation"));
    agitation.focus();
    for (int i = 0; i < 6; i++) {
      agitation.press("ArrowRight");
    }
    assertThat(visit.page.locator("[data-scale='agitation']")).hasAttribute("data-state", "over");
    assertThat(visit.page.getByTestId("answer")).containsText("coated leather stands 6");
    visit.isFitForEveryone();
    visit.buttonLike("choice$").click();
    assertThat(visit.page.locator("[data-scale='agitation']"))
        .hasAttribute("data-state", "in-tune");

    visit.page.goBack();
    assertThat(visit.page).hasURL(Pattern.compile(".*/match$"));
    visit.page.goForward();
    assertThat(visit.page).hasURL(Pattern.compile(".*/match/fl-cushion-bolster-outer$"));
    assertThat(visit.heading("Front left cushion, outer bolster")).isVisible();
  }

  private static void mix(Visit visit) {
    visit.link("Mix").click();
    assertThat(visit.heading("Free mix")).isVisible();
    visit.page.getByLabel("Ratio, as the label writes it").fill("10:1");
    visit.page.getByLabel("Bottle, ml").fill("550");
    assertThat(visit.page.getByText("50 ml product, 500 ml water")).isVisible();
    visit.page.getByLabel("Ratio, as the label writes it").fill("ten to one");
    assertThat(visit.page.getByText(Pattern.compile("1:10 or 10:1"))).isVisible();
    visit.isFitForEveryone();
  }

  private static void bench(Visit visit) {
    visit.link("Bench").click();
    visit.button("Start the run").click();
    assertThat(AtTheBench.step(visit)).containsText("Receive");
    visit.isFitForEveryone();
    visit.button("Done").click();
    assertThat(visit.page.getByText(Pattern.compile("^1 of \\d+ steps done"))).isVisible();
    visit.buttonLike("^Undo: ").click();
    assertThat(visit.page.getByText(Pattern.compile("^0 of \\d+ steps done"))).isVisible();

    Locator clock = visit.page.getByRole(AriaRole.TIMER);
    Locator laid = visit.buttonLike("^Laid: start the clock");
    while (!laid.isVisible()) {
      AtTheBench.goOn(visit);
    }
    AtTheBench.tickCautions(visit);
    laid.click();
    assertThat(clock).isVisible();
    assertThat(visit.page.locator("[data-phase]"))
        .hasAttribute("data-phase", Pattern.compile("sits|wipe"));
    int before = seconds(clock.textContent());
    visit.page.reload();
    assertThat(clock).isVisible();
    assertThat(visit.page.locator("[data-phase]"))
        .hasAttribute("data-phase", Pattern.compile("sits|wipe"));
    assertThat(seconds(clock.textContent())).isLessThanOrEqualTo(before);

    Locator finished = visit.page.getByText("Every step is done.");
    while (!finished.isVisible()) {
      AtTheBench.goOn(visit);
    }
  }

  private static int seconds(String clock) {
    String[] parts = clock.replace("+", "").split(":");
    return Integer.parseInt(parts[0]) * 60 + Integer.parseInt(parts[1]);
  }

  /** Told at the bench without a line: nobody hands over what is not in yet. */
  private static void nothingIsLeftOut(Visit visit) {
    visit.buttonLike("^Undo: ").click();
    assertThat(visit.page.getByText("Every step is done.")).isHidden();
    visit.page.route("**/bench/entries", route -> route.abort());
    AtTheBench.goOn(visit);
    assertThat(visit.page.getByText("Every step is done.")).isVisible();
    visit.link("To the hand-over").click();
    assertThat(visit.page.getByText(Pattern.compile("from this device .+ not come in yet")))
        .isVisible();
    assertThat(visit.button("Hand over")).isDisabled();
    visit.page.unroute("**/bench/entries");
    assertThat(visit.button("Hand over")).isEnabled();
  }

  private static void handOver(Visit visit) {
    nothingIsLeftOut(visit);
    assertThat(visit.heading("What was done")).isVisible();
    assertThat(visit.page.getByText(Pattern.compile("Found: moderate skin oil"))).isVisible();
    visit.isFitForEveryone();
    visit.button("Hand over").click();
    assertThat(visit.page.getByText(Pattern.compile("Handed over .+ This record stands\\.")))
        .isVisible();
    byte[] print = visit.page.pdf(new Page.PdfOptions().setFormat("A4"));
    String pdf = new String(print, java.nio.charset.StandardCharsets.ISO_8859_1);
    assertThat(pdf.split("/Type\\s*/Page[^s]", -1)).as("pages printed").hasSize(2);
    visit.link("Day").click();
    assertThat(visit.page.getByText("Handed over: see the record").first()).isVisible();
  }
}
