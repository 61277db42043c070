package attune.app.readings;

import attune.core.simulate.Instrument;
import jakarta.annotation.Nullable;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;

/** Port to the instruments at the bench. */
interface InstrumentPort {
  /**
   * What is measured.
   *
   * @param surfaceId for what reads a surface, else null
   * @param productId and {@code ratio} for the pH of a mix, else null
   * @param seed changes from reading to reading
   */
  record Target(
      UUID jobId,
      @Nullable String surfaceId,
      @Nullable String productId,
      @Nullable String ratio,
      long seed) {
    /** The panel, of an instrument that reads one. */
    String surface() {
      return Objects.requireNonNull(surfaceId);
    }

    /** The product, of a pH meter. */
    String product() {
      return Objects.requireNonNull(productId);
    }

    /** How it is mixed, of a pH meter. */
    String mix() {
      return Objects.requireNonNull(ratio);
    }
  }

  /**
   * A reading as the instrument gave it.
   *
   * @param value in the instrument's unit; a colour as its number
   */
  record Measured(double value, String device, boolean simulated) {}

  /** A reading now, or empty when no such instrument answers. */
  Optional<Measured> read(Instrument instrument, Target target);
}
