package attune.core.plan;

import attune.core.match.Reason;
import attune.core.match.ReasonCode;
import attune.core.match.RuledOut;
import attune.core.match.Rung;
import attune.core.match.SurfaceMatch;
import attune.core.survey.Surface;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Everything planned for one surface.
 *
 * @param leftAlone what still holds from an earlier visit
 * @param residue what is wiped over it before something has to bond
 * @param dry empty when nothing wet is done
 * @param minutesLow hands-on minutes if the soil comes off easily
 * @param minutesHigh hands-on minutes if it does not
 */
public record SurfacePlan(
    SurfaceMatch match,
    List<FinishStep> finishSteps,
    List<LeftAlone> leftAlone,
    Optional<ResiduePass> residue,
    Optional<Drying> dry,
    List<Reason> cautions,
    List<RuledOut> ruledOut,
    int minutesLow,
    int minutesHigh) {
  public SurfacePlan {
    finishSteps = List.copyOf(finishSteps);
    leftAlone = List.copyOf(leftAlone);
    cautions = List.copyOf(cautions);
    ruledOut = List.copyOf(ruledOut);
  }

  /** The same finished otherwise. */
  SurfacePlan finishedWith(List<FinishStep> steps) {
    return new SurfacePlan(
        match, steps, leftAlone, residue, dry, cautions, ruledOut, minutesLow, minutesHigh);
  }

  /** The same with something more to be told of it. */
  SurfacePlan warned(Reason caution) {
    List<Reason> more =
        Stream.concat(cautions.stream().filter(c -> c.code() != caution.code()), Stream.of(caution))
            .sorted(Comparator.comparing(Reason::code))
            .toList();
    return new SurfacePlan(
        match, finishSteps, leftAlone, residue, dry, more, ruledOut, minutesLow, minutesHigh);
  }

  /** Nothing of it done at this visit. */
  static SurfacePlan leftForLater(SurfaceMatch match) {
    return new SurfacePlan(
        match.leftForLater(),
        List.of(),
        List.of(),
        Optional.empty(),
        Optional.empty(),
        List.of(),
        match.ruledOut(),
        0,
        0);
  }

  /** Not touched, and told why: a child seat is strapped in with it. */
  static SurfacePlan leftAsItIs(SurfaceMatch match) {
    SurfacePlan left = leftForLater(match);
    return match.cautions().stream()
        .filter(caution -> caution.code() == ReasonCode.CHILD_SEAT)
        .reduce(left, SurfacePlan::warned, (a, b) -> b);
  }

  /** Seconds until it is dry after its last wipe; 0 where nothing wets it. */
  int driesS() {
    return dry.map(Drying::estimateS).orElse(0);
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
