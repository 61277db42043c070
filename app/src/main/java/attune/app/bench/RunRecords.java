package attune.app.bench;

import attune.app.bench.BenchViews.BenchTask;
import attune.app.crew.CrewService;
import attune.app.jobs.JobService;
import attune.app.reference.ReferenceData;
import java.util.List;
import org.springframework.stereotype.Component;

/** Records of runs, with the names of panels and people and the shop's own figures. */
@Component
final class RunRecords {
  private final JobService jobs;
  private final CrewService crew;
  private final ReferenceData reference;

  RunRecords(JobService jobs, CrewService crew, ReferenceData reference) {
    this.jobs = jobs;
    this.crew = crew;
    this.reference = reference;
  }

  RunRecord of(WholeRun whole, List<BenchTask> tasks) {
    return new RecordWriter(
            whole.shelf(), jobs.labels(whole.document()), crew.names(), reference.figures())
        .write(whole, tasks);
  }
}
