package attune.core.quote;

import attune.core.check.Known;
import attune.core.plan.FinishGroup;
import attune.core.plan.FinishStep;
import attune.core.plan.Plan;
import attune.core.plan.Plan.PlannedMix;
import attune.core.plan.Round;
import attune.core.plan.Step;
import attune.core.plan.SurfacePlan;
import attune.core.quote.Quote.Line;
import attune.core.quote.Quote.Package;
import attune.core.reference.Figures;
import attune.core.shelf.Product;
import attune.core.words.Lists;
import attune.core.words.Phrases;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Prices a plan: minutes of its tasks at the shop's rate, what its bottles give, and tax. */
public final class Quoting {
  private static final Phrases PHRASES = Phrases.of(Quoting.class);

  private final Plan plan;
  private final Rates rates;
  private final Set<Package> declined;
  private final Map<String, String> labels;
  private final int youngMonths;
  private final Map<String, SurfacePlan> panels = new HashMap<>();
  private final Map<Package, Double> minutes = new EnumMap<>(Package.class);
  private final Map<Package, Double> materials = new EnumMap<>(Package.class);
  private final Map<Package, Integer> counts = new EnumMap<>(Package.class);
  private final Map<Package, Boolean> unpriced = new EnumMap<>(Package.class);

  private Quoting(
      Plan plan, Rates rates, Set<Package> declined, Map<String, String> labels, Figures figures) {
    this.labels = labels;
    this.plan = plan;
    this.rates = rates;
    this.declined = declined;
    this.youngMonths = figures.whole("hide.young");
    plan.surfaces().forEach(s -> panels.put(s.surface().id(), s));
  }

  /**
   * The quote.
   *
   * @param declined packages the customer leaves out
   * @param labels of the panels by id
   */
  public static Quote of(
      Plan plan, Rates rates, Set<Package> declined, Map<String, String> labels, Figures figures) {
    return new Quoting(plan, rates, declined, labels, figures).quote();
  }

  private Quote quote() {
    plan.timetable().rounds().forEach(this::work);
    plan.mixes().forEach(this::cleaner);
    plan.surfaces().forEach(s -> s.finishSteps().forEach(step -> bottle(s, step)));
    plan.surfaces().forEach(this::count);
    List<Line> lines = new ArrayList<>();
    for (Package sold : Package.values()) {
      if (sold == Package.TRAVEL) {
        rates.travel().map(this::travel).ifPresent(lines::add);
      } else if (minutes.containsKey(sold)) {
        lines.add(line(sold));
      }
    }
    plan.surfaces().forEach(s -> referred(s).ifPresent(lines::add));
    long net = lines.stream().filter(Line::taken).mapToLong(Line::minor).sum();
    double tax = rates.taxPercent();
    return new Quote(lines, rates.currency(), tax, net, Math.round(net * tax / 100));
  }

  private Line travel(Rates.Travel travel) {
    int days = plan.timetable().visits().size();
    String says =
        travel
            .km()
            .map(km -> PHRASES.say("km-there-and-back", days, Math.round(km)))
            .orElseGet(() -> PHRASES.say("coming-to-you", days));
    long minor = travel.minor(days);
    return new Line(Package.TRAVEL, says, false, true, 0, minor, 0, true);
  }

  /** Hands are priced, waits and rests are not. */
  private void work(Round round) {
    if (round.handsS() > 0) {
      minutes.merge(packageOf(round), round.handsS() / 60.0, Double::sum);
    }
  }

  private Package packageOf(Round round) {
    return switch (round.step()) {
      case RECEIVE, INSPECT, PRECAUTIONS, HANDOVER -> Package.RECEPTION;
      case TEXTILE -> Package.TEXTILES;
      case CONDITION, PROTECT, BARRIER, COAT, DRESS, LEVEL, RESIDUE, REFINISH -> finishing(round);
      default ->
          round.surfaceIds().size() == 1 && isTextile(round.surfaceIds().get(0))
              ? Package.TEXTILES
              : Package.CLEANING;
    };
  }

