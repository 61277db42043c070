package attune.core.plan;

import attune.core.check.Known;
import attune.core.plan.FinishingRounds.Since;
import attune.core.plan.RoundDraft.Wait;
import attune.core.plan.VisitTasks.Awaited;
import attune.core.plan.Walk.Stage;
import attune.core.reference.Figures;
import attune.core.shelf.Product;
import attune.core.shelf.Tool;
import attune.core.survey.Job;
import attune.core.survey.Surface;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/**
 * What a visit consists of and what has to come before what (docs/trade, rounds): dust before wet,
 * once round the car from top to bottom, the floor after the seats, the rim and then the screens
 * last, dry before anything goes on, plastics before hide, every wait kept.
 */
final class VisitNetwork {
  private final Job job;
  private final List<SurfacePlan> surfaces;
  private final Figures figures;
  private final WorkTimes times;
  private final VisitTasks tasks;
  private final CleaningRounds cleaning;
  private final FinishingRounds finishing;
  private final int people;
  private final Map<String, Since> ready = new HashMap<>();
  private final TestSpots tests;
  private final Map<String, Integer> tested = new HashMap<>();
  private final Map<String, Integer> partOf = new HashMap<>();
  private final Map<String, Since> fitted = new HashMap<>();
  private final Map<Stage, List<Integer>> cleaned = new LinkedHashMap<>();
  private final Map<String, Integer> named = new HashMap<>();
  private final VisitOpening opening;
  private int walked = -1;

  /**
   * @param people how many work at once: what one does in a zone keeps the others out
   */
  VisitNetwork(
      Job job,
      List<SurfacePlan> surfaces,
      Figures figures,
      WorkTimes times,
      int people,
      List<PartOnOrder> parts) {
    this.job = job;
    this.surfaces = surfaces.stream().sorted(Walk.order()).toList();
    this.figures = figures;
    this.times = times;
    this.people = people;
    this.tasks = new VisitTasks(job.shelf(), this.surfaces, people > 1);
    this.tests = new TestSpots(this.surfaces, figures, times);
    this.cleaning = new CleaningRounds(figures, times);
    this.finishing = new FinishingRounds(this, tasks, figures, times);
    this.opening = new VisitOpening(job, this.surfaces, figures, times, tasks, people);
    testSpots();
    for (int i = 0; i < parts.size(); i++) {
      fit(parts.get(i), i + 1);
    }
    if (job.houseRules().is("order-of-protection", "panel")) {
      zoneByZone();
    } else {
      clean(this.surfaces);
      finishing.of(this.surfaces, all(), before(Stage.FLOOR));
    }
    handover();
  }

  VisitTasks tasks() {
    return tasks;
  }

  /** Everything dry is done and what is wet may begin. */
  int prepared() {
    return opening.prepared();
  }

  /** When a panel is through with its cleaning: dry, or at least looked at. */
  Optional<Since> ready(SurfacePlan plan) {
    return Optional.ofNullable(ready.get(plan.surface().id()))
        .or(() -> Optional.ofNullable(fitted.get(plan.surface().id())));
  }

  /** A part on its way, and fitting it: its panels wait for that. */
  private void fit(PartOnOrder part, int number) {
    List<SurfacePlan> plans =
        surfaces.stream().filter(p -> part.surfaceIds().contains(p.surface().id())).toList();
    if (plans.isEmpty()) {
      return;
    }
    long seconds = Duration.between(job.setting().start(), part.arrives()).toSeconds();
    String coming = "part-" + number;
    String fits = "fit-" + number;
    RoundDraft fitting =
        RoundDraft.single(
            fits, Step.REFINISH, ids(plans), figures.get("time.fit-part"), List.of(coming));
    fitting.about = Optional.of(new Task.About(Task.About.Kind.PART_FITTED, number - 1));
    Task.About away = new Task.About(Task.About.Kind.PART_COMING, number - 1);
    int arrives =
        tasks.await(new Awaited(coming, away, ids(plans), List.of()), (int) Math.max(0, seconds));
    int place = then(arrives, tasks.add(fitting));
    then(prepared(), place);
    plans.forEach(
        plan -> {
          partOf.put(plan.surface().id(), number);
          fitted.put(plan.surface().id(), new Since(place, fitting.seconds, fits));
        });
  }

  /** At the start, and before anything wet: shared out where there are several. */
  private void testSpots() {
    for (List<RoundDraft> share : tests.shares(people, opening.opened())) {
      int place = then(prepared(), tasks.add(share));
      walked = people == 1 ? then(Math.max(walked, prepared()), place) : walked;
      share.stream().flatMap(r -> r.pieces.stream()).forEach(p -> tested.put(p.id(), place));
    }
  }

  /** Where a bottle was tested on a panel's finish; empty where it need not be. */
  Optional<Integer> tested(Product cleaner, SurfacePlan plan) {
    return tests.of(cleaner, plan).map(tested::get);
  }

