package attune.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Route.FulfillOptions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A blank five-seat cabin is surveyed whole: by keyboard alone, and by thumb. */
@ExtendWith(AttuneJar.class)
class SurveyJourneyTest {
  private static final FulfillOptions FULL =
      new FulfillOptions().setStatus(507).setContentType("application/json").setBody("{}");

  private static final List<String> ZONES =
      List.of(
          "Dash",
          "Wheel and stalks",
          "Console",
          "Front left seat",
          "Front right seat",
          "Rear bench",
          "Front left door",
          "Rear left door",
          "Front right door",
          "Rear right door",
          "Headliner",
          "Floor");
  private static final String ALL = "84 of 84 panels surveyed, saved";

  @Test
  void byKeyboardAlone(AttuneJar.Opened attune) {
    try (Visit visit = Visit.desk(attune)) {
      visit.open("/");
      visit.tabTo("New job");
      visit.page.keyboard().press("Enter");
      Locator label = visit.page.getByLabel("Vehicle, maker and model");
      assertThat(label).isVisible();
      visit.tabInto(label);
      visit.page.keyboard().type("Oxmarrow Quern, keyboard");
      visit.tabInto(visit.page.getByLabel("What the customer wants"));
      visit.page.keyboard().type("All of it");
      visit.page.keyboard().press("Enter");
      visit.tabTo("Pick several");
      visit.page.keyboard().press("Enter");
      for (String zone : ZONES) {
        visit.tabTo(zone);
        visit.page.keyboard().press("Enter");
        Locator usual = visit.buttonLike("^Each is what it usually is");
        if (!zone.equals("Headliner")) {
          assertThat(usual).isVisible();
          visit.tabTo(usual.textContent().trim());
        } else {
          visit.tabTo(visit.buttonLike("^Usually ").textContent().trim());
        }
        visit.page.keyboard().press("Enter");
        visit.tabPast("What is meant: Soil");
        visit.arrowTo("Light");
        visit.tabPast("What is meant: Wear");
        visit.arrowTo("Intact");
      }
      assertThat(visit.page.getByText(ALL)).isVisible();
      visit.isFitForEveryone();
    }
  }

  /** Counts taps as it goes: a thumb must not need many. */
  @Test
  void byThumb(AttuneJar.Opened attune) {
    try (Visit visit = Visit.phone(attune)) {
      int taps = 0;
      visit.open("/new");
      visit.page.getByLabel("Vehicle, maker and model").fill("Oxmarrow Quern, thumb");
      visit.page.getByLabel("What the customer wants").fill("All of it");
      visit.button("Start the survey").tap();
      visit.button("Whole cabin").tap();
      visit.buttonLike("^Each is what it usually is").tap();
      visit.choice("Soil", "Light").first().tap();
      visit.choice("Wear", "Intact").first().tap();
      taps += 4;
      visit
          .page
          .getByRole(
              AriaRole.GROUP,
              new com.microsoft.playwright.Page.GetByRoleOptions().setName("Parts of the cabin"))
          .getByRole(
              AriaRole.BUTTON,
              new Locator.GetByRoleOptions().setName("Front left seat").setExact(true))
          .tap();
      visit.button("Pick several").tap();
      visit.panel("fl-cushion-bolster-outer").tap();
      visit.button("Front left cushion, outer bolster").tap(); // a finger covers its neighbours too
      visit.choice("Soil", "Heavy").first().tap();
      visit.choice("Of what", "Skin oil").first().tap();
      visit.choice("Of what", "Denim dye").first().tap();
      taps += 6;
      assertThat(visit.page.getByText(ALL)).isVisible();
      assertThat(visit.panel("fl-cushion-bolster-outer"))
          .hasAttribute("aria-label", Pattern.compile("soil heavy"));
      assertThat(taps).as("taps for 84 panels").isLessThanOrEqualTo(12);
      visit.isFitForEveryone();
    }
  }

  @Test
  void aPanelIsSplitSurveyedInHalvesAndMadeWholeAgain(AttuneJar.Opened attune) {
    try (Visit visit = Visit.desk(attune)) {
      visit.open("/new");
      visit.page.getByLabel("Vehicle, maker and model").fill("Tidewren Punt, cut");
      visit.page.getByLabel("What the customer wants").fill("Half of it");
      visit.button("Start the survey").click();
      visit.panel("rear-cushion").click();
      visit.button("Split left and right").click();
      assertThat(visit.panel("rear-cushion")).hasCount(0);
      visit.panel("rear-cushion-left").press("Enter");
      visit.choice("Soil", "Caked").click();
      assertThat(visit.panel("rear-cushion-left"))
          .hasAttribute("aria-label", Pattern.compile("soil caked"));
      assertThat(visit.panel("rear-cushion-right"))
          .not()
          .hasAttribute("aria-label", Pattern.compile("soil caked"));
      visit.isFitForEveryone();
      visit.button("Pick several").click();
      visit.panel("rear-cushion-right").press("Enter");
      visit.button("Make one panel of these").click();
      assertThat(visit.panel("rear-cushion"))
          .hasAttribute("aria-label", Pattern.compile("soil caked"));
      visit.panel("rear-back").click();
      visit.button("Not on this vehicle").click();
      assertThat(visit.panel("rear-back")).hasCount(0);
      visit.button("Put 1 removed panel back").click();
      assertThat(visit.panel("rear-back")).isVisible();
    }
  }

