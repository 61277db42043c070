package attune.app.bench;

import attune.app.bench.BenchViews.BenchTask;
import attune.app.bench.BenchViews.BenchView;
import attune.app.bench.BenchViews.EntryRequest;
import attune.app.bench.BenchViews.PaceView;
import attune.app.bench.BenchViews.PausedView;
import attune.app.bench.BenchViews.Progress;
import attune.app.bench.BenchViews.ToldView;
import attune.app.bench.Consequences.Replanned;
import attune.app.bench.EntryDetail.AirNow;
import attune.app.format.JobFile;
import attune.app.format.PlanFile;
import attune.app.format.PlanWriter;
import attune.app.jobs.JobService;
import attune.app.jobs.JobState;
import attune.app.planning.JobPlans;
import attune.app.shelf.ShelfService;
import attune.app.web.NotNowException;
import attune.core.bench.RunSoFar;
import attune.core.check.Coded;
import attune.core.check.InvalidInputException;
import attune.core.plan.Plan.CareItem;
import attune.core.run.Entry.Kind;
import attune.core.run.Pace;
import attune.core.run.TaskState.Phase;
import attune.core.shelf.Product;
import attune.core.shelf.Shelf;
import attune.core.survey.Condition.Level;
import attune.core.survey.Setting.Climate;
import attune.core.words.Phrases;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.annotation.Nullable;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
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
  private static final Phrases PHRASES = Phrases.of(BenchService.class);

  private static final int MOST_KEPT = 500;

  private final BenchRunRepository runs;
  private final BenchEntryRepository entries;
  private final JobService jobs;
  private final JobPlans plans;
  private final PlanWriter writer;
  private final ShelfService shelf;
  private final RunReader reader;
  private final Cache<LeftBehind.Key, LeftBehind> gone =
      Caffeine.newBuilder().maximumSize(MOST_KEPT).build();
  private final Cache<Glance.Key, Glance> glances =
      Caffeine.newBuilder().maximumSize(MOST_KEPT).build();
  private final EntryReader entryReader;
  private final RunPace pace;
  private final JsonMapper mapper;
  private final ApplicationEventPublisher publisher;
  private final RunRecords records;

  BenchService(
      BenchRunRepository runs,
      BenchEntryRepository entries,
      JobService jobs,
      JobPlans plans,
      PlanWriter writer,
      ShelfService shelf,
      RunReader reader,
      EntryReader entryReader,
      RunPace pace,
      JsonMapper mapper,
      ApplicationEventPublisher publisher,
      RunRecords records) {
    this.runs = runs;
    this.entries = entries;
    this.jobs = jobs;
    this.plans = plans;
    this.writer = writer;
    this.shelf = shelf;
    this.reader = reader;
    this.entryReader = entryReader;
    this.pace = pace;
    this.mapper = mapper;
    this.publisher = publisher;
    this.records = records;
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
      BenchRunEntity begins =
          new BenchRunEntity(
              jobId,
              begun.truncatedTo(ChronoUnit.MILLIS),
              mapper.writeValueAsString(plan),
              mapper.writeValueAsString(shelf.file()));
      begins.progress(reader.whole(begins));
      runs.saveAndFlush(begins);
      jobs.moveTo(jobId, JobState.BENCH);
      publisher.publishEvent(new BenchBroadcast.Changed(jobId));
    }
    return view(jobId);
  }

  @Transactional(readOnly = true)
  public BenchView view(UUID jobId) {
    return view(reader.whole(reader.run(jobId)));
  }

  private BenchView view(WholeRun whole) {
    List<BenchTask> tasks = tasks(whole);
    return new BenchView(
        whole.entity().getId(),
        Objects.requireNonNullElse(whole.document().title(), ""),
        now(),
        whole.entity().startedAt(),
        whole.run().hands().size(),
        whole.done(),
        pace.view(whole, now()),
        whole.run().paused().map(p -> new PausedView(p.at(), p.by(), p.reason())).orElse(null),
        air(whole.told()),
        cards(whole).rounds(),
        tasks);
  }

  private static @Nullable AirNow air(List<Told> told) {
    return told.stream()
        .map(t -> t.detail().air())
        .filter(a -> a != null)
        .reduce((a, b) -> b)
        .orElse(null);
  }

  private List<BenchTask> tasks(WholeRun whole) {
    return cards(whole).tasks();
  }

  private BenchCards cards(WholeRun whole) {
    return new BenchCards(whole, jobs.labels(whole.document()));
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
    BenchRunEntity entity = reader.run(jobId);
    WholeRun whole = reader.whole(entity);
    Set<String> known =
        whole.told().stream()
            .map(t -> t.entry().id())
            .collect(Collectors.toCollection(HashSet::new));
    List<Told> all = new ArrayList<>(whole.told());
    List<Told> fresh = new ArrayList<>();
    List<Told> before = new ArrayList<>(whole.told());
    for (int i = 0; i < requests.size(); i++) {
      Told told = entryReader.read(whole, before, requests.get(i), heard, "/entries/" + i);
      if (known.add(told.entry().id())) {
        fresh.add(told);
        before.add(told);
      }
    }
    boolean besides =
        fresh.stream()
            .allMatch(t -> t.entry().kind() == Kind.CORRECTED || t.entry().kind() == Kind.NOTE);
    if (!besides && jobs.get(jobId).state() == JobState.HANDED_OVER) {
      throw new NotNowException(PHRASES.say("the-vehicle-is-handed-over"));
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
    WholeRun after = reader.whole(entity);
    if (!fresh.isEmpty()) {
      entity.progress(after);
      runs.saveAndFlush(entity);
      publisher.publishEvent(new BenchBroadcast.Changed(jobId));
    }
    return new ToldView(
        view(after), Consequences.of(after, requests, replanned(whole, after, fresh)));
  }

  /** What is left beside what was expected to be left by now. */
  private Replanned replanned(WholeRun before, WholeRun after, List<Told> fresh) {
    LocalDateTime now = now();
    Duration expected =
        fresh.stream()
            .filter(told -> told.entry().kind() != Kind.STARTED)
            .flatMap(told -> before.step(told.entry().taskId()).stream())
            .map(step -> Pace.ofRound(step.task(), before.run().state(step.task().id()), now))
            .reduce(Duration.ZERO, Duration::plus);
    Duration more =
        pace.of(after.run(), now).left().plus(expected).minus(pace.of(before.run(), now).left());
    return new Replanned(more, pace.view(before, now), pace.view(after, now));
  }

  /** What was done in a run, for its record. */
  @Transactional(readOnly = true)
  public RunRecord record(UUID jobId) {
    WholeRun whole = reader.whole(reader.run(jobId));
    return records.of(whole, tasks(whole));
  }

  /** What a run has left behind; empty when there is none. */
  @Transactional(readOnly = true)
  public Optional<LeftBehind> leftBehind(UUID jobId) {
    return Optional.ofNullable(leftBehind(List.of(jobId)).get(jobId));
  }

  /**
   * What some runs have left behind, by job; none for jobs without a run. Kept, for whole lists of
   * cars that are gone ask for it.
   */
  @Transactional(readOnly = true)
  public Map<UUID, LeftBehind> leftBehind(Collection<UUID> jobIds) {
    return runs.states(jobIds).stream()
        .collect(Collectors.toMap(LeftBehind.Key::job, this::keptLeftBehind));
  }

  private LeftBehind keptLeftBehind(LeftBehind.Key key) {
    LeftBehind left = gone.get(key, this::leftBehind);
    if (left.changing()) {
      gone.invalidate(key);
    }
    return left;
  }

  private LeftBehind leftBehind(LeftBehind.Key key) {
    WholeRun whole = reader.whole(reader.run(key.job()));
    List<CareItem> care = whole.soFar().care();
    return new LeftBehind(
        whole.lastDone().orElse(null),
        care,
        names(care, whole.shelf()),
        pace.ofDone(whole, now()),
        soil(whole.document()),
        isHot(whole.document()),
        whole.run().hands().stream()
            .anyMatch(task -> whole.run().state(task.id()).phase() == Phase.RUNNING));
  }

  private static boolean isHot(JobFile found) {
    return Optional.ofNullable(found.setting().climate())
        .flatMap(code -> Coded.find(Climate.class, code))
        .filter(climate -> climate == Climate.HOT)
        .isPresent();
  }

  private static @Nullable Level soil(JobFile found) {
    return found.surfaces().stream()
        .flatMap(s -> Coded.find(Level.class, String.valueOf(s.condition().soil())).stream())
        .max(Comparator.naturalOrder())
        .orElse(null);
  }

  private static Map<String, String> names(List<CareItem> care, Shelf shelf) {
    return care.stream()
        .flatMap(item -> item.productId().stream())
        .distinct()
        .flatMap(id -> shelf.findProduct(id).stream())
        .collect(Collectors.toMap(Product::id, Product::name));
  }

  /**
   * Runs as the day shows them, by job; none for jobs without one. A minute old at most, and never
   * older than what was told.
   */
  @Transactional(readOnly = true)
  public Map<UUID, Glance> glances(Collection<UUID> jobIds) {
    LocalDateTime minute = now().truncatedTo(ChronoUnit.MINUTES);
    return runs.states(jobIds).stream()
        .collect(
            Collectors.toMap(LeftBehind.Key::job, state -> glance(new Glance.Key(state, minute))));
  }

  private Glance glance(Glance.Key key) {
    return glances.get(key, k -> glance(reader.whole(reader.run(k.run().job()))));
  }

  private Glance glance(WholeRun whole) {
    return Glance.of(whole, pace.view(whole, now()), Places.of(jobs, whole.document()));
  }

  /** How far some jobs' runs are, by job: one query for all; none for jobs without a run. */
  @Transactional(readOnly = true)
  public Map<UUID, Progress> progress(Collection<UUID> ids) {
    return runs.progress(ids).stream()
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
                reader.whole(run).soFar().steps().stream()
                    .filter(step -> step.isAt(surfaceId) && step.is(Phase.RUNNING))
                    .findFirst()
                    .map(step -> StepWords.title(step.run().planned()))
                    .map(title -> PHRASES.say("still-runs", title.toLowerCase(Locale.ROOT))));
  }

  /** A run as it stands, with the plan it was started on; empty when there is none. */
  @Transactional(readOnly = true)
  public Optional<RunSoFar> soFar(UUID jobId) {
    return runs.findById(jobId).map(run -> reader.whole(run).soFar());
  }

  /** When a car may be used as its run goes; empty when there is none. */
  @Transactional(readOnly = true)
  public Optional<PaceView> pace(UUID jobId) {
    return runs.findById(jobId).map(run -> pace.view(reader.whole(run), now()));
  }

  /** The shelf a run was planned from: a bottle renamed since keeps its name in the record. */
  @Transactional(readOnly = true)
  public Shelf shelfOf(UUID jobId) {
    return reader.whole(reader.run(jobId)).shelf();
  }

  private LocalDateTime now() {
    return pace.now();
  }
}
