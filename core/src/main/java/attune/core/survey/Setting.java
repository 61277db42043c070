package attune.core.survey;

import attune.core.check.Coded;
import attune.core.measure.Air;
import attune.core.measure.Celsius;
import java.time.LocalDateTime;
import java.util.Optional;

/**
 * Where, when and in what air the job is done. Times are local, without offset.
 *
 * @param surfaceTemp measured, or empty to take it from air and sun
 * @param people working at once, 1 to 4
 */
public record Setting(
    Place place,
    Air air,
    Sun sun,
    Optional<Celsius> surfaceTemp,
    int people,
    LocalDateTime start,
    Optional<LocalDateTime> returnBy,
    Climate climate) {

  /** Where the work is done. */
  public enum Place implements Coded {
    STUDIO,
    MOBILE
  }

  /** Sun on the surfaces. */
  public enum Sun implements Coded {
    NONE,
    THROUGH_GLASS,
    DIRECT
  }

  /** Climate the car lives in. */
  public enum Climate implements Coded {
    TEMPERATE,
    HOT,
    COLD_WET
  }
}
