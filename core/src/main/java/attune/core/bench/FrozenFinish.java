package attune.core.bench;

import attune.core.plan.Step;
import attune.core.shelf.Span;
import attune.core.survey.Wishes.Sheen;
import java.util.Optional;

/**
 * One finishing product on one panel.
 *
 * @param doseMl the whole amount, all coats
 * @param waitS seconds to wait after the step before it
 * @param flash when it is levelled, s; empty for what goes in
 * @param absorbS when what goes in is levelled
 * @param levelTo empty for what is blotted and stands, as on nap
 */
public record FrozenFinish(
    Step step,
    Optional<String> productId,
    Optional<String> applicatorId,
    double doseMl,
    int coats,
    int waitS,
    Optional<Span> flash,
    Optional<Integer> absorbS,
    Optional<Sheen> levelTo,
    int cureS,
    int sitAfterS) {

  /** Whether it holds only on a surface without any film. */
  public boolean bonds() {
    return step == Step.COAT || step == Step.BARRIER;
  }
}
