package attune.core.material;

import attune.core.check.Check;

/** A band of pH a finish stands, both ends inclusive. */
public record PhWindow(double low, double high) {
  public PhWindow {
    low = Check.inRange("pH low", low, 0, 14, "");
    high = Check.inRange("pH high", high, low, 14, "");
  }
}
