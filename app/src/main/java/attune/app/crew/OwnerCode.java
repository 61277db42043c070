package attune.app.crew;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.Locale;
import org.apache.commons.codec.digest.DigestUtils;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * The code that makes an owner: printed once where whoever starts Attune sees it, kept as a hash
 * beside the data, good for one owner and for a few tries.
 */
@Component
public class OwnerCode {
  private static final String LETTERS = "ABCDEFGHJKLMNPQRSTUVWXYZ23456789";
  private static final int LENGTH = 12;
  private static final int TRIES = 5;

  private final Path file;
  private final SecureRandom random = new SecureRandom();
  private int tries;
  private String tried = "";

  public OwnerCode(@Value("${attune.data:./attune-data}") Path data) {
    this.file = data.resolve("owner-code");
  }

  /** A new code in place of any before. */
  public synchronized String make() {
    StringBuilder code = new StringBuilder();
    for (int i = 0; i < LENGTH; i++) {
      code.append(LETTERS.charAt(random.nextInt(LETTERS.length())));
      if (i % 4 == 3 && i < LENGTH - 1) {
        code.append('-');
      }
    }
    try {
      Files.createDirectories(file.getParent());
      Files.writeString(file, hash(code.toString()));
    } catch (IOException e) {
      throw new UncheckedIOException("cannot write " + file, e);
    }
    return code.toString();
  }

  /** True for the code that was printed; after some wrong ones none is right any more. */
  synchronized boolean isRight(String code) {
    try {
      if (!Files.exists(file)) {
        return false;
      }
      String kept = Files.readString(file);
      tries = kept.equals(tried) ? tries + 1 : 1;
      tried = kept;
      if (tries > TRIES) {
        return false;
      }
      String plain = code.strip().toUpperCase(Locale.ROOT);
      return MessageDigest.isEqual(
          kept.getBytes(StandardCharsets.UTF_8), hash(plain).getBytes(StandardCharsets.UTF_8));
    } catch (IOException e) {
      throw new UncheckedIOException("cannot read " + file, e);
    }
  }

  synchronized void spend() {
    try {
      Files.deleteIfExists(file);
    } catch (IOException e) {
      throw new UncheckedIOException("cannot delete " + file, e);
    }
  }

  private static String hash(String code) {
    return DigestUtils.sha256Hex(code.replace("-", ""));
  }
}
