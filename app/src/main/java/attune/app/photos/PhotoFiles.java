package attune.app.photos;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.stereotype.Component;

/** Where photos lie: beside the database, two files each. */
@Component
class PhotoFiles {
  private final Path directory;

  PhotoFiles(@Value("${attune.data:./attune-data}") Path data) {
    this.directory = data.resolve("photos");
  }

  private Path path(UUID id, boolean small) {
    return directory.resolve(id + (small ? "-small.jpg" : ".jpg"));
  }

  /** Writes both sizes, each whole or not at all. */
  void write(UUID id, byte[] large, byte[] small) {
    try {
      Files.createDirectories(directory);
      write(path(id, false), large);
      write(path(id, true), small);
    } catch (IOException e) {
      throw new UncheckedIOException("cannot store the photo", e);
    }
  }

  private static void write(Path file, byte[] bytes) throws IOException {
    Path part = file.resolveSibling(file.getFileName() + ".part");
    Files.write(part, bytes);
    Files.move(part, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
  }

  Resource read(UUID id, boolean small) {
    return new FileSystemResource(path(id, small));
  }

  void delete(UUID id) {
    try {
      Files.deleteIfExists(path(id, false));
      Files.deleteIfExists(path(id, true));
    } catch (IOException e) {
      throw new UncheckedIOException("cannot delete the photo", e);
    }
  }
}
