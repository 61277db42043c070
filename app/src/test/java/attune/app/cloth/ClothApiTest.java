package attune.app.cloth;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.support.Api;
import attune.app.support.Api.Answer;
import attune.app.support.RunningAttune;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Cloths and halves read over HTTP, from colours and from a photo. */
@ExtendWith(RunningAttune.class)
class ClothApiTest {
  private static final String READING = "/api/v1/cloth-reading";

  @Test
  void pigmentOnTheClothIsAStop(Api api) {
    JsonNode read =
        api.post(READING, "{\"faces\":[\"#d8a0a0\",\"#cc8080\"],\"trim\":\"#8b2020\"}").json();
    assertThat(read.get("taken").asString()).isEqualTo("pigment");
    assertThat(read.get("stop").asBoolean()).isTrue();
    assertThat(read.get("faces")).hasSize(2);
    assertThat(read.at("/faces/1/deltaE").asDouble()).isGreaterThan(20);
  }

  @ParameterizedTest(name = "{1} is refused")
  @CsvSource(
      delimiter = '|',
      value = {
        "{\"faces\":[\"brown\"]} | /faces/0 | a colour such as #a08060",
        "{\"faces\":[]} | /faces | at least one face",
        "{\"faces\":[\"#aabbcc\"],\"trim\":\"red\"} | /trim | a colour such as #a08060",
        "{\"faces\":[\"#aabbcc\"],\"clean\":\"\"} | /clean | a colour such as #a08060",
      })
  void aColourThatIsNoneIsNamed(String body, String pointer, String allowed, Api api) {
    Answer refused = api.post(READING, body);
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.fault().get("pointer").asString()).isEqualTo(pointer);
    assertThat(refused.fault().get("allowed").asString()).isEqualTo(allowed);
  }

  /** White on the left, grey-brown in the middle, red hide on the right. */
  private static byte[] photo() throws IOException {
    BufferedImage image = new BufferedImage(300, 100, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    Color[] thirds = {new Color(240, 239, 234), new Color(178, 172, 160), new Color(139, 32, 32)};
    for (int i = 0; i < 3; i++) {
      g.setColor(thirds[i]);
      g.fillRect(i * 100, 0, 100, 100);
    }
    g.dispose();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, "png", out);
    return out.toByteArray();
  }

  private static String patch(double x) {
    return "{\"x\":%s,\"y\":0.3,\"w\":0.2,\"h\":0.4}".formatted(x);
  }

  @Test
  void aPhotoIsReadWhereThePatchesLie(Api api) throws IOException {
    JsonNode read =
        api.postPhoto(
                READING + "/photo",
                photo(),
                "{\"clean\":%s,\"faces\":[%s],\"trim\":%s}"
                    .formatted(patch(0.05), patch(0.4), patch(0.75)))
            .json();
    assertThat(read.get("taken").asString()).isEqualTo("soil");
    assertThat(read.get("trim").asString()).startsWith("#8");
    assertThat(read.get("stop").asBoolean()).isFalse();
  }

  @Test
  void aPatchOutsideThePhotoIsNamedAndSoIsAFileThatIsNone(Api api) throws IOException {
    Answer outside =
        api.postPhoto(
            READING + "/photo",
            photo(),
            "{\"clean\":%s,\"faces\":[%s]}".formatted(patch(0.05), patch(0.9)));
    assertThat(outside.status()).isEqualTo(422);
    assertThat(outside.fault().get("pointer").asString()).isEqualTo("/faces/0");
    Answer none =
        api.postPhoto(
            READING + "/photo",
            "no picture".getBytes(java.nio.charset.StandardCharsets.UTF_8),
            "{\"clean\":%s,\"faces\":[%s]}".formatted(patch(0), patch(0.4)));
    assertThat(none.fault().get("pointer").asString()).isEqualTo("/file");
  }

  @Test
  void aHalfAndHalfSaysWhatTheCleanedSideGained(Api api) throws IOException {
    JsonNode half =
        api.postPhoto(
                "/api/v1/half-and-half/photo",
                photo(),
                "{\"cleaned\":%s,\"other\":%s}".formatted(patch(0.05), patch(0.4)))
            .json();
    assertThat(half.get("deltaL").asDouble()).isGreaterThan(10);
    assertThat(half.get("seen").asBoolean()).isTrue();
    assertThat(half.get("text").asString()).contains("lighter");
  }

  @Test
  void aPhotoKeptWithAJobIsReadOnBothSidesOfItsLine(Api api) throws IOException {
    String photos = "/api/v1/jobs/" + api.surveyedJob("Halves") + "/photos";
    String id =
        api.postFile(photos + "?moment=half-and-half", "half.png", photo())
            .json()
            .get("id")
            .asString();
    String halves = photos + "/" + id + "/halves?leftCleaned=";
    assertThat(api.get(halves + "true").status()).isEqualTo(409);
    api.put(photos + "/" + id, "{\"moment\":\"half-and-half\",\"line\":[0.333,0,0.333,1]}");
    JsonNode left = api.get(halves + "true").json();
    assertThat(left.get("deltaL").asDouble()).isGreaterThan(10);
    assertThat(api.get(halves + "false").json().get("deltaL").asDouble())
        .isEqualTo(-left.get("deltaL").asDouble());
  }
}
