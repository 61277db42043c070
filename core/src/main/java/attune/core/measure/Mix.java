package attune.core.measure;

import attune.core.check.Check;

/**
 * What goes into a bottle. All in ml; {@code productMl + waterMl = bottleMl}.
 *
 * @param ratio the dilution
 */
public record Mix(Ratio ratio, double bottleMl, double productMl, double waterMl) {
  /** Largest vessel mixed in, ml: a bucket. */
  public static final double MOST_ML = 20_000;

  /** From bottle and ratio: how much of each. */
  public static Mix ofBottle(Ratio ratio, double bottleMl) {
    Check.inRange("bottleMl", bottleMl, 1, MOST_ML, "ml");
    double product = bottleMl / ratio.factor();
    return new Mix(ratio, bottleMl, product, bottleMl - product);
  }

  /** From product at hand and ratio: the bottle it makes. */
  public static Mix ofProduct(Ratio ratio, double productMl) {
    Check.inRange("productMl", productMl, 0.1, MOST_ML, "ml");
    double bottle = productMl * ratio.factor();
    return new Mix(ratio, bottle, productMl, bottle - productMl);
  }

  /** From bottle and product: the ratio it makes. */
  public static Mix ofBottleAndProduct(double bottleMl, double productMl) {
    Check.inRange("bottleMl", bottleMl, 1, MOST_ML, "ml");
    Check.inRange("productMl", productMl, bottleMl / (Ratio.MAX + 1), bottleMl, "ml");
    return new Mix(new Ratio(bottleMl / productMl - 1), bottleMl, productMl, bottleMl - productMl);
  }
}
