package attune.core.schedule;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Finds a good schedule: builds one in the order of a visit and one by what has most still to wait
 * for, then moves groups about in the better one as long as that helps. Deterministic.
 */
public final class Scheduler {
  /** Activities placed in all while improving; keeps 150 activities under a tenth of a second. */
  private static final int EFFORT = 50_000;

  /** Moves in a row that did not help. */
  private static final int PATIENCE = 250;

  /** Moves that did not help before several are made at once. */
  private static final int KICK = 40;

  private static final int KICKED = 3;
  private static final int QUICK = 8;
  private static final long SEED = 0x9E3779B97F4A7C15L;

  private Scheduler() {}

  /**
   * The best schedule found for this crew or for the first few of it, so that one more person never
   * makes it later. More of them work where that has it ready sooner, or hands off sooner on some
   * day.
   */
  public static Schedule of(Network network) {
    Schedule best = null;
    for (int people = 1; people <= network.crew().size(); people++) {
      List<Worker> some = network.crew().subList(0, people);
      if (network.canBeDoneBy(some)) {
        boolean whole = people == network.crew().size();
        Schedule found = new Search(network.with(some), whole ? 1 : QUICK).run();
        best = best == null || isWorthMorePeople(network, found, best) ? found : best;
      }
    }
    if (best == null) {
      throw new IllegalArgumentException("crew: found nobody");
    }
    return best;
  }

  private static boolean isWorthMorePeople(Network network, Schedule more, Schedule fewer) {
    return more.isBetterThan(fewer)
        || !fewer.isBetterThan(more) && dayEnds(network, more) < dayEnds(network, fewer);
  }

  /** When the last hands are off on each day, summed up over the days. */
  private static long dayEnds(Network network, Schedule schedule) {
    Map<Integer, Integer> ends = new HashMap<>();
    for (int i = 0; i < network.activities().size(); i++) {
      Activity activity = network.activities().get(i);
      if (activity.needsHands()) {
        int end = schedule.starts().get(i) + activity.seconds();
        ends.merge(end / Worker.DAY, end, Math::max);
      }
    }
    return ends.values().stream().mapToLong(Integer::longValue).sum();
  }

  /**
   * The schedule of a network with nothing said, after somebody said when some of it starts: that
   * starts then, what it pushes starts later, and the rest of the day stays where it was.
   *
   * @param network with the starts somebody said
   */
  public static Schedule moved(Network network, Schedule before) {
    return Paced.moved(network, before);
  }

  /** A schedule to compare with, found in an eighth of the effort. */
  public static Schedule quick(Network network) {
    return new Search(network, QUICK).run();
  }

  private static final class Search {
    private final Network network;
    private final Groups groups;
    private final Placing placing;
    private final int soonest;
    private final int ofAll;
    private long random = SEED;

    /**
     * @param ofAll what share of the effort: less for a crew that is only there to compare with
     */
    Search(Network network, int ofAll) {
      this.ofAll = ofAll;
      this.network = network;
      this.groups = new Groups(network);
      this.placing = new Placing(network, groups);
      this.soonest = Bounds.soonestReady(network);
    }

    Schedule run() {
      int[] natural = groups.natural();
      int[] byTail = byTail();
      Schedule first = placing.place(natural);
      Schedule second = placing.place(byTail);
      boolean tail = second.isBetterThan(first);
      return improve(tail ? byTail : natural, tail ? second : first);
    }

    /** Climbs; where nothing helps any more, goes on from a little way off the best. */
    private Schedule improve(int[] start, Schedule begun) {
      int[] order = start.clone();
      int[] bestOrder = start.clone();
      int[] place = new int[order.length];
      Schedule now = begun;
      Schedule best = begun;
      int rounds = EFFORT / Math.max(1, network.activities().size()) / ofAll;
      int idle = 0;
      for (int round = 0; round < rounds && idle < PATIENCE && best.ready() > soonest; round++) {
        idle++;
        boolean kick = idle % KICK == 0;
        if (kick) {
          System.arraycopy(bestOrder, 0, order, 0, order.length);
        }
        int from = next(order.length);
        int to = target(order, place, from);
        move(order, from, to);
        for (int more = 0; kick && more < KICKED; more++) {
          int other = next(order.length);
          move(order, other, target(order, place, other));
        }
        Schedule tried = placing.place(order);
        if (!kick && now.isBetterThan(tried)) {
          move(order, to, from);
          continue;
        }
        now = tried;
        if (tried.isBetterThan(best)) {
          best = tried;
          System.arraycopy(order, 0, bestOrder, 0, order.length);
          idle = 0;
        }
      }
      return best;
    }

    /** Somewhere between the last of what comes before this group and the first of what follows. */
    private int target(int[] order, int[] place, int from) {
      for (int i = 0; i < order.length; i++) {
        place[order[i]] = i;
      }
      int low = 0;
      int high = order.length - 1;
      for (int before : groups.before[order[from]]) {
        low = Math.max(low, place[before] + 1);
      }
      for (int behind : groups.behind[order[from]]) {
        high = Math.min(high, place[behind] - 1);
      }
      return low + next(high - low + 1);
    }

    private static void move(int[] order, int from, int to) {
      int moved = order[from];
      if (from < to) {
        System.arraycopy(order, from + 1, order, from, to - from);
      } else {
        System.arraycopy(order, to, order, to + 1, from - to);
      }
      order[to] = moved;
    }

    /** Those first that most time has to follow. */
    private int[] byTail() {
      int[] tails = Bounds.tails(network);
      int[] order = new int[groups.members.length];
      boolean[] done = new boolean[order.length];
      for (int at = 0; at < order.length; at++) {
        int next = -1;
        int most = -1;
        for (int g = 0; g < order.length; g++) {
          boolean may = !done[g] && Arrays.stream(groups.before[g]).allMatch(b -> done[b]);
          int tail = Arrays.stream(groups.members[g]).map(i -> tails[i]).max().orElse(0);
          if (may && tail > most) {
            next = g;
            most = tail;
          }
        }
        done[next] = true;
        order[at] = next;
      }
      return order;
    }

    private int next(int bound) {
      random ^= random << 13;
      random ^= random >>> 7;
      random ^= random << 17;
      return (int) Math.floorMod(random, (long) bound);
    }
  }
}
