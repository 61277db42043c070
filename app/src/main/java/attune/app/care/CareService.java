package attune.app.care;

import attune.app.bench.BenchService;
import attune.app.bench.LeftBehind;
import attune.app.care.CareViews.CareLine;
import attune.app.care.CareViews.CareView;
import attune.app.care.CareViews.DoneRequest;
import attune.app.care.CareViews.DoneView;
import attune.app.care.CareViews.LeavesView;
import attune.app.care.CareViews.WaitingView;
import attune.app.format.PlanFile.CareFile;
import attune.app.jobs.JobService;
import attune.app.jobs.JobState;
import attune.app.jobs.JobViews.JobDetail;
import attune.app.jobs.JobViews.JobSummary;
import attune.app.people.PeopleViews.CustomerForm;
import attune.app.people.VehicleService;
import attune.app.planning.JobPlans;
import attune.app.reference.ReferenceData;
import attune.app.shop.ShopService;
import attune.app.shop.ShopSettings;
import attune.app.web.NotNowException;
import attune.core.care.Interval;
import attune.core.care.Leaves;
import attune.core.care.Use;
import attune.core.care.Use.Habit;
import attune.core.care.Waiting;
import attune.core.check.InvalidInputException;
import attune.core.reference.Figures;
import attune.core.survey.Condition.Level;
import attune.core.survey.Job;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps after-care: intervals by how the vehicle is used, what is due, what was done. */
@Service
@Transactional
public class CareService {
  private static final int MINUTES = 60;
  private static final int OFTEN_DAYS = 14;
  private static final int PAST_DAYS = 14;

  private final CareDoneRepository doneSince;
  private final JobService jobs;
  private final JobPlans plans;
  private final BenchService bench;
  private final VehicleService vehicles;
  private final ShopService shop;
  private final ReferenceData reference;
  private final Clock clock;

  CareService(
      CareDoneRepository doneSince,
      JobService jobs,
      JobPlans plans,
      BenchService bench,
      VehicleService vehicles,
      ShopService shop,
      ReferenceData reference,
      Clock clock) {
    this.doneSince = doneSince;
    this.jobs = jobs;
    this.plans = plans;
    this.bench = bench;
    this.vehicles = vehicles;
    this.shop = shop;
    this.reference = reference;
    this.clock = clock;
  }

  /** After-care of a job that was worked. */
  @Transactional(readOnly = true)
  public CareView view(UUID jobId) {
    JobDetail detail = jobs.get(jobId);
    LeftBehind left = left(jobId);
    Use use = use(detail);
    Figures figures = reference.figures();
    LocalDate visit = visit(left);
    List<DoneView> done =
        doneSince.findByJobIdInOrderByDoneOn(List.of(jobId)).stream()
            .map(CareDoneEntity::view)
            .toList();
    OptionalInt deep = deepClean(detail, visit);
    Job job = plans.job(jobId);
    ShopSettings settings = shop.settings();
    return new CareView(
        visit,
        LocalDate.now(clock),
        use.soiling(figures) == 1 ? List.of() : use.reasons(figures),
        deep.isPresent() ? deep.getAsInt() : null,
        deep.isPresent()
            ? "What this visit found asks for the next deep clean in " + deep.getAsInt() + " days."
            : null,
        lines(left, use, done, detail),
        done,
        waiting(jobId, use).stream().map(w -> waiting(w, settings)).toList(),
        Leaves.of(job, use, figures).stream()
            .map(l -> new LeavesView(l.standard().code(), l.face(), l.seams(), l.monthly()))
            .toList(),
        settings.currency());
  }

  private record WaitedFor(Use use) {}

  private List<Waiting> waiting(UUID jobId, Use use) {
    return plans.beside(
        jobId,
        new WaitedFor(use),
        () -> Waiting.curve(plans.job(jobId), use, reference.planner(), reference.figures()));
  }

  private static WaitingView waiting(Waiting w, ShopSettings settings) {
    Double rate = settings.hourlyRate();
    return new WaitingView(
        w.months(),
        w.soil().code(),
        w.layers(),
        w.passes(),
        w.minutes(),
        rate == null ? null : Long.valueOf(Math.round(w.minutes() * rate * 100 / MINUTES)));
  }

  private List<CareLine> lines(LeftBehind left, Use use, List<DoneView> done, JobDetail detail) {
    Figures figures = reference.figures();
    LocalDate visit = visit(left);
    OptionalInt deep = deepClean(detail, visit);
    return left.care().stream()
        .map(
            care -> {
              Interval usual = interval(care);
              Interval own =
                  care.what().equals(Interval.DEEP_CLEAN) && deep.isPresent()
                      ? new Interval(List.of(), deep)
                      : usual.with(use, figures);
              List<DoneView> of = done.stream().filter(d -> d.what().equals(care.what())).toList();
              Optional<LocalDate> last = of.stream().map(DoneView::doneOn).reduce((a, b) -> b);
              return new CareLine(
                  care.what(),
                  care.surfaceIds().stream()
                      .map(id -> detail.labels().getOrDefault(id, id))
                      .toList(),
                  own.afterDays(),
                  boxed(own.everyDays()),
                  Rhythm.words(own.afterDays(), boxed(own.everyDays())),
                  own.equals(usual) ? null : boxed(usual.everyDays()),
                  own.next(visit, of.size(), last).orElse(null),
                  care.productId() == null ? null : left.products().get(care.productId()));
            })
        .sorted(
            Comparator.comparing(CareLine::next, Comparator.nullsLast(Comparator.naturalOrder())))
        .toList();
  }

