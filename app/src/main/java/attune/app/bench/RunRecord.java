package attune.app.bench;

import attune.app.format.Code;
import attune.core.check.Coded;
import attune.core.plan.Step;
import attune.core.run.Entry;
import attune.core.run.TaskState.Phase;
import attune.core.survey.Condition;
import jakarta.annotation.Nullable;
import java.time.LocalDateTime;
import java.util.List;

/**
 * What was done in a run.
 *
 * @param plannedMin hands-on minutes planned for the steps that were done
 * @param workedMin what they took, as far as it is known
 */
public record RunRecord(
    LocalDateTime startedAt,
    long plannedMin,
    long workedMin,
    List<RecordLine> lines,
    List<StepTime> steps,
    List<UsedUp> used) {

  /**
   * An entry.
   *
   * @param recordedAt when it came in
   * @param signedIn who was signed in, where that is not who is said to have done it
   * @param title of the step, or what concerned the whole run
   * @param text what was seen, said or noted
   * @param ticked cautions that were ticked
   * @param takenBack true for what was undone later
   * @param corrects the entry it puts right, or null
   */
  public record RecordLine(
      String id,
      LocalDateTime at,
      LocalDateTime recordedAt,
      String by,
      @Nullable String signedIn,
      @Code(Entry.Kind.class) String kind,
      String taskId,
      String title,
      String where,
      String text,
      List<String> ticked,
      boolean takenBack,
      @Nullable String corrects) {}

  /**
   * A step against its plan.
   *
   * @param minutes it took, null where it is not known
   * @param finish and {@code soil} of its panel, null for more than one panel
   */
  public record StepTime(
      String taskId,
      @Code(Step.class) String step,
      String title,
      String where,
      @Nullable String surfaceId,
      @Nullable String finish,
      @Code(Condition.Level.class) @Nullable String soil,
      Phase state,
      int rung,
      double plannedMin,
      @Nullable Double minutes,
      int passes,
      int passesLow,
      int passesHigh,
      String by) {

    /** Its step, of the plan's. */
    public Step kind() {
      return Coded.parse(Step.class, step);
    }
  }

  /**
   * A product used.
   *
   * @param ml that went on: by area, wetness and passes, or as it was noted
   * @param plannedMl the same as planned, for what was done
   * @param batches of the bottles, where noted
   */
  public record UsedUp(
      String productId,
      String name,
      String ratio,
      double ml,
      double plannedMl,
      List<String> batches) {}
}
