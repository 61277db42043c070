package attune.core.survey;

import attune.core.check.Coded;
import attune.core.measure.Air;
import attune.core.measure.Celsius;
import java.time.LocalDateTime;
import java.util.Optional;
import java.util.Set;

/**
 * Where, when and in what air the job is done. Times are local, without offset.
 *
 * @param surfaceTemp measured, or empty to take it from air and sun
 * @param people working at once, 1 to 4
 * @param breaks as this job has them; empty for the shop's usual ones
 * @param reception what was seen when the vehicle came in
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
    Optional<Breaks> breaks,
    Reception reception) {

  /** With the shop's usual breaks, and nothing special seen when the car came in. */
  public Setting(
      Place place,
      Air air,
      Sun sun,
      Optional<Celsius> surfaceTemp,
      int people,
      LocalDateTime start,
      Optional<LocalDateTime> returnBy,
      Climate climate) {
    this(
        place,
        air,
        sun,
        surfaceTemp,
        people,
        start,
        returnBy,
        climate,
        Optional.empty(),
        Reception.NOTHING);
  }

  /**
   * What was seen when the vehicle came in.
   *
   * @param faults lamps that are on and what is broken: a licensed workshop before anything wet
   * @param coaters who may coat, by name; empty for everybody whose skills say so
   */
  public record Reception(Set<FaultSeen> faults, ChildSeat childSeat, Set<String> coaters) {
    public static final Reception NOTHING = new Reception(Set.of(), ChildSeat.NONE, Set.of());

    public Reception {
      faults = Set.copyOf(faults);
      coaters = Set.copyOf(coaters);
    }
  }

  /** Faults that keep liquid away until a licensed workshop has seen them. */
  public enum FaultSeen implements Coded {
    AIRBAG_LAMP,
    BELT_LAMP,
    SEAT_HEATER,
    OCCUPANCY_MAT,
    CRACKED_SCREEN
  }

  /** Whether a child seat is in the car, and what happens to it. */
  public enum ChildSeat implements Coded {
    NONE,
    IN,
    OUT
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
    return new Setting(
        place, air, sun, surfaceTemp, people, time, returnBy, climate, breaks, reception);
  }

  /** The same with this many people. */
  public Setting by(int count) {
    return new Setting(
        place, air, sun, surfaceTemp, count, start, returnBy, climate, breaks, reception);
  }

  /** The same in other air. */
  public Setting in(Air other) {
    return new Setting(
        place, other, sun, surfaceTemp, people, start, returnBy, climate, breaks, reception);
  }

  /** The same with other sun. */
  public Setting under(Sun other) {
    return new Setting(
        place, air, other, surfaceTemp, people, start, returnBy, climate, breaks, reception);
  }
}
