package attune.core.measure;

import attune.core.check.Check;

/**
 * Liquid on a surface in g/m², which is a film in µm of water; 0 to {@value #MAX}, both inclusive.
 */
public record GramsPerSquareMetre(double value) {
  public static final double MAX = 1000;

  public GramsPerSquareMetre {
    value = Check.inRange("film", value, 0, MAX, "g/m²");
  }
}
