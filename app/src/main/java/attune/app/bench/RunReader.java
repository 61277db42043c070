package attune.app.bench;

import attune.app.format.JobFile;
import attune.app.format.SurfaceFile;
import attune.app.jobs.JobService;
import attune.app.reference.ReferenceData;
import attune.app.shelf.ShelfService;
import attune.app.web.NotNowException;
import attune.core.bench.FrozenPlan;
import attune.core.bench.RunStep;
import attune.core.bench.RunSteps;
import attune.core.bench.SurveyedPanel;
import attune.core.check.Coded;
import attune.core.material.FinishTable;
import attune.core.material.Role;
import attune.core.run.Run;
import attune.core.shelf.Shelf;
import attune.core.words.Phrases;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Reads a run whole: its plan, the survey it goes by, and everything told since. */
@Component
class RunReader {
  private static final Phrases PHRASES = Phrases.of(RunReader.class);

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
    FrozenPlan plan = papers.plan(entity);
    JobFile document = jobs.document(entity.getId());
    List<SurveyedPanel> panels =
        document.surfaces().stream().map(s -> panel(s, reference.finishes())).toList();
    List<RunStep> steps = RunSteps.of(plan, panels);
    List<Told> told =
        entries.findByJobIdOrderByAtAscPositionAsc(entity.getId()).stream()
            .map(this::told)
            .toList();
    Run run =
        Run.of(
            steps.stream().map(RunStep::task).toList(),
            told.stream().map(Told::entry).toList(),
            pace.now(),
            pace.waits());
    return new WholeRun(entity, plan, document, panels, shelf(entity, told), steps, told, run);
  }

  static SurveyedPanel panel(SurfaceFile f, FinishTable finishes) {
    return new SurveyedPanel(
        f.id(),
        Optional.ofNullable(f.finish()).flatMap(finishes::find),
        Coded.find(Role.class, String.valueOf(f.role())),
        String.valueOf(f.zone()),
        f.areaM2() == null ? 0 : f.areaM2());
  }

  private Told told(BenchEntryEntity e) {
    return new Told(
        e.entry(),
        e.detail().map(json -> mapper.readValue(json, EntryDetail.class)).orElse(EntryDetail.NONE),
        e.recordedAt(),
        e.madeBy());
  }

  /** As it was when the run began, and what was bought and taken since. */
  private Shelf shelf(BenchRunEntity run, List<Told> told) {
    Shelf then = papers.shelf(run).orElseGet(shelf::shelf);
    boolean allThere =
        told.stream()
            .flatMap(entry -> entry.detail().instead().stream())
            .allMatch(
                used ->
                    used.productId().map(id -> then.findProduct(id).isPresent()).orElse(true)
                        && used.toolId().map(id -> then.findTool(id).isPresent()).orElse(true));
    return allThere ? then : then.with(shelf.shelf());
  }

  BenchRunEntity run(UUID jobId) {
    return runs.findById(jobId)
        .orElseThrow(() -> new NotNowException(PHRASES.say("the-bench-run-has-not")));
  }
}
