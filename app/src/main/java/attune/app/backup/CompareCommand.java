package attune.app.backup;

import attune.app.format.BadInput;
import attune.core.words.Phrases;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import org.springframework.util.FileSystemUtils;

/**
 * {@code compare ONE OTHER}: holds two data directories or backups against each other, row by row
 * and file by file. Exit status 0 where they are equal, 1 where they are not.
 */
public final class CompareCommand {
  private static final Phrases PHRASES = Phrases.of(CompareCommand.class);

  private static final int DIFFERENT = 1;
  private static final int MOST_TOLD = 100;

  private final PrintStream out;
  private final PrintStream err;
  private final List<String> differences = new ArrayList<>();
  private Optional<Path> passphrase = Optional.empty();
  private long rows;
  private long files;

  public CompareCommand(PrintStream out, PrintStream err) {
    this.out = out;
    this.err = err;
  }

  /** Runs the command and returns the exit status. */
  public int run(List<String> arguments) {
    List<String> words = Words.without(arguments);
    passphrase = Words.passphrase(arguments);
    if (words.size() != 2) {
      err.println(PHRASES.say("usage-compare-one-other"));
      return BadInput.STATUS;
    }
    List<Path> scratch = new ArrayList<>();
    try {
      Path one = opened(Path.of(words.get(0)), scratch);
      Path other = opened(Path.of(words.get(1)), scratch);
      return compare(one, other);
    } catch (BackupFile.BadBackup | IOException | SQLException e) {
      err.println(e.getMessage());
      return BadInput.STATUS;
    } finally {
      scratch.forEach(CompareCommand::delete);
    }
  }

  private Path opened(Path given, List<Path> scratch) throws IOException, BackupFile.BadBackup {
    if (Files.isDirectory(given)) {
      return given;
    }
    Path place = Files.createTempDirectory("attune-compare");
    scratch.add(place);
    BackupFile.lay(given, place.resolve("data"), passphrase);
    return place.resolve("data");
  }

  private static void delete(Path directory) {
    try {
      FileSystemUtils.deleteRecursively(directory);
    } catch (IOException e) {
      throw new java.io.UncheckedIOException(e);
    }
  }

  private int compare(Path one, Path other) throws SQLException, IOException {
    try (Contents a = new Contents(one);
        Contents b = new Contents(other)) {
      TreeSet<String> tables = new TreeSet<>(a.tables());
      tables.addAll(b.tables());
      for (String table : tables) {
        Map<String, String> there = a.tables().contains(table) ? a.rows(table) : Map.of();
        rows += there.size();
        hold(table, there, b.tables().contains(table) ? b.rows(table) : Map.of());
      }
      Map<String, String> beside = a.files();
      files = beside.size();
      hold("file", beside, b.files());
      differences.stream().limit(MOST_TOLD).forEach(out::println);
      if (differences.size() > MOST_TOLD) {
        out.println(PHRASES.say("and-more", differences.size() - MOST_TOLD));
      }
      out.println(
          PHRASES.say(
              "tables-rows-files",
              tables.size(),
              rows,
              files,
              differences.isEmpty()
                  ? PHRASES.say("equal")
                  : PHRASES.say("differ", differences.size())));
      return differences.isEmpty() ? 0 : DIFFERENT;
    }
  }

  private void hold(String what, Map<String, String> one, Map<String, String> other) {
    TreeSet<String> keys = new TreeSet<>(one.keySet());
    keys.addAll(other.keySet());
    for (String key : keys) {
      String a = one.get(key);
      String b = other.get(key);
      if (a == null || !a.equals(b)) {
        differences.add(
            PHRASES.say(
                "difference",
                what,
                key,
                a == null
                    ? PHRASES.say("only-in-the-other")
                    : b == null ? PHRASES.say("only-in-the-first") : PHRASES.say("differs")));
      }
    }
  }
}
