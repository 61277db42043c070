package attune.app.bench;

import attune.app.bench.RunSteps.Step;
import attune.app.format.JobFile;
import attune.app.format.PlanFile;
import attune.app.jobs.JobService;
import attune.app.reference.ReferenceData;
import attune.app.shelf.ShelfService;
import attune.app.web.NotNowException;
import attune.core.run.Run;
import attune.core.shelf.Shelf;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Reads a run whole: its plan, the survey it goes by, and everything told since. */
@Component
class RunReader {
  private final BenchRunRepository runs;
  private final BenchEntryRepository entries;
  private final JobService jobs;
  private final ShelfService shelf;
  private final RunPapers papers;
  private final ReferenceData reference;
  private final RunPace pace;
  private final JsonMapper mapper;

  RunReader(
      BenchRunRepository runs,
      BenchEntryRepository entries,
      JobService jobs,
      ShelfService shelf,
      RunPapers papers,
      ReferenceData reference,
      RunPace pace,
      JsonMapper mapper) {
    this.runs = runs;
    this.entries = entries;
    this.jobs = jobs;
    this.shelf = shelf;
    this.papers = papers;
    this.reference = reference;
    this.pace = pace;
    this.mapper = mapper;
  }

  WholeRun whole(BenchRunEntity entity) {
    PlanFile plan = papers.plan(entity);
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
            pace.now(),
            pace.waits());
    return new WholeRun(entity, plan, document, shelf(entity), steps, told, run);
  }

  private Told told(BenchEntryEntity e) {
    return new Told(
        e.entry(),
        e.detail().map(json -> mapper.readValue(json, EntryDetail.class)).orElse(EntryDetail.NONE),
        e.recordedAt(),
        e.madeBy());
  }

  Shelf shelf(BenchRunEntity run) {
    return papers.shelf(run).orElseGet(shelf::shelf);
  }

  BenchRunEntity run(UUID jobId) {
    return runs.findById(jobId)
        .orElseThrow(() -> new NotNowException("The bench run has not started yet."));
  }

  PlanFile plan(BenchRunEntity run) {
    return papers.plan(run);
  }
}
