package attune.app.bench;

import attune.app.format.JobFile;
import attune.core.bench.Cards;
import attune.core.bench.FrozenPlan;
import attune.core.bench.Instead;
import attune.core.bench.RunSoFar;
import attune.core.bench.RunStep;
import attune.core.bench.StepClock;
import attune.core.bench.StepSoFar;
import attune.core.bench.SurveyedPanel;
import attune.core.bench.Workable;
import attune.core.run.Entry.Kind;
import attune.core.run.Run;
import attune.core.run.RunTask;
import attune.core.run.TaskState.Phase;
import attune.core.shelf.Shelf;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/**
 * A run with all that happened in it.
 *
 * @param plan it was started on, with the {@code shelf} of that moment
 * @param document the survey as it is now, and its {@code panels} as a run asks for them
 */
record WholeRun(
    BenchRunEntity entity,
    FrozenPlan plan,
    JobFile document,
    List<SurveyedPanel> panels,
    Shelf shelf,
    List<RunStep> steps,
    List<Told> told,
    Run run) {

  UUID jobId() {
    return entity.getId();
  }

  Optional<RunStep> step(String taskId) {
    return steps.stream().filter(step -> step.id().equals(taskId)).findFirst();
  }

  Optional<LocalDateTime> lastDone() {
    return run.hands().stream()
        .flatMap(task -> run.state(task.id()).doneAt().stream())
        .max(LocalDateTime::compareTo);
  }

  /** Cards of its steps that need hands, and whether each is through. */
  Map<String, Boolean> cards() {
    Map<String, String> cardOf = Cards.of(steps);
    Map<String, Boolean> cards = new LinkedHashMap<>();
    for (RunTask task : run.hands()) {
      boolean over = run.state(task.id()).phase().isOver();
      cards.merge(cardOf.get(task.id()), over, Boolean::logicalAnd);
    }
    return cards;
  }

  int done() {
    return (int) run.hands().stream().filter(task -> run.state(task.id()).phase().isOver()).count();
  }

  /** As it stands; what the next rung replaced is not in it. */
  RunSoFar soFar() {
    Map<String, Instead> swapped = new HashMap<>();
    for (Told entry : told) {
      if (entry.entry().kind() == Kind.SWAPPED && !run.isTakenBack(entry.entry().id())) {
        entry.detail().instead().ifPresent(used -> swapped.put(entry.entry().taskId(), used));
      }
    }
    return new RunSoFar(
        plan,
        steps.stream()
            .map(
                step ->
                    new StepSoFar(
                        step, run.state(step.id()), Optional.ofNullable(swapped.get(step.id()))))
            .filter(step -> !step.is(Phase.REPLACED))
            .toList());
  }

  /** The window of a step in the air that was measured last. */
  StepClock clock(RunStep step) {
    Optional<Workable> air =
        step.task().surfaceIds().stream()
            .findFirst()
            .flatMap(
                panel ->
                    told.stream()
                        .flatMap(entry -> Optional.ofNullable(entry.detail().windows()).stream())
                        .flatMap(windows -> Optional.ofNullable(windows.get(panel)).stream())
                        .reduce((earlier, later) -> later));
    return StepClock.of(step, plan, steps, run, air);
  }
}
