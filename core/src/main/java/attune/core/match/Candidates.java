package attune.core.match;

import attune.core.match.Judge.CleanerView;
import attune.core.match.Judge.ToolView;
import attune.core.match.Treatment.ApplyTo;
import attune.core.match.Treatment.Warmth;
import attune.core.material.Finish.SteamRule;
import attune.core.material.Finish.WetOn;
import attune.core.measure.Evaporation;
import attune.core.measure.PhInterval;
import attune.core.measure.Ratio;
import attune.core.reference.Figures;
import attune.core.shelf.Product;
import attune.core.shelf.Product.Form;
import attune.core.shelf.Shelf;
import attune.core.shelf.Span;
import attune.core.shelf.Tool;
import attune.core.survey.Condition.Wear;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;

/** Every way of cleaning a surface that a shelf allows for, judged. */
final class Candidates {
  private static final List<Integer> USUAL_PARTS_WATER =
      List.of(1, 2, 3, 4, 5, 8, 10, 15, 20, 30, 40, 50);

  private final Judge judge;
  private final Figures figures;

  Candidates(Judge judge, Figures figures) {
    this.judge = judge;
    this.figures = figures;
  }

  /**
   * Judges every combination that cleaner, ratio and tool on their own leave open; what one of them
   * alone rules out is not combined further.
   */
  List<Verdict> of(Place place, Shelf shelf) {
    List<Verdict> verdicts = new ArrayList<>();
    List<ToolView> wet = new ArrayList<>();
    for (Tool tool : shelf.tools()) {
      if (tool.kind().scrubs()) {
        ToolView view = judge.view(place, tool);
        if (open(view.dry()) && tool.kind() != Tool.Kind.HAND) {
          verdicts.add(judge.judge(place, dry(tool), view.dry(), Optional.empty()));
        }
        if (open(view.wet())) {
          wet.add(view);
        }
      }
    }
    List<Warmth> warmths = warmths(place, shelf);
    for (Product product : shelf.products()) {
      if (product.cleans()) {
        addAll(place, judge.view(place, product), wet, warmths, verdicts);
      }
    }
    return verdicts;
  }

  private static boolean open(List<Reason> reasons) {
    return reasons.stream().noneMatch(Reason::rulesOut);
  }

  private void addAll(
      Place place,
      CleanerView cleaner,
      List<ToolView> tools,
      List<Warmth> warmths,
      List<Verdict> verdicts) {
    if (!open(cleaner.reasons())) {
      return;
    }
    Product product = cleaner.product();
    for (Ratio ratio : ratios(product)) {
      Optional<PhInterval> ph = judge.ph(Optional.of(product), ratio);
      List<Reason> mixed = ProductRules.ofRatio(place, product, ratio, ph);
      for (ToolView tool : open(mixed) ? tools : List.<ToolView>of()) {
        if (product.form() == Form.WIPE && tool.tool().kind() != Tool.Kind.CLOTH) {
          continue;
        }
        List<Reason> known = new ArrayList<>(cleaner.reasons());
        known.addAll(mixed);
        known.addAll(tool.wet());
        for (Warmth warmth : warmths) {
          for (int dwell : dwells(place, product, ratio, tool.tool(), warmth, ph)) {
            Treatment treatment = treatment(place, product, ratio, tool.tool(), warmth, dwell);
            verdicts.add(judge.judge(place, treatment, known, ph));
          }
        }
      }
    }
  }

  private static Treatment dry(Tool tool) {
    return new Treatment(Optional.empty(), Ratio.READY, tool, ApplyTo.CLOTH, 0, Warmth.NONE, 0);
  }

  Treatment treatment(
      Place place, Product product, Ratio ratio, Tool tool, Warmth warmth, int dwell) {
    ApplyTo to = applyTo(place, tool);
    return new Treatment(
        Optional.of(product), ratio, tool, to, laid(place, product, dwell, to), warmth, dwell);
  }

