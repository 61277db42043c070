package attune.app.backup;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.support.TestClock;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A backup a day, and not more of them than anyone needs. */
class BackupScheduleTest {
  @TempDir Path data;
  private TestClock clock;
  private BackupSchedule schedule;
  private BackupService service;
  private int made;

  @BeforeEach
  void anEmptyFolder() throws IOException {
    clock = new TestClock();
    Path folder = Files.createDirectories(data.resolve("backups"));
    service =
        new BackupService(null, data, null, null, clock) {
          @Override
          public BackupView create() {
            try {
              String name = "attune-%03d.zip".formatted(++made);
              Files.writeString(folder.resolve(name), "a backup");
              return new BackupView(name, 8, null, null);
            } catch (IOException e) {
              throw new IllegalStateException(e);
            }
          }
        };
    schedule = new BackupSchedule(service, new BackupProof(null), data, clock);
  }

  private long files(String ending) throws IOException {
    try (Stream<Path> files = Files.list(data.resolve("backups"))) {
      return files.filter(file -> file.toString().endsWith(ending)).count();
    }
  }

  @Test
  void onceADayHoweverOftenItLooks() throws IOException {
    schedule.everyDay();
    schedule.everyDay();
    assertThat(files("-daily.zip")).isEqualTo(1);
    clock.pass(Duration.ofHours(12));
    schedule.everyDay();
    assertThat(files("-daily.zip")).isEqualTo(1);
    clock.pass(Duration.ofHours(12));
    schedule.everyDay();
    assertThat(files("-daily.zip")).isEqualTo(2);
  }

  @Test
  void aShopThatClosesTheProgramEachEveningHasItsBackupToo() throws IOException {
    for (int evening = 0; evening < 3; evening++) {
      new BackupSchedule(service, new BackupProof(null), data, clock).everyDay();
      clock.pass(Duration.ofDays(1));
    }
    assertThat(files("-daily.zip")).isEqualTo(3);
  }

  @Test
  void oneMadeByHandDoesNotStandForTheDaily() throws IOException {
    Files.writeString(data.resolve("backups/attune-000.zip"), "made by hand");
    schedule.everyDay();
    assertThat(files("-daily.zip")).isEqualTo(1);
  }

  @Test
  void theLastFourteenStayAndThoseMadeByHandAll() throws IOException {
    Files.writeString(data.resolve("backups/attune-000.zip"), "made by hand");
    for (int day = 0; day < 20; day++) {
      clock.pass(Duration.ofDays(1));
      schedule.everyDay();
    }
    assertThat(files("-daily.zip")).isEqualTo(14);
    assertThat(data.resolve("backups/attune-020-daily.zip")).exists();
    assertThat(data.resolve("backups/attune-006-daily.zip")).doesNotExist();
    assertThat(data.resolve("backups/attune-000.zip")).exists();
  }
}
