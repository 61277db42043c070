package attune.core.run;

import java.util.List;
import java.util.Optional;

/**
 * A step of a run.
 *
 * @param surfaceIds where it is done
 * @param covers the panels its result speaks for; a test spot speaks for all it was made for
 * @param hands false for a wait, which runs by itself when what it follows is done
 * @param person who was planned to do it
 * @param seconds planned length, 0 or more
 * @param after steps it follows
 * @param gapS seconds to wait after them, as between two products
 * @param rung of the panel's ladder, from 1; 0 for what is no cleaning, {@link #SPOT} for a stain.
 *     Rungs above the first are held until a result leads to them
 * @param looked how it is judged; empty where a tick is all
 */
public record RunTask(
    String id,
    List<String> surfaceIds,
    List<String> covers,
    boolean hands,
    Optional<String> person,
    int seconds,
    List<String> after,
    int gapS,
    int rung,
    Optional<Looked> looked) {
  /** The rung of a step about a stain: no rung leads on from it, what stays is left. */
  public static final int SPOT = -1;

  /** Begun as soon as what it follows is over. */
  public RunTask(
      String id,
      List<String> surfaceIds,
      List<String> covers,
      boolean hands,
      Optional<String> person,
      int seconds,
      List<String> after,
      int rung,
      Optional<Looked> looked) {
    this(id, surfaceIds, covers, hands, person, seconds, after, 0, rung, looked);
  }

  public RunTask {
    surfaceIds = List.copyOf(surfaceIds);
    covers = List.copyOf(covers);
    after = List.copyOf(after);
  }

  boolean isOnlyAt(String surfaceId) {
    return surfaceIds.size() == 1 && surfaceIds.get(0).equals(surfaceId);
  }
}
