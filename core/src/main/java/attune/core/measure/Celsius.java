package attune.core.measure;

import attune.core.check.Check;

/**
 * A temperature in °C; {@value #MIN} to {@value #MAX}, both inclusive: what a cabin and a steamer
 * can be.
 */
public record Celsius(double value) {
  public static final double MIN = -30;
  public static final double MAX = 120;

  public Celsius {
    value = Check.inRange("temperature", value, MIN, MAX, "°C");
  }

  /** Warmer by so many kelvin, held at {@value #MAX}. */
  public Celsius plus(double kelvin) {
    return new Celsius(Math.min(MAX, value + kelvin));
  }
}
