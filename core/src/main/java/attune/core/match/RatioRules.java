package attune.core.match;

import static attune.core.match.Reason.Effect.BARRED;
import static attune.core.match.Reason.Effect.CAUTION;
import static attune.core.match.Reason.Effect.OVER;
import static attune.core.match.Reason.Effect.UNKNOWN;
import static attune.core.match.Reason.SetBy.HOUSE_RULE;
import static attune.core.match.Reason.SetBy.LABEL;
import static attune.core.match.Reason.SetBy.SHELF;

import attune.core.measure.PhInterval;
import attune.core.measure.Ratio;
import attune.core.shelf.Product;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What a cleaner's ratio is told on a surface: the label's range, and its pH as it touches. */
final class RatioRules {
  private RatioRules() {}

  /** Whether {@link #of} rules a ratio out, without saying why. */
  static boolean rulesOut(Place place, Product product, Ratio ratio, Optional<PhInterval> ph) {
    Limits limits = place.limits();
    return !product.label().allows(ratio)
        || ph.isEmpty()
        || ph.get().high() > limits.phOccasionalHigh().value()
        || ph.get().low() < limits.phOccasionalLow().value()
        || keepsToRoutine(place, product, ph.get());
  }

  /**
   * One bottle for all goes by the routine window of an intact coat: beyond it a dedicated cleaner
   * is taken.
   */
  private static boolean keepsToRoutine(Place place, Product product, PhInterval ph) {
    return ProductRules.isOneForAll(product)
        && place.finish().isCoatedTrim()
        && place.rules().is("one-bottle", "by-window")
        && (ph.high() > place.limits().phRoutineHigh().value()
            || ph.low() < place.limits().phRoutineLow().value());
  }

  /** Reasons that turn on the ratio: the label's range and the pH as it touches the surface. */
  static List<Reason> of(Place place, Product product, Ratio ratio, Optional<PhInterval> ph) {
    List<Reason> reasons = new ArrayList<>();
    if (!product.label().allows(ratio)) {
      reasons.add(
          Reason.measured(
              ReasonCode.LABEL_DILUTION,
              BARRED,
              LABEL,
              ratio.water(),
              ratio.thinnerThan(product.label().mildest())
                  ? product.label().mildest().water()
                  : product.label().strongest().water(),
              "parts water",
              "The label of "
                  + product.name()
                  + (product.label().isReady()
                      ? " says ready to use."
                      : " allows "
                          + product.label().strongest().code()
                          + " to "
                          + product.label().mildest().code()
                          + ".")));
    }
    ph.ifPresentOrElse(
        interval -> {
          ph(place.limits(), interval, reasons);
          if (keepsToRoutine(place, product, interval)) {
            reasons.add(
                Reason.of(
                    ReasonCode.HOUSE_RULE,
                    OVER,
                    HOUSE_RULE,
                    "One bottle for all only inside the routine window of a coat; beyond it take a"
                        + " dedicated cleaner."));
          }
        },
        () ->
            reasons.add(
                Reason.of(
                    ReasonCode.PH_UNKNOWN,
                    UNKNOWN,
                    SHELF,
                    "The pH of " + product.name() + " is not known; measure the mix with a pen.")));
    return reasons;
  }

  private static void ph(Limits limits, PhInterval ph, List<Reason> reasons) {
    if (ph.high() > limits.phOccasionalHigh().value()) {
      Limit<Double> limit = limits.phOccasionalHigh();
      reasons.add(
          Reason.measured(
              ReasonCode.PH_ABOVE_LIMIT,
              OVER,
              limit.setBy(),
              ph.high(),
              limit.value(),
              "pH",
              ProductRules.text(
                  "pH up to %.1f; %s stands %.1f at most.",
                  ph.high(), limits.subject(limit), limit.value())));
    } else if (ph.high() > limits.phRoutineHigh().value()) {
      Limit<Double> limit = limits.phRoutineHigh();
      reasons.add(
          Reason.measured(
              ReasonCode.PH_ABOVE_ROUTINE,
              CAUTION,
              limit.setBy(),
              ph.high(),
              limit.value(),
              "pH",
              ProductRules.text(
                  "pH up to %.1f is above the routine %.1f: short, rinsed, not as the regular way.",
                  ph.high(), limit.value())));
    }
    if (ph.low() < limits.phOccasionalLow().value()) {
      Limit<Double> limit = limits.phOccasionalLow();
      reasons.add(
          Reason.measured(
              ReasonCode.PH_BELOW_LIMIT,
              OVER,
              limit.setBy(),
              ph.low(),
              limit.value(),
              "pH",
              ProductRules.text(
                  "pH down to %.1f; %s stands %.1f at least.",
                  ph.low(), limits.subject(limit), limit.value())));
    } else if (ph.low() < limits.phRoutineLow().value()) {
      Limit<Double> limit = limits.phRoutineLow();
      reasons.add(
          Reason.measured(
              ReasonCode.PH_BELOW_LIMIT,
              CAUTION,
              limit.setBy(),
              ph.low(),
              limit.value(),
              "pH",
              ProductRules.text(
                  "pH down to %.1f is below the routine %.1f: short, rinsed.",
                  ph.low(), limit.value())));
    }
  }
}
