package attune.app.backup;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
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

  private final BackupService backups;
  private final Path folder;
  private final Clock clock;
  private LocalDate last;

  BackupSchedule(
      BackupService backups, @Value("${attune.data:./attune-data}") Path data, Clock clock) {
    this.backups = backups;
    this.folder = data.resolve("backups");
    this.clock = clock;
    this.last = LocalDate.now(clock);
  }

  /** Looks every hour whether the day has changed. */
  @Scheduled(fixedDelay = HOUR_MS, initialDelay = HOUR_MS)
  void everyDay() {
    LocalDate today = LocalDate.now(clock);
    if (today.isAfter(last)) {
      makeOne();
      last = today;
    }
  }

  /** Makes the day's backup and lets go of the oldest daily ones; those made by hand stay. */
  void makeOne() {
    String name = backups.create().name();
    try {
      Files.move(folder.resolve(name), folder.resolve(name.replace(".zip", MARK)));
      for (Path old :
          backups.list().stream()
              .map(view -> folder.resolve(view.name()))
              .filter(file -> file.toString().endsWith(MARK))
              .skip(KEPT)
              .toList()) {
        Files.delete(old);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
