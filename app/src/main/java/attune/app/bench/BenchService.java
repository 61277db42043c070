package attune.app.bench;

import attune.app.bench.BenchViews.BenchTask;
import attune.app.bench.BenchViews.BenchView;
import attune.app.bench.BenchViews.EntryRequest;
import attune.app.bench.BenchViews.PaceView;
import attune.app.bench.BenchViews.PausedView;
import attune.app.bench.BenchViews.Progress;
import attune.app.bench.BenchViews.Remark;
import attune.app.bench.BenchViews.TaskState;
import attune.app.bench.BenchViews.ToldView;
import attune.app.bench.EntryDetail.AirNow;
import attune.app.bench.RunSteps.Step;
import attune.app.format.JobFile;
import attune.app.format.JobReader;
import attune.app.format.PlanFile;
import attune.app.format.PlanFile.TaskFile;
import attune.app.format.PlanWriter;
import attune.app.format.ShelfReader;
import attune.app.jobs.JobService;
import attune.app.jobs.JobState;
import attune.app.planning.JobPlans;
import attune.app.reference.ReferenceData;
import attune.app.shelf.ShelfService;
import attune.app.shelf.StockService;
import attune.app.shop.ShopService;
import attune.app.web.NotNowException;
import attune.core.check.Coded;
import attune.core.check.InvalidInputException;
import attune.core.run.Entry;
import attune.core.run.Entry.Kind;
import attune.core.run.Look;
import attune.core.run.Pace;
import attune.core.run.Run;
import attune.core.run.RunTask;
import attune.core.run.Seen;
import attune.core.run.TaskState.Phase;
import attune.core.shelf.Shelf;
import jakarta.annotation.Nullable;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Runs jobs at the bench: the plan is frozen when the run starts, and what happens are entries. */
@Service
@Transactional
public class BenchService {
  private static final Duration AHEAD = Duration.ofMinutes(2);

  private final BenchRunRepository runs;
  private final BenchEntryRepository entries;
  private final JobService jobs;
  private final JobPlans plans;
  private final PlanWriter writer;
  private final ShelfService shelf;
  private final ShelfReader reader;
  private final ShopService shop;
  private final ReferenceData reference;
  private final RoomAir rooms;
  private final Swaps swaps;
  private final StockService stock;
  private final JsonMapper mapper;
  private final ApplicationEventPublisher publisher;
  private final Clock clock;

  BenchService(
      BenchRunRepository runs,
      BenchEntryRepository entries,
      JobService jobs,
      JobPlans plans,
      PlanWriter writer,
      ShelfService shelf,
      ShelfReader reader,
      ShopService shop,
      ReferenceData reference,
      RoomAir rooms,
      Swaps swaps,
      StockService stock,
      JsonMapper mapper,
      ApplicationEventPublisher publisher,
      Clock clock) {
    this.runs = runs;
    this.entries = entries;
    this.jobs = jobs;
    this.plans = plans;
    this.writer = writer;
    this.shelf = shelf;
    this.reader = reader;
    this.shop = shop;
    this.reference = reference;
    this.rooms = rooms;
    this.swaps = swaps;
    this.stock = stock;
    this.mapper = mapper;
    this.publisher = publisher;
    this.clock = clock;
  }

  /** A run with all that happened in it. */
  private record Whole(
      BenchRunEntity entity,
      PlanFile plan,
      JobFile document,
      List<Step> steps,
      List<Told> told,
      Run run) {
    List<RunTask> tasks() {
      return steps.stream().map(Step::task).toList();
    }
  }

  /** Starts a run on the plan as it stands; starting twice is the same as once. */
  public BenchView start(UUID jobId) {
    return start(jobId, now());
  }

