package attune.core.train;

import attune.core.match.Place;
import attune.core.match.Rulebook;
import attune.core.match.Treatment;
import attune.core.simulate.SimulatedSurface;
import java.util.ArrayList;
import java.util.List;

/**
 * One run of a treatment on a model of a real panel; another seed is another panel of its kind.
 *
 * @param passes until it was clean enough, or as many as make sense
 * @param left of the soil there was most of, as a share of what was there
 * @param clean whether the standard was reached
 * @param coat topcoat left, 0 to 1
 * @param unharmed whether nothing beyond what the trade leaves was taken
 */
public record Trial(
    long seed, int passes, double left, boolean clean, double coat, boolean unharmed) {
  /** Runs on as many panels of the kind. */
  public static List<Trial> of(Place place, Treatment treatment, Rulebook book, int runs) {
    int most = book.figures().whole("cleaning.passes-most");
    List<Trial> trials = new ArrayList<>();
    for (long seed = 1; seed <= runs; seed++) {
      SimulatedSurface now = SimulatedSurface.found(place, book, seed);
      double found = now.state().worstSoil();
      int passes = 0;
      while (passes < most && now.state().worstSoil() > place.demand().acceptable()) {
        now = now.pass(treatment);
        passes++;
      }
      double left = now.state().worstSoil();
      trials.add(
          new Trial(
              seed,
              passes,
              found > 0 ? left / found : 0,
              left <= place.demand().acceptable(),
              now.state().topcoat(),
              now.isUndamaged()));
    }
    return trials;
  }
}
