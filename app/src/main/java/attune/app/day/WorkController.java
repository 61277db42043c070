package attune.app.day;

import attune.app.bench.BenchService;
import attune.app.bench.Glance;
import attune.app.jobs.JobService;
import attune.app.jobs.JobState;
import attune.app.jobs.JobViews.JobSummary;
import attune.app.jobs.Near;
import attune.app.planning.JobPlans;
import attune.core.check.Known;
import attune.core.plan.Arrangement;
import attune.core.plan.Plan;
import attune.core.schedule.Worker;
import jakarta.annotation.Nullable;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Predicate;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Who is at what, and when each open car will be ready. */
@RestController
@RequestMapping("/api/v1/work")
class WorkController {
  /**
   * An open job.
   *
   * @param who works on it: at the bench those who ticked, before that those who are planned
   * @param doing the step in hand or next at the bench, in words; null before it has begun
   * @param readyAt when the car can be driven and sat in, as it goes or as planned
   */
  record WorkView(UUID jobId, List<String> who, @Nullable String doing, LocalDateTime readyAt) {}

  private final JobService jobs;
  private final JobPlans plans;
  private final BenchService bench;
  private final Clock clock;

  WorkController(JobService jobs, JobPlans plans, BenchService bench, Clock clock) {
    this.clock = clock;
    this.jobs = jobs;
    this.plans = plans;
    this.bench = bench;
  }

  @GetMapping
  List<WorkView> work() {
    List<JobSummary> near =
        jobs.open().stream()
            .filter(job -> job.surveyed() > 0 && Near.is(job.startAt(), clock))
            .toList();
    Map<UUID, Glance> runs = bench.glances(ids(near, job -> job.state() == JobState.BENCH));
    List<UUID> ahead = ids(near, job -> !runs.containsKey(job.id()));
    Map<UUID, Plan> planned = plans.plans(ahead);
    Map<UUID, Arrangement> arranged = plans.arrangements(ahead);
    return near.stream()
        .filter(job -> runs.containsKey(job.id()) || planned.containsKey(job.id()))
        .map(
            job ->
                runs.containsKey(job.id())
                    ? atBench(job, Known.of(runs, job.id()))
                    : planned(job, Known.of(planned, job.id()), Known.of(arranged, job.id())))
        .toList();
  }

  private static List<UUID> ids(List<JobSummary> jobs, Predicate<JobSummary> which) {
    return jobs.stream().filter(which).map(JobSummary::id).toList();
  }

  private static WorkView planned(JobSummary job, Plan plan, Arrangement arranged) {
    return new WorkView(
        job.id(),
        arranged.crew().stream().map(Worker::id).toList(),
        null,
        plan.timetable().readyAt());
  }

  private static WorkView atBench(JobSummary job, Glance run) {
    return new WorkView(job.id(), run.who(), run.inHand(), run.readyAt());
  }
}
