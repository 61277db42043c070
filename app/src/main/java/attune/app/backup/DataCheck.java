package attune.app.backup;

import attune.core.words.Phrases;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/**
 * Looks at a data directory before anything is opened in it: what is damaged, of a newer Attune, in
 * use or not to be written is said in a line, and nothing in it is touched.
 */
public final class DataCheck {
  private static final Phrases PHRASES = Phrases.of(DataCheck.class);

  private static final int IN_USE = 90020;
  private static final String NEWEST =
      "select max(cast(\"version\" as int)) from \"flyway_schema_history\" where \"success\"";

  private final Path data;

  public DataCheck(Path data) {
    this.data = data;
  }

  /** Why nothing may be opened there; empty where all is well, or nothing is there yet. */
  public Optional<String> fault() {
    Path database = data.resolve(BackupFile.DATABASE);
    try {
      if (Files.exists(data) && !Files.isWritable(data)) {
        return said(PHRASES.say("cannot-be-written-to-give"));
      }
      if (!Files.exists(database)) {
        return hasFiles(data.resolve("photos"))
            ? said(PHRASES.say("has-photos-and-no-database", BackupFile.DATABASE, restore()))
            : Optional.empty();
      }
      if (Files.size(database) == 0) {
        return said(PHRASES.say("has-an-empty-database", BackupFile.DATABASE, restore()));
      }
      return opened();
    } catch (IOException e) {
      return said(PHRASES.say("cannot-be-read-why", String.valueOf(e.getMessage())));
    }
  }

  private Optional<String> opened() throws IOException {
    String url =
        "jdbc:h2:file:"
            + data.resolve("attune").toAbsolutePath()
            + ";IFEXISTS=TRUE;ACCESS_MODE_DATA=r";
    try (Connection connection = DriverManager.getConnection(url, "sa", "");
        Statement statement = connection.createStatement();
        ResultSet found = statement.executeQuery(NEWEST)) {
      int newest = found.next() ? found.getInt(1) : 0;
      int known = known();
      return newest > known
          ? said(PHRASES.say("is-of-a-newer-attune", newest, known, command()))
          : Optional.empty();
    } catch (SQLException e) {
      return e.getErrorCode() == IN_USE
          ? said(PHRASES.say("is-in-use-by-another"))
          : said(PHRASES.say("has-a-damaged-database", BackupFile.DATABASE, restore()));
    }
  }

  /** The last migration this Attune has. */
  private static int known() throws IOException {
    Resource[] scripts =
        new PathMatchingResourcePatternResolver().getResources("classpath:db/migration/V*.sql");
    return Arrays.stream(scripts)
        .map(Resource::getFilename)
        .mapToInt(name -> Integer.parseInt(name.substring(1, name.indexOf("__"))))
        .max()
        .orElse(0);
  }

  private Optional<String> said(String what) {
    return Optional.of("--data: " + data + " " + what);
  }

  private String restore() {
    return PHRASES.say("move-it-away-and-lay", command());
  }

  private String command() {
    return "./attune restore BACKUP.zip --data DIR (backups are in "
        + data.resolve("backups")
        + ")";
  }

  private static boolean hasFiles(Path directory) throws IOException {
    if (!Files.isDirectory(directory)) {
      return false;
    }
    try (Stream<Path> files = Files.list(directory)) {
      return files.findAny().isPresent();
    }
  }
}
