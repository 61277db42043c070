package attune.core.match;

import attune.core.measure.Ratio;
import attune.core.shelf.Product;
import attune.core.shelf.Shelf;
import attune.core.shelf.Soil;
import java.util.List;
import java.util.Optional;

/**
 * Matches a surface against a shelf: the ladder, what is referred, the cautions, and why everything
 * else was left out.
 */
public final class Matcher {
  private final Judge judge;
  private final Candidates candidates;
  private final Ladder ladder;
  private final WhyNot whyNot;
  private final Rulebook book;

  public Matcher(Rulebook book) {
    this.book = book;
    this.judge = new Judge(book);
    this.candidates = new Candidates(judge, book.figures());
    this.ladder = new Ladder(book.figures());
    this.whyNot = new WhyNot(judge);
  }

  public SurfaceMatch match(Place place, Shelf shelf) {
    List<Verdict> judged = candidates.of(place, shelf);
    boolean stop = place.surface().condition().soils().contains(Soil.MOULD);
    List<Rung> rungs = stop ? List.of() : ladder.of(place, judged);
    Optional<Reason> refer = Cautions.refer(place, rungs);
    return new SurfaceMatch(
        place,
        rungs,
        refer,
        Cautions.of(place, rungs),
        place.demand().isNone() ? List.of() : whyNot.of(place, shelf, judged, rungs));
  }

  /** Ratios of a product worth trying, from strongest to mildest. */
  public static List<Ratio> ratios(Product product) {
    return Candidates.ratios(product);
  }

  /** Judges one treatment, as when a needle is moved. */
  public Verdict judge(Place place, Treatment treatment) {
    return judge.judge(place, treatment);
  }

  /** The rack's needles and bands for a verdict. */
  public Rack rack(Place place, Verdict verdict) {
    return Rack.of(place, verdict, judge.action(), book.figures());
  }
}
