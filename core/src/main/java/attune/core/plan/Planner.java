package attune.core.plan;

import static attune.core.match.Reason.Effect.CAUTION;
import static attune.core.match.Reason.SetBy.SAFETY;

import attune.core.check.Known;
import attune.core.match.CabinMatch;
import attune.core.match.Decisions;
import attune.core.match.Matcher;
import attune.core.match.Place;
import attune.core.match.Reason;
import attune.core.match.ReasonCode;
import attune.core.match.Rulebook;
import attune.core.match.Rung;
import attune.core.match.SurfaceMatch;
import attune.core.material.Finish;
import attune.core.measure.Evaporation;
import attune.core.plan.Plan.PlannedDose;
import attune.core.plan.Plan.PlannedMix;
import attune.core.reference.Figures;
import attune.core.run.Experience;
import attune.core.schedule.Network;
import attune.core.shelf.Product;
import attune.core.survey.Job;
import attune.core.survey.Setting;
import attune.core.survey.Surface;
import attune.core.survey.Wishes;
import attune.core.words.Moments;
import attune.core.words.Phrases;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Turns a job into a plan. Pure and deterministic: the same job gives the same plan. */
public final class Planner {
  private static final Phrases PHRASES = Phrases.of(Planner.class);

  private final Rulebook book;
  private final Figures figures;
  private final Matcher matcher;
  private final FinishChooser chooser;
  private final Quantities quantities;
  private final WorkTimes times;
  private final Experience experience;

  /** With no experience of a shop's own. */
  public Planner(Rulebook book) {
    this(book, Experience.NONE);
  }

  /** With what a shop's own records say of its minutes and amounts. */
  public Planner(Rulebook book, Experience experience) {
    this.book = book;
    this.experience = experience;
    this.figures = book.figures();
    this.matcher = new Matcher(book);
    this.chooser = new FinishChooser(book);
    this.quantities = new Quantities(book, experience);
    this.times = new WorkTimes(figures, experience);
  }

  /** Plans every surface of a job, with nothing decided by hand. */
  public Plan plan(Job job) {
    return plan(job, Decisions.NONE);
  }

  /** Plans every surface of a job. */
  public Plan plan(Job job, Decisions decisions) {
    return plan(job, decisions, Arrangement.NONE);
  }

  /** Plans every surface of a job for the people who do it. */
  public Plan plan(Job job, Decisions decisions, Arrangement arrangement) {
    return plan(job, matched(job, decisions), arrangement);
  }

  /**
   * Plans what was matched, for the people who do it.
   *
   * @param matched of this job, or of one that differs in who does it only
   */
  Plan plan(Job job, List<SurfaceMatch> matched, Arrangement arrangement) {
    List<Purchase> purchases = new ArrayList<>();
    List<SurfacePlan> plans =
        Clashes.told(
            asBottlesLast(
                matched.stream()
                    .map(match -> surface(job, match, arrangement.leftOut(), purchases))
                    .toList()));
    List<PlannedMix> mixes = quantities.mixes(plans);
    List<PlannedDose> doses = quantities.doses(plans);
    Map<String, Product> byId =
        job.shelf().products().stream().collect(Collectors.toMap(Product::id, Function.identity()));
    purchases.addAll(quantities.shortages(mixes, doses, byId));
    Timetable timetable = TimetableBuilder.of(job, plans, figures, times, arrangement);
    return new Plan(
        job,
        plans,
        mixes,
        doses,
        quantities.cloths(plans, job.houseRules().school("towel-life")),
        Purchase.each(purchases),
        timetable,
        Totals.of(timetable, plans, figures, experience),
        AfterCare.of(plans, job.setting(), figures),
        warnings(job, plans, timetable));
  }

  /** What each panel needs: one bottle and tool for a zone, where its panels stand that. */
  List<SurfaceMatch> matched(Job job, Decisions decisions) {
    return new Sharing(matcher, matcher.neighbours(job.shelf()), times, figures)
        .of(match(job, decisions).surfaces(), decisions);
  }

  /** How the work of a plan would go in other air. */
  public Outlook outlook(Plan plan) {
    return new Outlook(this, figures, plan);
  }

  /**
   * What could be dropped or moved so that the car is ready when it was promised; nothing where it
   * is, or where nothing was promised.
   *
   * @param soonest when work could begin at the earliest: now
   */
  public List<Offer> offers(
      Job job, Decisions decisions, Arrangement arrangement, LocalDateTime soonest) {
    List<SurfaceMatch> matched = matched(job, decisions);
    Plan now = plan(job, matched, arrangement);
    return job.setting()
        .returnBy()
        .filter(now.timetable().readyAt()::isAfter)
        .map(
            by ->
                new Offers(this, figures, job, decisions, matched, arrangement, now, by, soonest)
                    .ranked())
        .orElse(List.of());
  }

  /** What the timetable of a job is made from, to hold schedules against other solvers. */
  public Network network(Job job, Arrangement arrangement) {
    List<SurfacePlan> plans =
        asBottlesLast(
            matched(job, Decisions.NONE).stream()
                .map(match -> surface(job, match, Set.of(), new ArrayList<>()))
                .toList());
    return TimetableBuilder.network(job, plans, figures, times, arrangement);
  }

