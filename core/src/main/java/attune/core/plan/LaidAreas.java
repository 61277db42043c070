package attune.core.plan;

import static attune.core.plan.VisitTasks.numbered;

import attune.core.plan.RoundDraft.Piece;
import attune.core.shelf.Span;
import attune.core.survey.Surface;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Areas of panels that are laid and wiped in one, and where they stand in a round. */
final class LaidAreas {
  private static final int SITTING_AT_ONCE = 12;

  private final WorkTimes times;

  LaidAreas(WorkTimes times) {
    this.times = times;
  }

  /** An area of a panel. */
  record Area(SurfacePlan plan, String lays, String levels, int section, Leapfrog.Turn turn) {}

  /**
   * Areas of a panel for one coat.
   *
   * @param before areas that are laid before them in the same round
   */
  List<Area> of(SurfacePlan plan, FinishStep step, int coat, int before) {
    Surface surface = plan.surface();
    int count = step.flash().map(flash -> count(surface, step, flash)).orElse(1);
    int apply = WorkTimes.seconds(times.applyMinutes(surface, step, coat) / count);
    int level = WorkTimes.seconds(times.levelMinutes(surface, step.step()) / count);
    String which = (coat > 1 ? coat + "-" : "") + surface.id();
    String levels = "level-" + (step.flash().isPresent() ? "" : step.step().code() + "-") + which;
    int sit = step.flash().map(Span::min).orElse(step.absorbS().orElse(0));
    List<Area> areas = new ArrayList<>();
    for (int area = 1; area <= count; area++) {
      int most = step.flash().map(f -> Math.max(f.max(), apply + level)).orElse(Leapfrog.NO_END);
      areas.add(
          new Area(
              plan,
              numbered(step.step().code() + "-" + which, area, count),
              numbered(levels, area, count),
              count > 1 ? area : 0,
              new Leapfrog.Turn(before + area, apply, Math.max(0, sit - apply), most, level)));
    }
    return areas;
  }

  /** Areas small enough to be wiped inside the flash window of their first stroke. */
  private int count(Surface surface, FinishStep step, Span flash) {
    double both =
        60 * (times.applyMinutes(surface, step, 1) + times.levelMinutes(surface, step.step()));
    return (int) Math.max(1, Math.ceil(both / Math.max(30, flash.max() - flash.min())));
  }

  /** Laid and wiped in turn, so that none dries while another is laid. */
  static void inLeapfrog(List<Area> areas, RoundDraft round) {
    Leapfrog.Course course = Leapfrog.of(areas.stream().map(Area::turn).toList(), SITTING_AT_ONCE);
    int begins = round.seconds;
    for (int i = 0; i < areas.size(); i++) {
      Area area = areas.get(i);
      Leapfrog.Taken taken = course.turns().get(i);
      int laid = begins + taken.laid();
      round.pieces.add(
          piece(area, area.lays(), round.step, laid, area.turn().layS(), window(area, laid)));
      round.pieces.add(
          piece(
              area,
              area.levels(),
              Step.LEVEL,
              begins + taken.begun(),
              area.turn().workS(),
              Optional.empty(),
              List.of(area.lays())));
    }
    round.pieces.sort(java.util.Comparator.comparingInt(Piece::from));
    round.seconds = begins + course.seconds();
    round.handsS += course.handsS();
  }

  private static Optional<Span> window(Area area, int laid) {
    return area.turn().mostS() == Leapfrog.NO_END
        ? Optional.empty()
        : VisitTasks.wipe(
            laid + area.turn().layS() + area.turn().sitS(), laid + area.turn().mostS());
  }

  /** Laid at the end of a round, to be levelled later or never. */
  static void lay(RoundDraft round, Area area) {
    round.pieces.add(
        piece(area, area.lays(), round.step, round.seconds, area.turn().layS(), Optional.empty()));
    round.overhead(area.turn().layS());
  }

  /** Levelled at the end of a round. */
  static void level(RoundDraft round, Area area) {
    round.pieces.add(
        piece(
            area,
            area.levels(),
            Step.LEVEL,
            round.seconds,
            area.turn().workS(),
            Optional.empty(),
            List.of(area.lays())));
    round.overhead(area.turn().workS());
  }

  private static Piece piece(
      Area area, String id, Step step, int from, int length, Optional<Span> wipe) {
    return piece(area, id, step, from, length, wipe, List.of());
  }

  private static Piece piece(
      Area area,
      String id,
      Step step,
      int from,
      int length,
      Optional<Span> wipe,
      List<String> after) {
    return new Piece(
        id,
        step,
        List.of(area.plan().surface().id()),
        area.section(),
        from,
        from + length,
        length,
        wipe,
        after);
  }
}
