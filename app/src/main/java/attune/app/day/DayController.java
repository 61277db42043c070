package attune.app.day;

import attune.app.bench.BenchService;
import attune.app.bench.BenchViews.Progress;
import attune.app.jobs.JobService;
import attune.app.jobs.JobState;
import attune.app.jobs.JobViews.JobSummary;
import jakarta.annotation.Nullable;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is on: every job with its next step. */
@RestController
@RequestMapping("/api/v1/day")
class DayController {
  /** What a job wants next. */
  enum NextStep {
    SURVEY,
    MATCH,
    BENCH,
    HANDOVER,
    CARE
  }

  /**
   * A job on the day's list.
   *
   * @param cardsTotal cards of its run, as the bench shows them; none before there is a run, or of
   *     one begun before they were counted
   */
  record DayJob(
      JobSummary job, NextStep next, @Nullable Integer cardsTotal, @Nullable Integer cardsDone) {}

  /** Handed over longer ago, a job is found with its vehicle. */
  private static final int GONE_DAYS = 7;

  private final JobService jobs;
  private final Clock clock;
  private final BenchService bench;

  DayController(JobService jobs, BenchService bench, Clock clock) {
    this.clock = clock;
    this.jobs = jobs;
    this.bench = bench;
  }

  @GetMapping
  List<DayJob> day() {
    List<JobSummary> shown = jobs.openOrSince(LocalDateTime.now(clock).minusDays(GONE_DAYS));
    Map<UUID, Progress> progress = bench.progress(shown.stream().map(JobSummary::id).toList());
    return shown.stream().map(job -> day(job, progress.get(job.id()))).toList();
  }

  private static DayJob day(JobSummary job, @Nullable Progress run) {
    return run == null
        ? new DayJob(job, job.surveyed() == 0 ? NextStep.SURVEY : NextStep.MATCH, null, null)
        : new DayJob(job, next(job, run), run.cardsTotal(), run.cardsDone());
  }

  private static NextStep next(JobSummary job, Progress run) {
    if (job.state() == JobState.HANDED_OVER) {
      return NextStep.CARE;
    }
    return run.tasksDone() < run.tasksTotal() ? NextStep.BENCH : NextStep.HANDOVER;
  }
}
