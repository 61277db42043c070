package attune.app.readings;

import attune.app.bench.BenchService;
import attune.app.format.JobFile;
import attune.app.format.JobReader;
import attune.app.jobs.JobService;
import attune.app.reference.ReferenceData;
import attune.app.shelf.ShelfService;
import attune.core.bench.FrozenPanel;
import attune.core.bench.FrozenRung;
import attune.core.bench.RunSoFar;
import attune.core.bench.StepSoFar;
import attune.core.match.Treatment;
import attune.core.plan.Step;
import attune.core.shelf.Shelf;
import attune.core.shelf.Tool;
import attune.core.simulate.SimulatedSurface;
import attune.core.survey.Job;
import attune.core.survey.Setting;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.List;
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
    return bench.soFar(jobId).map(run -> worked(found, jobId, surfaceId, run)).orElse(found);
  }

  private SimulatedSurface worked(
      SimulatedSurface found, UUID jobId, String surfaceId, RunSoFar run) {
    Shelf used = bench.shelfOf(jobId);
    List<StepSoFar> here = run.hands(surfaceId).toList();
    List<StepSoFar> done =
        here.stream()
            .filter(step -> step.isDone() && isLastOf(step, here))
            .sorted(Comparator.comparing(SimulatedCabin::done))
            .toList();
    SimulatedSurface now = found;
    LocalDateTime at = null;
    for (StepSoFar step : done) {
      if (at != null) {
        now = now.waitFor(Math.max(0, Duration.between(at, done(step)).toSeconds()));
      }
      at = done(step);
      now = step(now, step, run.plan().panel(surfaceId), used);
    }
    LocalDateTime present = LocalDateTime.now(clock);
    return at == null ? now : now.waitFor(Math.max(0, Duration.between(at, present).toSeconds()));
  }

  /** A step done in several sections counts once all of them are ticked. */
  private static boolean isLastOf(StepSoFar step, List<StepSoFar> here) {
    List<StepSoFar> same =
        here.stream().filter(s -> s.step() == step.step() && s.rung() == step.rung()).toList();
    return same.stream().allMatch(StepSoFar::isDone)
        && same.stream().noneMatch(s -> done(s).isAfter(done(step)))
        && same.lastIndexOf(step) == lastAt(same, done(step));
  }

  private static LocalDateTime done(StepSoFar step) {
    return step.state().doneAt().orElseThrow();
  }

  private static int lastAt(List<StepSoFar> same, LocalDateTime at) {
    int last = -1;
    for (int i = 0; i < same.size(); i++) {
      last = done(same.get(i)).equals(at) ? i : last;
    }
    return last;
  }

  private static SimulatedSurface step(
      SimulatedSurface surface, StepSoFar step, Optional<FrozenPanel> planned, Shelf shelf) {
    if (step.rung() > 0 && step.step().cleans()) {
      return step.run().rung().map(rung -> cleaned(surface, step, rung, shelf)).orElse(surface);
    }
    if (step.step() == Step.LEVEL) {
      return surface.level();
    }
    return planned
        .flatMap(panel -> panel.laidIn(step.step()))
        .flatMap(
            laid ->
                step.productId()
                    .or(laid::productId)
                    .flatMap(shelf::findProduct)
                    .map(product -> surface.apply(product, laid.coats())))
        .orElse(surface);
  }

  /** With what was used, as it was mixed; what cannot be found on the shelf does nothing. */
  private static SimulatedSurface cleaned(
      SimulatedSurface surface, StepSoFar step, FrozenRung rung, Shelf shelf) {
    Optional<Tool> tool = step.toolId().flatMap(shelf::findTool);
    if (tool.isEmpty()) {
      return surface;
    }
    Treatment treatment =
        new Treatment(
            step.productId().flatMap(shelf::findProduct),
            step.ratio(),
            tool.get(),
            rung.applyTo(),
            rung.laidGPerM2(),
            rung.warmth(),
            (int) rung.dwell().minS());
    SimulatedSurface now = surface;
    for (int pass = 0; pass < step.passesMade(); pass++) {
      now = now.pass(treatment);
    }
    return now;
  }
}
