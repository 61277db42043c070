package attune.core.match;

import static attune.core.match.Reason.Effect.CAUTION;
import static attune.core.match.Reason.SetBy.SHELF;
import static attune.core.match.Reason.SetBy.SOIL;

import attune.core.match.Mixes.Mixed;
import attune.core.match.Treatment.Warmth;
import attune.core.shelf.Product;
import attune.core.shelf.Tool;
import attune.core.survey.Stain;
import attune.core.words.Phrases;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What meets the stains of a panel: the gentlest remover made for each, from a cloth, cold, on the
 * spot alone (docs/trade, C12). What nothing is made for is not promised away.
 */
final class Spots {
  private static final Phrases PHRASES = Phrases.of(Spots.class);

  private static final Set<ReasonCode> TOO_LITTLE =
      Set.of(ReasonCode.TOO_WEAK, ReasonCode.TOO_MANY_PASSES);

  private final Rulebook book;
  private final Judge judge;
  private final Mixes mixes;

  Spots(Rulebook book, Judge judge, Mixes mixes) {
    this.book = book;
    this.judge = judge;
    this.mixes = mixes;
  }

  List<SpotWork> of(Place panel) {
    return panel.surface().condition().spots().stream().map(s -> work(panel, s)).toList();
  }

  private SpotWork work(Place panel, Stain stain) {
    Place place = panel.at(stain, book);
    Optional<Verdict> best =
        madeFor(place, stain).stream()
            .filter(v -> v.reasons().stream().noneMatch(Spots::forbids))
            .min(
                Comparator.comparing((Verdict v) -> !v.isOffered())
                    .thenComparing(v -> !isRemover(v))
                    .thenComparing(v -> v.action() < place.demand().needed())
                    .thenComparingDouble(v -> v.isOffered() ? v.harm() : -v.action())
                    .thenComparing(v -> v.treatment().tool().timesWashed().orElse(0))
                    .thenComparing(v -> v.treatment().key()));
    Optional<Rung> rung = best.map(v -> rung(v, place));
    return new SpotWork(
        stain,
        place.surface().area(),
        rung,
        rung.map(r -> ml(r, place)).orElse(0.0),
        remains(stain, place, best));
  }

  /** A gram is taken as a millilitre; never less than dampens the corner of a cloth. */
  private double ml(Rung rung, Place place) {
    double laid = rung.treatment().laid() * place.surface().area().value();
    return Math.max(book.figures().get("spot.least-ml"), laid * Math.max(1, rung.passesHigh()));
  }

  private static boolean isRemover(Verdict verdict) {
    return verdict.treatment().cleaner().filter(ProductRules::isForSpots).isPresent();
  }

  private static boolean forbids(Reason reason) {
    return reason.rulesOut() && !TOO_LITTLE.contains(reason.code());
  }

  /** Every bottle made for it at every ratio, from every cloth, as short as its label lets it. */
  private List<Verdict> madeFor(Place place, Stain stain) {
    Ways ways = new Ways(place, judge.action(), book.figures());
    List<Tool> cloths = whiteCloths();
    List<Verdict> verdicts = new ArrayList<>();
    for (int i = 0; i < mixes.cleaners().size(); i++) {
      Product product = mixes.cleaners().get(i);
      boolean sprayedOver = stain.extent() == Stain.Extent.PANEL && product.solventPercent() > 0;
      if (!product.goodAt().contains(stain.kind().soil()) || sprayedOver) {
        continue;
      }
      for (Mixed mixed : mixes.ratios().get(i)) {
        for (Tool cloth : cloths) {
          for (int dwell : List.of(ways.dwell(product).min(), ways.dwell(product).max())) {
            verdicts.add(judge.judge(place, ways.treatment(mixed, cloth, Warmth.NONE, dwell)));
          }
        }
      }
    }
    return verdicts;
  }

  /** What comes off shows on white alone, and a remover takes the dye out of any other. */
  private List<Tool> whiteCloths() {
    List<Tool> white =
        mixes.tools().stream()
            .filter(tool -> tool.kind() == Tool.Kind.CLOTH && !tool.dyed())
            .toList();
    return white.isEmpty() ? List.of(Tool.CLOTH) : white;
  }

  private Rung rung(Verdict verdict, Place place) {
    int most =
        verdict.isOffered()
            ? book.needs().most()
            : place.demand().passesWorthMaking(verdict.action(), book.needs());
    double doubt = book.figures().get("cleaning.doubt");
    int low = place.demand().passesAt(verdict.action() * (1 + doubt), book.needs());
    int high = place.demand().passesAt(verdict.action() * (1 - doubt), book.needs());
    return new Rung(
        verdict,
        Math.min(most, Math.max(1, low)),
        Math.min(most, Math.max(1, high)),
        PHRASES.say("a-fresh-white-face-and-no-ring"),
        PHRASES.say("what-stays-after-these-passes"),
        PHRASES.say("from-the-edge-inwards-a"));
  }

  private Optional<Reason> remains(Stain stain, Place place, Optional<Verdict> best) {
    String what = stain.kind().words();
    boolean set =
        stain.ageDays().orElse(0) >= book.figures().get("cleaning.set-dye-days")
            && stain.kind().soil().isDye();
    if (best.isEmpty()) {
      return said(
          PHRASES.say("nothing-on-the-shelf-is-made-for", what, place.finish().name()), SHELF);
    }
    if (!best.get().isOffered()) {
      return said(
          PHRASES.say(
              "the-is-more-than-shifts",
              what,
              best.get().treatment().cleaner().orElseThrow().name()),
          SOIL);
    }
    return set ? said(PHRASES.say("the-has-sat-a-month", what), SOIL) : Optional.empty();
  }

  private static Optional<Reason> said(String text, Reason.SetBy by) {
    return Optional.of(Reason.of(ReasonCode.REMAINS, CAUTION, by, text));
  }
}
