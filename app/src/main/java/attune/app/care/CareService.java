package attune.app.care;

import attune.app.bench.LeftBehind;
import attune.app.care.CareViews.CareLine;
import attune.app.care.CareViews.CareView;
import attune.app.care.CareViews.DoneRequest;
import attune.app.care.CareViews.DoneView;
import attune.app.care.CareViews.LeavesView;
import attune.app.care.CareViews.WaitingView;
import attune.app.jobs.JobService;
import attune.app.jobs.NamedPanels;
import attune.app.planning.JobPlans;
import attune.app.reference.ReferenceData;
import attune.app.shop.ShopService;
import attune.app.shop.ShopSettings;
import attune.app.web.NotNowException;
import attune.core.care.Interval;
import attune.core.care.Leaves;
import attune.core.care.Use;
import attune.core.care.Waiting;
import attune.core.check.InvalidInputException;
import attune.core.plan.Plan.CareItem;
import attune.core.reference.Figures;
import attune.core.words.Lists;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps after-care: intervals by how the vehicle is used, what is due, what was done. */
@Service
@Transactional
public class CareService {
  private static final Phrases PHRASES = Phrases.of(CareService.class);

  private static final int MINUTES = 60;
  private static final int OFTEN_DAYS = 14;
  private static final int PAST_DAYS = 14;

  private final CareBasis basis;
  private final CareDoneRepository doneSince;
  private final JobService jobs;
  private final JobPlans plans;
  private final ShopService shop;
  private final ReferenceData reference;
  private final Clock clock;

  CareService(
      CareBasis basis,
      CareDoneRepository doneSince,
      JobService jobs,
      JobPlans plans,
      ShopService shop,
      ReferenceData reference,
      Clock clock) {
    this.basis = basis;
    this.doneSince = doneSince;
    this.jobs = jobs;
    this.plans = plans;
    this.shop = shop;
    this.reference = reference;
    this.clock = clock;
  }

