package attune.core.plan;

import attune.core.match.Place;
import attune.core.match.ReasonCode;
import attune.core.shelf.ProductRole;
import java.util.Locale;
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
        String.format(
            Locale.ROOT,
            "For %s: a %s of pH %.1f to %.1f whose label names it; the smallest pack will do.",
            place.finish().name(),
            role.code().replace('-', ' '),
            low,
            high),
        Optional.of(new Needs(low, high, soil, place.finish().code())));
  }
}
