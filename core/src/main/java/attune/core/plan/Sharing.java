package attune.core.plan;

import attune.core.check.Known;
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
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * One bottle and tool for a zone where it stands that: panels take what their neighbours are worked
 * with, or one bottle of theirs and a tool of the cabin, as long as that is no stiffer than a
 * panel's own, no more alkaline than its own or its routine, hardly more harmful, still reaches the
 * standard, and costs few minutes more than fetching another tool would.
 */
final class Sharing {
  private final Matcher matcher;
  private final Matcher.Neighbours neighbours;
  private final WorkTimes times;
  private final double mostMin;
  private final double mostPasses;
  private final double mostPh;
  private final double test;
  private final Map<String, Map<String, Optional<Worked>>> judged = new HashMap<>();
  private final Map<String, Integer> tests = new HashMap<>();
  private List<Tool> tools = List.of();

  Sharing(Matcher matcher, Matcher.Neighbours neighbours, WorkTimes times, Figures figures) {
    this.matcher = matcher;
    this.neighbours = neighbours;
    this.times = times;
    this.mostMin = figures.get("round.share-most");
    this.mostPasses = figures.get("cleaning.passes-most");
    this.mostPh = figures.get("round.share-ph");
    this.test = figures.get("time.test-spot");
  }

  private record Zone(Walk.Stage stage, String zone, boolean textile) {}

  private record Means(String cleaner, String ratio, String tool, Treatment.Warmth warmth) {
    static Means of(Treatment t) {
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
    tools =
        zones.values().stream()
            .flatMap(List::stream)
            .map(match -> match.ladder().get(0).treatment().tool())
            .distinct()
            .sorted(Comparator.comparingInt(Tool::stiffness).thenComparing(Tool::id))
            .toList();
    for (List<SurfaceMatch> zone : zones.values()) {
      zone.forEach(m -> tests.merge(pair(m, m.ladder().get(0).treatment()), 1, Integer::sum));
    }
    Map<String, SurfaceMatch> shared = new LinkedHashMap<>();
    zones.values().forEach(zone -> share(zone, shared));
    return matches.stream()
        .map(match -> shared.getOrDefault(match.place().surface().id(), match))
        .toList();
  }

  private void share(List<SurfaceMatch> zone, Map<String, SurfaceMatch> shared) {
    Map<Means, List<Worked>> groups = new LinkedHashMap<>();
    for (SurfaceMatch match : zone) {
      groups
          .computeIfAbsent(Means.of(match.ladder().get(0).treatment()), k -> new ArrayList<>())
          .add(Worked.of(match, match.ladder().get(0).treatment(), minutes(match)));
    }
    Optional<Join> join = cheapest(groups);
    while (join.isPresent()) {
      join.get().tests().forEach((pair, more) -> tests.merge(pair, more, Integer::sum));
      join.get().parts().forEach(groups::remove);
      groups
          .computeIfAbsent(join.get().means(), k -> new ArrayList<>())
          .addAll(join.get().panels());
      join = cheapest(groups);
    }
    groups.values().stream()
        .flatMap(List::stream)
        .filter(Worked::isOther)
        .forEach(
            panel -> {
              SurfaceMatch as = neighbours.match(panel.own().place(), panel.now());
              if (!as.ladder().isEmpty()) {
                shared.put(panel.own().place().surface().id(), as);
              }
            });
  }

  /** A panel as the matcher would have it and as it is worked now. */
  private record Worked(SurfaceMatch own, Treatment now, Means means, double minutes) {
    static Worked of(SurfaceMatch own, Treatment now, double minutes) {
      return new Worked(own, now, Means.of(now), minutes);
    }

    int stiffness() {
      return own.ladder().get(0).treatment().tool().stiffness();
    }

    boolean isOther() {
      return !now.equals(own.ladder().get(0).treatment());
    }
  }

  /** Two groups worked with one bottle and tool. */
  private record Join(
      Means means,
      Set<Means> parts,
      List<Worked> panels,
      Map<String, Integer> tests,
      double more) {}

  /** The join of two groups that costs least, where any costs little enough. */
  private Optional<Join> cheapest(Map<Means, List<Worked>> groups) {
    List<Means> all =
        groups.keySet().stream().sorted(Comparator.comparing(Means::toString)).toList();
    Join best = null;
    for (int i = 0; i < all.size(); i++) {
      for (int j = i + 1; j < all.size(); j++) {
        List<Worked> both = new ArrayList<>(groups.get(all.get(i)));
        both.addAll(groups.get(all.get(j)));
        for (Candidate as :
            candidates(both, Known.of(groups, all.get(i)), Known.of(groups, all.get(j)))) {
          Optional<Join> join = join(both, as, Set.of(all.get(i), all.get(j)));
          if (join.isPresent() && (best == null || join.get().more() < best.more())) {
            best = join.get();
          }
        }
      }
    }
    return Optional.ofNullable(best);
  }

