package attune.app.backup;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What a stop in the middle left behind. */
class LeftOverTest {
  @TempDir Path data;

  private Path file(String name) throws IOException {
    Path file = data.resolve(name);
    Files.createDirectories(file.getParent());
    return Files.writeString(file, "half");
  }

  @Test
  void halfWrittenFilesGoAndWholeOnesStay() throws IOException {
    Path backup = file("backups/backup123.part");
    Path photo = file("photos/seat.jpg.part");
    Path brought = file("import9.part");
    file("backups/proof-7/data/attune.mv.db");
    Path whole = file("backups/attune-1.zip");
    Path database = file("attune.mv.db");
    new LeftOver(data).sweep();
    assertThat(backup).doesNotExist();
    assertThat(photo).doesNotExist();
    assertThat(brought).doesNotExist();
    assertThat(data.resolve("backups/proof-7")).doesNotExist();
    assertThat(whole).exists();
    assertThat(database).exists();
  }

  @Test
  void anEmptyDataDirectoryIsLeftAlone() {
    new LeftOver(data.resolve("not-there")).sweep();
    assertThat(data.resolve("not-there")).doesNotExist();
  }
}
