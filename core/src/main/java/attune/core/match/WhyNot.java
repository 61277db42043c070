package attune.core.match;

import static attune.core.match.Reason.Effect.BARRED;
import static attune.core.match.Reason.Effect.NOTE;
import static attune.core.match.Reason.SetBy.SOIL;

import attune.core.match.Judge.CleanerView;
import attune.core.match.Judge.ToolView;
import attune.core.match.Search.Option;
import attune.core.match.Treatment.Warmth;
import attune.core.material.Finish.SteamRule;
import attune.core.material.Finish.WetOn;
import attune.core.measure.Ratio;
import attune.core.shelf.Product;
import attune.core.shelf.Shelf;
import attune.core.shelf.Tool;
import attune.core.survey.Surface.Feature;
import attune.core.words.Phrases;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Why each cleaner, tool and way of applying that is not on the ladder was left out. */
final class WhyNot {
  private static final Phrases PHRASES = Phrases.of(WhyNot.class);

  private static final double PH_TELLS = 0.2;
  private static final double LEAST_HARM = 0.01;

  private final Judge judge;
  private final Needs needs;
  private final Search search;
  private final Place place;
  private final Map<String, Option> gentlest = new HashMap<>();

  WhyNot(Judge judge, Needs needs, Search search) {
    this.judge = judge;
    this.needs = needs;
    this.search = search;
    this.place = search.place();
    for (Option option : search.strong()) {
      option.mixed().ifPresent(m -> keep(PHRASES.say("product", m.product().id()), option));
      keep(PHRASES.say("tool", option.tool().id()), option);
    }
  }

  private void keep(String what, Option option) {
    gentlest.merge(what, option, (a, b) -> a.harm() <= b.harm() ? a : b);
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
        ? combined(
            strongest.get(),
            PHRASES.say("product", view.product().id()),
            view.product().name(),
            first)
        : noRatio(view.product());
  }

  /** The ratio with the least against it; of several, the mildest. */
  private List<Reason> noRatio(Product product) {
    List<Reason> best = List.of();
    for (Ratio ratio : Mixes.ratios(product)) {
      List<Reason> mixed =
          against(RatioRules.of(place, product, ratio, judge.ph(Optional.of(product), ratio)));
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
        PHRASES.say("must-sit-longer-than-stands", product.name(), place.limits().subject(limit)));
  }

  private List<Reason> tool(ToolView view, Optional<Rung> first) {
    List<Reason> own = against(view.wet());
    if (!own.isEmpty()) {
      return own;
    }
    return search
        .strongest(view.tool())
        .map(
            option ->
                combined(option, PHRASES.say("tool", view.tool().id()), view.tool().name(), first))
        .orElseGet(() -> List.of(spare("", view.tool().name(), first)));
  }

  static List<Reason> against(List<Reason> reasons) {
    return reasons.stream().filter(Reason::rulesOut).toList();
  }

  /** Allowed on its own: either it would do, or what is said of its strongest combination. */
  private List<Reason> combined(Option option, String what, String name, Optional<Rung> first) {
    boolean strong = option.action() >= place.demand().leastOffered();
    if (strong && search.spending().isEmpty() && search.drying().isEmpty()) {
      return List.of(spare(what, name, first));
    }
    List<Reason> reasons = against(judge.judge(place, search.treatment(option)).reasons());
    return reasons.isEmpty() ? List.of(spare(what, name, first)) : reasons;
  }

  /** It would do: what one thing, with its number, speaks for the first rung instead. */
  private Reason spare(String what, String name, Optional<Rung> first) {
    String instead =
        first
            .map(rung -> instead(Optional.ofNullable(gentlest.get(what)), rung.verdict()))
            .orElse(PHRASES.say("something-gentler-does-too"));
    return Reason.of(ReasonCode.DOMINATED, NOTE, SOIL, PHRASES.say("would-do-but", name, instead));
  }

  private String instead(Optional<Option> own, Verdict first) {
    String does = said(first.treatment());
    if (own.isEmpty()) {
      return PHRASES.say("another-of-its-kind-does");
    }
    Option o = own.get();
    Treatment t = first.treatment();
    double ph = o.mixed().flatMap(Mixes.Mixed::ph).map(p -> p.high()).orElse(0.0);
    double its = first.ph().map(p -> p.high()).orElse(ph);
    int passes = place.demand().passesAt(o.action(), needs);
    if (ph > its + PH_TELLS) {
      return PHRASES.say(
          "at-ph-where-ph-does", Phrases.number("%.1f", ph), Phrases.number("%.1f", its));
    }
    if (o.tool().stiffness() > t.tool().stiffness()) {
      return PHRASES.say(
          "with-stiffness-where-does-it", o.tool().stiffness(), t.tool().stiffness());
    }
    if (o.warmth() != Warmth.NONE && t.warmth() == Warmth.NONE) {
      return PHRASES.say("only-warmed-and-does-it", does);
    }
    if (passes > first.passes()) {
      return PHRASES.say("in-passes-where-takes", passes, does, first.passes());
    }
    if (o.dwellS() > t.dwellS()) {
      return PHRASES.say("sitting-s-where-s-do", o.dwellS(), t.dwellS());
    }
    return o.harm() > first.harm()
        ? PHRASES.say(
            "it-asks-more-of-the",
            Phrases.number("%.0f", 100 * (o.harm() / Math.max(LEAST_HARM, first.harm()) - 1)),
            does)
        : PHRASES.say("is-in-the-cabins-bottles", does);
  }

  /** A treatment in a few words: bottle, ratio and tool. */
  static String said(Treatment t) {
    String tool = t.tool().name();
    return t.cleaner()
        .map(
            c ->
                t.ratio().isReady()
                    ? PHRASES.say("with", c.name(), tool)
                    : PHRASES.say("mixed", c.name(), t.ratio().code(), tool))
        .orElse(PHRASES.say("dry", tool));
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
                    PHRASES.say("never-sprayed-on-the-only", limit.value().code(), limit.why())))));
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
                    PHRASES.say("no-steam-on", place.limits().steam().why())))));
  }
}
