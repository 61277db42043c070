package attune.app.backup;

import jakarta.annotation.Nullable;
import jakarta.persistence.EntityManager;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.apache.commons.codec.digest.DigestUtils;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/**
 * Writes the database and the files beside it into one zip, with a manifest of their SHA-256,
 * sealed where the shop has a passphrase for it. To go back to one: the restore command.
 */
@Service
class BackupService {
  private static final DateTimeFormatter STAMP = DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss");
  static final String FORMAT = "attune-backup";
  static final int VERSION = 1;
  static final List<String> FOLDERS = List.of("photos", "safety-sheets");

  /** A file in a backup. */
  record Entry(String name, long bytes, String sha256) {}

  /** What a backup holds. */
  record Manifest(String format, int version, LocalDateTime at, List<Entry> files) {}

  /**
   * A backup in a list.
   *
   * @param proved whether it could be restored and read whole; null where nobody tried
   * @param proof what was read then, or why it cannot be restored
   */
  record BackupView(String name, long bytes, @Nullable Boolean proved, @Nullable String proof) {}

  private final EntityManager database;
  private final Path data;
  private final Optional<Path> passphrase;
  private final JsonMapper mapper;
  private final Clock clock;

  BackupService(
      EntityManager database,
      @Value("${attune.data:./attune-data}") Path data,
      @Value("${attune.backup.passphrase-file:#{null}}") @Nullable Path passphrase,
      JsonMapper mapper,
      Clock clock) {
    this.database = database;
    this.data = data;
    this.passphrase = Optional.ofNullable(passphrase);
    this.mapper = mapper;
    this.clock = clock;
  }

  /** Backups there are, latest first. */
  List<BackupView> list() {
    return zips(data.resolve("backups")).stream().map(BackupService::view).toList();
  }

  /** Backups in a folder, latest first. */
  static List<Path> zips(Path folder) {
    if (!Files.isDirectory(folder)) {
      return List.of();
    }
    try (Stream<Path> files = Files.list(folder)) {
      return files
          .filter(file -> file.getFileName().toString().matches(".+\\.zip(\\.pgp)?"))
          .sorted(Comparator.reverseOrder())
          .toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static BackupView view(Path file) {
    Optional<BackupProof.Result> proof = BackupProof.of(file);
    try {
      return new BackupView(
          file.getFileName().toString(),
          Files.size(file),
          proof.map(BackupProof.Result::good).orElse(null),
          proof.map(BackupProof.Result::says).orElse(null));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Makes one while the application runs; it shows up only when it is whole. */
  @Transactional
  public BackupView create() {
    LocalDateTime now = LocalDateTime.now(clock);
    try {
      Path folder = Files.createDirectories(data.resolve("backups"));
      Path snapshot = Files.createTempFile(folder, "database", ".part");
      Path part = Files.createTempFile(folder, "backup", ".part");
      Path sealed = Files.createTempFile(folder, "sealed", ".part");
      try {
        Snapshot.write(database, snapshot);
        write(part, snapshot, now);
        String name = "attune-" + STAMP.format(now);
        if (passphrase.isEmpty()) {
          return view(moved(part, folder, name, ".zip"));
        }
        Sealed.seal(part, sealed, Passphrase.read(passphrase.get()));
        return view(moved(sealed, folder, name, ".zip" + Sealed.ENDING));
      } finally {
        Files.deleteIfExists(sealed);
        Files.deleteIfExists(snapshot);
        Files.deleteIfExists(part);
      }
    } catch (IOException e) {
      throw new UncheckedIOException("the backup could not be written", e);
    }
  }

  /** Under a name of its own, also where another was made in the same second. */
  private static Path moved(Path part, Path folder, String name, String ending) throws IOException {
    Path whole = folder.resolve(name + ending);
    for (int n = 2; ; n++) {
      try {
        return Files.move(part, whole);
      } catch (FileAlreadyExistsException e) {
        whole = folder.resolve(name + "-" + n + ending);
      }
    }
  }

  private void write(Path zip, Path snapshot, LocalDateTime now) throws IOException {
    List<Entry> entries = new ArrayList<>();
    try (ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(zip))) {
      out.setLevel(Deflater.NO_COMPRESSION); // pages and pictures are packed already
      try (ZipInputStream in = new ZipInputStream(Files.newInputStream(snapshot))) {
        for (ZipEntry e = in.getNextEntry(); e != null; e = in.getNextEntry()) {
          entries.add(copy(in, Path.of(e.getName()).getFileName().toString(), out));
        }
      }
      for (String folder : FOLDERS) {
        for (Path file : files(data.resolve(folder))) {
          try (InputStream in = Files.newInputStream(file)) {
            entries.add(copy(in, folder + "/" + file.getFileName(), out));
          }
        }
      }
      out.putNextEntry(new ZipEntry("manifest.json"));
      out.write(mapper.writeValueAsBytes(new Manifest(FORMAT, VERSION, now, entries)));
    }
  }

  private static List<Path> files(Path folder) throws IOException {
    if (!Files.isDirectory(folder)) {
      return List.of();
    }
    try (Stream<Path> files = Files.list(folder)) {
      return files.filter(f -> !f.toString().endsWith(".part")).sorted().toList();
    }
  }

  private static Entry copy(InputStream in, String name, ZipOutputStream out) throws IOException {
    out.putNextEntry(new ZipEntry(name));
    MessageDigest digest = DigestUtils.getSha256Digest();
    long bytes = new DigestInputStream(in, digest).transferTo(out);
    out.closeEntry();
    return new Entry(name, bytes, HexFormat.of().formatHex(digest.digest()));
  }
}
