package attune.core.match;

import attune.core.material.Role;
import attune.core.shelf.Product;
import attune.core.shelf.Span;

/** How long what is laid may sit before it is worked: label, finish and air together. */
public final class Dwell {
  private static final int DAY_S = 86_400;

  private Dwell() {}

  /** Seconds a rung's cleaner sits on a panel at least and at most; a screen is wiped at once. */
  public static Span of(Place place, Rung rung) {
    Treatment treatment = rung.treatment();
    int least = treatment.dwellS();
    boolean screen = place.surface().role() == Role.SCREEN;
    double spare = screen ? 0 : Math.min(rung.verdict().sections().spareS(), DAY_S);
    int stands = (int) Math.floor(Math.min(place.limits().contactMaxS().value(), least + spare));
    int most =
        treatment
            .cleaner()
            .flatMap(Product::dwell)
            .map(label -> Math.min(label.max(), stands))
            .orElse(least);
    return new Span(least, Math.max(least, most));
  }
}
