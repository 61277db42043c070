package attune.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonArray;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A beginner on the training floor, by pointer, by keys, and without a line. */
@ExtendWith(AttuneJar.class)
class PracticeJourneyTest {
  private static void learns(Visit visit, String name) {
    visit.open("/practice");
    visit.page.getByLabel("Somebody else").fill(name);
    visit.button("Take").click();
    assertThat(visit.region("Next")).isVisible();
  }

  private static Locator choices(Visit visit) {
    return visit.region("The case").getByRole(AriaRole.BUTTON);
  }

  @Test
  void aLessonIsReadPractisedAndCountedByKeysAlone(AttuneJar.Opened attune) {
    try (Visit visit = Visit.desk(attune)) {
      learns(visit, "By keys");
      assertThat(visit.region("Next")).containsText("0 of 35 lessons passed");
      visit.tabTo("Begin");
      visit.page.keyboard().press("Enter");
      assertThat(visit.heading("What hide is it?")).isVisible();
      assertThat(visit.heading("An example, answered")).isVisible();
      assertThat(visit.region("The case")).containsText("Right");
      visit.isFitForEveryone();
      visit.tabTo("Practise");
      visit.page.keyboard().press("Enter");
      assertThat(visit.page.getByText(Pattern.compile("^Level 1 of"))).isVisible();
      for (int i = 0; i < 3; i++) {
        assertThat(choices(visit).first()).isEnabled();
        visit.page.keyboard().press("1");
        assertThat(choices(visit).first()).hasAttribute("aria-pressed", "true");
        assertThat(visit.region("The case")).containsText("You took this.");
        assertThat(visit.button("Next")).isFocused();
        visit.page.keyboard().press("Enter");
      }
      visit.open("/practice");
      assertThat(visit.region("Next")).containsText("3 answers given");
      visit.isFitForEveryone();
      visit.fitsAPhone();
    }
  }

  @Test
  void aTestTellsNothingBeforeItsEnd(AttuneJar.Opened attune) {
    try (Visit visit = Visit.phone(attune)) {
      learns(visit, "In a test");
      visit.open("/practice/read-label");
      visit.buttonLike("^Sit the test: 5 questions").tap();
      for (int i = 1; i <= 5; i++) {
        assertThat(visit.page.getByText("Question " + i + " of 5")).isVisible();
        assertThat(choices(visit).first()).isEnabled();
        choices(visit).first().tap();
        if (i < 5) {
          assertThat(visit.region("The case")).not().containsText("You took this.");
          visit.button("Next").tap();
        }
      }
      assertThat(visit.region("The test")).containsText(Pattern.compile("\\d of 5 right"));
      visit.isFitForEveryone();
    }
  }

  @Test
  void aPanelIsWorkedByPointerAndHeldAgainstAMasters(AttuneJar.Opened attune) {
    try (Visit visit = Visit.desk(attune)) {
      learns(visit, "By pointer");
      visit.open("/practice/first-wipe");
      assertThat(visit.region("A master works it")).isVisible();
      visit.button("Practise").click();
      assertThat(visit.page.getByText("Choose what you clean it with first.")).isVisible();
      visit.page.locator("input[name=means]").last().check();
      sweep(visit);
      assertThat(visit.page.getByText(Pattern.compile("cleaner lies on (100|[5-9]\\d) %")))
          .isVisible();
      visit.isFitForEveryone();
      hand(visit, "Work");
      for (int stroke = 0; stroke < 4; stroke++) {
        sweep(visit);
      }
      hand(visit, "Wipe");
      visit.button("A clean face").click();
      sweep(visit);
      visit.buttonLike("^Done: show me").click();
      Locator out = visit.region("How it came out");
      assertThat(out).containsText("of 100");
      assertThat(out.getByLabel("The reference panel")).isVisible();
      out.getByLabel("From beginning to end").fill("30");
      visit.isFitForEveryone();
      visit.button("Next panel").click();
      assertThat(visit.page.getByRole(AriaRole.APPLICATION)).isVisible();
    }
  }

  private static void hand(Visit visit, String name) {
    visit.choice("In your hand", name).click();
  }

  /** Over the whole panel, band by band. */
  private static void sweep(Visit visit) {
    BoundingBox box = visit.page.getByRole(AriaRole.APPLICATION).boundingBox();
    for (double row = 1.5; row < 16; row += 3) {
      double y = box.y + box.height * row / 16;
      visit.page.mouse().move(box.x + 3, y);
      visit.page.mouse().down();
      visit.page.mouse().move(box.x + box.width - 3, y, new Mouse.MoveOptions().setSteps(12));
      visit.page.mouse().up();
    }
  }

  @Test
  void aPanelIsWorkedByKeysAsWell(AttuneJar.Opened attune) {
    try (Visit visit = Visit.desk(attune)) {
      learns(visit, "Panel by keys");
      visit.open("/practice/first-wipe");
      visit.button("Practise").click();
      visit.page.locator("input[name=means]").last().press("Space");
      visit.page.getByRole(AriaRole.APPLICATION).focus();
      visit.page.keyboard().press("l");
      visit.page.keyboard().press("Shift+ArrowRight");
      assertThat(visit.page.getByText(Pattern.compile("cleaner lies on [1-9] %"))).isVisible();
      visit.page.keyboard().press("a");
      assertThat(visit.page.getByText("cleaner lies on 100 %")).isVisible();
      visit.page.keyboard().press("w");
      for (int stroke = 0; stroke < 4; stroke++) {
        visit.page.keyboard().press("a");
      }
      visit.page.keyboard().press("i");
      visit.page.keyboard().press("a");
      assertThat(visit.page.getByText("cleaner lies on 0 %")).isVisible();
      visit.buttonLike("^Done: show me").click();
      assertThat(visit.region("How it came out")).isVisible();
    }
  }

