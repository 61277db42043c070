package attune.app.demo;

import attune.app.jobs.JobService;
import attune.app.jobs.JobState;
import attune.app.jobs.JobViews.JobSummary;
import attune.core.check.Known;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.UUID;
import java.util.stream.Collectors;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationStartedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.core.io.ClassPathResource;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.init.ResourceDatabasePopulator;
import org.springframework.stereotype.Component;

/**
 * {@code seed-shop}: years of an invented shop, to measure at its scale. The demo's jobs repeated
 * for other people's vehicles on other days, most of them handed over, some ahead.
 */
@Component
@ConditionalOnProperty("attune.seed.jobs")
class SeededYears {
  private static final int DAYS_A_YEAR = 365;
  private static final int DAYS_AHEAD = 14;
  private static final int VISITS_OF_A_VEHICLE = 4;
  private static final int ONE_CABIN_IN = 4;

  /** Jobs copied in one go: their plans and shelves are in memory while it lasts. */
  private static final int AT_ONCE = 100;

  private static final List<String> FIRST =
      List.of("Ada", "Bram", "Cleo", "Dov", "Edda", "Finn", "Greta", "Hale", "Iven", "Juno");
  private static final List<String> LAST =
      List.of("Ashgrove", "Birling", "Corrow", "Dunmere", "Eskel", "Farlow", "Gantry", "Holm");
  private static final List<String> MODELS =
      List.of(
          "Brindlewick Lumen",
          "Brindlewick Fen",
          "Oxmarrow Fells",
          "Oxmarrow Dray",
          "Pellarin Corvid",
          "Pellarin Merle");

  private final JobService jobs;
  private final DataSource database;
  private final JdbcTemplate jdbc;
  private final Path photos;
  private final int many;
  private final int years;

  SeededYears(
      JobService jobs,
      DataSource database,
      @Value("${attune.data:./attune-data}") Path data,
      @Value("${attune.seed.jobs}") int many,
      @Value("${attune.seed.years:10}") int years) {
    this.jobs = jobs;
    this.database = database;
    this.jdbc = new JdbcTemplate(database);
    this.photos = data.resolve("photos");
    this.many = many;
    this.years = years;
  }

  @EventListener(ApplicationStartedEvent.class)
  @Order
  void fill() {
    Map<JobState, List<JobSummary>> there =
        jobs.list().stream()
            .sorted(Comparator.comparing(JobSummary::title))
            .collect(Collectors.groupingBy(JobSummary::state));
    jdbc.execute(
        """
        create table seed (job uuid primary key, source uuid, state varchar(20), days int,
          was varchar(10), now varchar(10), back_was varchar(10), back_now varchar(10),
          vehicle uuid, label varchar(200), plate varchar(20),
          customer uuid, customer_name varchar(120), phone varchar(40),
          photo uuid, photo_source uuid)""");
    List<Object[]> rows = rows(there);
    for (int from = 0; from < rows.size(); from += AT_ONCE) {
      jdbc.execute("truncate table seed");
      jdbc.batchUpdate(
          "insert into seed values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)",
          rows.subList(from, Math.min(rows.size(), from + AT_ONCE)));
      new ResourceDatabasePopulator(new ClassPathResource("demo/seed-years.sql")).execute(database);
      copyPhotos();
    }
    jdbc.execute("drop table seed");
  }

  private List<Object[]> rows(Map<JobState, List<JobSummary>> there) {
    SplittableRandom random = new SplittableRandom(2026);
    Map<UUID, UUID> photoOf =
        jdbc.query(
            "select job_id, cast(min(cast(id as varchar)) as uuid) from photo group by job_id",
            rows -> {
              Map<UUID, UUID> found = new HashMap<>();
              while (rows.next()) {
                found.put(rows.getObject(1, UUID.class), rows.getObject(2, UUID.class));
              }
              return found;
            });
    List<JobSummary> cabins = worked(there, true);
    List<JobSummary> small = worked(there, false);
    List<JobSummary> ahead = Known.of(there, JobState.SURVEY);
    LocalDate today =
        ahead.stream().map(j -> j.startAt().toLocalDate()).min(Comparator.naturalOrder()).get();
    int span = years * DAYS_A_YEAR + DAYS_AHEAD;
    List<Object[]> rows = new ArrayList<>();
    List<Car> cars = new ArrayList<>();
    for (int i = 0; i < many; i++) {
      LocalDate day = today.plusDays(DAYS_AHEAD - (long) i * span / many);
      day = day.getDayOfWeek() == DayOfWeek.SUNDAY ? day.plusDays(1) : day;
      boolean past = day.isBefore(today);
      List<JobSummary> from = !past ? ahead : i % ONE_CABIN_IN == 0 ? cabins : small;
      JobSummary source = from.get(random.nextInt(from.size()));
      Car car = car(cars, source.layout(), i, random);
      LocalDate was = source.startAt().toLocalDate();
      long days = day.toEpochDay() - was.toEpochDay();
      LocalDate back = source.returnBy() == null ? was : source.returnBy().toLocalDate();
      rows.add(
          new Object[] {
            UUID.randomUUID(),
            source.id(),
            past ? JobState.HANDED_OVER.name() : JobState.SURVEY.name(),
            days,
            was.toString(),
            day.toString(),
            back.toString(),
            back.plusDays(days).toString(),
            car.id(),
            car.label(),
            car.plate(),
            car.owner(),
            car.name(),
            "+00 555 %04d".formatted(i % 10_000),
            photoOf.containsKey(source.id()) ? UUID.randomUUID() : null,
            photoOf.get(source.id())
          });
    }
    return rows;
  }

  private List<JobSummary> worked(Map<JobState, List<JobSummary>> there, boolean whole) {
    List<JobSummary> worked = new ArrayList<>(there.get(JobState.HANDED_OVER));
    worked.addAll(there.getOrDefault(JobState.BENCH, List.of()));
    int most = worked.stream().mapToInt(JobSummary::surveyed).max().orElseThrow();
    return worked.stream()
        .filter(j -> whole == (j.surveyed() == most))
        .filter(j -> !whole || j.state() == JobState.HANDED_OVER)
        .toList();
  }

  private record Car(UUID id, String layout, String label, String plate, UUID owner, String name) {}

  /** A car that came before, or a new one and its owner. */
  private static Car car(List<Car> cars, String layout, int i, SplittableRandom random) {
    List<Car> fitting = cars.stream().filter(c -> c.layout().equals(layout)).toList();
    if (!fitting.isEmpty() && random.nextInt(VISITS_OF_A_VEHICLE) > 0) {
      return fitting.get(random.nextInt(fitting.size()));
    }
    Car car =
        new Car(
            UUID.randomUUID(),
            layout,
            MODELS.get(random.nextInt(MODELS.size())),
            "PA %d".formatted(10_000 + i),
            UUID.randomUUID(),
            FIRST.get(random.nextInt(FIRST.size())) + " " + LAST.get(random.nextInt(LAST.size())));
    cars.add(car);
    return car;
  }

  private void copyPhotos() {
    jdbc.query(
        "select photo, photo_source from seed where photo is not null",
        row -> {
          for (String size : List.of(".jpg", "-small.jpg")) {
            try {
              Files.copy(
                  photos.resolve(row.getString(2) + "-small.jpg"),
                  photos.resolve(row.getString(1) + size));
            } catch (IOException e) {
              throw new UncheckedIOException("cannot copy a photo", e);
            }
          }
        });
  }
}
