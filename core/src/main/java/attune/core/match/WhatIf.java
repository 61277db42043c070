package attune.core.match;

import attune.core.match.Search.Option;
import attune.core.match.Treatment.ApplyTo;
import attune.core.match.Treatment.Warmth;
import attune.core.match.Why.Remedy;
import attune.core.reference.Figures;
import attune.core.shelf.Product;
import attune.core.shelf.Shelf;
import attune.core.shelf.Span;
import attune.core.shelf.Tool;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Answers what would have to change before a product, a tool or a set of needles would do. */
final class WhatIf {
  private static final int DWELLS_TRIED = 8;

  private final Rulebook book;
  private final Judge judge;
  private final Ladder ladder;

  WhatIf(Rulebook book, Judge judge, Ladder ladder) {
    this.book = book;
    this.judge = judge;
    this.ladder = ladder;
  }

  Why product(Place place, Product product, Shelf shelf) {
    List<Reason> own = WhyNot.against(judge.view(place, product).reasons());
    if (!own.isEmpty()) {
      return new Why(own, own.stream().map(this::remedy).toList());
    }
    Shelf alone = new Shelf(List.of(product), shelf.tools());
    Search search = search(place, alone);
    return ways(search)
        .orElseGet(
            () -> {
              List<Reason> against =
                  search
                      .strongest(0)
                      .map(o -> WhyNot.against(judge.judge(place, search.treatment(o)).reasons()))
                      .orElseGet(
                          () ->
                              new WhyNot(judge, book.needs(), search).product(0, Optional.empty()));
              return new Why(against, against.stream().map(this::remedy).distinct().toList());
            });
  }

  Why tool(Place place, Tool tool, Shelf shelf) {
    List<Reason> own = WhyNot.against(judge.view(place, tool).wet());
    if (!own.isEmpty()) {
      return new Why(own, own.stream().map(this::remedy).toList());
    }
    Shelf alone =
        new Shelf(
            shelf.products(),
            shelf.tools().stream().filter(t -> !t.kind().scrubs() || t.equals(tool)).toList());
    Search search = search(place, alone);
    Optional<Option> best =
        search.strong().stream().filter(o -> o.tool().equals(tool)).min(ladder.leastHarm(search));
    if (best.isPresent()) {
      return new Why(List.of(), List.of(usable(search, best.get())));
    }
    List<Reason> against =
        search
            .strongest(tool)
            .map(o -> WhyNot.against(judge.judge(place, search.treatment(o)).reasons()))
            .orElse(List.of());
    return new Why(
        against,
        against.isEmpty()
            ? List.of(cannot("Nothing on the shelf may be worked with it here."))
            : against.stream().map(this::remedy).distinct().toList());
  }

  private Search search(Place place, Shelf shelf) {
    return new Search(place, Mixes.of(shelf, book, judge.action()), judge, book);
  }

  private Optional<Why> ways(Search search) {
    return search.strong().stream()
        .min(ladder.leastHarm(search))
        .map(option -> new Why(List.of(), List.of(usable(search, option))));
  }

  private Remedy usable(Search search, Option option) {
    Treatment t = search.treatment(option);
    Verdict verdict = judge.judge(search.place(), t);
    String cautions =
        verdict.reasons().stream()
            .filter(r -> r.effect() == Reason.Effect.CAUTION)
            .findFirst()
            .map(r -> " Test a spot and accept: " + r.text())
            .orElse("");
    return new Remedy(true, "It would do: " + said(t, verdict) + "." + cautions, Optional.of(t));
  }

  private static String said(Treatment t, Verdict verdict) {
    String passes = verdict.passes() == 1 ? "1 pass" : verdict.passes() + " passes";
    return WhyNot.said(t)
        + (t.isDry() ? " " : ", on the " + t.applyTo().code() + ", sitting " + t.dwellS() + " s, ")
        + passes;
  }

  /** What one reason against it would take. */
  private Remedy remedy(Reason reason) {
    String nothing = "Nothing: ";
    return switch (reason.code()) {
      case STOCK_SHORT, EXPIRED -> can("A fresh bottle on the shelf.");
      case PH_UNKNOWN -> can("Take the pH of the mix with a pen and write it on the record.");
      case STRENGTH_UNKNOWN -> can("Put its strength as a cleaner on the record.");
      case HOUSEHOLD_PRODUCT, HOUSE_RULE ->
          can("Another school of the house rule, for this job or for the shop.");
      case DYED_ON_PALE ->
          can(
              ProductRules.text(
                  "Wash it %.0f times in all, or take an undyed one.", reason.limit().orElse(0.0)));
      case NOT_FOR_THIS_SOIL -> can("Only if the soil it is made for is found here.");
      case FILM_BLOCKS_COATING -> can("Only if no coating follows here.");
      case THROWS_DROPLETS -> can("Only if what lies beside is far enough away.");
      case EXPOSURE_SPENT -> can("Wait until the last year's strong cleans have passed.");
      case IDENTIFY_FIRST -> can("Identify the finish first.");
      case LABEL_DILUTION -> cannot(nothing + "no ratio on its label would fit this finish.");
      case PH_ABOVE_LIMIT ->
          cannot(nothing + "even at its mildest on the label it is too alkaline here.");
      case PH_BELOW_LIMIT ->
          cannot(nothing + "even at its mildest on the label it is too acid here.");
      case TOO_WEAK, TOO_MANY_PASSES ->
          cannot(nothing + "at its strongest, and as long as it may sit, it is too weak.");
      default -> cannot("Nothing: this cannot be changed here.");
    };
  }