  @Test
  void whatIsAnsweredWithoutALineIsKeptAndSentOnce(AttuneJar.Opened attune) {
    try (Visit visit = Visit.desk(attune)) {
      learns(visit, "Without a line");
      visit.open("/practice/read-label");
      visit.button("Practise").click();
      assertThat(choices(visit).first()).isEnabled();
      visit.page.route("**/training/answers", route -> route.abort());
      visit.page.keyboard().press("1");
      assertThat(visit.page.getByText("No line: 1 kept on this device")).isVisible();
      visit.page.unroute("**/training/answers");
      visit.open("/practice/read-label");
      visit.button("Practise").click();
      assertThat(choices(visit).first()).isEnabled();
      visit.open("/practice");
      assertThat(visit.region("Next")).containsText("1 answer given");
    }
  }

  @Test
  void aPanelOfAJobIsTriedOnModelsFirst(AttuneJar.Opened attune) {
    try (Visit visit = Visit.desk(attune)) {
      String hatch = visit.job("Brindlewick Lumen");
      String before = visit.page.request().get("/api/v1" + hatch).text();
      visit.open(hatch + "/match/fl-cushion-bolster-outer");
      visit.link("Try it on a model first").click();
      assertThat(visit.region("Ten models")).containsText("None came to harm");
      assertThat(visit.page.getByRole(AriaRole.APPLICATION)).isVisible();
      assertThat(visit.page.getByText("cushion-bolster-outer")).hasCount(0);
      visit.isFitForEveryone();
      assertThat(visit.page.request().get("/api/v1" + hatch).text()).isEqualTo(before);
      visit.page.getByLabel(allowed(visit, hatch)).check();
      visit.page.getByRole(AriaRole.APPLICATION).scrollIntoViewIfNeeded();
      sweep(visit);
      visit.buttonLike("^Done: show me").click();
      visit.button("Take it into the match").click();
      assertThat(visit.page.getByText("Set by hand.")).isVisible();
      assertThat(visit.page.getByText("Set by hand: Tried on a model first")).isVisible();
      visit.buttonLike("choice$").click();
      assertThat(visit.page.getByText("Set by hand.")).hasCount(0);
    }
  }

  /** The first treatment of the model that the panel stands. */
  private static String allowed(Visit visit, String job) {
    String at = "/api/v1" + job + "/surfaces/fl-cushion-bolster-outer/model?seed=1";
    JsonArray means =
        JsonParser.parseString(visit.page.request().get(at).text())
            .getAsJsonObject()
            .getAsJsonObject("work")
            .getAsJsonArray("means");
    int first = 0;
    while (!means.get(first).getAsJsonObject().get("mark").getAsString().equals("right")) {
      first++;
    }
    return means.get(first).getAsJsonObject().get("text").getAsString();
  }

  @Test
  void aCoatIsLaidAndLevelledAgainstTheClockByKeysAndByPointer(AttuneJar.Opened attune) {
    try (Visit visit = Visit.desk(attune)) {
      learns(visit, "Coats by hand");
      visit.open("/practice/leapfrog");
      assertThat(visit.region("A master lays it")).containsText("Label, at 20 °C");
      visit.button("Practise").click();
      Locator seats = visit.region("Two seats to coat");
      Locator area = seats.getByRole(AriaRole.LISTITEM).first();
      assertThat(area).containsText("Lay it");
      visit.page.keyboard().press("1");
      assertThat(area).containsText("since laid");
      visit.page.keyboard().press("1");
      assertThat(area).containsText("Smeared: wiped too early");
      area.getByRole(AriaRole.BUTTON).click();
      assertThat(area).containsText("Laid anew");
      visit.isFitForEveryone();
      visit.buttonLike("^Stop here").click();
      Locator out = visit.region("How it came out");
      assertThat(out).containsText("left to cure");
      assertThat(out).containsText("areas have no coat");
      assertThat(out.getByRole(AriaRole.IMG)).not().hasCount(0);
      visit.isFitForEveryone();
      visit.fitsAPhone();
      visit.button("Next seats").click();
      assertThat(seats.getByRole(AriaRole.TIMER)).hasText("0:00");
    }
  }

  @Test
  void whatAnotherSchoolWouldDoIsToldAfterTheAnswer(AttuneJar.Opened attune) {
    try (Visit visit = Visit.desk(attune)) {
      learns(visit, "Other schools");
      visit.open("/practice/least-harm");
      visit.button("Practise").click();
      assertThat(visit.button("What another school would do")).hasCount(0);
      assertThat(choices(visit).first()).isEnabled();
      visit.page.keyboard().press("1");
      visit.button("What another school would do").click();
      assertThat(visit.region("Other schools")).isVisible();
      visit.isFitForEveryone();
    }
  }
}