  static FilePayload picture() throws IOException {
    BufferedImage image = new BufferedImage(800, 600, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    g.setColor(new Color(210, 200, 180));
    g.fillRect(0, 0, 400, 600);
    g.dispose();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, "png", out);
    return new FilePayload("half.png", "image/png", out.toByteArray());
  }

  @Test
  void aHalfAndHalfIsPhotographedAndItsLineDrawn(AttuneJar.Opened attune) throws IOException {
    try (Visit visit = Visit.phone(attune)) {
      visit.open(visit.job("Tidewren 24") + "/survey?panel=helm-wheel");
      Locator photos = visit.region("Photos");
      photos.getByLabel("Moment").tap();
      visit
          .page
          .getByRole(AriaRole.OPTION)
          .filter(new Locator.FilterOptions().setHasText("Half and half"))
          .tap();
      photos.locator("input[type=file]").setInputFiles(picture());
      Locator sheet = visit.page.getByRole(AriaRole.DIALOG);
      assertThat(sheet).containsText("Draw the line between the cleaned half");
      visit.isFitForEveryone();
      Locator drawing = visit.page.getByLabel("Photo: draw the line between the halves");
      var box = drawing.boundingBox();
      visit.page.mouse().move(box.x + box.width / 2, box.y + 8);
      visit.page.mouse().down();
      visit.page.mouse().move(box.x + box.width / 2 + 6, box.y + box.height - 8);
      visit.page.mouse().up();
      assertThat(sheet).containsText("The line lies between the two halves");
      assertThat(drawing.locator("line")).hasCount(2);
      String before = drawing.locator("line").first().getAttribute("x1");
      drawing.press("ArrowRight");
      assertThat(drawing.locator("line").first()).not().hasAttribute("x1", before);
      visit.page.reload();
      visit.buttonLike("^Photo, Half and half").first().tap();
      assertThat(visit.page.getByText("The line lies between the two halves")).isVisible();
      visit.button("Delete").tap();
      visit.button("Yes, delete it for good").tap();
      assertThat(visit.buttonLike("^Photo, Half and half")).hasCount(0);
      photos
          .locator("input[type=file]")
          .setInputFiles(new FilePayload("words.jpg", "image/jpeg", "no picture".getBytes()));
      assertThat(visit.page.getByRole(AriaRole.ALERT)).containsText("a JPEG, PNG or WebP picture");
    }
  }

  @Test
  void aPhotoThatCannotBeTakenJustNowIsKeptAndSentAgain(AttuneJar.Opened attune)
      throws IOException {
    try (Visit visit = Visit.phone(attune)) {
      visit.open(visit.job("Tidewren 24") + "/survey?panel=helm-wheel");
      visit.page.route("**/photos?*", route -> route.fulfill(FULL));
      Locator photos = visit.region("Photos");
      photos.locator("input[type=file]").setInputFiles(picture());
      assertThat(photos.getByRole(AriaRole.STATUS)).containsText("kept on this device");
      visit.page.unroute("**/photos?*");
      assertThat(photos.getByRole(AriaRole.STATUS)).hasCount(0);
      visit.buttonLike("^Photo, ").first().tap();
      visit.button("Delete").tap();
      visit.button("Yes, delete it for good").tap();
    }
  }

  @Test
  void aReadingIsTakenAndAWetSheenIsNotBelieved(AttuneJar.Opened attune) {
    try (Visit visit = Visit.desk(attune)) {
      visit.open(visit.job("Tidewren 24") + "/survey?panel=helm-wheel");
      Locator readings = visit.region("Readings");
      readings.getByText("Take a reading").click();
      assertThat(readings).containsText("simulated");
      assertThat(readings).containsText("GU");
      readings.getByLabel("Instrument").click();
      visit
          .page
          .getByRole(AriaRole.OPTION)
          .filter(new Locator.FilterOptions().setHasText("Moisture meter"))
          .click();
      readings.getByLabel("Or typed in").fill("48");
      readings.getByText("Note it").click();
      assertThat(readings).containsText("48 of 100");
      readings.getByLabel("Instrument").click();
      visit
          .page
          .getByRole(AriaRole.OPTION)
          .filter(new Locator.FilterOptions().setHasText("Gloss meter"))
          .click();
      readings.getByText("Take a reading").click();
      assertThat(readings).containsText("Not valid yet: the moisture meter stands at 48");
      visit.isFitForEveryone();
    }
  }
}
