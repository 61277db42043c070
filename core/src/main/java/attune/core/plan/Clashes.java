package attune.core.plan;

import attune.core.match.Reason;
import attune.core.match.ReasonCode;
import attune.core.match.Rung;
import attune.core.shelf.NeverMix;
import attune.core.shelf.Product;
import attune.core.words.Phrases;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** Bottles of one zone that must not meet, told at each panel that has one of them (C28). */
final class Clashes {
  private static final Phrases PHRASES = Phrases.of(Clashes.class);

  private Clashes() {}

  static List<SurfacePlan> told(List<SurfacePlan> plans) {
    Map<String, List<Product>> byZone = new LinkedHashMap<>();
    plans.forEach(
        plan ->
            bottles(plan)
                .forEach(
                    product ->
                        byZone
                            .computeIfAbsent(plan.surface().zone(), z -> new ArrayList<>())
                            .add(product)));
    return plans.stream()
        .map(
            plan ->
                clash(plan, byZone.getOrDefault(plan.surface().zone(), List.of()))
                    .map(plan::warned)
                    .orElse(plan))
        .toList();
  }

  private static Optional<Reason> clash(SurfacePlan plan, List<Product> inZone) {
    return bottles(plan)
        .flatMap(
            own ->
                inZone.stream()
                    .distinct()
                    .flatMap(
                        other ->
                            NeverMix.between(own, other).map(why -> say(own, other, why)).stream()))
        .findFirst();
  }

  private static Reason say(Product own, Product other, String why) {
    return Reason.of(
        ReasonCode.NEVER_MIX,
        Reason.Effect.CAUTION,
        Reason.SetBy.SAFETY,
        PHRASES.say("and-are-both-used-here", own.name(), other.name(), why));
  }

  private static Stream<Product> bottles(SurfacePlan plan) {
    return Stream.of(
            plan.firstRung().flatMap(rung -> rung.treatment().cleaner()).stream(),
            plan.match().spots().stream()
                .flatMap(spot -> spot.rung().map(Rung::treatment).stream())
                .flatMap(t -> t.cleaner().stream()),
            plan.residue().flatMap(ResiduePass::product).stream(),
            plan.finishSteps().stream().map(FinishStep::product))
        .flatMap(products -> products);
  }
}
