package attune.core.plan;

import attune.core.material.Role;
import attune.core.plan.RoundDraft.Piece;
import attune.core.plan.RoundDraft.Wait;
import attune.core.reference.Figures;
import attune.core.schedule.Chain;
import attune.core.schedule.Network;
import attune.core.schedule.Pauses;
import attune.core.schedule.Rest;
import attune.core.schedule.Schedule;
import attune.core.schedule.Scheduler;
import attune.core.schedule.Worker;
import attune.core.survey.Job;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Puts a visit on the clock, and reads off when the car can be driven and sat in. */
final class TimetableBuilder {
  private final VisitNetwork visit;
  private final Network network;
  private final Schedule schedule;
  private final LocalDateTime midnight;
  private final boolean named;

  private TimetableBuilder(
      Job job,
      List<SurfacePlan> surfaces,
      Figures figures,
      WorkTimes times,
      Arrangement arrangement) {
    this.midnight = job.setting().start().toLocalDate().atStartOfDay();
    this.named = !arrangement.crew().isEmpty();
    List<Worker> crew = VisitCrew.of(job, figures, arrangement);
    Laid best = laid(job, surfaces, figures, times, arrangement, crew, true);
    boolean many = crew.size() > 2; // the way fewer go about it is as good as their own search
    for (int people = crew.size() - 1; people > 0; people--) {
      List<Worker> some = crew.subList(0, people);
      if (best.network().canBeDoneBy(some)) {
        Laid fewer = laid(job, surfaces, figures, times, arrangement, some, many);
        best = fewer.schedule().isBetterThan(best.schedule()) ? fewer : best;
      }
    }
    this.visit = best.visit();
    this.network = pinned(best.network(), arrangement);
    this.schedule =
        network == best.network() ? best.schedule() : Scheduler.moved(network, best.schedule());
  }

  /** A visit put on the clock for some people: fewer go about it in another way. */
  private record Laid(VisitNetwork visit, Network network, Schedule schedule) {}

  private static Laid laid(
      Job job,
      List<SurfacePlan> surfaces,
      Figures figures,
      WorkTimes times,
      Arrangement arrangement,
      List<Worker> crew,
      boolean whole) {
    VisitNetwork visit =
        new VisitNetwork(job, surfaces, figures, times, crew.size(), arrangement.parts());
    Network network = networkOf(job, visit, crew, VisitCrew.pauses(job, figures));
    return new Laid(visit, network, whole ? Scheduler.of(network) : Scheduler.quick(network));
  }

  private static Network networkOf(Job job, VisitNetwork visit, List<Worker> crew, Pauses pauses) {
    LocalDateTime start = job.setting().start();
    int begins = (int) Duration.between(start.toLocalDate().atStartOfDay(), start).toSeconds();
    return visit.tasks().network().build(crew, visit.tasks().kit(), begins, pauses);
  }

  /** With the starts somebody said, of a round or of a task in it. */
  private Network pinned(Network unsaid, Arrangement arrangement) {
    List<attune.core.schedule.Activity> said = new ArrayList<>(unsaid.activities());
    boolean any = false;
    for (Map.Entry<String, LocalDateTime> pin : arrangement.pins().entrySet()) {
      for (Map.Entry<Integer, List<RoundDraft>> entry : visit.tasks().rounds().entrySet()) {
        Optional<Integer> offset =
            entry.getValue().stream()
                .flatMap(round -> offset(round, pin.getKey()).stream())
                .findFirst();
        if (offset.isPresent()) {
          int at = (int) Duration.between(midnight, pin.getValue()).toSeconds() - offset.get();
          said.set(entry.getKey(), said.get(entry.getKey()).at(at));
          any = true;
        }
      }
    }
    return any
        ? new Network(
            said, unsaid.lags(), unsaid.crew(), unsaid.kit(), unsaid.start(), unsaid.pauses())
        : unsaid;
  }

