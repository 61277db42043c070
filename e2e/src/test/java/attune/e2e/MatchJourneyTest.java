package attune.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.RequestOptions;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Needles set by hand, why-nots, treatments side by side, what the cloth said, and schools. */
@ExtendWith(AttuneJar.class)
class MatchJourneyTest {
  private static final String SEAT = "/match/fl-cushion-centre";

  /** A leather seat and rim, surveyed; the address of their job. */
  private static String leatherJob(Visit visit) {
    String made =
        post(
            visit,
            "/api/v1/jobs",
            "{\"title\":\"Matched\",\"vehicle\":{\"label\":\"Oxmarrow Tarn\",\"layout\":\"five-seat\"}}");
    Matcher id = Pattern.compile("\"id\":\"([0-9a-f-]{36})\"").matcher(made);
    if (!id.find()) {
      throw new IllegalStateException(made);
    }
    String job = id.group(1);
    post(
        visit,
        "/api/v1/jobs/" + job + "/findings",
        "{\"surfaceIds\":[\"fl-cushion-centre\",\"wheel-rim\"],\"finding\":{\"finish\":\"leather/coated\","
            + "\"soil\":\"moderate\",\"soils\":[\"skin-oil\"],\"wear\":\"intact\"}}");
    return "/jobs/" + job;
  }

  private static String post(Visit visit, String path, String body) {
    APIResponse answer =
        visit
            .page
            .request()
            .post(
                path,
                RequestOptions.create()
                    .setHeader("Content-Type", "application/json")
                    .setData(body));
    if (!answer.ok()) {
      throw new IllegalStateException(answer.text());
    }
    return answer.text();
  }

  @Test
  void aCautionIsOverriddenWithAReasonAndABarIsNot(AttuneJar.Opened attune) {
    try (Visit visit = Visit.desk(attune)) {
      visit.open(leatherJob(visit) + SEAT);
      Locator answer = visit.page.getByTestId("answer");
      assertThat(answer).containsText("In tune");

      visit.pick("Tool", "Wire brush");
      assertThat(answer).containsText("Over");
      assertThat(visit.button("Keep these needles")).isDisabled();
      assertThat(visit.page.getByText("What would have to change").first()).isVisible();
      visit.isFitForEveryone();
      visit.button("Do it").first().click();
      assertThat(answer).not().containsText("Over");

      visit.pick("Cleaner", "Marlpit Deep");
      Locator dilution = visit.page.getByRole(AriaRole.SPINBUTTON);
      while (!dilution.getAttribute("aria-valuetext").startsWith("1:1,")) {
        dilution.press("ArrowLeft");
      }
      assertThat(answer).containsText("With care");
      visit.button("Keep these needles").click();
      assertThat(visit.button("Keep, with this reason")).isDisabled();
      visit.page.getByLabel("Why this caution is overridden").fill("Promised for tonight");
      visit.button("Keep, with this reason").click();
      assertThat(visit.page.getByText("Set by hand.").first()).isVisible();
      assertThat(visit.page.getByText("Promised for tonight").first()).isVisible();
      visit.page.reload();
      assertThat(visit.region("Ladder").getByRole(AriaRole.LISTITEM).first())
          .containsText("Marlpit Deep");
      visit.buttonLike("choice$").click();
      assertThat(visit.page.getByText("Promised for tonight")).hasCount(0);
    }
  }