  /** The same, begun at another time; while nothing was told yet, it can still be put right. */
  public BenchView start(UUID jobId, LocalDateTime begun) {
    Optional<BenchRunEntity> there = runs.findById(jobId);
    if (there.isPresent() && begun.isBefore(there.get().startedAt())) {
      there.get().begin(begun);
      runs.saveAndFlush(there.get());
    }
    if (there.isEmpty()) {
      PlanFile plan = writer.file(plans.plan(jobId));
      JobFile document = jobs.document(jobId);
      List<Step> steps = RunSteps.of(plan, document.surfaces(), reference.finishes());
      int hands = Run.of(steps.stream().map(Step::task).toList(), List.of(), now()).hands().size();
      runs.saveAndFlush(
          new BenchRunEntity(
              jobId,
              begun.truncatedTo(ChronoUnit.MILLIS),
              mapper.writeValueAsString(plan),
              mapper.writeValueAsString(shelf.file()),
              hands));
      jobs.moveTo(jobId, JobState.BENCH);
      publisher.publishEvent(new BenchBroadcast.Changed(jobId));
    }
    return view(jobId);
  }

  @Transactional(readOnly = true)
  public BenchView view(UUID jobId) {
    return view(whole(run(jobId)));
  }

  private Whole whole(BenchRunEntity entity) {
    PlanFile plan = mapper.readValue(entity.plan(), PlanFile.class);
    JobFile document = jobs.document(entity.getId());
    List<Step> steps = RunSteps.of(plan, document.surfaces(), reference.finishes());
    List<Told> told =
        entries.findByJobIdOrderByAtAscPositionAsc(entity.getId()).stream()
            .map(this::told)
            .toList();
    Run run =
        Run.of(
            steps.stream().map(Step::task).toList(),
            told.stream().map(Told::entry).toList(),
            now());
    return new Whole(entity, plan, document, steps, told, run);
  }

  private Told told(BenchEntryEntity e) {
    return new Told(
        e.entry(),
        e.detail().map(json -> mapper.readValue(json, EntryDetail.class)).orElse(EntryDetail.NONE),
        e.recordedAt());
  }

  private BenchView view(Whole whole) {
    List<BenchTask> tasks = tasks(whole);
    return new BenchView(
        whole.entity().getId(),
        whole.document().title(),
        now(),
        whole.entity().startedAt(),
        whole.run().hands().size(),
        done(whole.run()),
        pace(whole),
        whole.run().paused().map(p -> new PausedView(p.at(), p.by(), p.reason())).orElse(null),
        air(whole.told()),
        tasks);
  }

  private static AirNow air(List<Told> told) {
    return told.stream()
        .map(t -> t.detail().air())
        .filter(a -> a != null)
        .reduce((a, b) -> b)
        .orElse(null);
  }

  private List<BenchTask> tasks(Whole whole) {
    return new BenchCards(whole.plan(), shelf(whole.entity()), jobs.labels(whole.document()))
        .tasks(whole.steps(), whole.run(), whole.told());
  }

  private Pace paceOf(Run run) {
    return Pace.of(run, now(), shop.workers(), JobReader.usual(reference.figures()));
  }

  /** The plan's readiness, moved by how far the last hands are from where they were planned. */
  private PaceView pace(Whole whole) {
    Pace pace = paceOf(whole.run());
    PlanFile plan = whole.plan();
    LocalDateTime drive = LocalDateTime.parse(plan.ready().driveAt());
    LocalDateTime sit = LocalDateTime.parse(plan.ready().sitAt());
    LocalDateTime planned = drive.isAfter(sit) ? drive : sit;
    LocalDateTime handsOff =
        plan.timeline().stream()
            .filter(task -> task.person() != null)
            .map(TaskFile::end)
            .map(LocalDateTime::parse)
            .max(LocalDateTime::compareTo)
            .orElse(planned);
    String promised = whole.document().setting().returnBy();
    boolean over = pace.left().isZero();
    LocalDateTime last = over ? lastDone(whole.run()).orElse(pace.handsOffAt()) : pace.handsOffAt();
    return new PaceView(
        last.withSecond(0).withNano(0),
        pace.left().toMinutes(),
        planned.plus(Duration.between(handsOff, last)).withSecond(0).withNano(0),
        planned,
        promised == null ? null : LocalDateTime.parse(promised));
  }

