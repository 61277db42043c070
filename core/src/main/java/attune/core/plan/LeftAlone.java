package attune.core.plan;

import attune.core.match.Place;
import attune.core.match.Reason;
import attune.core.match.ReasonCode;
import attune.core.plan.Finishing.Wanted;
import attune.core.reference.Figures;
import attune.core.shelf.Product;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Shelf;
import attune.core.survey.Surface;
import attune.core.words.Phrases;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.Optional;

/**
 * A finish that still holds from an earlier visit and so is not laid again (docs/trade, C22).
 *
 * @param productId what was laid then; empty where the record does not say
 * @param last when it was laid
 * @param next when its life is over
 */
public record LeftAlone(
    ProductRole role, Step step, Optional<String> productId, LocalDate last, LocalDate next) {
  private static final Phrases PHRASES = Phrases.of(LeftAlone.class);

  /** What of this kind holds on a surface the longest; empty where it is to be laid. */
  static Optional<LeftAlone> of(Place place, Wanted want, Shelf shelf, Figures figures) {
    return place.surface().history().stream()
        .filter(visit -> had(visit, shelf, want))
        .map(
            visit ->
                new LeftAlone(
                    want.role(),
                    want.step(),
                    visit.productId().filter(id -> isOf(id, shelf, want)),
                    visit.date(),
                    visit.date().plusDays(life(visit, shelf, want, figures))))
        .filter(left -> place.date().isBefore(left.next()))
        .max(Comparator.comparing(LeftAlone::next));
  }

  private static boolean had(Surface.Visit visit, Shelf shelf, Wanted want) {
    return want.role() == ProductRole.COATING && visit.coated()
        || visit.productId().filter(id -> isOf(id, shelf, want)).isPresent();
  }

  private static boolean isOf(String productId, Shelf shelf, Wanted want) {
    return shelf.findProduct(productId).filter(product -> product.is(want.role())).isPresent();
  }

  private static int life(Surface.Visit visit, Shelf shelf, Wanted want, Figures figures) {
    return visit
        .productId()
        .flatMap(shelf::findProduct)
        .filter(product -> product.is(want.role()))
        .flatMap(Product::lifeDays)
        .orElse(figures.whole("finish.life." + want.step().code()));
  }

  /** A coating is looked at instead of laid again; what else holds is let be. */
  Reason said() {
    String held =
        PHRASES.say("of-still-holds-next-from", role.code().replace('-', ' '), last, next);
    return Reason.of(
        ReasonCode.RECENTLY_DONE,
        Reason.Effect.CAUTION,
        Reason.SetBy.LABEL,
        step == Step.COAT
            ? PHRASES.say("the-bead-and-sheen-check", held)
            : PHRASES.say("left-alone-the", held));
  }
}
