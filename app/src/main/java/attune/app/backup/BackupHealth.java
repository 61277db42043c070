package attune.app.backup;

import attune.core.words.Lists;
import attune.core.words.Phrases;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Whether there is a backup that was proved lately, and what to say where there is none. */
@Component
public class BackupHealth {
  private static final Phrases PHRASES = Phrases.of(BackupHealth.class);

  private static final Duration OLD = Duration.ofDays(2);

  private final Path folder;
  private final Path database;
  private final boolean demo;
  private final Clock clock;

  BackupHealth(
      @Value("${attune.data:./attune-data}") Path data,
      @Value("${attune.demo:false}") boolean demo,
      Clock clock) {
    this.folder = data.resolve("backups");
    this.database = data.resolve(BackupFile.DATABASE);
    this.demo = demo;
    this.clock = clock;
  }

  /** What a shop should be told of its backups; empty where all is well, and in the demo. */
  public Optional<String> says() {
    Instant old = clock.instant().minus(OLD);
    if (demo) {
      return Optional.empty();
    }
    List<Path> made = BackupService.zips(folder);
    Optional<Path> good =
        made.stream()
            .filter(zip -> BackupProof.of(zip).filter(BackupProof.Result::good).isPresent())
            .max(Comparator.comparing(BackupHealth::at));
    if (good.isPresent()) {
      long days = Duration.between(at(good.get()), clock.instant()).toDays();
      return at(good.get()).isBefore(old)
          ? Optional.of(Lists.sentences(PHRASES.say("the-last-backup-that-was", days), why(made)))
          : Optional.empty();
    }
    return Files.exists(database) && begun(database).isBefore(old)
        ? Optional.of(Lists.sentences(PHRASES.say("no-backup-was-laid-back"), why(made)))
        : Optional.empty();
  }

  private static String why(List<Path> made) {
    return made.stream()
        .max(Comparator.comparing(BackupHealth::at))
        .flatMap(BackupProof::of)
        .filter(result -> !result.good())
        .map(result -> PHRASES.say("the-latest-cannot-be-restored", result.says()))
        .orElse(PHRASES.say("leave-attune-open-for-a"));
  }

  private static Instant at(Path file) {
    return attributes(file).lastModifiedTime().toInstant();
  }

  private static Instant begun(Path file) {
    return attributes(file).creationTime().toInstant();
  }

  private static BasicFileAttributes attributes(Path file) {
    try {
      return Files.readAttributes(file, BasicFileAttributes.class);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
