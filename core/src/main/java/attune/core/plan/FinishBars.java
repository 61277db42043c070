package attune.core.plan;

import static attune.core.match.Reason.Effect.BARRED;
import static attune.core.match.Reason.SetBy.FINISH;
import static attune.core.match.Reason.SetBy.SAFETY;

import attune.core.match.Place;
import attune.core.match.ProductRules;
import attune.core.match.Reason;
import attune.core.match.ReasonCode;
import attune.core.match.Rulebook;
import attune.core.material.Role;
import attune.core.shelf.Product;
import attune.core.shelf.Product.Film;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Slip;
import attune.core.words.Phrases;
import java.util.List;
import java.util.Optional;

/** What bars a finishing product from a surface: judged as hard as what is wiped off again. */
final class FinishBars {
  private static final Phrases PHRASES = Phrases.of(FinishBars.class);

  private final Rulebook book;

  FinishBars(Rulebook book) {
    this.book = book;
  }

  /** Every reason that keeps a finishing product off this surface. */
  List<Reason> against(Place place, Product product) {
    List<Reason> reasons = ProductRules.keptOff(place, product);
    boolean oils = product.is(ProductRole.CONDITIONER) || product.is(ProductRole.RESTORING_OIL);
    boolean takes =
        product.is(ProductRole.CONDITIONER)
            ? Finishing.takesConditioner(place.finish(), place.rules())
            : place.finish().isHide();
    if (oils && !takes) {
      reasons.add(
          Reason.of(
              ReasonCode.NOT_FOR_FINISH,
              BARRED,
              FINISH,
              PHRASES.say("oils-and-conditioners-do-nothing", place.finish().name())));
    }
    if (product.is(ProductRole.NAP_PROTECTOR)
        && !place.finish().hasNap()
        && !place.finish().isTextile()) {
      reasons.add(
          Reason.of(
              ReasonCode.NOT_FOR_FINISH, BARRED, FINISH, PHRASES.say("a-nap-protector-is-for")));
    }
    slip(place, product).ifPresent(reasons::add);
    ProductRules.unsaid(
        product, Product.Trait.SLIP_UNSAID, PHRASES.say("how-slippery-it-leaves-things"), reasons);
    harsh(place, product, reasons);
    ProductRules.stock(place, product, reasons);
    return reasons;
  }

  /** Slippery never on what is held or trodden on; a grip takes what its house rule lets on. */
  private static Optional<Reason> slip(Place place, Product product) {
    boolean staysOn =
        !product.is(ProductRole.RESTORING_OIL); // oil is soaked in and wiped off again
    if (staysOn && place.surface().role() == Role.SEAT && product.slip() == Slip.SLIPPERY) {
      return Optional.of(
          Reason.of(
              ReasonCode.SLIPPERY_SEAT,
              BARRED,
              SAFETY,
              PHRASES.say("leaves-it-slippery-nobody-slides", product.name())));
    }
    if (!place.surface().role().isControlled()) {
      return Optional.empty();
    }
    Slip most =
        !place.surface().isGrip()
            ? Slip.NONE
            : place.rules().is("wheel-conditioning", "buff-dry") ? Slip.SLIGHT : Slip.NONE;
    if (product.slip().compareTo(most) > 0) {
      return Optional.of(
          Reason.of(
              ReasonCode.SLIP_ON_CONTROL,
              BARRED,
              SAFETY,
              PHRASES.say("leaves-it-loss-of-control", product.name(), product.slip().code())));
    }
    return place.rules().is("wheel-conditioning", "never") && place.surface().isGrip()
        ? Optional.of(
            Reason.of(
                ReasonCode.HOUSE_RULE,
                BARRED,
                Reason.SetBy.HOUSE_RULE,
                PHRASES.say("the-house-leaves-a-rim")))
        : Optional.empty();
  }

  /** What stays on is judged as hard as what is wiped off: pH, solvent, silicone and wax. */
  private void harsh(Place place, Product product, List<Reason> reasons) {
    book.ph()
        .of(product.ph(), product.label().standard())
        .filter(
            ph ->
                ph.low() > place.limits().phRoutineHigh().value()
                    || ph.high() < place.limits().phRoutineLow().value())
        .ifPresent(
            ph ->
                reasons.add(
                    Reason.measured(
                        ReasonCode.PH_ABOVE_LIMIT,
                        BARRED,
                        FINISH,
                        ph.high(),
                        place.limits().phRoutineHigh().value(),
                        "pH",
                        PHRASES.say("stays-on-and-its-ph", product.name()))));
    boolean bare = place.finish().isCoatedTrim() || place.finish().hasNap();
    boolean seals = product.leavesFilm() == Film.SILICONE || product.leavesFilm() == Film.WAX;
    if (seals && (bare || place.surface().isGrip())) {
      reasons.add(
          Reason.of(
              ReasonCode.NOT_FOR_FINISH,
              BARRED,
              FINISH,
              PHRASES.say("leaves-a-film-not-on", product.name(), product.leavesFilm().code())));
    }
  }
}
