package attune.app.bench;

import attune.app.bench.BenchViews.DoneReady;
import attune.core.plan.Plan.CareItem;
import attune.core.survey.Condition.Level;
import jakarta.annotation.Nullable;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * What a run has left behind so far.
 *
 * @param lastDone when its last step was done; null before any was
 * @param care of what was done
 * @param products names of what the care is done with, as the run's own shelf has them, by id
 * @param ready when the car may be used by what was done, whatever was left out
 * @param soil the most any panel was found with; null where none was told
 * @param hot where the car lives
 * @param changing while a clock runs: a minute on it is another
 */
public record LeftBehind(
    @Nullable LocalDateTime lastDone,
    List<CareItem> care,
    Map<String, String> products,
    DoneReady ready,
    @Nullable Level soil,
    boolean hot,
    boolean changing) {

  /** What it follows from: the same entries on the same survey leave the same behind. */
  record Key(UUID job, int run, long entries, int revision) {}
}
