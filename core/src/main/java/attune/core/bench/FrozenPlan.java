package attune.core.bench;

import attune.core.plan.Plan.CareItem;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The plan a run was begun with, as its file has it: figures are rounded as they were written, and
 * nothing is worked out anew.
 *
 * @param concentrateMl of each product, what its bottles and doses take in all, ml by product id
 * @param rounds in the order they are worked; empty for a plan made before there were any
 * @param ready as planned
 */
public record FrozenPlan(
    List<FrozenPanel> panels,
    Map<String, Double> concentrateMl,
    List<FrozenTask> tasks,
    List<FrozenRound> rounds,
    Ready ready,
    List<CareItem> care) {

  /** When a car may be driven and sat in, and is cured. */
  public record Ready(LocalDateTime driveAt, LocalDateTime sitAt, LocalDateTime curedAt) {
    /** When it may be driven and sat in. */
    public LocalDateTime usableAt() {
      return driveAt.isAfter(sitAt) ? driveAt : sitAt;
    }
  }

  public FrozenPlan {
    panels = List.copyOf(panels);
    concentrateMl = Map.copyOf(concentrateMl);
    tasks = List.copyOf(tasks);
    rounds = List.copyOf(rounds);
    care = List.copyOf(care);
  }

  /** What is planned for a panel; empty for one the plan does not have. */
  public Optional<FrozenPanel> panel(String surfaceId) {
    return panels.stream().filter(panel -> panel.surfaceId().equals(surfaceId)).findFirst();
  }
}
