package attune.core.plan;

import attune.core.match.Dwell;
import attune.core.match.Rung;
import attune.core.match.TotalWet;
import attune.core.match.Treatment;
import attune.core.reference.Figures;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** The passes over the sections of some panels, as one pair of hands takes them in turn. */
final class SectionTurns {
  private static final int SITTING_AT_ONCE = 2;

  private final Figures figures;
  private final WorkTimes times;

  SectionTurns(Figures figures, WorkTimes times) {
    this.figures = figures;
    this.times = times;
  }

  /** A section of a panel and its passes. */
  record Section(SurfacePlan plan, int number, int count, List<Leapfrog.Turn> turns, boolean wet) {
    int handsS() {
      return turns.stream().mapToInt(turn -> turn.layS() + turn.workS()).sum();
    }
  }

  /** A section and the last of its passes. */
  record Ended(Section section, Leapfrog.Taken last) {}

  List<Section> of(List<SurfacePlan> panels) {
    List<Section> sections = new ArrayList<>();
    panels.forEach(plan -> sections.addAll(of(plan, sections.size())));
    return sections;
  }

  /** Sections in as many goes as nobody kneels at for too long, with a rest between them. */
  List<List<Section>> goes(List<SurfacePlan> panels) {
    List<List<Section>> goes = new ArrayList<>();
    int full = 0;
    for (Section section : of(panels)) {
      if (goes.isEmpty() || full + section.handsS() > seconds("round.most")) {
        goes.add(new ArrayList<>());
        full = 0;
      }
      goes.get(goes.size() - 1).add(section);
      full += section.handsS();
    }
    return goes;
  }

  int restS() {
    return seconds("break.rest");
  }

  static Leapfrog.Course course(List<Section> sections) {
    return Leapfrog.of(
        sections.stream().flatMap(section -> section.turns().stream()).toList(), SITTING_AT_ONCE);
  }

  /** The sections as they are done, the first first. */
  static List<Ended> ended(List<Section> sections, Leapfrog.Course course) {
    List<Ended> ended = new ArrayList<>();
    int turn = 0;
    for (Section section : sections) {
      turn += section.turns().size();
      ended.add(new Ended(section, course.turns().get(turn - 1)));
    }
    ended.sort(Comparator.comparingInt(e -> e.last().ended()));
    return ended;
  }

  private List<Section> of(SurfacePlan plan, int before) {
    Rung rung = plan.firstRung().orElseThrow();
    int count = rung.verdict().sections().count();
    List<Section> sections = new ArrayList<>();
    for (int number = 1; number <= count; number++) {
      List<Leapfrog.Turn> turns = turns(plan, rung, before + number);
      sections.add(new Section(plan, number, count, turns, !rung.treatment().isDry()));
    }
    return sections;
  }

  /** Its passes, with what it dries between them where it takes in no more at once. */
  private List<Leapfrog.Turn> turns(SurfacePlan plan, Rung rung, int piece) {
    Treatment treatment = rung.treatment();
    int atOnce = TotalWet.passesAtOnce(plan.match().place(), treatment, figures);
    Leapfrog.Turn pass = pass(plan, rung, piece);
    int onEnd = Math.max(1, seconds("round.most") / Math.max(1, pass.layS() + pass.workS()));
    List<Leapfrog.Turn> turns = new ArrayList<>();
    for (int i = 0; i < passes(rung); i++) {
      if (i > 0 && i % atOnce == 0) {
        turns.add(Leapfrog.Turn.pause(piece, plan.driesS()));
      } else if (i > 0 && i % onEnd == 0) {
        turns.add(Leapfrog.Turn.pause(piece, restS()));
      }
      turns.add(pass);
    }
    return turns;
  }

  /** One pass: worked while it is wet, and before it has sat for longer than it may. */
  private Leapfrog.Turn pass(SurfacePlan plan, Rung rung, int piece) {
    Treatment t = rung.treatment();
    double share = 1.0 / rung.verdict().sections().count();
    int work =
        WorkTimes.seconds(
            times.workMinutes(plan.match().place(), share, CleaningRounds.rinsed(plan)));
    if (t.isDry()) {
      return new Leapfrog.Turn(piece, 0, 0, Leapfrog.NO_END, work);
    }
    int lay = WorkTimes.seconds(times.layMinutes(plan.surface(), share));
    int least = lay + t.dwellS() + work;
    int most = lay + Dwell.of(plan.match().place(), rung).max() + work;
    int window = (int) Math.min(most, rung.verdict().sections().windowS());
    return new Leapfrog.Turn(piece, lay, t.dwellS(), Math.max(window, least), work);
  }

  /** Passes a rung is planned with, at least one. */
  static int passes(Rung rung) {
    return Math.max(1, rung.verdict().passes());
  }

  private int seconds(String minutes) {
    return WorkTimes.seconds(figures.get(minutes));
  }
}