  private static Remedy can(String text) {
    return new Remedy(true, text, Optional.empty());
  }

  private static Remedy cannot(String text) {
    return new Remedy(false, text, Optional.empty());
  }

  /** Of each needle, the gentlest single change that brings a treatment into tune. */
  Why needles(Place place, Treatment t, Shelf shelf) {
    Verdict now = judge.judge(place, t);
    List<Reason> against = WhyNot.against(now.reasons());
    if (against.isEmpty()) {
      return new Why(List.of(), List.of());
    }
    Map<String, Verdict> best = new LinkedHashMap<>();
    changes(place, t, shelf, book.figures())
        .forEach(
            change -> {
              Verdict verdict = judge.judge(place, change.after());
              if (verdict.isOffered()) {
                best.merge(change.needle(), verdict, WhatIf::better);
              }
            });
    List<Remedy> remedies = new ArrayList<>();
    best.entrySet().stream()
        .sorted(Comparator.comparingDouble(e -> e.getValue().harm()))
        .forEach(
            e ->
                remedies.add(
                    new Remedy(
                        true,
                        told(e.getKey(), e.getValue().treatment()),
                        Optional.of(e.getValue().treatment()))));
    if (remedies.isEmpty()) {
      remedies.add(two(place, t, shelf).orElseGet(() -> none(now)));
    }
    return new Why(against, remedies);
  }

  /** Two needles at once where one is not enough: the gentlest pair. */
  private Optional<Remedy> two(Place place, Treatment t, Shelf shelf) {
    Map<String, List<Change>> first =
        changes(place, t, shelf, book.figures())
            .collect(
                Collectors.groupingBy(Change::needle, LinkedHashMap::new, Collectors.toList()));
    Pair best = null;
    for (List<Change> ones : first.values()) {
      for (Change one : ones) {
        List<Change> others = changes(place, one.after(), shelf, book.figures()).toList();
        for (Change other : others) {
          if (other.needle().compareTo(one.needle()) > 0) {
            Verdict verdict = judge.judge(place, other.after());
            boolean gentler = best == null || better(verdict, best.verdict()) == verdict;
            best = verdict.isOffered() && gentler ? new Pair(one, other, verdict) : best;
          }
        }
      }
    }
    return Optional.ofNullable(best)
        .map(
            pair ->
                new Remedy(
                    true,
                    told(pair.one().needle(), pair.one().after())
                        + " "
                        + told(pair.other().needle(), pair.other().after()),
                    Optional.of(pair.verdict().treatment())));
  }

  private record Pair(Change one, Change other, Verdict verdict) {}

  /** Why nothing would help: the hardest of what stands against it. */
  private static Remedy none(Verdict now) {
    String hardest =
        now.reasons().stream()
            .filter(Reason::rulesOut)
            .max(Comparator.comparing(Reason::effect))
            .map(Reason::text)
            .orElse("");
    return cannot("Neither one needle nor two bring it into tune: " + hardest);
  }

  /** Strong enough in the passes that make sense comes first, then the gentler. */
  private static Verdict better(Verdict a, Verdict b) {
    boolean enough = a.action() >= a.needed();
    if (enough != b.action() >= b.needed()) {
      return enough ? a : b;
    }
    return a.harm() <= b.harm() ? a : b;
  }

  private record Change(String needle, Treatment after) {}

  private static String told(String needle, Treatment t) {
    return switch (needle) {
      case "ratio" -> "Dilute to " + t.ratio().code() + ".";
      case "tool" -> "Take " + t.tool().name() + ".";
      case "apply-to" -> "Put it on the " + t.applyTo().code() + ".";
      case "dwell" -> "Let it sit " + t.dwellS() + " s.";
      case "warmth" ->
          t.warmth() == Warmth.NONE ? "Work it cold." : "Add " + t.warmth().code() + ".";
      case "laid" -> ProductRules.text("Lay %.0f g/m².", t.laid());
      default -> throw new IllegalStateException("no needle " + needle);
    };
  }

  private Stream<Change> changes(Place place, Treatment t, Shelf shelf, Figures figures) {
    Stream<Change> tools =
        shelf.tools().stream()
            .filter(tool -> tool.kind().scrubs())
            .map(tool -> new Change("tool", t.with(tool)));
    Stream<Change> liquid = t.cleaner().stream().flatMap(c -> liquid(place, t, c, figures));
    return Stream.concat(liquid, tools).filter(change -> !change.after().equals(t));
  }

  private Stream<Change> liquid(Place place, Treatment t, Product cleaner, Figures figures) {
    Ways ways = new Ways(place, judge.action(), figures);
    Span span = ways.dwell(cleaner);
    int step = Math.max(1, (span.max() - span.min()) / DWELLS_TRIED);
    double laid = ways.laid(cleaner.isFoam(), t.dwellS(), t.applyTo());
    return Stream.of(
            Mixes.ratios(cleaner).stream().map(r -> new Change("ratio", t.at(r))),
            IntStream.iterate(span.min(), s -> s <= span.max(), s -> s + step)
                .mapToObj(s -> new Change("dwell", t.sitting(s))),
            Stream.of(ApplyTo.values()).map(to -> new Change("apply-to", t.on(to))),
            Stream.of(Warmth.NONE, Warmth.WARM_WATER).map(w -> new Change("warmth", t.warmed(w))),
            Stream.of(new Change("laid", t.laying(laid))))
        .flatMap(changes -> changes);
  }
}
