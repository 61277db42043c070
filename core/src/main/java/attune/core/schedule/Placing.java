package attune.core.schedule;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;

/**
 * Puts activities on the clock one group after another, each as early as those before leave room
 * for: a serial schedule that also fills gaps.
 */
final class Placing {
  private static final int FREE = -1;
  private static final int NEVER = Integer.MAX_VALUE / 4;
  private static final int MOST_TRIES = 20_000;

  private final Network network;
  private final Groups groups;
  private final int[] seconds;
  private final int[][] lagsInto;
  private final int[][] lagsOutOf;
  private final Lag[] lags;
  private final Lag[][] into;
  private final int[][] able;
  private final int[][] holds;
  private final Timeline[][] units;
  private final Timeline[] people;
  private final int[] start;
  private final int[] worker;
  private final int[][] unit;
  private int bestWorker;
  private int[] bestUnit = new int[0];

  Placing(Network network, Groups groups) {
    this.network = network;
    this.groups = groups;
    int count = network.activities().size();
    lags = network.lags().toArray(Lag[]::new);
    into = Paced.into(network);
    seconds = network.activities().stream().mapToInt(Activity::seconds).toArray();
    lagsInto = new int[count][];
    lagsOutOf = new int[count][];
    for (int i = 0; i < count; i++) {
      int at = i;
      lagsInto[i] = indices(l -> lags[l].to() == at);
      lagsOutOf[i] = indices(l -> lags[l].from() == at);
    }
    able = network.activities().stream().map(this::able).toArray(int[][]::new);
    Map<String, Integer> things = new LinkedHashMap<>();
    holds = new int[count][];
    for (int i = 0; i < count; i++) {
      holds[i] =
          network.activities().get(i).holds().stream()
              .mapToInt(thing -> things.computeIfAbsent(thing, t -> things.size()))
              .toArray();
    }
    units = new Timeline[things.size()][];
    things.forEach((thing, at) -> units[at] = timelines(network.kit().getOrDefault(thing, 1)));
    people = timelines(network.crew().size());
    start = new int[count];
    worker = new int[count];
    unit = new int[count][];
    for (int i = 0; i < count; i++) {
      unit[i] = new int[holds[i].length];
    }
  }

  private int[] indices(IntPredicate wanted) {
    return IntStream.range(0, lags.length).filter(wanted).toArray();
  }

  private int[] able(Activity activity) {
    if (!activity.needsHands()) {
      return new int[0];
    }
    List<Integer> who = new ArrayList<>();
    for (int w = 0; w < network.crew().size(); w++) {
      if (network.crew().get(w).can(activity)) {
        who.add(w);
      }
    }
    return who.stream().mapToInt(Integer::intValue).toArray();
  }

  private static Timeline[] timelines(int count) {
    Timeline[] made = new Timeline[count];
    Arrays.setAll(made, i -> new Timeline());
    return made;
  }

  /** Places every group in an order that keeps what comes before what. */
  Schedule place(int[] order) {
    Arrays.stream(people).forEach(Timeline::clear);
    for (Timeline[] thing : units) {
      Arrays.stream(thing).forEach(Timeline::clear);
    }
    Arrays.fill(start, FREE);
    Arrays.fill(worker, -1);
    for (int i = 0; i < start.length; i++) {
      if (network.activities().get(i).at().isPresent()) {
        putAsSaid(i, network.activities().get(i).at().getAsInt());
      }
    }
    for (int g : order) {
      placeGroup(groups.members[g]);
    }
    return Paced.of(network, into, start, worker);
  }

