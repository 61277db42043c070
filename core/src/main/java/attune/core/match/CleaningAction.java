package attune.core.match;

import attune.core.match.Treatment.Warmth;
import attune.core.material.Texture;
import attune.core.measure.Celsius;
import attune.core.measure.PhInterval;
import attune.core.reference.Figures;
import attune.core.shelf.Product;
import attune.core.shelf.Soil;
import attune.core.shelf.Tool;
import java.util.Optional;

/**
 * Action of one pass, {@code A = chem × mech × 2^((T-20)/15) × d/(d+d50)}: chemistry, mechanical
 * action, temperature and time (Sinner's circle; domain 4, model 2).
 */
public final class CleaningAction {
  private static final double NEUTRAL = 7;

  private final Figures figures;

  public CleaningAction(Figures figures) {
    this.figures = figures;
  }

  /**
   * Action on one soil; 0 for dry work on anything but dust, and for a cleaner whose strength is
   * not known.
   */
  public double on(
      Soil soil,
      boolean setDye,
      Treatment treatment,
      Optional<PhInterval> ph,
      Texture grain,
      Celsius surface) {
    if (treatment.isDry()) {
      return soil == Soil.DUST
          ? figures.get("cleaning.dust-dry") * mech(treatment.tool(), grain)
          : 0;
    }
    Product cleaner = treatment.cleaner().get();
    double chem = chem(cleaner, treatment, soil, ph);
    double aged = setDye && soil.isDye() ? figures.get("cleaning.set-dye-factor") : 1;
    return chem
        * aged
        * mech(treatment.tool(), grain)
        * heat(temperature(treatment.warmth(), surface))
        * time(treatment.dwellS());
  }

  /** The least action over all soils of a demand: the one that shifts slowest decides. */
  public double onAll(
      Demand demand, Treatment treatment, Optional<PhInterval> ph, Texture grain, Celsius surface) {
    return demand.soils().stream()
        .mapToDouble(soil -> on(soil, demand.setDye(), treatment, ph, grain, surface))
        .min()
        .orElse(0);
  }

  private double chem(Product cleaner, Treatment treatment, Soil soil, Optional<PhInterval> ph) {
    double strength = strength(cleaner, treatment);
    double fit = cleaner.goodAt().contains(soil) ? 1 : figures.get("cleaning.not-good-at");
    double alkali = soil.isGrease() ? ph.map(this::alkaliBoost).orElse(1.0) : 1;
    return strength / figures.get("cleaning.strength-unit") * fit * alkali;
  }

  /** Strength at the ratio used: the label's default is what the record's strength stands for. */
  public double strength(Product cleaner, Treatment treatment) {
    double dilution = cleaner.label().standard().factor() / treatment.ratio().factor();
    return cleaner.strength().orElse(0.0)
        * Math.pow(dilution, figures.get("cleaning.dilution-exponent"));
  }

  private double alkaliBoost(PhInterval ph) {
    double above = Math.max(0, ph.middle() - NEUTRAL);
    return Math.min(
        figures.get("cleaning.alkali-boost-max"), 1 + figures.get("cleaning.alkali-boost") * above);
  }

  /** Mechanical action of a tool on a grain; each step its reach falls short costs. */
  public double mech(Tool tool, Texture grain) {
    return mech(tool.stiffness()) * reach(tool, grain);
  }

  double mech(double stiffness) {
    return figures.get("cleaning.mech-base")
        + figures.get("cleaning.mech-per-stiffness") * stiffness;
  }

  double reach(Tool tool, Texture grain) {
    int shortBy = Math.max(0, grain.ordinal() - tool.reach().ordinal());
    return Math.pow(figures.get("cleaning.reach-step"), shortBy);
  }

  double heat(Celsius t) {
    return Math.pow(
        2, (t.value() - figures.get("cleaning.reference-temp")) / figures.get("cleaning.doubling"));
  }

  double time(double dwellS) {
    return dwellS / (dwellS + figures.get("cleaning.dwell-half"));
  }

  /**
   * Seconds until so much of what an endless dwell would do is done: the inverse of {@link #time};
   * never, as a day, from 1 upwards.
   */
  double dwell(double share) {
    return share >= 1 ? 86_400 : figures.get("cleaning.dwell-half") * share / (1 - share);
  }

  /**
   * Surface temperature during the pass. A hot surface dries the cleaner first, so it is not
   * counted as help.
   */
  public Celsius temperature(Warmth warmth, Celsius surface) {
    double reference = figures.get("cleaning.reference-temp");
    double cold = Math.min(surface.value(), reference);
    return switch (warmth) {
      case NONE, SEAT_HEAT -> new Celsius(cold);
      case WARM_WATER -> new Celsius(figures.get("warmth.water"));
      case STEAM -> new Celsius(figures.get("warmth.steam"));
    };
  }
}
