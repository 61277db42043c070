package attune.core.plan;

import attune.core.plan.Timetable.Clash;
import attune.core.plan.Timetable.Conflict;
import attune.core.plan.VisitTasks.Note;
import attune.core.reference.Figures;
import attune.core.schedule.Activity;
import attune.core.schedule.Lag;
import attune.core.schedule.Network;
import attune.core.schedule.Schedule;
import attune.core.schedule.Scheduler;
import attune.core.schedule.Worker;
import attune.core.survey.Job;
import attune.core.survey.Surface;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.IntStream;

/** Puts a visit on the clock, and reads off when the car can be driven and sat in. */
final class TimetableBuilder {
  private final List<SurfacePlan> surfaces;
  private final VisitNetwork visit;
  private final Network network;
  private final Schedule schedule;
  private final LocalDateTime midnight;

  private TimetableBuilder(
      Job job,
      List<SurfacePlan> surfaces,
      Figures figures,
      WorkTimes times,
      Arrangement arrangement) {
    this.surfaces = surfaces;
    this.midnight = midnight(job);
    this.visit =
        new VisitNetwork(
            job,
            surfaces,
            figures,
            times,
            crew(job, figures, arrangement).size() > 1,
            arrangement.parts());
    this.network = networkOf(job, visit, figures, arrangement);
    this.schedule = Scheduler.of(network);
  }

  private static Network networkOf(
      Job job, VisitNetwork visit, Figures figures, Arrangement arrangement) {
    LocalDateTime midnight = midnight(job);
    arrangement
        .pins()
        .forEach(
            (task, at) ->
                visit
                    .tasks()
                    .network()
                    .find(task)
                    .ifPresent(place -> visit.tasks().network().pin(place, since(midnight, at))));
    return visit
        .tasks()
        .network()
        .build(
            crew(job, figures, arrangement),
            visit.tasks().kit(),
            since(midnight, job.setting().start()));
  }

  private static LocalDateTime midnight(Job job) {
    return job.setting().start().toLocalDate().atStartOfDay();
  }

  private static int since(LocalDateTime midnight, LocalDateTime time) {
    return (int) Duration.between(midnight, time).toSeconds();
  }

  static Timetable of(
      Job job,
      List<SurfacePlan> surfaces,
      Figures figures,
      WorkTimes times,
      Arrangement arrangement) {
    return new TimetableBuilder(job, surfaces, figures, times, arrangement).build();
  }

  /** The network alone, for measuring schedules. */
  static Network network(
      Job job, List<SurfacePlan> surfaces, Figures figures, WorkTimes times, Arrangement who) {
    boolean shared = crew(job, figures, who).size() > 1;
    return networkOf(
        job, new VisitNetwork(job, surfaces, figures, times, shared, who.parts()), figures, who);
  }

  private static List<Worker> crew(Job job, Figures figures, Arrangement arrangement) {
    DayOfWeek first = job.setting().start().getDayOfWeek();
    List<Worker> crew =
        arrangement.crew().isEmpty()
            ? IntStream.rangeClosed(1, job.setting().people())
                .mapToObj(i -> UsualHours.worker("person-" + i, figures))
                .toList()
            : arrangement.crew();
    return Daylight.limit(
        crew.stream().map(worker -> worker.from(first)).toList(), job.setting(), figures);
  }

  private LocalDateTime at(int seconds) {
    return midnight.plusSeconds(seconds);
  }

  private Timetable build() {
    List<Task> tasks = new ArrayList<>();
    for (int i = 0; i < network.activities().size(); i++) {
      int place = i;
      visit.tasks().note(i).ifPresent(note -> tasks.add(task(place, note)));
    }
    tasks.sort(Comparator.comparing(Task::start)); // stable: the order of a visit at one time
    LocalDateTime hands = at(schedule.handsEnd());
    return new Timetable(
        tasks,
        later(hands, this::holdsDriver),
        later(hands, i -> holdsSitter(i)),
        later(hands, i -> true),
        conflicts());
  }

  private LocalDateTime later(LocalDateTime hands, Function<Integer, Boolean> counts) {
    return IntStream.range(0, network.activities().size())
        .filter(counts::apply)
        .mapToObj(this::end)
        .reduce(hands, (a, b) -> a.isAfter(b) ? a : b);
  }

  private LocalDateTime end(int i) {
    return at(schedule.starts().get(i) + network.activities().get(i).seconds());
  }

  private boolean isGatingWait(int i) {
    Activity activity = network.activities().get(i);
    return activity.gates() && activity.hands() == Activity.Hands.NOBODY;
  }

