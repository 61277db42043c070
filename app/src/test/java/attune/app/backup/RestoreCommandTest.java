package attune.app.backup;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is laid into a data directory, and what never is. */
class RestoreCommandTest {
  private static final byte[] DATABASE = "rows".getBytes(StandardCharsets.UTF_8);

  @TempDir Path folder;
  private final ByteArrayOutputStream said = new ByteArrayOutputStream();

  private Path backup(String format, int version, Map<String, byte[]> files) throws IOException {
    Path zip = folder.resolve("backup.zip");
    StringBuilder entries = new StringBuilder();
    try (ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(zip))) {
      for (Map.Entry<String, byte[]> file : files.entrySet()) {
        out.putNextEntry(new ZipEntry(file.getKey()));
        out.write(file.getValue());
        entries
            .append(entries.isEmpty() ? "" : ",")
            .append(
                "{\"name\":\"%s\",\"bytes\":%d,\"sha256\":\"%s\"}"
                    .formatted(file.getKey(), file.getValue().length, sha(file.getValue())));
      }
      out.putNextEntry(new ZipEntry("manifest.json"));
      out.write(
          "{\"format\":\"%s\",\"version\":%d,\"at\":\"2026-06-09T08:15:00\",\"files\":[%s]}"
              .formatted(format, version, entries)
              .getBytes(StandardCharsets.UTF_8));
    }
    return zip;
  }

  private static String sha(byte[] bytes) {
    try {
      return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }

  private int restore(Path zip) {
    PrintStream out = new PrintStream(said, true, StandardCharsets.UTF_8);
    return new RestoreCommand(out, out)
        .run(List.of(zip.toString(), "--data", folder.resolve("data").toString()));
  }

  private void nothingIsLeft() throws IOException {
    assertThat(folder.resolve("data")).doesNotExist();
    try (Stream<Path> beside = Files.list(folder)) {
      assertThat(beside.map(p -> p.getFileName().toString())).containsExactly("backup.zip");
    }
  }

  @Test
  void aBackupIsLaidWhole() throws IOException {
    Map<String, byte[]> files = new LinkedHashMap<>();
    files.put("attune.mv.db", DATABASE);
    files.put("photos/a.jpg", new byte[] {1, 2});
    assertThat(restore(backup("attune-backup", 1, files))).isZero();
    assertThat(folder.resolve("data/attune.mv.db")).hasBinaryContent(DATABASE);
    assertThat(folder.resolve("data/photos/a.jpg")).exists();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "../outside",
        "start.sh",
        "tls/machine-key.pem",
        "photos/../../x",
        "photos/.hidden"
      })
  void aForeignFileIsRefusedAndNothingIsLaid(String name) throws IOException {
    Map<String, byte[]> files = new LinkedHashMap<>();
    files.put("attune.mv.db", DATABASE);
    files.put(name, DATABASE);
    assertThat(restore(backup("attune-backup", 1, files))).isEqualTo(2);
    assertThat(said.toString(StandardCharsets.UTF_8)).contains(name, "allowed");
    nothingIsLeft();
  }

  @Test
  void anotherFormatOrALaterVersionIsSaid() throws IOException {
    assertThat(restore(backup("attune-whole", 1, Map.of("attune.mv.db", DATABASE)))).isEqualTo(2);
    assertThat(said.toString(StandardCharsets.UTF_8)).contains("found format attune-whole");
    assertThat(restore(backup("attune-backup", 9, Map.of("attune.mv.db", DATABASE)))).isEqualTo(2);
    assertThat(said.toString(StandardCharsets.UTF_8)).contains("found version 9");
    nothingIsLeft();
  }

  @Test
  void whatUnpacksToMuchMoreThanItIsIsATrap() throws IOException {
    byte[] zeroes = new byte[80 * 1024 * 1024];
    assertThat(restore(backup("attune-backup", 1, Map.of("attune.mv.db", zeroes)))).isEqualTo(2);
    assertThat(said.toString(StandardCharsets.UTF_8)).contains("refused");
    nothingIsLeft();
  }
}
