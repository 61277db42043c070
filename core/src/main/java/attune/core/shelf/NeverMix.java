package attune.core.shelf;

import attune.core.shelf.Product.Trait;
import attune.core.words.Phrases;
import java.util.List;
import java.util.Optional;

/**
 * Pairs that must not meet in a bottle or follow each other on a surface without a rinse
 * (docs/trade, model 1).
 */
public final class NeverMix {
  private static final Phrases PHRASES = Phrases.of(NeverMix.class);

  private record Pair(Trait one, Trait other, String why) {}

  private static final List<Pair> PAIRS =
      List.of(
          new Pair(Trait.BLEACH, Trait.ACID, PHRASES.say("bleach-with-acid-gives-off")),
          new Pair(Trait.BLEACH, Trait.AMMONIA, PHRASES.say("bleach-with-ammonia-gives-off")),
          new Pair(Trait.PEROXIDE, Trait.ACID, PHRASES.say("peroxide-with-acid-makes-a")),
          new Pair(Trait.QUATS, Trait.ANIONIC, PHRASES.say("quats-and-anionic-cleaners-undo")));

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
