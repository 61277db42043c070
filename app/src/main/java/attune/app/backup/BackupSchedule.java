package attune.app.backup;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * A backup a day, at night or when the application is next open; of those the last fourteen stay.
 */
@Component
class BackupSchedule {
  private static final int KEPT = 14;
  private static final String MARK = "-daily.zip";
  private static final long HOUR_MS = 3_600_000;
  private static final long SOON_MS = 600_000;

  /** A little less than a day, so that it is not made later every day. */
  private static final Duration A_DAY = Duration.ofHours(23);

  private final BackupService backups;
  private final BackupProof proof;
  private final Path folder;
  private final Clock clock;

  BackupSchedule(
      BackupService backups,
      BackupProof proof,
      @Value("${attune.data:./attune-data}") Path data,
      Clock clock) {
    this.backups = backups;
    this.proof = proof;
    this.folder = data.resolve("backups");
    this.clock = clock;
  }

  /**
   * Looks soon after the start and then every hour, by the age of the last daily one on disk: a
   * shop that closes the program each evening has its backup too.
   */
  @Scheduled(fixedDelay = HOUR_MS, initialDelay = SOON_MS)
  void everyDay() {
    Instant now = clock.instant();
    if (newest().filter(last -> last.plus(A_DAY).isAfter(now)).isEmpty()) {
      makeOne();
    }
  }

  /** When the last daily backup was made; one from the future counts as none. */
  private Optional<Instant> newest() {
    return backups.list().stream()
        .filter(view -> view.name().contains(MARK))
        .map(view -> modified(folder.resolve(view.name())))
        .filter(made -> !made.isAfter(clock.instant()))
        .max(Comparator.naturalOrder());
  }

  private static Instant modified(Path file) {
    try {
      return Files.getLastModifiedTime(file).toInstant();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /**
   * Makes the day's backup, proves it and lets go of the oldest daily ones; those made by hand
   * stay.
   */
  void makeOne() {
    String name = backups.create().name();
    try {
      Path daily = Files.move(folder.resolve(name), folder.resolve(name.replace(".zip", MARK)));
      Files.setLastModifiedTime(daily, FileTime.from(clock.instant()));
      proof.prove(daily);
      for (Path old :
          backups.list().stream()
              .map(view -> folder.resolve(view.name()))
              .filter(file -> file.getFileName().toString().contains(MARK))
              .skip(KEPT)
              .toList()) {
        BackupProof.delete(old);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
