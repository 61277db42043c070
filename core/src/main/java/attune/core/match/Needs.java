package attune.core.match;

import attune.core.check.Known;
import attune.core.reference.Figures;
import attune.core.survey.Condition.Level;
import attune.core.survey.Wishes.Standard;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;

/**
 * How hard a pass must act for each amount of soil and each standard (docs/trade, model 2): solved
 * once, since it turns on the figures alone.
 */
public final class Needs {
  private static final int BISECTIONS = 40;
  private static final double HARDEST = 8;

  private final double rate;
  private final double layer;
  private final int passesMost;
  private final int passesTried;
  private final double worthOfFirst;
  private final double worthOfLeft;
  private final Map<Level, Double> amount = new EnumMap<>(Level.class);
  private final Map<Standard, Double> acceptable = new EnumMap<>(Standard.class);
  private final Map<Level, Map<Standard, List<Double>>> neededUpTo = new EnumMap<>(Level.class);
  private final Map<Level, Map<Standard, List<Double>>> gentlyUpTo = new EnumMap<>(Level.class);
  private final Map<Level, Map<Standard, Double>> softly = new EnumMap<>(Level.class);
  private final Map<Level, Map<Standard, Double>> patiently = new EnumMap<>(Level.class);
  private final Map<Level, Map<Standard, Double>> leastOffered = new EnumMap<>(Level.class);

  public Needs(Figures figures) {
    rate = figures.get("cleaning.rate");
    layer = figures.get("cleaning.layer");
    passesMost = figures.whole("cleaning.passes-most");
    passesTried = figures.whole("cleaning.passes-tried");
    worthOfFirst = figures.get("cleaning.pass-worth-first");
    worthOfLeft = figures.get("cleaning.pass-worth-left");
    for (Standard standard : Standard.values()) {
      acceptable.put(standard, figures.get("cleaning.left." + standard.code()));
    }
    for (Level level : Level.values()) {
      amount.put(level, level == Level.NONE ? 0 : figures.get("cleaning.soil." + level.code()));
    }
    for (Level level : Level.values()) {
      neededUpTo.put(level, new EnumMap<>(Standard.class));
      gentlyUpTo.put(level, new EnumMap<>(Standard.class));
      softly.put(level, new EnumMap<>(Standard.class));
      patiently.put(level, new EnumMap<>(Standard.class));
      leastOffered.put(level, new EnumMap<>(Standard.class));
      for (Standard standard : Standard.values()) {
        Known.of(neededUpTo, level).put(standard, neededUpTo(level, standard, 0, figures));
        Known.of(gentlyUpTo, level).put(standard, neededUpTo(level, standard, 1, figures));
        Known.of(softly, level)
            .put(standard, most(level, standard, "cleaning.softly-more", figures));
        Known.of(patiently, level).put(standard, patience(level, standard, figures));
        Known.of(leastOffered, level)
            .put(
                standard,
                leastAction(Known.of(amount, level), Known.of(acceptable, standard), passesMost));
      }
    }
  }

  /** S, in layers of soil; 0 for a clean surface. */
  double amount(Level level) {
    return Known.of(amount, level);
  }

  /** What may be left, same unit. */
  double acceptable(Standard standard) {
    return Known.of(acceptable, standard);
  }

  /**
   * @param gently with a pass more than is usual, before anything firmer is taken
   */
  List<Double> neededUpTo(Level level, Standard standard, boolean gently) {
    return Known.of(Known.of(gently ? gentlyUpTo : neededUpTo, level), standard);
  }

  /** The most passes that make sense on anything. */
  int most() {
    return passesMost;
  }

  /** Whether any standard is reached in the passes that make sense. */
  boolean reachesAny(double amount, double action) {
    double left = leftAfter(amount, action, passesMost);
    return acceptable.values().stream().anyMatch(enough -> left <= enough);
  }

  /** Least action of a cloth, a hand or a sponge that is taken before any bristle. */
  double softly(Level level, Standard standard) {
    return Known.of(Known.of(softly, level), standard);
  }

