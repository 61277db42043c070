package attune.core.plan;

import static attune.core.plan.VisitTasks.numbered;

import attune.core.check.Known;
import attune.core.match.ReasonCode;
import attune.core.match.Rung;
import attune.core.match.TotalWet;
import attune.core.match.Treatment;
import attune.core.plan.RoundDraft.Piece;
import attune.core.plan.RoundDraft.Wait;
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

  private static final int SITTING_AT_ONCE = 2;

  private final Figures figures;
  private final WorkTimes times;

  CleaningRounds(Figures figures, WorkTimes times) {
    this.figures = figures;
    this.times = times;
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
    return times.cleanMinutes(plan.match().place(), rung, passes(rung), rinsed(plan))
        + times.checkMinutes(plan.match().place());
  }

  private static int dries(SurfacePlan plan) {
    return plan.dry().map(Drying::estimateS).orElse(0);
  }

  private static int passes(Rung rung) {
    return Math.max(1, rung.verdict().passes());
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
      List<Work> works = new ArrayList<>();
      batch.forEach(plan -> works.addAll(sections(plan, works.size())));
      lay(round, works, after);
      look(round, unseen, round, byId);
      unseen = batch.stream().map(p -> p.surface().id()).toList();
    }
    round.unseen = unseen;
    return round;
  }

  /** Panels that are worked before the first of them has to be looked at. */
  private List<List<SurfacePlan>> batches(List<SurfacePlan> group) {
    double most = figures.get("check.batch");
    List<List<SurfacePlan>> batches = new ArrayList<>();
    double full = most;
    for (SurfacePlan plan : group) {
      if (full + minutes(plan) > most) {
        batches.add(new ArrayList<>());
        full = 0;
      }
      batches.get(batches.size() - 1).add(plan);
      full += minutes(plan);
    }
    return batches;
  }

  /** A section of a panel and its passes. */
  private record Work(
      SurfacePlan plan, int section, int count, List<Leapfrog.Turn> turns, boolean wet) {}

  private List<Work> sections(SurfacePlan plan, int before) {
    Rung rung = plan.firstRung().orElseThrow();
    Treatment t = rung.treatment();
    int count = rung.verdict().sections().count();
    int lay = t.isDry() ? 0 : WorkTimes.seconds(times.layMinutes(plan.surface(), 1.0 / count));
    int work =
        WorkTimes.seconds(times.workMinutes(plan.match().place(), 1.0 / count, rinsed(plan)));
    int sit = t.isDry() ? 0 : t.dwellS();
    int window = (int) Math.min(Integer.MAX_VALUE / 2, rung.verdict().sections().windowS());
    List<Work> works = new ArrayList<>();
    for (int section = 1; section <= count; section++) {
      int piece = before + section;
      List<Leapfrog.Turn> turns = new ArrayList<>();
      int atOnce = TotalWet.passesAtOnce(plan.match().place(), t, figures);
      for (int pass = 0; pass < passes(rung); pass++) {
        if (pass > 0 && pass % atOnce == 0) {
          turns.add(new Leapfrog.Turn(piece, 0, dries(plan), Leapfrog.NO_END, 0));
        }
        turns.add(new Leapfrog.Turn(piece, lay, sit, Math.max(window, lay + sit + work), work));
      }
      works.add(new Work(plan, section, count, turns, !t.isDry()));
    }
    return works;
  }

  /** Each section's task runs from where the one before was done to its own last wipe. */
  private void lay(RoundDraft round, List<Work> works, Function<SurfacePlan, List<String>> after) {
    List<Leapfrog.Turn> turns = works.stream().flatMap(work -> work.turns().stream()).toList();
    Leapfrog.Course course = Leapfrog.of(turns, SITTING_AT_ONCE);
    List<Ended> ended = new ArrayList<>();
    int turn = 0;
    for (Work work : works) {
      turn += work.turns().size();
      ended.add(new Ended(work, course.turns().get(turn - 1)));
    }
    ended.sort(java.util.Comparator.comparingInt(e -> e.last().ended()));
    int from = 0;
    for (Ended e : ended) {
      Work work = e.work();
      int to = e.last().ended();
      Leapfrog.Turn one = work.turns().get(0);
      int hands = work.turns().stream().mapToInt(t -> t.layS() + t.workS()).sum();
      int wipeFrom = Math.max(from, e.last().laid() + one.layS() + one.sitS());
      round.pieces.add(
          new Piece(
              numbered("clean-" + work.plan().surface().id(), work.section(), work.count()),
              round.step,
              List.of(work.plan().surface().id()),
              work.count() > 1 ? work.section() : 0,
              round.seconds + from,
              round.seconds + to,
              hands,
              work.wet()
                  ? VisitTasks.wipe(
                      round.seconds + Math.min(wipeFrom, to),
                      round.seconds + Math.max(to, e.last().laid() + one.mostS()))
                  : Optional.empty(),
              after.apply(work.plan())));
      from = to;
    }
    round.seconds += course.seconds();
    round.handsS += course.handsS();
  }

  private record Ended(Work work, Leapfrog.Taken last) {}

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
    int dry = plan.dry().map(Drying::estimateS).orElse(0);
    int wiped = lastSection(round, plan.surface().id()).to();
    return round.at + wiped + (dry <= figures.get("check.wait-most") ? dry : 0);
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
