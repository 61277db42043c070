package attune.core.colour;

import attune.core.reference.Figures;
import java.util.Locale;

/**
 * A taped half-and-half, read: what the cleaned side has that the other has not.
 *
 * @param deltaL lightness gained, L*
 * @param deltaB yellow lost where below 0, b*
 * @param deltaE CIEDE2000 between the sides
 * @param sheenRatio shine of the cleaned side over the other; below 1 it is more matt
 */
public record HalfAndHalf(
    double deltaL, double deltaB, double deltaE, double sheenRatio, boolean seen, String text) {

  public static HalfAndHalf of(Patch cleaned, Patch other, Figures figures) {
    Lab gained = cleaned.colour().minus(other.colour());
    double deltaE = Ciede2000.between(cleaned.colour(), other.colour());
    double sheen = cleaned.sheen() / other.sheen();
    boolean seen = deltaE >= figures.get("colour.just-seen");
    return new HalfAndHalf(
        gained.l(), gained.b(), deltaE, sheen, seen, text(gained, deltaE, sheen, seen));
  }

  private static String text(Lab gained, double deltaE, double sheen, boolean seen) {
    if (!seen) {
      return String.format(
          Locale.ROOT,
          "No difference a customer would see (ΔE %.1f): it was clean, or nothing came off.",
          deltaE);
    }
    String lighter = gained.l() >= 0 ? "lighter" : "darker";
    String yellow = gained.b() < -1 ? ", less yellow" : gained.b() > 1 ? ", more yellow" : "";
    String shine = sheen < 0.98 ? ", more matt" : sheen > 1.02 ? ", shinier" : "";
    return String.format(
        Locale.ROOT,
        "The cleaned side is %s by %.1f L*%s%s: ΔE %.1f.",
        lighter,
        Math.abs(gained.l()),
        yellow,
        shine,
        deltaE);
  }
}
