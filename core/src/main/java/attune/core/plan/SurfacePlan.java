package attune.core.plan;

import attune.core.match.Reason;
import attune.core.match.RuledOut;
import attune.core.match.Rung;
import attune.core.match.SurfaceMatch;
import attune.core.survey.Surface;
import java.util.List;
import java.util.Optional;

/**
 * Everything planned for one surface.
 *
 * @param residue what is wiped over it before something has to bond
 * @param dry empty when nothing wet is done
 * @param minutesLow hands-on minutes if the soil comes off easily
 * @param minutesHigh hands-on minutes if it does not
 */
public record SurfacePlan(
    SurfaceMatch match,
    List<FinishStep> finishSteps,
    Optional<ResiduePass> residue,
    Optional<Drying> dry,
    List<Reason> cautions,
    List<RuledOut> ruledOut,
    int minutesLow,
    int minutesHigh) {
  public SurfacePlan {
    finishSteps = List.copyOf(finishSteps);
    cautions = List.copyOf(cautions);
    ruledOut = List.copyOf(ruledOut);
  }

  /** The same finished otherwise. */
  SurfacePlan finishedWith(List<FinishStep> steps) {
    return new SurfacePlan(match, steps, residue, dry, cautions, ruledOut, minutesLow, minutesHigh);
  }

  /** Nothing of it done at this visit. */
  SurfacePlan leftForLater() {
    return new SurfacePlan(
        match.leftForLater(),
        List.of(),
        Optional.empty(),
        Optional.empty(),
        List.of(),
        ruledOut,
        0,
        0);
  }

  public Surface surface() {
    return match.place().surface();
  }

  public Optional<Rung> firstRung() {
    return match.ladder().stream().findFirst();
  }

  /** True when the first rung lays liquid. */
  public boolean isWet() {
    return firstRung().filter(rung -> !rung.treatment().isDry()).isPresent();
  }
}
