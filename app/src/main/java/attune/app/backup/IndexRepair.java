package attune.app.backup;

import attune.core.words.Phrases;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.springframework.util.FileSystemUtils;

/**
 * Mends a database whose indexes are broken, before anything is opened in it: all its rows are
 * written out and into a new one. What was there is kept beside it.
 */
public final class IndexRepair {
  private static final Phrases PHRASES = Phrases.of(IndexRepair.class);
  private static final DateTimeFormatter STAMP = DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss");
  private static final String WANTED = "repair-wanted.txt";

  private final Path data;

  public IndexRepair(Path data) {
    this.data = data;
  }

  /** Asks for it at the next start. */
  void want(String why) throws IOException {
    Files.writeString(data.resolve(WANTED), why);
  }

  /** True where it was asked for and the application was not started since. */
  boolean isWanted() {
    return Files.exists(data.resolve(WANTED));
  }

  /**
   * Mends it where that was asked for.
   *
   * @return what was done, in a line; empty where nothing was asked for
   */
  public Optional<String> run(LocalDateTime now) {
    if (!isWanted()) {
      return Optional.empty();
    }
    try {
      Path kept = data.resolve("attune-damaged-" + STAMP.format(now) + ".mv.db");
      mend(kept);
      Files.delete(data.resolve(WANTED));
      return Optional.of(PHRASES.say("the-database-was-mended", kept.getFileName()));
    } catch (SQLException | IOException e) {
      return Optional.of(PHRASES.say("the-database-could-not-be", String.valueOf(e.getMessage())));
    }
  }

  private void mend(Path kept) throws SQLException, IOException {
    Path scratch = Files.createTempDirectory(data, LeftOver.PROOF);
    try {
      Path script = scratch.resolve("rows.sql");
      String rows = "'" + script.toString().replace("'", "''") + "' compression deflate";
      run(data, "script to " + rows);
      run(scratch, "runscript from " + rows);
      if (!rows(scratch).equals(rows(data))) {
        throw new SQLException("not every row could be read");
      }
      Files.copy(data.resolve(BackupFile.DATABASE), kept);
      Files.move(
          scratch.resolve(BackupFile.DATABASE),
          data.resolve(BackupFile.DATABASE),
          StandardCopyOption.REPLACE_EXISTING,
          StandardCopyOption.ATOMIC_MOVE);
    } finally {
      FileSystemUtils.deleteRecursively(scratch);
    }
  }

  private static void run(Path at, String sql) throws SQLException {
    try (Connection connection = DriverManager.getConnection(url(at), "sa", "");
        Statement statement = connection.createStatement()) {
      statement.execute(sql);
    }
  }

  /** The compression the application's own has. */
  private static String url(Path at) {
    return "jdbc:h2:file:" + at.resolve("attune").toAbsolutePath() + ";COMPRESS=TRUE";
  }

  /** How many rows each table has, by what leads to nothing but them. */
  private static Map<String, Integer> rows(Path at) throws SQLException, IOException {
    try (Contents contents = new Contents(at)) {
      Map<String, Integer> rows = new TreeMap<>();
      for (String table : contents.tables()) {
        rows.put(table, contents.rows(table).size());
      }
      return rows;
    }
  }
}
