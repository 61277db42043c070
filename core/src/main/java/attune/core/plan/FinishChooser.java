package attune.core.plan;

import static attune.core.match.Reason.Effect.CAUTION;
import static attune.core.match.Reason.Effect.NOTE;
import static attune.core.match.Reason.SetBy.FINISH;
import static attune.core.match.Reason.SetBy.LABEL;
import static attune.core.match.Reason.SetBy.SAFETY;
import static attune.core.match.Reason.SetBy.SHELF;

import attune.core.match.Place;
import attune.core.match.Reason;
import attune.core.match.ReasonCode;
import attune.core.match.Rulebook;
import attune.core.match.RuledOut;
import attune.core.plan.Finishing.Wanted;
import attune.core.reference.Figures;
import attune.core.shelf.Product;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Shelf;
import attune.core.survey.Condition.Feel;
import attune.core.survey.Setting;
import attune.core.survey.Surface.Feature;
import attune.core.survey.Wishes.Protection;
import attune.core.survey.Wishes.Sheen;
import attune.core.words.Phrases;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Picks products and applicators for the finishing steps a surface asks for, with every reason
 * against the others.
 */
final class FinishChooser {
  private static final Phrases PHRASES = Phrases.of(FinishChooser.class);

  private static final Set<ProductRole> FINISHING =
      EnumSet.of(
          ProductRole.CONDITIONER,
          ProductRole.RESTORING_OIL,
          ProductRole.PROTECTANT,
          ProductRole.DYE_BARRIER,
          ProductRole.COATING,
          ProductRole.NAP_PROTECTOR,
          ProductRole.PLASTIC_RESTORER);

  /** Steps for one surface, what was left out, and what would have to be bought. */
  record Chosen(
      List<FinishStep> steps,
      List<LeftAlone> leftAlone,
      List<RuledOut> ruledOut,
      List<Purchase> purchases,
      List<Reason> cautions) {

    /** The same without what is left out; nothing is told or bought for what is not done. */
    Chosen without(Set<Omission> leftOut, Place place, int youngMonths) {
      List<FinishStep> kept = FinishGroup.without(leftOut, place, steps, youngMonths);
      boolean none = kept.isEmpty() && !steps.isEmpty();
      return new Chosen(
          kept, leftAlone, ruledOut, none ? List.of() : purchases, none ? List.of() : cautions);
    }
  }

  private final Figures figures;
  private final Laying laying;
  private final Rulebook book;
  private final FinishBars bars;

  FinishChooser(Rulebook book) {
    this.book = book;
    this.figures = book.figures();
    this.laying = new Laying(figures);
    this.bars = new FinishBars(book);
  }

  /**
   * @param cleaned false where there is soil that nothing may clean: no clean, no finish
   * @param anotherDay whether the car is worth another day: a barrier may wait overnight
   * @param cleaner what it is cleaned with: one that leaves its protectant counts as the finish
   */
  Chosen choose(
      Place place,
      Shelf shelf,
      Setting setting,
      boolean anotherDay,
      boolean cleaned,
      Optional<Product> cleaner) {
    List<Wanted> asked =
        place.limits().identified() && !place.surface().condition().isHazard()
            ? Finishing.wanted(place.surface(), place.finish(), place.rules(), book.figures())
            : List.of();
    List<Wanted> wanted = cleaned ? asked : List.of();
    List<FinishStep> steps = new ArrayList<>();
    List<Purchase> purchases = new ArrayList<>();
    List<Reason> cautions = new ArrayList<>();
    List<LeftAlone> leftAlone = new ArrayList<>();
    if (!cleaned && !asked.isEmpty()) {
      cautions.add(
          Reason.of(
              ReasonCode.NO_CLEAN_NO_FINISH,
              CAUTION,
              SAFETY,
              PHRASES.say("what-could-not-be-cleaned")));
    }
    for (Wanted want : wanted) {
      Optional<LeftAlone> recent = LeftAlone.of(place, want, shelf, figures);
      if (recent.isPresent()) {
        leftAlone.add(recent.get());
        cautions.add(recent.get().said());
        continue;
      }
      Optional<Product> both = twoInOne(want, cleaner, steps);
      if (both.isPresent()) {
        cautions.add(countsOnce(want, both.get()));
        continue;
      }
      Optional<Product> product =
          best(place, shelf, want, setting.climate() == Setting.Climate.HOT);
      if (product.isEmpty()) {
        if (!want.optional()) {
          purchases.add(missing(place, want));
          notLaid(place, want).ifPresent(cautions::add);
        }
        continue;
      }
      LaidTimes times = LaidTimes.of(product.get(), want.role(), figures);
      cautions.addAll(times.unsaid());
      steps.add(laying.of(place, shelf, anotherDay, want, product.get(), times, steps));
      sheen(place, product.get()).ifPresent(cautions::add);
    }
    warmFirst(place, steps).ifPresent(cautions::add);
    selfHeating(steps).ifPresent(cautions::add);
    return new Chosen(steps, leftAlone, ruledOut(place, shelf, wanted, steps), purchases, cautions);
  }

