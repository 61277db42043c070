package attune.app.shelf;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/** What goes in and out of the endpoints for stock, cloths and safety sheets. */
public final class StockViews {
  private StockViews() {}

  /** What a cloth or applicator is kept for. */
  public enum ClothUse {
    CLEANING,
    LEVELLING,
    COATING
  }

  /** What happened to pieces of a cloth. */
  public enum ClothEvent {
    USED,
    WASHED,
    THROWN
  }

  /** A bottle that came in. */
  public record BottleForm(
      @DecimalMin(value = "1", message = "{1-to-25000-ml}")
          @DecimalMax(value = "25000", message = "{1-to-25000-ml}")
          double sizeMl,
      @Nullable
          @DecimalMin(value = "0", message = "{0-ml-to-its-size}")
          @DecimalMax(value = "25000", message = "{0-ml-to-its-size}")
          Double leftMl,
      @Nullable LocalDate openedOn,
      @Nullable LocalDate expiresOn,
      @Nullable @Size(max = 60, message = "{at-most-60-characters}") String batch) {}

  /**
   * What is left in a bottle: as millilitres, or weighed.
   *
   * @param grams on the scales, with {@code emptyGrams} of the bare bottle; a millilitre counts as
   *     {@code gramsPerMl}, 1 where it is not given
   */
  public record WeighForm(
      @Nullable
          @DecimalMin(value = "0", message = "{0-or-more}")
          @DecimalMax(value = "25000", message = "{at-most-25000}")
          Double leftMl,
      @Nullable
          @DecimalMin(value = "0", message = "{0-or-more}")
          @DecimalMax(value = "50000", message = "{at-most-50000}")
          Double grams,
      @Nullable
          @DecimalMin(value = "0", message = "{0-or-more}")
          @DecimalMax(value = "5000", message = "{at-most-5000}")
          Double emptyGrams,
      @Nullable
          @DecimalMin(value = "0.5", message = "{0-5-to-2}")
          @DecimalMax(value = "2", message = "{0-5-to-2}")
          Double gramsPerMl) {}

  /** A bottle on the shelf. */
  public record BottleView(
      UUID id,
      double sizeMl,
      double leftMl,
      @Nullable LocalDate openedOn,
      @Nullable LocalDate expiresOn,
      @Nullable String batch,
      boolean thrown,
      boolean expired) {}

  /** How a cloth is kept. */
  public record ClothForm(
      @Nullable @Size(max = 40, message = "{at-most-40-characters}") String colour,
      @Min(value = 1, message = "{1-to-16}") @Max(value = 16, message = "{1-to-16}") int faces,
      @NotNull(message = "{a-list-possibly-empty}")
          List<@NotNull(message = "{a-use}") ClothUse> uses) {}

  /** Pieces something happened to. */
  public record ClothStep(
      @NotNull(message = "{used-washed-or-thrown}") ClothEvent event,
      @Min(value = 0, message = "{0-or-more}") @Max(value = 10000, message = "{at-most-10000}")
          int pieces) {}

  /** A cloth or applicator and where its pieces are. */
  public record ClothView(
      String toolId,
      String name,
      @Nullable String colour,
      int faces,
      List<ClothUse> uses,
      boolean dyed,
      int timesWashed,
      boolean colourfast,
      int clean,
      int toWash,
      int thrown) {}

  /** An address of a safety sheet; null takes it away. */
  public record SheetLink(
      @Nullable
          @Size(max = 500, message = "{at-most-500-characters}")
          @Pattern(regexp = "https?://\\S+", message = "{an-address-that-starts-with-http}")
          String link) {}
}
