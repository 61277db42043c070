package attune.app.planning;

import attune.app.format.PlanFile;
import jakarta.annotation.Nullable;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import java.util.List;

/** What goes in and out of the match endpoints. */
public final class MatchViews {
  private MatchViews() {}

  /** A set of needles; no cleaner is dry work. */
  public record Needles(
      @Nullable String cleanerId,
      @NotBlank(message = "a ratio, or ready") String ratio,
      @NotBlank(message = "a tool") String toolId,
      @NotBlank(message = "surface, tool or cloth") String applyTo,
      @Min(value = 0, message = "0 or more") @Max(value = 1000, message = "at most 1000")
          double laidGPerM2,
      @NotBlank(message = "none, seat-heat, warm-water or steam") String warmth,
      @Min(value = 0, message = "0 or more") @Max(value = 3600, message = "at most 3600")
          int dwellS) {}

  /** One scale of the rack; a bound left out is unknown. */
  public record ScaleReading(
      String scale,
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
      String limitSetBy,
      String limitWhy,
      String state) {}

  /** What is said of a set of needles. */
  public record Reading(
      Needles needles,
      String outcome,
      String sentence,
      List<PlanFile.ReasonFile> reasons,
      List<ScaleReading> rack,
      double action,
      double needed,
      @Nullable Integer passes,
      int sections,
      double sectionM2,
      long windowS,
      boolean startAllowed) {}

  /** A cleaner to pick, with the ratios and seconds its label allows. */
  public record CleanerOption(
      String id,
      String name,
      List<String> ratios,
      @Nullable Integer dwellMinS,
      @Nullable Integer dwellMaxS) {}

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
      String soilLevel,
      List<String> soils,
      PlanFile.PlannedSurfaceFile answer,
      @Nullable Reading chosen,
      List<CleanerOption> cleaners,
      List<ToolOption> tools,
      List<String> warmths) {}

  /** A surface in the list beside the rack. */
  public record SurfaceOutcome(
      String surfaceId,
      String label,
      String outcome,
      @Nullable String cleanerId,
      int minutesLow,
      int minutesHigh) {}
}
