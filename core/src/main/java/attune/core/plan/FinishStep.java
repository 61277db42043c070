package attune.core.plan;

import attune.core.shelf.Product;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Span;
import attune.core.shelf.Tool;
import attune.core.survey.Wishes.Sheen;
import java.util.Optional;

/**
 * One finishing product on one surface.
 *
 * @param doseMl the whole amount, all coats, without what the applicator keeps
 * @param waitS seconds to wait after the step before it
 * @param betweenS seconds from the end of a coat to the next
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
    int betweenS,
    Optional<Span> flash,
    Optional<Integer> absorbS,
    Sheen levelTo,
    int cureS,
    int sitAfterS) {

  /** Whether it holds only on a surface without any film. */
  boolean bonds() {
    return step == Step.COAT || step == Step.BARRIER;
  }

  /** Massaged in and covered until the last of it has gone in; only then is it taken off. */
  boolean soaks() {
    return product.is(ProductRole.RESTORING_OIL);
  }

  /** What is brushed and misted into nap is blotted and stands: nothing is levelled on nap. */
  public boolean levels() {
    return !product.is(ProductRole.NAP_PROTECTOR);
  }

  /** Whether a coat is levelled: of what goes in, only the last. */
  boolean levels(int coat) {
    return levels() && (coat == coats || step != Step.CONDITION);
  }

  /** The same in one coat; what soaks still soaks as long. */
  FinishStep inOneCoat() {
    return new FinishStep(
        step,
        product,
        applicator,
        doseMl / coats,
        1,
        waitS,
        betweenS,
        flash,
        soaks() ? absorbS.map(s -> s + (coats - 1) * betweenS) : absorbS,
        levelTo,
        cureS,
        sitAfterS);
  }
}
