package attune.app.backup;

import attune.app.format.BadInput;
import java.io.IOException;
import java.io.InputStream;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import org.springframework.util.FileSystemUtils;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * {@code restore BACKUP.zip --data DIR}: checks every file of a backup against its manifest and
 * lays it into an empty data directory. Nothing is written when anything is missing or changed.
 */
public final class RestoreCommand {
  private static final String DATABASE = "attune.mv.db";
  private static final String NAME = "[A-Za-z0-9_-][A-Za-z0-9._-]*";

  /** Nothing Attune keeps packs tighter than this; more is a trap. */
  private static final long TIGHTEST = 200;

  private static final long SMALL_BYTES = 64L * 1024 * 1024;

  private final PrintStream out;
  private final PrintStream err;

  public RestoreCommand(PrintStream out, PrintStream err) {
    this.out = out;
    this.err = err;
  }

  /** Runs the command and returns the exit status. */
  public int run(List<String> arguments) {
    if (arguments.size() != 3 || !arguments.get(1).equals("--data")) {
      err.println("usage: restore BACKUP.zip --data DIR");
      return BadInput.STATUS;
    }
    Path data = Path.of(arguments.get(2));
    try (ZipFile zip = new ZipFile(arguments.get(0))) {
      if (!isEmpty(data)) {
        return fail("--data: found files in " + data + "; an empty directory is allowed");
      }
      BackupService.Manifest manifest = manifest(zip);
      if (!BackupService.FORMAT.equals(manifest.format())) {
        return fail(
            "manifest.json: found format " + manifest.format() + "; attune-backup is allowed");
      }
      if (manifest.version() != BackupService.VERSION) {
        return fail(
            "manifest.json: found version "
                + manifest.version()
                + "; "
                + BackupService.VERSION
                + " is allowed: take the Attune it was written with, or a newer one");
      }
      for (BackupService.Entry entry : manifest.files()) {
        String fault = fault(zip, entry);
        if (fault != null) {
          return fail(fault);
        }
      }
      lay(zip, manifest, data);
      out.println(
          manifest.files().size() + " files of " + manifest.at() + " restored into " + data);
      return 0;
    } catch (ZipException | JacksonException e) {
      return fail(arguments.get(0) + ": found no backup; a zip that Attune wrote is allowed");
    } catch (IOException e) {
      return fail(arguments.get(0) + ": cannot be read or written: " + e.getMessage());
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

  private int fail(String line) {
    err.println(line);
    return BadInput.STATUS;
  }

  private static boolean isEmpty(Path data) throws IOException {
    if (!Files.exists(data)) {
      return true;
    }
    try (Stream<Path> files = Files.list(data)) {
      return files.findAny().isEmpty();
    }
  }

  private static BackupService.Manifest manifest(ZipFile zip) throws IOException {
    ZipEntry entry = zip.getEntry("manifest.json");
    if (entry == null) {
      throw new ZipException("no manifest");
    }
    try (InputStream in = zip.getInputStream(entry)) {
      return JsonMapper.shared().readValue(in.readAllBytes(), BackupService.Manifest.class);
    }
  }

  private static String fault(ZipFile zip, BackupService.Entry entry) throws IOException {
    if (!isOurs(entry.name())) {
      return entry.name()
          + ": found no file of Attune's; the database, photos and sheets are allowed";
    }
    ZipEntry there = zip.getEntry(entry.name());
    if (there == null) {
      return entry.name() + ": found nothing; what the manifest names is needed";
    }
    if (there.getSize() > SMALL_BYTES && there.getSize() / TIGHTEST > there.getCompressedSize()) {
      return entry.name()
          + ": found "
          + there.getSize()
          + " bytes packed into almost none; refused";
    }
    try (InputStream in = zip.getInputStream(there)) {
      MessageDigest digest = MessageDigest.getInstance("SHA-256");
      new DigestInputStream(in, digest).transferTo(java.io.OutputStream.nullOutputStream());
      return HexFormat.of().formatHex(digest.digest()).equals(entry.sha256())
          ? null
          : entry.name() + ": found other bytes than were written; the backup is damaged";
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
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
