package attune.core.plan;

import attune.core.check.Coded;
import attune.core.match.SpotWork;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;

/**
 * One task of the timetable.
 *
 * @param about what a wait is for, or a fitting; empty for all others
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
    Optional<About> about,
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
  /**
   * What a wait or a fitting is about.
   *
   * @param part place of the part among those on order, from 0; -1 where it is about none
   */
  public record About(Kind kind, int part) {
    static final About COOLING = new About(Kind.COOLING, -1);

    /** Hot panels in the shade, a part on its way, or a part that came. */
    public enum Kind implements Coded {
      COOLING,
      PART_COMING,
      PART_FITTED
    }
  }

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
            about,
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
