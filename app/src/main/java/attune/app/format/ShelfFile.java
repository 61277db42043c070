package attune.app.format;

import attune.core.material.Texture;
import attune.core.measure.PhNature;
import attune.core.shelf.Product;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Slip;
import attune.core.shelf.Soil;
import attune.core.shelf.Tool;
import com.fasterxml.jackson.annotation.JsonProperty;
import jakarta.annotation.Nullable;
import java.util.List;

/** The attune-shelf file as written; a field left out is null. */
public record ShelfFile(
    String format, int version, List<ProductFile> products, List<ToolFile> tools) {

  /** A product record. */
  public record ProductFile(
      String id,
      String name,
      @Nullable String maker,
      @Code(ProductRole.class) List<String> roles,
      @Code(Product.Form.class) @Nullable String form,
      @Nullable String supply,
      @Nullable LabelRatiosFile labelRatios,
      @Nullable Double ph,
      @Code(PhNature.class) @Nullable String phNature,
      @Nullable List<PhMeasuredFile> phMeasured,
      @Nullable Double strength,
      @Code(Soil.class) @Nullable List<String> goodAt,
      @Nullable Double solventPercent,
      @Nullable Boolean abrasive,
      @Nullable Boolean bleach,
      @Nullable Boolean ammonia,
      @Nullable Boolean acid,
      @Nullable Boolean peroxide,
      @Nullable List<String> labelAllows,
      @Nullable List<String> labelExcludes,
      @Nullable SecondsFile dwellS,
      @Nullable Boolean needsRinse,
      @Code(Product.Film.class) @Nullable String leavesFilm,
      @Nullable Boolean coatingSafe,
      @Code(Slip.class) @Nullable String slip,
      @Nullable Double sheenChangeGu,
      @Nullable Boolean uv,
      @Nullable Boolean dyeBarrier,
      @Nullable Double doseMlPerM2,
      @Nullable SecondsFile flashS,
      @Nullable Integer absorbS,
      @Nullable Integer waitBeforeNextS,
      @Nullable Integer sitAfterS,
      @Nullable Integer fullCureS,
      @Nullable Integer coatsMax,
      @Nullable Integer lifeDays,
      @Nullable PackFile pack,
      @Nullable Double onHandMl,
      @Nullable String openedOn,
      @Nullable Integer shelfLifeOpenDays,
      @Nullable List<String> hazards,
      @Nullable Boolean household,
      @Nullable Boolean quats,
      @Nullable Boolean anionic,
      @Nullable Boolean flammable,
      @Nullable Boolean scented,
      @Nullable Boolean aerosol) {}

  /** Dilutions on a label. */
  public record LabelRatiosFile(
      @Nullable String mildest,
      @JsonProperty("default") String standard,
      @Nullable String strongest) {}

  /** A pen reading at a dilution. */
  public record PhMeasuredFile(String ratio, Double ph) {}

  /** Seconds from and to. */
  public record SecondsFile(Integer min, Integer max) {}

  /** A pack and its price. */
  public record PackFile(Double ml, Long priceMinor, String currency) {}

  /** A tool record. */
  public record ToolFile(
      String id,
      String name,
      @Code(Tool.Kind.class) String kind,
      @Nullable Integer stiffness,
      @Code(Texture.class) @Nullable String reach,
      @Code(Tool.Droplets.class) @Nullable String throwsDroplets,
      @Nullable Boolean abrasive,
      @Nullable Boolean dyed,
      @Nullable Integer timesWashed,
      @Nullable Double retainsMl,
      @Nullable Boolean barrierBacked,
      @Nullable Integer count,
      @Code(Tool.Suits.class) @Nullable List<String> suits,
      @Nullable Double contactCm2) {}
}