  /**
   * A second coat only where the bottle has it for the whole cabin: a first one everywhere first.
   */
  private static List<SurfacePlan> asBottlesLast(List<SurfacePlan> plans) {
    Map<String, Double> needed =
        plans.stream()
            .flatMap(plan -> plan.finishSteps().stream())
            .collect(
                Collectors.groupingBy(
                    step -> step.product().id(), Collectors.summingDouble(FinishStep::doseMl)));
    return plans.stream()
        .map(
            plan ->
                plan.finishedWith(
                    plan.finishSteps().stream()
                        .map(step -> isShort(step, needed) ? step.inOneCoat() : step)
                        .toList()))
        .toList();
  }

  private static boolean isShort(FinishStep step, Map<String, Double> needed) {
    return step.coats() > 1
        && step.product()
            .onHandMl()
            .filter(ml -> ml < Known.of(needed, step.product().id()))
            .isPresent();
  }

  /** Matches the cabin of a job, without planning what follows. */
  public CabinMatch match(Job job, Decisions decisions) {
    List<Place> places =
        job.surfaces().stream()
            .sorted(Comparator.comparing(Surface::id)) // the survey's order decides nothing
            .map(surface -> place(job, surface))
            .toList();
    CabinMatch cabin =
        matcher.cabin(places, job.shelf(), job.houseRules().school("few-bottles"), decisions);
    Map<String, SurfaceMatch> byId = new HashMap<>();
    cabin.surfaces().forEach(match -> byId.put(match.place().surface().id(), match));
    return new CabinMatch(
        job.surfaces().stream().map(surface -> byId.get(surface.id())).toList(),
        cabin.cost(),
        cabin.lowerBound());
  }

  /** Plans one surface; what would have to be bought is added to {@code purchases}. */
  private SurfacePlan surface(
      Job job, SurfaceMatch match, Set<Omission> leftOut, List<Purchase> purchases) {
    Place place = match.place();
    if (leftOut.contains(Omission.TEXTILES) && place.finish().isTextile()) {
      return SurfacePlan.leftForLater(match);
    }
    if (place.isUnderAChildSeat()) {
      return SurfacePlan.leftAsItIs(match);
    }
    boolean cleaned =
        !match.staysDry()
            && (place.demand().isNone() || !match.ladder().isEmpty())
            && !place.lets(Place.Leniency.LEAVES_SOME);
    FinishChooser.Chosen chosen =
        chooser
            .choose(
                place,
                job.shelf(),
                job.setting(),
                isWorthAnotherDay(job),
                cleaned,
                match.ladder().stream().findFirst().flatMap(rung -> rung.treatment().cleaner()))
            .without(leftOut, place, figures.whole("hide.young"));
    List<FinishStep> steps = chosen.steps();
    purchases.addAll(chosen.purchases());
    if (!cleaned && match.refer().isEmpty()) {
      purchases.add(Purchase.toClean(place));
    }
    match.spots().stream()
        .filter(spot -> spot.rung().isEmpty())
        .forEach(spot -> purchases.add(Purchase.toLift(place, spot)));
    boolean wet =
        match.ladder().stream().findFirst().filter(r -> !r.treatment().isDry()).isPresent();
    Optional<ResiduePass> residue =
        ResiduePass.of(
            place,
            steps,
            wet,
            new Applicators(job.shelf(), figures).cloth(),
            job.historyKnown() || !place.surface().history().isEmpty(),
            job.shelf(),
            book);
    residue
        .filter(pass -> pass.product().isEmpty())
        .ifPresent(pass -> purchases.add(Purchase.toWipeOff(place)));
    List<Reason> cautions = cautions(job, place, match, chosen);
    boolean rinsed = cautions.stream().anyMatch(caution -> caution.code() == ReasonCode.RINSE);
    return new SurfacePlan(
        match,
        steps,
        chosen.leftAlone(),
        residue,
        wet ? Optional.of(Drying.of(place, figures)) : Optional.empty(),
        cautions,
        OtherBottles.ruledOut(match, chosen, job.shelf()),
        minutes(place, match, steps, rinsed, Rung::passesLow, 1),
        minutes(place, match, steps, rinsed, Rung::passesHigh, figures.get("time.most-overrun")));
  }

  /** Seats to be shielded, in the studio: a gaiter alone is not worth coming back for. */
  private boolean isWorthAnotherDay(Job job) {
    return job.setting().place() == Setting.Place.STUDIO
        && job.surfaces().stream()
            .filter(Finishing::isSeatOrArmrest)
            .filter(s -> s.wishes().protection().atLeast(Wishes.Protection.BARRIER))
            .anyMatch(s -> book.finishes().find(s.finish()).filter(Finish::isHide).isPresent());
  }

