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
 * @param spareS seconds of the window that dwell and work leave over
 * @param nowS the window on the surface as it stands, shorter where that has to cool first
 */
public record Sections(
    int count, double areaM2, double windowS, boolean fits, double spareS, double nowS) {
  /** A window longer than this is reported as this: nobody leaves cleaner on for a day. */
  private static final double LONGEST_WINDOW_S = 86_400;

  /** Whether dwell and work would fit on the surface as it stands. */
  public boolean fitsNow() {
    return nowS >= windowS - spareS;
  }

  /** The same, with the window as it is now. */
  public Sections now(double seconds) {
    return new Sections(count, areaM2, windowS, fits, spareS, seconds);
  }

  /** The share of a film's drying time that can be worked in; foam keeps its liquid longer. */
  public static double windowS(
      GramsPerSquareMetre film, boolean foam, Air air, Celsius surface, Figures figures) {
    double dries = Evaporation.secondsToDry(film, air, surface);
    double kept = foam ? dries * figures.get("window.foam-keeps") : dries;
    return Math.min(LONGEST_WINDOW_S, kept * (1 - figures.get("window.safety")));
  }

  /** Seconds to lay, work and wipe the least section a panel may be cut to. */
  public static double leastWorkS(SquareMetres area, double workRate, Figures figures) {
    return least(area, figures) * secondsPerM2(workRate, figures);
  }

  /** No smaller than a hand, and no more of them than a panel can be kept track of in, m². */
  private static double least(SquareMetres area, Figures figures) {
    double hand = Math.min(area.value(), figures.get("section.least"));
    return Math.max(hand, area.value() / figures.get("section.most"));
  }

  private static double secondsPerM2(double workRate, Figures figures) {
    return 60 * (1 / figures.get("rate.lay") + 1 / workRate + 1 / figures.get("rate.wipe"));
  }

  /**
   * Sizes the sections.
   *
   * @param dwellS seconds the cleaner sits
   * @param workRate m²/min at which the tool covers this texture
   */
  public static Sections of(
      SquareMetres area, double windowS, double dwellS, double workRate, Figures figures) {
    double most = (windowS - dwellS) / secondsPerM2(workRate, figures);
    if (most < least(area, figures) - 1e-9) {
      return new Sections(1, area.value(), windowS, false, 0, windowS);
    }
    int count = Math.max(1, (int) Math.ceil(area.value() / most - 1e-9));
    double piece = area.value() / count;
    double spare = windowS - dwellS - piece * secondsPerM2(workRate, figures);
    return new Sections(count, piece, windowS, true, Math.max(0, spare), windowS);
  }

  /** One piece that nothing hurries: dry work, or a cloth that wipes at once. */
  public static Sections unhurried(SquareMetres area, double windowS) {
    return new Sections(1, area.value(), windowS, true, windowS, windowS);
  }
}
