package attune.app.format;

import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/** The attune-job file as written; a field left out is null. */
public record JobFile(
    String format,
    int version,
    String title,
    VehicleFile vehicle,
    SettingFile setting,
    WishesFile wishes,
    Map<String, String> houseRules,
    ShelfChoiceFile shelf,
    List<SurfaceFile> surfaces) {

  /** The vehicle, for the eye only. */
  public record VehicleFile(String label, String layout, Integer builtYear, Integer odometerKm) {}

  /** Where, when and in what air. */
  public record SettingFile(
      String place,
      Double airTempC,
      Double relativeHumidity,
      Double airSpeedMs,
      String sun,
      Double surfaceTempC,
      Integer people,
      String start,
      String returnBy,
      String climate) {}

  /** What the customer wants. */
  public record WishesFile(String sheen, String standard, String protection) {}

  /** Ids of the shelf, or whole records. */
  public record ShelfChoiceFile(List<JsonNode> products, List<JsonNode> tools) {}

  /** A panel as surveyed. */
  public record SurfaceFile(
      String id,
      String zone,
      String part,
      String finish,
      Boolean perforated,
      String texture,
      String tone,
      Double areaM2,
      Double seamM,
      Integer ageMonths,
      String role,
      List<String> features,
      List<String> near,
      ConditionFile condition,
      WishesFile wishes,
      Double surfaceTempC,
      List<HistoryFile> history) {}

  /** The state it was found in. */
  public record ConditionFile(
      String soil,
      List<String> soils,
      String wear,
      String feel,
      String nap,
      String perforations,
      List<String> damage,
      Integer stainAgeDays,
      Double sheenGu) {}

  /** An earlier treatment. */
  public record HistoryFile(
      String date,
      String productId,
      String ratio,
      Double ph,
      Double contactMin,
      Integer passes,
      Boolean coated) {}
}
