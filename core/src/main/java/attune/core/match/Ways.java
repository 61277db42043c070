package attune.core.match;

import attune.core.match.Mixes.Mixed;
import attune.core.match.Treatment.ApplyTo;
import attune.core.match.Treatment.Warmth;
import attune.core.material.Finish.SteamRule;
import attune.core.material.Finish.WetOn;
import attune.core.material.Role;
import attune.core.measure.Evaporation;
import attune.core.measure.Sections;
import attune.core.reference.Figures;
import attune.core.shelf.Product;
import attune.core.shelf.Shelf;
import attune.core.shelf.Span;
import attune.core.shelf.Tool;
import attune.core.survey.Condition.Wear;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The ways of applying that are worth trying on one surface: where, how wet, how long, how warm.
 */
final class Ways {
  private static final double LONGEST_S = 86_400;
  private static final Span AT_ONCE = new Span(0, 0);

  private final Place place;
  private final CleaningAction action;
  private final double perSecond;
  private final double safety;
  private final double foamKeeps;
  private final double foamWets;
  private final double spare;
  private final double[] usualLaid = new double[ApplyTo.values().length];
  private final double mostLaid;
  private final double leastWorkS;
  private final double textileLaid;
  private final Span usualDwell;
  private final boolean textile;
  private final double wetMost;
  private final boolean old;

  Ways(Place place, CleaningAction action, Figures figures) {
    this.place = place;
    this.action = action;
    perSecond = Math.max(0, Evaporation.gramsPerSecond(place.air(), place.temperature()));
    safety = figures.get("window.safety");
    foamKeeps = figures.get("window.foam-keeps");
    foamWets = figures.get("laid.foam-wets");
    spare = figures.get("laid.dwell-spare");
    for (ApplyTo to : ApplyTo.values()) {
      usualLaid[to.ordinal()] = figures.get("laid." + to.code());
    }
    textileLaid = figures.get("laid.textile");
    mostLaid = figures.get("laid.most");
    double rate = figures.get("rate.work." + place.surface().texture().code());
    leastWorkS = Sections.leastWorkS(place.surface().area(), rate, figures);
    int usual = figures.whole("cleaning.dwell-default");
    usualDwell = new Span(usual, usual);
    textile = place.finish().isTextile();
    old = place.surface().ageMonths() > figures.get("hide.old");
    wetMost = place.limits().wetMax().value();
  }

  /** Where the liquid is put: as free as the surface allows; a cloth carries its own. */
  ApplyTo applyTo(Tool tool) {
    WetOn allowed = place.limits().wetOn().value();
    if (tool.kind() == Tool.Kind.CLOTH || allowed == WetOn.CLOTH) {
      return ApplyTo.CLOTH;
    }
    return allowed == WetOn.TOOL || tool.kind() == Tool.Kind.HAND ? ApplyTo.TOOL : ApplyTo.SURFACE;
  }

  /**
   * Liquid per pass, g/m²: what the way of applying lays, a little more where it must stay wet
   * through a long dwell, and never more than the surface stands. A cloth carries what it carries.
   */
  double laid(boolean foam, int dwellS, ApplyTo to) {
    double usual = soaks(to) ? textileLaid : usualLaid[to.ordinal()];
    double lasts = Math.max(dwellS * spare, dwellS + leastWorkS) * perSecond / kept(foam, to);
    return Math.min(most(foam, to), Math.max(usual, lasts));
  }

  private double most(boolean foam, ApplyTo to) {
    double most =
        to == ApplyTo.CLOTH ? usualLaid[to.ordinal()] : soaks(to) ? Double.MAX_VALUE : mostLaid;
    return Math.min(most, wetMost / (stands(foam, to) ? foamWets : 1));
  }

  private boolean soaks(ApplyTo to) {
    return textile && to == ApplyTo.SURFACE;
  }

  /** Foam holds its liquid up on a surface or a tool, not from a cloth. */
  private static boolean stands(boolean foam, ApplyTo to) {
    return foam && to != ApplyTo.CLOTH;
  }

