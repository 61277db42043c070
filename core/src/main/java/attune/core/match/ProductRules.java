package attune.core.match;

import static attune.core.match.Reason.Effect.BARRED;
import static attune.core.match.Reason.Effect.CAUTION;
import static attune.core.match.Reason.Effect.NOTE;
import static attune.core.match.Reason.Effect.OVER;
import static attune.core.match.Reason.Effect.UNKNOWN;
import static attune.core.match.Reason.SetBy.FINISH;
import static attune.core.match.Reason.SetBy.HOUSE_RULE;
import static attune.core.match.Reason.SetBy.LABEL;
import static attune.core.match.Reason.SetBy.MODIFIER;
import static attune.core.match.Reason.SetBy.SAFETY;
import static attune.core.match.Reason.SetBy.SHELF;
import static attune.core.match.Reason.SetBy.SOIL;

import attune.core.material.Finish;
import attune.core.material.Finish.SolventRule;
import attune.core.measure.PhInterval;
import attune.core.measure.Ratio;
import attune.core.shelf.Product;
import attune.core.shelf.Product.Film;
import attune.core.shelf.Product.Trait;
import attune.core.shelf.ProductRole;
import attune.core.survey.Condition.Wear;
import attune.core.survey.Craft;
import attune.core.survey.Wishes.Avoid;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** What a cleaner at a ratio is told on a surface, whatever tool it is worked with. */
public final class ProductRules {
  private static final Set<String> UNCOATED =
      Set.of("leather/aniline", "leather/semi-aniline", "leather/nubuck", "leather/coated-worn");

  private static final Set<ProductRole> GENERAL =
      Set.of(
          ProductRole.CLEANER,
          ProductRole.ALL_IN_ONE,
          ProductRole.MULTI_SURFACE_CLEANER,
          ProductRole.TEXTILE_SHAMPOO);

  private ProductRules() {}

  /** Reasons that hold at every ratio: label, role, traits, stock. */
  static List<Reason> ofProduct(Place place, Product product) {
    List<Reason> reasons = new ArrayList<>();
    label(place, product, reasons);
    reasons.addAll(ofCraft(place, product));
    role(place, product, reasons);
    traits(place, product, reasons);
    reasons.addAll(avoided(place, product));
    coating(place, product, reasons);
    stock(place, product, reasons);
    houseRules(place, product, reasons);
    if (product.strength().isEmpty()) {
      reasons.add(
          Reason.of(
              ReasonCode.STRENGTH_UNKNOWN,
              UNKNOWN,
              SHELF,
              "How strongly " + product.name() + " cleans is not on record; add it to the shelf."));
    }
    return reasons;
  }

  private static void label(Place place, Product product, List<Reason> reasons) {
    Finish finish = place.finish();
    boolean allowed =
        place.limits().identified()
            ? product.labelAllowsOn(finish)
            : product.labelAllows().isEmpty() && product.labelExcludes().isEmpty();
    if (allowed) {
      return;
    }
    String text =
        place.limits().identified()
            ? "The label of " + product.name() + " leaves out " + finish.name() + "."
            : "The label of "
                + product.name()
                + " depends on the finish, which is not identified yet.";
    reasons.add(Reason.of(ReasonCode.LABEL_EXCLUDES, BARRED, LABEL, text));
  }

  /** In an aircraft only what is named for its finish goes on, and nothing that burns. */
  public static List<Reason> ofCraft(Place place, Product product) {
    if (place.craft() != Craft.AIRCRAFT) {
      return List.of();
    }
    List<Reason> reasons = new ArrayList<>();
    if (product.has(Trait.FLAMMABLE)) {
      reasons.add(
          Reason.of(
              ReasonCode.FLAMMABLE,
              BARRED,
              SAFETY,
              "Nothing flammable in an aircraft cabin: " + product.name() + " is."));
    }
    if (product.labelAllows().isEmpty()) {
      reasons.add(
          Reason.of(
              ReasonCode.LABEL_EXCLUDES,
              BARRED,
              SAFETY,
              "In an aircraft only what its maker or the authority allows: the label of "
                  + product.name()
                  + " names no finish."));
    }
    return reasons;
  }

