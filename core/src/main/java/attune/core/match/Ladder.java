package attune.core.match;

import attune.core.match.Place.Leniency;
import attune.core.match.Search.Option;
import attune.core.match.Treatment.Warmth;
import attune.core.reference.Figures;
import attune.core.shelf.NeverMix;
import attune.core.shelf.Product;
import attune.core.survey.Condition.Wear;
import attune.core.words.Phrases;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * Builds the ladder: the least harm that is strong enough, then firmer rungs in order. Harm does
 * not look at the soil, and what is needed only grows with it, so more soil never gives a milder
 * first rung.
 */
final class Ladder {
  private static final Phrases PHRASES = Phrases.of(Ladder.class);

  /** What a damp cloth and one firmer pass leave of dust is no dust. */
  private static final int DUST_RUNGS = 2;

  private static final String NEXT = PHRASES.say("soil-still-on-the-cloth");

  private final double rungStep;
  private final int rungsMost;
  private final double doubt;
  private final int passesMost;
  private final Needs needs;

  Ladder(Rulebook book) {
    Figures figures = book.figures();
    needs = book.needs();
    rungStep = figures.get("cleaning.rung-step");
    rungsMost = figures.whole("cleaning.rungs-most");
    doubt = figures.get("cleaning.doubt");
    passesMost = figures.whole("cleaning.passes-most");
  }

  /** Least harm first; then fewest passes, what is open already, undyed tools, and by name. */
  Comparator<Option> leastHarm(Search search) {
    return Comparator.comparingDouble(Option::harm)
        .thenComparingInt(option -> search.place().demand().passesAt(option.action(), needs))
        .thenComparing(option -> option.mixed().filter(m -> isOpen(m.product())).isEmpty())
        .thenComparing(option -> option.tool().dyed())
        .thenComparing(option -> search.treatment(option).key());
  }

  private static boolean isOpen(Product product) {
    return product.openedOn().isPresent();
  }

  /**
   * Action a pass the first rung must have: enough for this soil; failing that for the next lower
   * one, in more passes, so that it is never milder than that; and where a treatment was tried in
   * vain, a rung more than it.
   *
   * @return empty where nothing is strong enough
   */
  Optional<Double> firstNeeds(Search search, List<Tried> tried) {
    double most =
        search.strong().stream()
            .filter(option -> mayLead(search, option))
            .mapToDouble(Option::action)
            .max()
            .orElse(-1);
    if (most < 0) {
      return Optional.empty();
    }
    double least = afterTrying(search, tried);
    if (least > most) {
      return Optional.empty();
    }
    List<Double> neededUpTo = search.place().demand().neededUpTo();
    for (int level = neededUpTo.size() - 1; level >= 0; level--) {
      if (neededUpTo.get(level) <= most) {
        return Optional.of(Math.max(least, neededUpTo.get(level)));
      }
    }
    return Optional.of(Math.max(least, most));
  }

  private double afterTrying(Search search, List<Tried> tried) {
    return tried.stream()
        .filter(t -> t.result() == Tried.Result.SOIL_STAYS)
        .mapToDouble(t -> search.acts(t.treatment()) * rungStep)
        .max()
        .orElse(0);
  }

  /**
   * The least harmful of all that act hard enough; where cloth, hand and sponge come before any
   * bristle, the gentlest of those that do it in a few passes more.
   *
   * @param tried true where something was tried in vain: then only what is firmer than that counts
   */
  Optional<Option> first(Search search, double needed, boolean tried) {
    return (tried ? Optional.<Option>empty() : soft(search))
        .or(() -> least(search, o -> mayLead(search, o) && o.action() >= needed));
  }

  /** Steam on hide, vinyl and nap comes late, unless there is nothing else at all. */
  private static boolean mayLead(Search search, Option option) {
    return option.warmth() != Warmth.STEAM
        || !search.place().steamsLate()
        || search.strong().stream().allMatch(o -> o.warmth() == Warmth.STEAM);
  }

