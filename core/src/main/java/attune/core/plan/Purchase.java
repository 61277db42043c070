package attune.core.plan;

import attune.core.match.Place;
import attune.core.match.ReasonCode;
import attune.core.match.SpotWork;
import attune.core.shelf.ProductRole;
import attune.core.words.Phrases;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Something to buy before the job can be done as planned.
 *
 * @param needs what it has to be able to; empty where it is a product by name
 */
public record Purchase(
    ProductRole role,
    Optional<String> itemId,
    Optional<Double> ml,
    ReasonCode code,
    String text,
    Optional<Needs> needs) {
  private static final Phrases PHRASES = Phrases.of(Purchase.class);

  /**
   * What a product has to be able to.
   *
   * @param phLow routine window of the finish
   * @param goodAt a soil's code, where one was found
   * @param finish code its label has to name
   */
  public record Needs(double phLow, double phHigh, Optional<String> goodAt, String finish) {}

  /** By name, or by role alone. */
  public Purchase(
      ProductRole role,
      Optional<String> itemId,
      Optional<Double> ml,
      ReasonCode code,
      String text) {
    this(role, itemId, ml, code, text, Optional.empty());
  }

  /** Each kind once: of several for one finish the one whose window is the narrowest serves all. */
  static List<Purchase> each(List<Purchase> wanted) {
    Map<String, Purchase> each = new LinkedHashMap<>();
    for (Purchase purchase : wanted) {
      String kind =
          purchase.needs().isEmpty()
              ? purchase.toString()
              : purchase.role() + purchase.needs().get().finish() + purchase.needs().get().goodAt();
      each.merge(kind, purchase, (a, b) -> a.window() <= b.window() ? a : b);
    }
    return List.copyOf(each.values());
  }

  private double window() {
    return needs.map(n -> n.phHigh() - n.phLow()).orElse(0.0);
  }

  /** What would shift a stain that nothing on the shelf is made for. */
  static Purchase toLift(Place place, SpotWork spot) {
    double low = place.limits().phRoutineLow().value();
    double high = place.limits().phRoutineHigh().value();
    return new Purchase(
        ProductRole.SPOT_REMOVER,
        Optional.empty(),
        Optional.empty(),
        ReasonCode.BUY,
        PHRASES.say(
            "for-on-a-spot-remover",
            spot.stain().kind().words(),
            place.finish().name(),
            Phrases.number("%.1f", low),
            Phrases.number("%.1f", high)),
        Optional.of(
            new Needs(
                low, high, Optional.of(spot.stain().kind().soil().code()), place.finish().code())));
  }

  /** What would take the last film off before something has to bond. */
  static Purchase toWipeOff(Place place) {
    double low = place.limits().phRoutineLow().value();
    double high = place.limits().phRoutineHigh().value();
    return new Purchase(
        ProductRole.RESIDUE_REMOVER,
        Optional.empty(),
        Optional.empty(),
        ReasonCode.BUY,
        PHRASES.say(
            "for-a-residue-remover-of",
            place.finish().name(),
            Phrases.number("%.1f", low),
            Phrases.number("%.1f", high)),
        Optional.of(new Needs(low, high, Optional.empty(), place.finish().code())));
  }

  /** What would clean a surface that nothing on the shelf may clean. */
  static Purchase toClean(Place place) {
    ProductRole role =
        switch (place.finish().family()) {
          case "screen" -> ProductRole.SCREEN_CLEANER;
          case "textile" -> ProductRole.TEXTILE_SHAMPOO;
          default -> ProductRole.CLEANER;
        };
    double low = place.limits().phRoutineLow().value();
    double high = place.limits().phRoutineHigh().value();
    Optional<String> soil = place.demand().soils().stream().map(s -> s.code()).sorted().findFirst();
    return new Purchase(
        role,
        Optional.empty(),
        Optional.empty(),
        ReasonCode.BUY,
        PHRASES.say(
            "for-a-of-ph-to",
            place.finish().name(),
            role.code().replace('-', ' '),
            Phrases.number("%.1f", low),
            Phrases.number("%.1f", high)),
        Optional.of(new Needs(low, high, soil, place.finish().code())));
  }
}