  private static void role(Place place, Product product, List<Reason> reasons) {
    Finish finish = place.finish();
    boolean outside = Set.of("plastic/exterior-trim", "paint/jamb").contains(finish.code());
    boolean named = product.labelAllows().contains(finish.code());
    if ((product.is(ProductRole.DEGREASER) || product.has(Trait.BLEACH)) && !(outside && named)) {
      String what = product.has(Trait.BLEACH) ? "Bleach" : "A degreaser";
      reasons.add(
          Reason.of(
              ReasonCode.NOT_FOR_FINISH,
              BARRED,
              SAFETY,
              what + " strips, stains and fumes inside a cabin; take a cleaner made for trim."));
      reasons.add(
          Reason.of(
              ReasonCode.BARRED_HERE,
              BARRED,
              SAFETY,
              "Inside the doors on no finish; outside only where the label names it."));
    }
    boolean screen = finish.family().equals("screen");
    if (screen && !product.is(ProductRole.SCREEN_CLEANER)) {
      reasons.add(
          notFor(product, "A screen takes only a product made for screens, on a clean cloth."));
    }
    if (!screen && product.roles().equals(Set.of(ProductRole.SCREEN_CLEANER))) {
      reasons.add(notFor(product, product.name() + " is made for screens."));
    }
    if (!finish.isTextile() && product.roles().equals(Set.of(ProductRole.TEXTILE_SHAMPOO))) {
      reasons.add(
          notFor(
              product, product.name() + " is a textile shampoo; this is " + finish.name() + "."));
    }
    if (finish.isTextile() && product.roles().equals(Set.of(ProductRole.RESIDUE_REMOVER))) {
      reasons.add(
          notFor(
              product,
              product.name()
                  + " wipes hard surfaces down; it does nothing in "
                  + finish.name()
                  + "."));
    }
    boolean meets = meetsSomething(place, product);
    boolean spotsOnly = !place.spot() && isForSpots(product) && meets;
    if (spotsOnly) {
      reasons.add(
          Reason.of(
              ReasonCode.SPOT_ONLY,
              BARRED,
              LABEL,
              product.name()
                  + " is for a stain: from a cloth, on the spot alone, after the panel is clean."));
    }
    boolean specific =
        product.is(ProductRole.SPOT_REMOVER) || product.is(ProductRole.RESIDUE_REMOVER);
    if (specific
        && !spotsOnly
        && !product.is(ProductRole.CLEANER)
        && place.demand().soils().stream().noneMatch(product.goodAt()::contains)) {
      reasons.add(
          Reason.of(
              ReasonCode.NOT_FOR_THIS_SOIL,
              OVER,
              SOIL,
              product.name() + " is for soils that were not found here."));
    }
  }

  /** Whether it is made for something that was found here, spread or in a spot. */
  private static boolean meetsSomething(Place place, Product product) {
    var condition = place.surface().condition();
    return condition.soils().stream().anyMatch(product.goodAt()::contains)
        || condition.stains().stream().anyMatch(s -> product.goodAt().contains(s.kind().soil()));
  }

  /** A remover that is no cleaner besides: it never goes over a whole panel. */
  static boolean isForSpots(Product product) {
    return product.is(ProductRole.SPOT_REMOVER)
        && product.roles().stream().noneMatch(GENERAL::contains);
  }

  private static Reason notFor(Product product, String text) {
    return Reason.of(ReasonCode.NOT_FOR_FINISH, BARRED, FINISH, text);
  }

  private static void traits(Place place, Product product, List<Reason> reasons) {
    if (product.has(Trait.ABRASIVE)) {
      abrasive(place, product.name(), reasons);
    }
    if (product.solventPercent() > 0) {
      solvent(place, product, reasons);
    }
    if (product.has(Trait.FLAMMABLE)) {
      reasons.add(
          Reason.of(
              ReasonCode.FLAMMABLE,
              CAUTION,
              SAFETY,
              product.name() + " is flammable: doors open, no heat, no spark."));
    }
  }

