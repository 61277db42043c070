package attune.app.web;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;

/**
 * Files of the kinds that are taken in, each spoiled in another way; the same for the same seed.
 */
final class SpoiledFiles {
  /** A file as it is sent. */
  record Spoiled(String name, byte[] bytes) {}

  private static final List<String> NAMES =
      List.of(
          "seat.png", "seat.jpg", "sheet.pdf", "shelf.csv", "all.zip", "..\\..\\x.png", "ö ü.pdf");
  private static final int IHDR = 12;
  private static final int IHDR_END = 29;
  private static final int MOST_NESTED = 6;

  private final Random random;
  private final List<byte[]> whole;

  SpoiledFiles(long seed) {
    random = new Random(seed);
    whole =
        List.of(
            picture("png"),
            picture("jpg"),
            picture("gif"),
            picture("bmp"),
            picture("tiff"),
            "%PDF-1.7\n1 0 obj<</Type/Catalog>>endobj\ntrailer<</Root 1 0 R>>\n%%EOF\n"
                .getBytes(StandardCharsets.US_ASCII),
            zip("photos/../../x", "nothing".getBytes(StandardCharsets.UTF_8)),
            "item,id,name,kind,stiffness\ntool,a,A brush,brush,3\n"
                .getBytes(StandardCharsets.UTF_8),
            "{\"format\":\"attune-shelf\",\"version\":1,\"products\":[],\"tools\":[]}"
                .getBytes(StandardCharsets.UTF_8),
            "<?xml version=\"1.0\"?><!DOCTYPE x [<!ENTITY a SYSTEM \"file:///etc/passwd\">]><x>&a;</x>"
                .getBytes(StandardCharsets.UTF_8));
  }

  Spoiled next() {
    byte[] bytes = whole.get(random.nextInt(whole.size()));
    for (int times = random.nextInt(3); times >= 0; times--) {
      bytes = spoiled(bytes);
    }
    return new Spoiled(NAMES.get(random.nextInt(NAMES.size())), bytes);
  }

  private byte[] spoiled(byte[] bytes) {
    return switch (random.nextInt(8)) {
      case 0 -> new byte[0];
      case 1 -> Arrays.copyOf(bytes, random.nextInt(bytes.length + 1));
      case 2 -> flipped(bytes);
      case 3 -> joined(bytes, whole.get(random.nextInt(whole.size())));
      case 4 -> disguised(bytes, whole.get(random.nextInt(whole.size())));
      case 5 -> enormous(bytes);
      case 6 -> nested(bytes);
      default -> noise();
    };
  }

  private byte[] flipped(byte[] bytes) {
    byte[] changed = bytes.clone();
    for (int i = random.nextInt(20); i >= 0 && changed.length > 0; i--) {
      changed[random.nextInt(changed.length)] = (byte) random.nextInt();
    }
    return changed;
  }

  private static byte[] joined(byte[] a, byte[] b) {
    return ByteBuffer.allocate(a.length + b.length).put(a).put(b).array();
  }

  /** The beginning of one kind, the rest of another. */
  private static byte[] disguised(byte[] bytes, byte[] as) {
    byte[] changed = bytes.clone();
    System.arraycopy(as, 0, changed, 0, Math.min(8, Math.min(as.length, changed.length)));
    return changed;
  }

  /** Says of itself that it is of thousands of millions of pixels. */
  private byte[] enormous(byte[] bytes) {
    byte[] png = picture("png");
    ByteBuffer header = ByteBuffer.wrap(png);
    header.putInt(IHDR + 4, random.nextInt()).putInt(IHDR + 8, random.nextInt());
    CRC32 sum = new CRC32();
    sum.update(png, IHDR, IHDR_END - IHDR);
    header.putInt(IHDR_END, (int) sum.getValue());
    return joined(png, bytes);
  }

  private byte[] nested(byte[] bytes) {
    byte[] inner = bytes;
    for (int depth = random.nextInt(MOST_NESTED); depth >= 0; depth--) {
      inner = zip(depth + ".zip", inner);
    }
    return inner;
  }

  private byte[] noise() {
    byte[] bytes = new byte[random.nextInt(4000)];
    random.nextBytes(bytes);
    return bytes;
  }

  private static byte[] picture(String kind) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      ImageIO.write(new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB), kind, out);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toByteArray();
  }

  private static byte[] zip(String name, byte[] bytes) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(out)) {
      zip.putNextEntry(new ZipEntry(name));
      zip.write(bytes);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toByteArray();
  }

  /** So many of them. */
  List<Spoiled> some(int many) {
    List<Spoiled> files = new ArrayList<>();
    for (int i = 0; i < many; i++) {
      files.add(next());
    }
    return files;
  }
}
