package attune.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Bottles: measured, stepped, barred, labelled. */
@ExtendWith(AttuneJar.class)
class MixJourneyTest {
  private static final Pattern PH = Pattern.compile("pH ([0-9.]+) to ([0-9.]+)");

  private static double doubt(String text) {
    Matcher found = PH.matcher(text);
    assertThat(found.find()).as(text).isTrue();
    MatchResult ph = found.toMatchResult();
    return Double.parseDouble(ph.group(2)) - Double.parseDouble(ph.group(1));
  }

  @Test
  void thePenNarrowsWhatIsKnownOfAMix(AttuneJar.Opened attune) {
    try (Visit visit = Visit.desk(attune)) {
      visit.open(visit.job("Brindlewick Lumen") + "/mix");
      Locator card =
          visit
              .region("To mix")
              .getByRole(AriaRole.ARTICLE)
              .filter(new Locator.FilterOptions().setHasText("Kelpbourne Helm Wash"));
      double before = doubt(card.textContent());
      card.getByText("pH pen").click();
      assertThat(card).containsText("noted on the bottle");
      assertThat(card.getByText(Pattern.compile("^Effective pH"))).isVisible();
      visit.page.reload();
      assertThat(card).isVisible();
      assertThat(doubt(card.textContent())).isLessThan(before).isLessThan(0.31);
    }
  }

  @Test
  void anyTwoGiveTheThirdAndAnUnrinsedBottleIsBarred(AttuneJar.Opened attune) {
    try (Visit visit = Visit.phone(attune)) {
      visit.open("/mix?product=gorsefield-acid&ratio=1:20&bottle=500");
      Locator answer = visit.page.getByTestId("free-mix");
      assertThat(answer).containsText("1 part product to 20 parts water");
      visit.page.getByLabel("Product, ml").fill("50");
      visit.page.getByLabel("Bottle, ml").fill("550");
      assertThat(visit.page.getByLabel("Ratio, as the label writes it")).hasValue("1:10");
      assertThat(answer).containsText("50 ml product, 500 ml water");
      assertThat(answer.getByLabel("Label as PDF, A4 sheet of 8")).isVisible();
      visit.isFitForEveryone();
      visit.pick("The bottle held before", "Eddystrand Mould Stop");
      assertThat(answer).containsText("Not into this bottle before it is rinsed");
      assertThat(answer.getByLabel("Label as PDF, A4 sheet of 8")).hasCount(0);
    }
  }

  @Test
  void whatIsLeftIsThinnedOrStrengthened(AttuneJar.Opened attune) {
    try (Visit visit = Visit.desk(attune)) {
      visit.open("/mix");
      Locator answer = visit.page.getByTestId("step-mix");
      assertThat(answer).containsText("Add 273 ml water");
      visit.page.getByLabel("It is to be").fill("1:5");
      assertThat(answer).containsText("product");
      visit.page.getByLabel("Left over, ml").fill("900");
      assertThat(visit.page.getByRole(AriaRole.ALERT)).containsText("leftMl");
    }
  }

  @Test
  void aBottleIsMixedForTheJobDrawnFromStockAndPrinted(AttuneJar.Opened attune) {
    try (Visit visit = Visit.phone(attune)) {
      visit.open(visit.job("Oxmarrow Fells") + "/mix");
      Locator card = visit.region("To mix").getByRole(AriaRole.ARTICLE).first();
      card.getByText("Mixed").click();
      assertThat(card).containsText("Taken from stock; use by");
      assertThat(visit.region("Mixed and at hand")).isVisible();
      visit.isFitForEveryone();
      String label = card.getByLabel("Label as PDF, 100 × 62 mm").getAttribute("href");
      assertThat(visit.page.request().get(label).headers().get("content-type"))
          .startsWith("application/pdf");
      visit.button("Used up or poured away").first().click();
      assertThat(visit.region("Mixed and at hand")).hasCount(0);
    }
  }
}
