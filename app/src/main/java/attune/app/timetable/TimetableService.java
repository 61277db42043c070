package attune.app.timetable;

import attune.app.format.JobFile;
import attune.app.format.JobFile.ArrangementFile;
import attune.app.format.JobFile.PartFile;
import attune.app.format.JobFile.SettingFile;
import attune.app.format.SurfaceFile;
import attune.app.jobs.JobService;
import attune.app.jobs.JobViews.JobDetail;
import attune.app.planning.JobPlans;
import attune.app.reference.ReferenceData;
import attune.app.shop.ShopService;
import attune.app.timetable.TimetableViews.CrewRequest;
import attune.app.timetable.TimetableViews.MoveRequest;
import attune.app.timetable.TimetableViews.MoveView;
import attune.app.timetable.TimetableViews.OfferView;
import attune.app.timetable.TimetableViews.PartRequest;
import attune.app.timetable.TimetableViews.PartView;
import attune.app.timetable.TimetableViews.PushedView;
import attune.app.timetable.TimetableViews.TaskView;
import attune.app.timetable.TimetableViews.TimetableView;
import attune.app.timetable.TimetableViews.VisitView;
import attune.app.web.NotNowException;
import attune.core.check.Coded;
import attune.core.check.InvalidInputException;
import attune.core.check.Known;
import attune.core.plan.Arrangement;
import attune.core.plan.NeededSkills;
import attune.core.plan.Offer;
import attune.core.plan.Plan;
import attune.core.plan.Round;
import attune.core.plan.Task;
import attune.core.plan.Timetable;
import attune.core.schedule.Skill;
import attune.core.survey.Job;
import attune.core.survey.Surface;
import attune.core.words.Lists;
import attune.core.words.Phrases;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/** A job's timetable: shown, moved by hand, staffed, and made to keep its promise. */
@Service
class TimetableService {
  private static final Phrases PHRASES = Phrases.of(TimetableService.class);

  private final JobPlans plans;
  private final JobService jobs;
  private final ShopService shop;
  private final ReferenceData reference;
  private final Bookings bookings;
  private final Clock clock;

  TimetableService(
      JobPlans plans,
      JobService jobs,
      ShopService shop,
      ReferenceData reference,
      Bookings bookings,
      Clock clock) {
    this.bookings = bookings;
    this.clock = clock;
    this.plans = plans;
    this.jobs = jobs;
    this.shop = shop;
    this.reference = reference;
  }

  TimetableView view(UUID id) {
    return view(id, plans.plan(id), plans.arrangement(id));
  }

  /** What a move would do, without keeping it. */
  MoveView tryMove(UUID id, MoveRequest move) {
    Timetable before = plans.plan(id).timetable();
    require(before, move.taskId());
    Arrangement moved = plans.arrangement(id).pinned(move.taskId(), move.start());
    Job job = plans.job(id);
    Plan plan = reference.planner().plan(job, plans.decisions(id, job), moved);
    Map<String, Round> now =
        plan.timetable().rounds().stream()
            .filter(r -> !r.isBreak())
            .collect(Collectors.toMap(Round::id, Function.identity()));
    TaskWords words = words(id, job, plan.timetable(), moved);
    LocalDateTime day = job.setting().start();
    List<PushedView> pushed =
        before.stretches().stream()
            .filter(s -> s.rounds().stream().noneMatch(r -> isMoved(r, move, before)))
            .filter(s -> now.containsKey(s.id()))
            .filter(s -> !Known.of(now, s.id()).start().equals(s.start()))
            .map(
                s ->
                    new PushedView(
                        s.id(), words.label(s), s.start(), Known.of(now, s.id()).start()))
            .sorted(
                Comparator.comparing(
                    (PushedView p) -> Duration.between(p.from(), p.to()).abs(),
                    Comparator.reverseOrder()))
            .toList();
    List<String> why =
        plan.timetable().conflicts().stream().map(c -> words.why(c, day)).distinct().toList();
    return new MoveView(why.isEmpty(), why, pushed, view(id, plan, moved));
  }

  private static boolean isMoved(Round round, MoveRequest move, Timetable timetable) {
    return round.id().equals(move.taskId())
        || timetable.tasks().stream()
            .anyMatch(
                t ->
                    t.id().equals(move.taskId())
                        && t.roundId().filter(round.id()::equals).isPresent());
  }

  /** A round or a task of it; what needs nobody, and a rest, is not moved by hand. */
  private static void require(Timetable timetable, String id) {
    boolean known =
        timetable.rounds().stream().anyMatch(r -> r.id().equals(id) && !r.isBreak())
            || timetable.tasks().stream()
                .anyMatch(t -> t.id().equals(id) && t.person().isPresent());
    if (!known) {
      throw new NoSuchElementException(PHRASES.say("no-task", id));
    }
  }

