package attune.core.plan;

import attune.core.plan.Timetable.Clash;
import attune.core.plan.Timetable.Conflict;
import attune.core.schedule.Lag;
import attune.core.schedule.Network;
import attune.core.schedule.Schedule;
import attune.core.schedule.Worker;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** What of a visit the starts somebody said do not keep. */
final class Conflicts {
  private final VisitNetwork visit;
  private final Network network;
  private final Schedule schedule;
  private final LocalDateTime midnight;
  private final List<Conflict> found = new ArrayList<>();

  Conflicts(VisitNetwork visit, Network network, Schedule schedule, LocalDateTime midnight) {
    this.visit = visit;
    this.network = network;
    this.schedule = schedule;
    this.midnight = midnight;
  }

  List<Conflict> found() {
    for (int i = 0; i < network.activities().size(); i++) {
      if (network.activities().get(i).at().isPresent()) {
        order(i);
        hours(i);
      }
    }
    return found;
  }

  private void order(int i) {
    for (Lag lag : network.lags()) {
      int apart = schedule.starts().get(lag.to()) - schedule.starts().get(lag.from());
      boolean concerned = lag.to() == i || lag.from() == i;
      if (concerned && apart < lag.least() && isRound(lag.to())) {
        found.add(
            new Conflict(
                id(lag.to()),
                Clash.COMES_AFTER,
                lastBehind(lag.from()).map(this::id),
                Optional.of(at(schedule.starts().get(lag.from()) + lag.least()))));
      }
    }
  }

  private void hours(int i) {
    int start = schedule.starts().get(i);
    int seconds = network.activities().get(i).seconds();
    if (start < network.start()) {
      found.add(
          new Conflict(
              id(i), Clash.BEFORE_THE_JOB, Optional.empty(), Optional.of(at(network.start()))));
    }
    int who = schedule.workers().get(i);
    if (who < 0) {
      return;
    }
    Worker worker = network.crew().get(who);
    int fits = worker.fit(start, seconds, network.start());
    if (fits != start) {
      found.add(new Conflict(id(i), Clash.OUTSIDE_HOURS, Optional.empty(), Optional.of(at(fits))));
    }
    for (int j = 0; j < network.activities().size(); j++) {
      boolean same = j != i && schedule.workers().get(j) == who;
      if (same && schedule.starts().get(j) < start + seconds && start < end(j)) {
        found.add(new Conflict(id(i), Clash.TAKEN, Optional.of(id(j)), Optional.of(at(end(j)))));
      }
    }
  }

  private boolean isRound(int place) {
    return visit.tasks().rounds().containsKey(place);
  }

  /** Behind a milestone, what ended last. */
  private Optional<Integer> lastBehind(int place) {
    if (isRound(place) || visit.tasks().awaited().containsKey(place)) {
      return Optional.of(place);
    }
    return network.lags().stream()
        .filter(lag -> lag.to() == place)
        .map(Lag::from)
        .max(Comparator.comparing(this::end))
        .flatMap(this::lastBehind);
  }

  private String id(int place) {
    return network.activities().get(place).id();
  }

  private int end(int place) {
    return schedule.starts().get(place) + network.activities().get(place).seconds();
  }

  private LocalDateTime at(int seconds) {
    return midnight.plusSeconds(seconds);
  }
}
