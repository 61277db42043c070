package attune.core.run;

import java.time.Duration;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.zone.ZoneOffsetTransition;

/**
 * How long something has waited where clocks are put forward and back. Times of a shop are local;
 * what dries or cures does not know of the clock on the wall. A time that the wall shows twice is
 * taken as the one that makes the wait end later: a wait is never over early.
 *
 * @param zone whose clocks the shop goes by
 */
public record WaitClock(ZoneId zone) {
  /** The time the wall shows when a wait is over, whatever was done to the clocks meanwhile. */
  public LocalDateTime endOf(LocalDateTime from, Duration length) {
    ZonedDateTime end = from.atZone(zone).withLaterOffsetAtOverlap().plus(length);
    LocalDateTime shown = end.toLocalDateTime();
    ZoneOffsetTransition twice = zone.getRules().getTransition(shown);
    boolean secondTime = twice != null && end.getOffset().equals(twice.getOffsetAfter());
    return secondTime ? twice.getDateTimeBefore() : shown;
  }

  public LocalDateTime endOf(LocalDateTime from, long seconds) {
    return endOf(from, Duration.ofSeconds(seconds));
  }
}
