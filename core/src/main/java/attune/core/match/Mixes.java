package attune.core.match;

import attune.core.measure.PhInterval;
import attune.core.measure.Ratio;
import attune.core.shelf.Product;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Shelf;
import attune.core.shelf.Tool;
import java.util.ArrayList;
import java.util.Comparator;
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
    List<Product> cleaners =
        new ArrayList<>(shelf.products().stream().filter(Product::cleans).toList());
    boolean namesScreens =
        cleaners.stream()
            .filter(product -> product.is(ProductRole.SCREEN_CLEANER))
            .anyMatch(product -> product.onHandMl().filter(ml -> ml <= 0).isEmpty());
    if (!namesScreens) {
      cleaners.add(Product.WATER);
    }
    List<List<Mixed>> ratios = new ArrayList<>();
    for (Product product : cleaners) {
      ratios.add(
          worthMixing(product).stream()
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

  /**
   * Ratios a shop keeps bottles of: the label's own, and one between each two of them. More of them
   * would only make more bottles.
   */
  static List<Ratio> worthMixing(Product product) {
    Product.LabelRatios label = product.label();
    if (label.isReady()) {
      return List.of(Ratio.READY);
    }
    TreeSet<Ratio> ratios =
        new TreeSet<>(List.of(label.mildest(), label.standard(), label.strongest()));
    between(product, label.mildest(), label.standard()).ifPresent(ratios::add);
    between(product, label.standard(), label.strongest()).ifPresent(ratios::add);
    return List.copyOf(ratios);
  }

  private static Optional<Ratio> between(Product product, Ratio thinner, Ratio stronger) {
    double middle = Math.sqrt(thinner.factor() * stronger.factor());
    return ratios(product).stream()
        .filter(ratio -> thinner.thinnerThan(ratio) && ratio.thinnerThan(stronger))
        .min(Comparator.comparingDouble(ratio -> Math.abs(ratio.factor() - middle)));
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
