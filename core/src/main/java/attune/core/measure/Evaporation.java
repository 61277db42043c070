package attune.core.measure;

/**
 * Evaporation from a wet film, {@code W = (0.089 + 0.0782 v)(p_surface - RH p_air) / Y} in
 * kg/(m²·s), v in m/s, p in kPa, latent heat {@code Y = 2501 - 2.361 t} in kJ/kg. Source: Carrier
 * (1918) form as used for open water.
 */
public final class Evaporation {
  private static final double STILL = 0.089;
  private static final double PER_MS = 0.0782;
  private static final double LATENT_AT_ZERO = 2501;
  private static final double LATENT_SLOPE = 2.361;
  private static final double GRAMS = 1000;

  private Evaporation() {}

  /** Rate in g/(m²·s); zero or below when the air is as wet as the surface and nothing dries. */
  public static double gramsPerSecond(Air air, Celsius surface) {
    double difference =
        SaturationPressure.kPa(surface)
            - air.relativeHumidity() * SaturationPressure.kPa(air.temperature());
    double latent = LATENT_AT_ZERO - LATENT_SLOPE * surface.value();
    return (STILL + PER_MS * air.speedMs()) * difference / latent * GRAMS;
  }

  /** Seconds until a film of this weight is gone; infinite when nothing dries. */
  public static double secondsToDry(GramsPerSquareMetre film, Air air, Celsius surface) {
    double rate = gramsPerSecond(air, surface);
    return rate <= 0 ? Double.POSITIVE_INFINITY : film.value() / rate;
  }
}
