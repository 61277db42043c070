package attune.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.extension.ExtendWith;

/** Frames a second under a working hand; {@code ./attune bench frames} runs it. */
@ExtendWith(AttuneJar.class)
@EnabledIfSystemProperty(named = "attune.frames", matches = ".+")
class PanelFramesTest {
  private static final int BANDS = 40;

  @Test
  void countsTheFramesOfAPanelThatIsWorked(AttuneJar.Opened attune) throws IOException {
    try (Visit visit = Visit.desk(attune)) {
      visit.open("/practice");
      visit.page.getByLabel("Somebody else").fill("Frames");
      visit.page.keyboard().press("Enter");
      visit.open("/practice/greasy-bolster");
      visit.button("Practise").click();
      visit.page.locator("input[name=means]").last().check();
      visit.page.evaluate(
          """
          () => { window.frames = []; const on = (t) => { window.frames.push(t); requestAnimationFrame(on) };
                  requestAnimationFrame(on) }
          """);
      BoundingBox box = visit.page.getByRole(AriaRole.APPLICATION).boundingBox();
      for (int band = 0; band < BANDS; band++) {
        double y = box.y + box.height * (0.05 + 0.9 * (band % 10) / 10.0);
        visit.page.mouse().move(box.x + 3, y);
        visit.page.mouse().down();
        visit.page.mouse().move(box.x + box.width - 3, y, new Mouse.MoveOptions().setSteps(24));
        visit.page.mouse().up();
      }
      String measured =
          (String)
              visit.page.evaluate(
                  """
                  () => { const t = window.frames, d = t.slice(1).map((x, i) => x - t[i]).sort((a, b) => a - b);
                          const s = (t.at(-1) - t[0]) / 1000;
                          return `${(d.length / s).toFixed(0)} frames a second over ${s.toFixed(1)} s; `
                            + `a frame takes ${d[d.length >> 1].toFixed(1)} ms in the middle and `
                            + `${d[Math.floor(d.length * 0.95)].toFixed(1)} ms at the 95th of a hundred` }
                  """);
      assertThat(measured).contains("frames a second");
      Path file = Path.of(System.getProperty("attune.frames"));
      String text = Files.readString(file);
      String start = "<!-- frames: start -->\n";
      int from = text.indexOf(start) + start.length();
      Files.writeString(
          file,
          text.substring(0, from)
              + measured
              + ".\n"
              + text.substring(text.indexOf("<!-- frames: end -->")));
    }
  }
}
