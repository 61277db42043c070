package attune.app.bench;

import attune.app.bench.BenchEventEntity.Kind;
import attune.app.bench.BenchViews.BenchTask;
import attune.app.bench.BenchViews.BenchView;
import attune.app.bench.BenchViews.Progress;
import attune.app.bench.BenchViews.TaskState;
import attune.app.format.JobFile;
import attune.app.format.PlanFile;
import attune.app.format.PlanWriter;
import attune.app.format.ShelfReader;
import attune.app.jobs.JobService;
import attune.app.jobs.JobState;
import attune.app.planning.JobPlans;
import attune.app.shelf.ShelfService;
import attune.app.web.NotNowException;
import attune.core.shelf.Shelf;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Runs jobs at the bench: the plan is frozen when the run starts, and every tick is an event. */
@Service
@Transactional
public class BenchService {
  private final BenchRunRepository runs;
  private final BenchEventRepository events;
  private final JobService jobs;
  private final JobPlans plans;
  private final PlanWriter writer;
  private final ShelfService shelf;
  private final ShelfReader reader;
  private final JsonMapper mapper;
  private final ApplicationEventPublisher publisher;
  private final Clock clock;

  BenchService(
      BenchRunRepository runs,
      BenchEventRepository events,
      JobService jobs,
      JobPlans plans,
      PlanWriter writer,
      ShelfService shelf,
      ShelfReader reader,
      JsonMapper mapper,
      ApplicationEventPublisher publisher,
      Clock clock) {
    this.runs = runs;
    this.events = events;
    this.jobs = jobs;
    this.plans = plans;
    this.writer = writer;
    this.shelf = shelf;
    this.reader = reader;
    this.mapper = mapper;
    this.publisher = publisher;
    this.clock = clock;
  }

  /** Starts a run on the plan as it stands; starting twice is the same as once. */
  public BenchView start(UUID jobId) {
    if (runs.findById(jobId).isEmpty()) {
      PlanFile plan = writer.file(plans.plan(jobId));
      int hands = (int) plan.timeline().stream().filter(task -> task.person() != null).count();
      runs.saveAndFlush(
          new BenchRunEntity(
              jobId,
              now(),
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
    BenchRunEntity run = run(jobId);
    List<BenchTask> tasks = tasks(run, events.findByJobIdOrderByAt(jobId));
    JobFile document = jobs.document(jobId);
    return new BenchView(
        jobId, document.title(), now(), run.startedAt(), run.tasksTotal(), done(tasks), tasks);
  }

  /** Starts a task's clock; started already, it keeps its first time. */
  public BenchView startTask(UUID jobId, String taskId) {
    return change(jobId, taskId, TaskState.WAITING, Kind.STARTED);
  }

  /** Ticks a task off. */
  public BenchView finishTask(UUID jobId, String taskId) {
    BenchTask task = task(run(jobId), taskId);
    return task.state() == TaskState.DONE
        ? view(jobId)
        : change(jobId, taskId, task.state(), Kind.DONE);
  }

  /** Takes a tick or a started clock back. */
  public BenchView undoTask(UUID jobId, String taskId) {
    BenchTask task = task(run(jobId), taskId);
    return task.state() == TaskState.WAITING
        ? view(jobId)
        : change(jobId, taskId, task.state(), Kind.UNDONE);
  }

  private BenchView change(UUID jobId, String taskId, TaskState from, Kind kind) {
    if (jobs.get(jobId).state() == JobState.HANDED_OVER) {
      throw new NotNowException("The vehicle is handed over; its record stands.");
    }
    BenchRunEntity run = run(jobId);
    BenchTask task = task(run, taskId);
    if (!task.needsHands()) {
      throw new NotNowException("A wait runs by itself; there is nothing to tick.");
    }
    if (task.state() == from) {
      events.saveAndFlush(new BenchEventEntity(jobId, taskId, kind, now()));
      run.done(done(tasks(run, events.findByJobIdOrderByAt(jobId))));
      runs.saveAndFlush(run);
      publisher.publishEvent(new BenchBroadcast.Changed(jobId));
    }
    return view(jobId);
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
                tasks(run, events.findByJobIdOrderByAt(jobId)).stream()
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

  private List<BenchTask> tasks(BenchRunEntity run, List<BenchEventEntity> happened) {
    PlanFile plan = mapper.readValue(run.plan(), PlanFile.class);
    return new BenchCards(plan, shelf(run), jobs.labels(jobs.document(run.getId())))
        .tasks(happened, now());
  }

  /** The shelf a run was planned from: a bottle renamed since keeps its name in the record. */
  @Transactional(readOnly = true)
  public Shelf shelfOf(UUID jobId) {
    return shelf(run(jobId));
  }

  private Shelf shelf(BenchRunEntity run) {
    return run.shelf().map(reader::read).orElseGet(shelf::shelf);
  }

  private BenchTask task(BenchRunEntity run, String taskId) {
    return tasks(run, events.findByJobIdOrderByAt(run.getId())).stream()
        .filter(task -> task.id().equals(taskId))
        .findFirst()
        .orElseThrow(() -> new NoSuchElementException("There is no such task in this run."));
  }

  private static int done(List<BenchTask> tasks) {
    return (int)
        tasks.stream().filter(task -> task.needsHands() && task.state() == TaskState.DONE).count();
  }

  private BenchRunEntity run(UUID jobId) {
    return runs.findById(jobId)
        .orElseThrow(() -> new NotNowException("The bench run has not started yet."));
  }

  private LocalDateTime now() {
    return LocalDateTime.now(clock).truncatedTo(ChronoUnit.MILLIS);
  }
}