  private static Integer boxed(OptionalInt value) {
    return value.isPresent() ? value.getAsInt() : null;
  }

  private static Interval interval(CareFile care) {
    return new Interval(
        care.dueInDays() == null ? List.of() : care.dueInDays(),
        care.everyDays() == null ? OptionalInt.empty() : OptionalInt.of(care.everyDays()));
  }

  private LeftBehind left(UUID jobId) {
    return bench
        .leftBehind(jobId)
        .orElseThrow(
            () -> new NotNowException("There is no after-care before the car was worked."));
  }

  /** The day of the last tick, or of the start while there is none. */
  private LocalDate visit(LeftBehind left) {
    return left.lastDone() == null ? LocalDate.now(clock) : left.lastDone().toLocalDate();
  }

  /** How the vehicle of a job is used, as far as its customer said. */
  private Use use(JobDetail job) {
    boolean hot =
        job.document().setting().climate() != null
            && job.document().setting().climate().equals("hot");
    Optional<CustomerForm> customer =
        Optional.ofNullable(job.vehicleId()).flatMap(vehicles::customerOf);
    OptionalInt km =
        customer.map(CustomerForm::kmAYear).map(OptionalInt::of).orElse(OptionalInt.empty());
    Set<Habit> habits =
        customer.stream()
            .flatMap(c -> c.uses().stream())
            .map(u -> Habit.valueOf(u.name()))
            .collect(Collectors.toSet());
    return new Use(km, habits, hot);
  }

  /** From the visit before and the most soil this one found. */
  private OptionalInt deepClean(JobDetail job, LocalDate visit) {
    if (job.vehicleId() == null) {
      return OptionalInt.empty();
    }
    Optional<LocalDate> before =
        jobs.ofVehicle(job.vehicleId()).stream()
            .filter(j -> !j.id().equals(job.id()) && j.state() == JobState.HANDED_OVER)
            .map(j -> j.startAt().toLocalDate())
            .filter(day -> day.isBefore(visit))
            .max(Comparator.naturalOrder());
    double most =
        job.document().surfaces().stream()
            .map(s -> s.condition().soil())
            .filter(soil -> soil != null && !soil.equals(Level.NONE.code()))
            .mapToDouble(soil -> reference.figures().get("cleaning.soil." + soil))
            .max()
            .orElse(0);
    return before.isPresent()
        ? Interval.adapted(before.get(), visit, most, reference.figures())
        : OptionalInt.empty();
  }

  /**
   * Notes that something was done.
   *
   * @throws InvalidInputException for what the job's care does not have, or a day that is not
   *     between the visit and today
   */
  public CareView done(UUID jobId, DoneRequest request) {
    LeftBehind left = left(jobId);
    List<CareFile> all = left.care();
    if (all.stream().noneMatch(care -> care.what().equals(request.what()))) {
      throw new InvalidInputException(
          "/what",
          "\"" + request.what() + "\"",
          "one of " + all.stream().map(CareFile::what).collect(Collectors.joining("; ")));
    }
    LocalDate visit = visit(left);
    if (request.doneOn().isBefore(visit) || request.doneOn().isAfter(LocalDate.now(clock))) {
      throw new InvalidInputException(
          "/doneOn", request.doneOn().toString(), visit + " to " + LocalDate.now(clock));
    }
    doneSince.saveAndFlush(
        new CareDoneEntity(
            jobId,
            request.what(),
            request.doneOn(),
            request.place(),
            request.note() == null ? "" : request.note().strip()));
    return view(jobId);
  }

  /** Takes an entry out again. */
  public CareView remove(UUID jobId, UUID doneId) {
    CareDoneEntity entry =
        doneSince
            .findById(doneId)
            .filter(d -> d.jobId().equals(jobId))
            .orElseThrow(() -> new NoSuchElementException("There is no such entry."));
    doneSince.delete(entry);
    doneSince.flush();
    return view(jobId);
  }

  /** What is to be done, as the calendar has it; nothing before the car was worked. */
  @Transactional(readOnly = true)
  public List<CareLine> lines(UUID jobId) {
    Optional<LeftBehind> left = bench.leftBehind(jobId);
    if (left.isEmpty()) {
      return List.of();
    }
    List<DoneView> done =
        doneSince.findByJobIdInOrderByDoneOn(List.of(jobId)).stream()
            .map(CareDoneEntity::view)
            .toList();
    JobDetail detail = jobs.get(jobId);
    return lines(left.get(), use(detail), done, detail);
  }

  /** Something due soon, or overdue. */
  public record Due(String what, LocalDate day) {}

  /**
   * What of a job's care is due by a day. Of what is repeated the latest round is due, however many
   * were missed; what is done every few days is the customer's own and not told.
   */
  @Transactional(readOnly = true)
  public List<Due> due(JobSummary job, LocalDate until) {
    LocalDate today = LocalDate.now(clock);
    return lines(job.id()).stream()
        .filter(line -> line.next() != null)
        .filter(line -> line.everyDays() == null || line.everyDays() >= OFTEN_DAYS)
        .map(line -> new Due(line.what(), latest(line, today)))
        .filter(due -> !due.day().isAfter(until) && due.day().isAfter(today.minusDays(PAST_DAYS)))
        .toList();
  }

  private static LocalDate latest(CareLine line, LocalDate today) {
    LocalDate day = line.next();
    while (line.everyDays() != null && !day.plusDays(line.everyDays()).isAfter(today)) {
      day = day.plusDays(line.everyDays());
    }
    return day;
  }
}
