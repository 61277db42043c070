package attune.core.plan;

import attune.core.material.Role;
import attune.core.plan.FinishingGroups.Key;
import attune.core.plan.LaidAreas.Area;
import attune.core.plan.RoundDraft.Piece;
import attune.core.plan.RoundDraft.Wait;
import attune.core.reference.Figures;
import attune.core.shelf.Product;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What goes on after cleaning, as rounds: the residue pass, then product by product and coat by
 * coat, seat by seat to the neighbour, each laid in areas small enough to be wiped inside its flash
 * window, every wait kept.
 */
final class FinishingRounds {
  private final VisitNetwork visit;
  private final VisitTasks tasks;
  private final Figures figures;
  private final WorkTimes times;
  private final LaidAreas laid;
  private final FinishingGroups groups;
  private final Map<String, Since> finished = new HashMap<>();
  private final Map<String, Since> clear = new HashMap<>();
  private int made;

  /** A moment inside a round: its place, seconds after its start, and the task that ends then. */
  record Since(int place, int seconds, String taskId) {}

  FinishingRounds(VisitNetwork visit, VisitTasks tasks, Figures figures, WorkTimes times) {
    this.visit = visit;
    this.tasks = tasks;
    this.figures = figures;
    this.times = times;
    this.laid = new LaidAreas(times);
    this.groups = new FinishingGroups(tasks.isShared(), times, figures);
  }

  /** The last wipe on a panel. */
  Optional<Since> finished(SurfacePlan plan) {
    return Optional.ofNullable(finished.get(plan.surface().id()));
  }

  /**
   * Finishes some panels.
   *
   * @param plans in the order of the walk
   * @param wet rounds that have to be over before anything is protected
   * @param dusty of them, those that have to be over before hide is conditioned
   */
  void of(List<SurfacePlan> plans, List<Integer> wet, List<Integer> dusty) {
    residue(plans.stream().filter(plan -> plan.residue().isPresent() && !bonds(plan)).toList());
    List<SurfacePlan> due = plans.stream().filter(p -> !p.finishSteps().isEmpty()).toList();
    int stages = due.stream().mapToInt(p -> p.finishSteps().size()).max().orElse(0);
    List<Integer> plastics = new ArrayList<>();
    for (int stage = 0; stage < stages; stage++) {
      int now = stage;
      List<SurfacePlan> here =
          due.stream()
              .filter(p -> p.finishSteps().size() > now)
              .sorted(java.util.Comparator.comparing(p -> !Surfaces.isPlastic(p)))
              .toList();
      residue(
          here.stream()
              .filter(plan -> plan.residue().isPresent() && bonds(plan))
              .filter(plan -> bonding(plan) == now)
              .toList());
      int coats = here.stream().mapToInt(p -> p.finishSteps().get(now).coats()).max().orElse(0);
      for (int coat = 1; coat <= coats; coat++) {
        coat(here, stage, coat, wet, dusty, plastics);
      }
    }
  }

  private static boolean bonds(SurfacePlan plan) {
    return bonding(plan) >= 0;
  }

  /** Which of a panel's steps has to bond; -1 for none. */
  private static int bonding(SurfacePlan plan) {
    for (int i = 0; i < plan.finishSteps().size(); i++) {
      if (plan.finishSteps().get(i).bonds()) {
        return i;
      }
    }
    return -1;
  }

  /** What comes before a panel is wiped off: its cleaning, or what was laid before and its wait. */
  private Optional<Since> bare(SurfacePlan plan) {
    return finished(plan)
        .map(
            since ->
                new Since(
                    since.place(),
                    since.seconds() + plan.finishSteps().get(bonding(plan)).waitS(),
                    since.taskId()))
        .or(() -> visit.ready(plan));
  }

