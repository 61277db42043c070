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

  /** The same, begun at another time. */
  public Setting startingAt(LocalDateTime time) {
    return new Setting(place, air, sun, surfaceTemp, people, time, returnBy, climate);
  }

  /** The same with this many people. */
  public Setting by(int count) {
    return new Setting(place, air, sun, surfaceTemp, count, start, returnBy, climate);
  }

  /** The same in other air. */
  public Setting in(Air other) {
    return new Setting(place, other, sun, surfaceTemp, people, start, returnBy, climate);
  }

  /** The same with other sun. */
  public Setting under(Sun other) {
    return new Setting(place, air, other, surfaceTemp, people, start, returnBy, climate);
  }
}
