package attune.core.match;

import attune.core.reference.Figures;
import attune.core.shelf.Soil;
import attune.core.survey.Condition;
import attune.core.survey.Condition.Level;
import attune.core.survey.Condition.Nap;
import attune.core.survey.Stain;
import attune.core.survey.Surface;
import attune.core.survey.Wishes.Standard;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * What the soil asks for: how much there is, of which families, and how little may stay
 * (docs/trade, model 2).
 *
 * @param amount S, in layers of soil
 * @param acceptable what may be left, same unit
 * @param setDye true when a dye or a spill has sat long enough to have gone in
 * @param neededUpTo least action a pass that brings this soil, or a lighter one, to this standard,
 *     or a lower one, in the passes a practitioner calls sensible; rising, this soil's own last;
 *     empty for a clean surface. Where its own is out of reach the next lower stands in, so more
 *     soil or a higher standard is never met milder.
 * @param softly least action a pass of a cloth, a hand or a sponge, where those come before any
 *     bristle
 * @param patiently the same, where some passes more save a bristle or a stronger mix
 * @param leastOffered least action a pass that gets there at all in the most passes that make sense
 */
public record Demand(
    Level level,
    Set<Soil> soils,
    double amount,
    double acceptable,
    boolean setDye,
    List<Double> neededUpTo,
    double softly,
    double patiently,
    double leastOffered) {

  /** Passes needed at an action nobody would call cleaning; a stand-in for "never". */
  public static final int NEVER = 99;

  /**
   * @param limits of the surface: what stands little agitation is given a pass more before anything
   *     firmer
   */
  public static Demand of(Surface surface, Limits limits, Needs needs, Figures figures) {
    Condition condition = surface.condition();
    Level level = condition.soil();
    boolean set = condition.overall().stream().anyMatch(Soil::sets) && isSet(condition, figures);
    Standard standard = surface.wishes().standard();
    Set<Soil> families = families(condition);
    if (families.equals(Set.of(Soil.DUST))) {
      return dust(level, families, standard, needs, figures);
    }
    boolean nap = limits.finish().hasNap();
    boolean gentle =
        !nap && limits.agitationMax().value() <= figures.whole("cleaning.gentle-up-to");
    boolean matted = nap && condition.nap() == Nap.MATTED && level != Level.NONE;
    return new Demand(
        level,
        families,
        matted
            ? Math.max(needs.amount(level), figures.get("cleaning.matted"))
            : needs.amount(level),
        needs.acceptable(standard),
        set,
        needs.neededUpTo(level, standard, gentle),
        needs.softly(level, standard),
        needs.patiently(level, standard),
        needs.leastOffered(level, standard));
  }

  /** A stain by itself: never less than a moderate soil, to the standard of its panel. */
  static Demand of(Stain stain, Surface surface, Needs needs, Figures figures) {
    Level found = surface.condition().soil();
    Level level = found.compareTo(Level.MODERATE) < 0 ? Level.MODERATE : found;
    Standard standard = surface.wishes().standard();
    Soil soil = stain.kind().soil();
    return new Demand(
        level,
        Set.of(soil),
        needs.amount(level),
        needs.acceptable(standard),
        soil.sets() && stain.ageDays().orElse(0) >= figures.get("cleaning.set-dye-days"),
        needs.neededUpTo(level, standard, false),
        needs.softly(level, standard),
        needs.patiently(level, standard),
        needs.leastOffered(level, standard));
  }

  private static boolean isSet(Condition condition, Figures figures) {
    double days = figures.get("cleaning.set-dye-days");
    int oldest =
        condition.told().stream()
            .filter(stain -> stain.extent() == Stain.Extent.PANEL && stain.kind().soil().sets())
            .flatMap(stain -> stain.ageDays().stream())
            .max(Integer::compare)
            .orElse(0);
    return Math.max(oldest, condition.stainAgeDays().orElse(0)) >= days;
  }

  /** Nozzle, blower and brush have had it; a damp cloth takes what is left. */
  private static Demand dust(
      Level level, Set<Soil> families, Standard standard, Needs needs, Figures figures) {
    double left = figures.get("cleaning.dust") * needs.acceptable(standard);
    int passes = figures.whole("cleaning.dust-passes");
    return new Demand(
        level,
        families,
        left,
        needs.acceptable(standard),
        false,
        List.of(needs.leastAction(left, needs.acceptable(standard), passes)),
        needs.leastAction(left, needs.acceptable(standard), passes),
        needs.leastAction(left, needs.acceptable(standard), passes),
        needs.leastAction(left, needs.acceptable(standard), figures.whole("cleaning.passes-most")));
  }

  /**
   * Loose dust goes with the vacuum, odour with its source; what was not named is the film hands
   * leave.
   */
  private static Set<Soil> families(Condition condition) {
    if (condition.soil() == Level.NONE) {
      return Set.of();
    }
    EnumSet<Soil> wet = EnumSet.noneOf(Soil.class);
    wet.addAll(condition.overall());
    boolean onlyDust = wet.equals(EnumSet.of(Soil.DUST));
    wet.remove(Soil.ODOUR);
    if (!onlyDust) {
      wet.remove(Soil.DUST);
    }
    return wet.isEmpty() ? Set.of(Soil.SKIN_OIL) : Set.copyOf(wet);
  }

  public boolean isNone() {
    return level == Level.NONE;
  }

  public boolean isDustOnly() {
    return soils.equals(Set.of(Soil.DUST));
  }

  /** Passes until what is left is acceptable; {@link #NEVER} when it never is. */
  public int passesAt(double action, Needs needs) {
    return needs.passes(amount, acceptable, action);
  }

  /**
   * Passes to make where the standard is out of reach: all that make sense while some standard is
   * within them, else those whose difference is seen.
   */
  public int passesWorthMaking(double action, Needs needs) {
    return needs.reachesAny(amount, action) ? needs.most() : needs.worthMaking(amount, action);
  }

  /** Least action a pass for the level found; 0 for a clean surface. */
  public double needed() {
    return isNone() ? 0 : neededUpTo.get(neededUpTo.size() - 1);
  }
}