  /** Ratios worth trying: the label's own and the usual ones inside it. */
  static List<Ratio> ratios(Product product) {
    Product.LabelRatios label = product.label();
    TreeSet<Ratio> ratios =
        new TreeSet<>(List.of(label.mildest(), label.standard(), label.strongest()));
    USUAL_PARTS_WATER.stream().map(Ratio::new).filter(label::allows).forEach(ratios::add);
    return label.isReady() ? List.of(Ratio.READY) : List.copyOf(ratios);
  }

  /** Where the liquid is put: as free as the surface allows; a cloth carries its own. */
  private static ApplyTo applyTo(Place place, Tool tool) {
    WetOn allowed = place.limits().wetOn().value();
    if (tool.kind() == Tool.Kind.CLOTH || allowed == WetOn.CLOTH) {
      return ApplyTo.CLOTH;
    }
    return allowed == WetOn.TOOL || tool.kind() == Tool.Kind.HAND ? ApplyTo.TOOL : ApplyTo.SURFACE;
  }

  /**
   * Liquid per pass, g/m²: what the way of applying lays, more where it must stay wet through a
   * long dwell, and never more than the surface stands.
   */
  private double laid(Place place, Product product, int dwell, ApplyTo to) {
    boolean soaks = place.finish().isTextile() && to == ApplyTo.SURFACE;
    double usual = figures.get(soaks ? "laid.textile" : "laid." + to.code());
    double perSecond = Math.max(0, Evaporation.gramsPerSecond(place.air(), place.temperature()));
    double kept =
        (1 - figures.get("window.safety"))
            * (product.isFoam() ? figures.get("window.foam-keeps") : 1);
    double staysWet = dwell * figures.get("laid.dwell-spare") * perSecond / kept;
    double most =
        place.limits().wetMax().value() / (product.isFoam() ? figures.get("laid.foam-wets") : 1);
    return Math.min(most, Math.max(usual, staysWet));
  }

  /**
   * Seconds worth letting it sit: the label's least, as long as label and finish allow, and between
   * them just long enough for the most of the demand that it can meet. Harm only grows with the
   * dwell, so the mildest that is strong enough is always among them.
   */
  private Set<Integer> dwells(
      Place place,
      Product product,
      Ratio ratio,
      Tool tool,
      Warmth warmth,
      Optional<PhInterval> ph) {
    int contact = (int) Math.floor(place.limits().contactMaxS().value());
    Span span = product.dwell().orElseGet(this::usualDwell);
    int least = Math.min(span.min(), Math.max(contact, span.min()));
    int most = Math.max(least, Math.min(span.max(), contact));
    if (place.rules().is("dwell", "at-once") || least == most) {
      return Set.of(least);
    }
    Set<Integer> dwells = new TreeSet<>(List.of(least, most));
    double endless =
        judge.action(place, treatment(place, product, ratio, tool, warmth, most), ph)
            / judge.action().time(most);
    place.demand().neededUpTo().stream()
        .map(needed -> (int) Math.ceil(judge.action().dwell(needed / endless) - 1e-9))
        .filter(enough -> enough <= most)
        .max(Comparator.naturalOrder())
        .filter(enough -> enough > least)
        .ifPresent(dwells::add);
    return dwells;
  }

  private Span usualDwell() {
    int usual = figures.whole("cleaning.dwell-default");
    return new Span(usual, usual);
  }

  private static List<Warmth> warmths(Place place, Shelf shelf) {
    boolean mister =
        !shelf.ofKind(Tool.Kind.MISTER).isEmpty() && place.limits().wetOn().value() != WetOn.CLOTH;
    boolean steamer = !shelf.ofKind(Tool.Kind.STEAMER).isEmpty();
    boolean steamHelps =
        steamer
            && place.limits().steam().value() != SteamRule.NO
            && place.surface().condition().wear() == Wear.INTACT
            && (place.finish().isTextile() || place.finish().isPlastic())
            && !place.rules().is("steam", "no");
    return Stream.of(
            Stream.of(Warmth.NONE),
            mister ? Stream.of(Warmth.WARM_WATER) : Stream.<Warmth>empty(),
            steamHelps ? Stream.of(Warmth.STEAM) : Stream.<Warmth>empty())
        .flatMap(stream -> stream)
        .toList();
  }
}
