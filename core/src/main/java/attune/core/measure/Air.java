package attune.core.measure;

import attune.core.check.Check;

/**
 * The air over the work.
 *
 * @param relativeHumidity 0 to 1, both inclusive
 * @param speedMs air speed in m/s, 0 to 10
 */
public record Air(Celsius temperature, double relativeHumidity, double speedMs) {
  public Air {
    relativeHumidity = Check.inRange("relativeHumidity", relativeHumidity, 0, 1, "");
    speedMs = Check.inRange("airSpeedMs", speedMs, 0, 10, "m/s");
  }
}
