package attune.core.plan;

import static attune.core.plan.VisitTasks.numbered;

import attune.core.check.Known;
import attune.core.match.ReasonCode;
import attune.core.match.Rung;
import attune.core.match.Treatment;
import attune.core.plan.RoundDraft.Piece;
import attune.core.plan.RoundDraft.Wait;
import attune.core.plan.SectionTurns.Ended;
import attune.core.plan.SectionTurns.Section;
import attune.core.reference.Figures;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * The cleaning of a cabin as rounds: a zone's panels that take one bottle, ratio and tool are one,
 * cut where it would be too long for knees and back. Its looks belong to it.
 */
final class CleaningRounds {
  /** Minutes that sums of the same panels may differ by. */
  private static final double ROUNDING = 1e-6;

  private final Figures figures;
  private final WorkTimes times;
  private final SectionTurns turns;

  CleaningRounds(Figures figures, WorkTimes times) {
    this.figures = figures;
    this.times = times;
    this.turns = new SectionTurns(figures, times);
  }

  /** What panels of one round have in common. */
  private record Key(
      Walk.Stage stage,
      String zone,
      Step step,
      String productId,
      String ratio,
      String toolId,
      Treatment.Warmth warmth,
      int part) {}

  /**
   * Rounds in the order of the walk.
   *
   * @param plans in that order
   * @param partOf number of the part on order a panel waits for, 0 for none
   */
  List<List<SurfacePlan>> grouped(List<SurfacePlan> plans, Function<SurfacePlan, Integer> partOf) {
    Map<Key, List<SurfacePlan>> groups = new LinkedHashMap<>();
    for (SurfacePlan plan : plans) {
      if (plan.firstRung().isPresent()) {
        groups.computeIfAbsent(key(plan, partOf.apply(plan)), k -> new ArrayList<>()).add(plan);
      }
    }
    return groups.values().stream().flatMap(group -> cut(group).stream()).toList();
  }

  private static Key key(SurfacePlan plan, int part) {
    Treatment t = plan.firstRung().orElseThrow().treatment();
    return new Key(
        Walk.stage(plan.surface(), Surfaces.isTextile(plan)),
        plan.surface().zone(),
        step(plan),
        t.cleaner().map(p -> p.id()).orElse(""),
        t.ratio().code(),
        t.tool().id(),
        t.warmth(),
        part);
  }

  private static Step step(SurfacePlan plan) {
    return Surfaces.isTextile(plan) ? Step.TEXTILE : Step.CLEAN;
  }

  /** Pieces of a group that nobody has to kneel at for too long. */
  private List<List<SurfacePlan>> cut(List<SurfacePlan> group) {
    double most = figures.get("round.most");
    double whole = group.stream().mapToDouble(this::minutes).sum();
    int rounds = (int) Math.ceil(whole / most);
    if (rounds <= 1) {
      return List.of(group);
    }
    List<List<SurfacePlan>> cut = new ArrayList<>();
    List<SurfacePlan> now = new ArrayList<>();
    double full = 0;
    for (SurfacePlan plan : group) {
      if (!now.isEmpty()
          && full + minutes(plan) > Math.max(whole / rounds, minutes(plan)) + ROUNDING) {
        cut.add(now);
        now = new ArrayList<>();
        full = 0;
      }
      now.add(plan);
      full += minutes(plan);
    }
    cut.add(now);
    return cut;
  }

  /** Hands-on minutes of a panel, its look included. */
  double minutes(SurfacePlan plan) {
    Rung rung = plan.firstRung().orElseThrow();
    return times.cleanMinutes(plan.match().place(), rung, SectionTurns.passes(rung), rinsed(plan))
        + times.checkMinutes(plan.match().place());
  }

  static boolean rinsed(SurfacePlan plan) {
    return plan.cautions().stream().anyMatch(caution -> caution.code() == ReasonCode.RINSE);
  }

  /**
   * A group as a round: section by section in leapfrog, its looks still to come.
   *
   * @param id unique in the visit
   * @param stays true where the round before was in the same zone
   * @param after ids of tasks a panel's sections wait for
   */
  RoundDraft round(
      String id,
      List<SurfacePlan> group,
      boolean stays,
      Function<SurfacePlan, List<String>> after) {
    SurfacePlan first = group.get(0);
    Treatment t = first.firstRung().orElseThrow().treatment();
    RoundDraft round =
        new RoundDraft(
                id,
                first.surface().zone(),
                step(first),
                group.stream().map(p -> p.surface().id()).toList())
            .with(t.cleaner(), t.cleaner().map(product -> t.ratio().code()), Optional.of(t.tool()))
            .overhead(stays ? times.loadS() : times.overheadS());
    Map<String, SurfacePlan> byId = new LinkedHashMap<>();
    group.forEach(plan -> byId.put(plan.surface().id(), plan));
    List<String> unseen = new ArrayList<>();
    for (List<SurfacePlan> batch : batches(group)) {
      if (batch.stream().mapToDouble(this::minutes).sum() > figures.get("check.batch")) {
        look(round, unseen, round, byId);
        unseen = List.of();
      }
      List<List<Section>> goes = turns.goes(batch);
      for (int i = 0; i < goes.size(); i++) {
        round.seconds += i == 0 ? 0 : turns.restS();
        lay(round, goes.get(i), after);
      }
      look(round, unseen, round, byId);
      unseen = batch.stream().map(p -> p.surface().id()).toList();
    }
    round.unseen = unseen;
    return round;
  }