  /** After-care of a job that was worked. */
  @Transactional(readOnly = true)
  public CareView view(UUID jobId) {
    CareBasis.Of of = worked(jobId);
    Use use = of.use();
    Figures figures = reference.figures();
    OptionalInt deep = of.deepDays();
    ShopSettings settings = shop.settings();
    return new CareView(
        of.visit(),
        LocalDate.now(clock),
        use.soiling(figures) == 1 ? List.of() : use.reasons(figures),
        boxed(deep),
        deep.isPresent() ? PHRASES.say("what-this-visit-found-asks", deep.getAsInt()) : null,
        lines(of, NamedPanels.of(jobs.get(jobId))),
        of.done(),
        waiting(jobId, use).stream().map(w -> waiting(w, settings)).toList(),
        Leaves.of(plans.job(jobId), use, figures).stream()
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

  /** A piece of care, how often it is due for this car, and when next. */
  private record Round(CareItem care, Interval own, Interval usual, Optional<LocalDate> next) {}

  private List<Round> rounds(CareBasis.Of of) {
    return of.left().care().stream().map(care -> round(care, of)).toList();
  }

  private Round round(CareItem care, CareBasis.Of of) {
    Interval usual = interval(care);
    Interval own =
        care.code().equals(Interval.DEEP_CLEAN) && of.deepDays().isPresent()
            ? new Interval(List.of(), of.deepDays())
            : usual.with(of.use(), reference.figures());
    List<LocalDate> done =
        of.done().stream().filter(d -> d.isOf(care)).map(DoneView::doneOn).toList();
    Optional<LocalDate> last = done.stream().reduce((a, b) -> b);
    return new Round(care, own, usual, own.next(of.visit(), done.size(), last));
  }

  private List<CareLine> lines(CareBasis.Of of, NamedPanels names) {
    return rounds(of).stream()
        .map(round -> line(round, of.left(), names))
        .sorted(
            Comparator.comparing(CareLine::next, Comparator.nullsLast(Comparator.naturalOrder())))
        .toList();
  }

  private static CareLine line(Round round, LeftBehind left, NamedPanels names) {
    CareItem care = round.care();
    Integer every = boxed(round.own().everyDays());
    return new CareLine(
        care.code(),
        care.what(),
        names.of(care.surfaceIds()),
        round.own().afterDays(),
        every,
        Rhythm.words(round.own().afterDays(), every),
        round.own().equals(round.usual()) ? null : boxed(round.usual().everyDays()),
        round.next().orElse(null),
        care.productId().map(left.products()::get).orElse(null));
  }

  private static @Nullable Integer boxed(OptionalInt value) {
    return value.isPresent() ? value.getAsInt() : null;
  }

  private static Interval interval(CareItem care) {
    return new Interval(
        care.dueInDays(), care.everyDays().map(OptionalInt::of).orElse(OptionalInt.empty()));
  }

  private CareBasis.Of worked(UUID jobId) {
    return Optional.ofNullable(basis.of(List.of(jobId)).get(jobId))
        .orElseThrow(() -> new NotNowException(PHRASES.say("there-is-no-after-care")));
  }

  /**
   * Notes that something was done.
   *
   * @throws InvalidInputException for what the job's care does not have, or a day that is not
   *     between the visit and today
   */
  public CareView done(UUID jobId, DoneRequest request) {
    CareBasis.Of of = worked(jobId);
    List<CareItem> all = of.left().care();
    CareItem item =
        all.stream()
            .filter(care -> care.code().equals(request.code()))
            .findFirst()
            .orElseThrow(
                () ->
                    new InvalidInputException(
                        "/code",
                        "\"" + request.code() + "\"",
                        PHRASES.say(
                            "one-of",
                            all.stream().map(CareItem::code).collect(Lists.joiningApart()))));
    LocalDate visit = of.visit();
    if (request.doneOn().isBefore(visit) || request.doneOn().isAfter(LocalDate.now(clock))) {
      throw new InvalidInputException(
          "/doneOn", request.doneOn().toString(), PHRASES.say("to", visit, LocalDate.now(clock)));
    }
    doneSince.saveAndFlush(
        new CareDoneEntity(
            jobId,
            item,
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
            .orElseThrow(() -> new NoSuchElementException(PHRASES.say("there-is-no-such-entry")));
    doneSince.delete(entry);
    doneSince.flush();
    return view(jobId);
  }

  /** What is to be done on a car; nothing before it was worked. */
  @Transactional(readOnly = true)
  public List<CareLine> lines(UUID jobId) {
    return Optional.ofNullable(basis.of(List.of(jobId)).get(jobId))
        .map(of -> lines(of, NamedPanels.of(jobs.get(jobId))))
        .orElse(List.of());
  }

  /**
   * What is to be done next on a car that was worked.
   *
   * @param panels how many of them
   * @param everyDays how often after that, null for once
   */
  public record Next(String what, int panels, LocalDate day, @Nullable Integer everyDays) {}

  /** What of some jobs' care comes next, by job; nothing before a car was worked. */
  @Transactional(readOnly = true)
  public Map<UUID, List<Next>> next(Collection<UUID> jobIds) {
    Map<UUID, List<Next>> next = new HashMap<>();
    basis.of(jobIds).forEach((job, of) -> next.put(job, next(rounds(of))));
    return next;
  }

  private static List<Next> next(List<Round> rounds) {
    return rounds.stream()
        .flatMap(
            round ->
                round.next().stream()
                    .map(
                        day ->
                            new Next(
                                round.care().what(),
                                round.care().surfaceIds().size(),
                                day,
                                boxed(round.own().everyDays()))))
        .sorted(Comparator.comparing(Next::day))
        .toList();
  }

  /** Something due soon, or overdue. */
  public record Due(String what, LocalDate day) {}

  /**
   * What of some jobs' care is due by a day, by job, in as many queries as for one. Of what is
   * repeated the latest round is due, however many were missed; what is done every few days is the
   * customer's own and not told.
   */
  @Transactional(readOnly = true)
  public Map<UUID, List<Due>> due(Collection<UUID> jobIds, LocalDate until) {
    LocalDate today = LocalDate.now(clock);
    Map<UUID, List<Due>> due = new HashMap<>();
    basis.of(jobIds).forEach((job, of) -> due.put(job, due(rounds(of), today, until)));
    return due;
  }

  private static List<Due> due(List<Round> rounds, LocalDate today, LocalDate until) {
    return rounds.stream()
        .filter(round -> round.own().everyDays().orElse(OFTEN_DAYS) >= OFTEN_DAYS)
        .flatMap(round -> latest(round, today).stream())
        .filter(due -> !due.day().isAfter(until) && due.day().isAfter(today.minusDays(PAST_DAYS)))
        .sorted(Comparator.comparing(Due::day))
        .toList();
  }

  private static Optional<Due> latest(Round round, LocalDate today) {
    return round
        .next()
        .map(
            next -> {
              LocalDate day = next;
              int every = round.own().everyDays().orElse(0);
              while (every > 0 && !day.plusDays(every).isAfter(today)) {
                day = day.plusDays(every);
              }
              return new Due(round.care().what(), day);
            });
  }
}
