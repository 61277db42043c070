package attune.core.plan;

import attune.core.match.Decisions;
import attune.core.match.Matcher;
import attune.core.match.Place;
import attune.core.match.Rung;
import attune.core.match.SurfaceMatch;
import attune.core.match.Treatment;
import attune.core.match.Treatment.ApplyTo;
import attune.core.match.Verdict;
import attune.core.reference.Figures;
import attune.core.shelf.Tool;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * One bottle and tool for a zone where it stands that: a panel takes what its neighbours are worked
 * with, as long as that is no stronger, no more alkaline and no stiffer than its own, still reaches
 * the standard, and costs few minutes more than fetching another tool would.
 */
final class Sharing {
  private final Matcher matcher;
  private final Matcher.Neighbours neighbours;
  private final WorkTimes times;
  private final double mostMin;
  private final double mostPasses;

  Sharing(Matcher matcher, Matcher.Neighbours neighbours, WorkTimes times, Figures figures) {
    this.matcher = matcher;
    this.neighbours = neighbours;
    this.times = times;
    this.mostMin = figures.get("round.share-most");
    this.mostPasses = figures.get("cleaning.passes-most");
  }

  private record Zone(Walk.Stage stage, String zone, boolean textile) {}

  private record Means(String cleaner, String ratio, String tool, Treatment.Warmth warmth) {
    static Means of(SurfaceMatch match) {
      Treatment t = match.ladder().get(0).treatment();
      return new Means(
          t.cleaner().map(p -> p.id()).orElse(""), t.ratio().code(), t.tool().id(), t.warmth());
    }
  }

  /**
   * The same panels in the same order, some of them worked as their neighbours; where something was
   * tried in vain, its own next rung stands.
   */
  List<SurfaceMatch> of(List<SurfaceMatch> matches, Decisions decisions) {
    Map<Zone, List<SurfaceMatch>> zones = new LinkedHashMap<>();
    List<SurfaceMatch> sorted = new ArrayList<>(matches);
    sorted.sort(Comparator.comparing(match -> match.place().surface().id()));
    for (SurfaceMatch match : sorted) {
      boolean free = decisions.tried(match.place().surface().id()).isEmpty();
      if (!match.ladder().isEmpty() && free) {
        boolean textile = match.place().finish().isTextile();
        Zone zone =
            new Zone(
                Walk.stage(match.place().surface(), textile),
                match.place().surface().zone(),
                textile);
        zones.computeIfAbsent(zone, z -> new ArrayList<>()).add(match);
      }
    }
    Map<String, SurfaceMatch> shared = new LinkedHashMap<>();
    zones.values().forEach(zone -> share(zone, shared));
    return matches.stream()
        .map(match -> shared.getOrDefault(match.place().surface().id(), match))
        .toList();
  }

  private void share(List<SurfaceMatch> zone, Map<String, SurfaceMatch> shared) {
    Map<Means, List<SurfaceMatch>> groups = new LinkedHashMap<>();
    zone.forEach(m -> groups.computeIfAbsent(Means.of(m), k -> new ArrayList<>()).add(m));
    boolean merged = true;
    while (merged && groups.size() > 1) {
      merged = false;
      List<Means> small =
          groups.keySet().stream()
              .sorted(
                  Comparator.comparingDouble((Means m) -> minutes(groups.get(m)))
                      .thenComparing(Means::toString))
              .toList();
      for (int i = 0; i < small.size() && !merged; i++) {
        for (int j = small.size() - 1; j >= 0 && !merged; j--) {
          if (i != j) {
            merged = join(groups, small.get(i), small.get(j), shared);
          }
        }
      }
    }
  }

  private boolean join(
      Map<Means, List<SurfaceMatch>> groups,
      Means from,
      Means to,
      Map<String, SurfaceMatch> shared) {
    Treatment theirs = groups.get(to).get(0).ladder().get(0).treatment();
    List<SurfaceMatch> taken = new ArrayList<>();
    double more = 0;
    for (SurfaceMatch match : groups.get(from)) {
      Optional<Treatment> as = as(match, theirs);
      if (as.isEmpty()) {
        return false;
      }
      more += minutes(match.place(), as.get()) - minutes(match);
      taken.add(neighbours.match(match.place(), as.get()));
    }
    if (more > mostMin || taken.stream().anyMatch(m -> m.ladder().isEmpty())) {
      return false;
    }
    taken.forEach(match -> shared.put(match.place().surface().id(), match));
    groups.get(to).addAll(taken);
    groups.remove(from);
    return true;
  }

  /** A neighbour's treatment as this panel would take it; empty where it had better not. */
  private Optional<Treatment> as(SurfaceMatch match, Treatment theirs) {
    Rung own = match.ladder().get(0);
    Treatment mine = own.treatment();
    boolean decided = match.byHand() || mine.isDry() || theirs.isDry();
    if (decided || theirs.tool().stiffness() > mine.tool().stiffness()) {
      return Optional.empty();
    }
    ApplyTo to =
        theirs.tool().kind() == Tool.Kind.CLOTH
            ? ApplyTo.CLOTH
            : mine.applyTo() == ApplyTo.CLOTH ? ApplyTo.TOOL : mine.applyTo();
    Treatment as = theirs.on(to).laying(Math.min(mine.laid(), theirs.laid()));
    Verdict verdict = matcher.judge(match.place(), as);
    boolean sameBottle =
        theirs.cleaner().equals(mine.cleaner()) && theirs.ratio().equals(mine.ratio());
    boolean milder =
        verdict.ph().isPresent()
            && own.verdict().ph().isPresent()
            && verdict.ph().get().high() <= own.verdict().ph().get().high();
    boolean serves =
        verdict.isOffered()
            && (sameBottle || milder)
            && verdict.passes() <= Math.min(mostPasses, own.verdict().passes() + 2)
            && verdict.harm() <= own.verdict().harm() * 1.25;
    return serves ? Optional.of(as) : Optional.empty();
  }

  private double minutes(List<SurfaceMatch> matches) {
    return matches.stream().mapToDouble(this::minutes).sum();
  }

  private double minutes(SurfaceMatch match) {
    return minutes(match.place(), match.ladder().get(0).treatment());
  }

  private double minutes(Place place, Treatment treatment) {
    int passes = Math.max(1, matcher.judge(place, treatment).passes());
    return passes * (times.layMinutes(place.surface(), 1) + times.workMinutes(place, 1, false));
  }
}