  private boolean holdsSitter(int i) {
    String id = network.activities().get(i).id();
    boolean seatDries =
        visit.tasks().note(i).stream()
            .flatMap(note -> note.surfaceIds().stream())
            .map(this::surface)
            .anyMatch(s -> s.role() == attune.core.material.Role.SEAT);
    return isGatingWait(i) && (id.startsWith("sit-") || seatDries);
  }

  private boolean holdsDriver(int i) {
    String id = network.activities().get(i).id();
    boolean driven =
        surfaces.stream()
            .map(SurfacePlan::surface)
            .filter(Surface::isDriven)
            .anyMatch(s -> id.endsWith("-" + s.id()));
    return isGatingWait(i) && driven;
  }

  private Surface surface(String id) {
    return surfaces.stream()
        .map(SurfacePlan::surface)
        .filter(s -> s.id().equals(id))
        .findFirst()
        .orElseThrow();
  }

  private Task task(int i, Note note) {
    Activity activity = network.activities().get(i);
    LocalDateTime start = at(schedule.starts().get(i));
    int worker = schedule.workers().get(i);
    return new Task(
        activity.id(),
        note.step(),
        note.surfaceIds(),
        note.productId(),
        note.toolId(),
        worker < 0 ? Optional.empty() : Optional.of(network.crew().get(worker).id()),
        note.section(),
        start,
        start.plusSeconds(activity.seconds()),
        note.wipe().map(span -> start.plusSeconds(span.min())),
        note.wipe().map(span -> start.plusSeconds(span.max())),
        activity.at().isPresent(),
        before(i));
  }

  /** What it waits for; behind a milestone, what ended last. */
  private List<String> before(int i) {
    Set<String> ids = new LinkedHashSet<>();
    for (Lag lag : network.lags()) {
      if (lag.to() == i) {
        lastBehind(lag.from()).ifPresent(place -> ids.add(network.activities().get(place).id()));
      }
    }
    return List.copyOf(ids);
  }

  private Optional<Integer> lastBehind(int place) {
    if (visit.tasks().note(place).isPresent()) {
      return Optional.of(place);
    }
    return network.lags().stream()
        .filter(lag -> lag.to() == place)
        .map(Lag::from)
        .max(Comparator.comparing(this::end))
        .flatMap(this::lastBehind);
  }

  private List<Conflict> conflicts() {
    List<Conflict> found = new ArrayList<>();
    for (int i = 0; i < network.activities().size(); i++) {
      if (network.activities().get(i).at().isPresent()) {
        conflicts(i, found);
      }
    }
    return found;
  }

  private void conflicts(int i, List<Conflict> found) {
    String id = network.activities().get(i).id();
    int start = schedule.starts().get(i);
    for (Lag lag : network.lags()) {
      int apart = schedule.starts().get(lag.to()) - schedule.starts().get(lag.from());
      if ((lag.to() == i || lag.from() == i) && apart < lag.least()) {
        found.add(
            new Conflict(
                network.activities().get(lag.to()).id(),
                Clash.COMES_AFTER,
                lastBehind(lag.from()).map(place -> network.activities().get(place).id()),
                Optional.of(at(schedule.starts().get(lag.from()) + lag.least()))));
      } else if ((lag.to() == i || lag.from() == i) && apart > lag.most().orElse(apart)) {
        found.add(
            new Conflict(
                network.activities().get(lag.to()).id(),
                Clash.TOO_LATE_AFTER,
                Optional.of(network.activities().get(lag.from()).id()),
                Optional.empty()));
      }
    }
    if (start < network.start()) {
      found.add(
          new Conflict(
              id, Clash.BEFORE_THE_JOB, Optional.empty(), Optional.of(at(network.start()))));
    }
    int who = schedule.workers().get(i);
    if (who >= 0) {
      Worker worker = network.crew().get(who);
      int fits = worker.fit(start, network.activities().get(i).seconds(), network.start());
      if (fits != start) {
        found.add(new Conflict(id, Clash.OUTSIDE_HOURS, Optional.empty(), Optional.of(at(fits))));
      }
      for (int j = 0; j < network.activities().size(); j++) {
        boolean same = j != i && schedule.workers().get(j) == who;
        int end = schedule.starts().get(j) + network.activities().get(j).seconds();
        if (same
            && schedule.starts().get(j) < start + network.activities().get(i).seconds()
            && start < end) {
          found.add(
              new Conflict(
                  id,
                  Clash.TAKEN,
                  Optional.of(network.activities().get(j).id()),
                  Optional.of(at(end))));
        }
      }
    }
  }
}