  /** What the people in the car cannot bear, whatever it would do. */
  public static List<Reason> avoided(Place place, Product product) {
    Set<Avoid> avoid = place.surface().wishes().avoid();
    List<Reason> reasons = new ArrayList<>();
    if (avoid.contains(Avoid.SCENT) && product.has(Trait.SCENTED)) {
      reasons.add(unbearable(product, "is scented, and scent is to be avoided"));
    } else if (avoid.contains(Avoid.SCENT) && product.has(Trait.SCENT_UNSAID)) {
      reasons.add(
          Reason.of(
              ReasonCode.SCENT,
              CAUTION,
              SAFETY,
              "Whether "
                  + product.name()
                  + " is scented is not said: smell it and read the label before it comes near"
                  + " the car."));
      unsaid(product, Trait.SCENT_UNSAID, "whether it is scented", reasons);
    }
    if (avoid.contains(Avoid.SOLVENT) && product.solventPercent() > 0) {
      reasons.add(unbearable(product, "holds solvent, and solvent is to be avoided"));
    }
    if (avoid.contains(Avoid.AEROSOL) && product.has(Trait.AEROSOL)) {
      reasons.add(unbearable(product, "comes out as a mist, and nothing is to be misted"));
    }
    return reasons;
  }

  private static Reason unbearable(Product product, String why) {
    return Reason.of(
        ReasonCode.SCENT, BARRED, SAFETY, product.name() + " " + why + " in this car.");
  }

  /** Shared by abrasive cleaners and abrasive tools. */
  static void abrasive(Place place, String item, List<Reason> reasons) {
    Finish.AbrasiveRule rule = place.limits().abrasive().value();
    boolean paleIntact =
        place.surface().tone() == attune.core.survey.Surface.Tone.PALE
            && place.surface().condition().wear() == Wear.INTACT;
    if (rule == Finish.AbrasiveRule.NO || (rule == Finish.AbrasiveRule.SPOT_PALE && !paleIntact)) {
      reasons.add(
          Reason.of(
              ReasonCode.ABRASIVE,
              BARRED,
              place.limits().abrasive().setBy(),
              item
                  + " is abrasive; "
                  + place.limits().subject(place.limits().abrasive())
                  + " would haze or go bare."));
    } else if (place.rules().is("melamine", "never")
        || (place.rules().is("melamine", "pale-intact-only") && !paleIntact)) {
      reasons.add(
          Reason.of(
              ReasonCode.HOUSE_RULE,
              BARRED,
              HOUSE_RULE,
              "The house keeps abrasives to pale, intact surfaces or leaves them out."));
    } else {
      reasons.add(
          Reason.of(
              ReasonCode.ABRASIVE,
              CAUTION,
              FINISH,
              item + " is abrasive: a spot only, with cleaner, a light hand, tested first."));
    }
  }

  private static void solvent(Place place, Product product, List<Reason> reasons) {
    SolventRule rule = place.limits().solvent().value();
    boolean namedByMaker = product.labelAllows().contains(place.finish().code());
    if (rule == SolventRule.NO || (rule == SolventRule.MAKER && !namedByMaker)) {
      reasons.add(
          Reason.measured(
              ReasonCode.SOLVENT,
              BARRED,
              place.limits().solvent().setBy(),
              product.solventPercent(),
              0,
              "%",
              (product.has(Trait.SOLVENT_UNSAID)
                      ? "How much solvent " + product.name() + " holds is not said; "
                      : product.name() + " holds solvent; ")
                  + place.limits().subject(place.limits().solvent())
                  + " stands none."));
      unsaid(product, Trait.SOLVENT_UNSAID, "its share of solvent", reasons);
    } else {
      reasons.add(
          Reason.of(
              ReasonCode.SOLVENT,
              CAUTION,
              FINISH,
              product.name() + " holds solvent: a spot only, tested in a hidden place."));
    }
  }

  /** The one blank that would open more. */
  public static void unsaid(Product product, Trait blank, String what, List<Reason> reasons) {
    if (product.has(blank)) {
      reasons.add(
          Reason.of(
              ReasonCode.UNSAID,
              NOTE,
              SHELF,
              "The record of " + product.name() + " does not say " + what + ": add it."));
    }
  }

