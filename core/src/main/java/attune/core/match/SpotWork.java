package attune.core.match;

import attune.core.measure.SquareMetres;
import attune.core.survey.Stain;
import java.util.Optional;

/**
 * What is done about one stain after its panel is clean: a remover on the spot alone.
 *
 * @param area that it covers
 * @param rung how it is worked; empty where nothing on the shelf is made for it
 * @param ml remover over all passes; 0 where there is none
 * @param remains what is likely to stay of it; empty where nothing is
 */
public record SpotWork(
    Stain stain, SquareMetres area, Optional<Rung> rung, double ml, Optional<Reason> remains) {
  private static final double CM2_A_M2 = 10_000;

  public double cm2() {
    return area.value() * CM2_A_M2;
  }
}
