package attune.core.plan;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;

/**
 * What a specialist would call a step: one zone, one bottle and ratio, one tool, one person, ending
 * where something is waited for, looked at or changed.
 *
 * @param zone where; {@code cabin} for what is the same everywhere, {@code break} for a rest
 * @param surfaceIds its panels in working order
 * @param ratio of the bottle as it is used, where it has one
 * @param handsS seconds with hands on, fetching and loading included
 * @param waitS seconds somebody stands by inside it, as nothing else can be done
 * @param block number of the stretch it belongs to: what is worked in one go at one place
 * @param spots true where stains are met, and not whole panels
 */
public record Round(
    String id,
    String zone,
    Step step,
    List<String> surfaceIds,
    Optional<String> productId,
    Optional<String> ratio,
    Optional<String> toolId,
    Optional<String> person,
    LocalDateTime start,
    LocalDateTime end,
    int handsS,
    int waitS,
    int block,
    boolean spots) {
  /** The zone of what is the same everywhere. */
  public static final String CABIN = "cabin";

  /** The zone of a rest. */
  public static final String REST = "break";

  public Round {
    surfaceIds = List.copyOf(surfaceIds);
  }

  public boolean isBreak() {
    return step == Step.BREAK;
  }
}
