package attune.core.colour;

import attune.core.check.InvalidInputException;
import attune.core.words.Phrases;
import java.util.Arrays;
import java.util.function.ToDoubleFunction;
import java.util.function.ToIntFunction;

/**
 * A patch of a photo: its middle colour and how much it shines. Pixels of glare, where a channel is
 * at its end, are left out.
 *
 * @param swatch the middle of each channel, to be shown
 * @param sheen brightest twentieth over the middle lightness, 1 upwards; of the same patch before
 *     and after it tells more or less shine, and nothing by itself
 * @param glare share of the pixels left out, 0 to 1
 */
public record Patch(Lab colour, Srgb swatch, double sheen, double glare) {
  private static final Phrases PHRASES = Phrases.of(Patch.class);

  private static final int CLIPPED = 253;
  private static final double MOST_GLARE = 0.5;
  private static final int BRIGHTEST = 20;
  private static final int LEAST_PIXELS = 16;

  /**
   * @param pixels packed sRGB, in any order
   * @throws InvalidInputException with fewer than {@value #LEAST_PIXELS} pixels, or where more than
   *     half is glare
   */
  public static Patch of(int[] pixels) {
    if (pixels.length < LEAST_PIXELS) {
      throw new InvalidInputException(
          "/patch",
          PHRASES.say("pixels", pixels.length),
          PHRASES.say("a-patch-of-at-least", LEAST_PIXELS));
    }
    Srgb[] clear =
        Arrays.stream(pixels)
            .mapToObj(Srgb::of)
            .filter(c -> Math.max(c.red(), Math.max(c.green(), c.blue())) < CLIPPED)
            .toArray(Srgb[]::new);
    Lab[] seen = Arrays.stream(clear).map(Lab::of).toArray(Lab[]::new);
    double glare = 1 - (double) seen.length / pixels.length;
    if (glare > MOST_GLARE) {
      throw new InvalidInputException(
          "/patch", Math.round(glare * 100) + " % glare", PHRASES.say("at-most-half-take-it"));
    }
    double[] lightness = sorted(seen, Lab::l);
    double middle = lightness[lightness.length / 2];
    int from = lightness.length - Math.max(1, lightness.length / BRIGHTEST);
    double brightest = Arrays.stream(lightness, from, lightness.length).average().orElse(middle);
    Lab colour =
        new Lab(
            middle, sorted(seen, Lab::a)[seen.length / 2], sorted(seen, Lab::b)[seen.length / 2]);
    Srgb swatch =
        new Srgb(middle(clear, Srgb::red), middle(clear, Srgb::green), middle(clear, Srgb::blue));
    return new Patch(colour, swatch, brightest / Math.max(1, middle), glare);
  }

  private static int middle(Srgb[] colours, ToIntFunction<Srgb> of) {
    int[] channel = Arrays.stream(colours).mapToInt(of).sorted().toArray();
    return channel[channel.length / 2];
  }

  private static double[] sorted(Lab[] colours, ToDoubleFunction<Lab> of) {
    return Arrays.stream(colours).mapToDouble(of).sorted().toArray();
  }
}
