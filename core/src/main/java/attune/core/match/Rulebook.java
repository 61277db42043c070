package attune.core.match;

import attune.core.material.FinishTable;
import attune.core.measure.DilutedPh;
import attune.core.reference.Figures;

/**
 * The tables every match is solved against.
 *
 * @param ph estimates of diluted pH with the shop's water
 * @param needs what the figures come to, solved once
 */
public record Rulebook(FinishTable finishes, Figures figures, DilutedPh ph, Needs needs) {
  /** With the tap water of the figures. */
  public static Rulebook of(FinishTable finishes, Figures figures) {
    return new Rulebook(
        finishes,
        figures,
        new DilutedPh(figures, figures.get("water.ph"), figures.get("water.alkalinity")),
        new Needs(figures));
  }
}
