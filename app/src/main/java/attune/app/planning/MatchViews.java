package attune.app.planning;

import attune.app.format.Code;
import attune.app.format.PlanFile;
import attune.app.training.TrainingViews.HandWorkView;
import attune.core.check.Coded;
import attune.core.match.Rack;
import attune.core.match.Reason;
import attune.core.match.Treatment;
import attune.core.match.Tried;
import attune.core.match.Verdict;
import attune.core.shelf.Soil;
import attune.core.survey.Condition;
import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.List;

/** What goes in and out of the match endpoints. */
public final class MatchViews {
  private MatchViews() {}

  /** A set of needles; no cleaner is dry work. */
  public record Needles(
      @Nullable String cleanerId,
      @NotBlank(message = "{a-ratio-or-ready}") String ratio,
      @NotBlank(message = "{a-tool}") String toolId,
      @NotBlank(message = "{surface-tool-or-cloth}") String applyTo,
      @Min(value = 0, message = "{0-or-more}") @Max(value = 1000, message = "{at-most-1000}")
          double laidGPerM2,
      @NotBlank(message = "{none-seat-heat-warm-water-or}") String warmth,
      @Min(value = 0, message = "{0-or-more}") @Max(value = 3600, message = "{at-most-3600}")
          int dwellS) {}

  /** One scale of the rack; a bound left out is unknown. */
  public record ScaleReading(
      @Code(Rack.Scale.class) String scale,
      String unit,
      double axisLow,
      double axisHigh,
      @Nullable Double valueLow,
      @Nullable Double valueHigh,
      @Nullable Double need,
      double routineLow,
      double routineHigh,
      double limitLow,
      double limitHigh,
      @Code(Reason.SetBy.class) String limitSetBy,
      String limitWhy,
      @Code(Rack.State.class) String state) {}

  /** What is left of the soil after a pass, and how far that may be off. */
  public record SoilAfter(int pass, double likely, double low, double high) {}

  /** What is left of the soil pass by pass, and what may stay. */
  public record SoilView(double acceptable, List<SoilAfter> after) {}

  /** What is said of a set of needles. */
  public record Reading(
      Needles needles,
      @Code(Verdict.Outcome.class) String outcome,
      String sentence,
      List<PlanFile.ReasonFile> reasons,
      List<ScaleReading> rack,
      double action,
      double needed,
      @Nullable Integer passes,
      int sections,
      double sectionM2,
      long windowS,
      boolean startAllowed,
      SoilView soilLeft) {}

  /**
   * A cleaner to pick, with the ratios and seconds its label allows.
   *
   * @param ph middle of the pH each ratio comes to; empty where it is not known
   */
  public record CleanerOption(
      String id,
      String name,
      List<String> ratios,
      List<Double> ph,
      @Nullable Integer dwellMinS,
      @Nullable Integer dwellMaxS) {}

  /** A warmth to pick, and the surface temperature it comes to here. */
  public record WarmthOption(@Code(Treatment.Warmth.class) String code, double celsius) {}

  /** A tool to pick. */
  public record ToolOption(String id, String name, int stiffness, boolean abrasive) {}

  /**
   * A surface's match: the answer, the chosen needles read out, and what could be picked instead.
   */
  public record MatchView(
      String surfaceId,
      String label,
      String finishName,
      boolean identified,
      @Code(Condition.Level.class) String soilLevel,
      @Code(Soil.class) List<String> soils,
      PlanFile.PlannedSurfaceFile answer,
      @Nullable Reading chosen,
      List<CleanerOption> cleaners,
      List<ToolOption> tools,
      List<WarmthOption> warmths,
      @Nullable ByHandView byHand,
      List<TriedView> tried) {}

  /**
   * What was set by hand.
   *
   * @param followed false where it may not be done any more, and the match's own choice stands
   */
  public record ByHandView(Needles needles, @Nullable String reason, boolean followed) {}

  /** What was worked already, and what the cloth said. */
  public record TriedView(Needles needles, @Code(Tried.Result.class) String result) {}

  /** Needles to keep; a caution overridden asks for a reason. */
  public record ByHandRequest(
      @NotNull(message = "{needles}") @Valid Needles needles,
      @Nullable @Size(max = 400, message = "{at-most-400-characters}") String reason) {}

  /**
   * A panel of a job as a model to be worked by hand.
   *
   * @param needles of each of its means, in their order: what may be taken back into the match
   */
  public record ModelPanelView(HandWorkView work, List<Needles> needles) {}

  /** What was worked, and what the cloth said. */
  public record TriedRequest(
      @NotNull(message = "{needles}") @Valid Needles needles,
      @NotNull(message = "{clean-soil-stays-colour-or-dulled}")
          @Pattern(
              regexp = "clean|soil-stays|colour|dulled",
              message = "{clean-soil-stays-colour-or-dulled}")
          String result) {}

  /** What would have to change. */
  public record RemedyView(boolean possible, String text, @Nullable Needles needles) {}

  /**
   * Why something is not what is done.
   *
   * @param standing done, would-do, or the worst of what stands against it
   */
  public record WhyView(
      String itemId,
      String name,
      @Code(ItemStanding.class) String standing,
      List<PlanFile.ReasonFile> reasons,
      List<RemedyView> remedies) {}

  /** A row or a column of the matrix. */
  public record MatrixHead(String id, String label, String kind) {}

  /**
   * Shelf by surfaces.
   *
   * @param items most useful first
   * @param cells one text an item, one letter a surface: d done, w would do, u too weak, o more
   *     than it stands, b barred, ? unknown, - nothing to clean
   */
  public record MatrixView(List<MatrixHead> items, List<MatrixHead> surfaces, List<String> cells) {}

  /** How a panel stands: as its first rung does, or referred to somebody else. */
  public enum Standing implements Coded {
    IN_TUNE,
    CARE,
    UNDER,
    UNKNOWN,
    OVER,
    BARRED,
    REFER,
    NOTHING_TO_CLEAN
  }

  /** A surface in the list beside the rack. */
  public record SurfaceOutcome(
      String surfaceId,
      String label,
      @Code(Standing.class) String outcome,
      @Nullable String cleanerId,
      int minutesLow,
      int minutesHigh) {}
}
