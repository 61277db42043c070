package attune.app.jobs;

import attune.app.format.Code;
import attune.app.format.JobFile;
import attune.app.format.JobFile.StainFile;
import attune.app.people.PeopleViews.VehicleForm;
import attune.core.material.Texture;
import attune.core.shelf.Soil;
import attune.core.survey.Condition;
import attune.core.survey.Surface;
import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Positive;
import jakarta.validation.constraints.Size;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** What goes in and out of the job endpoints. */
public final class JobViews {
  private JobViews() {}

  /** A job in a list. */
  public record JobSummary(
      UUID id,
      String title,
      String vehicleLabel,
      String layout,
      JobState state,
      int surveyed,
      LocalDateTime startAt,
      @Nullable LocalDateTime returnBy) {}

  /**
   * A job in full.
   *
   * @param document its attune-job, surfaces only as far as surveyed; a panel's missing soil, wear
   *     or finish is not asked yet
   * @param undo what undo would take back, or null
   * @param redo what redo would do again, or null
   */
  public record JobDetail(
      UUID id,
      UUID vehicleId,
      JobState state,
      int revision,
      @Nullable String undo,
      @Nullable String redo,
      JobFile document,
      Map<String, String> labels) {}

  /**
   * A new job.
   *
   * @param vehicleId the vehicle, or null to note a new one with the fields after it
   */
  public record NewJob(
      @NotBlank(message = "{the-customers-wish-or-the-car}")
          @Size(max = 200, message = "{at-most-200-characters}")
          String title,
      @Nullable UUID vehicleId,
      @Nullable @Valid NewVehicle vehicle) {}

  /** The vehicle of a new job. */
  public record NewVehicle(
      @NotBlank(message = "{what-the-vehicle-is-called}")
          @Size(max = 200, message = "{at-most-200-characters}")
          String label,
      @NotBlank(message = "{a-layout}") String layout,
      @Nullable @Size(max = 20, message = "{at-most-20-characters}") String plate,
      @Nullable @Pattern(regexp = "left|right", message = "{left-or-right}") String drive,
      @Nullable
          @Min(value = 1900, message = "{1900-or-later}")
          @Max(value = 2100, message = "{2100-or-earlier}")
          Integer builtYear,
      @Nullable
          @Min(value = 0, message = "{0-or-more}")
          @Max(value = 5_000_000, message = "{at-most-5-000-000}")
          Integer odometerKm) {
    VehicleForm form() {
      return new VehicleForm(
          label, plate, layout, drive, builtYear, null, odometerKm, false, null, null, null);
    }
  }

  /** Changes to the job itself; null leaves a part as it is, an empty returnBy takes it back. */
  public record JobChange(
      @Nullable @Size(min = 1, max = 200, message = "{1-to-200-characters}") String title,
      @Nullable JobFile.SettingFile setting,
      @Nullable JobFile.WishesFile wishes,
      @Nullable Map<String, String> houseRules) {}

  /** What was found on one or several panels; null leaves a field as it is. */
  public record FindingRequest(
      @NotEmpty(message = "{at-least-one-panel}") @Size(max = 400, message = "{at-most-400-panels}")
          List<String> surfaceIds,
      @NotNull(message = "{a-finding}") Finding finding) {}

  /** Findings to copy from panel to panel; the first of a pair must be surveyed. */
  public record CopyRequest(
      @NotEmpty(message = "{at-least-one-pair}") @Size(max = 400, message = "{at-most-400-pairs}")
          List<@Valid @NotNull(message = "{a-pair}") Pair> pairs) {}

  /** One panel's findings for another. */
  public record Pair(
      @NotBlank(message = "{a-surveyed-panel}") String from,
      @NotBlank(message = "{a-panel}") String to) {}

  /** A panel of one's own. */
  public record NewPanel(
      @NotBlank(message = "{what-the-panel-is-called}")
          @Size(max = 80, message = "{at-most-80-characters}")
          String label,
      @NotBlank(message = "{a-role-such-as-seat-or}") String role,
      @Positive(message = "{above-0-m}") @Max(value = 50, message = "{at-most-50-m}") double areaM2,
      @Nullable
          @Min(value = 0, message = "{0-or-more}")
          @Max(value = 200, message = "{at-most-200-m}")
          Double seamM) {}

  /** How a panel is split in two: across, into left and right, or down, into front and rear. */
  public record SplitRequest(
      @NotNull(message = "{across-or-down}")
          @Pattern(regexp = "across|down", message = "{across-or-down}")
          String along) {}

  /** Panels to make one of, or to take off the sheet. */
  public record PanelsRequest(
      @NotEmpty(message = "{at-least-one-panel}") @Size(max = 400, message = "{at-most-400-panels}")
          List<@NotBlank(message = "{a-panel}") String> surfaceIds) {}

  /**
   * Fields of a finding.
   *
   * @param usual true to answer what is not asked yet with what is usual on each panel
   * @param cleared true to forget what was found
   */
  public record Finding(
      @Nullable String label,
      @Nullable Double areaM2,
      @Nullable Double seamM,
      @Nullable String finish,
      @Nullable Boolean perforated,
      @Code(Texture.class) @Nullable String texture,
      @Code(Surface.Tone.class) @Nullable String tone,
      @Nullable Integer ageMonths,
      @Code(Surface.Feature.class) @Nullable List<String> features,
      @Code(Surface.Near.class) @Nullable List<String> near,
      @Code(Condition.Level.class) @Nullable String soil,
      @Code(Soil.class) @Nullable List<String> soils,
      @Code(Condition.Wear.class) @Nullable String wear,
      @Code(Condition.Feel.class) @Nullable String feel,
      @Code(Condition.Nap.class) @Nullable String nap,
      @Code(Condition.Perforations.class) @Nullable String perforations,
      @Code(Condition.Damage.class) @Nullable List<String> damage,
      @Nullable Integer stainAgeDays,
      @Nullable Double sheenGu,
      @Nullable Double surfaceTempC,
      @Nullable List<StainFile> stains,
      @Nullable Boolean usual,
      @Nullable Boolean cleared) {

    /** Only a sheen, GU at 60°. */
    public static Finding ofSheen(double gu) {
      return new Finding(
          null, null, null, null, null, null, null, null, null, null, null, null, null, null, null,
          null, null, null, gu, null, null, null, null);
    }

    /** Only the temperature of the surface, °C. */
    public static Finding ofSurfaceTemperature(double celsius) {
      return new Finding(
          null, null, null, null, null, null, null, null, null, null, null, null, null, null, null,
          null, null, null, null, celsius, null, null, null);
    }
  }
}