  private static Optional<LocalDateTime> lastDone(Run run) {
    return run.hands().stream()
        .flatMap(task -> run.state(task.id()).doneAt().stream())
        .max(LocalDateTime::compareTo);
  }

  /**
   * Takes entries of a device, each once.
   *
   * @throws InvalidInputException for a step the run does not have, or what cannot be seen there;
   *     then none of them is taken
   * @throws NotNowException once the vehicle is handed over
   */
  public ToldView tell(UUID jobId, List<EntryRequest> requests) {
    return tell(jobId, requests, now());
  }

  /**
   * The same, heard at another time.
   *
   * @param heard when they came in; null for when each happened
   */
  public ToldView tell(UUID jobId, List<EntryRequest> requests, @Nullable LocalDateTime heard) {
    BenchRunEntity entity = run(jobId);
    Whole whole = whole(entity);
    Set<String> known =
        whole.told().stream()
            .map(t -> t.entry().id())
            .collect(Collectors.toCollection(HashSet::new));
    List<Told> all = new ArrayList<>(whole.told());
    List<Told> fresh = new ArrayList<>();
    for (int i = 0; i < requests.size(); i++) {
      Told told = read(whole, requests.get(i), heard, "/entries/" + i);
      if (known.add(told.entry().id())) {
        fresh.add(told);
      }
    }
    if (!fresh.isEmpty() && jobs.get(jobId).state() == JobState.HANDED_OVER) {
      throw new NotNowException("The vehicle is handed over; its record stands.");
    }
    int position = all.size();
    for (Told told : fresh) {
      all.add(told);
      EntryDetail detail = told.detail();
      entries.save(
          new BenchEntryEntity(
              jobId,
              told.entry(),
              told.recordedAt(),
              position++,
              detail.equals(EntryDetail.NONE) ? null : mapper.writeValueAsString(detail)));
    }
    entries.flush();
    Whole after = whole(entity);
    if (!fresh.isEmpty()) {
      entity.progress(after.run().hands().size(), done(after.run()));
      runs.saveAndFlush(entity);
      publisher.publishEvent(new BenchBroadcast.Changed(jobId));
    }
    return new ToldView(view(after), remarks(whole, after, requests));
  }

  private List<Remark> remarks(Whole before, Whole after, List<EntryRequest> requests) {
    Duration more = paceOf(after.run()).left().minus(paceOf(before.run()).left());
    List<Remark> remarks = new ArrayList<>();
    for (EntryRequest request : requests) {
      after.told().stream()
          .filter(told -> told.entry().id().equals(request.id().toString()))
          .findFirst()
          .flatMap(told -> Optional.ofNullable(told.detail().says()))
          .or(() -> after.run().remark(request.id().toString()))
          .map(says -> requests.size() == 1 ? says + consequence(after, request, more) : says)
          .ifPresent(says -> remarks.add(new Remark(request.id(), says)));
    }
    return remarks;
  }

  /** What a result changes in what is left: the bottle that is next, and the time. */
  private String consequence(Whole after, EntryRequest request, Duration more) {
    String next =
        after.steps().stream()
            .filter(step -> step.task().id().equals(request.taskId()))
            .filter(step -> after.run().state(step.task().id()).says().isPresent())
            .filter(
                step ->
                    after.run().state(step.task().id()).says().get().next()
                        == attune.core.run.Outcome.Next.NEXT_RUNG)
            .flatMap(step -> step.task().covers().stream())
            .findFirst()
            .flatMap(panel -> opened(after, panel))
            .orElse("");
    long minutes = Math.round(more.toSeconds() / 60.0);
    if (Math.abs(minutes) < 2) {
      return next;
    }
    return next
        + " "
        + Math.abs(minutes)
        + (minutes > 0 ? " min more" : " min less")
        + " is left to do.";
  }

