package attune.core.plan;

import attune.core.plan.Plan.CareItem;
import attune.core.reference.Figures;
import attune.core.survey.Condition.Feel;
import attune.core.words.Phrases;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * When the life of what was laid, or still holds, is over: by its label, else as the shop estimates
 * (docs/trade, C22). Dry hide has its own ladder of days, and what was restored is not renewed.
 */
final class Renewals {
  private static final Phrases PHRASES = Phrases.of(Renewals.class);

  private record Laid(String productId, String name, Step step, int days) {}

  private Renewals() {}

  static List<CareItem> of(List<SurfacePlan> plans, Figures figures) {
    List<CareItem> care = new ArrayList<>();
    laid(plans, figures).forEach((laid, panels) -> care.add(ofLaid(laid, panels)));
    held(plans).forEach((left, holders) -> care.add(ofHeld(left, holders)));
    return care;
  }

  private static Map<Laid, List<String>> laid(List<SurfacePlan> plans, Figures figures) {
    Map<Laid, List<String>> laid = new LinkedHashMap<>();
    for (SurfacePlan plan : plans) {
      for (FinishStep step : plan.finishSteps()) {
        if (isRenewed(step, plan)) {
          laid.computeIfAbsent(of(step, figures), k -> new ArrayList<>()).add(plan.surface().id());
        }
      }
    }
    return laid;
  }

  private static boolean isRenewed(FinishStep step, SurfacePlan plan) {
    boolean laddered =
        step.step() == Step.CONDITION && plan.surface().condition().feel() != Feel.SUPPLE;
    return step.step() != Step.REFINISH && !laddered;
  }

  private static Laid of(FinishStep step, Figures figures) {
    int days =
        step.product()
            .lifeDays()
            .orElseGet(() -> figures.whole("finish.life." + step.step().code()));
    return new Laid(step.product().id(), step.product().name(), step.step(), days);
  }

  private static CareItem ofLaid(Laid laid, List<String> panels) {
    return new CareItem(
        "renew-" + laid.step().code() + "-" + laid.productId(),
        panels,
        PHRASES.say("renew", laid.name()),
        List.of(),
        Optional.of(laid.days()),
        Optional.of(laid.productId()),
        Optional.of(laid.step()));
  }

  private static Map<LeftAlone, List<SurfacePlan>> held(List<SurfacePlan> plans) {
    Map<LeftAlone, List<SurfacePlan>> held = new LinkedHashMap<>();
    plans.forEach(
        plan ->
            plan.leftAlone()
                .forEach(left -> held.computeIfAbsent(left, k -> new ArrayList<>()).add(plan)));
    return held;
  }

  private static CareItem ofHeld(LeftAlone left, List<SurfacePlan> holders) {
    long days = ChronoUnit.DAYS.between(holders.get(0).match().place().date(), left.next());
    return new CareItem(
        "renew-" + left.role().code() + "-of-" + left.last(),
        holders.stream().map(plan -> plan.surface().id()).toList(),
        PHRASES.say("renew-the-of", left.role().code().replace('-', ' '), left.last()),
        List.of((int) Math.max(1, days)),
        Optional.empty(),
        left.productId(),
        Optional.empty());
  }
}
