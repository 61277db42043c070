package attune.core.measure;

import attune.core.reference.Figures;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Estimates the pH of a mix (docs/trade, model 1). Strong alkali by balance of ions, weak ones by
 * the square-root law (half a unit per tenfold), buffered a tenth of a unit per tenfold, neutral
 * surfactants drifting to the water; measured points, where there are any, are interpolated in log
 * dilution and win. Always an interval; unknown stays unknown.
 */
public final class DilutedPh {
  /** Ion product of water at 25 °C, mol²/l². */
  private static final double KW = 1e-14;

  /** A pen reading at a dilution. */
  public record Measured(Ratio ratio, double ph) {}

  /**
   * What is known of a product.
   *
   * @param supplied pH as supplied, or empty
   * @param nature how it answers to dilution, or empty
   * @param measured pen readings, possibly none
   */
  public record Known(
      Optional<Double> supplied, Optional<PhNature> nature, List<Measured> measured) {
    public Known {
      measured = List.copyOf(measured);
    }

    /** As the label has it, pens aside. */
    public Known asLabelled() {
      return new Known(supplied, nature, List.of());
    }

    /** As pens have it, the label aside; nothing is known where no reading was made. */
    public Known asMeasured() {
      return measured.isEmpty() ? new Known(Optional.empty(), nature, measured) : this;
    }
  }

  private final Figures figures;
  private final double waterPh;
  private final double alkalinity;

  /**
   * @param waterPh pH of the water mixed with; 7.0 for de-ionised
   * @param alkalinity of that water, mmol/l; 0 for de-ionised. What it holds pulls a thin mix, so
   *     the more of both, the wider the doubt.
   */
  public DilutedPh(Figures figures, double waterPh, double alkalinity) {
    this.figures = figures;
    this.waterPh = waterPh;
    this.alkalinity = alkalinity;
  }

  /**
   * The pH on the surface, or empty when the record does not allow an estimate: measure it with a
   * pen.
   */
  public Optional<PhInterval> of(Known product, Ratio ratio) {
    if (!product.measured().isEmpty()) {
      return Optional.of(fromReadings(product, ratio));
    }
    if (product.supplied().isEmpty() || (!ratio.isReady() && product.nature().isEmpty())) {
      return Optional.empty();
    }
    double supplied = product.supplied().get();
    double middle =
        ratio.isReady() ? supplied : byNature(supplied, product.nature().get(), ratio.factor());
    return Optional.of(
        PhInterval.around(middle, labelDoubt() + thinned() * Math.log10(ratio.factor())));
  }

  private double byNature(double supplied, PhNature nature, double factor) {
    double decades = Math.log10(factor);
    return switch (nature) {
      case STRONG_ALKALI -> balanceOfIons(supplied, factor);
      case WEAK_ALKALI, WEAK_ACID ->
          towardsWater(supplied, figures.get("ph.weak-per-decade") * decades);
      case BUFFERED -> towardsWater(supplied, figures.get("ph.buffered-per-decade") * decades);
      case NEUTRAL_SURFACTANT -> waterPh + (supplied - waterPh) / factor;
    };
  }

  /**
   * Net alkalinity divides by the factor, the water's own is added, and the ions settle so that
   * their product is Kw.
   */
  private double balanceOfIons(double supplied, double factor) {
    double net = netAlkali(supplied) / factor + netAlkali(waterPh) * (1 - 1 / factor);
    double hydroxide = (net + Math.sqrt(net * net + 4 * KW)) / 2;
    return 14 + Math.log10(hydroxide);
  }

  private static double netAlkali(double ph) {
    return Math.pow(10, ph - 14) - Math.pow(10, -ph);
  }

  private double towardsWater(double supplied, double step) {
    return supplied >= waterPh
        ? Math.max(waterPh, supplied - step)
        : Math.min(waterPh, supplied + step);
  }

  private PhInterval fromReadings(Known product, Ratio ratio) {
    List<Measured> points = new ArrayList<>(product.measured());
    product.supplied().ifPresent(ph -> points.add(new Measured(Ratio.READY, ph)));
    points.sort(Comparator.comparing(Measured::ratio));
    double at = Math.log10(ratio.factor());
    Measured below = points.get(0);
    Measured above = points.get(points.size() - 1);
    for (Measured point : points) {
      if (point.ratio().compareTo(ratio) <= 0) {
        below = point;
      }
    }
    for (int i = points.size() - 1; i >= 0; i--) {
      if (points.get(i).ratio().compareTo(ratio) >= 0) {
        above = points.get(i);
      }
    }
    double from = Math.log10(below.ratio().factor());
    double to = Math.log10(above.ratio().factor());
    if (at < from || at > to || from == to) {
      return beyond(below, above, at, from, to);
    }
    double middle = below.ph() + (above.ph() - below.ph()) * (at - from) / (to - from);
    return PhInterval.around(middle, figures.get("ph.doubt.measured"));
  }

  /**
   * Outside the readings the nearest one stands, with a doubt that grows, and openly uncertain past
   * one decade.
   */
  private PhInterval beyond(Measured below, Measured above, double at, double from, double to) {
    Measured nearest = Math.abs(at - from) <= Math.abs(at - to) ? below : above;
    double decades = Math.min(Math.abs(at - from), Math.abs(at - to));
    double doubt =
        decades > 1
            ? figures.get("ph.doubt.beyond-decade") * decades
            : figures.get("ph.doubt.measured") + perDecade() * decades;
    return PhInterval.around(nearest.ph(), doubt);
  }

  private double labelDoubt() {
    return figures.get("ph.doubt.label");
  }

  /** Doubt for each tenfold: of the law itself, and of what the water holds. */
  private double thinned() {
    return perDecade() + figures.get("ph.doubt.per-alkalinity") * alkalinity;
  }

  private double perDecade() {
    return figures.get("ph.doubt.per-decade");
  }
}
