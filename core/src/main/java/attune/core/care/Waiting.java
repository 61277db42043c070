package attune.core.care;

import attune.core.match.Decisions;
import attune.core.plan.Arrangement;
import attune.core.plan.Plan;
import attune.core.plan.Planner;
import attune.core.reference.Figures;
import attune.core.survey.Condition;
import attune.core.survey.Condition.Level;
import attune.core.survey.Job;
import attune.core.survey.Surface;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What waiting costs: the cabin planned as it would be found after some months of use, cleaning
 * only. Set stains and damage are left out, as nobody can foretell them.
 *
 * @param months without a clean
 * @param soil how soiled what is touched would be
 * @param layers the same as an amount, in layers of soil (docs/trade, model 2)
 * @param passes over all panels, as expected
 * @param minutes hands-on
 */
public record Waiting(int months, Level soil, double layers, int passes, long minutes) {
  private static final List<Integer> MONTHS = List.of(1, 3, 6, 12);

  /** The curve at 1, 3, 6 and 12 months; it never falls. */
  public static List<Waiting> curve(Job job, Use use, Planner planner, Figures figures) {
    List<Waiting> curve = new ArrayList<>();
    for (int months : MONTHS) {
      double layers = months * figures.get("care.soil-a-month") * use.soiling(figures);
      Level soil = level(layers, figures);
      Waiting last = curve.isEmpty() ? null : curve.get(curve.size() - 1);
      curve.add(
          last != null && last.soil() == soil
              ? new Waiting(months, soil, layers, last.passes(), last.minutes())
              : of(months, soil, layers, job, planner));
    }
    return curve;
  }

  private static Waiting of(int months, Level soil, double layers, Job job, Planner planner) {
    List<Surface> later = job.surfaces().stream().map(s -> soiled(s, soil)).toList();
    Plan plan = planner.plan(job.of(later), Decisions.NONE, Arrangement.NONE);
    int passes =
        plan.surfaces().stream()
            .flatMap(s -> s.match().ladder().stream().limit(1))
            .mapToInt(rung -> Math.max(1, rung.passesHigh()))
            .sum();
    return new Waiting(months, soil, layers, passes, plan.totals().clean());
  }

  private static Surface soiled(Surface surface, Level soil) {
    Condition c = surface.condition();
    return surface.in(
        new Condition(
            soil,
            Set.of(),
            c.wear(),
            c.feel(),
            Condition.Nap.OPEN,
            Condition.Perforations.OPEN,
            Set.of(),
            Optional.empty(),
            Optional.empty()));
  }

  static Level level(double amount, Figures figures) {
    Level found = Level.LIGHT;
    for (Level level : Level.values()) {
      if (level != Level.NONE && amount >= figures.get("cleaning.soil." + level.code())) {
        found = level;
      }
    }
    return found;
  }
}
