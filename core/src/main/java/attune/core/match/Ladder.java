package attune.core.match;

import attune.core.reference.Figures;
import attune.core.shelf.NeverMix;
import attune.core.survey.Condition.Wear;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Builds the ladder: the least harm that is strong enough, then firmer rungs in order. Harm does
 * not look at the soil, and what is needed only grows with it, so more soil never gives a milder
 * first rung.
 */
final class Ladder {
  private static final Comparator<Verdict> LEAST_HARM =
      Comparator.comparingDouble(Verdict::harm)
          .thenComparingInt(Verdict::passes)
          .thenComparing(
              verdict ->
                  verdict.treatment().cleaner().filter(c -> c.openedOn().isPresent()).isEmpty())
          .thenComparing(verdict -> verdict.treatment().tool().dyed())
          .thenComparing(verdict -> verdict.treatment().key());

  private final Figures figures;

  Ladder(Figures figures) {
    this.figures = figures;
  }

  List<Rung> of(Place place, List<Verdict> candidates) {
    if (place.demand().isNone()) {
      return List.of();
    }
    List<Verdict> offered =
        candidates.stream().filter(Verdict::isOffered).sorted(LEAST_HARM).toList();
    List<Verdict> chosen = new ArrayList<>();
    Optional<Verdict> next = first(place, offered);
    while (next.isPresent() && chosen.size() < figures.whole("cleaning.rungs-most")) {
      chosen.add(next.get());
      next = firmer(next.get(), offered);
    }
    return rungs(place, chosen);
  }

  /**
   * Strong enough for this soil; failing that for the next lower one, in more passes, so that it is
   * never milder than that.
   */
  private Optional<Verdict> first(Place place, List<Verdict> offered) {
    List<Double> neededUpTo = place.demand().neededUpTo();
    for (int level = neededUpTo.size() - 1; level >= 0; level--) {
      double needed = neededUpTo.get(level);
      Optional<Verdict> enough =
          offered.stream().filter(verdict -> verdict.action() >= needed).findFirst();
      if (enough.isPresent()) {
        return enough;
      }
    }
    return offered.stream()
        .max(Comparator.comparingDouble(Verdict::action).thenComparing(LEAST_HARM.reversed()));
  }

  private Optional<Verdict> firmer(Verdict last, List<Verdict> offered) {
    double atLeast = last.action() * figures.get("cleaning.rung-step");
    return offered.stream()
        .filter(v -> v.action() >= atLeast && v.harm() > last.harm())
        .filter(
            v -> NeverMix.between(last.treatment().cleaner(), v.treatment().cleaner()).isEmpty())
        .findFirst();
  }

  private List<Rung> rungs(Place place, List<Verdict> chosen) {
    List<Rung> rungs = new ArrayList<>();
    double doubt = figures.get("cleaning.doubt");
    for (int i = 0; i < chosen.size(); i++) {
      Verdict verdict = chosen.get(i);
      boolean last = i == chosen.size() - 1;
      rungs.add(
          new Rung(
              verdict,
              place.demand().passesAt(verdict.action() * (1 + doubt), figures),
              Math.min(
                  place.demand().passesAt(verdict.action() * (1 - doubt), figures),
                  verdict.passes() + figures.whole("cleaning.passes-most")),
              endPoint(place),
              leadsOn(place, last)));
    }
    return rungs;
  }

  private static String endPoint(Place place) {
    if (place.finish().hasNap()) {
      return "Foam stays white and the nap moves freely under a finger.";
    }
    if (place.finish().isTextile()) {
      return "A fresh white cloth blots clean.";
    }
    String cloth = "A fresh white face comes away clean.";
    return place
        .finish()
        .cleanSheen()
        .map(
            sheen ->
                ProductRules.text(
                    "%s Dry sheen %.0f to %.0f GU.", cloth, sheen.lowGu(), sheen.highGu()))
        .orElse(cloth);
  }

  private static String leadsOn(Place place, boolean last) {
    boolean colour =
        place.finish().isHide()
            || place.finish().hasNap()
            || place.surface().condition().wear() != Wear.INTACT;
    String stop = colour ? " Stop at once if the cloth takes the trim's own colour." : "";
    return (last
            ? "If soil stays after these passes, leave it or refer it: the finish stands no more."
            : "Soil still on the cloth after these passes leads to the next rung.")
        + stop;
  }
}
