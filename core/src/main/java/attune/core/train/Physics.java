package attune.core.train;

/**
 * Figures of a model panel, from docs/trade model 2, 4 and 11.
 *
 * @param rate k of cleaning
 * @param layer L, what a pass lifts at most
 * @param dwellHalf d50, s
 * @param stubborn how this soil differs from the usual, about 1
 * @param driesGPerS g/(m²·s) at which liquid leaves it
 * @param contactMaxS seconds it stands
 * @param moistureDry what the meter shows on dry trim, and {@code moistureFull} the liquid, g/m²,
 *     at which it nears its end
 * @param cellS seconds a cell takes the hand
 * @param damp what a thin laying lays of what is meant, and {@code soak} a running one
 * @param wetMost g/m² the surface stands
 * @param blows share of liquid and dry dust that air leaves, and {@code spatter} the ring it makes
 *     of cleaner that lies there
 */
public record Physics(
    double rate,
    double layer,
    double dwellHalf,
    double stubborn,
    double driesGPerS,
    double contactMaxS,
    double cellS,
    double strokes,
    double grab,
    double faceHolds,
    double blotTakes,
    double blotLeaves,
    double tide,
    double tideWiped,
    double mist,
    double vacuumLeaves,
    double afterWipe,
    double rubHarm,
    double coatPerHarm,
    double pigmentPerHarm,
    double napPerHarm,
    double napOpens,
    double moistureDry,
    double moistureFull,
    double damp,
    double soak,
    double wetMost,
    double blows,
    double spatter) {}
