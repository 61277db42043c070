package attune.app.bench;

import attune.app.format.PlanFile;
import jakarta.annotation.Nullable;
import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;

/** What goes out of the bench endpoints. */
public final class BenchViews {
  private BenchViews() {}

  /** Where a task stands. */
  public enum TaskState {
    WAITING,
    RUNNING,
    DONE
  }

  /**
   * One task as the bench shows it.
   *
   * @param person who was planned to do it, null for a wait
   * @param needsHands false for drying and curing
   * @param lines what to do, in short sentences
   * @param lookFor what to see when it is done, or null
   * @param dwellS earliest wipe after laying, or null
   * @param wipeByS latest wipe after laying, or null
   * @param plannedS planned length
   */
  public record BenchTask(
      String id,
      String step,
      String title,
      List<String> surfaceIds,
      String where,
      @Nullable String productId,
      @Nullable String person,
      boolean needsHands,
      List<String> lines,
      @Nullable String lookFor,
      List<PlanFile.CodeFile> cautions,
      @Nullable Integer dwellS,
      @Nullable Integer wipeByS,
      int plannedS,
      TaskState state,
      @Nullable LocalDateTime startedAt,
      @Nullable LocalDateTime doneAt) {}

  /** A run, with the server's own time so that clocks agree on every device. */
  public record BenchView(
      UUID jobId,
      String title,
      LocalDateTime serverNow,
      LocalDateTime startedAt,
      int tasksTotal,
      int tasksDone,
      List<BenchTask> tasks) {}

  /** How far a run is. */
  public record Progress(UUID jobId, int tasksTotal, int tasksDone, LocalDateTime startedAt) {}
}