  private Optional<String> opened(Whole whole, String panel) {
    Shelf used = shelf(whole.entity());
    return whole.steps().stream()
        .filter(step -> step.task().rung() > 1 && step.task().surfaceIds().contains(panel))
        .filter(step -> whole.run().state(step.task().id()).phase() == Phase.WAITING)
        .flatMap(step -> step.rung().stream())
        .filter(rung -> rung.cleanerId() != null)
        .findFirst()
        .map(
            rung ->
                " It takes "
                    + used.findProduct(rung.cleanerId()).map(p -> p.name()).orElse(rung.cleanerId())
                    + (rung.ratio().equals("ready") ? "" : " " + rung.ratio())
                    + " and the "
                    + used.findTool(rung.toolId()).map(t -> t.name()).orElse(rung.toolId())
                    + ".");
  }

  private Told read(Whole whole, EntryRequest r, @Nullable LocalDateTime heard, String pointer) {
    Kind kind = coded(Kind.class, r.kind(), pointer + "/kind");
    Optional<Seen> seen =
        r.seen() == null
            ? Optional.empty()
            : Optional.of(coded(Seen.class, r.seen(), pointer + "/seen"));
    boolean ofRun = Set.of(Kind.PAUSED, Kind.RESUMED, Kind.AIR, Kind.NOTE).contains(kind);
    if (!r.taskId().isEmpty() || !ofRun) {
      RunTask task =
          whole.tasks().stream()
              .filter(t -> t.id().equals(r.taskId()))
              .findFirst()
              .orElseThrow(
                  () ->
                      new InvalidInputException(
                          pointer + "/taskId", "\"" + r.taskId() + "\"", "a step of this run"));
      if (!task.hands() && !ofRun) {
        throw new NotNowException("A wait runs by itself; there is nothing to tick.");
      }
      seen.ifPresent(s -> canBe(task, s, pointer));
      if (kind == Kind.SEEN && seen.isEmpty() && task.looked().isPresent()) {
        throw new InvalidInputException(
            pointer + "/seen", "nothing", "one of " + codes(task.looked().get().look()));
      }
    }
    EntryDetail detail = r.detail() == null ? EntryDetail.NONE : r.detail();
    if (kind == Kind.AIR) {
      if (detail.air() == null) {
        throw new InvalidInputException(
            pointer + "/detail/air", "nothing", "the room as it was measured");
      }
      detail = detail.in(rooms.windows(whole.entity().getId(), detail.air(), pointer));
    }
    if (kind == Kind.SWAPPED) {
      detail = detail.saying(judged(whole, r, detail, pointer));
    }
    if (kind == Kind.DONE || kind == Kind.SEEN) {
      detail = product(whole, r).flatMap(stock::openBatch).map(detail::from).orElse(detail);
    }
    LocalDateTime now = now();
    LocalDateTime at = r.at().isAfter(now.plus(AHEAD)) ? now : r.at();
    at = at.isBefore(whole.entity().startedAt()) ? whole.entity().startedAt() : at;
    return new Told(
        new Entry(
            r.id().toString(),
            r.taskId(),
            kind,
            at.truncatedTo(ChronoUnit.MILLIS),
            r.by() == null ? "" : r.by().strip(),
            seen,
            r.reason() == null ? "" : r.reason().strip()),
        detail,
        heard == null ? at : heard);
  }

  private static Optional<String> product(Whole whole, EntryRequest r) {
    return whole.steps().stream()
        .filter(step -> step.task().id().equals(r.taskId()))
        .findFirst()
        .map(step -> step.file().productId());
  }

