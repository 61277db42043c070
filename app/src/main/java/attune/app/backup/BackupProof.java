package attune.app.backup;

import attune.core.words.Lists;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.util.FileSystemUtils;

/**
 * Proves a backup by doing what it is for: it is laid into a scratch place and every row and file
 * of it is read. What came of it stands beside the backup.
 */
@Component
class BackupProof {
  private static final Phrases PHRASES = Phrases.of(BackupProof.class);

  private static final Logger LOG = LoggerFactory.getLogger(BackupProof.class);
  private static final String GOOD = "good: ";

  private final Optional<Path> passphrase;

  BackupProof(@Value("${attune.backup.passphrase-file:#{null}}") @Nullable Path passphrase) {
    this.passphrase = Optional.ofNullable(passphrase);
  }

  /** What came of it. */
  record Result(boolean good, String says) {}

  /** Proves one, and writes down what came of it. */
  Result prove(Path backup) {
    Result result = read(backup);
    try {
      Files.writeString(beside(backup), (result.good() ? GOOD : "") + result.says());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    if (!result.good()) {
      LOG.error("The backup {} cannot be restored: {}", backup.getFileName(), result.says());
    }
    return result;
  }

  private Result read(Path backup) {
    try {
      Path scratch = Files.createTempDirectory(backup.toAbsolutePath().getParent(), LeftOver.PROOF);
      try {
        Path data = scratch.resolve("data");
        BackupFile.lay(backup, data, passphrase);
        return new Result(true, whole(data));
      } finally {
        FileSystemUtils.deleteRecursively(scratch);
      }
    } catch (BackupFile.BadBackup | IOException e) {
      return new Result(false, String.valueOf(e.getMessage()));
    } catch (SQLException e) {
      return new Result(
          false, PHRASES.say("its-database-cannot-be-read", String.valueOf(e.getMessage())));
    }
  }

  private static String whole(Path data) throws SQLException, IOException {
    try (Contents contents = new Contents(data)) {
      List<String> broken = contents.brokenIndexes();
      if (!broken.isEmpty()) {
        throw new SQLException(PHRASES.say("broken-indexes", Lists.facts(broken)));
      }
      long rows = 0;
      for (String table : contents.tables()) {
        rows += contents.rows(table).size();
      }
      return PHRASES.say("rows-and-files-read", rows, contents.files().size());
    }
  }

  /** What came of the proof of a backup; empty where it was not proved yet. */
  static Optional<Result> of(Path backup) {
    Path written = beside(backup);
    if (!Files.exists(written)) {
      return Optional.empty();
    }
    try {
      String says = Files.readString(written, StandardCharsets.UTF_8);
      return Optional.of(
          says.startsWith(GOOD)
              ? new Result(true, says.substring(GOOD.length()))
              : new Result(false, says));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Lets go of a backup and of what was written of it. */
  static void delete(Path backup) throws IOException {
    Files.deleteIfExists(beside(backup));
    Files.delete(backup);
  }

  private static Path beside(Path backup) {
    return backup.resolveSibling(backup.getFileName() + ".proof");
  }
}
