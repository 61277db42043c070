package attune.core.match;

import static attune.core.match.Reason.Effect.CAUTION;
import static attune.core.match.Reason.Effect.OVER;
import static attune.core.match.Reason.Effect.UNDER;
import static attune.core.match.Reason.SetBy.SOIL;

import attune.core.match.Place.Leniency;
import attune.core.match.Treatment.Warmth;
import attune.core.measure.Celsius;
import attune.core.measure.GramsPerSquareMetre;
import attune.core.measure.PhInterval;
import attune.core.measure.Ratio;
import attune.core.measure.Sections;
import attune.core.measure.SquareMetres;
import attune.core.reference.Figures;
import attune.core.shelf.Product;
import attune.core.shelf.Tool;
import attune.core.words.Phrases;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Judges a treatment on a surface: every reason for and against, its action, its passes and its
 * harm.
 */
public final class Judge {
  private static final Phrases PHRASES = Phrases.of(Judge.class);

  private final Rulebook book;
  private final CleaningAction action;
  private final Harm harm;
  private final double working;

  public Judge(Rulebook book) {
    this.book = book;
    this.action = new CleaningAction(book.figures());
    this.harm = new Harm(book.figures(), action);
    this.working = book.figures().get("exposure.working");
  }

  /** What is known of a cleaner on a surface before a tool is picked. */
  record CleanerView(Product product, List<Reason> reasons) {}

  /** What is known of a tool on a surface before a cleaner is picked. */
  record ToolView(Tool tool, List<Reason> dry, List<Reason> wet) {}

  CleanerView view(Place place, Product product) {
    return new CleanerView(product, ProductRules.ofProduct(place, product));
  }

  ToolView view(Place place, Tool tool) {
    Figures figures = book.figures();
    return new ToolView(
        tool, ToolRules.of(place, tool, false, figures), ToolRules.of(place, tool, true, figures));
  }

  /** Judges one treatment from scratch, as when a needle is moved. */
  public Verdict judge(Place place, Treatment treatment) {
    List<Reason> reasons = new ArrayList<>();
    Optional<PhInterval> ph = ph(treatment.cleaner(), treatment.ratio());
    treatment
        .cleaner()
        .ifPresent(
            c -> {
              reasons.addAll(ProductRules.ofProduct(place, c));
              reasons.addAll(RatioRules.of(place, c, treatment.ratio(), ph));
            });
    reasons.addAll(ToolRules.of(place, treatment.tool(), !treatment.isDry(), book.figures()));
    return judge(place, treatment, reasons, ph);
  }

  /** Judges with what is already known of cleaner, ratio and tool. */
  Verdict judge(Place place, Treatment treatment, List<Reason> known, Optional<PhInterval> ph) {
    Figures figures = book.figures();
    List<Reason> reasons = new ArrayList<>(known);
    Sections sections = sections(place, treatment);
    reasons.addAll(WayRules.of(place, treatment, sections, figures));
    double acts = action(place, treatment, ph);
    double needed = place.demand().needed();
    int passes = place.demand().passesAt(acts, book.needs());
    int most = figures.whole("cleaning.passes-most");
    if (passes > most && place.lets(Leniency.LEAVES_SOME)) {
      passes = place.demand().passesWorthMaking(acts, book.needs());
      reasons.add(leavesSome(place, acts, passes));
    } else {
      strength(place, treatment, acts, passes, reasons);
    }
    exposure(place, treatment, ph, passes, reasons);
    return new Verdict(
        treatment, reasons, ph, acts, needed, passes, harm.of(place, treatment, ph), sections);
  }

  double action(Place place, Treatment treatment, Optional<PhInterval> ph) {
    return action.onAll(
        place.demand(), treatment, ph, place.surface().texture(), place.temperature());
  }

  Optional<PhInterval> ph(Optional<Product> cleaner, Ratio ratio) {
    return cleaner.flatMap(product -> book.ph().of(product.ph(), ratio));
  }

  CleaningAction action() {
    return action;
  }

  Harm harm() {
    return harm;
  }

  /** What the passes of a treatment add to the year's ledger, µmol·min/l. */
  double dose(Place place, double ph, Warmth warmth, int dwellS, int passes) {
    double minutes = (dwellS + working) / 60;
    return passes
        * Ledger.ofPass(
            ph, place.limits(), minutes, action.temperature(warmth, place.temperature()));
  }