  @Test
  void theDilutionFollowsThePhNeedleByKey(AttuneJar.Opened attune) {
    try (Visit visit = Visit.desk(attune)) {
      visit.open(leatherJob(visit) + SEAT);
      visit.pick("Cleaner", "Quillon One");
      Locator dilution = visit.page.getByRole(AriaRole.SPINBUTTON);
      String before = dilution.getAttribute("aria-valuetext");
      Locator ph =
          visit.page.getByRole(
              AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Effective pH"));
      ph.focus();
      ph.press("ArrowLeft");
      assertThat(dilution).not().hasAttribute("aria-valuetext", before);
    }
  }

  @Test
  void whyNotIsAnsweredFromTheListThePaletteAndTheMatrix(AttuneJar.Opened attune) {
    try (Visit visit = Visit.desk(attune)) {
      String job = leatherJob(visit);
      visit.open(job + SEAT);
      Locator degreaser = visit.region("Left out").getByText("Tarnwick Workshop Degreaser");
      assertThat(degreaser).not().isVisible();
      visit
          .region("Left out")
          .locator(
              "details", new Locator.LocatorOptions().setHasText("Tarnwick Workshop Degreaser"))
          .locator("summary")
          .click();
      degreaser.click();
      Locator dialog = visit.page.getByRole(AriaRole.DIALOG);
      assertThat(dialog).containsText("strips, stains and fumes");
      assertThat(dialog).containsText("set by safety");
      visit.isFitForEveryone();
      visit.page.keyboard().press("Escape");
      assertThat(dialog).hasCount(0);

      visit.page.keyboard().press("Control+k");
      visit.page.getByPlaceholder("Name, plate, job").fill("unlabelled");
      Locator asked =
          visit.page.getByRole(
              AriaRole.OPTION,
              new Page.GetByRoleOptions().setName(Pattern.compile("^Why not Unlabelled")));
      assertThat(asked).isVisible();
      asked.click();
      assertThat(dialog).containsText("Take the pH of the mix with a pen");
      visit.page.keyboard().press("Escape");

      visit.link("Shelf by panels").click();
      Locator grid = visit.page.getByRole(AriaRole.GRID);
      assertThat(grid.getByRole(AriaRole.GRIDCELL).first()).isVisible();
      visit.isFitForEveryone();
      Locator first = visit.page.locator("[data-cell='0-0']");
      first.focus();
      first.press("ArrowDown");
      visit.page.locator("[data-cell='1-0']").press("ArrowRight");
      assertThat(visit.page.locator("[data-cell='1-1']")).isFocused();
      assertThat(visit.region("Why")).containsText("Front left cushion");
    }
  }

  @Test
  void treatmentsAreHeldSideBySide(AttuneJar.Opened attune) {
    try (Visit visit = Visit.desk(attune)) {
      visit.open(leatherJob(visit) + SEAT);
      visit.button("Put beside").click();
      visit.pick("Tool", "Leather brush");
      visit.button("Put beside").click();
      Locator table = visit.region("Side by side");
      assertThat(table.getByRole(AriaRole.COLUMNHEADER)).hasCount(2);
      assertThat(table).containsText("leather brush");
      visit.isFitForEveryone();
      table.getByText("Lay A on the rack").click();
      assertThat(
              visit.page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Tool")))
          .not()
          .containsText("Leather brush");
      visit.button("Take B away").click();
      assertThat(table.getByRole(AriaRole.COLUMNHEADER)).hasCount(1);
    }
  }

  @Test
  void soilThatStayedPlansAnewAndColourStops(AttuneJar.Opened attune) {
    try (Visit visit = Visit.phone(attune)) {
      visit.open(leatherJob(visit) + SEAT);
      Locator ladder = visit.region("Ladder");
      String before = ladder.getByRole(AriaRole.LISTITEM).first().textContent();
      visit.button("It did not work").click();
      visit.button("Soil stays").click();
      assertThat(ladder).containsText("soil stayed");
      assertThat(ladder.locator("ol > li").first()).not().hasText(before);
      visit.isFitForEveryone();
      visit.button("It did not work").click();
      visit.buttonLike("own colour came").click();
      assertThat(ladder).containsText("that is pigment, not dirt");
      visit.button("Nothing was tried").click();
      assertThat(ladder).not().containsText("pigment, not dirt");
    }
  }

  private static FilePayload clothPhoto() throws IOException {
    BufferedImage image = new BufferedImage(600, 400, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    g.setColor(new Color(240, 239, 234));
    g.fillRect(0, 0, 600, 400);
    g.setColor(new Color(176, 170, 158));
    g.fillRect(250, 150, 100, 100);
    g.dispose();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, "png", out);
    return new FilePayload("cloth.png", "image/png", out.toByteArray());
  }

  @Test
  void aClothIsReadByColourByTheReaderAndFromAPhoto(AttuneJar.Opened attune) throws IOException {
    try (Visit visit = Visit.phone(attune)) {
      String job = leatherJob(visit);
      visit.open("/cloth?job=" + job.substring("/jobs/".length()) + "&surface=fl-cushion-centre");
      visit.button("Read the next face").click();
      Locator answer = visit.region("What the cloth says");
      assertThat(answer).hasAttribute("data-taken", Pattern.compile("nothing|soil"));
      visit.button("Begin again with a clean cloth").click();

      visit.page.getByLabel("The trim’s own colour, #rrggbb").fill("#8b2020");
      visit.page.getByLabel("A face’s colour, #rrggbb").fill("#d8a0a0");
      visit.button("Add").click();
      Locator stop = visit.page.getByRole(AriaRole.ALERT);
      assertThat(stop).containsText("Stop");
      assertThat(stop).containsText("trim's own colour");
      visit.isFitForEveryone();
      visit.button("Note it: stop and refer").click();
      visit.link("to the ladder").click();
      assertThat(visit.region("Ladder")).containsText("that is pigment");

      visit.open("/cloth");
      visit.page.locator("input[type=file]").setInputFiles(clothPhoto());
      visit.button("Lay it in the middle").click();
      Locator clean = visit.buttonLike("^clean cloth");
      clean.focus();
      for (int i = 0; i < 15; i++) {
        visit.page.keyboard().press("ArrowLeft");
      }
      visit.button("Lay it in the middle").click();
      visit.button("Read the photo").click();
      assertThat(visit.region("What the cloth says")).hasAttribute("data-taken", "soil");
      visit.isFitForEveryone();
    }
  }

  @Test
  void aSchoolIsTriedInAJobBeforeItIsHeldTo(AttuneJar.Opened attune) {
    try (Visit visit = Visit.desk(attune)) {
      String job = leatherJob(visit);
      visit.open(job + "/rules");
      Locator rinse = visit.region("Wipe once or rinse-wipe with warm water?");
      rinse.getByText("What would “Rinse” change here?").click();
      assertThat(rinse).containsText("It would change 2 panels");
      rinse
          .getByRole(
              AriaRole.RADIO, new Locator.GetByRoleOptions().setName(Pattern.compile("^Rinse")))
          .click();
      assertThat(rinse).containsText("this job’s school changed: 2 panels");
      visit.isFitForEveryone();
      visit.open(job + SEAT);
      assertThat(visit.region("Cautions")).containsText("Rinse-wipe with warm water");
      visit.open("/rules");
      assertThat(visit.heading("House rules")).isVisible();
    }
  }
}
