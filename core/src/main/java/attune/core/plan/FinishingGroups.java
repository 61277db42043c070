package attune.core.plan;

import attune.core.check.Known;
import attune.core.reference.Figures;
import attune.core.shelf.Product;
import attune.core.shelf.Tool;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Which panels get a product in one round: all that one pair of hands carries it to, seat by seat
 * where a coating flashes or where several people share it out.
 */
final class FinishingGroups {
  private final boolean shared;
  private final WorkTimes times;
  private final double onceMin;

  FinishingGroups(boolean shared, WorkTimes times, Figures figures) {
    this.shared = shared;
    this.times = times;
    this.onceMin = figures.get("share.one-go");
  }

  /** Panels of each round of a coat, in the order of the walk. */
  Map<Key, List<SurfacePlan>> of(List<SurfacePlan> plans, int stage, int coat) {
    List<SurfacePlan> due =
        plans.stream().filter(plan -> coat <= plan.finishSteps().get(stage).coats()).toList();
    Map<Bottle, Double> minutes = minutes(due, stage, coat);
    Map<Key, List<SurfacePlan>> groups = new LinkedHashMap<>();
    for (SurfacePlan plan : due) {
      FinishStep step = plan.finishSteps().get(stage);
      Bottle bottle = Bottle.of(plan, step);
      boolean once = inOneGo(step, Known.of(minutes, bottle));
      Key key = new Key(once ? Round.CABIN : plan.surface().zone(), bottle);
      groups.computeIfAbsent(key, k -> new ArrayList<>()).add(plan);
    }
    return groups;
  }

  /** Whether so many minutes of work are one person's. */
  boolean isCarried(double minutes) {
    return !shared || minutes <= onceMin;
  }

  /** Minutes of wiping a panel off, all passes. */
  double wipingMinutes(SurfacePlan plan) {
    return plan.residue().orElseThrow().passes() * times.residueMinutes(plan.surface());
  }

  /**
   * What has no flash window is laid once round the cabin by one person, one bottle and applicator
   * in hand; a coating goes seat by seat, and so does what several people would rather share.
   */
  private boolean inOneGo(FinishStep step, double minutes) {
    return step.flash().isEmpty() && step.step() != Step.COAT && isCarried(minutes);
  }

  /** A product with its applicator; plastics are dressed apart. */
  record Bottle(Step step, Product product, Tool applicator, boolean plastic) {
    static Bottle of(SurfacePlan plan, FinishStep step) {
      return new Bottle(step.step(), step.product(), step.applicator(), Surfaces.isPlastic(plan));
    }
  }

  /** A bottle in a zone, or round the cabin. */
  record Key(String zone, Bottle bottle) {
    Step step() {
      return bottle.step();
    }

    Product product() {
      return bottle.product();
    }

    Tool applicator() {
      return bottle.applicator();
    }

    boolean plastic() {
      return bottle.plastic();
    }
  }

  /** Minutes each bottle takes on some panels, by one pair of hands. */
  private Map<Bottle, Double> minutes(List<SurfacePlan> plans, int stage, int coat) {
    Map<Bottle, Double> minutes = new HashMap<>();
    for (SurfacePlan plan : plans) {
      FinishStep step = plan.finishSteps().get(stage);
      double lays = times.applyMinutes(plan.surface(), step, coat);
      double levels = times.levelMinutes(plan.surface(), step.step());
      minutes.merge(Bottle.of(plan, step), lays + levels, Double::sum);
    }
    return minutes;
  }
}