  private double kept(boolean foam, ApplyTo to) {
    return (1 - safety) * (stands(foam, to) ? foamKeeps : 1);
  }

  /** What of it wets the surface: foam that stands holds most of its liquid up. */
  double wets(boolean foam, int dwellS, ApplyTo to) {
    double laid = laid(foam, dwellS, to);
    return stands(foam, to) ? laid * foamWets : laid;
  }

  /**
   * A dwell cut to what the most that may be laid stays wet for, less the time to work and wipe the
   * least section (docs/trade, C13).
   *
   * @return empty where even the least of it dries too soon
   */
  Optional<Span> within(Span span, boolean foam, ApplyTo to) {
    if (perSecond <= 0 || to == ApplyTo.CLOTH && span.max() == 0) {
      return Optional.of(span);
    }
    double window = most(foam, to) * kept(foam, to) / perSecond;
    int longest = (int) Math.floor(Math.min(window, LONGEST_S) - leastWorkS);
    return longest < span.min()
        ? Optional.empty()
        : Optional.of(new Span(span.min(), Math.min(span.max(), longest)));
  }

  Treatment treatment(Mixed mixed, Tool tool, Warmth warmth, int dwellS) {
    ApplyTo to = applyTo(tool);
    return new Treatment(
        Optional.of(mixed.product()),
        mixed.ratio(),
        tool,
        to,
        laid(mixed.product().isFoam(), dwellS, to),
        warmth,
        dwellS);
  }

  /** Label's least and longest seconds, inside what the finish stands where it can be. */
  Span dwell(Product product) {
    int contact = (int) Math.floor(place.limits().contactMaxS().value());
    Span span = product.dwell().orElse(isScreen() ? AT_ONCE : usualDwell);
    int least = Math.min(span.min(), Math.max(contact, span.min()));
    int most = Math.max(least, Math.min(span.max(), contact));
    return isScreen() || place.rules().is("dwell", "at-once")
        ? new Span(least, least)
        : new Span(least, most);
  }

  /** Wiped with a damp cloth and dried: nothing sits on a screen. */
  private boolean isScreen() {
    return place.surface().role() == Role.SCREEN;
  }

  /**
   * Seconds worth letting it sit: the least, the longest, and between them just long enough for the
   * most of the demand that it can meet. Harm only grows with the dwell, so the mildest that is
   * strong enough is always among them.
   *
   * @param endless action of a pass that would sit for ever
   */
  int[] dwells(Span span, double endless) {
    if (span.min() == span.max()) {
      return new int[] {span.min()};
    }
    List<Double> needed = place.demand().neededUpTo();
    for (int i = needed.size() - 1; i >= 0; i--) {
      int enough = (int) Math.ceil(action.dwell(needed.get(i) / endless) - 1e-9);
      if (enough <= span.max()) {
        return enough > span.min() && enough < span.max()
            ? new int[] {span.min(), enough, span.max()}
            : new int[] {span.min(), span.max()};
      }
    }
    return new int[] {span.min(), span.max()};
  }

  /** Warmth that the kit has and the surface, its state and the house let on. */
  List<Warmth> warmths(Shelf shelf) {
    if (place.surface().condition().hasBlood()) {
      return List.of(Warmth.NONE); // heat sets it
    }
    List<Warmth> warmths = new ArrayList<>(List.of(Warmth.NONE));
    if (!shelf.ofKind(Tool.Kind.MISTER).isEmpty()
        && place.limits().wetOn().value() != WetOn.CLOTH) {
      warmths.add(Warmth.WARM_WATER);
    }
    boolean steamable =
        place.limits().steam().value() != SteamRule.NO
            && place.surface().condition().wear() == Wear.INTACT;
    if (steamable
        && !shelf.ofKind(Tool.Kind.STEAMER).isEmpty()
        && !place.rules().is("steam", "no")) {
      warmths.add(Warmth.STEAM);
      if (place.rules().is("steam", "first") && !old && !place.steamsLate()) {
        return List.of(Warmth.STEAM);
      }
    }
    return warmths;
  }
}
