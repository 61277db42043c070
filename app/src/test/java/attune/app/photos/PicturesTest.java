package attune.app.photos;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import attune.app.photos.Pictures.Picture;
import attune.core.check.InvalidInputException;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Random;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Any picture comes out as a JPEG that fits, and anything else as a fault. */
class PicturesTest {
  private static byte[] image(int width, int height, int type, String format) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(new BufferedImage(width, height, type), format, out);
    return out.toByteArray();
  }

  @ParameterizedTest
  @CsvSource({
    "4000,3000,2048,1536",
    "3000,4000,1536,2048",
    "2048,10,2048,10",
    "640,480,640,480",
    "1,1,1,1",
  })
  void theLongerSideIsBroughtDownAndNeverUp(int w, int h, int toW, int toH) throws IOException {
    Picture picture =
        Pictures.scaled(image(w, h, BufferedImage.TYPE_INT_RGB, "png"), Pictures.LARGE);
    assertThat(picture.width()).isBetween(toW - 1, toW + 1);
    assertThat(picture.height()).isBetween(toH - 1, toH + 1);
    assertThat(ImageIO.read(new ByteArrayInputStream(picture.jpeg())).getWidth())
        .isEqualTo(picture.width());
  }

  @ParameterizedTest
  @ValueSource(
      ints = {
        BufferedImage.TYPE_INT_ARGB,
        BufferedImage.TYPE_BYTE_GRAY,
        BufferedImage.TYPE_BYTE_INDEXED,
        BufferedImage.TYPE_BYTE_BINARY
      })
  void transparentGreyAndIndexedPicturesAreTakenToo(int type) throws IOException {
    byte[] png = image(200, 100, type, "png");
    Pictures.check(png);
    assertThat(Pictures.scaled(png, Pictures.SMALL).width()).isEqualTo(200);
  }

  @Test
  void aPictureThatUnpacksToTooMuchIsATrap() throws IOException {
    byte[] png = image(12_000, 9_000, BufferedImage.TYPE_BYTE_BINARY, "png");
    assertThat(png.length).as("small on the wire").isLessThan(200_000);
    assertThatThrownBy(() -> Pictures.check(png))
        .isInstanceOf(InvalidInputException.class)
        .hasMessageContaining("at most 50 megapixels");
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3})
  void aPictureWithTornBytesIsAPictureOrAFault(long seed) throws IOException {
    Random random = new Random(seed);
    byte[] whole = image(300, 200, BufferedImage.TYPE_INT_RGB, "jpg");
    for (int i = 0; i < 40; i++) {
      byte[] torn = whole.clone();
      for (int n = 0; n < 12; n++) {
        torn[random.nextInt(torn.length)] = (byte) random.nextInt(256);
      }
      try {
        Pictures.check(torn);
        assertThat(Pictures.scaled(torn, Pictures.SMALL).jpeg()).isNotEmpty();
      } catch (InvalidInputException e) {
        assertThat(e.faults().get(0).pointer()).isEqualTo("/file");
      }
    }
  }
}
