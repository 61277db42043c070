package attune.core.measure;

import attune.core.reference.Figures;
import java.util.List;

/** What mixes are made in, from a cup to a bucket. */
public final class Vessels {
  private static final List<Integer> SIZES_ML =
      List.of(20, 50, 100, 250, 500, 750, 1000, 2000, 5000, 10_000, 20_000);

  private Vessels() {}

  /**
   * The smallest that holds enough, with so much product in it that it can be measured; the largest
   * where none does. In ml.
   *
   * @param needed of the mix, ml
   */
  public static double holding(double needed, Ratio ratio, Figures figures) {
    double least = figures.get("mix.product-least");
    return SIZES_ML.stream()
        .filter(ml -> ml >= needed && ml / ratio.factor() >= least)
        .findFirst()
        .orElse(SIZES_ML.get(SIZES_ML.size() - 1));
  }
}
