package attune.app.bench;

import attune.app.bench.BenchViews.BenchTask;
import attune.app.bench.BenchViews.TaskState;
import attune.app.format.PlanFile;
import attune.app.format.PlanFile.CareFile;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** After-care of what was done: none for a coating that was not laid. */
final class CareAfter {
  private CareAfter() {}

  /** The plan's care, each for the panels that had the step it follows. */
  static List<CareFile> of(PlanFile plan, List<BenchTask> tasks) {
    return plan.care().stream()
        .map(care -> care.follows() == null ? care : care.of(had(care, tasks)))
        .filter(care -> !care.surfaceIds().isEmpty())
        .toList();
  }

  private static List<String> had(CareFile care, List<BenchTask> tasks) {
    Set<String> done =
        tasks.stream()
            .filter(t -> t.step().equals(care.follows()) && t.state() == TaskState.DONE)
            .flatMap(t -> t.surfaceIds().stream())
            .collect(Collectors.toSet());
    return care.surfaceIds().stream().filter(done::contains).toList();
  }
}
