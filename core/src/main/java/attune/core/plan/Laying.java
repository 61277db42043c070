package attune.core.plan;

import attune.core.match.Place;
import attune.core.plan.Finishing.Wanted;
import attune.core.reference.Figures;
import attune.core.shelf.Product;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Shelf;
import attune.core.shelf.Span;
import attune.core.survey.Condition.Feel;
import attune.core.survey.Wishes.Sheen;
import attune.core.survey.Wishes.Standard;
import java.util.List;
import java.util.Optional;

/**
 * How much of a finish is laid, how often, and what is waited for between (docs/trade, judgement).
 */
final class Laying {
  /** Massaged in, and again on the next two days. */
  private static final int OIL_COATS = 3;

  private final Figures figures;

  Laying(Figures figures) {
    this.figures = figures;
  }

  /**
   * A step as it is laid here.
   *
   * @param anotherDay whether it may wait until tomorrow
   * @param before what is laid before it on the same panel
   */
  FinishStep of(
      Place place,
      Shelf shelf,
      boolean anotherDay,
      Wanted want,
      Product product,
      LaidTimes times,
      List<FinishStep> before) {
    int coats = coats(place, want, product);
    double dose =
        place.surface().area().value() * product.doseMlPerM2().get() * coats * thirst(place, want);
    int soak = want.role() == ProductRole.RESTORING_OIL ? figures.whole("finish.oil-soaks") : 0;
    return new FinishStep(
        want.step(),
        product,
        new Applicators(shelf, figures).of(place, want),
        dose,
        coats,
        before.isEmpty() ? 0 : waitAfter(before.get(before.size() - 1), place, anotherDay),
        soak > 0 ? soak / OIL_COATS : between(want, product),
        times.flash().map(span -> atTemperature(span, place)),
        soak > 0 ? Optional.of(soak / OIL_COATS) : product.waits().absorbS(),
        place.surface().isGrip() ? Sheen.MATT : place.surface().wishes().sheen(),
        Math.max(0, times.cureS() - soak),
        Math.max(0, times.sitAfterS() - soak));
  }

  /** Twice for an exacting coating and for dry hide, where the label lets it; oil on three days. */
  private static int coats(Place place, Wanted want, Product product) {
    boolean twice =
        want.role() == ProductRole.COATING
                && place.surface().wishes().standard() == Standard.EXACTING
            || want.role() == ProductRole.CONDITIONER && isDry(place);
    return want.role() == ProductRole.RESTORING_OIL
        ? OIL_COATS
        : twice ? Math.min(2, product.coatsMax()) : 1;
  }

  /** How much more than the label's dose goes into dry and into stiff hide. */
  private double thirst(Place place, Wanted want) {
    return want.role() == ProductRole.CONDITIONER
        ? figures.get("finish.thirst." + place.surface().condition().feel().code())
        : 1;
  }

  private static boolean isDry(Place place) {
    return place.finish().isHide() && place.surface().condition().feel() != Feel.SUPPLE;
  }

  /** A second thin coat of conditioner when the first has gone in; else as the label says. */
  private int between(Wanted want, Product product) {
    int usual = product.waits().beforeNextS().orElse(figures.whole("coat.between"));
    return want.role() == ProductRole.CONDITIONER ? product.waits().absorbS().orElse(usual) : usual;
  }

  /** The label's wait, and between a conditioner and what shields it the house's gap. */
  private int waitAfter(FinishStep last, Place place, boolean anotherDay) {
    int label = last.product().waits().beforeNextS().orElse(0);
    if (last.step() != Step.CONDITION) {
      return label;
    }
    if (last.soaks()) {
      return Math.max(0, label - figures.whole("finish.oil-soaks"));
    }
    int sameDay = Math.max(label, figures.whole("finish.same-day-gap"));
    boolean overnight =
        switch (place.rules().school("barrier-gap")) {
          case "overnight" -> true;
          case "same-day" -> false;
          default -> anotherDay;
        };
    return overnight ? Math.max(sameDay, figures.whole("finish.overnight-gap")) : sameDay;
  }

  /**
   * A coating flashes twice as fast for every so many kelvin above the reference (docs/trade, model
   * 6).
   */
  private Span atTemperature(Span flash, Place place) {
    double halvings =
        (place.temperature().value() - figures.get("cleaning.reference-temp"))
            / figures.get("flash.halving");
    double factor = Math.pow(0.5, halvings);
    return new Span((int) Math.round(flash.min() * factor), (int) Math.round(flash.max() * factor));
  }
}
