package attune.app.format;

import io.swagger.v3.oas.annotations.media.ArraySchema;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.annotation.Nullable;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/** The attune-job file as written; a field left out is null. */
public record JobFile(
    String format,
    int version,
    @Nullable String title,
    @Nullable VehicleFile vehicle,
    SettingFile setting,
    @Nullable WishesFile wishes,
    @Nullable Map<String, String> houseRules,
    @Nullable ShelfChoiceFile shelf,
    List<SurfaceFile> surfaces) {

  /** The vehicle, for the eye only. */
  public record VehicleFile(
      @Nullable String label,
      @Nullable String layout,
      @Nullable String drive,
      @Nullable Integer builtYear,
      @Nullable Integer odometerKm) {}

  /** Where, when and in what air. */
  public record SettingFile(
      @Nullable String place,
      @Nullable Double airTempC,
      @Nullable Double relativeHumidity,
      @Nullable Double airSpeedMs,
      @Nullable String sun,
      @Nullable Double surfaceTempC,
      @Nullable Integer people,
      String start,
      @Nullable String returnBy,
      @Nullable String climate) {}

  /** What the customer wants. */
  public record WishesFile(
      @Nullable String sheen, @Nullable String standard, @Nullable String protection) {}

  /** Ids of the shelf, or whole records. */
  public record ShelfChoiceFile(
      @Nullable @ArraySchema(schema = @Schema(implementation = Object.class))
          List<JsonNode> products,
      @Nullable @ArraySchema(schema = @Schema(implementation = Object.class))
          List<JsonNode> tools) {}

  /** A panel as surveyed. */
  public record SurfaceFile(
      String id,
      String zone,
      String part,
      @Nullable String label,
      @Nullable String finish,
      @Nullable Boolean perforated,
      String texture,
      String tone,
      Double areaM2,
      @Nullable Double seamM,
      @Nullable Integer ageMonths,
      String role,
      @Nullable List<String> features,
      @Nullable List<String> near,
      ConditionFile condition,
      @Nullable WishesFile wishes,
      @Nullable Double surfaceTempC,
      @Nullable List<HistoryFile> history) {}

  /** The state it was found in. */
  public record ConditionFile(
      @Nullable String soil,
      @Nullable List<String> soils,
      @Nullable String wear,
      @Nullable String feel,
      @Nullable String nap,
      @Nullable String perforations,
      @Nullable List<String> damage,
      @Nullable Integer stainAgeDays,
      @Nullable Double sheenGu) {}

  /** An earlier treatment. */
  public record HistoryFile(
      String date,
      @Nullable String productId,
      @Nullable String ratio,
      @Nullable Double ph,
      @Nullable Double contactMin,
      @Nullable Integer passes,
      @Nullable Boolean coated) {}
}
