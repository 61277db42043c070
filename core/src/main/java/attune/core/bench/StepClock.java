package attune.core.bench;

import attune.core.plan.Step;
import attune.core.run.Looked;
import attune.core.run.Run;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;

/**
 * The window of a step: what is laid is wiped from then until then.
 *
 * @param from since when it runs; empty until its own clock is started
 * @param dwellS earliest wipe after that, s
 * @param wipeByS latest wipe after that, s
 * @param late which help there is past that
 * @param plannedWipeByS the latest wipe as planned, where other air made it another
 * @param air what the room makes of it, where it was measured
 */
public record StepClock(
    Optional<LocalDateTime> from,
    Optional<Integer> dwellS,
    Optional<Integer> wipeByS,
    Late late,
    int plannedWipeByS,
    Optional<Workable> air) {
  /** No window. */
  public static final StepClock NONE =
      new StepClock(
          Optional.empty(), Optional.empty(), Optional.empty(), Late.NONE, 0, Optional.empty());

  /** A day: what sits as long is wiped whenever one likes. */
  public static final int DAY_S = 86_400;

  /** What is late: a cleaner that dries, a coating that sets, or nothing. */
  public enum Late {
    NONE,
    DRIES,
    SETS
  }

  /** The latest wipe by the clock on the wall, where it runs. */
  public Optional<LocalDateTime> wipeBy() {
    return from.flatMap(since -> wipeByS.map(since::plusSeconds));
  }

  /**
   * A step's window.
   *
   * @param steps of the run
   * @param air of its panel, where the room was measured
   */
  public static StepClock of(
      RunStep step, FrozenPlan plan, List<RunStep> steps, Run run, Optional<Workable> air) {
    if (step.step() == Step.LEVEL) {
      return levelling(step, plan, steps, run);
    }
    if (step.rung().isEmpty() || !step.planned().wiped() && step.planned().spot().isEmpty()) {
      return NONE;
    }
    // as the treatment says: the plan's own times hold the turns of its neighbours too
    FrozenRung rung = step.rung().get();
    int dwell = (int) rung.dwell().minS();
    int allowed = allowed(step, rung);
    int planned = (int) Math.max(dwell, Math.min(allowed, rung.sections().workedS()));
    int wipeBy =
        air.map(now -> (int) Math.max(dwell, Math.floor(Math.min(now.windowS(), allowed))))
            .orElse(planned);
    return new StepClock(
        run.state(step.id()).startedAt(),
        Optional.of(dwell),
        Optional.of(wipeBy),
        Late.DRIES,
        planned,
        air);
  }

  /** As long as label and finish let it sit, and the hands of a pass on top: dry or not. */
  private static int allowed(RunStep step, FrozenRung rung) {
    int passes = step.task().looked().map(Looked::passesHigh).orElse(1);
    return (int) Math.min(DAY_S, rung.dwell().maxS() + step.planned().handsS() / passes);
  }

  /** Runs since the area was laid; its first stroke was laid as long before as laying took. */
  private static StepClock levelling(RunStep step, FrozenPlan plan, List<RunStep> steps, Run run) {
    Optional<RunStep> laid =
        steps.stream()
            .filter(before -> before.step().lays())
            .filter(before -> step.planned().after().contains(before.id()))
            .findFirst();
    Optional<FrozenFinish> product = laid.flatMap(before -> laid(before, plan));
    if (product.isEmpty()) {
      return NONE;
    }
    Optional<LocalDateTime> from = run.state(laid.get().id()).doneAt();
    int laying = laid.get().task().seconds();
    return product
        .get()
        .flash()
        .map(
            flash -> {
              int least = Math.max(0, flash.min() - laying);
              int most = Math.max(least, flash.max() - laying);
              return new StepClock(
                  from, Optional.of(least), Optional.of(most), Late.SETS, most, Optional.empty());
            })
        .or(
            () ->
                product
                    .get()
                    .absorbS()
                    .map(
                        s ->
                            new StepClock(
                                from,
                                Optional.of(s),
                                Optional.empty(),
                                Late.NONE,
                                0,
                                Optional.empty())))
        .orElse(NONE);
  }

  private static Optional<FrozenFinish> laid(RunStep step, FrozenPlan plan) {
    return step.planned().surfaceIds().stream()
        .findFirst()
        .flatMap(plan::panel)
        .flatMap(panel -> panel.laidIn(step.step()));
  }
}
