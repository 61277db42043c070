package attune.core.bench;

import attune.core.measure.Ratio;
import attune.core.plan.Step;
import attune.core.plan.TechniqueTable.Line;
import java.util.List;
import java.util.Optional;

/**
 * A round: one zone, one bottle and ratio, one tool, one person.
 *
 * @param zone where; {@link attune.core.plan.Round#CABIN} for what is the same everywhere
 * @param surfaceIds in working order
 * @param handsMin minutes with hands on
 */
public record FrozenRound(
    String id,
    String zone,
    Step step,
    List<String> surfaceIds,
    Optional<String> productId,
    Optional<Ratio> ratio,
    Optional<String> toolId,
    double handsMin,
    List<Line> technique) {
  public FrozenRound {
    surfaceIds = List.copyOf(surfaceIds);
    technique = List.copyOf(technique);
  }
}
