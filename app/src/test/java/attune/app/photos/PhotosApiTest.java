package attune.app.photos;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.support.Api;
import attune.app.support.Api.Answer;
import attune.app.support.RunningAttune;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A photo is turned upright, made smaller, and says nothing of where it was taken. */
@ExtendWith(RunningAttune.class)
class PhotosApiTest {
  private static final String SECRET = "51 N 4 W Port Ansley";
  private Api api;
  private String photos;

  @BeforeEach
  void aJob(Api running) {
    api = running;
    photos = "/api/v1/jobs/" + api.surveyedJob("Pictured") + "/photos";
  }

  /** Lying on its side: red on the left, blue on the right. */
  private static byte[] picture(String format, int width, int height) throws IOException {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    g.setColor(Color.RED);
    g.fillRect(0, 0, width / 2, height);
    g.setColor(Color.BLUE);
    g.fillRect(width / 2, 0, width, height);
    g.dispose();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, format, out);
    return out.toByteArray();
  }

  /** The same with a camera's mark: to be turned a quarter clockwise, and a place in words. */
  private static byte[] fromACamera(byte[] jpeg) {
    byte[] words = (SECRET + "\0").getBytes(StandardCharsets.US_ASCII);
    ByteBuffer exif = ByteBuffer.allocate(6 + 8 + 2 + 24 + 4 + words.length);
    exif.put("Exif\0\0".getBytes(StandardCharsets.US_ASCII));
    exif.put("MM".getBytes(StandardCharsets.US_ASCII)).putShort((short) 42).putInt(8);
    exif.putShort((short) 2);
    exif.putShort((short) 0x010E).putShort((short) 2).putInt(words.length).putInt(38);
    exif.putShort((short) 0x0112)
        .putShort((short) 3)
        .putInt(1)
        .putShort((short) 6)
        .putShort((short) 0);
    exif.putInt(0).put(words);
    ByteBuffer whole = ByteBuffer.allocate(jpeg.length + 4 + exif.capacity());
    whole.put(jpeg, 0, 2).putShort((short) 0xFFE1).putShort((short) (exif.capacity() + 2));
    whole.put(exif.array()).put(jpeg, 2, jpeg.length - 2);
    return whole.array();
  }

  private Answer add(byte[] file) {
    return api.postFile(
        photos + "?moment=half-and-half&surfaceId=fl-cushion-centre", "seat.jpg", file);
  }

  @Test
  void aCamerasPhotoIsUprightSmallerAndWithoutItsPlace() throws IOException {
    byte[] raw = fromACamera(picture("jpg", 3000, 1500));
    assertThat(new String(raw, StandardCharsets.ISO_8859_1)).contains(SECRET);
    JsonNode photo = add(raw).json();
    assertThat(photo.get("width").asInt()).isEqualTo(1024);
    assertThat(photo.get("height").asInt()).isEqualTo(2048);
    String at = photos + "/" + photo.get("id").asString() + "/picture";
    byte[] kept = api.bytes(at);
    assertThat(new String(kept, StandardCharsets.ISO_8859_1))
        .doesNotContain(SECRET)
        .doesNotContain("Exif");
    BufferedImage upright = ImageIO.read(new ByteArrayInputStream(kept));
    assertThat(new Color(upright.getRGB(500, 200)).getRed())
        .as("red is on top now")
        .isGreaterThan(200);
    assertThat(new Color(upright.getRGB(500, 1900)).getBlue()).isGreaterThan(200);
    BufferedImage small = ImageIO.read(new ByteArrayInputStream(api.bytes(at + "?small=true")));
    assertThat(small.getHeight()).isEqualTo(480);
  }

  @Test
  void aSmallPngStaysAsLargeAsItIs() throws IOException {
    JsonNode photo = add(picture("png", 300, 200)).json();
    assertThat(photo.get("width").asInt()).isEqualTo(300);
  }

  @Test
  void aPhotoSentTwiceIsKeptOnceWithTheTimeItWasTaken() throws IOException {
    String id = UUID.randomUUID().toString();
    String path = photos + "?moment=done&photoId=" + id + "&takenAt=2026-05-04T09:10:00";
    byte[] taken = picture("png", 300, 200);
    assertThat(api.postFile(path, "a.png", taken).json().get("id").asString()).isEqualTo(id);
    String asOlderDevicesDo = path.replace("done", "DONE");
    assertThat(api.postFile(asOlderDevicesDo, "a.png", taken).status()).isEqualTo(201);
    assertThat(api.get(photos).json()).hasSize(1);
    assertThat(api.get(photos).json().at("/0/at").asString()).startsWith("2026-05-04T09:10");
    String other = api.newJob("Another", "five-seat");
    assertThat(
            api.postFile(path.replaceFirst("jobs/[^/]+", "jobs/" + other), "a.png", taken).status())
        .isEqualTo(404);
  }

  @Test
  void theLineBetweenTheHalvesIsKeptAndTakenOff() throws IOException {
    String id = add(picture("png", 300, 200)).json().get("id").asString();
    String form =
        "{\"moment\":\"half-and-half\",\"surfaceId\":\"fl-cushion-centre\",\"caption\":\" taped \",\"line\":%s}";
    JsonNode drawn = api.put(photos + "/" + id, form.formatted("[0.5,0,0.55,1]")).json();
    assertThat(drawn.get("line").toString()).isEqualTo("[0.5,0.0,0.55,1.0]");
    assertThat(drawn.get("caption").asString()).isEqualTo("taped");
    assertThat(api.put(photos + "/" + id, form.formatted("null")).json().has("line")).isFalse();
    assertThat(api.put(photos + "/" + id, form.formatted("[0,0,2,1]")).status()).isEqualTo(422);
    assertThat(api.put(photos + "/" + id, form.formatted("[0,0,1]")).status()).isEqualTo(422);
  }

  @Test
  void whatIsNoPictureOrNoPanelIsRefusedAndNothingIsKept() throws IOException {
    Answer text = add("GIF? no, words".getBytes(StandardCharsets.UTF_8));
    assertThat(text.status()).isEqualTo(422);
    assertThat(text.fault().get("allowed").asString()).isEqualTo("a JPEG, PNG or WebP picture");
    byte[] whole = picture("jpg", 900, 600);
    byte[] torn = java.util.Arrays.copyOf(whole, 60);
    assertThat(add(torn).status()).isEqualTo(422);
    assertThat(api.postFile(photos + "?moment=found&surfaceId=nowhere", "x.jpg", whole).status())
        .isEqualTo(422);
    assertThat(api.postFile(photos + "?moment=later", "x.jpg", whole).status()).isBetween(400, 422);
    assertThat(api.get(photos).json()).isEmpty();
  }

  @Test
  void moreThanThirtyMegabytesIsRefusedWithAClearWord() {
    Answer refused = add(new byte[30 * 1024 * 1024 + 1000]);
    assertThat(refused.status()).isEqualTo(413);
    assertThat(refused.fault().get("allowed").asString()).isEqualTo("at most 30 MB");
  }

  @Test
  void aDeletedPhotoIsGoneFromListAndDisk() throws IOException {
    String id = add(picture("png", 300, 200)).json().get("id").asString();
    assertThat(api.delete(photos + "/" + id).status()).isEqualTo(204);
    assertThat(api.get(photos).json()).isEmpty();
    assertThat(api.get(photos + "/" + id + "/picture").status()).isEqualTo(404);
  }
}
