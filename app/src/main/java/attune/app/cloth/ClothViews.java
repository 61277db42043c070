package attune.app.cloth;

import attune.app.format.Code;
import attune.core.colour.ClothReading;
import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/** What goes in and out of the cloth reader. */
public final class ClothViews {
  private ClothViews() {}

  /**
   * Colours as a reader gives them.
   *
   * @param clean the cloth before work; left out, a plain white one
   * @param faces in the order they were wiped
   * @param trim the surface's own colour, where it was taken
   */
  public record ClothRequest(
      @Nullable String clean,
      @NotEmpty(message = "{at-least-one-face}") @Size(max = 20, message = "{at-most-20-faces}")
          List<@NotNull(message = "{a-colour-such-as}") String> faces,
      @Nullable String trim) {}

  /** A part of a photo, as shares of it. */
  public record PatchView(
      @DecimalMin(value = "0", message = "{0-to-1}") @DecimalMax(value = "1", message = "{0-to-1}")
          double x,
      @DecimalMin(value = "0", message = "{0-to-1}") @DecimalMax(value = "1", message = "{0-to-1}")
          double y,
      @DecimalMin(value = "0", message = "{0-to-1}") @DecimalMax(value = "1", message = "{0-to-1}")
          double w,
      @DecimalMin(value = "0", message = "{0-to-1}") @DecimalMax(value = "1", message = "{0-to-1}")
          double h) {}

  /** Parts of a photo of the cloth. */
  public record ClothPatches(
      @NotNull(message = "{the-part-that-is-clean-cloth}") @Valid PatchView clean,
      @NotEmpty(message = "{at-least-one-face}") @Size(max = 20, message = "{at-most-20-faces}")
          List<@Valid @NotNull(message = "{a-patch}") PatchView> faces,
      @Nullable @Valid PatchView trim) {}

  /** Parts of a photo of a taped half-and-half. */
  public record HalfPatches(
      @NotNull(message = "{the-cleaned-side}") @Valid PatchView cleaned,
      @NotNull(message = "{the-other-side}") @Valid PatchView other) {}

  /** One face, with the numbers it was read by. */
  public record FaceView(String colour, double deltaE, double deltaL, double chroma, double hue) {}

  /** What the cloth says. */
  public record ClothReadingView(
      @Code(ClothReading.Taken.class) String taken,
      @Code(ClothReading.Progress.class) String progress,
      boolean stop,
      String text,
      String clean,
      @Nullable String trim,
      List<FaceView> faces) {}

  /** What a half-and-half says. */
  public record HalfView(
      String cleaned,
      String other,
      double deltaL,
      double deltaB,
      double deltaE,
      double sheenRatio,
      boolean seen,
      String text) {}
}
