package attune.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.extension.ExtendWith;

/** How often a finger touches the glass; {@code ./attune bench taps} writes it down. */
@ExtendWith(AttuneJar.class)
class TapsTest {
  private static final String COUNT =
      """
      addEventListener('click', (e) => {
        const echo = e.target.matches('input') && e.detail === 0 // of a tap on its label
        if (e.isTrusted && !echo) sessionStorage.taps = Number(sessionStorage.taps ?? 0) + 1
      }, true)
      """;

  private static void counted(Visit visit) {
    visit.page.addInitScript(COUNT);
  }

  private static int taps(Visit visit) {
    return Integer.parseInt(visit.page.evaluate("sessionStorage.taps ?? '0'").toString());
  }

  private static void newJob(Visit visit, String vehicle, String wanted) {
    visit.open("/");
    visit.link("New job").click();
    visit.page.getByLabel("Vehicle, maker and model").fill(vehicle);
    visit.page.getByLabel("What the customer wants").fill(wanted);
    visit.button("Start the survey").click();
    visit.page.waitForURL(Pattern.compile(".*/jobs/[0-9a-f-]+/survey.*"));
  }

  /** A lightly soiled cabin: all alike first, then what is worse than the rest. */
  private static void survey(Visit visit) {
    visit.button("Whole cabin").click();
    visit.buttonLike("^Each is what it usually is").click();
    visit.choice("Soil", "Light").click();
    visit.choice("Of what", "Dust").click();
    visit.choice("Wear", "Intact").click();
    visit.button("Clear the selection").click();
    found(visit, "Front left seat", "Moderate", "Skin oil");
    visit.button("Clear the selection").click();
    found(visit, "Wheel and stalks", "Moderate", "Skin oil");
    visit.button("Clear the selection").click();
    found(visit, "Floor", "Heavy", "Food, drink");
    visit.button("Clear the selection").click();
    visit.panel("fl-cushion-bolster-outer").click();
    visit.choice("Wear", "Worn").click();
  }

  private static void found(Visit visit, String where, String soil, String ofWhat) {
    visit.button(where).click();
    visit.choice("Soil", soil).click();
    visit.choice("Of what", ofWhat).click();
  }

  @Test
  void aFiveSeatCabinIsSurveyedFromNothingInFiftyTaps(AttuneJar.Opened attune) {
    try (Visit visit = Visit.desk(attune)) {
      counted(visit);
      newJob(visit, "Pellarin Merle estate", "All of it, for the summer");
      survey(visit);
      assertThat(visit.page.getByText("84 of 84 panels surveyed, saved")).isVisible();
      assertThat(taps(visit)).as("taps").isBetween(10, 50);
      told("A five-seat cabin surveyed from nothing", taps(visit));
    }
  }

  @Test
  void aWheelIsWorkedFromNewJobToHandOver(AttuneJar.Opened attune) {
    try (Visit visit = Visit.phone(attune)) {
      counted(visit);
      newJob(visit, "Oxmarrow Dray van", "The wheel, please");
      visit.panel("wheel-rim").tap(new Locator.TapOptions().setPosition(22, 3)); // on the ring
      assertThat(visit.heading("Which one?")).isVisible();
      visit.isFitForEveryone();
      visit.button("Wheel rim").tap();
      visit
          .page
          .getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Finish"))
          .click();
      visit
          .page
          .getByRole(
              AriaRole.OPTION, new Page.GetByRoleOptions().setName("Coated leather").setExact(true))
          .click();
      visit.choice("Soil", "Moderate").click();
      visit.choice("Of what", "Skin oil").click();
      visit.choice("Wear", "Intact").click();
      assertThat(visit.page.getByText("1 of 84 panels surveyed, saved")).isVisible();
      visit.link("Bench").click();
      visit.button("Start the run").click();
      work(visit);
      visit.link("To the hand-over").click();
      visit.button("Hand over").click();
      assertThat(visit.page.getByText(Pattern.compile("Handed over .+ This record stands\\.")))
          .isVisible();
      assertThat(taps(visit)).as("taps").isBetween(15, 60);
      told("A wheel from new job to hand-over", taps(visit));
    }
  }

  @Test
  @EnabledIfSystemProperty(named = "attune.taps", matches = ".+")
  void aWholeCabinIsWorkedToItsHandOver(AttuneJar.Opened attune) {
    try (Visit visit = Visit.desk(attune)) {
      counted(visit);
      newJob(visit, "Pellarin Merle saloon", "All of it");
      survey(visit);
      assertThat(visit.page.getByText("84 of 84 panels surveyed, saved")).isVisible();
      visit.link("Bench").click();
      int before = taps(visit);
      visit.button("Start the run").click();
      int cards = work(visit);
      told("The bench run of that cabin", taps(visit) - before);
      assertThat(cards).as("times told").isBetween(40, 160);
    }
  }

  /** How often something was told until every step was done. */
  private static int work(Visit visit) {
    Locator finished = visit.page.getByText("Every step is done.");
    assertThat(AtTheBench.step(visit)).isVisible();
    int told = 0;
    int scrolled = 0;
    while (!finished.isVisible()) {
      AtTheBench.goOn(visit);
      told++;
      if (!"0".equals(visit.page.evaluate("scrollY").toString())) {
        scrolled++;
        visit.page.evaluate("scrollTo(0, 0)");
      }
    }
    told("Scrolls on the way, " + visit.page.viewportSize().width + " wide", scrolled);
    return told;
  }

  /** Writes a count down where it was asked for. */
  private static void told(String what, int taps) {
    String page = System.getProperty("attune.taps");
    if (page == null) {
      return;
    }
    try {
      Path file = Path.of(page);
      String row = "| " + what + " | ";
      String end = "<!-- taps: end -->";
      String kept =
          Files.readString(file)
              .lines()
              .filter(line -> !line.startsWith(row))
              .collect(Collectors.joining("\n", "", "\n"));
      Files.writeString(file, kept.replace(end, row + taps + " |\n" + end));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
