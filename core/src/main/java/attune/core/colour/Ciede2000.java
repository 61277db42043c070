package attune.core.colour;

/**
 * The CIEDE2000 colour difference with all weights 1: about 1 is just seen side by side. Source:
 * Sharma, Wu and Dalal (2005), whose 34 published pairs are the test.
 */
public final class Ciede2000 {
  private static final double POW25_7 = Math.pow(25, 7);

  private Ciede2000() {}

  public static double between(Lab one, Lab two) {
    double meanC7 = Math.pow((one.chroma() + two.chroma()) / 2, 7);
    double g = 0.5 * (1 - Math.sqrt(meanC7 / (meanC7 + POW25_7)));
    Lab first = new Lab(one.l(), (1 + g) * one.a(), one.b());
    Lab second = new Lab(two.l(), (1 + g) * two.a(), two.b());
    double c1 = first.chroma();
    double c2 = second.chroma();
    double deltaL = second.l() - first.l();
    double deltaC = c2 - c1;
    double deltaH = 2 * Math.sqrt(c1 * c2) * Math.sin(Math.toRadians(hueStep(first, second) / 2));

    double meanL = (first.l() + second.l()) / 2;
    double meanC = (c1 + c2) / 2;
    double meanH = meanHue(first, second);
    double fromMiddle = (meanL - 50) * (meanL - 50);
    double sl = 1 + 0.015 * fromMiddle / Math.sqrt(20 + fromMiddle);
    double sc = 1 + 0.045 * meanC;
    double sh = 1 + 0.015 * meanC * t(meanH);
    double l = deltaL / sl;
    double c = deltaC / sc;
    double h = deltaH / sh;
    return Math.sqrt(l * l + c * c + h * h + rotation(meanC, meanH) * c * h);
  }

  private static double hueStep(Lab first, Lab second) {
    if (first.chroma() * second.chroma() == 0) {
      return 0;
    }
    double step = second.hue() - first.hue();
    return step > 180 ? step - 360 : step < -180 ? step + 360 : step;
  }

  private static double meanHue(Lab first, Lab second) {
    double sum = first.hue() + second.hue();
    if (first.chroma() * second.chroma() == 0) {
      return sum;
    }
    if (Math.abs(first.hue() - second.hue()) <= 180) {
      return sum / 2;
    }
    return sum < 360 ? (sum + 360) / 2 : (sum - 360) / 2;
  }

  private static double t(double meanHue) {
    return 1
        - 0.17 * cos(meanHue - 30)
        + 0.24 * cos(2 * meanHue)
        + 0.32 * cos(3 * meanHue + 6)
        - 0.20 * cos(4 * meanHue - 63);
  }

  private static double rotation(double meanC, double meanHue) {
    double turn = (meanHue - 275) / 25;
    double theta = 30 * Math.exp(-turn * turn);
    double c7 = Math.pow(meanC, 7);
    return -2 * Math.sqrt(c7 / (c7 + POW25_7)) * Math.sin(Math.toRadians(2 * theta));
  }

  private static double cos(double degrees) {
    return Math.cos(Math.toRadians(degrees));
  }
}
