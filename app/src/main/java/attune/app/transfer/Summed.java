package attune.app.transfer;

import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.security.MessageDigest;
import java.util.HexFormat;
import org.apache.commons.codec.digest.DigestUtils;

/** Counts and sums up what goes through it. */
final class Summed extends FilterOutputStream {
  private final MessageDigest digest = DigestUtils.getSha256Digest();
  private long bytes;

  Summed(OutputStream out) {
    super(out);
  }

  @Override
  public void write(int b) throws IOException {
    out.write(b);
    digest.update((byte) b);
    bytes++;
  }

  @Override
  public void write(byte[] b, int from, int length) throws IOException {
    out.write(b, from, length);
    digest.update(b, from, length);
    bytes += length;
  }

  /** How many went through. */
  long bytes() {
    return bytes;
  }

  /** Their SHA-256, hexadecimal; once, when all went through. */
  String sha256() {
    return HexFormat.of().formatHex(digest.digest());
  }
}