  /** A few passes more, then some more still, rather than a mix beyond the routine window. */
  private Optional<Option> soft(Search search) {
    Place place = search.place();
    Demand demand = place.demand();
    if (!place.isSoftFirst()) {
      return Optional.empty();
    }
    Predicate<Option> leads = o -> isSoft(o, place) && mayLead(search, o);
    return least(search, leads.and(o -> o.action() >= demand.softly()))
        .or(() -> least(search, leads.and(o -> o.action() >= demand.patiently())));
  }

  static boolean isSoft(Option option, Place place) {
    return Harm.isSoft(option.tool())
        && option
            .mixed()
            .flatMap(Mixes.Mixed::ph)
            .filter(place.limits()::isBeyondRoutine)
            .isEmpty();
  }

  /** The rungs above a first one. */
  List<Option> firmerThan(Search search, Option first) {
    List<Option> rungs = new ArrayList<>();
    Optional<Option> last = Optional.of(first);
    int most = search.place().demand().isDustOnly() ? DUST_RUNGS : rungsMost;
    while (rungs.size() + 1 < most) {
      Option before = last.get();
      Optional<Product> bottle = product(before);
      last =
          least(
              search,
              option ->
                  option.action() >= before.action() * rungStep
                      && option.harm() > before.harm()
                      && !isSameMeans(option, before)
                      && NeverMix.between(bottle, product(option)).isEmpty());
      if (last.isEmpty()) {
        break;
      }
      rungs.add(last.get());
    }
    return rungs;
  }

  /** The same bottle, tool and warmth: to let it sit longer is no other rung. */
  private static boolean isSameMeans(Option a, Option b) {
    return a.tool().id().equals(b.tool().id())
        && a.warmth() == b.warmth()
        && a.mixed().equals(b.mixed());
  }

  private static Optional<Product> product(Option option) {
    return option.mixed().map(Mixes.Mixed::product);
  }

  private Optional<Option> least(Search search, Predicate<Option> which) {
    Comparator<Option> order = null;
    Option best = null;
    for (Option option : search.strong()) {
      boolean candidate = best == null || option.harm() <= best.harm();
      if (candidate && which.test(option)) {
        if (best != null && option.harm() == best.harm()) {
          order = order == null ? leastHarm(search) : order;
          best = order.compare(option, best) < 0 ? option : best;
        } else {
          best = option;
        }
      }
    }
    return Optional.ofNullable(best);
  }

  /** What is said of each rung on this very surface. */
  List<Rung> rungs(Place place, List<Verdict> chosen) {
    List<Rung> rungs = new ArrayList<>();
    String endPoint = endPoint(place);
    String stop = stop(place);
    for (int i = 0; i < chosen.size(); i++) {
      Verdict verdict = chosen.get(i);
      boolean last = i == chosen.size() - 1;
      rungs.add(
          new Rung(
              verdict,
              Math.min(
                  place.demand().passesAt(verdict.action() * (1 + doubt), needs), verdict.passes()),
              Math.min(
                  place.demand().passesAt(verdict.action() * (1 - doubt), needs),
                  verdict.passes() + (place.lets(Leniency.LEAVES_SOME) ? 0 : passesMost)),
              endPoint,
              last ? Endings.end(place, verdict).text() : NEXT,
              stop));
    }
    return rungs;
  }

  private static String endPoint(Place place) {
    if (place.finish().hasNap()) {
      return PHRASES.say("foam-stays-white-and-the");
    }
    if (place.finish().isTextile()) {
      return PHRASES.say("a-fresh-white-cloth-blots");
    }
    String cloth = PHRASES.say("a-fresh-white-face-comes");
    return place
        .finish()
        .cleanSheen()
        .map(
            sheen ->
                PHRASES.say(
                    "dry-sheen-to-gu",
                    cloth,
                    Phrases.number("%.0f", sheen.lowGu()),
                    Phrases.number("%.0f", sheen.highGu())))
        .orElse(cloth);
  }

  /** What ends the work at once, whatever is left of the soil. */
  private static String stop(Place place) {
    boolean colour =
        place.finish().isHide()
            || place.finish().hasNap()
            || place.surface().condition().wear() != Wear.INTACT;
    if (colour) {
      return PHRASES.say("stop-at-once-if-the");
    }
    return place.finish().isTextile()
        ? PHRASES.say("stop-if-the-cloth-takes")
        : PHRASES.say("stop-if-it-dulls-hazes");
  }
}
