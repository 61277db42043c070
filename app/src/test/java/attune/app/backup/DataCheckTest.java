package attune.app.backup;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A data directory that must not be opened says so in a line, and is left as it is. */
class DataCheckTest {
  @TempDir private Path data;

  private String fault() {
    return new DataCheck(data).fault().orElse("none");
  }

  private Path database() {
    return data.resolve("attune.mv.db");
  }

  /** A database at some migration. */
  private void at(int version) throws SQLException {
    try (Connection open =
            DriverManager.getConnection("jdbc:h2:file:" + data.resolve("attune"), "sa", "");
        Statement statement = open.createStatement()) {
      statement.execute(
          "create table \"flyway_schema_history\" (\"version\" varchar(20), \"success\" boolean)");
      statement.execute(
          "insert into \"flyway_schema_history\" values ('1', true), ('%d', true)"
              .formatted(version));
    }
  }

  @Test
  void anEmptyDirectoryAndYesterdaysDataAreOpened() throws SQLException {
    assertThat(fault()).isEqualTo("none");
    at(3);
    assertThat(fault()).isEqualTo("none");
  }

  @Test
  void anEmptyDatabaseIsNoEmptyShop() throws IOException {
    Files.createFile(database());
    assertThat(fault()).contains("empty database", "./attune restore BACKUP.zip --data DIR");
    assertThat(Files.size(database())).isZero();
  }

  @Test
  void aDamagedDatabaseIsToldAndLeftAsItIs() throws IOException {
    Files.write(database(), new byte[20_000]);
    assertThat(fault()).contains("damaged database", "./attune restore");
    assertThat(Files.readAllBytes(database())).isEqualTo(new byte[20_000]);
  }

  @Test
  void photosWithoutADatabaseAreNoEmptyShop() throws IOException {
    Files.createDirectories(data.resolve("photos"));
    Files.createFile(data.resolve("photos/a.jpg"));
    assertThat(fault()).contains("photos and no database");
    assertThat(database()).doesNotExist();
  }

  @Test
  void dataOfANewerAttuneIsNotTouched() throws SQLException {
    at(9999);
    assertThat(fault()).contains("newer Attune", "step 9999");
  }

  @Test
  void whatAnotherAttuneHasOpenIsSaid() throws SQLException, IOException {
    at(3);
    try (FileChannel other = FileChannel.open(database(), StandardOpenOption.WRITE);
        FileLock lock = other.lock()) {
      assertThat(lock.isValid()).isTrue();
      assertThat(fault()).contains("in use");
    }
  }
}