  private boolean isTextile(String surfaceId) {
    return Known.of(panels, surfaceId).match().place().finish().isTextile();
  }

  private Package finishing(Round round) {
    return round.surfaceIds().stream()
        .findFirst()
        .map(panels::get)
        .map(panel -> finishing(panel, round.step()))
        .orElse(Package.DRESSING);
  }

  private Package finishing(SurfacePlan panel, Step step) {
    boolean coated = panel.finishSteps().stream().anyMatch(s -> s.step() == Step.COAT);
    return switch (FinishGroup.of(step, panel.match().place(), coated, youngMonths)) {
      case COATING -> Package.COATING;
      case SHIELD_YOUNG_HIDE -> Package.SHIELD_YOUNG_HIDE;
      case CARE_OLDER_HIDE -> Package.CARE_OLDER_HIDE;
      case DRESSING -> Package.DRESSING;
    };
  }

  private void cleaner(PlannedMix mix) {
    Product product = plan.job().shelf().findProduct(mix.productId()).orElseThrow();
    if (product.equals(Product.WATER)) {
      return; // from the tap
    }
    boolean textile = mix.surfaceIds().stream().allMatch(this::isTextile);
    add(textile ? Package.TEXTILES : Package.CLEANING, product, mix.mix().productMl());
  }

  private void bottle(SurfacePlan panel, FinishStep step) {
    add(finishing(panel, step.step()), step.product(), step.doseMl());
  }

  private void add(Package sold, Product product, double ml) {
    if (product.pack().filter(pack -> pack.currency().equals(rates.currency())).isPresent()) {
      Product.Pack pack = product.pack().get();
      materials.merge(sold, pack.priceMinor() * ml / pack.ml(), Double::sum);
    } else {
      unpriced.put(sold, true);
    }
  }

  private void count(SurfacePlan panel) {
    if (!panel.match().ladder().isEmpty()) {
      counts.merge(
          isTextile(panel.surface().id()) ? Package.TEXTILES : Package.CLEANING, 1, Integer::sum);
    }
    panel.finishSteps().stream()
        .map(step -> finishing(panel, step.step()))
        .distinct()
        .forEach(sold -> counts.merge(sold, 1, Integer::sum));
  }

  private Line line(Package sold) {
    boolean optional = sold != Package.RECEPTION && sold != Package.CLEANING;
    double length = Known.of(minutes, sold);
    return new Line(
        sold,
        says(sold),
        optional,
        !optional || !declined.contains(sold),
        length,
        Math.round(length / 60 * rates.hourMinor()),
        Math.round(materials.getOrDefault(sold, 0.0)),
        !unpriced.getOrDefault(sold, false));
  }

  private String says(Package sold) {
    int panelCount = counts.getOrDefault(sold, 0);
    String where = PHRASES.say("panels", panelCount);
    return switch (sold) {
      case RECEPTION -> PHRASES.say("reception-inspection-under-the");
      case CLEANING -> Lists.facts(PHRASES.say("cleaning-by-hand"), where);
      case TEXTILES -> Lists.facts(PHRASES.say("textiles"), where);
      case SHIELD_YOUNG_HIDE -> Lists.facts(PHRASES.say("protective-shield-for-hide-up"), where);
      case CARE_OLDER_HIDE -> Lists.facts(PHRASES.say("conditioning-then-protection-for"), where);
      case COATING -> Lists.facts(PHRASES.say("coating"), where);
      case DRESSING -> Lists.facts(PHRASES.say("dressing-of-plastics-and-trim"), where);
      case TRAVEL, REFERRED -> throw new IllegalStateException(sold + " has its own words");
    };
  }

  private Optional<Line> referred(SurfacePlan panel) {
    return panel
        .match()
        .refer()
        .map(
            reason ->
                new Line(
                    Package.REFERRED,
                    Lists.headed(
                        labels.getOrDefault(panel.surface().id(), panel.surface().part()),
                        reason.text()),
                    true,
                    false,
                    0,
                    0,
                    0,
                    true));
  }
}
