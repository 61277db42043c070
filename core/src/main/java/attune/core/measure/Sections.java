package attune.core.measure;

import attune.core.reference.Figures;

/**
 * How a surface is cut so that each piece is laid, left, worked and wiped inside the working
 * window.
 *
 * @param count pieces, at least 1
 * @param areaM2 area of a piece
 * @param windowS working window in s: the film's drying time less the safety share
 * @param fits false when a piece no smaller than a hand, or a twelfth of the panel, dries before it
 *     could be wiped; {@code count} is then 1 and work may not start
 */
public record Sections(int count, double areaM2, double windowS, boolean fits) {
  /** A window longer than this is reported as this: nobody leaves cleaner on for a day. */
  private static final double LONGEST_WINDOW_S = 86_400;

  /** The share of a film's drying time that can be worked in; foam keeps its liquid longer. */
  public static double windowS(
      GramsPerSquareMetre film, boolean foam, Air air, Celsius surface, Figures figures) {
    double dries = Evaporation.secondsToDry(film, air, surface);
    double kept = foam ? dries * figures.get("window.foam-keeps") : dries;
    return Math.min(LONGEST_WINDOW_S, kept * (1 - figures.get("window.safety")));
  }

  /**
   * Sizes the sections.
   *
   * @param dwellS seconds the cleaner sits
   * @param workRate m²/min at which the tool covers this texture
   */
  public static Sections of(
      SquareMetres area, double windowS, double dwellS, double workRate, Figures figures) {
    double minutesPerM2 = 1 / figures.get("rate.lay") + 1 / workRate + 1 / figures.get("rate.wipe");
    double most = (windowS - dwellS) / 60 / minutesPerM2;
    double hand = Math.min(area.value(), figures.get("section.least"));
    double pieces = area.value() / figures.get("section.most");
    if (most < Math.max(hand, pieces) - 1e-9) {
      return new Sections(1, area.value(), windowS, false);
    }
    int count = (int) Math.ceil(area.value() / most - 1e-9);
    return new Sections(Math.max(1, count), area.value() / Math.max(1, count), windowS, true);
  }
}