  /** What a verdict's passes add to the year's ledger; 0 where the pH is not known. */
  double dose(Place place, Verdict verdict) {
    Treatment t = verdict.treatment();
    return verdict
        .ph()
        .map(ph -> dose(place, ph.middle(), t.warmth(), t.dwellS(), verdict.passes()))
        .orElse(0.0);
  }

  private void exposure(
      Place place, Treatment t, Optional<PhInterval> ph, int passes, List<Reason> reasons) {
    if (ph.isEmpty() || passes >= Demand.NEVER) {
      return;
    }
    double dose = dose(place, ph.get().middle(), t.warmth(), t.dwellS(), passes);
    if (!place.ledger().wouldSpend(dose)) {
      return;
    }
    Limit<Double> allowance = place.limits().allowance();
    reasons.add(
        Reason.measured(
            ReasonCode.EXPOSURE_SPENT,
            place.lets(Leniency.OVERSPENDS) ? CAUTION : OVER,
            allowance.setBy(),
            place.ledger().spent() + dose,
            allowance.value(),
            "µmol·min/l",
            spent(place, dose)));
  }

  private static String spent(Place place, double dose) {
    Limit<Double> allowance = place.limits().allowance();
    String subject = place.limits().subject(allowance);
    return allowance.value() == 0
        ? PHRASES.say("outside-its-routine-ph-stands", subject, Phrases.number("%.0f", dose))
        : PHRASES.say(
            "with-what-it-had-in",
            Phrases.number("%.0f", place.ledger().spent() + dose),
            Phrases.number("%.0f", allowance.value()),
            subject);
  }

  /** Too soiled for the standard is still worth cleaning, with what stays agreed on (C4). */
  private Reason leavesSome(Place place, double acts, int passes) {
    double left = book.needs().leftAfter(place.demand().amount(), acts, passes);
    double percent = Math.max(1, 100 * left / place.demand().amount());
    return Reason.measured(
        ReasonCode.LEAVE_SOME,
        CAUTION,
        SOIL,
        percent,
        100 * place.demand().acceptable() / place.demand().amount(),
        "%",
        passes < book.needs().most()
            ? PHRASES.say("and-more-would-hardly-show", passes, Phrases.number("%.0f", percent))
            : PHRASES.say("after-passes-about-of-the", passes, Phrases.number("%.0f", percent)));
  }

  private void strength(
      Place place, Treatment treatment, double acts, int passes, List<Reason> reasons) {
    if (place.demand().isNone()
        || treatment.cleaner().filter(c -> c.strength().isEmpty()).isPresent()) {
      return;
    }
    int most = book.figures().whole("cleaning.passes-most");
    if (passes >= Demand.NEVER) {
      reasons.add(
          Reason.measured(
              ReasonCode.TOO_WEAK,
              UNDER,
              SOIL,
              acts,
              place.demand().needed(),
              "action",
              treatment.isDry()
                  ? PHRASES.say("a-dry-wipe-never-shifts")
                  : PHRASES.say("too-weak-this-soil-would")));
    } else if (passes > most) {
      reasons.add(
          Reason.measured(
              ReasonCode.TOO_MANY_PASSES,
              UNDER,
              SOIL,
              passes,
              most,
              "passes",
              PHRASES.say("it-would-take-passes-is", passes, most)));
    }
  }

  private Sections sections(Place place, Treatment treatment) {
    Figures figures = book.figures();
    SquareMetres area = place.surface().area();
    if (treatment.isDry()) {
      return Sections.unhurried(area, Double.POSITIVE_INFINITY);
    }
    double window = window(treatment, place, place.temperature());
    double rate = figures.get("rate.work." + place.surface().texture().code());
    Sections sections =
        treatment.isWipedAtOnce()
            ? Sections.unhurried(area, window)
            : Sections.of(area, window, treatment.dwellS(), rate, figures);
    return place.found().equals(place.temperature())
        ? sections
        : sections.now(window(treatment, place, place.found()));
  }

  private double window(Treatment treatment, Place place, Celsius surface) {
    return Sections.windowS(
        new GramsPerSquareMetre(treatment.laid()),
        treatment.standsUp(),
        place.air(),
        surface,
        book.figures());
  }
}
