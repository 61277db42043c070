package attune.app.layouts;

import attune.app.format.Code;
import attune.app.reference.ReferenceData;
import attune.core.check.Coded;
import attune.core.material.Finish;
import attune.core.material.PhWindow;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.util.List;
import java.util.NoSuchElementException;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Layouts and finishes: what the cabin sheet is drawn from. */
@RestController
@RequestMapping("/api/v1")
class LayoutController {
  private static final Phrases PHRASES = Phrases.of(LayoutController.class);

  /** A layout to choose from. */
  record LayoutChoice(String code, String name, int panels, boolean hasDriveSide) {}

  /** A finish to choose from. */
  record FinishChoice(
      String code, String family, String name, String look, String source, Stands stands) {}

  /**
   * The most a sound finish stands.
   *
   * @param wetMaxGm2 liquid a pass, g/m²
   * @param contactMaxMin before it must be off, minutes
   * @param agitationMax stiffest tool, 0 to 10
   * @param steamMaxC null where steam never goes
   * @param sheenLow clean, GU at 60°; null where sheen says nothing
   */
  record Stands(
      double routineLow,
      double routineHigh,
      @Nullable Double occasionalLow,
      @Nullable Double occasionalHigh,
      double wetMaxGm2,
      @Code(Finish.WetOn.class) String wetOn,
      double contactMaxMin,
      int agitationMax,
      @Code(Finish.AgitationHow.class) String agitationHow,
      @Nullable Double steamMaxC,
      @Nullable Double sheenLow,
      @Nullable Double sheenHigh) {
    static Stands of(Finish f) {
      return new Stands(
          f.routinePh().low(),
          f.routinePh().high(),
          f.occasionalPh().map(PhWindow::low).orElse(null),
          f.occasionalPh().map(PhWindow::high).orElse(null),
          f.wetMax(),
          f.wetOn().code(),
          f.contactMaxMin(),
          f.agitationMax(),
          f.agitationHow().code(),
          f.steamMaxC().orElse(null),
          f.cleanSheen().map(Finish.Sheen::lowGu).orElse(null),
          f.cleanSheen().map(Finish.Sheen::highGu).orElse(null));
    }
  }

  private final Layouts layouts;
  private final ReferenceData reference;

  LayoutController(Layouts layouts, ReferenceData reference) {
    this.layouts = layouts;
    this.reference = reference;
  }

  @GetMapping("/layouts")
  List<LayoutChoice> all() {
    return layouts.all().stream()
        .map(
            layout ->
                new LayoutChoice(
                    layout.code(), layout.name(), layout.panels().size(), layout.hasDriveSide()))
        .toList();
  }

  @GetMapping("/layouts/{code}")
  Layout one(@PathVariable String code, @RequestParam(defaultValue = "left") String drive) {
    Drive side = Coded.parse(Drive.class, drive);
    return layouts
        .find(code)
        .map(layout -> layout.driven(side))
        .orElseThrow(() -> new NoSuchElementException(PHRASES.say("there-is-no-such-layout")));
  }

  @GetMapping("/finishes")
  List<FinishChoice> finishes() {
    return reference.finishes().all().stream().map(LayoutController::choice).toList();
  }

  private static FinishChoice choice(Finish finish) {
    return new FinishChoice(
        finish.code(),
        finish.family(),
        finish.name(),
        finish.look(),
        finish.source(),
        Stands.of(finish));
  }
}