  /** Seconds from a block's start to what is named: a round of it, or a task in that. */
  private static Optional<Integer> offset(RoundDraft round, String id) {
    if (round.id.equals(id)) {
      return Optional.of(round.at);
    }
    return round.pieces.stream()
        .filter(p -> p.id().equals(id))
        .map(p -> round.at + p.from())
        .findFirst();
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
    List<Worker> crew = VisitCrew.of(job, figures, who);
    VisitNetwork visit = new VisitNetwork(job, surfaces, figures, times, crew.size(), who.parts());
    return networkOf(job, visit, crew, VisitCrew.pauses(job, figures));
  }

  private LocalDateTime at(int seconds) {
    return midnight.plusSeconds(seconds);
  }

  private Timetable build() {
    List<Round> rounds = new ArrayList<>();
    List<Task> tasks = new ArrayList<>();
    visit
        .tasks()
        .rounds()
        .forEach(
            (place, block) -> {
              for (RoundDraft draft : block) {
                rounds.add(round(place, draft));
                draft.pieces.forEach(piece -> tasks.add(task(place, draft, piece)));
                draft.waits.stream()
                    .filter(wait -> wait.why() != RoundDraft.Why.NOT_SAT_IN)
                    .forEach(wait -> tasks.add(waiting(place, draft, wait)));
              }
            });
    visit.tasks().awaited().forEach((place, what) -> tasks.add(awaited(place, what)));
    for (int i = 0; i < schedule.rests().size(); i++) {
      Rest rest = schedule.rests().get(i);
      String who = network.crew().get(rest.worker()).id();
      RestRound resting = new RestRound(i + 1, who, at(rest.start()), rest.seconds());
      rounds.add(resting.round());
      tasks.add(resting.task());
    }
    rounds.sort(Comparator.comparing(Round::start)); // stable: the order of the walk at one time
    tasks.sort(Comparator.comparing(Task::start));
    TestSpotRound tests = new TestSpotRound(rounds);
    LocalDateTime hands = at(schedule.handsEnd());
    return new Timetable(
        tests.rounds(),
        tasks.stream().map(task -> task.in(task.roundId().map(tests::now))).toList(),
        later(hands, wait -> wait.gates() && wait.isDriven()),
        later(hands, TimetableBuilder::holdsSitter),
        later(hands, wait -> true),
        new Conflicts(visit, network, schedule, midnight).found(),
        deciding().stream().map(tests::now).collect(Collectors.toUnmodifiableSet()),
        named);
  }

  /** Rounds of the chain that leads to the last hands off, or to the last wait that holds it. */
  private Set<String> deciding() {
    Map<Integer, Integer> ends = new LinkedHashMap<>();
    visit
        .tasks()
        .rounds()
        .forEach(
            (place, block) -> {
              ends.merge(place, end(place), Math::max);
              for (RoundDraft round : block) {
                round.waits.stream()
                    .filter(w -> w.gates() && w.isDriven() || holdsSitter(w))
                    .forEach(w -> ends.merge(place, begins(place, round) + w.until(), Math::max));
              }
            });
    return ends.entrySet().stream()
        .max(Map.Entry.comparingByValue())
        .map(last -> Chain.of(network, schedule, last.getKey()))
        .orElse(List.of())
        .stream()
        .flatMap(place -> visit.tasks().rounds().getOrDefault(place, List.of()).stream())
        .map(round -> round.id)
        .collect(Collectors.toUnmodifiableSet());
  }

  private static boolean holdsSitter(Wait wait) {
    boolean seat = wait.plan().surface().role() == Role.SEAT;
    return wait.why() == RoundDraft.Why.NOT_SAT_IN || wait.why() == RoundDraft.Why.DRIES && seat;
  }

  private LocalDateTime later(LocalDateTime hands, Predicate<Wait> counts) {
    Stream<LocalDateTime> ends =
        visit.tasks().rounds().entrySet().stream()
            .flatMap(
                entry ->
                    entry.getValue().stream()
                        .flatMap(
                            round ->
                                round.waits.stream()
                                    .filter(counts)
                                    .map(wait -> begins(entry.getKey(), round) + wait.until())))
            .map(this::at);
    return ends.reduce(hands, (a, b) -> a.isAfter(b) ? a : b);
  }

