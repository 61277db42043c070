package attune.core.schedule;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/**
 * What decides when something ends: the activities of which each begins when it does because of the
 * one before, be it what has to come first, the same pair of hands or a thing they share.
 */
public final class Chain {
  private final Network network;
  private final Schedule schedule;
  private final Lag[][] into;

  private record Before(int place, int slack) {}

  private Chain(Network network, Schedule schedule) {
    this.network = network;
    this.schedule = schedule;
    this.into = Paced.into(network);
  }

  /**
   * The chain to an activity, first to last.
   *
   * @param last place of what ends the chain
   */
  public static List<Integer> of(Network network, Schedule schedule, int last) {
    Chain chain = new Chain(network, schedule);
    List<Integer> places = new ArrayList<>(List.of(last));
    Optional<Integer> next = chain.before(last);
    while (next.isPresent() && !places.contains(next.get())) {
      places.add(next.get());
      next = chain.before(next.get());
    }
    Collections.reverse(places);
    return places;
  }

  /** What leaves it the least room; empty for what begins with the job or when somebody said. */
  private Optional<Integer> before(int place) {
    if (start(place) <= network.start() || network.activities().get(place).at().isPresent()) {
      return Optional.empty();
    }
    Before best = null;
    for (int other = 0; other < schedule.starts().size(); other++) {
      if (other != place && start(other) <= start(place)) {
        int slack = slack(other, place);
        boolean nearer =
            best == null
                || slack < best.slack()
                || slack == best.slack() && start(other) > start(best.place());
        best = slack >= 0 && nearer ? new Before(other, slack) : best;
      }
    }
    return Optional.ofNullable(best).filter(b -> b.slack() < Integer.MAX_VALUE).map(Before::place);
  }

  /** Seconds the later one could begin sooner, as far as the earlier goes. */
  private int slack(int earlier, int later) {
    int slack = Integer.MAX_VALUE;
    for (Lag lag : into[later]) {
      if (lag.from() == earlier) {
        slack = Math.min(slack, start(later) - start(earlier) - lag.least());
      }
    }
    int ends = start(earlier) + network.activities().get(earlier).seconds();
    if (ends <= start(later) && (sameHands(earlier, later) || sharesKit(earlier, later))) {
      slack = Math.min(slack, start(later) - ends - rest(earlier, later, ends));
    }
    return slack;
  }

  /** Rest and way between them, which are no room. */
  private int rest(int earlier, int later, int ends) {
    if (!sameHands(earlier, later)) {
      return 0;
    }
    int worker = schedule.workers().get(later);
    int rests =
        schedule.rests().stream()
            .filter(r -> r.worker() == worker && r.start() >= ends && r.start() < start(later))
            .mapToInt(Rest::seconds)
            .sum();
    int way =
        network.pauses().way(network.activities().get(earlier), network.activities().get(later));
    return Math.min(start(later) - ends, rests + way);
  }

  private boolean sameHands(int a, int b) {
    return schedule.workers().get(a) >= 0
        && schedule.workers().get(a).equals(schedule.workers().get(b));
  }

  private boolean sharesKit(int a, int b) {
    return network.activities().get(a).holds().stream()
        .anyMatch(network.activities().get(b).holds()::contains);
  }

  private int start(int place) {
    return schedule.starts().get(place);
  }
}
