package attune.app.backup;

import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.util.HexFormat;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import org.apache.commons.codec.digest.DigestUtils;
import org.springframework.util.FileSystemUtils;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** A backup on disk: looked over whole before any of it is laid anywhere. */
final class BackupFile {
  private static final Phrases PHRASES = Phrases.of(BackupFile.class);

  static final String DATABASE = "attune.mv.db";
  private static final String NAME = "[A-Za-z0-9_-][A-Za-z0-9._-]*";

  /** Nothing Attune keeps packs tighter than this; more is a trap. */
  private static final long TIGHTEST = 200;

  private static final long SMALL_BYTES = 64L * 1024 * 1024;

  /** It is no backup, of another Attune, or damaged: the message says where and what is allowed. */
  static final class BadBackup extends Exception {
    private static final long serialVersionUID = 1;

    BadBackup(String message) {
      super(message);
    }
  }

  private BackupFile() {}

  /**
   * Lays a backup into a directory that is empty or not there yet, once all of it was found whole.
   *
   * @param passphrase file of what it is sealed with, where it is
   * @throws BadBackup where anything is missing, changed or not Attune's; nothing is written then
   */
  static BackupService.Manifest lay(Path file, Path data, Optional<Path> passphrase)
      throws IOException, BadBackup {
    if (!Sealed.is(file)) {
      return lay(file, data);
    }
    if (passphrase.isEmpty()) {
      throw new BadBackup(PHRASES.say("it-is-sealed-passphrase-file", file.getFileName()));
    }
    Path opened = Files.createTempDirectory("attune-opened");
    try {
      Sealed.open(file, opened.resolve("backup.zip"), Passphrase.read(passphrase.get()));
      return lay(opened.resolve("backup.zip"), data);
    } finally {
      FileSystemUtils.deleteRecursively(opened);
    }
  }

  private static BackupService.Manifest lay(Path file, Path data) throws IOException, BadBackup {
    try (ZipFile zip = new ZipFile(file.toFile())) {
      BackupService.Manifest manifest = manifest(zip);
      if (!BackupService.FORMAT.equals(manifest.format())) {
        throw new BadBackup(PHRASES.say("manifest-json-found-format", manifest.format()));
      }
      if (manifest.version() != BackupService.VERSION) {
        throw new BadBackup(
            PHRASES.say(
                "manifest-json-found-version-is", manifest.version(), BackupService.VERSION));
      }
      for (BackupService.Entry entry : manifest.files()) {
        String fault = fault(zip, entry);
        if (fault != null) {
          throw new BadBackup(fault);
        }
      }
      lay(zip, manifest, data);
      return manifest;
    } catch (ZipException | JacksonException e) {
      throw new BadBackup(PHRASES.say("found-no-backup-a-zip", file.getFileName()));
    }
  }

  /** All of it beside the directory first, so that it is whole or not there. */
  private static void lay(ZipFile zip, BackupService.Manifest manifest, Path data)
      throws IOException {
    Path whole = data.toAbsolutePath().normalize();
    Files.createDirectories(whole.getParent());
    Path part = Files.createTempDirectory(whole.getParent(), "restore");
    try {
      for (BackupService.Entry entry : manifest.files()) {
        Path target = part.resolve(entry.name());
        Files.createDirectories(target.getParent());
        try (InputStream in = zip.getInputStream(zip.getEntry(entry.name()))) {
          Files.copy(in, target);
        }
      }
      Files.deleteIfExists(whole); // empty, as was seen
      Files.move(part, whole);
    } finally {
      FileSystemUtils.deleteRecursively(part);
    }
  }

  private static BackupService.Manifest manifest(ZipFile zip) throws IOException {
    ZipEntry entry = zip.getEntry("manifest.json");
    if (entry == null) {
      throw new ZipException(PHRASES.say("no-manifest"));
    }
    try (InputStream in = zip.getInputStream(entry)) {
      return JsonMapper.shared().readValue(in.readAllBytes(), BackupService.Manifest.class);
    }
  }

  private static @Nullable String fault(ZipFile zip, BackupService.Entry entry) throws IOException {
    if (!isOurs(entry.name())) {
      return PHRASES.say("found-no-file-of-attunes", entry.name());
    }
    ZipEntry there = zip.getEntry(entry.name());
    if (there == null) {
      return PHRASES.say("found-nothing-what-the-manifest", entry.name());
    }
    if (there.getSize() > SMALL_BYTES && there.getSize() / TIGHTEST > there.getCompressedSize()) {
      return PHRASES.say("found-bytes-packed-into-almost", entry.name(), there.getSize());
    }
    try (InputStream in = zip.getInputStream(there)) {
      MessageDigest digest = DigestUtils.getSha256Digest();
      new DigestInputStream(in, digest).transferTo(java.io.OutputStream.nullOutputStream());
      return HexFormat.of().formatHex(digest.digest()).equals(entry.sha256())
          ? null
          : PHRASES.say("found-other-bytes-than-were", entry.name());
    }
  }

  private static boolean isOurs(String name) {
    if (name.equals(DATABASE)) {
      return true;
    }
    int slash = name.indexOf('/');
    return slash > 0
        && BackupService.FOLDERS.contains(name.substring(0, slash))
        && name.substring(slash + 1).matches(NAME);
  }
}
