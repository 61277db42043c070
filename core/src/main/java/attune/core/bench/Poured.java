package attune.core.bench;

import attune.core.measure.Ratio;
import attune.core.plan.Step;
import attune.core.reference.Figures;
import attune.core.run.Looked;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What a step took out of its bottle, by area, wetness and passes.
 *
 * @param step that was worked
 * @param ratio at which its bottle was mixed
 * @param ml of the bottle as it was mixed, for the passes that were made
 * @param plannedMl the same for those that were planned
 */
public record Poured(StepSoFar step, Ratio ratio, double ml, double plannedMl) {

  /**
   * Every step of one panel that was worked with a bottle. A test spot is left out: it takes a few
   * drops.
   *
   * @param areasM2 of the panels, m², by their ids; one that is not among them takes nothing
   */
  public static List<Poured> of(RunSoFar run, Map<String, Double> areasM2, Figures figures) {
    Pouring pouring = new Pouring(run, areasM2, figures.get("laid.later"));
    return run.hands().filter(Poured::counts).map(pouring::of).toList();
  }

  private static boolean counts(StepSoFar step) {
    return step.step() != Step.TEST_SPOT
        && step.surfaceIds().size() == 1
        && step.productId().isPresent()
        && (step.isDone() || step.state().passes() > 0);
  }

  private record Pouring(RunSoFar run, Map<String, Double> areasM2, double later) {
    Poured of(StepSoFar step) {
      Optional<FrozenResidue> residue = residue(step);
      if (step.run().rung().isEmpty()) {
        double ml = residue.map(FrozenResidue::ml).orElseGet(() -> doseMl(step)) / alike(step);
        Optional<Ratio> planned =
            residue.filter(r -> r.productId().equals(step.productId())).map(FrozenResidue::ratio);
        return new Poured(step, planned.orElseGet(step::ratio), ml, ml);
      }
      double firstMl = firstPassMl(step.run().rung().get(), step) / alike(step);
      int planned = step.run().task().looked().map(Looked::passesHigh).orElse(1);
      return new Poured(
          step, step.ratio(), firstMl * passes(step.passesMade()), firstMl * passes(planned));
    }

    /** The first pass is laid in full, later ones in part. */
    private double passes(int made) {
      return 1 + (Math.max(1, made) - 1) * later;
    }

    private double firstPassMl(FrozenRung rung, StepSoFar step) {
      return rung.spot()
          .map(spot -> spot.ml() / passes(rung.passesHigh()))
          .orElse(rung.laidGPerM2() * areasM2.getOrDefault(panel(step), 0.0));
    }

    private Optional<FrozenResidue> residue(StepSoFar step) {
      return step.step() == Step.RESIDUE
          ? run.plan().panel(panel(step)).flatMap(FrozenPanel::residue)
          : Optional.empty();
    }

    private double doseMl(StepSoFar step) {
      return run.plan()
          .panel(panel(step))
          .flatMap(panel -> panel.laidIn(step.step()))
          .map(FrozenFinish::doseMl)
          .orElse(0.0);
    }

    /** Sections and coats share what the panel takes. */
    private long alike(StepSoFar step) {
      return run.steps().stream()
          .filter(s -> s.surfaceIds().equals(step.surfaceIds()))
          .filter(s -> s.step() == step.step() && s.run().rung().equals(step.run().rung()))
          .count();
    }

    private static String panel(StepSoFar step) {
      return step.surfaceIds().get(0);
    }
  }
}
