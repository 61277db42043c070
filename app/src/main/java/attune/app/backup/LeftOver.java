package attune.app.backup;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.util.FileSystemUtils;

/**
 * Sweeps what a stop in the middle left half-written. The database is held by one program alone, so
 * at its start nobody writes any of them.
 */
@Component
class LeftOver {
  private static final Logger LOG = LoggerFactory.getLogger(LeftOver.class);
  private static final List<String> FOLDERS = List.of("", "backups", "photos", "safety-sheets");

  /** Begins the name of a directory in which a backup is tried. */
  static final String PROOF = "proof-";

  private final Path data;

  LeftOver(@Value("${attune.data:./attune-data}") Path data) {
    this.data = data;
  }

  @EventListener(ApplicationReadyEvent.class)
  void sweep() {
    int swept = FOLDERS.stream().map(data::resolve).mapToInt(LeftOver::sweep).sum();
    if (swept > 0) {
      LOG.info("Swept {} half-written files of an earlier stop", swept);
    }
  }

  private static int sweep(Path folder) {
    if (!Files.isDirectory(folder)) {
      return 0;
    }
    try (Stream<Path> files = Files.list(folder)) {
      List<Path> parts = files.filter(LeftOver::isHalf).toList();
      for (Path part : parts) {
        FileSystemUtils.deleteRecursively(part);
      }
      return parts.size();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static boolean isHalf(Path path) {
    String name = path.getFileName().toString();
    return Files.isDirectory(path) ? name.startsWith(PROOF) : name.endsWith(".part");
  }
}