  private void placeGroup(int[] members) {
    int floor = network.start();
    for (int tries = 0; tries < MOST_TRIES; tries++) {
      int late = 0;
      int placed = 0;
      for (; placed < members.length && late == 0; placed++) {
        int i = members[placed];
        if (network.activities().get(i).at().isPresent()) {
          continue;
        }
        int earliest = earliest(i, placed == 0 ? floor : network.start());
        int latest = tries == MOST_TRIES - 1 ? NEVER : latest(i);
        int found = slot(i, earliest);
        if (found > latest) {
          late = found - latest;
        } else {
          put(i, found);
        }
      }
      if (late == 0) {
        return;
      }
      int first = start[members[0]];
      for (int k = 0; k < placed; k++) {
        takeBack(members[k]);
      }
      if (first == FREE || network.activities().get(members[0]).at().isPresent()) {
        tries = MOST_TRIES - 2; // held by what somebody said: placed late, and told
      }
      floor = Math.max(first, floor) + late;
    }
  }

  private int earliest(int i, int floor) {
    int time = floor;
    for (int l : lagsInto[i]) {
      if (start[lags[l].from()] != FREE) {
        time = Math.max(time, start[lags[l].from()] + lags[l].least());
      }
    }
    for (int l : lagsOutOf[i]) {
      if (start[lags[l].to()] != FREE && lags[l].most().isPresent()) {
        time = Math.max(time, start[lags[l].to()] - lags[l].most().getAsInt());
      }
    }
    return time;
  }

  private int latest(int i) {
    int time = NEVER;
    for (int l : lagsInto[i]) {
      if (start[lags[l].from()] != FREE && lags[l].most().isPresent()) {
        time = Math.min(time, start[lags[l].from()] + lags[l].most().getAsInt());
      }
    }
    return time;
  }

  /** The earliest start, with who and what in {@code bestWorker} and {@code bestUnit}. */
  private int slot(int i, int earliest) {
    if (bestUnit.length < holds[i].length) {
      bestUnit = new int[holds[i].length];
    }
    if (able[i].length == 0) {
      bestWorker = -1;
      return settle(i, -1, earliest, NEVER);
    }
    int best = NEVER;
    int who = able[i][0];
    for (int w : able[i]) {
      int found = settle(i, w, earliest, best);
      if (found < best) {
        best = found;
        who = w;
      }
    }
    bestWorker = who;
    return settle(i, who, earliest, NEVER);
  }

  private int settle(int i, int w, int earliest, int cutOff) {
    int time = earliest;
    int before;
    do {
      before = time;
      if (w >= 0) {
        time = network.crew().get(w).fit(time, seconds[i], network.start());
        time = people[w].earliest(time, seconds[i]);
      }
      for (int h = 0; h < holds[i].length; h++) {
        int soonest = NEVER;
        for (int u = 0; u < units[holds[i][h]].length; u++) {
          int free = units[holds[i][h]][u].earliest(time, seconds[i]);
          if (free < soonest) {
            soonest = free;
            bestUnit[h] = u;
          }
        }
        time = soonest;
      }
    } while (time != before && time < cutOff);
    return time;
  }

  private void put(int i, int time) {
    start[i] = time;
    worker[i] = bestWorker;
    if (bestWorker >= 0) {
      people[bestWorker].take(time, seconds[i]);
    }
    for (int h = 0; h < holds[i].length; h++) {
      unit[i][h] = bestUnit[h];
      units[holds[i][h]][bestUnit[h]].take(time, seconds[i]);
    }
  }

  /** Where somebody said, even when the person or the place is taken: the schedule then says so. */
  private void putAsSaid(int i, int said) {
    if (slot(i, said) == said) {
      put(i, said);
    } else {
      start[i] = said;
      worker[i] = bestWorker;
    }
  }

  private void takeBack(int i) {
    if (start[i] == FREE || network.activities().get(i).at().isPresent()) {
      return;
    }
    if (worker[i] >= 0) {
      people[worker[i]].giveBack(start[i], seconds[i]);
    }
    for (int h = 0; h < holds[i].length; h++) {
      units[holds[i][h]][unit[i][h]].giveBack(start[i], seconds[i]);
    }
    start[i] = FREE;
    worker[i] = -1;
  }
}
