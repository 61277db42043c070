package attune.app.jobs;

import attune.app.format.JobFile;
import attune.app.people.PeopleViews.CustomerForm;
import attune.app.people.PeopleViews.VehicleForm;
import attune.app.people.PeopleViews.VehicleView;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Optional;

/** The document a job starts from: a mild day in the studio, wishes as the customer's are known. */
final class NewJobs {
  private static final DateTimeFormatter MINUTE = DateTimeFormatter.ofPattern("yyyy-MM-dd'T'HH:mm");

  private NewJobs() {}

  static JobFile of(
      String title, VehicleView vehicle, Optional<CustomerForm> owner, LocalDateTime now) {
    VehicleForm v = vehicle.form();
    return new JobFile(
        "attune-job",
        1,
        title,
        new JobFile.VehicleFile(
            v.label(),
            v.layout(),
            v.drive(),
            v.builtYear(),
            v.odometerKm(),
            v.historyKnown() ? true : null,
            null),
        new JobFile.SettingFile(
            "studio",
            20.0,
            0.5,
            0.1,
            "none",
            null,
            1,
            now.format(MINUTE),
            null,
            owner.map(CustomerForm::climate).orElse("temperate"),
            null,
            null,
            null,
            null,
            null),
        new JobFile.WishesFile(
            owner.map(CustomerForm::sheen).orElse("matt"),
            owner.map(CustomerForm::standard).orElse("thorough"),
            owner.map(CustomerForm::protection).orElse("none"),
            null),
        null,
        null,
        null,
        List.of());
  }
}
