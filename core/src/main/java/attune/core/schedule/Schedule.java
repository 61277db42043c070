package attune.core.schedule;

import attune.core.schedule.Activity.Hands;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * When everything starts and who does it.
 *
 * @param starts of each activity, seconds after midnight of the first day
 * @param workers place of each activity's person in the crew, -1 for nobody
 * @param ready when the last of what gates has ended
 * @param handsEnd when the last hands are off
 * @param rests of everybody
 */
public record Schedule(
    List<Integer> starts, List<Integer> workers, int ready, int handsEnd, List<Rest> rests) {
  public Schedule {
    starts = List.copyOf(starts);
    workers = List.copyOf(workers);
    rests = List.copyOf(rests);
  }

  /** Without a rest. */
  public Schedule(List<Integer> starts, List<Integer> workers, int ready, int handsEnd) {
    this(starts, workers, ready, handsEnd, List.of());
  }

  static Schedule of(Network network, int[] starts, int[] workers, List<Rest> rests) {
    int ready = network.start();
    int hands = network.start();
    for (int i = 0; i < starts.length; i++) {
      Activity activity = network.activities().get(i);
      int end = starts[i] + activity.seconds();
      ready = activity.gates() ? Math.max(ready, end) : ready;
      hands = activity.needsHands() ? Math.max(hands, end) : hands;
    }
    return new Schedule(
        Arrays.stream(starts).boxed().toList(),
        Arrays.stream(workers).boxed().toList(),
        ready,
        hands,
        rests);
  }

  /** True when the car is ready sooner, or as soon and hands are off sooner. */
  public boolean isBetterThan(Schedule other) {
    return ready != other.ready ? ready < other.ready : handsEnd < other.handsEnd;
  }

  /** What of the network it does not keep, in words; empty when it keeps everything. */
  public List<String> broken(Network network) {
    List<String> faults = new ArrayList<>();
    List<Activity> all = network.activities();
    for (Lag lag : network.lags()) {
      int apart = starts.get(lag.to()) - starts.get(lag.from());
      if (apart < lag.least() || apart > lag.most().orElse(apart)) {
        faults.add(
            "%s starts %d s after %s; %d to %s s is allowed"
                .formatted(
                    all.get(lag.to()).id(),
                    apart,
                    all.get(lag.from()).id(),
                    lag.least(),
                    lag.most().isPresent() ? lag.most().getAsInt() : "any"));
      }
    }
    for (int i = 0; i < all.size(); i++) {
      faults.addAll(faultsOf(network, i));
      for (int j = i + 1; j < all.size(); j++) {
        if (overlap(network, i, j)
            && workers.get(i) >= 0
            && workers.get(i).equals(workers.get(j))) {
          faults.add(all.get(i).id() + " and " + all.get(j).id() + " want the same person");
        }
      }
      for (String thing : all.get(i).holds()) {
        if (holders(network, thing, starts.get(i)) > network.kit().getOrDefault(thing, 1)) {
          faults.add(all.get(i).id() + ": " + thing + " is in use");
        }
      }
    }
    return faults;
  }

  private List<String> faultsOf(Network network, int i) {
    Activity activity = network.activities().get(i);
    int start = starts.get(i);
    List<String> faults = new ArrayList<>();
    if (start < network.start()) {
      faults.add(activity.id() + " starts before the job");
    }
    if (activity.at().orElse(start) != start) {
      faults.add(activity.id() + " does not start when it was said");
    }
    if (activity.hands() == Hands.SOMEBODY) {
      Worker worker = network.crew().get(workers.get(i));
      if (!worker.can(activity)) {
        faults.add(worker.id() + " may not do " + activity.id());
      }
      if (activity.at().isEmpty()
          && worker.fit(start, activity.seconds(), network.start()) != start) {
        faults.add(activity.id() + " is outside the hours of " + worker.id());
      }
    }
    return faults;
  }

  private long holders(Network network, String thing, int moment) {
    long count = 0;
    for (int j = 0; j < starts.size(); j++) {
      Activity other = network.activities().get(j);
      boolean now = starts.get(j) <= moment && moment < starts.get(j) + other.seconds();
      count += now && other.holds().contains(thing) ? 1 : 0;
    }
    return count;
  }

  private boolean overlap(Network network, int i, int j) {
    int endI = starts.get(i) + network.activities().get(i).seconds();
    int endJ = starts.get(j) + network.activities().get(j).seconds();
    return starts.get(i) < endJ && starts.get(j) < endI;
  }
}