  /**
   * Once round the car. One person goes from round to round; several keep the order inside a zone
   * and between the stages.
   */
  private void clean(List<SurfacePlan> plans) {
    List<List<SurfacePlan>> groups =
        cleaning.grouped(plans, plan -> partOf.getOrDefault(plan.surface().id(), 0));
    Map<String, SurfacePlan> byId = new HashMap<>();
    plans.forEach(plan -> byId.put(plan.surface().id(), plan));
    Map<String, Integer> inZone = new HashMap<>();
    Map<Stage, Integer> gates = new HashMap<>();
    for (List<List<SurfacePlan>> block : blocks(groups)) {
      List<RoundDraft> rounds = new ArrayList<>();
      String lastZone = "";
      for (List<SurfacePlan> group : block) {
        String zone = group.get(0).surface().zone();
        rounds.add(cleaning.round(id(zone), group, zone.equals(lastZone), this::cleanedAfter));
        lastZone = zone;
      }
      clean(cleaning.block(rounds, byId), block, inZone, gates);
      stains(block.stream().flatMap(List::stream).toList());
    }
    stains(plans.stream().filter(plan -> plan.firstRung().isEmpty()).toList());
  }

  /** The stains of panels that are clean, where one stands. */
  private void stains(List<SurfacePlan> panels) {
    List<SurfacePlan> stained =
        panels.stream()
            .filter(p -> p.match().spots().stream().anyMatch(s -> s.rung().isPresent()))
            .toList();
    if (stained.isEmpty()) {
      return;
    }
    List<RoundDraft> rounds =
        new SpotRounds(figures, times).of(stained, this::spotId, this::afterCleaning);
    int place = tasks.add(rounds);
    then(prepared(), place);
    if (people == 1 && walked >= 0) {
      then(walked, place);
      walked = place;
    }
    cleaned.computeIfAbsent(stage(stained.get(0)), s -> new ArrayList<>()).add(place);
    for (SurfacePlan plan : stained) {
      ready(plan).ifPresent(since -> then(since.place(), place));
      plan.match().spots().stream()
          .flatMap(spot -> spot.rung().flatMap(r -> r.treatment().cleaner()).stream())
          .flatMap(remover -> tested(remover, plan).stream())
          .forEach(test -> then(test, place));
      ready.put(plan.surface().id(), sinceSpot(rounds, place, plan));
    }
  }

  private Since sinceSpot(List<RoundDraft> rounds, int place, SurfacePlan plan) {
    return rounds.stream()
        .flatMap(
            round ->
                round.pieces.stream()
                    .filter(piece -> piece.surfaceIds().contains(plan.surface().id()))
                    .map(
                        piece ->
                            new Since(place, round.at + piece.to() + plan.driesS(), piece.id())))
        .reduce((a, b) -> b)
        .orElseThrow();
  }

  private List<String> afterCleaning(SurfacePlan plan) {
    return plan.firstRung().isPresent()
        ? List.of("check-" + plan.surface().id())
        : opening.opened();
  }

  private String spotId(String zone) {
    return "r-spot-" + zone + "-" + named.merge("spot " + zone, 1, Integer::sum);
  }

  /** Rounds at one place that can be worked in one go. */
  private List<List<List<SurfacePlan>>> blocks(List<List<SurfacePlan>> groups) {
    double most = figures.get("round.most");
    List<List<List<SurfacePlan>>> blocks = new ArrayList<>();
    double full = 0;
    for (List<SurfacePlan> group : groups) {
      double minutes =
          times.overheadS() / 60.0 + group.stream().mapToDouble(cleaning::minutes).sum();
      List<List<SurfacePlan>> last = blocks.isEmpty() ? List.of() : blocks.get(blocks.size() - 1);
      boolean joins = !last.isEmpty() && full + minutes <= most && isOnePlace(last.get(0), group);
      if (joins) {
        last.add(group);
        full += minutes;
      } else {
        blocks.add(new ArrayList<>(List.of(group)));
        full = minutes;
      }
    }
    return blocks;
  }

  private boolean isOnePlace(List<SurfacePlan> a, List<SurfacePlan> b) {
    SurfacePlan first = a.get(0);
    SurfacePlan next = b.get(0);
    boolean parts = waitsForPart(first) || waitsForPart(next);
    return !parts
        && (people == 1 || Surfaces.isTextile(first) == Surfaces.isTextile(next))
        && stage(first) == stage(next)
        && place(first).equals(place(next));
  }

  /** Where one person works without going anywhere; among several it is a zone. */
  private String place(SurfacePlan plan) {
    return people == 1 ? Walk.place(plan.surface().zone()) : plan.surface().zone();
  }

  private static Stage stage(SurfacePlan plan) {
    return Walk.stage(plan.surface(), Surfaces.isTextile(plan));
  }

