package attune.core.match;

import static attune.core.match.Reason.Effect.BARRED;
import static attune.core.match.Reason.Effect.NOTE;
import static attune.core.match.Reason.SetBy.SOIL;

import attune.core.material.Finish.SteamRule;
import attune.core.material.Finish.WetOn;
import attune.core.measure.Ratio;
import attune.core.shelf.Product;
import attune.core.shelf.Shelf;
import attune.core.shelf.Tool;
import attune.core.survey.Surface.Feature;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Why each cleaner, tool and way of applying that is not on the ladder was left out. */
final class WhyNot {
  private final Judge judge;

  WhyNot(Judge judge) {
    this.judge = judge;
  }

  List<RuledOut> of(Place place, Shelf shelf, List<Verdict> candidates, List<Rung> ladder) {
    List<RuledOut> out = new ArrayList<>();
    Set<String> cleaners =
        ladder.stream()
            .flatMap(rung -> rung.treatment().cleaner().stream())
            .map(Product::id)
            .collect(Collectors.toSet());
    Set<String> tools =
        ladder.stream().map(rung -> rung.treatment().tool().id()).collect(Collectors.toSet());
    for (Product product : shelf.products()) {
      if (product.cleans() && !cleaners.contains(product.id())) {
        out.add(
            new RuledOut(product.id(), RuledOut.Kind.PRODUCT, product(place, product, candidates)));
      }
    }
    for (Tool tool : shelf.tools()) {
      if (tool.kind().scrubs() && !tools.contains(tool.id())) {
        out.add(new RuledOut(tool.id(), RuledOut.Kind.TOOL, tool(place, tool, candidates)));
      }
    }
    method(place).ifPresent(out::add);
    steam(place, shelf).ifPresent(out::add);
    return out;
  }

  private List<Reason> product(Place place, Product product, List<Verdict> candidates) {
    List<Reason> own = against(judge.view(place, product).reasons());
    if (!own.isEmpty()) {
      return own;
    }
    List<Reason> best = null;
    for (Ratio ratio : Candidates.ratios(product)) {
      List<Reason> mixed =
          against(
              ProductRules.ofRatio(place, product, ratio, judge.ph(Optional.of(product), ratio)));
      if (best == null || mixed.size() <= best.size()) { // ratios run from strongest to mildest
        best = mixed;
      }
    }
    return best.isEmpty()
        ? combined(
            candidates.stream()
                .filter(v -> v.treatment().cleaner().filter(product::equals).isPresent())
                .toList(),
            product.name())
        : best;
  }

  private List<Reason> tool(Place place, Tool tool, List<Verdict> candidates) {
    List<Reason> own = against(judge.view(place, tool).wet());
    return own.isEmpty()
        ? combined(
            candidates.stream()
                .filter(v -> v.treatment().tool().equals(tool) && !v.treatment().isDry())
                .toList(),
            tool.name())
        : own;
  }

  private static List<Reason> against(List<Reason> reasons) {
    return reasons.stream().filter(Reason::rulesOut).toList();
  }

  /** Allowed on its own: either it would do, or what is said of its best combination. */
  private static List<Reason> combined(List<Verdict> verdicts, String name) {
    Optional<Verdict> best =
        verdicts.stream()
            .min(
                Comparator.comparingLong(Verdict::against)
                    .thenComparing(Comparator.comparingDouble(Verdict::action).reversed())
                    .thenComparing(v -> v.treatment().key()));
    if (best.isPresent() && best.get().against() > 0) {
      return against(best.get().reasons());
    }
    return List.of(
        Reason.of(
            ReasonCode.DOMINATED,
            NOTE,
            SOIL,
            name + " would do, but something gentler or already open does too."));
  }

  private static Optional<RuledOut> method(Place place) {
    Limit<WetOn> limit = place.limits().wetOn();
    if (limit.value() == WetOn.SURFACE) {
      return Optional.empty();
    }
    boolean holes = place.surface().perforated() || place.surface().has(Feature.VENTILATED);
    ReasonCode code =
        holes
            ? ReasonCode.PERFORATED_NO_SPRAY
            : place.surface().has(Feature.ELECTRONICS)
                ? ReasonCode.ELECTRONICS
                : ReasonCode.WET_LIMIT;
    return Optional.of(
        new RuledOut(
            "spray-surface",
            RuledOut.Kind.METHOD,
            List.of(
                Reason.of(
                    code,
                    BARRED,
                    limit.setBy(),
                    "Never sprayed: on the "
                        + limit.value().code()
                        + " only, "
                        + limit.why()
                        + "."))));
  }

  private static Optional<RuledOut> steam(Place place, Shelf shelf) {
    if (shelf.ofKind(Tool.Kind.STEAMER).isEmpty()
        || place.limits().steam().value() != SteamRule.NO) {
      return Optional.empty();
    }
    return Optional.of(
        new RuledOut(
            "steam",
            RuledOut.Kind.METHOD,
            List.of(
                Reason.of(
                    ReasonCode.STEAM_NOT_HERE,
                    BARRED,
                    place.limits().steam().setBy(),
                    "No steam on " + place.limits().steam().why() + "."))));
  }
}
