package attune.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The shelf goes out as a table, and comes in only whole. */
@ExtendWith(AttuneJar.class)
class ShelfJourneyTest {
  private static FilePayload csv(String text) {
    return new FilePayload("shelf.csv", "text/csv", text.getBytes(StandardCharsets.UTF_8));
  }

  @Test
  void aBadFileIsExplainedAndAGoodOneBroughtIn(AttuneJar.Opened attune) throws IOException {
    try (Visit visit = Visit.desk(attune)) {
      visit.open("/shelf");
      visit.button("Bring in").click();
      Locator file = visit.page.getByLabel("File");
      file.setInputFiles(
          csv("item;id;name;kind;stiffness;retainsMl\ntool;goat;Goat brush;brush;30;0,5\n"));
      Locator faults = visit.page.getByLabel("Faults", exactly());
      assertThat(faults).containsText("Nothing was brought in: 2 faults");
      assertThat(faults).containsText("line 2, retainsMl");
      visit.page.getByText("Numbers are written with a decimal comma").click();
      assertThat(faults).containsText("Nothing was brought in: 1 fault");
      assertThat(faults).containsText("line 2, stiffness");
      assertThat(faults).containsText("at most 9");
      visit.isFitForEveryone();

      file.setInputFiles(
          csv("item;id;name;kind;stiffness;retainsMl\ntool;goat;Goat brush;brush;3;0,5\n"));
      assertThat(visit.region("What it would do")).containsText("Would be added: 1. Goat brush");
      visit.button("Bring it in").click();
      assertThat(visit.region("Brought in")).containsText("Added: 1.");
      visit.isFitForEveryone();
      visit.button("Close").click();
      visit.page.getByRole(AriaRole.TAB, tab("Tools")).click();
      assertThat(visit.link("Goat brush")).isVisible();

      Download download = visit.page.waitForDownload(() -> visit.link("CSV").click());
      assertThat(download.suggestedFilename()).isEqualTo("attune-shelf.csv");
      assertThat(Files.readString(download.path())).contains("tool,goat,Goat brush");
    }
  }

  private static com.microsoft.playwright.Page.GetByRoleOptions tab(String name) {
    return new com.microsoft.playwright.Page.GetByRoleOptions().setName(name);
  }

  private static com.microsoft.playwright.Page.GetByLabelOptions exactly() {
    return new com.microsoft.playwright.Page.GetByLabelOptions().setExact(true);
  }
}