  /** A way both of two groups might be worked. */
  private record Candidate(Treatment treatment, Means means, String key) {
    static Candidate of(Treatment t) {
      return new Candidate(t, Means.of(t), t.key());
    }
  }

  /** Either's bottle and warmth with any tool that is in the cabin anyway, their own first. */
  private List<Candidate> candidates(List<Worked> both, List<Worked> a, List<Worked> b) {
    int softest = both.stream().mapToInt(Worked::stiffness).min().orElse(0);
    Treatment one = a.get(0).now();
    Treatment other = b.get(0).now();
    Map<Means, Candidate> found = new LinkedHashMap<>();
    for (Treatment bottle : List.of(one, other)) {
      if (bottle.tool().stiffness() <= softest) {
        found.putIfAbsent(Means.of(bottle), Candidate.of(bottle));
      }
    }
    for (Treatment bottle : List.of(one, other)) {
      for (Tool tool : tools) {
        if (tool.stiffness() <= softest) {
          for (Treatment.Warmth warmth : EnumSet.of(one.warmth(), other.warmth())) {
            Candidate as = Candidate.of(bottle.with(tool).warmed(warmth));
            found.putIfAbsent(as.means(), as);
          }
        }
      }
    }
    return List.copyOf(found.values());
  }

  private Optional<Join> join(List<Worked> panels, Candidate as, Set<Means> parts) {
    List<Worked> taken = new ArrayList<>();
    Map<String, Integer> pairs = new HashMap<>();
    double more = 0;
    for (Worked panel : panels) {
      boolean same = as.means().equals(panel.means());
      Optional<Worked> then = same ? Optional.of(panel) : as(panel.own(), as);
      if (then.isEmpty()) {
        return Optional.empty();
      }
      more += then.get().minutes() - panel.minutes();
      pairs.merge(pair(panel.own(), panel.now()), -1, Integer::sum);
      pairs.merge(pair(panel.own(), as.treatment()), 1, Integer::sum);
      taken.add(then.get());
    }
    more += test * pairs.entrySet().stream().mapToInt(e -> begun(e.getKey(), e.getValue())).sum();
    return more > mostMin
        ? Optional.empty()
        : Optional.of(new Join(as.means(), parts, taken, pairs, more));
  }

  /** A bottle on a finish, which is tested once. */
  private static String pair(SurfaceMatch match, Treatment treatment) {
    String bottle = treatment.cleaner().map(p -> p.id()).orElse("");
    return bottle + " " + match.place().finish().code();
  }

  /** 1 where a test comes on, -1 where one falls away. */
  private int begun(String pair, int more) {
    int before = tests.getOrDefault(pair, 0);
    return Integer.signum(before + more) - Integer.signum(before);
  }

  private Optional<Worked> as(SurfaceMatch match, Candidate theirs) {
    return judged
        .computeIfAbsent(match.place().surface().id(), id -> new HashMap<>())
        .computeIfAbsent(theirs.key(), key -> judged(match, theirs.treatment()));
  }

  /** A neighbour's treatment as this panel would take it; empty where it had better not. */
  private Optional<Worked> judged(SurfaceMatch match, Treatment theirs) {
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
    boolean serves =
        verdict.isOffered()
            && (sameBottle || isMild(match.place(), verdict, own.verdict()))
            && verdict.passes() <= Math.min(mostPasses, own.verdict().passes() + 2)
            && verdict.harm() <= own.verdict().harm() * 1.25;
    return serves
        ? Optional.of(Worked.of(match, as, minutes(match.place(), as)))
        : Optional.empty();
  }

  /** No more alkaline than its own, or than what the finish is washed with every week. */
  private boolean isMild(Place place, Verdict theirs, Verdict own) {
    return theirs.ph().isPresent()
        && own.ph().isPresent()
        && theirs.ph().get().high()
            <= Math.max(
                own.ph().get().high(), Math.min(mostPh, place.limits().phRoutineHigh().value()));
  }

  private double minutes(SurfaceMatch match) {
    return minutes(match.place(), match.ladder().get(0).treatment());
  }

  private double minutes(Place place, Treatment treatment) {
    int passes = Math.max(1, matcher.judge(place, treatment).passes());
    return passes * (times.layMinutes(place.surface(), 1) + times.workMinutes(place, 1, false));
  }
}
