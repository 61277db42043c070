package attune.app.bench;

import attune.app.bench.EntryDetail.AirNow;
import attune.app.format.Code;
import attune.core.bench.StepCautions.Tick;
import attune.core.match.ReasonCode;
import attune.core.plan.Step;
import attune.core.plan.TechniqueTable;
import attune.core.run.Entry;
import attune.core.run.Look;
import attune.core.run.Outcome;
import attune.core.run.Seen;
import attune.core.run.TaskState.Phase;
import attune.core.schedule.Skill;
import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;

/** What goes in and out of the bench endpoints. */
public final class BenchViews {
  private BenchViews() {}

  /** When a car may be driven and sat in and is cured, by what was done to it. */
  public record DoneReady(LocalDateTime driveAt, LocalDateTime sitAt, LocalDateTime curedAt) {
    /** When it may be driven and sat in. */
    public LocalDateTime usableAt() {
      return driveAt.isAfter(sitAt) ? driveAt : sitAt;
    }
  }

  /**
   * What can be seen when a step is done, and what follows.
   *
   * @param next and {@code says} before the last pass there should be
   * @param lastNext and {@code lastSays} from then on
   * @param topNext and {@code topSays} where a next rung is asked for and the last was come to
   */
  public record SeenView(
      @Code(Seen.class) String seen,
      String label,
      @Code(Outcome.Next.class) String next,
      String says,
      @Code(Outcome.Next.class) String lastNext,
      String lastSays,
      @Code(Outcome.Next.class) @Nullable String topNext,
      @Nullable String topSays) {}

  /**
   * A caution of a step.
   *
   * @param ticked true where it is ticked already: here, or on this visit
   */
  public record CautionView(
      @Code(ReasonCode.class) String code, String text, Tick tick, boolean ticked) {}

  /** A short line of technique, by what it is about: load, motion, wipe and so on. */
  public record TechniqueView(@Code(TechniqueTable.About.class) String about, String text) {}

  /**
   * A round: what is worked in one go, on one card.
   *
   * @param step its work, which its technique is of
   * @param means bottle, ratio and tool in words, empty where none is fetched
   * @param surfaceIds in working order
   * @param minutes hands-on, planned
   * @param skills what nobody does alone who is still kept from it
   */
  public record BenchRound(
      String id,
      String zone,
      @Code(Step.class) String step,
      String title,
      String where,
      String means,
      List<String> surfaceIds,
      List<TechniqueView> technique,
      int minutes,
      List<Skill> skills) {}

  /**
   * One task as the bench shows it.
   *
   * @param roundId its round, null where the plan was made before rounds, and for waits
   * @param card it stands on, shared by what is worked in one go
   * @param person who was planned to do it, null for a wait
   * @param name the same where it is somebody of the shop, null for a first or second pair of hands
   * @param needsHands false for drying and curing
   * @param lines what to do, in short sentences
   * @param lookFor what to see when it is done, or null
   * @param look what its result is read from: test-spot, cloth, foam, seams, meter or lamp; null
   *     where a tick is all
   * @param rung of the panel's ladder, 0 for what is no cleaning
   * @param passes judged so far
   * @param passesLow fewest expected, 0 where nothing is
   * @param passesHigh most there should be, 0 where nothing is expected
   * @param lastPass from which on what is seen leads further, 0 where nothing is looked at
   * @param outcome what followed from what was seen last, null where nothing was; {@code says} in
   *     words
   * @param clockFrom since when its window runs, where a clock does: since it was laid
   * @param dwellS earliest wipe after that, or null
   * @param wipeByS latest wipe after that, or null
   * @param late what to do when that is past, or null
   * @param plannedS planned length
   * @param by who did it, empty where it was not said
   */
  public record BenchTask(
      String id,
      @Nullable String roundId,
      String card,
      @Code(Step.class) String step,
      String title,
      List<String> surfaceIds,
      List<String> covers,
      String where,
      @Nullable String productId,
      @Nullable String person,
      @Nullable String name,
      boolean needsHands,
      List<String> lines,
      @Nullable String lookFor,
      List<CautionView> cautions,
      @Code(Look.class) @Nullable String look,
      List<SeenView> answers,
      int rung,
      int passes,
      int passesLow,
      int passesHigh,
      int lastPass,
      @Code(Outcome.Next.class) @Nullable String outcome,
      @Nullable String says,
      @Nullable LocalDateTime clockFrom,
      @Nullable Integer dwellS,
      @Nullable Integer wipeByS,
      @Nullable String late,
      int plannedS,
      Phase state,
      @Nullable LocalDateTime startedAt,
      @Nullable LocalDateTime doneAt,
      String by,
      List<String> after) {}

  /**
   * How it goes.
   *
   * @param readyAt when the car can be driven and sat in, as it goes now
   * @param planned the same as planned
   * @param driveAt {@code sitAt} and {@code curedAt}, as it goes
   */
  public record PaceView(
      LocalDateTime handsOffAt,
      long leftMin,
      LocalDateTime readyAt,
      LocalDateTime planned,
      @Nullable LocalDateTime promised,
      LocalDateTime driveAt,
      LocalDateTime sitAt,
      LocalDateTime curedAt) {}

  /** The run stopped for now. */
  public record PausedView(LocalDateTime at, String by, String reason) {}

  /** A run, with the server's own time so that clocks agree on every device. */
  public record BenchView(
      UUID jobId,
      String title,
      LocalDateTime serverNow,
      LocalDateTime startedAt,
      int tasksTotal,
      int tasksDone,
      PaceView pace,
      @Nullable PausedView paused,
      @Nullable AirNow air,
      List<BenchRound> rounds,
      List<BenchTask> tasks) {}

  /**
   * Something that happened, as a device tells it.
   *
   * @param id given by the device, so that it counts once however often it is sent
   * @param taskId empty for what concerns the whole run
   * @param at when it happened, by the server's clock
   */
  public record EntryRequest(
      @NotNull(message = "{an-id}") UUID id,
      @NotNull(message = "{a-task-or-empty}") @Size(max = 160, message = "{at-most-160-characters}")
          String taskId,
      @NotNull(message = "{what-happened}") @Code(Entry.Kind.class) String kind,
      @NotNull(message = "{a-local-time}") LocalDateTime at,
      @Nullable @Size(max = 80, message = "{at-most-80-characters}") String by,
      @Code(Seen.class) @Nullable String seen,
      @Nullable @Size(max = 400, message = "{at-most-400-characters}") String reason,
      @Nullable @Valid EntryDetail detail) {}

  /** What a device has to tell, in its order. */
  public record EntriesRequest(
      @NotNull(message = "{entries}") @Size(max = 500, message = "{at-most-500-entries-at-once}")
          List<@Valid @NotNull(message = "{an-entry}") EntryRequest> entries) {}

  /**
   * What is said of an entry.
   *
   * @param says what follows from it, or what stood against it
   */
  public record Remark(UUID id, String says) {}

  /** The run after something was told. */
  public record ToldView(BenchView run, List<Remark> remarks) {}

  /** How far a run is. */
  public record Progress(
      UUID jobId,
      int tasksTotal,
      int tasksDone,
      @Nullable Integer cardsTotal,
      @Nullable Integer cardsDone,
      LocalDateTime startedAt) {}
}
