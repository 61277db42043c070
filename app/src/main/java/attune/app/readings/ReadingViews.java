package attune.app.readings;

import attune.app.format.Code;
import attune.core.simulate.Instrument;
import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.LocalDateTime;
import java.util.UUID;

/** What goes in and out of the readings endpoints. */
final class ReadingViews {
  private ReadingViews() {}

  /**
   * What to read, and what it showed where it is typed in.
   *
   * @param surfaceId for gloss, moisture, surface temperature and cloth colour
   * @param productId and {@code ratio} for pH
   * @param value as read by hand, or null to ask the instrument
   * @param colour as #rrggbb, for the cloth, as read by hand
   */
  record ReadingRequest(
      @NotBlank(message = "{an-instrument}") @Code(Instrument.class) String instrument,
      @Nullable @Size(max = 80, message = "{at-most-80-characters}") String surfaceId,
      @Nullable @Size(max = 80, message = "{at-most-80-characters}") String productId,
      @Nullable @Size(max = 20, message = "{at-most-20-characters}") String ratio,
      @Nullable Double value,
      @Nullable String colour) {}

  /**
   * A reading.
   *
   * @param simulated true when a stand-in gave it
   * @param notYet why it is not valid yet, or null when it stands
   * @param says what a sheen means on this finish, or a pH beside what was expected; or null
   */
  record ReadingView(
      UUID id,
      @Code(Instrument.class) String instrument,
      @Nullable String surfaceId,
      @Nullable String productId,
      @Nullable String ratio,
      @Nullable Double value,
      @Nullable String colour,
      String unit,
      String device,
      boolean simulated,
      @Nullable String notYet,
      @Nullable String says,
      LocalDateTime at) {

    /** The same, with what it says of the surface. */
    ReadingView saying(String what) {
      return new ReadingView(
          id,
          instrument,
          surfaceId,
          productId,
          ratio,
          value,
          colour,
          unit,
          device,
          simulated,
          notYet,
          what,
          at);
    }
  }

  /** How many lines of a stream were taken in. */
  record Taken(int lines) {}
}
