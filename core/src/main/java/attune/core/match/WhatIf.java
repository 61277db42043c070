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
import attune.core.words.Lists;
import attune.core.words.Phrases;
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
  private static final Phrases PHRASES = Phrases.of(WhatIf.class);

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
            ? List.of(cannot(PHRASES.say("nothing-on-the-shelf-may")))
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
    String does = said(t, verdict);
    String says =
        verdict.reasons().stream()
            .filter(r -> r.effect() == Reason.Effect.CAUTION)
            .findFirst()
            .map(r -> PHRASES.say("test-a-spot-and-accept", does, r.text()))
            .orElseGet(() -> PHRASES.say("it-would-do", does));
    return new Remedy(true, says, Optional.of(t));
  }

  private static String said(Treatment t, Verdict verdict) {
    return Lists.facts(
        WhyNot.said(t),
        t.isDry() ? "" : PHRASES.say("on-the-sitting-s", t.applyTo().code(), t.dwellS()),
        PHRASES.say("passes", verdict.passes()));
  }

  /** What one reason against it would take. */
  private Remedy remedy(Reason reason) {
    return switch (reason.code()) {
      case STOCK_SHORT, EXPIRED -> can(PHRASES.say("a-fresh-bottle-on-the"));
      case PH_UNKNOWN -> can(PHRASES.say("take-the-ph-of-the"));
      case STRENGTH_UNKNOWN -> can(PHRASES.say("put-its-strength-as-a"));
      case HOUSEHOLD_PRODUCT, HOUSE_RULE -> can(PHRASES.say("another-school-of-the-house"));
      case DYED_ON_PALE ->
          can(
              PHRASES.say(
                  "wash-it-times-in-all", Phrases.number("%.0f", reason.limit().orElse(0.0))));
      case NOT_FOR_THIS_SOIL -> can(PHRASES.say("only-if-the-soil-it"));
      case FILM_BLOCKS_COATING -> can(PHRASES.say("only-if-no-coating-follows"));
      case THROWS_DROPLETS -> can(PHRASES.say("only-if-what-lies-beside"));
      case EXPOSURE_SPENT -> can(PHRASES.say("wait-until-the-last-years"));
      case IDENTIFY_FIRST -> can(PHRASES.say("identify-the-finish-first"));
      case LABEL_DILUTION -> cannot(PHRASES.say("no-ratio-on-its-label"));
      case PH_ABOVE_LIMIT -> cannot(PHRASES.say("too-alkaline-at-its-mildest"));
      case PH_BELOW_LIMIT -> cannot(PHRASES.say("too-acid-at-its-mildest"));
      case TOO_WEAK, TOO_MANY_PASSES -> cannot(PHRASES.say("at-its-strongest-and-as"));
      default -> cannot(PHRASES.say("nothing-this-cannot-be-changed"));
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
    return cannot(PHRASES.say("neither-one-needle-nor-two", hardest));
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
      case "ratio" -> PHRASES.say("dilute-to", t.ratio().code());
      case "tool" -> PHRASES.say("take", t.tool().name());
      case "apply-to" -> PHRASES.say("put-it-on-the", t.applyTo().code());
      case "dwell" -> PHRASES.say("let-it-sit-s", t.dwellS());
      case "warmth" ->
          t.warmth() == Warmth.NONE
              ? PHRASES.say("work-it-cold")
              : PHRASES.say("add", t.warmth().code());
      case "laid" -> PHRASES.say("lay-g-m", Phrases.number("%.0f", t.laid()));
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