  /**
   * Panels that are worked before the first of them has to be looked at; more where somebody would
   * stand by meanwhile, as long as each is looked at in time.
   */
  private List<List<SurfacePlan>> batches(List<SurfacePlan> group) {
    double most = figures.get("check.batch");
    List<List<SurfacePlan>> batches = new ArrayList<>();
    double full = most;
    for (SurfacePlan plan : group) {
      if (full + minutes(plan) > most && !fills(batches, plan)) {
        batches.add(new ArrayList<>());
        full = 0;
      }
      batches.get(batches.size() - 1).add(plan);
      full += minutes(plan);
    }
    return batches;
  }

  /** True where a panel fills waits of the batch before it, and that is still looked at in time. */
  private boolean fills(List<List<SurfacePlan>> batches, SurfacePlan plan) {
    if (batches.isEmpty()) {
      return false;
    }
    List<SurfacePlan> batch = new ArrayList<>(batches.get(batches.size() - 1));
    if (SectionTurns.course(turns.of(batch)).idleS() <= figures.whole("check.idle")) {
      return false;
    }
    batch.add(plan);
    List<Section> sections = turns.of(batch);
    Leapfrog.Course course = SectionTurns.course(sections);
    int first = SectionTurns.ended(sections, course).stream().mapToInt(this::valid).min().orElse(0);
    double next = figures.get("check.batch") * 60;
    return course.seconds() - first + next <= figures.get("check.after-most");
  }

  /** Each section's task runs from where the one before was done to its own last wipe. */
  private void lay(
      RoundDraft round, List<Section> sections, Function<SurfacePlan, List<String>> after) {
    Leapfrog.Course course = SectionTurns.course(sections);
    int from = 0;
    for (Ended e : SectionTurns.ended(sections, course)) {
      Section section = e.section();
      int to = e.last().ended();
      Leapfrog.Turn one = section.turns().get(0);
      int wipeFrom = Math.max(from, e.last().laid() + one.layS() + one.sitS());
      round.pieces.add(
          new Piece(
              numbered("clean-" + section.plan().surface().id(), section.number(), section.count()),
              round.step,
              List.of(section.plan().surface().id()),
              section.count() > 1 ? section.number() : 0,
              round.seconds + from,
              round.seconds + to,
              section.handsS(),
              section.wet()
                  ? VisitTasks.wipe(
                      round.seconds + Math.min(wipeFrom, to),
                      round.seconds + Math.max(to, e.last().laid() + one.mostS()))
                  : Optional.empty(),
              after.apply(section.plan())));
      from = to;
    }
    round.seconds += course.seconds();
    round.handsS += course.handsS();
  }

  /**
   * Rounds worked in one go: one behind the other, their looks as late as they may be, so that
   * nobody stands by while the next can be worked, and before the place is left.
   */
  List<RoundDraft> block(List<RoundDraft> rounds, Map<String, SurfacePlan> plans) {
    List<RoundDraft> unseen = new ArrayList<>();
    int now = 0;
    for (int i = 0; i < rounds.size(); i++) {
      RoundDraft round = rounds.get(i);
      round.at = now;
      unseen.add(round);
      boolean last = i == rounds.size() - 1;
      int then = now + round.seconds + (last ? 0 : rounds.get(i + 1).seconds);
      for (RoundDraft r : List.copyOf(unseen)) {
        if (last || then > firstValid(r, plans) + figures.whole("check.after-most")) {
          look(r, r.unseen, round, plans);
          unseen.remove(r);
        }
      }
      now = round.at + round.seconds;
    }
    rounds.forEach(round -> dries(round, plans));
    return rounds;
  }

  /** When the first of a round's panels can be judged, in its block. */
  private int firstValid(RoundDraft round, Map<String, SurfacePlan> plans) {
    return round.surfaceIds.stream()
        .mapToInt(id -> valid(round, Known.of(plans, id)))
        .min()
        .orElse(0);
  }

  private int valid(RoundDraft round, SurfacePlan plan) {
    return round.at + lastSection(round, plan.surface().id()).to() + judgedAfter(plan);
  }

  private int valid(Ended ended) {
    return ended.last().ended() + judgedAfter(ended.section().plan());
  }

  /** Seconds after its last wipe; what dries for long is judged by its cloth. */
  private int judgedAfter(SurfacePlan plan) {
    return plan.driesS() <= figures.get("check.wait-most") ? plan.driesS() : 0;
  }

  /** Looks at panels of one round, made at the end of it or of a later one. */
  private void look(
      RoundDraft round, List<String> panels, RoundDraft within, Map<String, SurfacePlan> plans) {
    for (String id : panels) {
      SurfacePlan plan = Known.of(plans, id);
      Piece last = lastSection(round, id);
      int from = Math.max(within.at + within.seconds, valid(round, plan));
      int length = Math.max(1, WorkTimes.seconds(times.checkMinutes(plan.match().place())));
      round.pieces.add(
          new Piece(
              "check-" + id,
              Step.CHECK,
              List.of(id),
              0,
              from - round.at,
              from - round.at + length,
              length,
              Optional.empty(),
              List.of(last.id())));
      round.handsS += length;
      within.seconds = from + length - within.at;
      within.othersS += round == within ? 0 : length;
    }
  }

  private static Piece lastSection(RoundDraft round, String id) {
    return round.pieces.stream()
        .filter(p -> p.surfaceIds().contains(id) && p.step() == round.step)
        .reduce((a, b) -> b)
        .orElseThrow();
  }

  private static void dries(RoundDraft round, Map<String, SurfacePlan> plans) {
    for (String id : round.surfaceIds) {
      SurfacePlan plan = Known.of(plans, id);
      plan.dry()
          .ifPresent(
              dry ->
                  round.waits.add(
                      new Wait(
                          "dry-" + id,
                          RoundDraft.Why.DRIES,
                          plan,
                          lastSection(round, id).to(),
                          Math.max(1, dry.estimateS()))));
    }
  }
}
