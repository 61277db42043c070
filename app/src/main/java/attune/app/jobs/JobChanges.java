package attune.app.jobs;

import attune.app.format.JobFile;
import attune.app.jobs.JobViews.JobChange;
import jakarta.annotation.Nullable;

/** A job's document with some of it changed; what a change leaves out stays as it was. */
final class JobChanges {
  private JobChanges() {}

  static JobFile changed(JobFile before, JobChange change) {
    return new JobFile(
        before.format(),
        before.version(),
        change.title() == null ? before.title() : change.title().strip(),
        before.vehicle(),
        change.setting() == null ? before.setting() : merged(before.setting(), change.setting()),
        change.wishes() == null ? before.wishes() : merged(before.wishes(), change.wishes()),
        or(change.houseRules(), before.houseRules()),
        before.shelf(),
        before.arrangement(),
        before.surfaces());
  }

  private static JobFile.SettingFile merged(JobFile.SettingFile a, JobFile.SettingFile b) {
    return new JobFile.SettingFile(
        or(b.place(), a.place()),
        or(b.airTempC(), a.airTempC()),
        or(b.relativeHumidity(), a.relativeHumidity()),
        or(b.airSpeedMs(), a.airSpeedMs()),
        or(b.sun(), a.sun()),
        or(b.surfaceTempC(), a.surfaceTempC()),
        or(b.people(), a.people()),
        b.start() == null ? a.start() : b.start(),
        "".equals(b.returnBy()) ? null : or(b.returnBy(), a.returnBy()),
        or(b.climate(), a.climate()),
        or(b.faults(), a.faults()),
        or(b.childSeat(), a.childSeat()),
        or(b.breaks(), a.breaks()),
        b.skills() != null && b.skills().isEmpty() ? null : or(b.skills(), a.skills()),
        or(b.travelKm(), a.travelKm()));
  }

  private static JobFile.WishesFile merged(@Nullable JobFile.WishesFile a, JobFile.WishesFile b) {
    if (a == null) {
      return b;
    }
    return new JobFile.WishesFile(
        or(b.sheen(), a.sheen()),
        or(b.standard(), a.standard()),
        or(b.protection(), a.protection()),
        or(b.avoid(), a.avoid()));
  }

  private static <T> @Nullable T or(@Nullable T value, @Nullable T before) {
    return value == null ? before : value;
  }
}
