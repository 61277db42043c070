package attune.core.schedule;

import java.util.OptionalInt;

/**
 * How long after the start of one activity another may start.
 *
 * @param from place of the earlier one in its network
 * @param to place of the later one
 * @param least seconds, 0 or more
 * @param most seconds, at least {@code least}; empty when it may wait as long as it likes
 */
public record Lag(int from, int to, int least, OptionalInt most) {
  public Lag {
    if (least < 0 || most.orElse(least) < least) {
      throw new IllegalArgumentException(
          "lag: found " + least + " to " + most + "; 0 or more, least before most");
    }
  }
}