  /** Right before what has to bond, so that it is coated within the day. */
  private void residue(List<SurfacePlan> bare) {
    boolean once = groups.isCarried(bare.stream().mapToDouble(groups::wipingMinutes).sum());
    Map<String, List<SurfacePlan>> parts = new LinkedHashMap<>();
    bare.forEach(
        p ->
            parts
                .computeIfAbsent(
                    (once ? "" : p.surface().zone()) + bottle(p), z -> new ArrayList<>())
                .add(p));
    int dries = figures.whole("residue.dries");
    for (List<SurfacePlan> plans : parts.values()) {
      ResiduePass first = plans.get(0).residue().orElseThrow();
      RoundDraft round =
          RoundDraft.on(plans, id(Step.RESIDUE), Step.RESIDUE)
              .with(
                  first.product(),
                  first.product().map(p -> p.label().standard().code()),
                  Optional.of(first.cloth()))
              .overhead(times.overheadS());
      for (SurfacePlan plan : plans) {
        String panel = plan.surface().id();
        round.then(
            "residue-" + panel,
            Step.RESIDUE,
            List.of(panel),
            WorkTimes.seconds(groups.wipingMinutes(plan)),
            bare(plan).map(Since::taskId).stream().toList());
      }
      int place = tasks.add(round);
      tasks.then(visit.prepared(), place);
      for (int i = 0; i < plans.size(); i++) {
        Piece piece = round.pieces.get(i);
        bare(plans.get(i)).ifPresent(since -> from(since, place, 0));
        tested(plans.get(i)).ifPresent(test -> tasks.then(test, place));
        clear.put(plans.get(i).surface().id(), new Since(place, piece.to() + dries, piece.id()));
      }
    }
  }

  private Optional<Integer> tested(SurfacePlan plan) {
    return plan.residue().flatMap(ResiduePass::product).flatMap(p -> visit.tested(p, plan));
  }

  private static String bottle(SurfacePlan plan) {
    return plan.residue().flatMap(ResiduePass::product).map(p -> " " + p.id()).orElse("");
  }

  private void coat(
      List<SurfacePlan> plans,
      int stage,
      int coat,
      List<Integer> wet,
      List<Integer> dusty,
      List<Integer> plastics) {
    Map<Key, List<SurfacePlan>> groups = this.groups.of(plans, stage, coat);
    Map<Product, Integer> walked = new HashMap<>();
    Map<Product, List<Unlevelled>> unlevelled = new LinkedHashMap<>();
    groups.forEach(
        (key, group) -> {
          Coat laid = lay(key, group, stage, coat, unlevelled);
          (key.step() == Step.CONDITION ? dusty : wet)
              .forEach(before -> tasks.then(before, laid.place()));
          if (key.plastic() && stage == 0) {
            plastics.add(laid.last());
          } else if (!key.plastic()) {
            plastics.forEach(dressed -> tasks.then(dressed, laid.place()));
          }
          Integer before = walked.put(key.product(), laid.place());
          if (before != null && !tasks.isShared()) {
            tasks.then(before, laid.place());
          }
          laid.round().gates.addAll(key.step() == Step.CONDITION ? dusty : wet);
        });
    unlevelled.values().forEach(laid -> levelled(laid, stage, coat));
  }

  /** Laid on a zone, and not yet gone in. */
  private record Unlevelled(
      int place, RoundDraft round, List<SurfacePlan> plans, List<Area> areas) {}

  /** What went in everywhere is levelled in one go round the cabin. */
  private void levelled(List<Unlevelled> laid, int stage, int coat) {
    List<SurfacePlan> plans = laid.stream().flatMap(u -> u.plans().stream()).toList();
    RoundDraft round = RoundDraft.on(plans, id(Step.LEVEL), Step.LEVEL).overhead(times.overheadS());
    laid.forEach(u -> u.areas().forEach(area -> LaidAreas.level(round, area)));
    plans.forEach(plan -> settle(round, plan, plan.finishSteps().get(stage), coat));
    int place = tasks.add(round);
    for (Unlevelled u : laid) {
      int begins = round.pieces.get(0).from();
      for (Area area : u.areas()) {
        Piece lay = pieceOf(u.round(), area.lays());
        Piece wipe = pieceOf(round, area.levels());
        int since = lay.to() + area.turn().sitS() - (wipe.from() - begins);
        tasks.network().from(u.place(), place, Math.max(lay.to(), since));
      }
    }
    for (SurfacePlan plan : plans) {
      Piece wiped = lastOn(round, plan);
      finished.put(plan.surface().id(), new Since(place, wiped.to(), wiped.id()));
    }
  }

  private static Piece pieceOf(RoundDraft round, String id) {
    return round.pieces.stream().filter(p -> p.id().equals(id)).findFirst().orElseThrow();
  }

  /** A coat on a zone: where it is laid, and where its last wipe is. */
  private record Coat(int place, int last, RoundDraft round) {}

