package attune.core.simulate;

import attune.core.check.Coded;
import attune.core.reference.Figures;
import attune.core.survey.Surface.Tone;
import java.util.Locale;
import java.util.Optional;
import java.util.SplittableRandom;

/**
 * The instruments of the bench, the unit each reads in, and its noise (docs/trade, instruments).
 */
public enum Instrument implements Coded {
  GLOSS("GU", 0, 200),
  MOISTURE("0-100", 0, 100),
  SURFACE_TEMPERATURE("°C", -30, 110),
  AIR_TEMPERATURE("°C", -20, 50),
  HUMIDITY("%", 0, 100),
  AIR_SPEED("m/s", 0, 10),
  PH("pH", 0, 14),
  CLOTH_COLOUR("sRGB", 0, 0xFFFFFF);

  private final String unit;
  private final double least;
  private final double most;

  Instrument(String unit, double least, double most) {
    this.unit = unit;
    this.least = least;
    this.most = most;
  }

  public String unit() {
    return unit;
  }

  /** Least value it can show; a colour is its number, red first. */
  public double least() {
    return least;
  }

  /** Most it can show. */
  public double most() {
    return most;
  }

  /** True when it is held to one surface; false when it reads the room or a bottle. */
  public boolean readsASurface() {
    return this == GLOSS || this == MOISTURE || this == SURFACE_TEMPERATURE || this == CLOTH_COLOUR;
  }

  /**
   * What it shows for a true value: noise of its own, rounded as it displays.
   *
   * @param seed of the noise; another reading takes another seed
   */
  public double shows(double truth, long seed, Figures figures) {
    double noise = figures.get("instrument.noise." + code());
    double shown = truth + noise * gauss(new SplittableRandom(seed));
    return Math.max(least, Math.min(most, Math.round(shown * 10) / 10.0));
  }

  /** Sum of twelve, less six: near enough to a normal spread, and bounded. */
  private static double gauss(SplittableRandom random) {
    double sum = -6;
    for (int i = 0; i < 12; i++) {
      sum += random.nextDouble();
    }
    return sum;
  }

  /** What it shows on a surface; empty for what does not read one. */
  public Optional<Double> on(SimulatedSurface surface, long seed, Figures figures) {
    return switch (this) {
      case GLOSS -> Optional.of(shows(surface.sheenGu(), seed, figures));
      case MOISTURE -> Optional.of(shows(surface.moisture(), seed, figures));
      case SURFACE_TEMPERATURE -> Optional.of(shows(surface.state().temperature(), seed, figures));
      case CLOTH_COLOUR -> Optional.of((double) cloth(surface, seed, figures));
      default -> Optional.empty();
    };
  }

  /**
   * A white cloth with what the last pass put on it: grey-brown soil, and the trim's own colour.
   */
  private static int cloth(SimulatedSurface surface, long seed, Figures figures) {
    double soil = 1 - Math.exp(-surface.state().lifted() * figures.get("simulate.cloth-per-soil"));
    double pigment = surface.state().pigment();
    double[] white = {242, 241, 236};
    double[] brown = {96, 82, 66};
    double[] own = trim(surface.place().surface().tone());
    SplittableRandom random = new SplittableRandom(seed);
    int colour = 0;
    for (int i = 0; i < 3; i++) {
      double mixed = white[i] + soil * (brown[i] - white[i]);
      mixed += pigment * (own[i] - mixed);
      mixed += figures.get("instrument.noise.cloth-colour") * gauss(random);
      colour = colour * 256 + (int) Math.max(0, Math.min(255, Math.round(mixed)));
    }
    return colour;
  }

  private static double[] trim(Tone tone) {
    return switch (tone) {
      case PALE -> new double[] {206, 192, 168};
      case MID -> new double[] {142, 74, 38};
      case DARK -> new double[] {40, 38, 38};
    };
  }

  /** A colour's number as it is written: #rrggbb. */
  public static String hex(double colour) {
    return String.format(Locale.ROOT, "#%06x", (int) colour);
  }
}
