package attune.app.photos;

import attune.core.check.InvalidInputException;
import attune.core.words.Phrases;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.stream.IntStream;

/** A picture somebody sent to be read, upright; nothing of it is kept. */
public final class ReadPicture {
  private static final Phrases PHRASES = Phrases.of(ReadPicture.class);

  private static final int STRIDE = 3;
  private static final double NEAR = 0.02;
  private static final double FAR = 0.18;

  private final BufferedImage picture;

  private ReadPicture(BufferedImage picture) {
    this.picture = picture;
  }

  /**
   * @throws InvalidInputException if it is not a picture that can be unpacked
   */
  public static ReadPicture of(byte[] file) {
    return new ReadPicture(Pictures.pixels(file));
  }

  /**
   * The pixels of a part of it, packed sRGB.
   *
   * @param x left edge as a share of the width, 0 to 1; likewise the others
   * @throws InvalidInputException if the part lies outside
   */
  public int[] pixels(String pointer, double x, double y, double w, double h) {
    int left = (int) Math.round(x * picture.getWidth());
    int top = (int) Math.round(y * picture.getHeight());
    int width = (int) Math.round(w * picture.getWidth());
    int height = (int) Math.round(h * picture.getHeight());
    boolean inside =
        left >= 0
            && top >= 0
            && width > 0
            && height > 0
            && left + width <= picture.getWidth()
            && top + height <= picture.getHeight();
    if (!inside) {
      throw new InvalidInputException(
          pointer, x + ", " + y + ", " + w + ", " + h, PHRASES.say("a-part-inside-the-picture"));
    }
    return picture.getRGB(left, top, width, height, null, 0, width);
  }

  /**
   * The pixels beside a line across it, on one side: neither the tape nor what lies far off.
   *
   * @param line x and y of both ends, as shares
   * @param left the side that is left of the line as it is drawn from its upper end to its lower
   */
  public int[] beside(List<Double> line, boolean left) {
    boolean down = line.get(3) >= line.get(1);
    double x1 = line.get(down ? 0 : 2) * picture.getWidth();
    double y1 = line.get(down ? 1 : 3) * picture.getHeight();
    double x2 = line.get(down ? 2 : 0) * picture.getWidth();
    double y2 = line.get(down ? 3 : 1) * picture.getHeight();
    double length = Math.hypot(x2 - x1, y2 - y1);
    double diagonal = Math.hypot(picture.getWidth(), picture.getHeight());
    IntStream.Builder pixels = IntStream.builder();
    for (int y = 0; y < picture.getHeight(); y += STRIDE) {
      for (int x = 0; x < picture.getWidth(); x += STRIDE) {
        double along = ((x - x1) * (x2 - x1) + (y - y1) * (y2 - y1)) / length;
        double right = ((x - x1) * (y2 - y1) - (y - y1) * (x2 - x1)) / length;
        double off = left ? -right : right;
        if (along >= 0 && along <= length && off > NEAR * diagonal && off < FAR * diagonal) {
          pixels.add(picture.getRGB(x, y));
        }
      }
    }
    return pixels.build().toArray();
  }
}
