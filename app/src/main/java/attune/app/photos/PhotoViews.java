package attune.app.photos;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;

/** What goes in and out of the photo endpoints. */
public final class PhotoViews {
  private PhotoViews() {}

  /** When in a job a photo is taken. */
  public enum Moment {
    FOUND,
    TEST_SPOT,
    HALF_AND_HALF,
    CLOTH,
    DONE
  }

  /**
   * A photo.
   *
   * @param line from and to of the half-and-half's line, x and y as shares of the picture
   */
  public record PhotoView(
      UUID id,
      @Nullable String surfaceId,
      Moment moment,
      @Nullable String caption,
      int width,
      int height,
      @Nullable List<Double> line,
      LocalDateTime at) {}

  /** What is said of a photo; all of it replaces what was said before. */
  public record PhotoForm(
      @Nullable @Size(max = 80, message = "{at-most-80-characters}") String surfaceId,
      @NotNull(message = "{a-moment}") Moment moment,
      @Nullable @Size(max = 200, message = "{at-most-200-characters}") String caption,
      @Nullable @Size(min = 4, max = 4, message = "{x-and-y-of-both-ends}")
          List<
                  @NotNull(message = "{a-number}") @DecimalMin(value = "0", message = "{0-to-1}")
                  @DecimalMax(value = "1", message = "{0-to-1}") Double>
              line) {}
}
