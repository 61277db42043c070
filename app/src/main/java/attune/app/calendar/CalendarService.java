package attune.app.calendar;

import attune.app.bench.BenchService;
import attune.app.bench.BenchViews.DoneReady;
import attune.app.bench.Glance;
import attune.app.bench.LeftBehind;
import attune.app.care.CareService;
import attune.app.care.CareService.Next;
import attune.app.jobs.JobService;
import attune.app.jobs.JobState;
import attune.app.jobs.JobViews.JobSummary;
import attune.app.jobs.Near;
import attune.app.planning.JobPlans;
import attune.core.check.Known;
import attune.core.plan.Plan;
import attune.core.plan.Plan.CareItem;
import attune.core.plan.Task;
import attune.core.plan.Timetable;
import attune.core.plan.Timetable.Visit;
import attune.core.words.Lists;
import attune.core.words.Phrases;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.Temporal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtEnd;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.RRule;
import net.fortuna.ical4j.model.property.Summary;
import net.fortuna.ical4j.model.property.Uid;
import org.springframework.stereotype.Service;

/**
 * What of a job belongs into a calendar: its visits, when somebody has to be back after a wait,
 * when it can be driven, sat in and is cured, and its after-care. Times are the shop's own, without
 * offset.
 */
@Service
class CalendarService {
  private static final Phrases PHRASES = Phrases.of(CalendarService.class);

  private static final Duration WORTH_LEAVING = Duration.ofMinutes(20);

  /** Of the cars that left, the latest: each run has to be read to know its after-care. */
  private static final int MOST_GONE = 40;

  private static final String PRODUCT = "-//Attune//Attune 1//EN";

  private final JobService jobs;
  private final JobPlans plans;
  private final CareService care;
  private final BenchService bench;
  private final Clock clock;

  CalendarService(
      JobService jobs, JobPlans plans, CareService care, BenchService bench, Clock clock) {
    this.bench = bench;
    this.care = care;
    this.jobs = jobs;
    this.plans = plans;
    this.clock = clock;
  }

  /** What some jobs' events follow from, by job; what a job does not have is not there. */
  private record Told(
      Map<UUID, LeftBehind> left,
      Map<UUID, Glance> runs,
      Map<UUID, Plan> plans,
      Map<UUID, List<Next>> care) {}

  /** One job's calendar. */
  String ofJob(UUID id) {
    return text(List.of(jobs.summary(id)));
  }

  /** The calendar of the jobs that are under way or ahead, and of the latest cars that left. */
  String ofShop() {
    Stream<JobSummary> open =
        jobs.open().stream().filter(job -> job.surveyed() > 0 && Near.began(job.startAt(), clock));
    return text(Stream.concat(open, jobs.latestGone(MOST_GONE).stream()).toList());
  }

  private String text(List<JobSummary> told) {
    Told known = known(told);
    Calendar calendar = new Calendar().withProdId(PRODUCT).withDefaults().getFluentTarget();
    told.stream().flatMap(job -> events(job, known).stream()).forEach(calendar::add);
    return calendar.toString();
  }

  private Told known(List<JobSummary> told) {
    List<UUID> all = told.stream().map(JobSummary::id).toList();
    List<UUID> open = told.stream().filter(CalendarService::isHere).map(JobSummary::id).toList();
    return new Told(bench.leftBehind(all), bench.glances(open), plans.plans(open), care.next(all));
  }

  private static boolean isHere(JobSummary job) {
    return job.state() != JobState.HANDED_OVER;
  }

  private List<VEvent> events(JobSummary job, Told known) {
    List<VEvent> events = new ArrayList<>();
    Optional<LeftBehind> left = Optional.ofNullable(known.left().get(job.id()));
    if (known.plans().containsKey(job.id())) {
      ahead(job, known.plans().get(job.id()), left.isPresent(), events);
      ready(job, ready(job, left, known), events);
    } else {
      left.ifPresent(run -> ready(job, run.ready(), events));
    }
    List<Next> worked = known.care().getOrDefault(job.id(), List.of());
    for (int i = 0; i < worked.size(); i++) {
      care(job, worked.get(i), i, events);
    }
    return events;
  }

