package attune.core.colour;

import attune.core.reference.Figures;
import attune.core.words.Lists;
import attune.core.words.Phrases;

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
  private static final Phrases PHRASES = Phrases.of(HalfAndHalf.class);

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
      return PHRASES.say("no-difference-a-customer-would", Phrases.number("%.1f", deltaE));
    }
    String by = Phrases.number("%.1f", Math.abs(gained.l()));
    String lighter = gained.l() >= 0 ? PHRASES.say("lighter", by) : PHRASES.say("darker", by);
    String yellow =
        gained.b() < -1
            ? PHRASES.say("less-yellow")
            : gained.b() > 1 ? PHRASES.say("more-yellow") : "";
    String shine =
        sheen < 0.98 ? PHRASES.say("more-matt") : sheen > 1.02 ? PHRASES.say("shinier") : "";
    return PHRASES.say(
        "the-cleaned-side-is-by",
        Lists.facts(lighter, yellow, shine),
        Phrases.number("%.1f", deltaE));
  }
}
