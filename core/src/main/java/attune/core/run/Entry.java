package attune.core.run;

import attune.core.check.Coded;
import java.time.LocalDateTime;
import java.util.Optional;

/**
 * Something that happened in a run. Entries are only ever added; taking one back is an entry too.
 *
 * @param id given where it happened, so that it counts once however often it is sent
 * @param taskId the step, empty for what concerns the whole run
 * @param at when it happened
 * @param by who did it, empty where it was not said
 * @param seen with {@link Kind#SEEN}
 * @param reason in somebody's own words, empty for none
 */
public record Entry(
    String id,
    String taskId,
    Kind kind,
    LocalDateTime at,
    String by,
    Optional<Seen> seen,
    String reason) {

  /** What happened. */
  public enum Kind implements Coded {
    STARTED,
    DONE,
    SEEN,
    SKIPPED,
    UNDONE,
    SWAPPED,
    PAUSED,
    RESUMED,
    AIR,
    NOTE,
    CORRECTED;

    /** True for a round of a step: its clock, and what ended it. */
    boolean isOfRound() {
      return this == STARTED || this == DONE || this == SEEN || this == SKIPPED;
    }
  }
}
