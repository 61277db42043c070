package attune.core.schedule;

import java.util.List;
import java.util.OptionalInt;
import java.util.Set;

/**
 * Work for one pair of hands, a wait, or a milestone of no length.
 *
 * @param id unique in its network
 * @param seconds 0 or more, never interrupted
 * @param skills what its person must be allowed to do
 * @param holds zones and kit kept from everyone else meanwhile
 * @param gates true when the car is not ready before its end
 * @param station where on the way round the car it is; empty for what has no place of its own
 * @param at when it has to start, seconds after midnight of the first day, where somebody said so
 */
public record Activity(
    String id,
    int seconds,
    Hands hands,
    Set<Skill> skills,
    List<String> holds,
    boolean gates,
    OptionalInt station,
    OptionalInt at) {

  /** Whom it needs. */
  public enum Hands {
    NOBODY,
    SOMEBODY
  }

  public Activity {
    if (seconds < 0) {
      throw new IllegalArgumentException("seconds: found " + seconds + "; 0 or more is allowed");
    }
    skills = Set.copyOf(skills);
    holds = List.copyOf(holds);
  }

  /** Work that anyone may do. */
  public static Activity work(String id, int seconds, List<String> holds) {
    return new Activity(
        id,
        seconds,
        Hands.SOMEBODY,
        Set.of(),
        holds,
        true,
        OptionalInt.empty(),
        OptionalInt.empty());
  }

  /** A wait that needs nobody; a length of 0 makes a milestone. */
  public static Activity waiting(String id, int seconds, boolean gates) {
    return new Activity(
        id,
        seconds,
        Hands.NOBODY,
        Set.of(),
        List.of(),
        gates,
        OptionalInt.empty(),
        OptionalInt.empty());
  }

  /** The same, for people of these skills. */
  public Activity by(Set<Skill> needed) {
    return new Activity(id, seconds, hands, needed, holds, gates, station, at);
  }

  /** The same, started when somebody said. */
  public Activity at(int start) {
    return new Activity(id, seconds, hands, skills, holds, gates, station, OptionalInt.of(start));
  }

  /** The same at a station of the way round the car. */
  public Activity in(int place) {
    return new Activity(id, seconds, hands, skills, holds, gates, OptionalInt.of(place), at);
  }

  boolean needsHands() {
    return hands == Hands.SOMEBODY;
  }
}
