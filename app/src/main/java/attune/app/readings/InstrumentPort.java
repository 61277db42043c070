package attune.app.readings;

import attune.core.simulate.Instrument;
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
  record Target(UUID jobId, String surfaceId, String productId, String ratio, long seed) {}

  /**
   * A reading as the instrument gave it.
   *
   * @param value in the instrument's unit; a colour as its number
   */
  record Measured(double value, String device, boolean simulated) {}

  /** A reading now, or empty when no such instrument answers. */
  Optional<Measured> read(Instrument instrument, Target target);
}
