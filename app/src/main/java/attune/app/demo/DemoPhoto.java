package attune.app.demo;

import attune.app.photos.PhotoService;
import attune.app.photos.PhotoViews.Moment;
import attune.app.photos.PhotoViews.PhotoForm;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.SplittableRandom;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** A drawn half-and-half: grained pale trim, one half under a denim haze and shining. */
@Component
@ConditionalOnProperty("attune.demo")
class DemoPhoto {
  private static final int WIDTH = 1200;
  private static final int HEIGHT = 900;
  private static final int GRAINS = 26_000;

  private final PhotoService photos;

  DemoPhoto(PhotoService photos) {
    this.photos = photos;
  }

  void add(UUID job, String surface) {
    UUID photo =
        photos.add(job, drawn(), new PhotoForm(surface, Moment.HALF_AND_HALF, null, null)).id();
    photos.change(
        job,
        photo,
        new PhotoForm(
            surface,
            Moment.HALF_AND_HALF,
            "Left of the tape cleaned twice",
            List.of(0.5, 0.04, 0.53, 0.97)));
  }

  /** A wheel rim as it was found and when it was done. */
  void pair(UUID job, String surface) {
    photos.add(job, rim(true), new PhotoForm(surface, Moment.FOUND, null, null));
    photos.add(job, rim(false), new PhotoForm(surface, Moment.DONE, null, null));
  }

  private static byte[] rim(boolean soiled) {
    BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    g.setColor(new Color(96, 104, 102));
    g.fillRect(0, 0, WIDTH, HEIGHT);
    g.setStroke(new BasicStroke(120));
    g.setColor(soiled ? new Color(70, 66, 60) : new Color(38, 39, 42));
    g.drawOval(WIDTH / 2 - 340, HEIGHT / 2 - 340, 680, 680);
    g.setColor(new Color(30, 31, 33));
    g.fillRoundRect(WIDTH / 2 - 130, HEIGHT / 2 - 90, 260, 180, 60, 60);
    SplittableRandom random = new SplittableRandom(11);
    for (int i = 0; i < GRAINS / 4; i++) {
      double angle = random.nextDouble() * Math.PI * 2;
      double far = 285 + random.nextInt(110);
      int x = (int) (WIDTH / 2.0 + Math.cos(angle) * far);
      int y = (int) (HEIGHT / 2.0 + Math.sin(angle) * far);
      boolean matted = soiled && Math.abs(Math.cos(angle)) > 0.75;
      g.setColor(matted ? new Color(132, 122, 104, 90) : new Color(74, 76, 80, 70));
      g.fillOval(x, y, matted ? 9 : 3, 3);
    }
    g.dispose();
    return png(image);
  }

  private static byte[] drawn() {
    BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    g.setColor(new Color(214, 205, 188));
    g.fillRect(0, 0, WIDTH, HEIGHT);
    g.setColor(new Color(150, 160, 178));
    g.fillRect(WIDTH / 2, 0, WIDTH / 2, HEIGHT);
    SplittableRandom random = new SplittableRandom(7);
    for (int i = 0; i < GRAINS; i++) {
      int x = random.nextInt(WIDTH);
      int y = random.nextInt(HEIGHT);
      int shade = random.nextInt(60);
      g.setColor(new Color(60, 54, 48, x < WIDTH / 2 ? shade / 2 : shade));
      g.fillOval(x, y, 3 + random.nextInt(7), 2 + random.nextInt(4));
    }
    for (int i = 0; i < 90; i++) {
      g.setColor(new Color(255, 255, 255, 3));
      g.fillOval(WIDTH * 3 / 4 - i * 3, HEIGHT / 3 - i, i * 6, i * 2);
    }
    g.dispose();
    return png(image);
  }

  private static byte[] png(BufferedImage image) {
    try {
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      ImageIO.write(image, "png", out);
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
