package attune.core.measure;

import attune.core.check.Check;
import attune.core.check.InvalidInputException;
import attune.core.reference.Figures;
import attune.core.words.Phrases;
import java.time.LocalDate;

/**
 * What goes into a bottle. All in ml; {@code productMl + waterMl = bottleMl}.
 *
 * @param ratio the dilution
 */
public record Mix(Ratio ratio, double bottleMl, double productMl, double waterMl) {
  private static final Phrases PHRASES = Phrases.of(Mix.class);

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

  /** The last day a dilution is used; then it is poured away and mixed afresh. */
  public static LocalDate useBy(LocalDate mixedOn, Figures figures) {
    return mixedOn.plusDays(figures.whole("mix.keeps"));
  }

  /**
   * A mix made thinner or stronger.
   *
   * @param pourOutMl what leaves the bottle first, so that the rest fits
   * @param addProductMl 0 where it becomes thinner
   * @param addWaterMl 0 where it becomes stronger
   * @param resultMl what is in the bottle then
   */
  public record Step(double pourOutMl, double addProductMl, double addWaterMl, double resultMl) {}

  /**
   * Makes what is left of a mix another ratio: water to thin it, product to strengthen it.
   *
   * @param leftMl what is in the bottle now
   * @param bottleMl what the bottle holds
   */
  public static Step step(double leftMl, Ratio from, Ratio to, double bottleMl) {
    Check.inRange("bottleMl", bottleMl, 1, MOST_ML, "ml");
    Check.inRange("leftMl", leftMl, 1, bottleMl, "ml");
    double product = leftMl / from.factor();
    double water = leftMl - product;
    boolean thinner = to.thinnerThan(from);
    if (!thinner && to.isReady() && !from.isReady()) {
      throw new InvalidInputException("to", to.code(), PHRASES.say("a-ratio-with-water-in"));
    }
    double grows = thinner ? to.factor() / from.factor() : strengthened(water, to, leftMl);
    double kept = Math.min(leftMl, bottleMl / grows);
    double result = kept * grows;
    double added = result - kept;
    return new Step(leftMl - kept, thinner ? 0 : added, thinner ? added : 0, result);
  }

  /** How much a mix grows when its water is to serve for more product. */
  private static double strengthened(double water, Ratio to, double left) {
    return to.isReady() ? 1 : (water / to.water() + water) / left;
  }
}
