package attune.core.match;

import attune.core.match.Treatment.ApplyTo;
import attune.core.match.Treatment.Warmth;
import attune.core.material.Texture;
import attune.core.measure.Celsius;
import attune.core.measure.PhInterval;
import attune.core.measure.Ratio;
import attune.core.reference.Figures;
import attune.core.shelf.Product;
import attune.core.shelf.Soil;
import attune.core.shelf.Tool;
import java.util.Optional;

/**
 * Action of one pass, {@code A = chem × mech × 2^((T-20)/15) × d/(d+d50)}: chemistry, mechanical
 * action, temperature and time (Sinner's circle; docs/trade, model 2).
 */
public final class CleaningAction {
  private static final double NEUTRAL = 7;
  private static final double DAY_S = 86_400;

  private final double setDyeFactor;
  private final double notGoodAt;
  private final double strengthUnit;
  private final double dilutionExponent;
  private final double alkaliBoost;
  private final double alkaliBoostMost;
  private final double mechBase;
  private final double mechPerStiffness;
  private final double reachStep;
  private final double referenceTemp;
  private final double doubling;
  private final double dwellHalf;
  private final double wipeContact;
  private final double warmWater;
  private final double steam;

  public CleaningAction(Figures figures) {
    setDyeFactor = figures.get("cleaning.set-dye-factor");
    notGoodAt = figures.get("cleaning.not-good-at");
    strengthUnit = figures.get("cleaning.strength-unit");
    dilutionExponent = figures.get("cleaning.dilution-exponent");
    alkaliBoost = figures.get("cleaning.alkali-boost");
    alkaliBoostMost = figures.get("cleaning.alkali-boost-max");
    mechBase = figures.get("cleaning.mech-base");
    mechPerStiffness = figures.get("cleaning.mech-per-stiffness");
    reachStep = figures.get("cleaning.reach-step");
    referenceTemp = figures.get("cleaning.reference-temp");
    doubling = figures.get("cleaning.doubling");
    dwellHalf = figures.get("cleaning.dwell-half");
    wipeContact = figures.get("cleaning.wipe-contact");
    warmWater = figures.get("warmth.water");
    steam = figures.get("warmth.steam");
  }

  /**
   * Action of a treatment on the soil of a demand that shifts slowest; 0 for dry work on anything
   * but dust, and for a cleaner whose strength is not known.
   */
  public double onAll(
      Demand demand, Treatment treatment, Optional<PhInterval> ph, Texture grain, Celsius surface) {
    double mech = mech(treatment.tool(), grain);
    if (treatment.isDry()) {
      return 0; // loose dust went with nozzle and brush before anything is rubbed
    }
    Product cleaner = treatment.cleaner().get();
    return chem(demand, cleaner, strength(cleaner, treatment.ratio()), ph)
        * mech
        * heat(temperature(treatment.warmth(), surface))
        * time(acts(treatment.dwellS(), treatment.applyTo()));
  }

  /** Action on one soil. */
  public double on(
      Soil soil,
      boolean setDye,
      Treatment treatment,
      Optional<PhInterval> ph,
      Texture grain,
      Celsius surface) {
    double mech = mech(treatment.tool(), grain);
    if (treatment.isDry()) {
      return 0;
    }
    Product cleaner = treatment.cleaner().get();
    return chemOn(soil, setDye, cleaner, strength(cleaner, treatment.ratio()), ph)
        * mech
        * heat(temperature(treatment.warmth(), surface))
        * time(acts(treatment.dwellS(), treatment.applyTo()));
  }

  /** Chemistry on the soil of a demand that shifts slowest. */
  double chem(Demand demand, Product cleaner, double strength, Optional<PhInterval> ph) {
    double slowest = Double.POSITIVE_INFINITY;
    for (Soil soil : demand.soils()) {
      slowest = Math.min(slowest, chemOn(soil, demand.setDye(), cleaner, strength, ph));
    }
    return Double.isInfinite(slowest) ? 0 : slowest;
  }

  private double chemOn(
      Soil soil, boolean setDye, Product cleaner, double strength, Optional<PhInterval> ph) {
    boolean loose = soil == Soil.DUST; // any damp cloth takes it
    double fit = loose || cleaner.goodAt().contains(soil) ? 1 : notGoodAt;
    double alkali = soil.isGrease() && ph.isPresent() ? alkaliBoost(ph.get()) : 1;
    double aged = setDye && soil.sets() ? setDyeFactor : 1;
    return strength / strengthUnit * fit * alkali * aged;
  }

  /** Strength at the ratio used: the label's default is what the record's strength stands for. */
  public double strength(Product cleaner, Ratio ratio) {
    double dilution = cleaner.label().standard().factor() / ratio.factor();
    return cleaner.strength().orElse(0.0) * Math.pow(dilution, dilutionExponent);
  }

  private double alkaliBoost(PhInterval ph) {
    double above = Math.max(0, ph.middle() - NEUTRAL);
    return Math.min(alkaliBoostMost, 1 + alkaliBoost * above);
  }

  /** Mechanical action of a tool on a grain; each step its reach falls short costs. */
  public double mech(Tool tool, Texture grain) {
    return mech(tool.stiffness()) * reach(tool, grain);
  }

  double mech(double stiffness) {
    return mechBase + mechPerStiffness * stiffness;
  }

  double reach(Tool tool, Texture grain) {
    int shortBy = Math.max(0, grain.ordinal() - tool.reach().ordinal());
    return shortBy == 0 ? 1 : Math.pow(reachStep, shortBy);
  }

  double heat(Celsius t) {
    return Math.pow(2, (t.value() - referenceTemp) / doubling);
  }

  double time(double dwellS) {
    return dwellS / (dwellS + dwellHalf);
  }

  /** Seconds it acts: a damp cloth goes on acting while it wipes, so it need not sit at all. */
  double acts(double dwellS, ApplyTo to) {
    return to == ApplyTo.CLOTH ? Math.max(dwellS, wipeContact) : dwellS;
  }

  /**
   * Seconds until so much of what an endless dwell would do is done: the inverse of {@link #time};
   * never, as a day, from 1 upwards.
   */
  double dwell(double share) {
    return share >= 1 ? DAY_S : dwellHalf * share / (1 - share);
  }

  /**
   * Surface temperature during the pass. A hot surface dries the cleaner first, so it is not
   * counted as help.
   */
  public Celsius temperature(Warmth warmth, Celsius surface) {
    return switch (warmth) {
      case NONE, SEAT_HEAT -> new Celsius(Math.min(surface.value(), referenceTemp));
      case WARM_WATER -> new Celsius(warmWater);
      case STEAM -> new Celsius(steam);
    };
  }
}
