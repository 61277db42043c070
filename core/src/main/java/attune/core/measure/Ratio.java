package attune.core.measure;

import attune.core.check.Check;
import attune.core.check.InvalidInputException;
import attune.core.words.Phrases;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A dilution: 1 part product to {@code water} parts water, so {@code water + 1} parts in all.
 * {@code water} 0 is ready to use. Range 0 to {@value #MAX}, both inclusive.
 */
public record Ratio(double water) implements Comparable<Ratio> {
  private static final Phrases PHRASES = Phrases.of(Ratio.class);

  public static final double MAX = 1000;
  public static final Ratio READY = new Ratio(0);

  private static final Pattern COLON =
      Pattern.compile("\\s*(\\d+(?:\\.\\d+)?)\\s*:\\s*(\\d+(?:\\.\\d+)?)\\s*");
  private static final Pattern PERCENT = Pattern.compile("\\s*(\\d+(?:\\.\\d+)?)\\s*%\\s*");
  private static final Pattern PER_LITRE =
      Pattern.compile("\\s*(\\d+(?:\\.\\d+)?)\\s*ml\\s*(?:/|per)\\s*l(?:itre)?\\s*");
  private static final String ALLOWED = PHRASES.say("ready-a-ratio-such-as");

  public Ratio {
    water = Check.inRange("ratio", water, 0, MAX, PHRASES.say("parts-water-to-1-part"));
  }

  /**
   * Reads {@code ready}, {@code 1:n}, {@code n:1} as some labels write it, {@code p%} product in
   * the whole, or {@code x ml/l} product in a litre of the whole. A side that is 1 is the product,
   * so 10:1 cannot be mixed upside down; where neither side is, the larger one is the water.
   *
   * @throws InvalidInputException if it is none of these
   */
  public static Ratio parse(String text) {
    if (text.strip().equals("ready")) {
      return READY;
    }
    Matcher colon = COLON.matcher(text);
    if (colon.matches()) {
      return ofSides(text, Double.parseDouble(colon.group(1)), Double.parseDouble(colon.group(2)));
    }
    Matcher percent = PERCENT.matcher(text);
    if (percent.matches()) {
      return ofShare(text, Double.parseDouble(percent.group(1)) / 100);
    }
    Matcher perLitre = PER_LITRE.matcher(text);
    if (perLitre.matches()) {
      return ofShare(text, Double.parseDouble(perLitre.group(1)) / 1000);
    }
    throw new InvalidInputException("", "\"" + text + "\"", ALLOWED);
  }

  private static Ratio ofSides(String text, double left, double right) {
    double product = left == 1 || right == 1 ? 1 : Math.min(left, right);
    double water = left == 1 ? right : right == 1 ? left : Math.max(left, right);
    if (product <= 0) {
      throw new InvalidInputException("", "\"" + text + "\"", ALLOWED);
    }
    return checked(text, water / product);
  }

  private static Ratio ofShare(String text, double product) {
    if (product <= 0 || product > 1) {
      throw new InvalidInputException("", "\"" + text + "\"", ALLOWED);
    }
    return checked(text, (1 - product) / product);
  }

  private static Ratio checked(String text, double water) {
    if (water > MAX) {
      throw new InvalidInputException("", "\"" + text + "\"", PHRASES.say("at-most-1", (int) MAX));
    }
    return new Ratio(water);
  }

  /** Parts in all for one part product: the dilution factor, 1 for ready to use. */
  public double factor() {
    return water + 1;
  }

  /** True when undiluted. */
  public boolean isReady() {
    return water == 0;
  }

  /** True when this is thinner than the other: more water. */
  public boolean thinnerThan(Ratio other) {
    return water > other.water;
  }

  /** {@code ready} or {@code 1:n}. */
  public String code() {
    return isReady() ? "ready" : "1:" + plain(water);
  }

  /** The reading back in words, so that a bottle is not mixed upside down. */
  public String words() {
    return isReady()
        ? PHRASES.say("as-it-comes-no-water")
        : PHRASES.say("1-part-product-to-parts", plain(water), plain(factor()));
  }

  private static String plain(double value) {
    return BigDecimal.valueOf(value)
        .setScale(2, RoundingMode.HALF_UP)
        .stripTrailingZeros()
        .toPlainString();
  }

  @Override
  public int compareTo(Ratio other) {
    return Double.compare(water, other.water);
  }
}
