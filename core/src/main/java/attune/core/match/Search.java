package attune.core.match;

import attune.core.match.Judge.CleanerView;
import attune.core.match.Judge.ToolView;
import attune.core.match.Mixes.Mixed;
import attune.core.match.Place.Leniency;
import attune.core.match.Treatment.ApplyTo;
import attune.core.match.Treatment.Warmth;
import attune.core.measure.Ratio;
import attune.core.shelf.Product;
import attune.core.shelf.Product.Form;
import attune.core.shelf.Product.Trait;
import attune.core.shelf.Span;
import attune.core.shelf.Tool;
import attune.core.survey.Wishes.Standard;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Every way of cleaning one surface that is worth a look. What cleaner, ratio or tool alone rules
 * out is not combined further; of the tools, those that another beats in both harm and action are
 * left out, since no combination with them can be chosen. Action is a product and harm a sum of
 * parts that do not look at each other, so each part is worked out once.
 */
final class Search {
  /**
   * One way of cleaning.
   *
   * @param mixed empty for dry work
   */
  record Option(
      Optional<Mixed> mixed, Tool tool, Warmth warmth, int dwellS, double action, double harm) {}

  private static final int KINDS_OF_TOOL = 3;
  private static final int CLOTH = 0;

  private final Judge judge;
  private final int passesMost;
  private final Rulebook book;
  private final Mixes mixes;
  private final Ways ways;
  private final List<ToolView> tools = new ArrayList<>();
  private final List<CleanerView> cleaners = new ArrayList<>();
  private final List<Option> strong = new ArrayList<>();
  private final List<Option> spending = new ArrayList<>();
  private final List<Option> drying = new ArrayList<>();
  private final Option[] strongestOf;
  private final Option[] strongestWith = new Option[KINDS_OF_TOOL];
  private Optional<Option> strongestWithin = Optional.empty();
  private Optional<Option> strongestSpending = Optional.empty();
  private Optional<Option> best = Optional.empty();
  private Place place;

  Search(Place place, Mixes mixes, Judge judge, Rulebook book) {
    this.place = place;
    this.mixes = mixes;
    this.judge = judge;
    this.book = book;
    this.passesMost = book.figures().whole("cleaning.passes-most");
    this.ways = new Ways(place, judge.action(), book.figures());
    this.strongestOf = new Option[mixes.cleaners().size()];
    run();
  }

  private void run() {
    for (Tool tool : mixes.tools()) {
      tools.add(judge.view(place, tool));
    }
    for (Product product : mixes.cleaners()) {
      cleaners.add(judge.view(place, product));
    }
    if (place.demand().isNone()) {
      return;
    }
    wet();
    if (strong.isEmpty() && !drying.isEmpty() && place.isWarm(book.figures())) {
      place = place.letting(Leniency.WAITS);
      strong.addAll(drying);
    }
    if (strong.isEmpty() && !spending.isEmpty()) {
      place = place.letting(Leniency.OVERSPENDS);
      strong.addAll(spending);
    }
    if (strong.isEmpty()) {
      settle();
    }
  }

  /** Nothing reaches the standard: the best that is allowed, in this air if anything is. */
  private void settle() {
    if (spends()) {
      place = place.letting(Leniency.OVERSPENDS).letting(Leniency.LEAVES_SOME);
      strongestSpending.ifPresent(strong::add);
      return;
    }
    Optional<Option> lasting = best.filter(o -> o.action() > 0);
    Optional<Option> any = strongestWithin.filter(o -> o.action() > 0);
    place = any.isPresent() ? place.letting(Leniency.LEAVES_SOME) : place;
    place = any.isPresent() && lasting.isEmpty() ? place.letting(Leniency.WAITS) : place;
    lasting.or(() -> any).ifPresent(strong::add);
  }

  /** Where a lower standard would be met by spending the allowance, this one gets no less. */
  private boolean spends() {
    double within = best.map(Option::action).orElse(0.0);
    double beyond = strongestSpending.map(Option::action).orElse(0.0);
    return Stream.of(Standard.values())
        .filter(lower -> lower.compareTo(place.surface().wishes().standard()) < 0)
        .map(lower -> book.needs().leastOffered(place.demand().level(), lower))
        .anyMatch(least -> within < least && beyond >= least);
  }

  /** The place as it was searched: lenient where nothing else was strong enough. */
  Place place() {
    return place;
  }

  /** All that may be offered: allowed, and strong enough in the passes that make sense. */
  List<Option> strong() {
    return strong;
  }

