package attune.core.survey;

import java.util.Set;

/**
 * Who sits in a zone, by the first word of it. Zones are free words of a job file: one that begins
 * with none of these may be the driver's and a child's as well.
 */
public final class SeatZone {
  /** At the wheel, the helm or the yoke, on whichever side that is. */
  private static final Set<String> DRIVERS = Set.of("front", "driver", "helm", "pilot");

  private static final Set<String> PASSENGERS =
      Set.of("rear", "second", "third", "back", "cockpit");

  private SeatZone() {}

  /** Whether it is known who sits there. */
  public static boolean isKnown(String zone) {
    return DRIVERS.contains(first(zone)) || PASSENGERS.contains(first(zone));
  }

  static boolean mayBeDrivers(String zone) {
    return !PASSENGERS.contains(first(zone));
  }

  /** Which front seat is the driver's is not read from its zone: the other may hold one. */
  static boolean isDriversAlone(String zone) {
    return DRIVERS.contains(first(zone)) && !first(zone).equals("front");
  }

  static boolean mayHoldChildSeat(String zone) {
    return !DRIVERS.contains(first(zone));
  }

  private static String first(String zone) {
    return zone.split("-", 2)[0];
  }
}