  private void clean(
      List<RoundDraft> rounds,
      List<List<SurfacePlan>> block,
      Map<String, Integer> inZone,
      Map<Stage, Integer> gates) {
    SurfacePlan first = block.get(0).get(0);
    Stage stage = stage(first);
    int gate = gates.computeIfAbsent(stage, s -> tasks.milestone("before-" + s, before(s)));
    int place =
        Surfaces.isTextile(first) ? tasks.add(rounds, Tool.Kind.EXTRACTOR) : tasks.add(rounds);
    then(prepared(), place);
    then(gate, place);
    boolean parts = block.stream().flatMap(List::stream).anyMatch(this::waitsForPart);
    Integer above = inZone.put(first.surface().zone(), place);
    if (people == 1 && walked >= 0 && !parts) {
      then(walked, place);
    } else if (above != null) {
      then(above, place);
    }
    walked = parts ? walked : place;
    cleaned.computeIfAbsent(stage, s -> new ArrayList<>()).add(place);
    for (int i = 0; i < block.size(); i++) {
      RoundDraft round = rounds.get(i);
      for (SurfacePlan plan : block.get(i)) {
        begin(plan, place);
        ready.put(plan.surface().id(), readyAfter(round, place, plan));
      }
    }
  }

  private boolean waitsForPart(SurfacePlan plan) {
    return partOf.containsKey(plan.surface().id());
  }

  private String id(String zone) {
    int number = named.merge(zone, 1, Integer::sum);
    return "r-clean-" + zone + "-" + number;
  }

  private void begin(SurfacePlan plan, int place) {
    Optional.ofNullable(fitted.get(plan.surface().id())).ifPresent(f -> then(f.place(), place));
    plan.firstRung()
        .flatMap(rung -> rung.treatment().cleaner())
        .flatMap(cleaner -> tested(cleaner, plan))
        .ifPresent(test -> then(test, place));
  }

  private List<String> cleanedAfter(SurfacePlan plan) {
    List<String> after = new ArrayList<>();
    Optional<String> test =
        plan.firstRung()
            .flatMap(rung -> rung.treatment().cleaner())
            .flatMap(cleaner -> tests.of(cleaner, plan));
    after.addAll(test.map(List::of).orElseGet(opening::opened));
    Optional.ofNullable(fitted.get(plan.surface().id())).map(Since::taskId).ifPresent(after::add);
    return after;
  }

  private static Since readyAfter(RoundDraft round, int place, SurfacePlan plan) {
    String panel = plan.surface().id();
    int looked =
        round.pieces.stream()
            .filter(p -> p.id().equals("check-" + panel))
            .mapToInt(RoundDraft.Piece::to)
            .findFirst()
            .orElseThrow();
    return round.waits.stream()
        .filter(wait -> wait.plan() == plan)
        .findFirst()
        .filter(wait -> wait.until() >= looked)
        .map(wait -> new Since(place, round.at + wait.until(), wait.id()))
        .orElse(new Since(place, round.at + looked, "check-" + panel));
  }

  /** Rounds that have to be over before a stage begins. */
  private List<Integer> before(Stage stage) {
    return cleaned.entrySet().stream()
        .filter(entry -> entry.getKey().compareTo(stage) < 0)
        .flatMap(entry -> entry.getValue().stream())
        .toList();
  }

  private List<Integer> all() {
    return cleaned.values().stream().flatMap(List::stream).toList();
  }

  /** Each zone cleaned and finished before the next is begun. */
  private void zoneByZone() {
    Map<String, List<SurfacePlan>> zones = new LinkedHashMap<>();
    surfaces.forEach(p -> zones.computeIfAbsent(p.surface().zone(), z -> new ArrayList<>()).add(p));
    for (List<SurfacePlan> plans : zones.values()) {
      cleaned.clear();
      clean(plans);
      finishing.of(plans, all(), all());
      plans.stream()
          .map(plan -> finishing.finished(plan).orElse(null))
          .filter(Objects::nonNull)
          .mapToInt(Since::place)
          .max()
          .ifPresent(last -> walked = Math.max(walked, last));
    }
  }

  /** The last look checks the grip of what is held, and that is checked dry. */
  private void handover() {
    RoundDraft last =
        RoundDraft.single(
            "handover", Step.HANDOVER, List.of(), figures.get("time.handover"), List.of());
    List<Integer> rounds = List.copyOf(tasks.rounds().keySet());
    int all = tasks.milestone("done", rounds);
    int place = tasks.add(last);
    then(all, place);
    last.gates.addAll(rounds);
    for (int block : rounds) {
      for (RoundDraft round : Known.of(tasks.rounds(), block)) {
        round.waits.stream()
            .filter(wait -> wait.why() == RoundDraft.Why.DRIES)
            .filter(wait -> wait.plan().surface().role().isControlled())
            .mapToInt(Wait::until)
            .max()
            .ifPresent(until -> tasks.network().from(block, place, round.at + until));
      }
    }
  }

  static List<String> ids(List<SurfacePlan> plans) {
    return plans.stream().map(SurfacePlan::surface).map(Surface::id).toList();
  }

  private int then(int earlier, int later) {
    return tasks.then(earlier, later);
  }
}
