package attune.core.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * How one pair of hands works several pieces: while one sits, the next is laid or the one before is
 * worked, and somebody waits only where nothing else can be done. What would sit too long behind
 * the others is laid as late as that takes. What is laid is worked as soon as it has sat, the one
 * that would dry first before the others.
 */
public final class Leapfrog {
  /** A turn that nothing hurries, s. */
  static final int NO_END = Integer.MAX_VALUE / 4;

  private static final int FREE = -1;

  /**
   * One laying.
   *
   * @param piece what it is laid on; turns on one piece follow each other
   * @param layS seconds to lay it, 0 or more
   * @param sitS seconds it sits once laid
   * @param mostS seconds after its first stroke by which it has to be worked and wiped
   * @param workS seconds to work and wipe it
   */
  public record Turn(int piece, int layS, int sitS, int mostS, int workS) {
    /** Nobody's work: the piece dries before its next turn, or whoever works it rests. */
    public static Turn pause(int piece, int seconds) {
      return new Turn(piece, 0, seconds, NO_END, 0);
    }

    private boolean isPause() {
      return layS == 0 && workS == 0;
    }
  }

  /** When a turn is laid, taken up and wiped, in seconds from the start. */
  public record Taken(int laid, int begun, int ended) {}

  /**
   * All turns put one after another.
   *
   * @param seconds from the first stroke to the last wipe
   * @param handsS of them, with hands on
   */
  public record Course(List<Taken> turns, int seconds, int handsS) {
    public Course {
      turns = List.copyOf(turns);
    }

    /** Seconds in which nothing could be done. */
    public int idleS() {
      return seconds - handsS;
    }
  }

  private final List<Turn> turns;
  private final int atOnce;
  private final int[] laid;
  private final int[] begun;
  private final List<Integer> sitting = new ArrayList<>();
  private int now;

  private Leapfrog(List<Turn> turns, int atOnce) {
    this.turns = turns;
    this.atOnce = atOnce;
    this.laid = new int[turns.size()];
    this.begun = new int[turns.size()];
    Arrays.fill(laid, FREE);
    Arrays.fill(begun, FREE);
  }

  /**
   * @param atOnce how many pieces may sit at a time, 1 or more; what only dries or waits is not
   *     among them
   */
  public static Course of(List<Turn> turns, int atOnce) {
    return new Leapfrog(turns, atOnce).run();
  }

  private Course run() {
    int hands = turns.stream().mapToInt(turn -> turn.layS() + turn.workS()).sum();
    while (true) {
      int due = due();
      int next = next();
      if (next != FREE && mayBeLaid(next, now)) {
        lay(next);
      } else if (due != FREE) {
        work(due);
      } else if (!sitting.isEmpty()) {
        int ready = sitting.stream().mapToInt(this::ready).filter(t -> t > now).min().getAsInt();
        now = Math.min(ready, next == FREE ? ready : earliest(next));
      } else {
        break;
      }
    }
    List<Taken> taken = new ArrayList<>();
    for (int i = 0; i < turns.size(); i++) {
      taken.add(new Taken(laid[i], begun[i], begun[i] + turns.get(i).workS()));
    }
    return new Course(taken, now, hands);
  }

  private boolean mayBeLaid(int next, int at) {
    long laidNow = sitting.stream().filter(i -> !turns.get(i).isPause()).count();
    return laidNow == 0 || (turns.get(next).isPause() || laidNow < atOnce) && leaves(next, at);
  }

  /** When it can be laid so that it has not sat too long once the others are worked. */
  private int earliest(int next) {
    int worked = now;
    for (int i : byDeadline(sitting)) {
      worked = turns.get(i).isPause() ? worked : Math.max(worked, ready(i)) + turns.get(i).workS();
    }
    int at = worked + turns.get(next).workS() - turns.get(next).mostS();
    return at > now && mayBeLaid(next, at) ? at : Integer.MAX_VALUE;
  }

  private int ready(int i) {
    return laid[i] + turns.get(i).layS() + turns.get(i).sitS();
  }

  private int deadline(int i, int laidAt) {
    return (int) Math.min(Integer.MAX_VALUE / 2, (long) laidAt + turns.get(i).mostS());
  }

  /** What has sat long enough and leaves the others their time, the soonest to dry first. */
  private int due() {
    List<Integer> ready =
        sitting.stream()
            .filter(i -> ready(i) <= now)
            .sorted(
                Comparator.comparingInt((Integer i) -> deadline(i, laid[i])).thenComparing(i -> i))
            .toList();
    for (int i : ready) {
      List<Integer> others = sitting.stream().filter(j -> j != i).toList();
      if (inTime(others, now + turns.get(i).workS())) {
        return i;
      }
    }
    boolean all = ready.size() == sitting.size();
    return all && !ready.isEmpty() ? ready.get(0) : FREE;
  }

  /** True when all of these are worked in their time, begun at a moment. */
  private boolean inTime(List<Integer> waiting, int from) {
    int time = from;
    for (int i : byDeadline(waiting)) {
      time = Math.max(time, ready(i)) + turns.get(i).workS();
      if (time > deadline(i, laid[i])) {
        return false;
      }
    }
    return true;
  }

  private List<Integer> byDeadline(List<Integer> waiting) {
    return waiting.stream().sorted(Comparator.comparingInt(i -> deadline(i, laid[i]))).toList();
  }

  /** The first that can be laid: nothing sits on its piece, and its earlier turns are done. */
  private int next() {
    for (int i = 0; i < laid.length; i++) {
      if (laid[i] == FREE && isFree(i)) {
        return i;
      }
    }
    return FREE;
  }

  private boolean isFree(int i) {
    for (int j = 0; j < laid.length; j++) {
      boolean same = turns.get(j).piece() == turns.get(i).piece();
      if (same && (sitting.contains(j) || j < i && begun[j] == FREE)) {
        return false;
      }
    }
    return true;
  }

  /** True when, with this laid at a moment, everything that sits is still worked in its time. */
  private boolean leaves(int next, int at) {
    laid[next] = at;
    List<Integer> all = new ArrayList<>(sitting);
    all.add(next);
    boolean kept = inTime(all, at + turns.get(next).layS());
    laid[next] = FREE;
    return kept;
  }

  private void lay(int i) {
    laid[i] = now;
    now += turns.get(i).layS();
    sitting.add(i);
  }

  private void work(int i) {
    begun[i] = now;
    now += turns.get(i).workS();
    sitting.remove(Integer.valueOf(i));
  }
}
