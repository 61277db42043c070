package attune.core.match;

import static attune.core.match.Reason.Effect.BARRED;
import static attune.core.match.Reason.Effect.CAUTION;
import static attune.core.match.Reason.Effect.OVER;
import static attune.core.match.Reason.Effect.UNKNOWN;
import static attune.core.match.Reason.SetBy.HOUSE_RULE;
import static attune.core.match.Reason.SetBy.LABEL;
import static attune.core.match.Reason.SetBy.SAFETY;
import static attune.core.match.Reason.SetBy.SHELF;

import attune.core.measure.PhInterval;
import attune.core.measure.PhNature;
import attune.core.measure.Ratio;
import attune.core.shelf.Product;
import attune.core.shelf.Product.Film;
import attune.core.shelf.Product.Trait;
import attune.core.words.Phrases;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What a cleaner's ratio is told on a surface: the label's range, and its pH as it touches. */
final class RatioRules {
  private static final Phrases PHRASES = Phrases.of(RatioRules.class);

  private static final String BELT = "textile/webbing";
  private static final Set<PhNature> MILD = Set.of(PhNature.NEUTRAL_SURFACTANT, PhNature.BUFFERED);
  private static final double MILD_LOW = 6;
  private static final double MILD_HIGH = 8.5;

  private RatioRules() {}

  /** Whether {@link #of} rules a ratio out, without saying why. */
  static boolean rulesOut(Place place, Product product, Ratio ratio, Optional<PhInterval> ph) {
    Limits limits = place.limits();
    return !product.label().allows(ratio)
        || ph.isEmpty()
        || isTooMuchForABelt(place, product)
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
              PHRASES.say("parts-water"),
              product.label().isReady()
                  ? PHRASES.say("says-ready-to-use", product.name())
                  : PHRASES.say(
                      "allows-to",
                      product.name(),
                      product.label().strongest().code(),
                      product.label().mildest().code())));
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
                    PHRASES.say("one-bottle-for-all-only")));
          }
        },
        () ->
            reasons.add(
                Reason.of(
                    ReasonCode.PH_UNKNOWN,
                    UNKNOWN,
                    SHELF,
                    PHRASES.say("the-ph-of-is-not", product.name()))));
    if (isTooMuchForABelt(place, product)) {
      reasons.add(
          Reason.of(
              ReasonCode.NOT_FOR_FINISH,
              BARRED,
              SAFETY,
              PHRASES.say("a-belt-takes-a-mild", product.name())));
    }
    return reasons;
  }

  private static boolean isTooMuchForABelt(Place place, Product product) {
    return place.finish().code().equals(BELT) && !isMildSoap(product);
  }

  /** Neutral in the bottle as well as in the mix, and leaving nothing in the weave (page 6). */
  private static boolean isMildSoap(Product product) {
    boolean neutral =
        product.ph().supplied().filter(ph -> ph >= MILD_LOW && ph <= MILD_HIGH).isPresent()
            && product.ph().nature().filter(MILD::contains).isPresent();
    boolean leavesNothing =
        product.leavesFilm() == Film.NONE
            || product.has(Trait.FILM_UNSAID) && product.labelAllows().contains(BELT);
    return neutral && product.solventPercent() == 0 && leavesNothing;
  }

  private static void ph(Limits limits, PhInterval ph, List<Reason> reasons) {
    String high = tenth(ph.high());
    String low = tenth(ph.low());
    if (ph.high() > limits.phOccasionalHigh().value()) {
      Limit<Double> limit = limits.phOccasionalHigh();
      String says =
          PHRASES.say("ph-up-to-stands-at", high, limits.subject(limit), tenth(limit.value()));
      reasons.add(beyond(ReasonCode.PH_ABOVE_LIMIT, OVER, limit, ph.high(), says));
    } else if (ph.high() > limits.phRoutineHigh().value()) {
      Limit<Double> limit = limits.phRoutineHigh();
      String says = PHRASES.say("ph-up-to-is-above", high, tenth(limit.value()));
      reasons.add(beyond(ReasonCode.PH_ABOVE_ROUTINE, CAUTION, limit, ph.high(), says));
    }
    if (ph.low() < limits.phOccasionalLow().value()) {
      Limit<Double> limit = limits.phOccasionalLow();
      String says =
          PHRASES.say("ph-down-to-stands-at", low, limits.subject(limit), tenth(limit.value()));
      reasons.add(beyond(ReasonCode.PH_BELOW_LIMIT, OVER, limit, ph.low(), says));
    } else if (ph.low() < limits.phRoutineLow().value()) {
      Limit<Double> limit = limits.phRoutineLow();
      String says = PHRASES.say("ph-down-to-is-below", low, tenth(limit.value()));
      reasons.add(beyond(ReasonCode.PH_BELOW_LIMIT, CAUTION, limit, ph.low(), says));
    }
  }

  private static Reason beyond(
      ReasonCode code, Reason.Effect effect, Limit<Double> limit, double ph, String says) {
    return Reason.measured(code, effect, limit.setBy(), ph, limit.value(), "pH", says);
  }

  private static String tenth(double ph) {
    return Phrases.number("%.1f", ph);
  }
}