  /** Resolves a surface of a job, as the matcher and the rack need it. */
  public Place place(Job job, Surface surface) {
    boolean coats =
        book.finishes()
            .find(surface.finish())
            .filter(finish -> Finishing.coats(surface, finish))
            .isPresent();
    return Place.of(
        surface, job.setting(), job.houseRules(), job.craft(), coats, book, job.shelf());
  }

  public Matcher matcher() {
    return matcher;
  }

  private static List<Reason> cautions(
      Job job, Place place, SurfaceMatch match, FinishChooser.Chosen chosen) {
    List<Reason> cautions = new ArrayList<>(match.cautions());
    cautions.addAll(chosen.cautions());
    boolean shields = !chosen.steps().isEmpty();
    if (shields && !match.ladder().isEmpty()) {
      cautions.add(
          Reason.of(ReasonCode.DRY_FIRST, CAUTION, SAFETY, PHRASES.say("dry-by-the-meter-before")));
    }
    if (chosen.steps().stream().anyMatch(step -> step.waitS() > 0)) {
      cautions.add(
          Reason.of(
              ReasonCode.WAIT_FIRST, CAUTION, SAFETY, PHRASES.say("the-wait-between-the-two")));
    }
    if (chosen.steps().stream().anyMatch(step -> step.step() == Step.COAT)) {
      cautions.add(CautionSteps.COATING_FUMES);
    }
    if (place.surface().role().isControlled() && !match.ladder().isEmpty()) {
      cautions.add(
          Reason.of(
              ReasonCode.GRIP_CHECK, CAUTION, SAFETY, PHRASES.say("check-the-grip-dry-before")));
    }
    cautions.addAll(match.saidOfSpots());
    cautions.addAll(WaitCautions.of(place, match, chosen));
    cautions.addAll(Suggestions.of(place, chosen, job.setting().climate()));
    return cautions.stream().distinct().sorted(Comparator.comparing(Reason::code)).toList();
  }

  private int minutes(
      Place place,
      SurfaceMatch match,
      List<FinishStep> steps,
      boolean rinsed,
      Function<Rung, Integer> passes,
      double overrun) {
    double clean =
        match.ladder().stream()
            .findFirst()
            .map(
                rung ->
                    times.cleanMinutes(place, rung, Math.max(1, passes.apply(rung)), rinsed)
                        + times.checkMinutes(place))
            .orElse(0.0);
    double finish = steps.stream().mapToDouble(s -> times.finishMinutes(place.surface(), s)).sum();
    return (int) Math.ceil((clean + finish) * overrun);
  }

  /** Whether something is laid that an old dressing would keep from bonding. */
  private static boolean bonds(List<SurfacePlan> plans) {
    return plans.stream()
        .flatMap(p -> p.finishSteps().stream())
        .anyMatch(step -> step.step() == Step.COAT || step.step() == Step.BARRIER);
  }

  private List<Reason> warnings(Job job, List<SurfacePlan> plans, Timetable timetable) {
    List<Reason> warnings = new ArrayList<>();
    if (job.surfaces().stream().anyMatch(s -> book.finishes().find(s.finish()).isEmpty())) {
      warn(warnings, ReasonCode.IDENTIFY_FIRST, PHRASES.say("some-surfaces-are-not-identified"));
    }
    boolean earlierKnown =
        job.historyKnown() || job.surfaces().stream().anyMatch(s -> !s.history().isEmpty());
    if (!earlierKnown && plans.stream().anyMatch(p -> !p.finishSteps().isEmpty())) {
      warn(
          warnings,
          ReasonCode.HISTORY_UNKNOWN,
          bonds(plans)
              ? PHRASES.say("nothing-is-known-off-with-it")
              : PHRASES.say("nothing-is-known-of-earlier"));
    }
    for (ReasonCode code : List.of(ReasonCode.SURFACE_TOO_HOT, ReasonCode.WINDOW_TOO_SHORT)) {
      plans.stream()
          .flatMap(p -> p.cautions().stream())
          .filter(caution -> caution.code() == code)
          .findFirst()
          .ifPresent(caution -> warn(warnings, code, caution.text()));
    }
    if (plans.stream().anyMatch(p -> p.dry().filter(dry -> !dry.dries()).isPresent())) {
      boolean condensing =
          Evaporation.gramsPerSecond(job.setting().air(), job.setting().air().temperature()) <= 0;
      warn(
          warnings,
          ReasonCode.WILL_NOT_DRY,
          condensing
              ? PHRASES.say("the-air-is-as-wet")
              : PHRASES.say("some-surfaces-would-not-be"));
    }
    job.setting()
        .returnBy()
        .filter(by -> timetable.readyAt().isAfter(by))
        .ifPresent(
            by ->
                warn(
                    warnings,
                    ReasonCode.RETURN_TIME_MISSED,
                    PHRASES.say(
                        "ready-to-sit-in-and",
                        Moments.dayAndClock(timetable.readyAt()),
                        Moments.dayAndClock(by))));
    return warnings;
  }

  private static void warn(List<Reason> warnings, ReasonCode code, String text) {
    warnings.add(Reason.of(code, CAUTION, SAFETY, text));
  }
}
