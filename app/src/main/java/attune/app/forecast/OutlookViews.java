package attune.app.forecast;

import attune.app.format.Code;
import attune.core.survey.Setting;
import jakarta.annotation.Nullable;
import java.time.LocalDateTime;
import java.util.List;

/** What goes in and out of the outlook endpoints. */
final class OutlookViews {
  private OutlookViews() {}

  /** Other air to look at; what is left out is as the job has it. */
  record AirRequest(
      @Nullable Double airTempC,
      @Nullable Double relativeHumidity,
      @Nullable Double airSpeedMs,
      @Code(Setting.Sun.class) @Nullable String sun) {}

  /**
   * A panel in that air.
   *
   * @param order its place in the order of cleaning, from 1
   * @param planned sections in the job's own air
   * @param how it is dried
   */
  record WorkedPanelView(
      String surfaceId,
      String label,
      int order,
      double surfaceC,
      double windowS,
      int planned,
      int sections,
      boolean fits,
      int driesInS,
      boolean dries,
      String how,
      String confirmWith) {}

  /**
   * The cabin in that air.
   *
   * @param says what changed it, in words; null where it is the job's own
   * @param remedies what would make it dry, where it does not
   */
  record OutlookView(
      List<WorkedPanelView> panels,
      int sections,
      int planned,
      @Nullable Double shortestWindowS,
      boolean fits,
      boolean dries,
      @Nullable String says,
      List<String> remedies) {}

  /** An hour of the forecast. */
  record HourView(
      LocalDateTime at,
      double airTempC,
      double relativeHumidity,
      double airSpeedMs,
      @Code(Setting.Sun.class) String sun,
      @Nullable Double windowS,
      int sections,
      int driesInS,
      boolean dries,
      double hottestC,
      boolean light,
      boolean workable,
      boolean shade,
      boolean best) {}

  /** Hours to come, and what they are good for. */
  record HoursView(@Nullable String place, boolean simulated, String says, List<HourView> hours) {}
}
