package attune.app.demo;

import attune.app.format.JobFile;
import attune.app.handover.HandoverService;
import attune.app.jobs.JobService;
import attune.app.reference.ReferenceData;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationStartedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Fills an empty database with the jobs of Lantern Yard Trim Care, each in a different state. */
@Component
@ConditionalOnProperty("attune.demo")
class DemoData {
  /** A demo job: its file and how many of its hands-on tasks are done already. */
  private record DemoJob(String file, int tasksDone) {}

  private static final int NOT_STARTED = -1;
  private static final int ALL = Integer.MAX_VALUE;
  private static final int OPENS = 8;
  private static final int NOON = 12;
  private static final int CLOSES = 18;
  private static final int EARLIER_DAYS = 178;
  private static final String EARLIER = "Spring clean and dye barrier";
  private static final List<DemoJob> JOBS =
      List.of(
          new DemoJob("lumen-hatch", NOT_STARTED),
          new DemoJob("fells-estate", 12),
          new DemoJob("tidewren-helm", NOT_STARTED),
          new DemoJob("corvid-wheel", ALL));

  private final JobService jobs;
  private final DemoPeople people;
  private final DemoShop shop;
  private final DemoStock stock;
  private final DemoPhoto photo;
  private final DemoRuns runs;
  private final HandoverService handover;
  private final JsonMapper mapper;
  private final Clock clock;

  DemoData(
      JobService jobs,
      DemoPeople people,
      DemoShop shop,
      DemoStock stock,
      DemoPhoto photo,
      DemoRuns runs,
      HandoverService handover,
      JsonMapper mapper,
      Clock clock) {
    this.jobs = jobs;
    this.people = people;
    this.shop = shop;
    this.stock = stock;
    this.photo = photo;
    this.runs = runs;
    this.handover = handover;
    this.mapper = mapper;
    this.clock = clock;
  }

  @EventListener(ApplicationStartedEvent.class)
  @Order(Ordered.HIGHEST_PRECEDENCE)
  void fill() {
    if (jobs.list().isEmpty()) {
      shop.open();
      List<UUID> vehicles = people.vehicles();
      for (int i = 0; i < JOBS.size(); i++) {
        UUID job = create(JOBS.get(i), vehicles.get(i));
        if (i == 0) {
          photo.add(job, "fl-cushion-bolster-outer");
        } else if (i == JOBS.size() - 1) {
          photo.pair(job, "wheel-rim");
        }
      }
      earlier(vehicles.get(1)); // before there are bottles to draw from
      stock.fill();
    }
  }

  private UUID create(DemoJob demo, UUID vehicle) {
    JobFile file =
        mapper.readValue(ReferenceData.text("/demo/" + demo.file() + ".json"), JobFile.class);
    LocalDateTime now = LocalDateTime.now(clock);
    if (demo.tasksDone() == NOT_STARTED) {
      return jobs.create(on(nextMorning(now), file), vehicle, "Demo job").id();
    }
    LocalDateTime until = lastAtWork(now);
    UUID id = jobs.create(on(until.toLocalDate(), file), vehicle, "Demo job").id();
    runs.work(id, demo.tasksDone(), until);
    return id;
  }

  /** The same car half a year ago, handed over since: what its timeline and the records show. */
  private void earlier(UUID vehicle) {
    JobFile file = mapper.readValue(ReferenceData.text("/demo/fells-estate.json"), JobFile.class);
    LocalDateTime then = LocalDateTime.now(clock).minusDays(EARLIER_DAYS);
    UUID id = jobs.create(on(then.toLocalDate(), file).titled(EARLIER), vehicle, "Demo job").id();
    runs.work(id, ALL, then.toLocalDate().atTime(18, 0));
    handover.close(id);
  }

  /**
   * The day cars that still wait are begun: today in the morning, else the next that is no Sunday.
   */
  private static LocalDate nextMorning(LocalDateTime now) {
    boolean today = now.getHour() < NOON && now.getDayOfWeek() != DayOfWeek.SUNDAY;
    LocalDate day = today ? now.toLocalDate() : now.toLocalDate().plusDays(1);
    return day.getDayOfWeek() == DayOfWeek.SUNDAY ? day.plusDays(1) : day;
  }

  /** When somebody last stood at a car: now in working hours, else when the last ones ended. */
  private static LocalDateTime lastAtWork(LocalDateTime now) {
    if (now.getHour() >= CLOSES) {
      return now.toLocalDate().atTime(CLOSES, 0);
    }
    return now.getHour() < OPENS ? now.toLocalDate().minusDays(1).atTime(CLOSES, 0) : now;
  }

  /** The file's day one stands for a day. */
  private static JobFile on(LocalDate day, JobFile f) {
    JobFile.SettingFile s = f.setting();
    LocalDate dayOne = LocalDateTime.parse(s.start()).toLocalDate();
    JobFile.SettingFile moved =
        s.between(
            moved(s.start(), dayOne, day),
            s.returnBy() == null ? null : moved(s.returnBy(), dayOne, day));
    return new JobFile(
        f.format(),
        f.version(),
        f.title(),
        f.vehicle(),
        moved,
        f.wishes(),
        f.houseRules(),
        f.shelf(),
        f.arrangement(),
        f.surfaces());
  }

  private static String moved(String time, LocalDate dayOne, LocalDate day) {
    return LocalDateTime.parse(time).plusDays(day.toEpochDay() - dayOne.toEpochDay()).toString();
  }
}
