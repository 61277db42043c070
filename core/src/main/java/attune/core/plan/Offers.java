package attune.core.plan;

import attune.core.match.Decisions;
import attune.core.match.SurfaceMatch;
import attune.core.plan.Offer.Kind;
import attune.core.reference.Figures;
import attune.core.schedule.Worker;
import attune.core.survey.Job;
import attune.core.words.Moments;
import attune.core.words.Phrases;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.Supplier;

/**
 * What could be dropped or moved so that a car is ready when it was promised (docs/trade, model 9).
 */
final class Offers {
  private static final Phrases PHRASES = Phrases.of(Offers.class);

  private static final int MOST_PEOPLE = 4;
  private static final long QUARTER_S = 900;

  private final Planner planner;
  private final Figures figures;
  private final Job job;
  private final Decisions decisions;
  private final List<SurfaceMatch> matched;
  private final Arrangement arrangement;
  private final Plan now;
  private final LocalDateTime promised;
  private final LocalDateTime soonest;

  Offers(
      Planner planner,
      Figures figures,
      Job job,
      Decisions decisions,
      List<SurfaceMatch> matched,
      Arrangement arrangement,
      Plan now,
      LocalDateTime promised,
      LocalDateTime soonest) {
    this.planner = planner;
    this.figures = figures;
    this.job = job;
    this.decisions = decisions;
    this.matched = matched;
    this.arrangement = arrangement;
    this.now = now;
    this.promised = promised;
    this.soonest = soonest;
  }

  /** What helps: first what keeps the promise, of these what gives up least. */
  List<Offer> ranked() {
    List<Supplier<Optional<Offer>>> ways =
        List.of(
            this::earlier,
            this::secondPerson,
            leaving(Kind.BARRIER_LATER, PHRASES.say("leave-the-dye-barrier-for"), Omission.BARRIER),
            leaving(Kind.ONE_COAT, PHRASES.say("drop-the-second-coat"), Omission.SECOND_COAT),
            leaving(Kind.NO_TEXTILES, PHRASES.say("leave-the-textiles"), Omission.TEXTILES),
            leaving(
                Kind.COATING_LATER,
                PHRASES.say("leave-the-coating-for-another"),
                Omission.COATING));
    List<Offer> offers =
        new ArrayList<>(ways.parallelStream().flatMap(way -> way.get().stream()).toList());
    if (offers.stream().noneMatch(Offer::kept)) {
      offers.add(everything());
    }
    return offers.stream()
        .filter(offer -> offer.plan().timetable().readyAt().isBefore(now.timetable().readyAt()))
        .sorted(
            Comparator.comparing(Offer::kept, Comparator.reverseOrder())
                .thenComparing(Offer::loss)
                .thenComparing(Offer::kind))
        .toList();
  }

  /**
   * Earlier by what is missing, on the day itself if the shop is open then, or the days before; not
   * before now.
   */
  private Optional<Offer> earlier() {
    Duration late = Duration.between(promised, now.timetable().readyAt());
    long quarters = (late.toSeconds() + QUARTER_S - 1) / QUARTER_S;
    LocalTime opens = LocalTime.MIN.plusMinutes(figures.whole("day.opens"));
    LocalDateTime start = job.setting().start().minusSeconds(quarters * QUARTER_S);
    if (start.toLocalTime().isBefore(opens)) {
      start = start.toLocalDate().minusDays(1).atTime(opens);
    } else if (start.toLocalDate().isBefore(job.setting().start().toLocalDate())) {
      start = start.toLocalDate().atTime(opens);
    }
    start = start.isBefore(soonest) ? nextQuarter(soonest) : start;
    if (!start.isBefore(job.setting().start())) {
      return Optional.empty();
    }
    Job changed = job.on(job.setting().startingAt(start));
    return Optional.of(
        offer(
            Kind.EARLIER_START,
            PHRASES.say("begin", Moments.dayAndClock(start)),
            changed,
            planner.matched(changed, decisions), // outdoors the air of another hour is other air
            arrangement.by(arrangement.crew())));
  }

  private static LocalDateTime nextQuarter(LocalDateTime at) {
    long past = at.toLocalTime().toSecondOfDay() % QUARTER_S;
    LocalDateTime whole = at.truncatedTo(ChronoUnit.SECONDS);
    return past == 0 ? whole : whole.plusSeconds(QUARTER_S - past);
  }

  private Optional<Offer> secondPerson() {
    int people = arrangement.crew().isEmpty() ? job.setting().people() : arrangement.crew().size();
    if (people >= MOST_PEOPLE) {
      return Optional.empty();
    }
    return Optional.of(
        offer(
            Kind.SECOND_PERSON,
            people == 1 ? PHRASES.say("a-second-person") : PHRASES.say("one-person-more"),
            job.on(job.setting().by(people + 1)),
            matched,
            arrangement.by(oneMore())));
  }

  /** Those named stay; who joins them is not said yet. */
  private List<Worker> oneMore() {
    if (arrangement.crew().isEmpty()) {
      return List.of();
    }
    List<Worker> crew = new ArrayList<>(arrangement.crew());
    crew.add(UsualHours.worker(PHRASES.say("one-more"), figures));
    return crew;
  }

  private Supplier<Optional<Offer>> leaving(Kind kind, String says, Omission omission) {
    return () ->
        arrangement.leftOut().contains(omission) || !isPlanned(omission)
            ? Optional.empty()
            : Optional.of(offer(kind, says, job, matched, arrangement.without(omission)));
  }

  private boolean isPlanned(Omission omission) {
    return switch (omission) {
      case BARRIER -> lays(step -> step.step() == Step.BARRIER);
      case COATING -> lays(step -> step.step() == Step.COAT);
      case SECOND_COAT -> lays(step -> step.coats() > 1);
      case TEXTILES ->
          now.surfaces().stream().anyMatch(plan -> plan.match().place().finish().isTextile());
      default -> true;
    };
  }

  private boolean lays(Predicate<FinishStep> what) {
    return now.surfaces().stream().flatMap(plan -> plan.finishSteps().stream()).anyMatch(what);
  }

  private Offer everything() {
    Arrangement bare = arrangement;
    for (Omission omission : Omission.FOR_TIME) {
      bare = bare.without(omission);
    }
    return offer(Kind.ALL_LEFT_OUT, PHRASES.say("leave-all-that-can-wait"), job, matched, bare);
  }

  private Offer offer(
      Kind kind, String says, Job changed, List<SurfaceMatch> needs, Arrangement with) {
    Plan plan = planner.plan(changed, needs, with);
    return new Offer(
        kind,
        says,
        figures.get("offer.loss." + kind.code()),
        changed.setting().start(),
        with.crew().isEmpty() ? changed.setting().people() : with.crew().size(),
        with,
        changed,
        plan,
        !plan.timetable().readyAt().isAfter(promised));
  }
}
