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
    TraitRules.of(place, product, reasons);
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

  /**
   * What keeps any bottle off a surface, whatever it is for: label, craft, what is to be avoided.
   */
  public static List<Reason> keptOff(Place place, Product product) {
    List<Reason> reasons = new ArrayList<>();
    if (!product.labelAllowsOn(place.finish())) {
      reasons.add(
          Reason.of(
              ReasonCode.LABEL_EXCLUDES,
              BARRED,
              LABEL,
              "The label of " + product.name() + " leaves out " + place.finish().name() + "."));
    }
    reasons.addAll(ofCraft(place, product));
    reasons.addAll(avoided(place, product).stream().filter(Reason::rulesOut).toList());
    return reasons;
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
    outside(place, product, reasons);
    medium(place, product, reasons);
    specific(place, product, reasons);
  }

  private static void outside(Place place, Product product, List<Reason> reasons) {
    Finish finish = place.finish();
    boolean outside = Set.of("plastic/exterior-trim", "paint/jamb").contains(finish.code());
    boolean named = product.labelAllows().contains(finish.code());
    boolean harsh = product.is(ProductRole.DEGREASER) || product.has(Trait.BLEACH);
    if (!harsh || outside && named) {
      return;
    }
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

  /** Screens, fabric and hard surfaces each have their own. */
  private static void medium(Place place, Product product, List<Reason> reasons) {
    Finish finish = place.finish();
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
  }

  /** What is made for one soil alone. */
  private static void specific(Place place, Product product, List<Reason> reasons) {
    if (!place.spot() && isForSpots(product) && meetsSomething(place, product)) {
      reasons.add(
          Reason.of(
              ReasonCode.SPOT_ONLY,
              BARRED,
              LABEL,
              product.name()
                  + " is for a stain: from a cloth, on the spot alone, after the panel is clean."));
      return;
    }
    boolean specific =
        product.is(ProductRole.SPOT_REMOVER) || product.is(ProductRole.RESIDUE_REMOVER);
    if (specific
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

  static boolean isOneForAll(Product product) {
    return product.is(ProductRole.MULTI_SURFACE_CLEANER) && !product.is(ProductRole.CLEANER);
  }

  static String text(String format, Object... values) {
    return String.format(Locale.ROOT, format, values);
  }
}
