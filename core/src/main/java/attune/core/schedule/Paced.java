package attune.core.schedule;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import java.util.stream.IntStream;

/**
 * A schedule as people can live with it: in the same order and by the same hands, each is rested in
 * time and has gone where the next piece of work is before it is begun.
 */
final class Paced {
  private final Network network;
  private final Lag[][] into;
  private final int[] floor;
  private final int[] begun;
  private final int[] worker;
  private final int[] start;
  private final int[] free;
  private final int[] hands;
  private final int[] cameAt;
  private final boolean[] ate;
  private final int[] last;
  private final Map<String, int[]> units = new HashMap<>();
  private final List<Rest> rests = new ArrayList<>();

  private Paced(Network network, Lag[][] into, int[] begun, int[] worker, int[] floor) {
    this.network = network;
    this.into = into;
    this.floor = floor;
    this.begun = begun;
    this.worker = worker;
    this.start = new int[begun.length];
    int crew = network.crew().size();
    this.free = new int[crew];
    this.hands = new int[crew];
    this.cameAt = new int[crew];
    this.ate = new boolean[crew];
    this.last = new int[crew];
    Arrays.fill(last, -1);
  }

  /** The same work, rested and walked. */
  static Schedule of(Network network, Lag[][] into, int[] begun, int[] worker) {
    if (network.pauses().equals(Pauses.NONE)) {
      return Schedule.of(network, begun, worker, List.of());
    }
    return new Paced(network, into, begun, worker, new int[begun.length]).run();
  }

  /**
   * A schedule in which somebody said when some things start: those start then, what they push
   * starts later, and the rest of the day stays where it was.
   */
  static Schedule moved(Network network, Schedule before) {
    int[] floor = before.starts().stream().mapToInt(Integer::intValue).toArray();
    int[] begun = floor.clone();
    for (int i = 0; i < begun.length; i++) {
      begun[i] = network.activities().get(i).at().orElse(begun[i]);
    }
    int[] worker = before.workers().stream().mapToInt(Integer::intValue).toArray();
    return new Paced(network, into(network), begun, worker, floor).run();
  }

  /** What each activity waits for. */
  static Lag[][] into(Network network) {
    List<List<Lag>> lists = new ArrayList<>();
    network.activities().forEach(activity -> lists.add(new ArrayList<>()));
    network.lags().forEach(lag -> lists.get(lag.to()).add(lag));
    return lists.stream().map(list -> list.toArray(Lag[]::new)).toArray(Lag[][]::new);
  }

  /** In the order begun, yet nothing before what it waits for. */
  private Schedule run() {
    int[] open = new int[begun.length];
    List<List<Integer>> behind = new ArrayList<>();
    for (int i = 0; i < begun.length; i++) {
      behind.add(new ArrayList<>());
    }
    for (int i = 0; i < begun.length; i++) {
      for (Lag lag : into[i]) {
        open[i]++;
        behind.get(lag.from()).add(i);
      }
    }
    PriorityQueue<Integer> next =
        new PriorityQueue<>(Comparator.comparingInt((Integer i) -> begun[i]).thenComparing(i -> i));
    IntStream.range(0, begun.length).filter(i -> open[i] == 0).forEach(next::add);
    while (!next.isEmpty()) {
      int i = next.remove();
      put(i);
      for (int later : behind.get(i)) {
        open[later]--;
        if (open[later] == 0) {
          next.add(later);
        }
      }
    }
    return Schedule.of(network, start, worker, rests);
  }

  private void put(int i) {
    Activity activity = network.activities().get(i);
    int time = network.start();
    for (Lag lag : into[i]) {
      time = Math.max(time, start[lag.from()] + lag.least());
    }
    if (activity.at().isPresent()) {
      start[i] = begun[i];
    } else if (worker[i] < 0) {
      start[i] = time;
      return;
    } else {
      start[i] = soonest(i, activity, time);
    }
    if (worker[i] >= 0) {
      took(i, activity);
    }
  }

  private int soonest(int i, Activity activity, int earliest) {
    int w = worker[i];
    int way = last[w] < 0 ? 0 : network.pauses().way(network.activities().get(last[w]), activity);
    int time = Math.max(Math.max(earliest, floor[i]), free[w] + way);
    for (String thing : activity.holds()) {
      time = Math.max(time, Arrays.stream(unit(thing)).min().orElse(0));
    }
    int idle = time - free[w];
    Pauses p = network.pauses();
    boolean tired = p.everyS() > 0 && hands[w] > 0 && hands[w] + activity.seconds() > p.everyS();
    if (tired && sameDay(free[w], time)) {
      int length = meal(w, time) ? p.mealS() : p.restS();
      int rested = idle < length ? free[w] + length + way : time;
      int begins = fit(w, rested, activity);
      if (sameDay(free[w], begins)) { // else the night is rest enough
        rested(w, length);
      }
      return begins;
    }
    return fit(w, time, activity);
  }

  private int fit(int w, int time, Activity activity) {
    return network.crew().get(w).fit(time, activity.seconds(), network.start());
  }

  private void rested(int w, int length) {
    rests.add(new Rest(w, free[w], length));
    hands[w] = 0;
    ate[w] |= length >= network.pauses().mealS();
  }

  /** The rest in the middle of a long shift is the meal. */
  private boolean meal(int w, int time) {
    int until = 0;
    for (int j = 0; j < begun.length; j++) {
      if (worker[j] == w && sameDay(begun[j], time)) {
        until = Math.max(until, begun[j] + network.activities().get(j).seconds());
      }
    }
    Pauses p = network.pauses();
    return !ate[w]
        && until - cameAt[w] > p.shiftS()
        && time - cameAt[w] >= p.shiftS() / 2 - p.everyS() / 4;
  }

  private static boolean sameDay(int a, int b) {
    return a / Worker.DAY == b / Worker.DAY;
  }

  private void took(int i, Activity activity) {
    int w = worker[i];
    boolean first = last[w] < 0 || !sameDay(start[last[w]], start[i]);
    if (first) {
      cameAt[w] = start[i];
      ate[w] = false;
      hands[w] = 0;
    } else if (start[i] - free[w] >= network.pauses().restS() && !restsAt(w, free[w])) {
      hands[w] = 0;
      ate[w] |= start[i] - free[w] >= network.pauses().mealS();
    }
    hands[w] += activity.seconds();
    free[w] = Math.max(free[w], start[i] + activity.seconds());
    last[w] = i;
    for (String thing : activity.holds()) {
      int[] all = unit(thing);
      int soonest = 0;
      for (int u = 1; u < all.length; u++) {
        soonest = all[u] < all[soonest] ? u : soonest;
      }
      all[soonest] = start[i] + activity.seconds();
    }
  }

  private boolean restsAt(int w, int time) {
    return !rests.isEmpty()
        && rests.get(rests.size() - 1).worker() == w
        && rests.get(rests.size() - 1).start() == time;
  }

  private int[] unit(String thing) {
    return units.computeIfAbsent(thing, t -> new int[network.kit().getOrDefault(t, 1)]);
  }
}
