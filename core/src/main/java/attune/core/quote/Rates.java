package attune.core.quote;

import java.util.Optional;

/**
 * What a shop takes; money in minor units of the currency.
 *
 * @param hourMinor an hour of work
 * @param currency three letters
 * @param taxPercent 0 to 100, on all lines alike
 * @param travel for going to the car; empty where the car comes to the shop
 */
public record Rates(long hourMinor, String currency, double taxPercent, Optional<Travel> travel) {

  /**
   * Going to the car, each day somebody works there.
   *
   * @param calledMinor for coming at all
   * @param kmMinor a kilometre
   * @param km there and back; empty where nobody said how far it is
   */
  public record Travel(long calledMinor, long kmMinor, Optional<Double> km) {
    /** All of it. */
    long minor(int days) {
      return Math.round(days * (calledMinor + kmMinor * km.orElse(0.0)));
    }
  }
}