  /** Visits, waits and what follows, of a car that is here or still to come. */
  private void ahead(JobSummary job, Plan plan, boolean begun, List<VEvent> events) {
    Timetable timetable = plan.timetable();
    for (Visit visit : timetable.visits()) {
      events.add(
          event(
              job,
              "visit-" + visit.from(),
              Lists.headed(job.vehicleLabel(), job.title()),
              visit.from(),
              visit.until()));
    }
    waits(job, timetable, events);
    LocalDate done = timetable.driveAt().toLocalDate();
    for (int i = 0; i < plan.care().size() && !begun; i++) {
      care(job, plan.care().get(i), i, done, events);
    }
  }

  /** As the bench goes, once it does: what every other view says. */
  private static DoneReady ready(JobSummary job, Optional<LeftBehind> left, Told known) {
    if (left.isEmpty() || left.get().lastDone() == null) {
      Timetable planned = Known.of(known.plans(), job.id()).timetable();
      return new DoneReady(planned.driveAt(), planned.sitAt(), planned.curedAt());
    }
    return Known.of(known.runs(), job.id()).ready();
  }

  private void ready(JobSummary job, DoneReady ready, List<VEvent> events) {
    events.add(moment(job, "drive", PHRASES.say("may-leave"), ready.driveAt()));
    events.add(moment(job, "sit", PHRASES.say("may-be-sat-in"), ready.sitAt()));
    events.add(moment(job, "cured", PHRASES.say("is-fully-cured"), ready.curedAt()));
  }

  /** Where hands are off for a while and somebody has to come back, what for. */
  private void waits(JobSummary job, Timetable timetable, List<VEvent> events) {
    LocalDateTime free = null;
    for (Task task : timetable.tasks()) {
      if (task.person().isEmpty()) {
        continue;
      }
      if (free != null && Duration.between(free, task.start()).compareTo(WORTH_LEAVING) >= 0) {
        events.add(
            event(
                job,
                "back-" + task.id(),
                PHRASES.say("back-to", job.vehicleLabel(), task.step().code().replace('-', ' ')),
                task.start(),
                task.end()));
      }
      free = free == null || task.end().isAfter(free) ? task.end() : free;
    }
  }

  private void care(
      JobSummary job, CareItem item, int number, LocalDate done, List<VEvent> events) {
    for (int days : item.dueInDays()) {
      events.add(careEvent(job, "care-" + number + "-" + days, item, done.plusDays(days)));
    }
    item.everyDays()
        .ifPresent(
            days -> {
              VEvent event = careEvent(job, "care-" + number, item, done.plusDays(days));
              event.add(new RRule<>("FREQ=DAILY;INTERVAL=" + days));
              events.add(event);
            });
  }

  /** Of a car that was worked: by its use, and from what was done since. */
  private void care(JobSummary job, Next line, int number, List<VEvent> events) {
    VEvent event =
        event(
            job,
            "care-" + number,
            Lists.headed(job.vehicleLabel(), line.what()),
            line.day(),
            line.day().plusDays(1));
    event.add(new Description(PHRASES.say("panels", line.panels())));
    if (line.everyDays() != null) {
      event.add(new RRule<>("FREQ=DAILY;INTERVAL=" + line.everyDays()));
    }
    events.add(event);
  }

  private VEvent careEvent(JobSummary job, String id, CareItem item, LocalDate day) {
    VEvent event =
        event(job, id, Lists.headed(job.vehicleLabel(), item.what()), day, day.plusDays(1));
    event.add(new Description(PHRASES.say("panels", item.surfaceIds().size())));
    return event;
  }

  private VEvent moment(JobSummary job, String id, String what, LocalDateTime at) {
    return event(job, id, job.vehicleLabel() + " " + what, at, at.plusMinutes(15));
  }

  private VEvent event(JobSummary job, String id, String summary, Temporal from, Temporal to) {
    VEvent event = new VEvent(false);
    event.add(new Uid(id + "." + job.id() + "@attune"));
    event.add(new DtStamp(clock.instant()));
    event.add(new DtStart<>(from));
    event.add(new DtEnd<>(to));
    event.add(new Summary(summary));
    return event;
  }
}
