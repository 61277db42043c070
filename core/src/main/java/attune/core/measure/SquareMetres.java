package attune.core.measure;

import attune.core.check.Check;

/** An area in m²; above 0 to {@value #MAX}, inclusive. */
public record SquareMetres(double value) {
  public static final double MIN = 0.0005;
  public static final double MAX = 50;

  public SquareMetres {
    value = Check.inRange("area", value, MIN, MAX, "m²");
  }
}
