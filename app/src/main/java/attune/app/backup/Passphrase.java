package attune.app.backup;

import attune.core.words.Phrases;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFilePermission;
import java.util.Optional;
import java.util.Set;

/**
 * What backups are sealed with: the first line of a file that only the user who runs Attune can
 * read. It lies on this machine so that the nightly backup needs nobody; it keeps those that are
 * carried away.
 */
public final class Passphrase {
  private static final Phrases PHRASES = Phrases.of(Passphrase.class);

  private static final int LEAST = 12;
  private static final Set<PosixFilePermission> OTHERS =
      Set.of(
          PosixFilePermission.GROUP_READ,
          PosixFilePermission.GROUP_WRITE,
          PosixFilePermission.OTHERS_READ,
          PosixFilePermission.OTHERS_WRITE);

  private Passphrase() {}

  /** Why a file cannot be one; empty where it can. */
  public static Optional<String> fault(Path file) {
    try {
      if (!Files.isRegularFile(file)) {
        return Optional.of(PHRASES.say("found-no-file-one-with", file));
      }
      PosixFileAttributeView rights =
          Files.getFileAttributeView(file, PosixFileAttributeView.class);
      if (rights != null
          && rights.readAttributes().permissions().stream().anyMatch(OTHERS::contains)) {
        return Optional.of(PHRASES.say("others-can-read-it-chmod", file));
      }
      return read(file).length() < LEAST
          ? Optional.of(PHRASES.say("found-fewer-than-characters-in", file, LEAST))
          : Optional.empty();
    } catch (IOException e) {
      return Optional.of(PHRASES.say("named-cannot-be-read", file, String.valueOf(e.getMessage())));
    }
  }

  static String read(Path file) throws IOException {
    return Files.readString(file, StandardCharsets.UTF_8).lines().findFirst().orElse("").strip();
  }
}
