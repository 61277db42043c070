package attune.core.plan;

import attune.core.care.Interval;
import attune.core.plan.Plan.CareItem;
import attune.core.reference.Figures;
import attune.core.shelf.Product;
import attune.core.survey.Condition.Feel;
import attune.core.survey.Condition.Level;
import attune.core.survey.Setting;
import attune.core.survey.Setting.Climate;
import attune.core.words.Phrases;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * What keeps the work good: touch points, foam, the re-conditioning ladder, coating checks (domain
 * 4, model 10).
 */
final class AfterCare {
  private static final Phrases PHRASES = Phrases.of(AfterCare.class);

  private static final List<Integer> RECONDITION_DAYS = List.of(2, 7, 30, 90);

  private AfterCare() {}

  static List<CareItem> of(List<SurfacePlan> plans, Setting setting, Figures figures) {
    List<CareItem> care = new ArrayList<>();
    every(
        care,
        plans,
        p -> p.surface().role().isControlled(),
        "touch-points",
        PHRASES.say("wipe-with-a-cloth-damp"),
        figures.whole("care.touch-days"));
    every(
        care,
        plans,
        AfterCare::isWorn,
        "foam",
        PHRASES.say("foam-on-a-soft-tool"),
        figures.whole("care.foam-days"));
    conditioned(care, plans, setting, figures);
    add(
        care,
        plans,
        p -> hasStep(p, Step.COAT),
        "coating-check",
        PHRASES.say("check-the-coating-by-water"),
        List.of(),
        Optional.of(figures.whole("care.coating-days")),
        product(plans, Step.COAT),
        Optional.of(Step.COAT));
    care.addAll(Renewals.of(plans, figures));
    every(
        care,
        plans,
        p -> p.surface().condition().soil().compareTo(Level.MODERATE) >= 0,
        Interval.DEEP_CLEAN,
        PHRASES.say("deep-clean"),
        figures.whole("care.deep-days"));
    return care;
  }

  /** Dry hide is fed in rounds, and in a hot climate every month on. */
  private static void conditioned(
      List<CareItem> care, List<SurfacePlan> plans, Setting setting, Figures figures) {
    Predicate<SurfacePlan> dryHide =
        p ->
            p.match().place().finish().isHide()
                && p.surface().condition().feel() != Feel.SUPPLE
                && hasStep(p, Step.CONDITION);
    Optional<String> conditioner = product(plans, Step.CONDITION);
    add(
        care,
        plans,
        dryHide,
        "recondition",
        PHRASES.say("condition-again-dry-hide-takes"),
        RECONDITION_DAYS,
        Optional.empty(),
        conditioner,
        Optional.of(Step.CONDITION));
    if (setting.climate() == Climate.HOT) {
      add(
          care,
          plans,
          dryHide,
          "recondition-monthly",
          PHRASES.say("condition-monthly-the-climate-is"),
          List.of(),
          Optional.of(figures.whole("care.hot-days")),
          conditioner,
          Optional.of(Step.CONDITION));
    }
  }

  private static boolean isWorn(SurfacePlan plan) {
    String part = plan.surface().part();
    return plan.match().place().finish().isCoatedTrim()
        && Stream.of("bolster", "rim", "armrest").anyMatch(part::contains);
  }

  private static boolean hasStep(SurfacePlan plan, Step step) {
    return plan.finishSteps().stream().anyMatch(s -> s.step() == step);
  }

  private static Optional<String> product(List<SurfacePlan> plans, Step step) {
    return plans.stream()
        .flatMap(p -> p.finishSteps().stream())
        .filter(s -> s.step() == step)
        .map(FinishStep::product)
        .map(Product::id)
        .findFirst();
  }

  private static void every(
      List<CareItem> care,
      List<SurfacePlan> plans,
      Predicate<SurfacePlan> which,
      String code,
      String what,
      int days) {
    add(
        care,
        plans,
        which,
        code,
        what,
        List.of(),
        Optional.of(days),
        Optional.empty(),
        Optional.empty());
  }

  private static void add(
      List<CareItem> care,
      List<SurfacePlan> plans,
      Predicate<SurfacePlan> which,
      String code,
      String what,
      List<Integer> dueIn,
      Optional<Integer> every,
      Optional<String> product,
      Optional<Step> follows) {
    List<String> ids = plans.stream().filter(which).map(p -> p.surface().id()).toList();
    if (!ids.isEmpty()) {
      care.add(new CareItem(code, ids, what, dueIn, every, product, follows));
    }
  }
}