  private Optional<String> person(int place) {
    int worker = schedule.workers().get(place);
    return worker < 0 ? Optional.empty() : Optional.of(network.crew().get(worker).id());
  }

  private int begins(int place, RoundDraft draft) {
    return schedule.starts().get(place) + draft.at;
  }

  private Round round(int place, RoundDraft draft) {
    LocalDateTime start = at(begins(place, draft));
    return new Round(
        draft.id,
        draft.zone,
        draft.step,
        draft.surfaceIds,
        draft.productId,
        draft.ratio,
        draft.toolId,
        person(place),
        start,
        start.plusSeconds(draft.seconds),
        draft.handsS,
        Math.max(0, draft.seconds - looksWithin(draft) - draft.othersS),
        place,
        draft.pieces.stream().anyMatch(piece -> piece.spot().isPresent()));
  }

  /** Hands-on seconds inside its own span: looks may come later in its block. */
  private static int looksWithin(RoundDraft draft) {
    int later =
        draft.pieces.stream().filter(p -> p.from() >= draft.seconds).mapToInt(Piece::handsS).sum();
    return draft.handsS - later;
  }

  /** The first task of a round begins with it: fetching and loading are its own. */
  private Task task(int place, RoundDraft draft, Piece piece) {
    LocalDateTime start = at(begins(place, draft));
    boolean lays = piece.step() == draft.step;
    return new Task(
        piece.id(),
        piece.step(),
        draft.about,
        piece.surfaceIds(),
        lays ? draft.productId : Optional.empty(),
        lays ? draft.toolId : Optional.empty(),
        person(place),
        piece.section(),
        start.plusSeconds(piece.from()),
        start.plusSeconds(piece.to()),
        piece.handsS(),
        Optional.of(draft.id),
        piece.wipe().map(span -> start.plusSeconds(span.min())),
        piece.wipe().map(span -> start.plusSeconds(span.max())),
        network.activities().get(place).at().isPresent(),
        after(draft, piece),
        piece.spot());
  }

  private List<String> after(RoundDraft draft, Piece piece) {
    if (draft.gates.isEmpty() || piece.step() != draft.step) {
      return piece.after();
    }
    List<String> after = new ArrayList<>(piece.after());
    draft.gates.stream()
        .max(Comparator.comparingInt(this::end))
        .map(gate -> visit.tasks().rounds().get(gate))
        .map(block -> lastTask(block))
        .filter(last -> !after.contains(last))
        .ifPresent(after::add);
    return after;
  }

  private static String lastTask(List<RoundDraft> block) {
    return block.stream()
        .flatMap(round -> round.pieces.stream().map(p -> Map.entry(round.at + p.to(), p.id())))
        .max(Map.Entry.comparingByKey())
        .orElseThrow()
        .getValue();
  }

  private int end(int place) {
    return schedule.starts().get(place) + network.activities().get(place).seconds();
  }

  private Task waiting(int place, RoundDraft draft, Wait wait) {
    String panel = wait.plan().surface().id();
    String last =
        draft.pieces.stream()
            .filter(p -> p.to() == wait.from() && p.surfaceIds().contains(panel))
            .map(Piece::id)
            .reduce((a, b) -> b)
            .orElseThrow();
    int begins = begins(place, draft) + wait.from();
    return pause(
        wait.id(),
        wait.why() == RoundDraft.Why.DRIES ? Step.DRY : Step.WAIT,
        Optional.empty(),
        List.of(panel),
        begins,
        wait.seconds(),
        List.of(last));
  }

  private Task awaited(int place, VisitTasks.Awaited what) {
    return pause(
        what.id(),
        Step.WAIT,
        Optional.of(what.about()),
        what.surfaceIds(),
        schedule.starts().get(place),
        network.activities().get(place).seconds(),
        what.after());
  }

  private Task pause(
      String id,
      Step step,
      Optional<Task.About> about,
      List<String> panels,
      int begins,
      int seconds,
      List<String> after) {
    return new Task(
        id,
        step,
        about,
        panels,
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        0,
        at(begins),
        at(begins + seconds),
        0,
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        false,
        after,
        Optional.empty());
  }
}
