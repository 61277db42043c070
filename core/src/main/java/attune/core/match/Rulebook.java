package attune.core.match;

import attune.core.material.FinishTable;
import attune.core.measure.DilutedPh;
import attune.core.reference.Figures;

/**
 * The tables every rule is resolved against.
 *
 * @param ph estimates of diluted pH with the shop's water
 */
public record Rulebook(FinishTable finishes, Figures figures, DilutedPh ph) {}