  /**
   * Keeps a task where somebody put it.
   *
   * @throws InvalidInputException with the reason where it cannot be there
   */
  JobDetail move(UUID id, MoveRequest move) {
    MoveView tried = tryMove(id, move);
    if (!tried.possible()) {
      throw new InvalidInputException(
          "/start", String.join(" ", tried.why()), PHRASES.say("a-time-nothing-stands-against"));
    }
    return arrange(
        id,
        a -> {
          Map<String, String> pins = new LinkedHashMap<>(a.pins() == null ? Map.of() : a.pins());
          pins.put(move.taskId(), move.start().toString());
          return a.pinning(pins);
        },
        PHRASES.say("task-moved"));
  }

  /** Lets go of one task, or of all where no one is named. */
  JobDetail release(UUID id, Optional<String> taskId) {
    return arrange(
        id,
        a -> {
          Map<String, String> pins = new LinkedHashMap<>(a.pins() == null ? Map.of() : a.pins());
          taskId.ifPresentOrElse(pins::remove, pins::clear);
          return a.pinning(pins);
        },
        PHRASES.say("task-let-go"));
  }

  /**
   * Says who does a job.
   *
   * @throws InvalidInputException for a name the shop does not have, for people who may not do all
   *     of it, and for who is on another job then
   */
  JobDetail staff(UUID id, CrewRequest request) {
    List<String> names = request.crew() == null ? List.of() : request.crew();
    for (int i = 0; i < names.size(); i++) {
      if (!shop.workers().containsKey(names.get(i))) {
        throw new InvalidInputException(
            "/crew/" + i,
            "\"" + names.get(i) + "\"",
            PHRASES.say("one-of", Lists.facts(shop.workers().keySet())));
      }
    }
    int people = names.isEmpty() ? (request.people() == null ? 1 : request.people()) : names.size();
    if (people < 1 || people > 4) {
      throw new InvalidInputException("/people", String.valueOf(people), "1 to 4");
    }
    if (!names.isEmpty()) {
      refuseDoubleBooking(id, names);
    }
    JobFile before = jobs.document(id);
    return jobs.arrange(
        id,
        before.with(before.setting().by(people), arranged(before, names)),
        names.isEmpty() ? PHRASES.say("people") : PHRASES.say("crew", Lists.facts(names)));
  }

  private static ArrangementFile arranged(JobFile before, List<String> names) {
    return of(before).by(names);
  }

  private void refuseDoubleBooking(UUID id, List<String> names) {
    Job job = plans.job(id);
    Arrangement crew =
        plans.arrangement(id).by(names.stream().map(name -> shop.workers().get(name)).toList());
    Plan planned = reference.planner().plan(job, plans.decisions(id, job), crew);
    for (Skill lacking : crew.lacks(NeededSkills.of(planned), job)) {
      throw new InvalidInputException(
          "/crew",
          PHRASES.say("nobody-of-the-crew-may", Lists.facts(names)),
          PHRASES.say("someone-who-may", TaskWords.words(lacking)));
    }
    bookings.refuseClash(id, planned.timetable(), "/crew");
  }

  /**
   * Begins a job at another time, in the visit's own order.
   *
   * @throws InvalidInputException if somebody named would be on two jobs at once, or the promise
   *     lies before it
   */
  JobDetail startAt(UUID id, LocalDateTime start) {
    Job job = plans.job(id);
    Arrangement crew = plans.arrangement(id).by(plans.arrangement(id).crew());
    Job moved = job.on(job.setting().startingAt(start));
    bookings.refuseClash(
        id, reference.planner().plan(moved, plans.decisions(id, job), crew).timetable(), "/start");
    JobFile before = jobs.document(id);
    return jobs.arrange(
        id,
        before.with(before.setting().startingAt(start.toString()), of(before).pinning(null)),
        PHRASES.say("begin", start));
  }

  List<OfferView> offers(UUID id) {
    return coreOffers(id).stream()
        .map(
            o ->
                new OfferView(
                    o.kind().code(),
                    o.says(),
                    o.kept(),
                    o.start(),
                    o.plan().timetable().readyAt(),
                    o.plan().timetable().handsOffAt(),
                    o.people(),
                    o.plan().timetable().work().toMinutes()))
        .toList();
  }

  private List<Offer> coreOffers(UUID id) {
    Job job = plans.job(id);
    return reference
        .planner()
        .offers(job, plans.decisions(id, job), plans.arrangement(id), LocalDateTime.now(clock));
  }

  /** Takes an offer: the job begins, is staffed and leaves out what it says. */
  JobDetail take(UUID id, String kind) {
    Offer offer =
        coreOffers(id).stream()
            .filter(o -> o.kind().code().equals(kind))
            .findFirst()
            .orElseThrow(() -> new NotNowException(PHRASES.say("this-is-not-offered-any")));
    JobFile before = jobs.document(id);
    SettingFile setting = before.setting().by(offer.people()).startingAt(offer.start().toString());
    List<String> crew = offer.arrangement().crew().stream().map(w -> w.id()).toList();
    List<String> leftOut =
        offer.arrangement().leftOut().stream().map(Coded::code).sorted().toList();
    return jobs.arrange(
        id, before.with(setting, of(before).by(crew).leaving(leftOut)), offer.says());
  }

