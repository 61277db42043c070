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
 * @param breaks as this job has them; empty for the shop's usual ones
 */
public record Setting(
    Place place,
    Air air,
    Sun sun,
    Optional<Celsius> surfaceTemp,
    int people,
    LocalDateTime start,
    Optional<LocalDateTime> returnBy,
    Climate climate,
    Optional<Breaks> breaks) {

  /** With the shop's usual breaks. */
  public Setting(
      Place place,
      Air air,
      Sun sun,
      Optional<Celsius> surfaceTemp,
      int people,
      LocalDateTime start,
      Optional<LocalDateTime> returnBy,
      Climate climate) {
    this(place, air, sun, surfaceTemp, people, start, returnBy, climate, Optional.empty());
  }

  /**
   * When people rest.
   *
   * @param everyMin hands-on minutes between two rests at most, 30 to 240
   * @param min how long a rest is, minutes, 5 to 60
   */
  public record Breaks(int everyMin, int min) {}

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
    return new Setting(place, air, sun, surfaceTemp, people, time, returnBy, climate, breaks);
  }

  /** The same with this many people. */
  public Setting by(int count) {
    return new Setting(place, air, sun, surfaceTemp, count, start, returnBy, climate, breaks);
  }

  /** The same in other air. */
  public Setting in(Air other) {
    return new Setting(place, other, sun, surfaceTemp, people, start, returnBy, climate, breaks);
  }

  /** The same with other sun. */
  public Setting under(Sun other) {
    return new Setting(place, air, other, surfaceTemp, people, start, returnBy, climate, breaks);
  }
}
