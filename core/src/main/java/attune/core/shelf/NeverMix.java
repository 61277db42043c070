package attune.core.shelf;

import attune.core.shelf.Product.Trait;
import java.util.List;
import java.util.Optional;

/**
 * Pairs that must not meet in a bottle or follow each other on a surface without a rinse
 * (docs/trade, model 1).
 */
public final class NeverMix {
  private record Pair(Trait one, Trait other, String why) {}

  private static final List<Pair> PAIRS =
      List.of(
          new Pair(Trait.BLEACH, Trait.ACID, "bleach with acid gives off chlorine"),
          new Pair(Trait.BLEACH, Trait.AMMONIA, "bleach with ammonia gives off chloramine"),
          new Pair(Trait.PEROXIDE, Trait.ACID, "peroxide with acid makes a strong oxidiser"),
          new Pair(Trait.QUATS, Trait.ANIONIC, "quats and anionic cleaners undo each other"));

  private NeverMix() {}

  /** Why two products must not meet, or empty when they may. */
  public static Optional<String> between(Product a, Product b) {
    return PAIRS.stream()
        .filter(
            pair ->
                (a.has(pair.one()) && b.has(pair.other()))
                    || (b.has(pair.one()) && a.has(pair.other())))
        .map(Pair::why)
        .findFirst();
  }

  /** As {@link #between(Product, Product)}; nothing never clashes. */
  public static Optional<String> between(Optional<Product> a, Optional<Product> b) {
    return a.flatMap(one -> b.flatMap(other -> between(one, other)));
  }
}