  /** The same with more passes still, before a bristle or a stronger mix is taken. */
  double patiently(Level level, Standard standard) {
    return Known.of(Known.of(patiently, level), standard);
  }

  private double most(Level level, Standard standard, String more, Figures figures) {
    return neededUpTo(level, standard, figures.whole(more), figures).stream()
        .max(Double::compare)
        .orElse(0.0);
  }

  /** Never less than less soil or a lower standard was met with softly: patience is no mildness. */
  private double patience(Level level, Standard standard, Figures figures) {
    double patient = most(level, standard, "cleaning.patiently-more", figures);
    for (Level lower : Level.values()) {
      for (Standard below : Standard.values()) {
        boolean less = lower.compareTo(level) <= 0 && below.compareTo(standard) <= 0;
        if (less && !(lower == level && below == standard)) {
          patient = Math.max(patient, most(lower, below, "cleaning.softly-more", figures));
        }
      }
    }
    return patient;
  }

  /** Least action that gets there in the most passes that make sense. */
  double leastOffered(Level level, Standard standard) {
    return Known.of(Known.of(leastOffered, level), standard);
  }

  /** Passes until what is left is acceptable; {@link Demand#NEVER} when it never is. */
  int passes(double amount, double acceptable, double action) {
    if (amount <= acceptable) {
      return 0;
    }
    double keep = Math.exp(-rate * action);
    double most = layer * Math.sqrt(action);
    double left = amount;
    for (int pass = 1; pass < Demand.NEVER; pass++) {
      left -= Math.min(left * (1 - keep), most);
      if (left <= acceptable) {
        return pass;
      }
    }
    return Demand.NEVER;
  }

  /**
   * Passes that are still worth making where no standard will be reached: two to see what it does,
   * then on while a pass takes off a share worth having of what was there at first, or of what is
   * left.
   *
   * @return 1 to the most that make sense
   */
  int worthMaking(double amount, double action) {
    int passes = passesTried;
    double left = leftAfter(amount, action, passes);
    while (passes < passesMost) {
      double next = leftAfter(left, action, 1);
      double taken = left - next;
      if (taken < worthOfFirst * amount && taken < worthOfLeft * left) {
        return passes;
      }
      left = next;
      passes++;
    }
    return passesMost;
  }

  /** What is left of so much soil after so many passes. */
  public double leftAfter(double amount, double action, int passes) {
    double keep = Math.exp(-rate * action);
    double most = layer * Math.sqrt(action);
    double left = amount;
    for (int pass = 0; pass < passes; pass++) {
      left -= Math.min(left * (1 - keep), most);
    }
    return left;
  }

  /**
   * @param more passes beyond the usual ones
   */
  private List<Double> neededUpTo(Level level, Standard standard, int more, Figures figures) {
    TreeSet<Double> needed = new TreeSet<>();
    double most = 0;
    for (Standard upTo : Standard.values()) {
      for (Level each : Level.values()) {
        if (each != Level.NONE && each.compareTo(level) <= 0 && upTo.compareTo(standard) <= 0) {
          int passes = figures.whole("cleaning.passes." + each.code()) + more;
          passes += upTo == Standard.EXACTING ? figures.whole("cleaning.passes.exacting-more") : 0;
          most =
              Math.max(
                  most, leastAction(Known.of(amount, each), Known.of(acceptable, upTo), passes));
          needed.add(most);
        }
      }
    }
    return List.copyOf(needed);
  }

  /** Least action that brings so much soil down to what may be left in so many passes. */
  double leastAction(double soil, double left, int mostPasses) {
    double low = 0;
    double high = HARDEST;
    for (int i = 0; i < BISECTIONS; i++) {
      double middle = (low + high) / 2;
      if (passes(soil, left, middle) <= mostPasses) {
        high = middle;
      } else {
        low = middle;
      }
    }
    return high;
  }
}