  /** Strong enough, but beyond the year's allowance of alkali or acid. */
  List<Option> spending() {
    return spending;
  }

  /** Strong enough, but dry in this air before it could be wiped. */
  List<Option> drying() {
    return drying;
  }

  List<ToolView> tools() {
    return tools;
  }

  List<CleanerView> cleaners() {
    return cleaners;
  }

  /** The hardest a cleaner may be made to act here, weak or not; empty where it may not at all. */
  Optional<Option> strongest(int cleaner) {
    return Optional.ofNullable(strongestOf[cleaner]);
  }

  /** The hardest a tool may be made to act here, with any cleaner. */
  Optional<Option> strongest(Tool tool) {
    Option best = strongestWith[kind(tool)];
    if (best == null) {
      return Optional.empty();
    }
    double mech = judge.action().mech(tool, place.surface().texture());
    double was = judge.action().mech(best.tool(), place.surface().texture());
    return Optional.of(
        new Option(
            best.mixed(), tool, best.warmth(), best.dwellS(), best.action() / was * mech, 0));
  }

  /** The hardest that stays inside the year's allowance, weak or not. */
  Optional<Option> strongestWithinAllowance() {
    return strongestWithin;
  }

  /** Action of any treatment on this surface. */
  double acts(Treatment treatment) {
    return judge.action(place, treatment, judge.ph(treatment.cleaner(), treatment.ratio()));
  }

  /** A treatment set by hand, as a rung to climb from. */
  Option option(Verdict verdict) {
    Treatment t = verdict.treatment();
    Optional<Mixed> mixed =
        t.cleaner()
            .map(c -> new Mixed(c, t.ratio(), verdict.ph(), judge.action().strength(c, t.ratio())));
    return new Option(mixed, t.tool(), t.warmth(), t.dwellS(), verdict.action(), verdict.harm());
  }

  Treatment treatment(Option option) {
    return option
        .mixed()
        .map(mixed -> ways.treatment(mixed, option.tool(), option.warmth(), option.dwellS()))
        .orElseGet(
            () ->
                new Treatment(
                    Optional.empty(),
                    Ratio.READY,
                    option.tool(),
                    ApplyTo.CLOTH,
                    0,
                    Warmth.NONE,
                    0));
  }

  private static boolean open(List<Reason> reasons) {
    for (Reason reason : reasons) {
      if (reason.rulesOut()) {
        return false;
      }
    }
    return true;
  }

  /** Tools of one kind, with what each does by itself. */
  private record Worked(Tool tool, double mech, double harm) {
    /** Better in both, or as good and taken first. */
    boolean beats(Worked other) {
      if (harm > other.harm || mech < other.mech) {
        return false;
      }
      boolean first =
          tool.dyed() != other.tool.dyed()
              ? other.tool.dyed()
              : tool.id().compareTo(other.tool.id()) < 0;
      return harm < other.harm || first;
    }
  }

  private static int kind(Tool tool) {
    return tool.kind() == Tool.Kind.CLOTH ? CLOTH : tool.kind() == Tool.Kind.HAND ? 1 : 2;
  }

