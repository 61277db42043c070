package attune.app.backup;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.support.Api;
import attune.app.support.RunningAttune;
import attune.app.support.RunningAttune.Running;
import attune.app.support.TestClock;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A backup is worth what can be laid back from it. */
class BackupProofTest {
  @TempDir Path folder;
  private final ByteArrayOutputStream said = new ByteArrayOutputStream();

  private Path data() {
    return folder.resolve("data");
  }

  /** A shop with a job, backed up while it runs. */
  private Path backup(String... options) {
    try (Running shop = RunningAttune.start(data(), options)) {
      Api api = shop.api();
      assertThat(
              api.post(
                      "/api/v1/jobs",
                      "{\"title\":\"Grease off\",\"vehicle\":{\"label\":\"Pellarin Corvid\",\"layout\":\"five-seat\"}}")
                  .status())
          .isEqualTo(201);
      String name = api.post("/api/v1/backups", "").json().get("name").asString();
      return data().resolve("backups").resolve(name);
    }
  }

  private PrintStream out() {
    return new PrintStream(said, true, StandardCharsets.UTF_8);
  }

  private int compare(Path one, Path other) {
    said.reset();
    return new CompareCommand(out(), out()).run(List.of(one.toString(), other.toString()));
  }

  @Test
  void whatIsRestoredIsEqualRowByRowAndAnotherRowIsNamed() throws SQLException {
    Path backup = backup();
    Path restored = folder.resolve("restored");
    assertThat(
            new RestoreCommand(out(), out())
                .run(List.of(backup.toString(), "--data", restored.toString())))
        .isZero();
    assertThat(compare(backup, restored)).isZero();
    assertThat(said.toString(StandardCharsets.UTF_8)).endsWith(": equal\n").contains(" rows, ");

    try (Connection database =
            DriverManager.getConnection("jdbc:h2:file:" + restored.resolve("attune"), "sa", "");
        Statement statement = database.createStatement()) {
      assertThat(statement.executeUpdate("update job set title = 'Another'")).isEqualTo(1);
    }
    assertThat(compare(backup, restored)).isEqualTo(1);
    assertThat(said.toString(StandardCharsets.UTF_8))
        .startsWith("JOB ")
        .contains(": differs")
        .contains(": 1 differ");
  }

  @Test
  void aGoodOneIsReadWholeAndADamagedOneToldAsThat() throws IOException {
    Path backup = backup();
    BackupProof proof = new BackupProof(null);
    assertThat(proof.prove(backup).good()).isTrue();
    assertThat(BackupProof.of(backup).orElseThrow().says()).matches("\\d+ rows and 0 files read");

    byte[] bytes = Files.readAllBytes(backup);
    bytes[bytes.length / 2] ^= 1;
    Files.write(backup, bytes);
    assertThat(proof.prove(backup).good()).isFalse();
    assertThat(BackupProof.of(backup).orElseThrow().good()).isFalse();
    try (var left = Files.list(backup.getParent())) {
      assertThat(left.map(path -> path.getFileName().toString()))
          .containsExactlyInAnyOrder(
              backup.getFileName().toString(), backup.getFileName() + ".proof");
    }
  }

  @Test
  void aSealedOneOpensWithItsPassphraseAlone() throws IOException {
    Path right = passphrase("right.txt", "seven grey herons at low tide");
    Path wrong = passphrase("wrong.txt", "seven grey herons at high tide");
    Path backup = backup("--attune.backup.passphrase-file=" + right);
    assertThat(backup.getFileName().toString()).endsWith(".zip.pgp");
    assertThat(restore(backup, "--passphrase-file", wrong.toString())).isEqualTo(2);
    assertThat(restore(backup)).isEqualTo(2);
    assertThat(said.toString(StandardCharsets.UTF_8))
        .contains("the passphrase is another one, or the backup is damaged")
        .contains("it is sealed; --passphrase-file FILE is needed");
    assertThat(folder.resolve("restored")).doesNotExist();
    assertThat(restore(backup, "--passphrase-file", right.toString())).isZero();
    assertThat(new BackupProof(right).prove(backup).good()).isTrue();
    assertThat(new BackupProof(wrong).prove(backup).good()).isFalse();
  }

  private int restore(Path backup, String... more) {
    List<String> words =
        new ArrayList<>(
            List.of(backup.toString(), "--data", folder.resolve("restored").toString()));
    words.addAll(List.of(more));
    return new RestoreCommand(out(), out()).run(words);
  }

  private Path passphrase(String name, String words) throws IOException {
    Path file = Files.writeString(folder.resolve(name), words);
    Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-------"));
    assertThat(Passphrase.fault(file)).isEmpty();
    return file;
  }

  @Test
  void aPassphraseOthersCanReadOrThatIsShortIsRefused() throws IOException {
    Path file = passphrase("open.txt", "seven grey herons");
    Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-r--r--"));
    assertThat(Passphrase.fault(file).orElseThrow()).contains("chmod 600");
    Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-------"));
    Files.writeString(file, "herons");
    assertThat(Passphrase.fault(file).orElseThrow()).contains("fewer than 12 characters");
    assertThat(Passphrase.fault(folder.resolve("none")).orElseThrow()).contains("found no file");
  }

  @Test
  void theShopIsToldWhenTheLastGoodOneIsOld() throws IOException {
    TestClock clock = new TestClock();
    Path backups = Files.createDirectories(data().resolve("backups"));
    BackupHealth health = new BackupHealth(data(), false, clock);
    assertThat(health.says()).as("nothing is there yet").isEmpty();

    Path good = Files.writeString(backups.resolve("attune-1-daily.zip"), "a backup");
    Files.writeString(backups.resolve("attune-1-daily.zip.proof"), "good: 9 rows and 0 files read");
    Files.setLastModifiedTime(good, FileTime.from(clock.instant()));
    assertThat(health.says()).isEmpty();

    clock.pass(Duration.ofDays(3));
    assertThat(health.says().orElseThrow())
        .startsWith("The last backup that was laid back on trial is 3 days");

    Path bad = Files.writeString(backups.resolve("attune-2-daily.zip"), "half");
    Files.writeString(backups.resolve("attune-2-daily.zip.proof"), "attune.mv.db: found nothing");
    Files.setLastModifiedTime(bad, FileTime.from(clock.instant()));
    assertThat(health.says().orElseThrow())
        .endsWith("The latest cannot be restored: attune.mv.db: found nothing");
    assertThat(new BackupHealth(data(), true, clock).says()).as("the demo").isEmpty();
  }
}
