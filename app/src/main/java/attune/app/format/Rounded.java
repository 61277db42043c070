package attune.app.format;

/** Figures of a file are rounded, so that the same job gives the same bytes. */
final class Rounded {
  private Rounded() {}

  static double to(double value, int digits) {
    double scale = Math.pow(10, digits);
    return Math.round(value * scale) / scale + 0.0;
  }
}
