package attune.core.match;

import attune.core.shelf.Product;
import attune.core.shelf.Product.Film;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Shelf;
import java.util.Comparator;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** What takes off the last film before something has to bond: judged as hard as a cleaner. */
public final class Residues {
  /** What it is not asked: it is no cleaner, and meets no soil that was found. */
  private static final Set<ReasonCode> NOT_ASKED =
      Set.of(ReasonCode.NOT_FOR_THIS_SOIL, ReasonCode.STRENGTH_UNKNOWN);

  private Residues() {}

  /** The mildest residue remover that may go on and leaves nothing; empty where there is none. */
  public static Optional<Product> best(Place place, Shelf shelf, Rulebook book) {
    return shelf.withRole(ProductRole.RESIDUE_REMOVER).stream()
        .filter(product -> product.leavesFilm() == Film.NONE)
        .filter(product -> mayGoOn(place, product, book))
        .min(
            Comparator.comparingDouble(Product::solventPercent)
                .thenComparing(product -> product.openedOn().isEmpty())
                .thenComparing(Product::id));
  }

  private static boolean mayGoOn(Place place, Product product, Rulebook book) {
    var ratio = product.label().standard();
    return Stream.concat(
            ProductRules.ofProduct(place, product).stream(),
            RatioRules.of(place, product, ratio, book.ph().of(product.ph(), ratio)).stream())
        .filter(Reason::rulesOut)
        .allMatch(reason -> NOT_ASKED.contains(reason.code()));
  }
}
