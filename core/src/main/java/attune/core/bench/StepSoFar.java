package attune.core.bench;

import attune.core.measure.Ratio;
import attune.core.plan.Step;
import attune.core.run.RunTask;
import attune.core.run.TaskState;
import attune.core.run.TaskState.Phase;
import java.util.List;
import java.util.Optional;

/**
 * A step and where it stands.
 *
 * @param instead what was used last instead of what was planned
 */
public record StepSoFar(RunStep run, TaskState state, Optional<Instead> instead) {
  public String id() {
    return run.id();
  }

  public Step step() {
    return run.step();
  }

  public List<String> surfaceIds() {
    return run.task().surfaceIds();
  }

  public boolean isAt(String surfaceId) {
    return surfaceIds().contains(surfaceId);
  }

  /** Of its panel's ladder, from 1; 0 for what is no cleaning, {@link RunTask#SPOT} for a stain. */
  public int rung() {
    return run.task().rung();
  }

  /** False for a wait, which runs by itself. */
  public boolean needsHands() {
    return run.task().hands();
  }

  public boolean is(Phase phase) {
    return state.phase() == phase;
  }

  public boolean isDone() {
    return is(Phase.DONE);
  }

  /** What went on: as it was told, else as planned. */
  public Optional<String> productId() {
    return instead.flatMap(Instead::productId).or(() -> run.planned().productId());
  }

  /** How it was mixed: the planned bottle as planned, another as it comes, unless it was told. */
  public Ratio ratio() {
    boolean planned = productId().equals(run.planned().productId());
    return instead
        .flatMap(Instead::ratio)
        .or(() -> run.rung().filter(rung -> planned).map(FrozenRung::ratio))
        .orElse(Ratio.READY);
  }

  /** What it was worked with: as it was told, else as planned. */
  public Optional<String> toolId() {
    return instead
        .flatMap(Instead::toolId)
        .or(() -> run.rung().map(FrozenRung::toolId))
        .or(() -> run.planned().toolId());
  }

  /** Passes that were made: as judged, else all that were planned where it was only ticked. */
  public int passesMade() {
    if (state.passes() > 0 || !isDone()) {
      return state.passes();
    }
    return Math.max(1, run.rung().map(FrozenRung::passesHigh).orElse(1));
  }
}
