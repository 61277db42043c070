package attune.core.match;

import static attune.core.match.Reason.Effect.BARRED;
import static attune.core.match.Reason.Effect.NOTE;
import static attune.core.match.Reason.SetBy.SOIL;

import attune.core.match.Judge.CleanerView;
import attune.core.match.Judge.ToolView;
import attune.core.match.Search.Option;
import attune.core.material.Finish.SteamRule;
import attune.core.material.Finish.WetOn;
import attune.core.measure.Ratio;
import attune.core.shelf.Product;
import attune.core.shelf.Shelf;
import attune.core.shelf.Tool;
import attune.core.survey.Surface.Feature;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Why each cleaner, tool and way of applying that is not on the ladder was left out. */
final class WhyNot {
  private final Judge judge;
  private final Search search;
  private final Place place;

  WhyNot(Judge judge, Search search) {
    this.judge = judge;
    this.search = search;
    this.place = search.place();
  }

  List<RuledOut> of(List<Rung> ladder, Shelf shelf) {
    List<RuledOut> out = new ArrayList<>();
    Set<String> cleaners =
        ladder.stream()
            .flatMap(rung -> rung.treatment().cleaner().stream())
            .map(Product::id)
            .collect(Collectors.toSet());
    Set<String> tools =
        ladder.stream().map(rung -> rung.treatment().tool().id()).collect(Collectors.toSet());
    Optional<Rung> first = ladder.stream().findFirst();
    for (int i = 0; i < search.cleaners().size(); i++) {
      Product product = search.cleaners().get(i).product();
      if (!cleaners.contains(product.id())) {
        out.add(new RuledOut(product.id(), RuledOut.Kind.PRODUCT, product(i, first)));
      }
    }
    for (ToolView view : search.tools()) {
      if (!tools.contains(view.tool().id())) {
        out.add(new RuledOut(view.tool().id(), RuledOut.Kind.TOOL, tool(view, first)));
      }
    }
    method(place).ifPresent(out::add);
    steam(place, shelf).ifPresent(out::add);
    return out;
  }

  List<Reason> product(int cleaner, Optional<Rung> first) {
    CleanerView view = search.cleaners().get(cleaner);
    List<Reason> own = against(view.reasons());
    if (!own.isEmpty()) {
      return own;
    }
    Optional<Option> strongest = search.strongest(cleaner);
    return strongest.isPresent()
        ? combined(strongest.get(), view.product().name(), first)
        : noRatio(view.product());
  }

  /** The ratio with the least against it; of several, the mildest. */
  private List<Reason> noRatio(Product product) {
    List<Reason> best = List.of();
    for (Ratio ratio : Mixes.ratios(product)) {
      List<Reason> mixed =
          against(
              ProductRules.ofRatio(place, product, ratio, judge.ph(Optional.of(product), ratio)));
      if (best.isEmpty() || (!mixed.isEmpty() && mixed.size() <= best.size())) {
        best = mixed;
      }
    }
    return best.isEmpty() ? List.of(tooLong(product)) : best;
  }

  private Reason tooLong(Product product) {
    Limit<Double> limit = place.limits().contactMaxS();
    return Reason.measured(
        ReasonCode.CONTACT_LIMIT,
        Reason.Effect.OVER,
        limit.setBy(),
        product.dwell().map(span -> (double) span.min()).orElse(limit.value()),
        limit.value(),
        "s",
        product.name() + " must sit longer than " + limit.why() + " stands.");
  }

  private List<Reason> tool(ToolView view, Optional<Rung> first) {
    List<Reason> own = against(view.wet());
    if (!own.isEmpty()) {
      return own;
    }
    return search
        .strongest(view.tool())
        .map(option -> combined(option, view.tool().name(), first))
        .orElseGet(() -> List.of(spare(view.tool().name(), first)));
  }

  static List<Reason> against(List<Reason> reasons) {
    return reasons.stream().filter(Reason::rulesOut).toList();
  }

  /** Allowed on its own: either it would do, or what is said of its strongest combination. */
  private List<Reason> combined(Option option, String name, Optional<Rung> first) {
    boolean strong = option.action() >= place.demand().leastOffered();
    if (strong && search.spending().isEmpty()) {
      return List.of(spare(name, first));
    }
    List<Reason> reasons = against(judge.judge(place, search.treatment(option)).reasons());
    return reasons.isEmpty() ? List.of(spare(name, first)) : reasons;
  }

  private Reason spare(String name, Optional<Rung> first) {
    return Reason.of(
        ReasonCode.DOMINATED,
        NOTE,
        SOIL,
        first
            .map(
                rung ->
                    name
                        + " would do, but "
                        + said(rung.treatment())
                        + " is gentler, already open, or in the cabin's bottles.")
            .orElse(name + " would do, but something gentler or already open does too."));
  }

  /** A treatment in a few words: bottle, ratio and tool. */
  static String said(Treatment t) {
    String tool = t.tool().name();
    return t.cleaner()
        .map(c -> c.name() + (t.ratio().isReady() ? "" : " " + t.ratio().code()) + " with " + tool)
        .orElse(tool + ", dry,");
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
