package attune.core.match;

import attune.core.reference.Figures;
import attune.core.shelf.Soil;
import attune.core.survey.Condition;
import attune.core.survey.Condition.Level;
import attune.core.survey.Surface;
import attune.core.survey.Wishes.Standard;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/**
 * What the soil asks for: how much there is, of which families, and how little may stay (domain 4,
 * model 2).
 *
 * @param amount S, in layers of soil
 * @param acceptable what may be left, same unit
 * @param setDye true when a dye has sat long enough to have gone in
 * @param neededUpTo least action a pass that brings this soil, or a lighter one, to this standard,
 *     or a lower one, in the passes a practitioner calls sensible; rising, this soil's own last;
 *     empty for a clean surface. Where its own is out of reach the next lower stands in, so more
 *     soil or a higher standard is never met milder.
 */
public record Demand(
    Level level,
    Set<Soil> soils,
    double amount,
    double acceptable,
    boolean setDye,
    List<Double> neededUpTo) {

  /** Passes needed at an action nobody would call cleaning; a stand-in for "never". */
  public static final int NEVER = 99;

  public static Demand of(Surface surface, Figures figures) {
    Condition condition = surface.condition();
    Level level = condition.soil();
    boolean set =
        condition.soils().stream().anyMatch(Soil::isDye)
            && condition.stainAgeDays().orElse(0) >= figures.get("cleaning.set-dye-days");
    Standard standard = surface.wishes().standard();
    return new Demand(
        level,
        families(condition),
        level == Level.NONE ? 0 : figures.get("cleaning.soil." + level.code()),
        acceptable(standard, figures),
        set,
        neededUpTo(level, standard, figures));
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
    wet.addAll(condition.soils());
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
  public int passesAt(double action, Figures figures) {
    return passes(amount, acceptable, action, figures);
  }

  private static int passes(double amount, double acceptable, double action, Figures figures) {
    if (amount <= acceptable) {
      return 0;
    }
    double keep = Math.exp(-figures.get("cleaning.rate") * action);
    double layer = figures.get("cleaning.layer") * Math.sqrt(action);
    double left = amount;
    for (int pass = 1; pass < NEVER; pass++) {
      left -= Math.min(left * (1 - keep), layer);
      if (left <= acceptable) {
        return pass;
      }
    }
    return NEVER;
  }

  /** Least action a pass for the level found; 0 for a clean surface. */
  public double needed() {
    return isNone() ? 0 : neededUpTo.get(neededUpTo.size() - 1);
  }

  private static double acceptable(Standard standard, Figures figures) {
    return figures.get("cleaning.left." + standard.code());
  }

  private static List<Double> neededUpTo(Level level, Standard standard, Figures figures) {
    TreeSet<Double> needed = new TreeSet<>();
    for (Standard upTo : Standard.values()) {
      double most = 0;
      for (Level each : Level.values()) {
        if (each != Level.NONE && each.compareTo(level) <= 0 && upTo.compareTo(standard) <= 0) {
          double soil = figures.get("cleaning.soil." + each.code());
          int passes = figures.whole("cleaning.passes." + each.code());
          most = Math.max(most, leastAction(soil, acceptable(upTo, figures), passes, figures));
          needed.add(most);
        }
      }
    }
    return List.copyOf(needed);
  }

  private static double leastAction(
      double soil, double acceptable, int mostPasses, Figures figures) {
    double low = 0;
    double high = 8;
    for (int i = 0; i < 40; i++) {
      double middle = (low + high) / 2;
      if (passes(soil, acceptable, middle, figures) <= mostPasses) {
        high = middle;
      } else {
        low = middle;
      }
    }
    return high;
  }
}
