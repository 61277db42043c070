package attune.core.bench;

import attune.core.bench.FrozenPlan.Ready;
import attune.core.plan.Step;
import attune.core.run.Pace;
import attune.core.run.Run;
import attune.core.run.TaskState.Phase;
import attune.core.run.WaitClock;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/**
 * When a car may be driven and sat in and is cured, as its run goes: the last hands are off, what
 * is held or sat on is dry, and what was laid has had its time since it was levelled.
 */
public final class Readiness {
  private static final Set<Phase> NOT_LAID = Set.of(Phase.SKIPPED, Phase.REFERRED, Phase.REPLACED);

  private final FrozenPlan plan;
  private final List<RunStep> steps;
  private final Map<String, SurveyedPanel> surveyed;
  private final Pace pace;
  private final WaitClock waits;

  /** A moment something on a panel is over. */
  private record Moment(String panel, LocalDateTime at) {}

  /**
   * @param surveyed by id
   * @param waits by which what was laid has its time
   */
  public Readiness(
      FrozenPlan plan,
      List<RunStep> steps,
      Map<String, SurveyedPanel> surveyed,
      Pace pace,
      WaitClock waits) {
    this.plan = plan;
    this.steps = steps;
    this.surveyed = surveyed;
    this.pace = pace;
    this.waits = waits;
  }

  /** With what is still open done in its turn. */
  public Ready of(Run run, LocalDateTime handsOff) {
    return of(run, handsOff, NOT_LAID);
  }

  /** By what was done alone: what is still open was not laid and does not dry. */
  public Ready ofDone(Run run, LocalDateTime handsOff) {
    Set<Phase> out = EnumSet.copyOf(NOT_LAID);
    out.add(Phase.WAITING);
    out.add(Phase.HELD);
    return of(run, handsOff, out);
  }

  private Ready of(Run run, LocalDateTime handsOff, Set<Phase> leftOut) {
    List<Moment> usable = new ArrayList<>();
    List<Moment> cured = new ArrayList<>();
    for (RunStep step : steps) {
      LocalDateTime end = pace.ends().get(step.id());
      if (end == null || leftOut.contains(run.state(step.id()).phase())) {
        continue;
      }
      for (String panel : step.task().surfaceIds()) {
        if (step.step() == Step.DRY) {
          usable.add(new Moment(panel, end));
        }
        laid(step, panel)
            .ifPresent(
                product -> {
                  LocalDateTime settled = levelled(step).orElse(end);
                  usable.add(new Moment(panel, waits.endOf(settled, product.sitAfterS())));
                  cured.add(new Moment(panel, waits.endOf(settled, product.cureS())));
                });
      }
    }
    cured.addAll(usable);
    return new Ready(
        latest(handsOff, usable, is(SurveyedPanel::isDriven)),
        latest(handsOff, usable, is(SurveyedPanel::isSatOn)),
        latest(handsOff, cured, panel -> true));
  }

  private Predicate<String> is(Predicate<SurveyedPanel> what) {
    return panel -> Optional.ofNullable(surveyed.get(panel)).filter(what).isPresent();
  }

  private Optional<FrozenFinish> laid(RunStep step, String panel) {
    return step.step().lays()
        ? plan.panel(panel).flatMap(planned -> planned.laidIn(step.step()))
        : Optional.empty();
  }

  private Optional<LocalDateTime> levelled(RunStep laid) {
    return steps.stream()
        .filter(step -> step.step() == Step.LEVEL)
        .filter(step -> step.planned().after().contains(laid.id()))
        .flatMap(step -> Optional.ofNullable(pace.ends().get(step.id())).stream())
        .findFirst();
  }

  private static LocalDateTime latest(
      LocalDateTime from, List<Moment> moments, Predicate<String> counts) {
    return moments.stream()
        .filter(moment -> counts.test(moment.panel()))
        .map(Moment::at)
        .reduce(from, (a, b) -> a.isAfter(b) ? a : b);
  }
}
