package attune.core.match;

import attune.core.reference.Figures;

/** What an absorbing finish takes in all before it has to dry (docs/trade, A9). */
public final class TotalWet {
  private TotalWet() {}

  /**
   * Passes that may follow each other without a drying, at least 1; later ones lay less than the
   * first. Without end where nothing soaks in.
   */
  public static int passesAtOnce(Place place, Treatment treatment, Figures figures) {
    double wets = treatment.isDry() ? 0 : treatment.wets(figures);
    if (wets <= 0 || !absorbs(place)) {
      return Integer.MAX_VALUE;
    }
    double most = place.limits().wetMax().value() * figures.get("limit.total-wet");
    double later = (most / wets - 1) / figures.get("laid.later");
    return 1 + (int) Math.floor(Math.max(0, later) + 1e-9);
  }

  /** Nap, fabric, open-pore wood and hide without a closed coat. */
  private static boolean absorbs(Place place) {
    return place.finish().hasNap()
        || place.finish().isTextile()
        || switch (place.finish().code()) {
          case "leather/aniline", "leather/semi-aniline", "leather/nubuck", "wood/open-pore" ->
              true;
          default -> false;
        };
  }
}
