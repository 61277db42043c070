package attune.app.bench;

import attune.app.bench.BenchViews.BenchTask;
import attune.app.bench.BenchViews.BenchView;
import attune.app.bench.BenchViews.DoneReady;
import attune.app.bench.BenchViews.TaskState;
import jakarta.annotation.Nullable;
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;

/**
 * What the day shows of a run: kept for a minute, for everybody looks at it all the time.
 *
 * @param readyAt when the car can be driven and sat in, as it goes
 * @param ready the same apart, and when all is cured
 * @param who told something, by name
 * @param inHand what runs, the latest begun first, else what comes next; null when all is done
 * @param clocks what lies somewhere and has to be wiped
 */
public record Glance(
    LocalDateTime readyAt,
    DoneReady ready,
    List<String> who,
    @Nullable String inHand,
    List<Laid> clocks) {
  private static final Set<TaskState> OPEN = Set.of(TaskState.WAITING, TaskState.RUNNING);

  /** Something laid, and the time to wipe it by. */
  public record Laid(String what, LocalDateTime wipeBy) {}

  /** What it follows from, in a minute. */
  record Key(LeftBehind.Key run, LocalDateTime minute) {}

  static Glance of(BenchView run) {
    return new Glance(
        run.pace().readyAt(),
        new DoneReady(run.pace().driveAt(), run.pace().sitAt(), run.pace().curedAt()),
        run.tasks().stream().map(BenchTask::by).filter(by -> !by.isBlank()).distinct().toList(),
        inHand(run).map(Glance::said).orElse(null),
        run.tasks().stream()
            .filter(task -> task.clockFrom() != null && task.wipeByS() != null)
            .filter(task -> OPEN.contains(task.state()))
            .map(task -> new Laid(said(task), wipeBy(task)))
            .toList());
  }

  private static Optional<BenchTask> inHand(BenchView run) {
    return run.tasks().stream()
        .filter(task -> task.needsHands() && task.state() == TaskState.RUNNING)
        .max(
            Comparator.comparing(
                BenchTask::startedAt, Comparator.nullsFirst(Comparator.naturalOrder())))
        .or(
            () ->
                run.tasks().stream()
                    .filter(task -> task.needsHands() && task.state() == TaskState.WAITING)
                    .findFirst());
  }

  private static LocalDateTime wipeBy(BenchTask task) {
    return Objects.requireNonNull(task.clockFrom())
        .plusSeconds(Objects.requireNonNull(task.wipeByS()));
  }

  private static String said(BenchTask task) {
    return task.where().isBlank() ? task.title() : task.title() + ", " + task.where();
  }
}
