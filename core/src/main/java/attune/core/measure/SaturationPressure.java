package attune.core.measure;

/**
 * Saturation vapour pressure over water, {@code p = 0.61094 exp(17.625 t / (t + 243.04))}, t in °C,
 * p in kPa. The form is stated for -40 to 50 °C; hotter surfaces are shop use, a little beyond it.
 * Source: Alduchov and Eskridge (1996), Improved Magnus Form Approximation of Saturation Vapor
 * Pressure, J. Appl. Meteorol. 35, 601-609.
 */
public final class SaturationPressure {
  private static final double AT_ZERO_KPA = 0.61094;
  private static final double SLOPE = 17.625;
  private static final double OFFSET_C = 243.04;

  private SaturationPressure() {}

  /** Pressure in kPa. */
  public static double kPa(Celsius t) {
    return AT_ZERO_KPA * Math.exp(SLOPE * t.value() / (t.value() + OFFSET_C));
  }
}
