package attune.core.match;

import attune.core.check.Coded;
import attune.core.measure.Ratio;
import attune.core.reference.Figures;
import attune.core.shelf.Product;
import attune.core.shelf.Tool;
import java.util.Optional;

/**
 * A set of needles: one way of cleaning a surface.
 *
 * @param cleaner empty for dry work
 * @param laid liquid per pass, g/m², foam counted as its liquid
 * @param dwellS seconds it sits before it is worked and wiped
 */
public record Treatment(
    Optional<Product> cleaner,
    Ratio ratio,
    Tool tool,
    ApplyTo applyTo,
    double laid,
    Warmth warmth,
    int dwellS) {

  /** What the cleaner is put on. */
  public enum ApplyTo implements Coded {
    SURFACE,
    TOOL,
    CLOTH
  }

  /** Warmth used as help. */
  public enum Warmth implements Coded {
    NONE,
    SEAT_HEAT,
    WARM_WATER,
    STEAM
  }

  public boolean isDry() {
    return cleaner.isEmpty();
  }

  /** A damp cloth that does not let anything sit: nothing can dry before it is wiped. */
  public boolean isWipedAtOnce() {
    return applyTo == ApplyTo.CLOTH && dwellS == 0;
  }

  public boolean isFoam() {
    return cleaner.map(Product::isFoam).orElse(false);
  }

  /** Foam that stands on the surface or the tool; from a cloth all of it is liquid. */
  public boolean standsUp() {
    return isFoam() && applyTo != ApplyTo.CLOTH;
  }

  /** Liquid that wets the surface, g/m²: foam that stands holds most of its liquid up. */
  public double wets(Figures figures) {
    return standsUp() ? laid * figures.get("laid.foam-wets") : laid;
  }

  public Treatment at(Ratio other) {
    return new Treatment(cleaner, other, tool, applyTo, laid, warmth, dwellS);
  }

  public Treatment with(Tool other) {
    return new Treatment(cleaner, ratio, other, applyTo, laid, warmth, dwellS);
  }

  public Treatment on(ApplyTo other) {
    return new Treatment(cleaner, ratio, tool, other, laid, warmth, dwellS);
  }

  public Treatment laying(double gramsPerSquareMetre) {
    return new Treatment(cleaner, ratio, tool, applyTo, gramsPerSquareMetre, warmth, dwellS);
  }

  public Treatment warmed(Warmth other) {
    return new Treatment(cleaner, ratio, tool, applyTo, laid, other, dwellS);
  }

  public Treatment sitting(int seconds) {
    return new Treatment(cleaner, ratio, tool, applyTo, laid, warmth, seconds);
  }

  /** Stable text to order and compare by. */
  public String key() {
    return cleaner.map(Product::id).orElse("dry")
        + " "
        + ratio.code()
        + " "
        + tool.id()
        + " "
        + applyTo.code()
        + " "
        + warmth.code()
        + " "
        + dwellS
        + " "
        + laid;
  }
}
