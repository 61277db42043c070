package attune.app.bench;

import attune.app.bench.RunSteps.Step;
import attune.app.format.JobFile;
import attune.app.format.PlanFile;
import attune.core.run.Run;
import attune.core.run.RunTask;
import attune.core.shelf.Shelf;
import java.time.LocalDateTime;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/**
 * A run with all that happened in it.
 *
 * @param plan it was started on, with the {@code shelf} of that moment
 * @param document the survey as it is now
 */
record WholeRun(
    BenchRunEntity entity,
    PlanFile plan,
    JobFile document,
    Shelf shelf,
    List<Step> steps,
    List<Told> told,
    Run run) {

  UUID jobId() {
    return entity.getId();
  }

  Optional<Step> step(String taskId) {
    return steps.stream().filter(step -> step.task().id().equals(taskId)).findFirst();
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
}
