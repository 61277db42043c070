package attune.app.photos;

import attune.core.check.InvalidInputException;
import java.awt.image.BufferedImage;

/** A picture somebody sent to be read, upright; nothing of it is kept. */
public final class ReadPicture {
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
          pointer,
          x + ", " + y + ", " + w + ", " + h,
          "a part inside the picture, as shares of it");
    }
    return picture.getRGB(left, top, width, height, null, 0, width);
  }
}
