package attune.app.training;

import attune.app.format.Code;
import attune.core.schedule.Skill;
import attune.core.survey.Wishes;
import attune.core.train.CoatMark;
import attune.core.train.Course;
import attune.core.train.Deed;
import attune.core.train.Kind;
import attune.core.train.Mark;
import attune.core.train.Physics;
import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;

/** What goes in and out of the training floor. */
public final class TrainingViews {
  private TrainingViews() {}

  /**
   * A lesson as it stands in its course.
   *
   * @param inTest questions or panels in its test
   */
  public record LessonView(
      String id,
      Course course,
      Kind kind,
      String title,
      String aim,
      int level,
      String rule,
      String example,
      int inTest) {}

  /** A course to be passed before a work is done alone. */
  public record GateView(
      @NotNull(message = "{coating-rim-or-aniline}") Skill work,
      @NotNull(message = "{a-course}") Course course) {}

  /** All gates; a work that is not in it has none. */
  public record Gates(
      @NotNull(message = "{gates-maybe-none}") @Size(max = 10, message = "{at-most-10-gates}")
          List<@Valid @NotNull(message = "{a-gate}") GateView> gates) {}

  /** The courses, and what each is needed for. */
  public record TrainingView(List<LessonView> lessons, List<GateView> gates) {}

  /** Something given once, on the way to a score. */
  public record AnsweredView(
      String lesson, int level, Mark mark, int score, boolean test, LocalDateTime at) {}

  /**
   * Somebody on the training floor.
   *
   * @param passed lessons whose test was passed
   * @param mayNot works the gates still keep from them
   */
  public record LearnerView(
      String person, List<AnsweredView> answers, List<String> passed, List<Skill> mayNot) {}

  /** Something seen, told or measured. */
  public record FactView(String what, String is) {}

  /** An answer one may give, with what follows from it. */
  public record ChoiceView(String text, Mark mark, List<String> why) {}

  /** A question about a case. */
  public record ExerciseView(
      String lesson,
      long seed,
      int level,
      List<FactView> facts,
      List<String> swatches,
      String ask,
      List<ChoiceView> choices,
      String fingerprint) {}

  /**
   * A treatment of a model panel.
   *
   * @param ph what the pen shows of the mix, null for what it cannot measure
   */
  public record MeansView(
      String text,
      @Nullable String ph,
      Mark mark,
      List<String> why,
      double wets,
      List<Double> acts,
      double leastS,
      double harm,
      int dwellS) {}

  /**
   * A panel to be worked by hand.
   *
   * @param soil layers of each family, cell by cell, row after row
   * @param dust which family is dust, or -1
   * @param seams whether seams run across it
   * @param holes whether it is perforated
   */
  public record HandWorkView(
      String lesson,
      long seed,
      int level,
      int columns,
      int rows,
      List<FactView> facts,
      List<String> families,
      int dust,
      List<List<Double>> soil,
      double foundCoat,
      double foundNap,
      boolean nap,
      String tone,
      boolean seams,
      boolean holes,
      int sections,
      List<MeansView> means,
      Physics physics,
      String fingerprint) {}

  /**
   * An area of a coating worked by hand, with how long the hands take.
   *
   * @param fromS seconds after its first stroke before which it smears; one sees that at once
   */
  public record CoatAreaView(String name, int applyS, int levelS, int fromS) {}

  /** A coating to be laid and levelled against the clock. */
  public record CoatWorkView(
      String lesson,
      long seed,
      int level,
      List<FactView> facts,
      List<CoatAreaView> areas,
      String fingerprint) {}

  /**
   * How an area came out.
   *
   * @param laidS when its coat was begun, -1 for never; {@code levelledS} when it was levelled
   * @param refLaidS the same in a master's run
   * @param fromS seconds after its first stroke from when it may be levelled, {@code byS} by when
   */
  public record CoatOutcomeView(
      String name,
      CoatMark.State state,
      double laidS,
      double levelledS,
      int smeared,
      double refLaidS,
      double refLevelledS,
      int fromS,
      int byS) {}

  /** How a coating came out, against a master's run on the same areas. */
  public record CoatMarkView(
      double seconds, double referenceSeconds, List<CoatOutcomeView> areas) {}

  /** Something done to a model panel. */
  public record DeedFile(
      @NotNull(message = "{what-is-done}") Deed.Act act,
      @Min(value = 0, message = "{0-to-9}") @Max(value = 9, message = "{0-to-9}") int means,
      @NotNull(message = "{cells-maybe-none}") @Size(max = 4000, message = "{at-most-4000-cells}")
          List<
                  @NotNull(message = "{a-cell}") @Min(value = 0, message = "{0-to-383}")
                  @Max(value = 383, message = "{0-to-383}") Integer>
              cells,
      @DecimalMin(value = "0", message = "{0-to-86-400-s}")
          @DecimalMax(value = "86400", message = "{0-to-86-400-s}")
          double seconds) {}

  /**
   * An answer, once: sent again it counts once.
   *
   * @param choice of a question, from 0
   * @param deeds of a panel worked by hand
   * @param fingerprint of the exercise it is an answer to, as it was asked
   * @param testId of the test it belongs to, none in practice
   */
  public record AnswerRequest(
      @NotNull(message = "{an-id}") UUID id,
      @NotBlank(message = "{a-name}") @Size(max = 80, message = "{at-most-80-characters}")
          String person,
      @NotBlank(message = "{a-lesson}") @Size(max = 60, message = "{at-most-60-characters}")
          String lesson,
      @Min(value = 0, message = "{0-to-9-007-199-254}")
          @Max(value = 9007199254740991L, message = "{0-to-9-007-199-254}")
          long seed,
      @Min(value = 1, message = "{1-to-5}") @Max(value = 5, message = "{1-to-5}") int level,
      @Nullable Integer choice,
      @Nullable @Size(max = 6000, message = "{at-most-6000-deeds}")
          List<@Valid @NotNull(message = "{a-deed}") DeedFile> deeds,
      @Nullable UUID testId,
      @Nullable @Size(max = 16, message = "{16-hex-digits}") String fingerprint) {}

  /**
   * What a school other than the house's would do with a case.
   *
   * @param school its code, {@code says} what it holds
   * @param ours what is done on the first panel that differs, {@code theirs} what they would do
   */
  public record SchoolView(
      String key, String question, String school, String says, String ours, String theirs) {}

  /** How a panel came out, against the reference run on the same panel. */
  public record HandMarkView(
      double left,
      int missed,
      int rings,
      int harmed,
      double seconds,
      double referenceSeconds,
      int faces,
      List<DeedFile> reference) {}

  /** What an answer was worth. */
  public record MarkedView(
      Mark mark,
      int score,
      List<String> says,
      @Nullable HandMarkView hand,
      @Nullable CoatMarkView coat,
      boolean passed) {}

  /** A run of a treatment on a model of a panel. */
  public record TrialView(int passes, double left, boolean clean, double coat, boolean unharmed) {}

  /** A panel of a job tried on models of it. */
  public record TrialsView(
      String treatment, @Code(Wishes.Standard.class) String standard, List<TrialView> runs) {}
}