  /** The tools of each kind that no other of the kind beats. */
  private List<List<Worked>> fronts() {
    List<List<Worked>> fronts = List.of(new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
    for (ToolView view : tools) {
      if (open(view.wet())) {
        Tool tool = view.tool();
        fronts
            .get(kind(tool))
            .add(
                new Worked(
                    tool,
                    judge.action().mech(tool, place.surface().texture()),
                    judge.harm().ofTool(place, tool)));
      }
    }
    return fronts.stream()
        .map(all -> all.stream().filter(w -> all.stream().noneMatch(o -> o.beats(w))).toList())
        .toList();
  }

  private void wet() {
    List<List<Worked>> fronts = fronts();
    List<Warm> warmths = ways.warmths(mixes.shelf()).stream().map(this::warm).toList();
    List<Warm> noSteam = warmths.stream().filter(w -> w.warmth() != Warmth.STEAM).toList();
    List<Warm> cold = List.of(warm(Warmth.NONE));
    for (int c = 0; c < cleaners.size(); c++) {
      CleanerView view = cleaners.get(c);
      Product product = view.product();
      if (!open(view.reasons())) {
        continue;
      }
      Span span = ways.dwell(product);
      if (span.min() > place.limits().contactMaxS().value()) {
        continue;
      }
      boolean noHeat = product.solventPercent() > 0 || product.has(Trait.FLAMMABLE);
      for (Mixed mixed : mixes.ratios().get(c)) {
        if (!RatioRules.rulesOut(place, product, mixed.ratio(), mixed.ph())) {
          Pour pour = new Pour(c, mixed, span);
          for (int kind = 0; kind < KINDS_OF_TOOL; kind++) {
            if (product.form() == Form.WIPE && kind != CLOTH) {
              continue;
            }
            for (Worked tool : fronts.get(kind)) {
              pour.with(tool, kind, noHeat ? cold : kind == CLOTH ? warmths : noSteam);
            }
          }
        }
      }
    }
  }

  /** A warmth, with what it does by itself. */
  private record Warm(Warmth warmth, double heat, double harm) {}

  private Warm warm(Warmth warmth) {
    return new Warm(
        warmth,
        judge.action().heat(judge.action().temperature(warmth, place.temperature())),
        judge.harm().ofWarmth(place, warmth));
  }

  /** One bottle, combined with tools and warmth. */
  private final class Pour {
    private final int cleaner;
    private final Mixed mixed;
    private final Optional<Mixed> asMixed;
    private final Span span;
    private final double chem;
    private final double harm;
    private final boolean foam;
    private final double middlePh;
    private final boolean beyondRoutine;

    Pour(int cleaner, Mixed mixed, Span span) {
      this.cleaner = cleaner;
      this.mixed = mixed;
      this.asMixed = Optional.of(mixed);
      this.span = span;
      Product product = mixed.product();
      chem = judge.action().chem(place.demand(), product, mixed.strength(), mixed.ph());
      harm = judge.harm().ofMix(place, product, mixed.strength(), mixed.ph());
      foam = product.isFoam();
      middlePh = mixed.ph().map(ph -> ph.middle()).orElse(7.0);
      beyondRoutine =
          middlePh > place.limits().phRoutineHigh().value()
              || middlePh < place.limits().phRoutineLow().value();
    }

    void with(Worked worked, int kind, List<Warm> warmths) {
      ApplyTo to = ways.applyTo(worked.tool());
      Optional<Span> within = ways.within(span, foam, to);
      Span sits = within.orElseGet(() -> new Span(span.min(), span.min()));
      boolean lasts = within.isPresent() || place.lets(Leniency.WAITS);
      for (Warm warm : warmths) {
        double endless = chem * worked.mech() * warm.heat();
        for (int dwell : ways.dwells(sits, endless)) {
          double acts = endless * judge.action().time(judge.action().acts(dwell, to));
          double harms =
              worked.harm()
                  + harm
                  + judge.harm().ofWay(place, ways.wets(foam, dwell, to), dwell)
                  + warm.harm();
          if (acts >= weakestWorthKeeping(kind)) {
            Option option = new Option(asMixed, worked.tool(), warm.warmth(), dwell, acts, harms);
            add(option, kind, lasts);
          }
        }
      }
    }

    /** Weaker than this it is neither offered nor the strongest of anything. */
    private double weakestWorthKeeping(int kind) {
      Option of = strongestOf[cleaner];
      Option with = strongestWith[kind];
      return of == null || with == null || strongestWithin.isEmpty() || best.isEmpty()
          ? 0
          : Math.min(
              place.demand().leastOffered(),
              Math.min(
                  Math.min(best.get().action(), strongestWithin.get().action()),
                  Math.min(of.action(), with.action())));
    }

    private void add(Option option, int kind, boolean lasts) {
      boolean spends =
          beyondRoutine
              && place
                  .ledger()
                  .wouldSpend(
                      judge.dose(
                          place,
                          middlePh,
                          option.warmth(),
                          option.dwellS(),
                          Math.min(
                              passesMost, place.demand().passesAt(option.action(), book.needs()))));
      if (option.action() >= place.demand().leastOffered()) {
        (spends ? spending : lasts ? strong : drying).add(option);
      }
      if (spends
          && lasts
          && strongestSpending.filter(s -> s.action() >= option.action()).isEmpty()) {
        strongestSpending = Optional.of(option);
      }
      if (!spends && lasts && best.filter(b -> b.action() >= option.action()).isEmpty()) {
        best = Optional.of(option);
      }
      if (!spends && strongestWithin.filter(best -> best.action() >= option.action()).isEmpty()) {
        strongestWithin = Optional.of(option);
      }
      if (strongestOf[cleaner] == null || option.action() > strongestOf[cleaner].action()) {
        strongestOf[cleaner] = option;
      }
      if (strongestWith[kind] == null || option.action() > strongestWith[kind].action()) {
        strongestWith[kind] = option;
      }
    }
  }
}
