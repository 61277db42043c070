package attune.core.run;

import attune.core.check.Coded;
import java.time.LocalDateTime;
import java.util.Optional;

/**
 * Where a step stands.
 *
 * @param startedAt when its clock was started, in the present round
 * @param doneAt when it was over, one way or the other
 * @param by who ended it
 * @param passes rounds that were judged
 * @param says what followed from what was seen last
 */
public record TaskState(
    Phase phase,
    Optional<LocalDateTime> startedAt,
    Optional<LocalDateTime> doneAt,
    String by,
    int passes,
    Optional<Outcome> says) {

  /** Where it stands. */
  public enum Phase implements Coded {
    HELD,
    WAITING,
    RUNNING,
    DONE,
    SKIPPED,
    REPLACED,
    REFERRED;

    /** True when nothing is left to do. */
    public boolean isOver() {
      return this == DONE || this == SKIPPED || this == REPLACED || this == REFERRED;
    }
  }

  static TaskState first(RunTask task) {
    return new TaskState(
        task.rung() > 1 ? Phase.HELD : Phase.WAITING,
        Optional.empty(),
        Optional.empty(),
        "",
        0,
        Optional.empty());
  }

  TaskState running(LocalDateTime at) {
    return new TaskState(Phase.RUNNING, Optional.of(at), Optional.empty(), by, passes, says);
  }

  TaskState over(Phase how, Entry entry) {
    return new TaskState(how, startedAt, Optional.of(entry.at()), entry.by(), passes, says);
  }

  TaskState again() {
    return new TaskState(Phase.WAITING, Optional.empty(), Optional.empty(), by, passes, says);
  }

  TaskState judged(Outcome outcome) {
    return new TaskState(phase, startedAt, doneAt, by, passes + 1, Optional.of(outcome));
  }

  /** Stopped by what was seen elsewhere on the panel, or for it. */
  TaskState because(Phase how, Entry entry, Outcome outcome) {
    return new TaskState(
        how, startedAt, Optional.of(entry.at()), entry.by(), passes, Optional.of(outcome));
  }
}