  /** Hand-warm hide takes a conditioner; never where what goes on may burn. */
  private static Optional<Reason> warmFirst(Place place, List<FinishStep> steps) {
    boolean heated = place.surface().has(Feature.HEATED);
    boolean stiff = place.surface().condition().feel() == Feel.STIFF;
    boolean wanted =
        place.rules().is("warm-first", "always")
            || (stiff && place.rules().is("warm-first", "warm-stiff"));
    return steps.stream()
        .filter(step -> step.step() == Step.CONDITION && heated && wanted)
        .filter(step -> !step.product().has(Product.Trait.FLAMMABLE))
        .filter(step -> step.product().solventPercent() == 0)
        .findFirst()
        .map(
            step ->
                Reason.of(
                    ReasonCode.WARM_FIRST,
                    CAUTION,
                    Reason.SetBy.HOUSE_RULE,
                    PHRASES.say("seat-heat-on-until-it")));
  }

  private static Optional<Reason> selfHeating(List<FinishStep> steps) {
    return steps.stream()
        .filter(
            step ->
                step.product().is(ProductRole.PLASTIC_RESTORER)
                    || step.product().is(ProductRole.RESTORING_OIL))
        .findFirst()
        .map(
            step ->
                Reason.of(
                    ReasonCode.SELF_HEAT,
                    CAUTION,
                    SAFETY,
                    PHRASES.say("lay-the-cloths-of-flat", step.product().name())));
  }

  /** What the customer wished and does not get is told before and after, not only bought for. */
  private static Optional<Reason> notLaid(Place place, Wanted want) {
    boolean wished = want.step() == Step.BARRIER || want.step() == Step.COAT;
    String what = want.role().code().replace('-', ' ');
    return wished
        ? Optional.of(
            Reason.of(
                ReasonCode.NOT_ON_SHELF,
                Reason.Effect.CAUTION,
                Reason.SetBy.SHELF,
                PHRASES.say("no-is-laid-here-none", what, place.finish().name())))
        : Optional.empty();
  }

  private static Purchase missing(Place place, Wanted want) {
    return new Purchase(
        want.role(),
        Optional.empty(),
        Optional.empty(),
        ReasonCode.NOT_ON_SHELF,
        PHRASES.say(
            "no-on-the-shelf-may", want.role().code().replace('-', ' '), place.finish().name()));
  }

  private Optional<Product> best(Place place, Shelf shelf, Wanted want, boolean hot) {
    return shelf.withRole(want.role()).stream()
        .filter(product -> bars.against(place, product).isEmpty())
        .filter(product -> product.doseMlPerM2().isPresent())
        .min(
            Comparator.comparing((Product product) -> !shades(want, product, hot))
                .thenComparingDouble(product -> sheenOff(place, product))
                .thenComparing(product -> product.openedOn().isEmpty())
                .thenComparing(Product::id));
  }

