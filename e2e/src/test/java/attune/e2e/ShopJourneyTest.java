package attune.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Around the jobs: whose the car is, what stands on the shelf, and how the shop writes things. */
@ExtendWith(AttuneJar.class)
class ShopJourneyTest {
  @Test
  void aCustomerTheirCarAndTheirJobAndThenTheyAreForgotten(AttuneJar.Opened attune) {
    try (Visit visit = Visit.phone(attune)) {
      visit.open("/people");
      visit.link("Customer").tap();
      visit.page.getByLabel("Name", exact()).fill("Edda Voss");
      visit.page.getByLabel("Phone").fill("+00 555 0199");
      visit.choice("What the cabin has to stand", "Pets").tap();
      visit.choice("Standard", "Exacting").tap();
      visit.button("Save").tap();
      visit.link("Add one").tap();
      visit.page.getByLabel("Maker and model").fill("Pellarin Swale coupé");
      visit.button("Save").tap();
      visit.link("New job on it").tap();
      visit.page.getByLabel("What the customer wants").fill("Hair out, shine off");
      visit.button("Start the survey").tap();
      assertThat(visit.region("History of the vehicle")).containsText("Never deep-cleaned");
      assertThat(visit.page.locator("[aria-label='Standard'] [data-state=on]")).hasText("Exacting");
      visit.button("Find (Ctrl K)").tap();
      visit
          .page
          .getByPlaceholder("Name, plate, job, panel, product, finish, or what to do")
          .fill("0199");
      visit.page.getByRole(AriaRole.OPTION).filter(named("Edda Voss")).tap();
      assertThat(visit.heading("Edda Voss")).isVisible();
      visit.isFitForEveryone();
      visit.button("Delete personal data").tap();
      visit.isFitForEveryone();
      visit.button("Delete for good").tap();
      assertThat(visit.region("Vehicles")).containsText("Pellarin Swale coupé");
      assertThat(visit.page.getByText("Edda Voss")).hasCount(0);
    }
  }

  private static Locator.FilterOptions named(String text) {
    return new Locator.FilterOptions().setHasText(text);
  }

  private static com.microsoft.playwright.Page.GetByLabelOptions exact() {
    return new com.microsoft.playwright.Page.GetByLabelOptions().setExact(true);
  }

  @Test
  void aNewProductSaysWhatItMeansWhileItIsTyped(AttuneJar.Opened attune) {
    try (Visit visit = Visit.desk(attune)) {
      visit.open("/shelf/products/new");
      Locator means = visit.region("What this means");
      visit.page.getByLabel("Name", exact()).fill("Quay Hide Soap");
      visit.choice("What it is for", "Cleaner").first().click();
      assertThat(means).containsText("The pH is not known");
      visit.page.getByLabel("pH as supplied").fill("12,5");
      visit.choice("How its pH answers to water", "Strong alkali").click();
      assertThat(means).containsText("pH 12.3 to 12.7");
      assertThat(means).containsText("above what they stand");
      visit.page.getByLabel("pH as supplied").fill("15");
      assertThat(means).containsText("at most 14");
      visit.page.getByLabel("pH as supplied").fill("7.1");
      visit.choice("It is, or has", "Bleach").click();
      assertThat(means).containsText("Never mix, nor follow without a rinse");
      visit.choice("It is, or has", "Bleach").click();
      visit.page.getByLabel("Hazard codes").fill("h319 h226");
      assertThat(means).containsText("Flammable liquid and vapour");
      visit.isFitForEveryone();
      visit.button("Put it on the shelf").click();
      assertThat(visit.heading("Quay Hide Soap")).isVisible();
      visit.button("One came in").click();
      visit.page.getByLabel("Size, ml").fill("500");
      visit.button("Put it there").click();
      assertThat(visit.region("Bottles")).containsText("500 ml usable");
      visit.button("Archive").click();
      assertThat(visit.page.getByText("Archived: nothing new is planned with it.")).isVisible();
      visit.open("/shelf?part=archive");
      assertThat(visit.page.getByText("Quay Hide Soap")).isVisible();
    }
  }

  @Test
  void damageIsAcknowledgedUntilMoreIsFound(AttuneJar.Opened attune) {
    try (Visit visit = Visit.phone(attune)) {
      visit.open("/new");
      visit.page.getByLabel("Vehicle, maker and model").fill("Oxmarrow Tarn, scuffed");
      visit.page.getByLabel("What the customer wants").fill("As it is");
      visit.button("Start the survey").tap();
      visit.panel("rear-back").tap();
      visit.choice("Damage cleaning does not mend", "Scuffed through").tap();
      visit.button("Clear the selection").tap();
      Locator damage = visit.region("Damage already there");
      damage.getByLabel("Customer’s name, having seen this list").fill("Ines Corrow");
      damage.getByText("Acknowledge", new Locator.GetByTextOptions().setExact(true)).tap();
      assertThat(damage).containsText("Acknowledged by Ines Corrow");
      visit.isFitForEveryone();
      visit.panel("rear-cushion").tap();
      visit.choice("Wear", "Torn").tap();
      visit.button("Clear the selection").tap();
      assertThat(damage).containsText("something was found since");
    }
  }

  @Test
  void theShopsUnitsAndDatesAreEverywhereAtOnce(AttuneJar.Opened attune) {
    try (Visit visit = Visit.desk(attune)) {
      visit.open("/shop");
      visit.choice("Units on screen", "US").click();
      visit.button("Save").click();
      assertThat(
              visit.page.getByText(
                  "Saved", new com.microsoft.playwright.Page.GetByTextOptions().setExact(true)))
          .isVisible();
      visit.open(visit.job("Brindlewick Lumen") + "/mix");
      assertThat(visit.page.getByText("fl oz").first()).isVisible();
      visit.open("/shop");
      visit.choice("Units on screen", "Metric").click();
      visit.page.getByLabel("Its alkalinity, mmol/l").fill("99");
      visit.button("Save").click();
      assertThat(visit.page.getByRole(AriaRole.ALERT)).containsText("0 to 10 mmol/l");
      visit.page.getByLabel("Its alkalinity, mmol/l").fill("2.5");
      visit.button("Save").click();
      assertThat(
              visit.page.getByText(
                  "Saved", new com.microsoft.playwright.Page.GetByTextOptions().setExact(true)))
          .isVisible();
      visit.button("Back up now").click();
      assertThat(visit.region("Backups")).containsText("attune-");
    }
  }
}
