package attune.app.day;

import attune.app.backup.BackupHealth;
import attune.app.bench.BenchService;
import attune.app.bench.BenchViews.Progress;
import attune.app.bench.Glance;
import attune.app.bench.LeftBehind;
import attune.app.care.CareService;
import attune.app.jobs.JobService;
import attune.app.jobs.JobState;
import attune.app.jobs.JobViews.JobSummary;
import attune.app.jobs.Near;
import attune.app.order.NeedsService;
import attune.app.planning.JobPlans;
import attune.app.retention.RetentionService;
import jakarta.annotation.Nullable;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What wants an eye kept on: promises at risk, cars that still cure, after-care that is due. */
@RestController
@RequestMapping("/api/v1/watch")
class WatchController {
  private static final int CARE_DAYS_AHEAD = 7;
  private static final int NEEDS_DAYS = 7;

  /** Of the cars that left, the latest: each has to be planned to know its care. */
  private static final int MOST_GONE = 20;

  /** Nothing cures longer. */
  private static final int CURES_DAYS = 21;

  /** Kinds, the most pressing first. */
  enum Kind {
    CLOCK,
    PROMISE_AT_RISK,
    CURING,
    CARE_DUE,
    LOW_STOCK,
    BACKUP,
    RETENTION
  }

  /**
   * One thing to watch.
   *
   * @param jobId null for low stock, backups and customers past their time
   * @param vehicleLabel the vehicle, or the product that is low, or what else it is about
   * @param at when it matters: the promise, when the car may leave, when the care is due
   * @param readyAt when the car is ready, where that is later than promised
   */
  record WatchView(
      Kind kind,
      @Nullable UUID jobId,
      String vehicleLabel,
      String says,
      LocalDateTime at,
      @Nullable LocalDateTime readyAt) {}

  private final JobService jobs;
  private final JobPlans plans;
  private final BenchService bench;
  private final CareService care;
  private final NeedsService needs;
  private final BackupHealth backups;
  private final RetentionService retention;
  private final Clock clock;

  WatchController(
      JobService jobs,
      JobPlans plans,
      BenchService bench,
      CareService care,
      NeedsService needs,
      BackupHealth backups,
      RetentionService retention,
      Clock clock) {
    this.backups = backups;
    this.retention = retention;
    this.care = care;
    this.needs = needs;
    this.bench = bench;
    this.jobs = jobs;
    this.plans = plans;
    this.clock = clock;
  }

  @GetMapping
  List<WatchView> watch() {
    LocalDateTime now = LocalDateTime.now(clock).truncatedTo(ChronoUnit.SECONDS);
    List<WatchView> found = new ArrayList<>();
    List<JobSummary> open =
        jobs.open().stream().filter(j -> j.surveyed() > 0 && Near.is(j.startAt(), clock)).toList();
    Map<UUID, Progress> runs = bench.progress(open.stream().map(JobSummary::id).toList());
    Stream.concat(open.stream(), jobs.latestGone(MOST_GONE).stream())
        .forEach(job -> watch(job, runs.get(job.id()), now, found));
    needs.needs(NEEDS_DAYS).stream()
        .filter(need -> need.packs() != null && need.packs() > 0)
        .forEach(
            need ->
                found.add(
                    new WatchView(
                        Kind.LOW_STOCK,
                        null,
                        need.product(),
                        "Not enough for the week: " + need.jobs().get(0),
                        now,
                        null)));
    backups
        .says()
        .ifPresent(says -> found.add(new WatchView(Kind.BACKUP, null, "Backups", says, now, null)));
    long overdue = retention.overdue();
    if (overdue > 0) {
      found.add(new WatchView(Kind.RETENTION, null, "Customers", past(overdue), now, null));
    }
    found.sort(Comparator.comparing(WatchView::kind).thenComparing(WatchView::at));
    return found;
  }

  private void watch(
      JobSummary job, @Nullable Progress run, LocalDateTime now, List<WatchView> found) {
    boolean gone = job.state() == JobState.HANDED_OVER;
    if (gone) {
      gone(job, now, found);
    } else if (run != null) {
      underWay(job, bench.glance(job.id()), isWorked(run), now, found);
    } else if (job.returnBy() != null) {
      promise(job, plans.plan(job.id()).timetable().readyAt(), found);
    }
  }

  private static void underWay(
      JobSummary job, Glance run, boolean worked, LocalDateTime now, List<WatchView> found) {
    clocks(job, run, now, found);
    promise(job, run.readyAt(), found);
    if (worked) {
      curing(job, run.readyAt(), now, found);
    }
  }

  private void gone(JobSummary job, LocalDateTime now, List<WatchView> found) {
    if (job.startAt().isAfter(now.minusDays(CURES_DAYS))) {
      bench
          .leftBehind(job.id())
          .map(LeftBehind::ready)
          .ifPresent(ready -> curing(job, ready.usableAt(), now, found));
    }
    for (CareService.Due due : care.due(job, now.toLocalDate().plusDays(CARE_DAYS_AHEAD))) {
      found.add(
          new WatchView(
              Kind.CARE_DUE,
              job.id(),
              job.vehicleLabel(),
              due.what(),
              due.day().atTime(9, 0),
              null));
    }
  }

  private static void promise(JobSummary job, LocalDateTime ready, List<WatchView> found) {
    if (job.returnBy() != null && ready.isAfter(job.returnBy())) {
      found.add(
          new WatchView(
              Kind.PROMISE_AT_RISK,
              job.id(),
              job.vehicleLabel(),
              "Ready too late for what was promised",
              job.returnBy(),
              ready));
    }
  }

  private static void curing(
      JobSummary job, LocalDateTime ready, LocalDateTime now, List<WatchView> found) {
    if (ready.isAfter(now)) {
      found.add(
          new WatchView(
              Kind.CURING,
              job.id(),
              job.vehicleLabel(),
              "Still drying or curing: not driven, not sat in",
              ready,
              null));
    }
  }

  /** What lies somewhere and has to be wiped by a time. */
  private static void clocks(JobSummary job, Glance run, LocalDateTime now, List<WatchView> found) {
    for (Glance.Laid laid : run.clocks()) {
      String late = laid.wipeBy().isBefore(now) ? ": late to wipe" : ": to be wiped";
      found.add(
          new WatchView(
              Kind.CLOCK, job.id(), job.vehicleLabel(), laid.what() + late, laid.wipeBy(), null));
    }
  }

  private static String past(long customers) {
    return customers
        + (customers == 1 ? " is" : " are")
        + " past the time their data is kept: look under Shop";
  }

  private static boolean isWorked(@Nullable Progress run) {
    return run != null && run.tasksDone() == run.tasksTotal();
  }
}
