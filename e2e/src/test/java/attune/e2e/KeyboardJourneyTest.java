package attune.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Keyboard;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/**
 * A job from new to handed over without a pointer: tab, arrows, number keys and the big button's
 * key.
 */
@ExtendWith(AttuneJar.class)
class KeyboardJourneyTest {
  /** The key a foot pedal sends. */
  private static final String BIG = "PageDown";

  @Test
  void aWheelIsTakenFromNewJobToHandOverByKeysAlone(AttuneJar.Opened attune) {
    try (Visit visit = Visit.desk(attune)) {
      Keyboard keys = visit.page.keyboard();
      survey(visit, keys);
      enter(visit, "Bench");
      enter(visit, "Start the run");
      assertThat(AtTheBench.step(visit)).isVisible();
      Locator finished = visit.page.getByText("Every step is done.");
      while (!finished.isVisible()) {
        goOn(visit, keys);
      }
      enter(visit, "To the hand-over");
      assertThat(visit.heading("What was done")).isVisible();
      tabTo(visit, "Hand over", "BUTTON");
      keys.press("Enter");
      assertThat(visit.page.getByText(Pattern.compile("Handed over .+ This record stands\\.")))
          .isVisible();
    }
  }

  private static void survey(Visit visit, Keyboard keys) {
    visit.open("/");
    enter(visit, "New job");
    visit.tabInto(visit.page.getByLabel("Vehicle, maker and model"));
    keys.type("Brindlewick Fen, by keys");
    visit.tabInto(visit.page.getByLabel("What the customer wants"));
    keys.type("The wheel");
    keys.press("Enter");
    enter(visit, "Pick several");
    enter(visit, "Wheel and stalks");
    Locator usual = visit.buttonLike("^Each is what it usually is");
    assertThat(usual).isVisible();
    enter(visit, usual.textContent().trim());
    visit.tabPast("What is meant: Soil");
    visit.arrowTo("Light");
    visit.tabPast("What is meant: Wear");
    visit.arrowTo("Intact");
    assertThat(visit.page.getByText(Pattern.compile("^[1-9] of 84 panels surveyed, saved")))
        .isVisible();
  }

  private static void enter(Visit visit, String name) {
    visit.tabTo(name);
    visit.page.keyboard().press("Enter");
  }

  /** Two things are called so: the step of the job above, a link, and the button. */
  private static void tabTo(Visit visit, String name, String tag) {
    do {
      visit.page.keyboard().press("Tab");
      visit.tabTo(name);
    } while (!tag.equals(visit.page.evaluate("document.activeElement.tagName")));
  }

  /**
   * What waits is done all the same, what wants a tick gets it, then an answer or the big button.
   */
  private static void goOn(Visit visit, Keyboard keys) {
    Locator card = AtTheBench.step(visit);
    if (card.getByText("Do it anyway").isVisible()) {
      enter(visit, "Do it anyway");
    }
    for (Locator box : card.getByRole(AriaRole.CHECKBOX).all()) {
      visit.tabInto(box);
      keys.press("Space");
    }
    String before = AtTheBench.count(visit).textContent();
    boolean asked = card.locator("fieldset button").count() > 0;
    keys.press(asked ? "1" : BIG);
    if (visit.button("Wiped anyway").isVisible()) {
      enter(visit, "Wiped anyway");
    }
    assertThat(AtTheBench.count(visit)).not().hasText(before);
  }
}
