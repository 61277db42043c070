package attune.core.plan;

import attune.core.match.SpotWork;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;

/**
 * One task of the timetable.
 *
 * @param person empty for waits that need nobody
 * @param section number of the section worked, from 1; 0 where a surface is done whole
 * @param handsS seconds of it with hands on
 * @param roundId its round; empty for a wait
 * @param wipeFrom earliest wipe
 * @param wipeBy latest wipe, before it dries or cures
 * @param pinned true when somebody said when it starts
 * @param after ids of tasks that come before
 * @param spot the stain it is about; empty for whole panels
 */
public record Task(
    String id,
    Step step,
    List<String> surfaceIds,
    Optional<String> productId,
    Optional<String> toolId,
    Optional<String> person,
    int section,
    LocalDateTime start,
    LocalDateTime end,
    int handsS,
    Optional<String> roundId,
    Optional<LocalDateTime> wipeFrom,
    Optional<LocalDateTime> wipeBy,
    boolean pinned,
    List<String> after,
    Optional<SpotWork> spot) {
  public Task {
    surfaceIds = List.copyOf(surfaceIds);
    after = List.copyOf(after);
  }

  /** The same in another round. */
  Task in(Optional<String> round) {
    return round.equals(roundId)
        ? this
        : new Task(
            id,
            step,
            surfaceIds,
            productId,
            toolId,
            person,
            section,
            start,
            end,
            handsS,
            round,
            wipeFrom,
            wipeBy,
            pinned,
            after,
            spot);
  }
}
