package attune.core.match;

import attune.core.measure.SquareMetres;
import attune.core.survey.Stain;
import java.util.Optional;

/**
 * What is done about one stain after its panel is clean: a remover on the spot alone.
 *
 * @param area that it covers
 * @param rung how it is worked; empty where nothing on the shelf is made for it
 * @param remains what is likely to stay of it; empty where nothing is
 */
public record SpotWork(
    Stain stain, SquareMetres area, Optional<Rung> rung, Optional<Reason> remains) {
  private static final double CM2_A_M2 = 10_000;

  public double cm2() {
    return area.value() * CM2_A_M2;
  }

  /** Remover over all passes, ml; a gram is taken as a millilitre. */
  public double ml() {
    return rung.map(r -> r.treatment().laid() * area.value() * Math.max(1, r.passesHigh()))
        .orElse(0.0);
  }
}
