package attune.core.plan;

import attune.core.shelf.Product;
import attune.core.shelf.Span;
import attune.core.shelf.Tool;
import attune.core.survey.Wishes.Sheen;
import java.util.Optional;

/**
 * One finishing product on one surface.
 *
 * @param doseMl the whole amount, all coats, without what the applicator keeps
 * @param waitS seconds to wait after the step before it
 * @param flash when it is wiped, at the temperature of the surface
 * @param absorbS when it is levelled, for products without a flash window
 */
public record FinishStep(
    Step step,
    Product product,
    Tool applicator,
    double doseMl,
    int coats,
    int waitS,
    Optional<Span> flash,
    Optional<Integer> absorbS,
    Sheen levelTo,
    int cureS,
    int sitAfterS) {

  /** Whether it holds only on a surface without any film. */
  boolean bonds() {
    return step == Step.COAT || step == Step.BARRIER;
  }

  /** The same in one coat. */
  FinishStep inOneCoat() {
    return new FinishStep(
        step,
        product,
        applicator,
        doseMl / coats,
        1,
        waitS,
        flash,
        absorbS,
        levelTo,
        cureS,
        sitAfterS);
  }
}
