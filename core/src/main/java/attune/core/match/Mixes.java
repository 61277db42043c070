package attune.core.match;

import attune.core.measure.PhInterval;
import attune.core.measure.Ratio;
import attune.core.shelf.Product;
import attune.core.shelf.Shelf;
import attune.core.shelf.Tool;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;

/**
 * What a shelf offers to clean with: every cleaner at every ratio worth trying, with the pH and
 * strength it comes to, and every tool it is worked with. None of it turns on the surface.
 */
record Mixes(List<Product> cleaners, List<List<Mixed>> ratios, List<Tool> tools, Shelf shelf) {
  private static final List<Integer> USUAL_PARTS_WATER =
      List.of(1, 2, 3, 4, 5, 8, 10, 15, 20, 30, 40, 50);

  /** A cleaner at a ratio: a bottle as it would be filled. */
  record Mixed(Product product, Ratio ratio, Optional<PhInterval> ph, double strength) {}

  static Mixes of(Shelf shelf, Rulebook book, CleaningAction action) {
    List<Product> cleaners = shelf.products().stream().filter(Product::cleans).toList();
    List<List<Mixed>> ratios = new ArrayList<>();
    for (Product product : cleaners) {
      ratios.add(
          ratios(product).stream()
              .map(
                  ratio ->
                      new Mixed(
                          product,
                          ratio,
                          book.ph().of(product.ph(), ratio),
                          action.strength(product, ratio)))
              .toList());
    }
    List<Tool> tools = shelf.tools().stream().filter(tool -> tool.kind().scrubs()).toList();
    return new Mixes(cleaners, List.copyOf(ratios), tools, shelf);
  }

  /** Ratios worth trying, from strongest to mildest: the label's own and the usual ones inside. */
  static List<Ratio> ratios(Product product) {
    Product.LabelRatios label = product.label();
    TreeSet<Ratio> ratios =
        new TreeSet<>(List.of(label.mildest(), label.standard(), label.strongest()));
    USUAL_PARTS_WATER.stream().map(Ratio::new).filter(label::allows).forEach(ratios::add);
    return label.isReady() ? List.of(Ratio.READY) : List.copyOf(ratios);
  }
}
