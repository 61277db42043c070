package attune.core.colour;

/**
 * CIELAB under D65: lightness 0 to 100, a green to red, b blue to yellow. Source: CIE 15; the
 * matrix from linear sRGB is that of IEC 61966-2-1.
 */
public record Lab(double l, double a, double b) {
  private static final double WHITE_X = 0.95047;
  private static final double WHITE_Z = 1.08883;
  private static final double EPSILON = 216.0 / 24389;
  private static final double KAPPA = 24389.0 / 27;

  public static Lab of(Srgb colour) {
    double r = linear(colour.red());
    double g = linear(colour.green());
    double b = linear(colour.blue());
    double x = f((0.4124564 * r + 0.3575761 * g + 0.1804375 * b) / WHITE_X);
    double y = f(0.2126729 * r + 0.7151522 * g + 0.0721750 * b);
    double z = f((0.0193339 * r + 0.1191920 * g + 0.9503041 * b) / WHITE_Z);
    return new Lab(116 * y - 16, 500 * (x - y), 200 * (y - z));
  }

  private static double linear(int channel) {
    double c = channel / 255.0;
    return c <= 0.04045 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4);
  }

  private static double f(double t) {
    return t > EPSILON ? Math.cbrt(t) : (KAPPA * t + 16) / 116;
  }

  /** Distance from grey, 0 upwards. */
  public double chroma() {
    return Math.hypot(a, b);
  }

  /** Angle of the hue in degrees, 0 to 360; means nothing where chroma is near 0. */
  public double hue() {
    double degrees = Math.toDegrees(Math.atan2(b, a));
    return degrees < 0 ? degrees + 360 : degrees;
  }

  /** What this has that the other has not: the colour a clean cloth took on. */
  public Lab minus(Lab other) {
    return new Lab(l - other.l, a - other.a, b - other.b);
  }
}
