package attune.app.day;

import attune.app.backup.BackupHealth;
import attune.app.backup.IndexCheck;
import attune.app.bench.BenchService;
import attune.app.bench.BenchViews.Progress;
import attune.app.bench.Glance;
import attune.app.bench.LeftBehind;
import attune.app.care.CareService;
import attune.app.jobs.JobService;
import attune.app.jobs.JobViews.JobSummary;
import attune.app.jobs.Near;
import attune.app.order.NeedsService;
import attune.app.planning.JobPlans;
import attune.app.retention.RetentionService;
import attune.app.web.Room;
import attune.core.check.Known;
import attune.core.plan.Plan;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;

/**
 * Finds what wants an eye kept on: promises at risk, cars that still cure, after-care that is due.
 */
@Service
class WatchService {
  private static final Phrases PHRASES = Phrases.of(WatchService.class);

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
    ROOM,
    RETENTION
  }

  /**
   * One thing to watch.
   *
   * @param jobId null for low stock, backups, the disk and customers past their time
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
  private final IndexCheck indexes;
  private final Room room;
  private final Clock clock;

  WatchService(
      JobService jobs,
      JobPlans plans,
      BenchService bench,
      CareService care,
      NeedsService needs,
      BackupHealth backups,
      RetentionService retention,
      IndexCheck indexes,
      Room room,
      Clock clock) {
    this.backups = backups;
    this.retention = retention;
    this.indexes = indexes;
    this.room = room;
    this.care = care;
    this.needs = needs;
    this.bench = bench;
    this.jobs = jobs;
    this.plans = plans;
    this.clock = clock;
  }

  /** All of it, the most pressing first. */
  List<WatchView> watch() {
    LocalDateTime now = LocalDateTime.now(clock).truncatedTo(ChronoUnit.SECONDS);
    List<WatchView> found = new ArrayList<>();
    here(now, found);
    gone(now, found);
    stock(now, found);
    backups
        .says()
        .ifPresent(
            says ->
                found.add(
                    new WatchView(Kind.BACKUP, null, PHRASES.say("backups"), says, now, null)));
    indexes
        .says()
        .ifPresent(
            says ->
                found.add(
                    new WatchView(Kind.BACKUP, null, PHRASES.say("database"), says, now, null)));
    room.warns()
        .ifPresent(
            says ->
                found.add(new WatchView(Kind.ROOM, null, PHRASES.say("disk"), says, now, null)));
    long overdue = retention.overdue();
    if (overdue > 0) {
      found.add(
          new WatchView(Kind.RETENTION, null, PHRASES.say("customers"), past(overdue), now, null));
    }
    found.sort(Comparator.comparing(WatchView::kind).thenComparing(WatchView::at));
    return found;
  }

  /** Cars that are here or still to come. */
  private void here(LocalDateTime now, List<WatchView> found) {
    List<JobSummary> open =
        jobs.open().stream().filter(j -> j.surveyed() > 0 && Near.is(j.startAt(), clock)).toList();
    Map<UUID, Progress> runs = bench.progress(ids(open));
    Map<UUID, Glance> glances = bench.glances(runs.keySet());
    List<JobSummary> promised =
        open.stream().filter(j -> !runs.containsKey(j.id()) && j.returnBy() != null).toList();
    Map<UUID, Plan> planned = plans.plans(ids(promised));
    for (JobSummary job : open) {
      if (runs.containsKey(job.id())) {
        underWay(job, Known.of(glances, job.id()), isWorked(Known.of(runs, job.id())), now, found);
      } else if (planned.containsKey(job.id())) {
        promise(job, planned.get(job.id()).timetable().readyAt(), found);
      }
    }
  }

  private static List<UUID> ids(List<JobSummary> jobs) {
    return jobs.stream().map(JobSummary::id).toList();
  }

  private static void underWay(
      JobSummary job, Glance run, boolean worked, LocalDateTime now, List<WatchView> found) {
    clocks(job, run, now, found);
    promise(job, run.readyAt(), found);
    if (worked) {
      curing(job, run.readyAt(), now, found);
    }
  }

  /** Cars that left: what still cures, and what their after-care asks for. */
  private void gone(LocalDateTime now, List<WatchView> found) {
    List<JobSummary> left = jobs.latestGone(MOST_GONE);
    Map<UUID, LeftBehind> behind = bench.leftBehind(ids(left));
    Map<UUID, List<CareService.Due>> dues =
        care.due(behind.keySet(), now.toLocalDate().plusDays(CARE_DAYS_AHEAD));
    for (JobSummary job : left) {
      if (behind.containsKey(job.id()) && job.startAt().isAfter(now.minusDays(CURES_DAYS))) {
        curing(job, behind.get(job.id()).ready().usableAt(), now, found);
      }
      for (CareService.Due due : dues.getOrDefault(job.id(), List.of())) {
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
  }

  private void stock(LocalDateTime now, List<WatchView> found) {
    needs.needs(NEEDS_DAYS).stream()
        .filter(need -> need.packs() != null && need.packs() > 0)
        .map(
            need ->
                new WatchView(
                    Kind.LOW_STOCK,
                    null,
                    need.product(),
                    PHRASES.say("not-enough-for-the-week", need.jobs().get(0)),
                    now,
                    null))
        .forEach(found::add);
  }

  private static void promise(JobSummary job, LocalDateTime ready, List<WatchView> found) {
    if (job.returnBy() != null && ready.isAfter(job.returnBy())) {
      found.add(
          new WatchView(
              Kind.PROMISE_AT_RISK,
              job.id(),
              job.vehicleLabel(),
              PHRASES.say("ready-too-late-for-what"),
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
              PHRASES.say("still-drying-or-curing-not"),
              ready,
              null));
    }
  }

  /** What lies somewhere and has to be wiped by a time. */
  private static void clocks(JobSummary job, Glance run, LocalDateTime now, List<WatchView> found) {
    for (Glance.Laid laid : run.clocks()) {
      String what =
          laid.wipeBy().isBefore(now)
              ? PHRASES.say("late-to-wipe", laid.what())
              : PHRASES.say("to-be-wiped", laid.what());
      found.add(new WatchView(Kind.CLOCK, job.id(), job.vehicleLabel(), what, laid.wipeBy(), null));
    }
  }

  private static String past(long customers) {
    return PHRASES.say("are-past-the-time-their", customers);
  }

  private static boolean isWorked(Progress run) {
    return run.tasksDone() == run.tasksTotal();
  }
}
