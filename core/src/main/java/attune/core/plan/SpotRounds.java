package attune.core.plan;

import attune.core.match.Rung;
import attune.core.match.SpotWork;
import attune.core.match.Treatment;
import attune.core.plan.RoundDraft.Piece;
import attune.core.reference.Figures;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * Stains as rounds: one remover from one cloth at one place, after the panels there are clean. The
 * fresh face that shows a spot is done is its look.
 */
final class SpotRounds {
  /** A stain of a panel. */
  private record Spot(SurfacePlan plan, int number, SpotWork work) {
    Treatment treatment() {
      return work.rung().orElseThrow().treatment();
    }
  }

  private final Figures figures;
  private final WorkTimes times;

  SpotRounds(Figures figures, WorkTimes times) {
    this.figures = figures;
    this.times = times;
  }

  /**
   * Rounds for the stains of panels that are clean, one behind the other.
   *
   * @param id names a round of a zone, each time another
   * @param after ids of tasks a panel's stain waits for
   */
  List<RoundDraft> of(
      List<SurfacePlan> panels,
      Function<String, String> id,
      Function<SurfacePlan, List<String>> after) {
    Map<String, List<Spot>> byBottle = new LinkedHashMap<>();
    for (SurfacePlan plan : panels) {
      List<SpotWork> works = plan.match().spots();
      for (int i = 0; i < works.size(); i++) {
        if (works.get(i).rung().isPresent()) {
          Spot spot = new Spot(plan, i + 1, works.get(i));
          byBottle.computeIfAbsent(bottle(spot), k -> new ArrayList<>()).add(spot);
        }
      }
    }
    List<RoundDraft> rounds = new ArrayList<>();
    int now = 0;
    for (List<Spot> spots : byBottle.values()) {
      RoundDraft round = round(id.apply(zone(spots.get(0))), spots, after);
      round.at = now;
      now += round.seconds;
      rounds.add(round);
    }
    return rounds;
  }

  private static String zone(Spot spot) {
    return spot.plan().surface().zone();
  }

  private static String bottle(Spot spot) {
    Treatment t = spot.treatment();
    return zone(spot)
        + " "
        + t.cleaner().orElseThrow().id()
        + " "
        + t.ratio().code()
        + " "
        + t.tool().id()
        + " "
        + Surfaces.isTextile(spot.plan());
  }

  private RoundDraft round(String id, List<Spot> spots, Function<SurfacePlan, List<String>> after) {
    Spot first = spots.get(0);
    Treatment t = first.treatment();
    RoundDraft round =
        new RoundDraft(
                id,
                zone(first),
                Surfaces.isTextile(first.plan()) ? Step.TEXTILE : Step.CLEAN,
                spots.stream().map(s -> s.plan().surface().id()).distinct().toList())
            .with(t.cleaner(), t.cleaner().map(p -> t.ratio().code()), Optional.of(t.tool()))
            .overhead(times.loadS());
    for (Spot spot : spots) {
      lay(round, spot, after.apply(spot.plan()));
    }
    return round;
  }

  /** Dabbed on, let sit, taken up with a fresh face; nothing else is done meanwhile. */
  private void lay(RoundDraft round, Spot spot, List<String> after) {
    Rung rung = spot.work().rung().orElseThrow();
    int passes = Math.max(1, rung.passesHigh());
    int dab = WorkTimes.seconds(figures.get("time.spot"));
    int sit = rung.treatment().dwellS();
    int length = passes * (dab + sit);
    int last = round.seconds + length;
    round.pieces.add(
        new Piece(
            VisitTasks.numbered(
                "spot-" + spot.plan().surface().id(),
                spot.number(),
                spot.plan().match().spots().size()),
            round.step,
            List.of(spot.plan().surface().id()),
            0,
            round.seconds,
            last,
            passes * dab,
            Optional.empty(),
            after,
            Optional.of(spot.work())));
    round.seconds = last;
    round.handsS += passes * dab;
  }
}
