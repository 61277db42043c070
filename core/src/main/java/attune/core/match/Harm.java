package attune.core.match;

import attune.core.measure.PhInterval;
import attune.core.reference.Figures;
import attune.core.shelf.Product;
import attune.core.shelf.Product.Film;
import attune.core.shelf.Product.Trait;
import java.util.Optional;

/**
 * How aggressive one pass is, 0 upwards, without unit: alkali or acid, agitation, wetness, heat,
 * solvent, abrasion, contact and strength, each weighed, and dearer the nearer it comes to what the
 * surface stands. It does not look at the soil, so that more soil can only move a choice up the
 * ladder.
 */
final class Harm {
  private static final double NEUTRAL = 7;
  private static final double PH_SPAN = 3;
  private static final double STIFFEST = 9;
  private static final double WETTEST = 100;
  private static final double HEAT_SPAN = 40;
  private static final double LONGEST_S = 600;
  private static final double STRONGEST = 10;

  private final Figures figures;
  private final CleaningAction action;

  Harm(Figures figures, CleaningAction action) {
    this.figures = figures;
    this.action = action;
  }

  double of(Place place, Treatment treatment, Optional<PhInterval> ph) {
    Limits limits = place.limits();
    double harm =
        term(
            "agitation",
            treatment.tool().stiffness() / STIFFEST,
            treatment.tool().stiffness(),
            limits.agitationMax().value());
    harm += weight("abrasive") * (treatment.tool().abrasive() ? 1 : 0);
    harm += weight("droplets") * treatment.tool().throwsDroplets().ordinal();
    if (treatment.isDry()) {
      return harm;
    }
    Product cleaner = treatment.cleaner().get();
    double wets = treatment.wets(figures);
    double warm = action.temperature(treatment.warmth(), place.temperature()).value();
    harm += term("wet", wets / WETTEST, wets, limits.wetMax().value());
    harm +=
        term(
            "contact",
            treatment.dwellS() / LONGEST_S,
            treatment.dwellS(),
            limits.contactMaxS().value());
    harm += weight("heat") * Math.max(0, warm - figures.get("cleaning.reference-temp")) / HEAT_SPAN;
    harm += weight("strength") * action.strength(cleaner, treatment) / STRONGEST;
    harm += weight("solvent") * solvent(cleaner);
    harm += weight("abrasive") * (cleaner.has(Trait.ABRASIVE) ? 1 : 0);
    harm += weight("film") * (cleaner.leavesFilm() == Film.NONE ? 0 : 1);
    harm += ph.map(interval -> ph(limits, interval)).orElse(0.0);
    return harm;
  }

  private static double solvent(Product cleaner) {
    return cleaner.solventPercent() > 0 ? 0.3 + cleaner.solventPercent() / 100 : 0;
  }

  private double ph(Limits limits, PhInterval ph) {
    double off = Math.max(0, Math.max(ph.high() - NEUTRAL, NEUTRAL - ph.low()));
    boolean beyondRoutine =
        ph.high() > limits.phRoutineHigh().value() || ph.low() < limits.phRoutineLow().value();
    return weight("ph") * off / PH_SPAN + (beyondRoutine ? weight("ph-occasional") : 0);
  }

  private double term(String scale, double size, double value, double limit) {
    double share = limit <= 0 ? (value > 0 ? 1 : 0) : value / limit;
    double from = figures.get("harm.near-limit");
    double near = Math.max(0, Math.min(1, share) - from) / (1 - from);
    return weight(scale) * size * (1 + near * weight("near"));
  }

  private double weight(String scale) {
    return figures.get("harm.weight." + scale);
  }
}
