package attune.core.bench;

import attune.core.plan.Step;
import attune.core.run.Look;
import attune.core.run.RunTask;
import java.util.Optional;

/**
 * A step of a run and what was planned of it.
 *
 * @param planned the plan's task, or one made as the plan would make it
 * @param rung that is worked; empty for what is no cleaning
 */
public record RunStep(RunTask task, FrozenTask planned, Optional<FrozenRung> rung) {
  public String id() {
    return task.id();
  }

  public Step step() {
    return planned.step();
  }

  /** A bottle tried before any work, for every panel it goes on. */
  public boolean isFirstTest() {
    return step() == Step.TEST_SPOT && task.rung() == 0;
  }

  boolean isMetered() {
    return task.looked().filter(looked -> looked.look() == Look.METER).isPresent();
  }
}