  private Coat lay(
      Key key,
      List<SurfacePlan> group,
      int stage,
      int coat,
      Map<Product, List<Unlevelled>> unlevelled) {
    List<Area> areas = new ArrayList<>();
    for (SurfacePlan plan : group) {
      areas.addAll(laid.of(plan, plan.finishSteps().get(stage), coat, areas.size()));
    }
    int sits = areas.stream().mapToInt(a -> a.turn().sitS()).max().orElse(0);
    boolean apart =
        areas.get(0).turn().mostS() == Leapfrog.NO_END
            && sits > figures.get("absorb.wait-most")
            && group.get(0).finishSteps().get(stage).levels(coat);
    RoundDraft round =
        RoundDraft.on(group, id(key.step()), key.step())
            .with(Optional.of(key.product()), Optional.of("ready"), Optional.of(key.applicator()))
            .overhead(times.overheadS());
    int place;
    if (apart) {
      areas.forEach(area -> LaidAreas.lay(round, area));
      place = tasks.add(round);
      unlevelled
          .computeIfAbsent(key.product(), p -> new ArrayList<>())
          .add(new Unlevelled(place, round, group, areas));
    } else if (!group.get(0).finishSteps().get(stage).levels(coat)) {
      areas.forEach(area -> LaidAreas.lay(round, area));
      group.forEach(plan -> settle(round, plan, plan.finishSteps().get(stage), coat));
      place = tasks.add(round);
    } else {
      LaidAreas.inLeapfrog(areas, round);
      group.forEach(plan -> settle(round, plan, plan.finishSteps().get(stage), coat));
      place = tasks.add(round);
    }
    begin(round, place, group, stage, coat);
    if (!apart) {
      for (SurfacePlan plan : group) {
        Piece wiped = lastOn(round, plan);
        finished.put(plan.surface().id(), new Since(place, wiped.to(), wiped.id()));
      }
    }
    return new Coat(place, place, round);
  }

  private static Piece lastOn(RoundDraft round, SurfacePlan plan) {
    return round.pieces.stream()
        .filter(p -> p.surfaceIds().contains(plan.surface().id()))
        .reduce((a, b) -> b)
        .orElseThrow();
  }

  /** Waits for its own panels: dry, cleared, and what was laid before has had its time. */
  private void begin(RoundDraft round, int place, List<SurfacePlan> group, int stage, int coat) {
    tasks.then(visit.prepared(), place);
    for (SurfacePlan plan : group) {
      FinishStep step = plan.finishSteps().get(stage);
      Since before = finished.get(plan.surface().id());
      List<String> after = new ArrayList<>();
      if (before != null) {
        from(before, place, coat > 1 ? step.betweenS() : step.waitS());
        after.add(before.taskId());
      }
      Optional<Since> ready =
          Optional.ofNullable(clear.get(plan.surface().id())).or(() -> visit.ready(plan));
      ready.ifPresent(
          since -> {
            from(since, place, 0);
            after.add(since.taskId());
          });
      waits(round, plan, after);
    }
  }

  private static void waits(RoundDraft round, SurfacePlan plan, List<String> after) {
    for (int i = 0; i < round.pieces.size(); i++) {
      Piece p = round.pieces.get(i);
      if (p.surfaceIds().contains(plan.surface().id()) && p.step() == round.step) {
        round.pieces.set(
            i,
            new Piece(
                p.id(),
                p.step(),
                p.surfaceIds(),
                p.section(),
                p.from(),
                p.to(),
                p.handsS(),
                p.wipe(),
                after));
      }
    }
  }

  private void from(Since since, int place, int wait) {
    tasks.network().from(since.place(), place, since.seconds() + wait);
  }

  /**
   * Sitting and curing count from the last coat of the last product; nobody sits on what is neither
   * seat nor held.
   */
  private static void settle(RoundDraft round, SurfacePlan plan, FinishStep step, int coat) {
    if (coat < step.coats()) {
      return;
    }
    String what = step.step().code() + "-" + plan.surface().id();
    int wiped = lastOn(round, plan).to();
    boolean sat = plan.surface().role() == Role.SEAT || plan.surface().role().isControlled();
    if (step.sitAfterS() > 0 && sat) {
      round.waits.add(
          new Wait("sit-" + what, RoundDraft.Why.NOT_SAT_IN, plan, wiped, step.sitAfterS()));
    }
    if (step.cureS() > 0) {
      round.waits.add(new Wait("cure-" + what, RoundDraft.Why.CURES, plan, wiped, step.cureS()));
    }
  }

  private String id(Step step) {
    made++;
    return "r-" + step.code() + "-" + made;
  }
}
