package attune.app.format;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;

/** The attune-shelf file as written; a field left out is null. */
public record ShelfFile(
    String format, int version, List<ProductFile> products, List<ToolFile> tools) {

  /** A product record. */
  public record ProductFile(
      String id,
      String name,
      String maker,
      List<String> roles,
      String form,
      String supply,
      LabelRatiosFile labelRatios,
      Double ph,
      String phNature,
      List<PhMeasuredFile> phMeasured,
      Double strength,
      List<String> goodAt,
      Double solventPercent,
      Boolean abrasive,
      Boolean bleach,
      Boolean ammonia,
      Boolean acid,
      Boolean peroxide,
      List<String> labelAllows,
      List<String> labelExcludes,
      SpanFile dwellS,
      Boolean needsRinse,
      String leavesFilm,
      Boolean coatingSafe,
      String slip,
      Double sheenChangeGu,
      Boolean uv,
      Boolean dyeBarrier,
      Double doseMlPerM2,
      SpanFile flashS,
      Integer absorbS,
      Integer waitBeforeNextS,
      Integer sitAfterS,
      Integer fullCureS,
      Integer coatsMax,
      Integer lifeDays,
      PackFile pack,
      Double onHandMl,
      String openedOn,
      Integer shelfLifeOpenDays,
      List<String> hazards,
      Boolean household,
      Boolean quats,
      Boolean anionic,
      Boolean flammable) {}

  /** Dilutions on a label. */
  public record LabelRatiosFile(
      String mildest, @JsonProperty("default") String standard, String strongest) {}

  /** A pen reading at a dilution. */
  public record PhMeasuredFile(String ratio, Double ph) {}

  /** Seconds from and to. */
  public record SpanFile(Integer min, Integer max) {}

  /** A pack and its price. */
  public record PackFile(Double ml, Long priceMinor, String currency) {}

  /** A tool record. */
  public record ToolFile(
      String id,
      String name,
      String kind,
      Integer stiffness,
      String reach,
      String throwsDroplets,
      Boolean abrasive,
      Boolean dyed,
      Integer timesWashed,
      Double retainsMl,
      Boolean barrierBacked,
      Integer count) {}
}
