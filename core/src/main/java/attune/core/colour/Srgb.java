package attune.core.colour;

import attune.core.check.InvalidInputException;
import attune.core.words.Phrases;
import java.util.Locale;
import java.util.regex.Pattern;

/** A colour as cameras and colour readers give it: sRGB (IEC 61966-2-1), each channel 0 to 255. */
public record Srgb(int red, int green, int blue) {
  private static final Phrases PHRASES = Phrases.of(Srgb.class);

  private static final Pattern HEX = Pattern.compile("#[0-9a-fA-F]{6}");
  private static final int MOST = 255;

  public Srgb {
    if (outside(red) || outside(green) || outside(blue)) {
      throw new InvalidInputException(
          "", red + ", " + green + ", " + blue, PHRASES.say("three-channels-of-0-to"));
    }
  }

  private static boolean outside(int channel) {
    return channel < 0 || channel > MOST;
  }

  /** Reads {@code #rrggbb}. */
  public static Srgb parse(String text) {
    if (!HEX.matcher(text).matches()) {
      throw new InvalidInputException(
          "", "\"" + text + "\"", PHRASES.say("a-colour-such-as-a08060"));
    }
    return of(Integer.parseInt(text.substring(1), 16));
  }

  /** From a packed pixel; what stands above the lowest 24 bits is ignored. */
  public static Srgb of(int pixel) {
    return new Srgb((pixel >> 16) & MOST, (pixel >> 8) & MOST, pixel & MOST);
  }

  /** {@code #rrggbb}. */
  public String code() {
    return String.format(Locale.ROOT, "#%02x%02x%02x", red, green, blue);
  }
}
