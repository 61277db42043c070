package attune.app.readings;

import attune.app.bench.BenchService;
import attune.app.bench.BenchViews.BenchTask;
import attune.app.bench.BenchViews.TaskState;
import attune.app.format.JobFile;
import attune.app.format.JobReader;
import attune.app.format.PlanFile;
import attune.app.format.PlanFile.PlannedSurfaceFile;
import attune.app.format.PlanFile.RungFile;
import attune.app.jobs.JobService;
import attune.app.reference.ReferenceData;
import attune.app.shelf.ShelfService;
import attune.core.check.Coded;
import attune.core.match.Treatment;
import attune.core.measure.Ratio;
import attune.core.shelf.Product;
import attune.core.shelf.Shelf;
import attune.core.simulate.SimulatedSurface;
import attune.core.survey.Job;
import attune.core.survey.Setting;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** The cabin of a job as the simulation has it: as found, and with what was done at the bench. */
@Component
class SimulatedCabin {
  private final JobService jobs;
  private final BenchService bench;
  private final JobReader reader;
  private final ShelfService shelf;
  private final ReferenceData reference;
  private final Clock clock;

  SimulatedCabin(
      JobService jobs,
      BenchService bench,
      JobReader reader,
      ShelfService shelf,
      ReferenceData reference,
      Clock clock) {
    this.jobs = jobs;
    this.bench = bench;
    this.reader = reader;
    this.shelf = shelf;
    this.reference = reference;
    this.clock = clock;
  }

  Setting setting(UUID jobId) {
    JobFile document = jobs.document(jobId);
    JobFile any = document.with(List.of(jobs.likely(jobId, null)));
    return reader.read(any, shelf.shelf(), reference.houseRules()).setting();
  }

  /** A panel as it is now; one not surveyed yet is what such panels usually are. */
  SimulatedSurface surface(UUID jobId, String surfaceId) {
    JobFile document = jobs.document(jobId).with(List.of(jobs.likely(jobId, surfaceId)));
    Job job = reader.read(document, shelf.shelf(), reference.houseRules());
    SimulatedSurface found =
        SimulatedSurface.found(
            reference.planner().place(job, job.surfaces().get(0)),
            reference.rulebook(),
            jobId.getMostSignificantBits() ^ surfaceId.hashCode());
    return bench.plan(jobId).map(plan -> worked(found, jobId, surfaceId, plan)).orElse(found);
  }

  private SimulatedSurface worked(
      SimulatedSurface found, UUID jobId, String surfaceId, PlanFile plan) {
    Optional<PlannedSurfaceFile> planned =
        plan.surfaces().stream().filter(s -> s.surfaceId().equals(surfaceId)).findFirst();
    Shelf used = bench.shelfOf(jobId);
    List<BenchTask> here =
        bench.view(jobId).tasks().stream()
            .filter(task -> task.needsHands() && task.surfaceIds().contains(surfaceId))
            .toList();
    List<BenchTask> done =
        here.stream()
            .filter(task -> task.state() == TaskState.DONE)
            .filter(task -> isLastOf(task, here))
            .sorted(Comparator.comparing(BenchTask::doneAt))
            .toList();
    SimulatedSurface now = found;
    LocalDateTime at = null;
    for (BenchTask task : done) {
      if (at != null) {
        now = now.waitFor(Math.max(0, Duration.between(at, task.doneAt()).toSeconds()));
      }
      at = task.doneAt();
      now = planned.isPresent() ? step(now, task, planned.get(), used) : now;
    }
    LocalDateTime present = LocalDateTime.now(clock);
    return at == null ? now : now.waitFor(Math.max(0, Duration.between(at, present).toSeconds()));
  }

  /** A step done in several sections counts once all of them are ticked. */
  private static boolean isLastOf(BenchTask task, List<BenchTask> here) {
    List<BenchTask> same =
        here.stream().filter(t -> t.step().equals(task.step()) && t.rung() == task.rung()).toList();
    return same.stream().allMatch(t -> t.state() == TaskState.DONE)
        && same.stream().noneMatch(t -> done(t).isAfter(done(task)))
        && same.lastIndexOf(task) == lastAt(same, done(task));
  }

  private static LocalDateTime done(BenchTask task) {
    return Objects.requireNonNull(task.doneAt());
  }

  private static int lastAt(List<BenchTask> same, LocalDateTime at) {
    int last = -1;
    for (int i = 0; i < same.size(); i++) {
      last = done(same.get(i)).equals(at) ? i : last;
    }
    return last;
  }

  private static SimulatedSurface step(
      SimulatedSurface surface, BenchTask task, PlannedSurfaceFile planned, Shelf shelf) {
    String step = task.step();
    if (task.rung() > 0 && !task.step().equals("test-spot")) {
      RungFile rung = planned.ladder().get(task.rung() - 1);
      return cleaned(
          surface, rung, task.passes() > 0 ? task.passes() : rung.passes().high(), shelf);
    }
    SimulatedSurface now = surface;
    for (PlanFile.FinishStepFile finish : planned.laid()) {
      if (finish.step().equals(step)) {
        Optional<Product> product =
            Optional.ofNullable(finish.productId()).flatMap(shelf::findProduct);
        now = product.isPresent() ? now.apply(product.get(), finish.coats()) : now;
      }
    }
    return step.equals("level") ? now.level() : now;
  }

  private static SimulatedSurface cleaned(
      SimulatedSurface surface, RungFile rung, int passes, Shelf shelf) {
    Treatment treatment =
        new Treatment(
            Optional.ofNullable(rung.cleanerId()).flatMap(shelf::findProduct),
            Ratio.parse(rung.ratio()),
            shelf.findTool(rung.toolId()).orElseThrow(),
            Coded.parse(Treatment.ApplyTo.class, rung.applyTo()),
            rung.laidGPerM2(),
            Coded.parse(Treatment.Warmth.class, rung.warmth()),
            (int) rung.dwellS().min());
    SimulatedSurface now = surface;
    for (int pass = 0; pass < passes; pass++) {
      now = now.pass(treatment);
    }
    return now;
  }
}
