package attune.app.photos;

import attune.core.check.InvalidInputException;
import attune.core.words.Phrases;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.Iterator;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.Semaphore;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;

/**
 * Turns a picture as a camera made it into the two that are kept: upright by its own mark, scaled
 * down, and written afresh, so that place, time and device stay behind.
 */
final class Pictures {
  private static final Phrases PHRASES = Phrases.of(Pictures.class);

  static final int LARGE = 2048;
  static final int SMALL = 480;
  static final long MOST_BYTES = 30L * 1024 * 1024;

  /** A picture this large unpacks to some 200 MB; more is a trap, not a photo. */
  private static final long MOST_PIXELS = 50_000_000;

  private static final Set<String> KINDS = Set.of("jpeg", "png", "webp");

  /** One at a time is unpacked, whoever sends how many. */
  private static final Semaphore UNPACKING = new Semaphore(1);

  private static final double QUALITY = 0.85;
  private static final String ALLOWED = PHRASES.say("a-jpeg-png-or-webp");

  /** A picture as JPEG. */
  record Picture(byte[] jpeg, int width, int height) {}

  private Pictures() {}

  /**
   * Checks that bytes are a picture that can be unpacked.
   *
   * @throws InvalidInputException if they are too many, not a picture, or too large a one
   */
  static void check(byte[] file) {
    if (file.length > MOST_BYTES) {
      throw new InvalidInputException(
          "/file", PHRASES.say("bytes", file.length), PHRASES.say("at-most-30-mb"));
    }
    try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
      Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
      if (!readers.hasNext()) {
        throw new InvalidInputException("/file", PHRASES.say("a-file-of-another-kind"), ALLOWED);
      }
      ImageReader reader = readers.next();
      try {
        if (!KINDS.contains(reader.getFormatName().toLowerCase(Locale.ROOT))) {
          throw new InvalidInputException("/file", PHRASES.say("a-file-of-another-kind"), ALLOWED);
        }
        reader.setInput(in, true, true);
        long pixels = (long) reader.getWidth(0) * reader.getHeight(0);
        if (pixels > MOST_PIXELS) {
          throw new InvalidInputException(
              "/file",
              PHRASES.say("megapixels", pixels / 1_000_000),
              PHRASES.say("at-most-50-megapixels"));
        }
      } finally {
        reader.dispose();
      }
    } catch (InvalidInputException e) {
      throw e;
    } catch (IOException | RuntimeException e) {
      throw new InvalidInputException("/file", PHRASES.say("a-damaged-picture"), ALLOWED);
    }
  }

  /**
   * A picture upright and small enough to be read pixel by pixel.
   *
   * @throws InvalidInputException if it is not a picture that can be unpacked
   */
  static BufferedImage pixels(byte[] file) {
    check(file);
    try (InputStream in = new ByteArrayInputStream(scaled(file, LARGE).jpeg())) {
      return ImageIO.read(in);
    } catch (IOException e) {
      throw new InvalidInputException("/file", PHRASES.say("a-damaged-picture"), ALLOWED);
    }
  }

  /**
   * Scales a checked picture so that its longer side is at most so many pixels; never up.
   *
   * @throws InvalidInputException if it turns out damaged
   */
  static Picture scaled(byte[] file, int most) {
    UNPACKING.acquireUninterruptibly();
    try (InputStream in = new ByteArrayInputStream(file)) {
      BufferedImage upright = Thumbnails.of(in).scale(1).asBufferedImage();
      int longer = Math.max(upright.getWidth(), upright.getHeight());
      double scale = Math.min(1, most / (double) longer);
      BufferedImage fit =
          Thumbnails.of(upright)
              .scale(scale)
              .imageType(BufferedImage.TYPE_INT_RGB)
              .asBufferedImage();
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      Thumbnails.of(fit).scale(1).outputFormat("jpg").outputQuality(QUALITY).toOutputStream(out);
      return new Picture(out.toByteArray(), fit.getWidth(), fit.getHeight());
    } catch (IOException | RuntimeException e) {
      throw new InvalidInputException("/file", PHRASES.say("a-damaged-picture"), ALLOWED);
    } finally {
      UNPACKING.release();
    }
  }
}