  /** Does again what an offer left out. */
  JobDetail putBack(UUID id) {
    return arrange(id, a -> a.leaving(null), PHRASES.say("nothing-left-out"));
  }

  /**
   * Says which parts are on order.
   *
   * @throws InvalidInputException for a panel the job does not have
   */
  JobDetail await(UUID id, List<PartRequest> parts) {
    JobFile before = jobs.document(id);
    Set<String> panels =
        before.surfaces().stream().map(SurfaceFile::id).collect(Collectors.toSet());
    for (int i = 0; i < parts.size(); i++) {
      for (int j = 0; j < parts.get(i).surfaceIds().size(); j++) {
        String panel = parts.get(i).surfaceIds().get(j);
        if (!panels.contains(panel)) {
          throw new InvalidInputException(
              "/parts/" + i + "/surfaceIds/" + j,
              "\"" + panel + "\"",
              PHRASES.say("a-panel-of-the-job"));
        }
      }
    }
    List<PartFile> files =
        parts.stream()
            .map(p -> new PartFile(p.name().strip(), p.surfaceIds(), p.arrives().toString()))
            .toList();
    return arrange(id, a -> a.awaiting(files), PHRASES.say("parts-on-order"));
  }

  private JobDetail arrange(
      UUID id, Function<ArrangementFile, ArrangementFile> change, String what) {
    JobFile before = jobs.document(id);
    return jobs.arrange(id, before.with(before.setting(), change.apply(of(before))), what);
  }

  private static ArrangementFile of(JobFile file) {
    return file.arrangement() == null ? ArrangementFile.NONE : file.arrangement();
  }

  private TimetableView view(UUID id, Plan plan, Arrangement arrangement) {
    Timetable t = plan.timetable();
    Job job = plan.job();
    TaskWords words = words(id, job, t, arrangement);
    Map<String, String> names = new HashMap<>();
    job.shelf().products().forEach(p -> names.put(p.id(), p.name()));
    job.shelf().tools().forEach(tool -> names.putIfAbsent(tool.id(), tool.name()));
    List<String> crew = arrangement.crew().stream().map(w -> w.id()).toList();
    Set<String> people = shop.workers().keySet();
    return new TimetableView(
        job.craft(),
        job.setting().start(),
        job.setting().returnBy().orElse(null),
        t.handsOffAt(),
        t.driveAt(),
        t.sitAt(),
        t.readyAt(),
        t.curedAt(),
        t.work().toMinutes(),
        crew,
        crew.isEmpty() ? job.setting().people() : crew.size(),
        arrangement.leftOut().stream().map(Coded::code).sorted().toList(),
        arrangement.parts().stream()
            .map(p -> new PartView(p.name(), p.surfaceIds(), p.arrives()))
            .toList(),
        TimetableBlocks.lanes(job, crew),
        TimetableBlocks.zones(job),
        TimetableBlocks.blocks(t, words, names),
        t.tasks().stream().map(task -> view(task, words, names)).toList(),
        t.visits().stream().map(v -> new VisitView(v.from(), v.until())).toList(),
        Stream.of(
                crew.stream().filter(who -> !people.contains(who)).map(TaskWords::left),
                crew.stream().filter(who -> hasNothingToDo(who, t)).map(TaskWords::notNeeded),
                arrangement.lacks(NeededSkills.of(plan), job).stream().map(TaskWords::nobodyMay),
                t.conflicts().stream().map(c -> words.why(c, job.setting().start())).distinct())
            .flatMap(said -> said)
            .toList());
  }

  private static boolean hasNothingToDo(String who, Timetable timetable) {
    return timetable.tasks().stream()
        .noneMatch(task -> task.person().filter(who::equals).isPresent());
  }

  private TaskWords words(UUID id, Job job, Timetable timetable, Arrangement arrangement) {
    Map<String, String> zones =
        job.surfaces().stream().collect(Collectors.toMap(Surface::id, Surface::zone));
    return new TaskWords(jobs.get(id).labels(), zones, timetable, arrangement.parts());
  }

  private static TaskView view(Task t, TaskWords words, Map<String, String> names) {
    List<String> with = new ArrayList<>();
    t.productId().map(id -> names.getOrDefault(id, id)).ifPresent(with::add);
    t.toolId().map(id -> names.getOrDefault(id, id)).ifPresent(with::add);
    return new TaskView(
        t.id(),
        t.step().code(),
        words.where(t).orElse(null),
        words.part(t).orElse(null),
        with.isEmpty() ? null : Lists.facts(with),
        t.person().orElse(null),
        words.zone(t).orElse(null),
        t.surfaceIds(),
        t.section(),
        t.start(),
        t.end(),
        t.wipeFrom().orElse(null),
        t.wipeBy().orElse(null),
        t.pinned(),
        t.after());
  }
}
