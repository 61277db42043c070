package attune.core.train;

import attune.core.check.Coded;
import java.util.List;

/**
 * Something done to a model panel.
 *
 * @param means which of the exercise's treatments; counts where one is laid or worked
 * @param cells touched, in order; one that is gone over twice stands twice; of a coat its area
 * @param seconds waited, besides what the hands take
 */
public record Deed(Act act, int means, List<Integer> cells, double seconds) {
  /** What is done. */
  public enum Act implements Coded {
    VACUUM,
    LAY,
    /** Thinner than is meant. */
    DAMP,
    /** Until it runs. */
    SOAK,
    WORK,
    BLOW,
    MIST,
    WAIT,
    WIPE,
    BLOT,
    /** A clean face of the cloth. */
    TURN,
    /** A coat laid on an area. */
    APPLY,
    /** A coat levelled. */
    LEVEL;

    /** True for what is done to a coat and not to a panel that is cleaned. */
    public boolean isOfCoat() {
      return this == APPLY || this == LEVEL;
    }

    /** True for what puts cleaner on. */
    public boolean lays() {
      return this == LAY || this == DAMP || this == SOAK;
    }
  }

  public Deed {
    cells = List.copyOf(cells);
  }

  static Deed on(Act act, int means, List<Integer> cells) {
    return new Deed(act, means, cells, 0);
  }

  static Deed waiting(double seconds) {
    return new Deed(Act.WAIT, 0, List.of(), seconds);
  }
}