  /** Under a hot sun a shield that stops UV comes before one that does not. */
  private static boolean shades(Wanted want, Product product, boolean hot) {
    return !hot || want.role() != ProductRole.PROTECTANT || product.has(Product.Trait.UV);
  }

  /**
   * How far a product's sheen is from the wish, GU: matt wants none added, satin a little, gloss
   * much.
   */
  private static double sheenOff(Place place, Product product) {
    double wished =
        switch (place.surface().wishes().sheen()) {
          case MATT -> 0;
          case SATIN -> 4;
          case GLOSS -> 12;
        };
    return Math.abs(product.sheenChangeGu().orElse(0.0) - wished);
  }

  private static Optional<Reason> sheen(Place place, Product product) {
    boolean shines =
        place.surface().wishes().sheen() == Sheen.MATT && product.sheenChangeGu().orElse(0.0) > 3;
    return shines
        ? Optional.of(
            Reason.measured(
                ReasonCode.SHEEN_NOT_MET,
                CAUTION,
                LABEL,
                product.sheenChangeGu().get(),
                3,
                "GU",
                PHRASES.say("leaves-more-sheen-than-matt", product.name())))
        : Optional.empty();
  }

  /** What cleans and protects, or conditions and protects, is laid once (C23). */
  private static Optional<Product> twoInOne(
      Wanted want, Optional<Product> cleaner, List<FinishStep> before) {
    boolean shields = want.step() == Step.PROTECT || want.step() == Step.DRESS;
    Optional<Product> conditioned =
        before.stream().map(FinishStep::product).filter(p -> p.is(want.role())).findFirst();
    return conditioned.or(
        () -> cleaner.filter(c -> shields && c.leavesFilm() == Product.Film.PROTECTANT));
  }

  private static Reason countsOnce(Wanted want, Product product) {
    return Reason.of(
        ReasonCode.TWO_IN_ONE,
        CAUTION,
        LABEL,
        PHRASES.say(
            "is-the-as-well-nothing", product.name(), want.role().code().replace('-', ' ')));
  }

  private List<RuledOut> ruledOut(
      Place place, Shelf shelf, List<Wanted> wanted, List<FinishStep> steps) {
    Set<ProductRole> roles = EnumSet.noneOf(ProductRole.class);
    wanted.forEach(want -> roles.add(want.role()));
    List<RuledOut> out = new ArrayList<>();
    for (Product product : shelf.products()) {
      boolean finishing =
          product.roles().stream().anyMatch(FINISHING::contains) && !product.cleans();
      boolean used = steps.stream().anyMatch(step -> step.product().equals(product));
      if (finishing && !used) {
        List<Reason> reasons = bars.against(place, product);
        out.add(
            new RuledOut(
                product.id(),
                RuledOut.Kind.PRODUCT,
                reasons.isEmpty() ? List.of(spare(place, product, roles)) : reasons));
      }
    }
    return out;
  }

  private static Reason spare(Place place, Product product, Set<ProductRole> roles) {
    boolean asked = product.roles().stream().anyMatch(roles::contains);
    if (asked) {
      return Reason.of(
          ReasonCode.DOMINATED,
          NOTE,
          SHELF,
          PHRASES.say("would-do-another-is-nearer", product.name()));
    }
    return Reason.of(
        ReasonCode.NOT_WANTED,
        NOTE,
        FINISH,
        wished(place, product)
            ? PHRASES.say("protection-is-wished-but-is", product.name(), place.finish().name())
            : PHRASES.say("neither-the-finish-nor-the", product.name()));
  }

  private static boolean wished(Place place, Product product) {
    Protection least =
        product.is(ProductRole.COATING)
            ? Protection.COATING
            : product.is(ProductRole.DYE_BARRIER) || product.is(ProductRole.NAP_PROTECTOR)
                ? Protection.BARRIER
                : Protection.DRESSING;
    return !product.is(ProductRole.CONDITIONER)
        && !product.is(ProductRole.RESTORING_OIL)
        && place.surface().wishes().protection().atLeast(least);
  }
}
