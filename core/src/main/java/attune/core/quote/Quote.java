package attune.core.quote;

import attune.core.check.Coded;
import java.util.List;

/**
 * A price for a visit. Money in minor units of the currency.
 *
 * @param lines in the order of the visit
 * @param netMinor sum of the lines taken
 * @param taxMinor of that
 */
public record Quote(
    List<Line> lines, String currency, double taxPercent, long netMinor, long taxMinor) {

  /** What is sold together. */
  public enum Package implements Coded {
    RECEPTION,
    TRAVEL,
    CLEANING,
    TEXTILES,
    SHIELD_YOUNG_HIDE,
    CARE_OLDER_HIDE,
    COATING,
    DRESSING,
    REFERRED
  }

  /**
   * A package.
   *
   * @param says what it is and where
   * @param optional true for what the customer may leave out
   * @param taken false where they do, and for what somebody else does
   * @param minutes hands-on
   * @param priced false where a bottle's price is not on record, so materials are too low
   */
  public record Line(
      Package sold,
      String says,
      boolean optional,
      boolean taken,
      double minutes,
      long workMinor,
      long materialMinor,
      boolean priced) {
    /** Work and materials. */
    public long minor() {
      return workMinor + materialMinor;
    }
  }

  public Quote {
    lines = List.copyOf(lines);
  }

  public long grossMinor() {
    return netMinor + taxMinor;
  }
}
