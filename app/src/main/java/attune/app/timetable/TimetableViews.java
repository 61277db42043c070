package attune.app.timetable;

import attune.app.format.Code;
import attune.core.plan.Offer;
import attune.core.plan.Omission;
import attune.core.plan.Step;
import attune.core.survey.Craft;
import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDateTime;
import java.util.List;

/** What goes in and out of the timetable endpoints; times are local, lengths in minutes. */
final class TimetableViews {
  private TimetableViews() {}

  /**
   * A job on the clock.
   *
   * @param promised when the customer was told it is ready
   * @param people who does it, in the crew's order
   * @param zones where something is done, in the survey's order
   * @param conflicts why what somebody said cannot be, in words
   */
  record TimetableView(
      Craft craft,
      LocalDateTime start,
      @Nullable LocalDateTime promised,
      LocalDateTime handsOffAt,
      LocalDateTime driveAt,
      LocalDateTime sitAt,
      LocalDateTime readyAt,
      LocalDateTime curedAt,
      long workMin,
      List<String> crew,
      int people,
      @Code(Omission.class) List<String> leftOut,
      List<PartView> parts,
      List<LaneView> lanes,
      List<LaneView> zones,
      List<BlockView> blocks,
      List<TaskView> tasks,
      List<VisitView> visits,
      List<String> conflicts) {}

  /** A part on order, and the panels it is fitted to. */
  record PartView(String name, List<String> surfaceIds, LocalDateTime arrives) {}

  /** All parts on order. */
  record PartsRequest(
      @NotNull(message = "{a-list}") @Size(max = 20, message = "{at-most-20-parts}")
          List<@Valid @NotNull(message = "{a-part}") PartRequest> parts) {}

  /** One of them. */
  record PartRequest(
      @NotBlank(message = "{what-it-is}") @Size(max = 80, message = "{at-most-80-characters}")
          String name,
      @NotEmpty(message = "{at-least-one-panel}") List<String> surfaceIds,
      @NotNull(message = "{a-local-time}") LocalDateTime arrives) {}

  /** A row of the timetable. */
  record LaneView(String id, String label) {}

  /**
   * A task.
   *
   * @param person null for a wait that needs nobody
   * @param zone null for what is not done in one place
   * @param about said instead of the step, for a part on order
   * @param after tasks that come before
   */
  record TaskView(
      String id,
      @Code(Step.class) String step,
      @Nullable String where,
      @Nullable String about,
      @Nullable String with,
      @Nullable String person,
      @Nullable String zone,
      List<String> surfaceIds,
      int section,
      LocalDateTime start,
      LocalDateTime end,
      @Nullable LocalDateTime wipeFrom,
      @Nullable LocalDateTime wipeBy,
      boolean pinned,
      List<String> after) {}

  /**
   * A block of the timetable: what somebody is at without a change worth a line of its own.
   *
   * @param what is done, in words
   * @param where, in words; null for the whole cabin
   * @param zones in the order they are gone to
   * @param lays true where something is laid on
   * @param decides true where later here is later ready
   * @param rounds its steps, in order
   */
  record BlockView(
      String id,
      String what,
      @Nullable String where,
      List<String> zones,
      String person,
      LocalDateTime start,
      LocalDateTime end,
      double handsMin,
      double waitMin,
      boolean rest,
      boolean lays,
      boolean pinned,
      boolean decides,
      List<RoundView> rounds) {}

  /**
   * A step of a block.
   *
   * @param tasks ids of what is done in it, panel by panel
   */
  record RoundView(
      String id,
      @Code(Step.class) String step,
      String what,
      @Nullable String where,
      @Nullable String with,
      List<String> surfaceIds,
      LocalDateTime start,
      LocalDateTime end,
      double handsMin,
      double waitMin,
      List<String> tasks) {}

  /** A stretch somebody has to be there for. */
  record VisitView(LocalDateTime from, LocalDateTime until) {}

  /** A task moved by hand. */
  record MoveRequest(
      @NotNull(message = "{a-task}") @Size(max = 200, message = "{at-most-200-characters}")
          String taskId,
      @NotNull(message = "{a-local-time}") LocalDateTime start) {}

  /** What a moved task does to another. */
  record PushedView(String taskId, String label, LocalDateTime from, LocalDateTime to) {}

  /**
   * What a move would do.
   *
   * @param possible false where something forbids it
   * @param pushed tasks that start at another time because of it, the most moved first
   */
  record MoveView(
      boolean possible, List<String> why, List<PushedView> pushed, TimetableView timetable) {}

  /** Who does it: names of the shop's people, or how many without names. */
  record CrewRequest(
      @Size(max = 4, message = "{at-most-4-people}") List<String> crew, @Nullable Integer people) {}

  /** A way to be ready sooner. */
  record OfferView(
      @Code(Offer.Kind.class) String kind,
      String says,
      boolean kept,
      LocalDateTime start,
      LocalDateTime readyAt,
      LocalDateTime handsOffAt,
      int people,
      long workMin) {}
}
