package attune.core.measure;

import attune.core.check.Check;

/**
 * A pH as an interval, because a mix's pH is never known to a digit; 0 to 14, low not above high.
 */
public record PhInterval(double low, double high) {
  public PhInterval {
    low = Check.inRange("pH low", low, 0, 14, "");
    high = Check.inRange("pH high", high, low, 14, "");
  }

  /** Around a middle, held inside 0 to 14, rounded outwards to a tenth. */
  public static PhInterval around(double middle, double doubt) {
    double low = Math.floor((middle - doubt) * 10 + 1e-9) / 10;
    double high = Math.ceil((middle + doubt) * 10 - 1e-9) / 10;
    return new PhInterval(Math.max(0, Math.min(14, low)), Math.max(0, Math.min(14, high)));
  }

  /** The middle of the interval. */
  public double middle() {
    return (low + high) / 2;
  }
}
