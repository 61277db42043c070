package attune.core.schedule;

import java.util.Arrays;
import java.util.List;

/** What no schedule can beat. */
public final class Bounds {
  private Bounds() {}

  /** Seconds from the start of each activity to the end of the last gate behind it, at least. */
  static int[] tails(Network network) {
    List<Activity> all = network.activities();
    int[] tails = new int[all.size()];
    for (int i = all.size() - 1; i >= 0; i--) {
      tails[i] = all.get(i).gates() ? all.get(i).seconds() : 0;
    }
    List<Lag> backwards =
        network.lags().stream().sorted((a, b) -> Integer.compare(b.to(), a.to())).toList();
    for (Lag lag : backwards) {
      tails[lag.from()] = Math.max(tails[lag.from()], lag.least() + tails[lag.to()]);
    }
    return tails;
  }

  /** When the car could be ready at the earliest: its longest chain, and the hands' whole work. */
  public static int soonestReady(Network network) {
    int[] earliest = new int[network.activities().size()];
    Arrays.fill(earliest, network.start());
    int chain = network.start();
    for (int i = 0; i < earliest.length; i++) {
      Activity activity = network.activities().get(i);
      int begin = earliest[i];
      if (activity.needsHands()) {
        int time = begin;
        begin =
            network.crew().stream()
                .filter(worker -> worker.can(activity))
                .mapToInt(worker -> worker.fit(time, activity.seconds(), network.start()))
                .min()
                .orElse(time);
      }
      earliest[i] = activity.at().orElse(begin);
      chain = activity.gates() ? Math.max(chain, earliest[i] + activity.seconds()) : chain;
      for (Lag lag : network.lags()) {
        if (lag.from() == i) {
          earliest[lag.to()] = Math.max(earliest[lag.to()], earliest[i] + lag.least());
        }
      }
    }
    return Math.max(chain, handsReady(network));
  }

  /** All the work shared out evenly, in everybody's hours, and the shortest tail behind it. */
  private static int handsReady(Network network) {
    int[] tails = tails(network);
    long work = 0;
    int tail = Integer.MAX_VALUE;
    for (int i = 0; i < tails.length; i++) {
      Activity activity = network.activities().get(i);
      if (activity.needsHands()) {
        work += activity.seconds();
        tail = Math.min(tail, Math.max(0, tails[i] - activity.seconds()));
      }
    }
    if (work == 0) {
      return network.start();
    }
    for (int time = network.start(); ; time += 30) {
      int now = time;
      long here =
          network.crew().stream().filter(worker -> worker.isThere(now, network.start())).count();
      work -= 30 * here;
      if (work <= 0) {
        return time + 30 + (int) Math.floorDiv(work, here) + tail;
      }
      if (time > network.start() + 30 * Worker.DAY) {
        return network.start();
      }
    }
  }
}
