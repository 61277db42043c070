package attune.core.bench;

import attune.core.plan.Step;
import attune.core.plan.Task.About;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;

/**
 * A task of the plan's timetable.
 *
 * @param about what a wait is for, or a fitting
 * @param person empty for a wait
 * @param section of its panel, from 1; 0 where that is done whole
 * @param handsS of its length, with hands on: its neighbours' turns and its own dwell left out
 * @param wiped true where it is laid and has to be wiped in time
 * @param spot the stain it is about
 */
public record FrozenTask(
    String id,
    Step step,
    Optional<About.Kind> about,
    List<String> surfaceIds,
    Optional<String> productId,
    Optional<String> toolId,
    Optional<String> person,
    int section,
    LocalDateTime start,
    LocalDateTime end,
    int handsS,
    Optional<String> roundId,
    boolean wiped,
    List<String> after,
    Optional<FrozenSpot> spot) {
  public FrozenTask {
    surfaceIds = List.copyOf(surfaceIds);
    after = List.copyOf(after);
  }

  /** Its planned length, s. */
  int seconds() {
    return (int) Duration.between(start, end).toSeconds();
  }

  /** Whether it takes soil off a whole panel. */
  boolean cleansPanel() {
    return step.cleans() && spot.isEmpty();
  }
}
