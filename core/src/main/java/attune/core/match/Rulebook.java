package attune.core.match;

import attune.core.material.FinishTable;
import attune.core.measure.DilutedPh;
import attune.core.reference.Figures;

/**
 * The tables every rule is resolved against.
 *
 * @param ph estimates of diluted pH with the shop's water
 */
public record Rulebook(FinishTable finishes, Figures figures, DilutedPh ph) {
  /** With the tap water of the figures. */
  public static Rulebook of(FinishTable finishes, Figures figures) {
    return new Rulebook(
        finishes,
        figures,
        new DilutedPh(figures, figures.get("water.ph"), figures.get("water.alkalinity")));
  }
}
