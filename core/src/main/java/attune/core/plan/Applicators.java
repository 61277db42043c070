package attune.core.plan;

import attune.core.match.Place;
import attune.core.match.ToolRules;
import attune.core.plan.Finishing.Wanted;
import attune.core.reference.Figures;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Shelf;
import attune.core.shelf.Tool;
import java.util.Comparator;
import java.util.Optional;

/** Picks what a finish is laid with, of what hangs on a wall. */
final class Applicators {
  private final Shelf shelf;
  private final Figures figures;

  Applicators(Shelf shelf, Figures figures) {
    this.shelf = shelf;
    this.figures = figures;
  }

  /** Undyed or washed out, new before often used; the plain white one where no own one is. */
  Tool cloth() {
    int washes = figures.whole("colourfast.washes");
    return shelf.ofKind(Tool.Kind.CLOTH).stream()
        .filter(tool -> tool.isColourfast(washes))
        .min(
            Comparator.comparing((Tool tool) -> tool.timesWashed().orElse(0))
                .thenComparing(Tool::id))
        .orElse(Tool.CLOTH);
  }

  /**
   * A restorer ruins towels: a cloth that is thrown away after it. Oil is massaged in by hand, and
   * nap is brushed.
   */
  Tool of(Place place, Wanted want) {
    return switch (want.role()) {
      case PLASTIC_RESTORER -> cloth();
      case RESTORING_OIL -> Tool.HAND;
      case NAP_PROTECTOR -> napBrush(place).orElseGet(() -> cloth());
      default -> pad(place, want.role() == ProductRole.COATING);
    };
  }

  /** One brush for a whole seat: a small one only where there is no other. */
  private Optional<Tool> napBrush(Place place) {
    return shelf.ofKind(Tool.Kind.BRUSH).stream()
        .filter(tool -> ToolRules.suits(place, tool))
        .filter(tool -> tool.stiffness() <= place.limits().agitationMax().value())
        .min(
            Comparator.comparing((Tool tool) -> !tool.suits().contains(Tool.Suits.NAP))
                .thenComparing(tool -> ToolRules.isSmall(tool, figures))
                .thenComparing(Tool::stiffness)
                .thenComparing(Tool::id));
  }

  private Tool pad(Place place, boolean coating) {
    int washes = figures.whole("colourfast.washes");
    return shelf.ofKind(Tool.Kind.APPLICATOR).stream()
        .filter(tool -> tool.isColourfast(washes))
        .filter(tool -> ToolRules.suits(place, tool))
        .filter(tool -> isOfASize(tool, place))
        .min(
            Comparator.comparing((Tool tool) -> coating && !tool.barrierBacked())
                .thenComparingDouble(tool -> tool.retainsMl().orElse(0.0))
                .thenComparing(Tool::id))
        .orElseGet(() -> cloth());
  }

  /** A finger pad is for what is smaller than a hand; what is not said of it is not held up. */
  private boolean isOfASize(Tool tool, Place place) {
    boolean finger =
        tool.contactCm2().filter(cm2 -> cm2 < figures.get("applicator.finger-cm2")).isPresent();
    return !finger || place.surface().area().value() < figures.get("applicator.finger-area");
  }
}
