package attune.app.backup;

import attune.app.format.BadInput;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * {@code restore BACKUP.zip --data DIR}, of a sealed one with {@code --passphrase-file FILE}:
 * checks every file of a backup against its manifest and lays it into an empty data directory.
 * Nothing is written when anything is missing or changed.
 */
public final class RestoreCommand {
  private static final Phrases PHRASES = Phrases.of(RestoreCommand.class);

  private final PrintStream out;
  private final PrintStream err;

  public RestoreCommand(PrintStream out, PrintStream err) {
    this.out = out;
    this.err = err;
  }

  /** Runs the command and returns the exit status. */
  public int run(List<String> arguments) {
    Optional<Path> passphrase = Words.passphrase(arguments);
    List<String> words = Words.without(arguments);
    if (words.size() != 3 || !words.get(1).equals("--data")) {
      err.println(PHRASES.say("usage-restore-backup-zip-data"));
      return BadInput.STATUS;
    }
    Path backup = Path.of(words.get(0));
    Path data = Path.of(words.get(2));
    try {
      if (!isEmpty(data)) {
        return fail(PHRASES.say("an-empty-directory-is-allowed", data));
      }
      BackupService.Manifest manifest = BackupFile.lay(backup, data, passphrase);
      out.println(
          PHRASES.say("files-of-restored-into", manifest.files().size(), manifest.at(), data));
      return 0;
    } catch (BackupFile.BadBackup e) {
      return fail(e.getMessage());
    } catch (IOException e) {
      return fail(PHRASES.say("cannot-be-read-or-written", backup, String.valueOf(e.getMessage())));
    }
  }

  private int fail(@Nullable String line) {
    err.println(line);
    return BadInput.STATUS;
  }

  private static boolean isEmpty(Path data) throws IOException {
    if (!Files.exists(data)) {
      return true;
    }
    try (Stream<Path> files = Files.list(data)) {
      return files.findAny().isEmpty();
    }
  }
}
