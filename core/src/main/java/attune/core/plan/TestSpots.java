package attune.core.plan;

import attune.core.check.Known;
import attune.core.match.Rung;
import attune.core.match.Treatment;
import attune.core.reference.Figures;
import attune.core.shelf.Product;
import attune.core.survey.Surface;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** A test for each product on each finish, but where it was used on this vehicle before (A4). */
final class TestSpots {
  private final List<SurfacePlan> surfaces;
  private final int each;
  private final Map<String, String> taskOf = new LinkedHashMap<>();
  private final Map<Product, List<SurfacePlan>> panels = new LinkedHashMap<>();

  /**
   * @param surfaces in the order of the walk
   */
  TestSpots(List<SurfacePlan> surfaces, Figures figures, WorkTimes times) {
    this.surfaces = surfaces;
    each = WorkTimes.seconds(times.learnt(Step.TEST_SPOT, figures.get("time.test-spot")));
    for (SurfacePlan plan : surfaces) {
      for (Product cleaner : liquids(plan)) {
        String pair = pair(cleaner, plan);
        if (!taskOf.containsKey(pair) && !isKnownGood(cleaner, plan)) {
          taskOf.put(pair, "test-spot-" + (taskOf.size() + 1));
          panels.computeIfAbsent(cleaner, c -> new ArrayList<>()).add(plan);
        }
      }
    }
  }

  /** True where something liquid goes on before anything is laid that stays. */
  static boolean isWetted(SurfacePlan plan) {
    return !liquids(plan).isEmpty();
  }

  /** The task that tests a bottle on a panel's finish; empty where there is none. */
  Optional<String> of(Product cleaner, SurfacePlan plan) {
    return Optional.ofNullable(taskOf.get(pair(cleaner, plan)));
  }

  /**
   * A round a bottle, one after another; several people take about as many each.
   *
   * @param after ids of tasks that come before
   */
  List<List<RoundDraft>> shares(int people, List<String> after) {
    List<List<RoundDraft>> shares = new ArrayList<>();
    panels.forEach(
        (cleaner, plans) -> {
          if (shares.size() < people) {
            shares.add(new ArrayList<>());
          }
          List<RoundDraft> share =
              shares.stream().min(Comparator.comparingInt(TestSpots::seconds)).orElseThrow();
          RoundDraft round = round(cleaner, plans, after);
          round.at = seconds(share);
          share.add(round);
        });
    return shares;
  }

  private static int seconds(List<RoundDraft> share) {
    return share.stream().mapToInt(round -> round.seconds).sum();
  }

  private RoundDraft round(Product cleaner, List<SurfacePlan> plans, List<String> after) {
    List<String> ids = plans.stream().map(SurfacePlan::surface).map(Surface::id).toList();
    RoundDraft round =
        new RoundDraft("r-test-spot-" + cleaner.id(), Round.CABIN, Step.TEST_SPOT, ids)
            .with(Optional.of(cleaner), ratio(cleaner, plans.get(0)), Optional.empty());
    for (SurfacePlan plan : plans) {
      String task = Known.of(taskOf, pair(cleaner, plan));
      round.then(task, Step.TEST_SPOT, List.of(plan.surface().id()), each, after);
    }
    return round;
  }

  private boolean isKnownGood(Product cleaner, SurfacePlan plan) {
    return surfaces.stream()
        .map(SurfacePlan::surface)
        .filter(s -> s.finish().equals(plan.surface().finish()))
        .flatMap(s -> s.history().stream())
        .anyMatch(visit -> visit.productId().filter(cleaner.id()::equals).isPresent());
  }

  private static String pair(Product cleaner, SurfacePlan plan) {
    return cleaner.id() + " " + plan.match().place().finish().code();
  }

  private static Stream<Treatment> treatments(SurfacePlan plan) {
    return Stream.concat(
            plan.firstRung().stream(),
            plan.match().spots().stream().flatMap(spot -> spot.rung().stream()))
        .map(Rung::treatment);
  }

  /** What is laid on a panel to clean it: for the whole of it first, then for its stains. */
  private static List<Product> liquids(SurfacePlan plan) {
    return Stream.concat(
            treatments(plan).flatMap(t -> t.cleaner().stream()),
            plan.residue().flatMap(ResiduePass::product).stream())
        .distinct()
        .toList();
  }

  private static Optional<String> ratio(Product cleaner, SurfacePlan plan) {
    return treatments(plan)
        .filter(t -> t.cleaner().filter(cleaner::equals).isPresent())
        .map(t -> t.ratio().code())
        .findFirst()
        .or(() -> Optional.of(cleaner.label().standard().code()));
  }
}
