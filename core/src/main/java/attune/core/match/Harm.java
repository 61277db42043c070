package attune.core.match;

import attune.core.match.Treatment.Warmth;
import attune.core.measure.PhInterval;
import attune.core.reference.Figures;
import attune.core.shelf.Product;
import attune.core.shelf.Product.Film;
import attune.core.shelf.Product.Trait;
import attune.core.shelf.Tool;
import attune.core.survey.Wishes.Avoid;
import java.util.Optional;

/**
 * How aggressive one pass is, 0 upwards, without unit: what the tool, the mix, the way of applying
 * and the warmth each do, added up, and dearer the nearer it comes to what the surface stands. It
 * does not look at the soil, so that more soil can only move a choice up the ladder; and its parts
 * do not look at each other, so that they can be searched apart.
 */
final class Harm {
  private static final double NEUTRAL = 7;
  private static final double PH_SPAN = 3;
  private static final double STIFFEST = 9;
  private static final double WETTEST = 100;
  private static final double HEAT_SPAN = 40;
  private static final double LONGEST_S = 600;
  private static final double STRONGEST = 10;
  private static final double ANY_SOLVENT = 0.3;

  private final CleaningAction action;
  private final double foamWets;
  private final double referenceTemp;
  private final double nearFrom;
  private final double near;
  private final double ph;
  private final double phOccasional;
  private final double agitation;
  private final double wet;
  private final double heat;
  private final double solvent;
  private final double abrasive;
  private final double contact;
  private final double strength;
  private final double film;
  private final double droplets;
  private final double unsaid;
  private final double bristle;
  private final double flat;
  private final double lateSteam;
  private final double stronger;
  private final double firstStep;

  Harm(Figures figures, CleaningAction action) {
    this.action = action;
    foamWets = figures.get("laid.foam-wets");
    referenceTemp = figures.get("cleaning.reference-temp");
    nearFrom = figures.get("harm.near-limit");
    near = figures.get("harm.weight.near");
    ph = figures.get("harm.weight.ph");
    phOccasional = figures.get("harm.weight.ph-occasional");
    agitation = figures.get("harm.weight.agitation");
    wet = figures.get("harm.weight.wet");
    heat = figures.get("harm.weight.heat");
    solvent = figures.get("harm.weight.solvent");
    abrasive = figures.get("harm.weight.abrasive");
    contact = figures.get("harm.weight.contact");
    strength = figures.get("harm.weight.strength");
    film = figures.get("harm.weight.film");
    droplets = figures.get("harm.weight.droplets");
    bristle = figures.get("harm.weight.bristle");
    lateSteam = figures.get("harm.weight.late-steam");
    flat = figures.get("harm.weight.flat");
    stronger = figures.get("harm.weight.stronger");
    firstStep = figures.get("harm.stronger-first");
    unsaid = figures.get("harm.weight.unsaid");
  }

  double of(Place place, Treatment t, Optional<PhInterval> phOnSurface) {
    double ofTool = ofTool(place, t.tool());
    if (t.isDry()) {
      return ofTool;
    }
    Product cleaner = t.cleaner().get();
    double wets = t.standsUp() ? t.laid() * foamWets : t.laid();
    return ofTool
        + ofMix(place, cleaner, action.strength(cleaner, t.ratio()), phOnSurface)
        + ofWay(place, wets, t.dwellS())
        + ofWarmth(place, t.warmth());
  }

  double ofTool(Place place, Tool tool) {
    double stiffness = tool.stiffness();
    return term(agitation, stiffness / STIFFEST, stiffness, place.limits().agitationMax().value())
        + abrasive * (tool.abrasive() ? 1 : 0)
        + bristle * (place.isSoftFirst() && !isSoft(tool) ? 1 : 0)
        + flat * (place.isPile() && tool.kind() == Tool.Kind.CLOTH ? 1 : 0)
        + droplets * tool.throwsDroplets().ordinal();
  }

  /** Nothing that scratches if it is pressed. */
  static boolean isSoft(Tool tool) {
    return switch (tool.kind()) {
      case CLOTH, SPONGE, HAND -> true;
      default -> false;
    };
  }

  double ofMix(
      Place place, Product cleaner, double strengthAtRatio, Optional<PhInterval> onSurface) {
    double percent = cleaner.solventPercent();
    return strength * strengthAtRatio / STRONGEST
        + stronger * beyondLabel(cleaner, strengthAtRatio)
        + solvent * (percent > 0 ? ANY_SOLVENT + percent / 100 : 0)
        + abrasive * (cleaner.has(Trait.ABRASIVE) ? 1 : 0)
        + unsaid
            * (place.surface().wishes().avoid().contains(Avoid.SCENT)
                    && cleaner.has(Trait.SCENT_UNSAID)
                ? 1
                : 0)
        + film * (cleaner.leavesFilm() == Film.NONE ? 0 : 1)
        + (onSurface.isPresent() ? ofPh(place.limits(), onSurface.get()) : 0);
  }

  /** How much stronger than at the label's own ratio, as a share of that; 0 for no stronger. */
  private double beyondLabel(Product cleaner, double strengthAtRatio) {
    return cleaner
        .strength()
        .filter(own -> own > 0)
        .map(own -> strengthAtRatio / own - 1)
        .filter(beyond -> beyond > 1e-9)
        .map(beyond -> firstStep + beyond)
        .orElse(0.0);
  }

  /**
   * @param wets liquid that wets the surface, g/m²
   */
  double ofWay(Place place, double wets, int dwellS) {
    Limits limits = place.limits();
    return term(wet, wets / WETTEST, wets, limits.wetMax().value())
        + term(contact, dwellS / LONGEST_S, dwellS, limits.contactMaxS().value());
  }

  double ofWarmth(Place place, Warmth warmth) {
    double warm = action.temperature(warmth, place.temperature()).value();
    return heat * Math.max(0, warm - referenceTemp) / HEAT_SPAN
        + (warmth == Warmth.STEAM && place.steamsLate() ? lateSteam : 0);
  }

  private double ofPh(Limits limits, PhInterval interval) {
    double off = Math.max(0, Math.max(interval.high() - NEUTRAL, NEUTRAL - interval.low()));
    return ph * off / PH_SPAN + (limits.isBeyondRoutine(interval) ? phOccasional : 0);
  }

  private double term(double weight, double size, double value, double limit) {
    double share = limit <= 0 ? (value > 0 ? 1 : 0) : value / limit;
    double beyond = Math.max(0, Math.min(1, share) - nearFrom) / (1 - nearFrom);
    return weight * size * (1 + beyond * near);
  }
}
