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
import attune.core.words.Phrases;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** What a cleaner at a ratio is told on a surface, whatever tool it is worked with. */
public final class ProductRules {
  private static final Phrases PHRASES = Phrases.of(ProductRules.class);

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
              PHRASES.say("how-strongly-cleans-is-not", product.name())));
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
            ? PHRASES.say("the-label-of-leaves-out", product.name(), finish.name())
            : PHRASES.say("the-label-of-depends-on", product.name());
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
              PHRASES.say("the-label-of-leaves-out", product.name(), place.finish().name())));
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
              PHRASES.say("nothing-flammable-in-an-aircraft", product.name())));
    }
    if (product.labelAllows().isEmpty()) {
      reasons.add(
          Reason.of(
              ReasonCode.LABEL_EXCLUDES,
              BARRED,
              SAFETY,
              PHRASES.say("in-an-aircraft-only-what", product.name())));
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
    String what = product.has(Trait.BLEACH) ? PHRASES.say("bleach") : PHRASES.say("a-degreaser");
    reasons.add(
        Reason.of(
            ReasonCode.NOT_FOR_FINISH,
            BARRED,
            SAFETY,
            PHRASES.say("strips-stains-and-fumes-inside", what)));
    reasons.add(
        Reason.of(ReasonCode.BARRED_HERE, BARRED, SAFETY, PHRASES.say("inside-the-doors-on-no")));
  }

  /** Screens, fabric and hard surfaces each have their own. */
  private static void medium(Place place, Product product, List<Reason> reasons) {
    Finish finish = place.finish();
    boolean screen = finish.family().equals("screen");
    if (screen && !product.is(ProductRole.SCREEN_CLEANER)) {
      reasons.add(notFor(product, PHRASES.say("a-screen-takes-only-a")));
    }
    if (!screen && product.roles().equals(Set.of(ProductRole.SCREEN_CLEANER))) {
      reasons.add(notFor(product, PHRASES.say("is-made-for-screens", product.name())));
    }
    if (!finish.isTextile() && product.roles().equals(Set.of(ProductRole.TEXTILE_SHAMPOO))) {
      reasons.add(
          notFor(product, PHRASES.say("is-a-textile-shampoo-this", product.name(), finish.name())));
    }
    if (finish.isTextile() && product.roles().equals(Set.of(ProductRole.RESIDUE_REMOVER))) {
      reasons.add(
          notFor(
              product, PHRASES.say("wipes-hard-surfaces-down-it", product.name(), finish.name())));
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
              PHRASES.say("is-for-a-stain-from", product.name())));
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
              PHRASES.say("is-for-soils-that-were", product.name())));
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
      reasons.add(unbearable(product, PHRASES.say("is-scented-and-scent-is")));
    } else if (avoid.contains(Avoid.SCENT) && product.has(Trait.SCENT_UNSAID)) {
      reasons.add(
          Reason.of(
              ReasonCode.SCENT,
              CAUTION,
              SAFETY,
              PHRASES.say("whether-is-scented-is-not", product.name())));
      unsaid(product, Trait.SCENT_UNSAID, PHRASES.say("whether-it-is-scented"), reasons);
    }
    if (avoid.contains(Avoid.SOLVENT) && product.solventPercent() > 0) {
      reasons.add(unbearable(product, PHRASES.say("holds-solvent-and-solvent-is")));
    }
    if (avoid.contains(Avoid.AEROSOL) && product.has(Trait.AEROSOL)) {
      reasons.add(unbearable(product, PHRASES.say("comes-out-as-a-mist")));
    }
    return reasons;
  }

  private static Reason unbearable(Product product, String why) {
    return Reason.of(
        ReasonCode.SCENT, BARRED, SAFETY, PHRASES.say("in-this-car", product.name(), why));
  }

  /** The one blank that would open more. */
  public static void unsaid(Product product, Trait blank, String what, List<Reason> reasons) {
    if (product.has(blank)) {
      reasons.add(
          Reason.of(
              ReasonCode.UNSAID,
              NOTE,
              SHELF,
              PHRASES.say("the-record-of-does-not", product.name(), what)));
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
                  ? PHRASES.say("whether-leaves-a-film-is", product.name())
                  : PHRASES.say(
                      "leaves-a-film-the-coating", product.name(), product.leavesFilm().code())));
      unsaid(product, Trait.FILM_UNSAID, PHRASES.say("what-film-it-leaves"), reasons);
    }
    if (place.surface().wasCoated() && !product.has(Trait.COATING_SAFE)) {
      reasons.add(
          Reason.of(
              ReasonCode.STRIPS_COATING,
              OVER,
              MODIFIER,
              PHRASES.say("is-not-safe-on-the", product.name())));
    }
  }

  /** Nothing is left of it, or what is left is past its day. */
  public static void stock(Place place, Product product, List<Reason> reasons) {
    if (product.onHandMl().filter(ml -> ml <= 0).isPresent()) {
      reasons.add(
          Reason.of(
              ReasonCode.STOCK_SHORT, BARRED, SHELF, PHRASES.say("is-used-up", product.name())));
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
                        PHRASES.say("was-to-be-used-by", product.name(), day))));
  }

  private static void houseRules(Place place, Product product, List<Reason> reasons) {
    if (product.has(Trait.HOUSEHOLD) && place.rules().is("household-detergent", "no")) {
      reasons.add(
          Reason.of(
              ReasonCode.HOUSEHOLD_PRODUCT,
              BARRED,
              HOUSE_RULE,
              PHRASES.say("household-detergent-ph-and")));
    }
    if (product.has(Trait.HOUSEHOLD)
        && place.rules().is("household-detergent", "allow")
        && product.ph().measured().isEmpty()) {
      reasons.add(
          Reason.of(
              ReasonCode.HOUSEHOLD_PRODUCT,
              UNKNOWN,
              HOUSE_RULE,
              PHRASES.say("is-allowed-only-measured-take", product.name())));
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
              ReasonCode.HOUSE_RULE, BARRED, HOUSE_RULE, PHRASES.say("one-bottle-for-all-stops")));
    }
  }

  static boolean isOneForAll(Product product) {
    return product.is(ProductRole.MULTI_SURFACE_CLEANER) && !product.is(ProductRole.CLEANER);
  }
}