  private static void coating(Place place, Product product, List<Reason> reasons) {
    if (place.coatingPlanned() && product.leavesFilm() != Film.NONE) {
      reasons.add(
          Reason.of(
              ReasonCode.FILM_BLOCKS_COATING,
              OVER,
              LABEL,
              product.has(Trait.FILM_UNSAID)
                  ? "Whether "
                      + product.name()
                      + " leaves a film is not said; a coating bonds to none."
                  : product.name()
                      + " leaves a "
                      + product.leavesFilm().code()
                      + " film; the coating that follows would not bond."));
      unsaid(product, Trait.FILM_UNSAID, "what film it leaves", reasons);
    }
    if (place.surface().wasCoated() && !product.has(Trait.COATING_SAFE)) {
      reasons.add(
          Reason.of(
              ReasonCode.STRIPS_COATING,
              OVER,
              MODIFIER,
              product.name() + " is not safe on the coating laid at an earlier visit."));
    }
  }

  /** Nothing is left of it, or what is left is past its day. */
  public static void stock(Place place, Product product, List<Reason> reasons) {
    if (product.onHandMl().filter(ml -> ml <= 0).isPresent()) {
      reasons.add(
          Reason.of(ReasonCode.STOCK_SHORT, BARRED, SHELF, product.name() + " is used up."));
    }
    product
        .useBy()
        .filter(place.date()::isAfter)
        .ifPresent(
            day ->
                reasons.add(
                    Reason.of(
                        ReasonCode.EXPIRED,
                        BARRED,
                        SHELF,
                        product.name() + " was to be used by " + day + ".")));
  }

  private static void houseRules(Place place, Product product, List<Reason> reasons) {
    if (product.has(Trait.HOUSEHOLD) && place.rules().is("household-detergent", "no")) {
      reasons.add(
          Reason.of(
              ReasonCode.HOUSEHOLD_PRODUCT,
              BARRED,
              HOUSE_RULE,
              "Household detergent: pH and residue unknown, brighteners in it."));
    }
    if (product.has(Trait.HOUSEHOLD)
        && place.rules().is("household-detergent", "allow")
        && product.ph().measured().isEmpty()) {
      reasons.add(
          Reason.of(
              ReasonCode.HOUSEHOLD_PRODUCT,
              UNKNOWN,
              HOUSE_RULE,
              product.name() + " is allowed only measured: take the mix's pH with a pen."));
    }
    if (!isOneForAll(product)) {
      return;
    }
    boolean bare =
        UNCOATED.contains(place.finish().code())
            || place.finish().hasNap()
            || (place.finish().isCoatedTrim() && place.surface().condition().wear() != Wear.INTACT);
    boolean trim = place.finish().isCoatedTrim();
    boolean one = place.rules().is("one-bottle", "one-bottle");
    if ((bare && !one) || (trim && place.rules().is("one-bottle", "dedicated"))) {
      reasons.add(
          Reason.of(
              ReasonCode.HOUSE_RULE,
              BARRED,
              HOUSE_RULE,
              "One bottle for all stops at bare, worn or napped finishes; take a dedicated cleaner."));
    }
  }

  /** Whether {@link #ofRatio} rules a ratio out, without saying why. */
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
    return isOneForAll(product)
        && place.finish().isCoatedTrim()
        && place.rules().is("one-bottle", "by-window")
        && (ph.high() > place.limits().phRoutineHigh().value()
            || ph.low() < place.limits().phRoutineLow().value());
  }

  private static boolean isOneForAll(Product product) {
    return product.is(ProductRole.MULTI_SURFACE_CLEANER) && !product.is(ProductRole.CLEANER);
  }

  /** Reasons that turn on the ratio: the label's range and the pH as it touches the surface. */
  static List<Reason> ofRatio(Place place, Product product, Ratio ratio, Optional<PhInterval> ph) {
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
              text(
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
              text(
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
              text(
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
              text(
                  "pH down to %.1f is below the routine %.1f: short, rinsed.",
                  ph.low(), limit.value())));
    }
  }

  static String text(String format, Object... values) {
    return String.format(Locale.ROOT, format, values);
  }
}