  private String judged(Whole whole, EntryRequest r, EntryDetail detail, String pointer) {
    if (detail.used() == null) {
      throw new InvalidInputException(pointer + "/detail/used", "nothing", "what was used instead");
    }
    return whole.steps().stream()
        .filter(step -> step.task().id().equals(r.taskId()) && step.rung().isPresent())
        .findFirst()
        .map(
            step ->
                swaps.says(
                    whole.entity().getId(),
                    step.task().surfaceIds().get(0),
                    step.rung().get(),
                    detail.used()))
        .orElse("Noted. Its label says how much and how long.");
  }

  private static void canBe(RunTask task, Seen seen, String pointer) {
    Look look = task.looked().map(l -> l.look()).orElse(null);
    if (look == null || !look.canBe().contains(seen)) {
      throw new InvalidInputException(
          pointer + "/seen",
          "\"" + seen.code() + "\"",
          look == null ? "nothing: this step is only ticked" : "one of " + codes(look));
    }
  }

  private static String codes(Look look) {
    return look.canBe().stream().map(Coded::code).collect(Collectors.joining(", "));
  }

  private static <E extends Enum<E> & Coded> E coded(Class<E> type, String code, String pointer) {
    return Coded.find(type, code)
        .orElseThrow(
            () ->
                new InvalidInputException(
                    pointer, "\"" + code + "\"", "one of " + Coded.codes(type)));
  }

  /** What was done in a run, for its record. */
  @Transactional(readOnly = true)
  public RunRecord record(UUID jobId) {
    Whole whole = whole(run(jobId));
    return new RecordWriter(shelf(whole.entity()), jobs.labels(whole.document()))
        .write(
            whole.entity().startedAt(),
            whole.document().surfaces(),
            whole.plan(),
            whole.steps(),
            tasks(whole),
            whole.run(),
            whole.told());
  }

  /** When the last step of a run was done; empty before any was. */
  @Transactional(readOnly = true)
  public Optional<LocalDateTime> lastDone(UUID jobId) {
    return runs.findById(jobId).flatMap(run -> lastDone(whole(run).run()));
  }

  /** How far every run is, by job: one query for all. */
  @Transactional(readOnly = true)
  public Map<UUID, Progress> progress() {
    return runs.findAll().stream()
        .map(run -> new Progress(run.getId(), run.tasksTotal(), run.tasksDone(), run.startedAt()))
        .collect(Collectors.toMap(Progress::jobId, Function.identity()));
  }

  /**
   * What still goes on at a panel, such as drying or curing, so that it cannot be judged yet; empty
   * when nothing does, or before there is a run.
   */
  @Transactional(readOnly = true)
  public Optional<String> stillWorking(UUID jobId, String surfaceId) {
    return runs.findById(jobId)
        .flatMap(
            run ->
                tasks(whole(run)).stream()
                    .filter(task -> task.surfaceIds().contains(surfaceId))
                    .filter(task -> task.state() == TaskState.RUNNING)
                    .findFirst()
                    .map(task -> task.title().toLowerCase(Locale.ROOT) + " still runs"));
  }

  /** The plan a run was started on, or empty when there is no run. */
  @Transactional(readOnly = true)
  public Optional<PlanFile> plan(UUID jobId) {
    return runs.findById(jobId).map(run -> mapper.readValue(run.plan(), PlanFile.class));
  }

  /** The shelf a run was planned from: a bottle renamed since keeps its name in the record. */
  @Transactional(readOnly = true)
  public Shelf shelfOf(UUID jobId) {
    return shelf(run(jobId));
  }

  private Shelf shelf(BenchRunEntity run) {
    return run.shelf().map(reader::read).orElseGet(shelf::shelf);
  }

  private static int done(Run run) {
    return (int) run.hands().stream().filter(task -> run.state(task.id()).phase().isOver()).count();
  }

  private BenchRunEntity run(UUID jobId) {
    return runs.findById(jobId)
        .orElseThrow(() -> new NotNowException("The bench run has not started yet."));
  }

  private LocalDateTime now() {
    return LocalDateTime.now(clock).truncatedTo(ChronoUnit.MILLIS);
  }
}
