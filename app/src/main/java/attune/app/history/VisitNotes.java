package attune.app.history;

import attune.app.bench.BenchService;
import attune.app.bench.RunRecord.UsedUp;
import attune.app.jobs.JobService;
import attune.app.jobs.JobViews.JobDetail;
import attune.app.people.PeopleViews.Treatment;
import attune.app.people.VehicleService;
import attune.app.shelf.ProductName;
import attune.app.shelf.StockService;
import attune.core.bench.FrozenFinish;
import attune.core.bench.FrozenPanel;
import attune.core.bench.FrozenPlan;
import attune.core.bench.FrozenRung;
import attune.core.bench.RunSoFar;
import attune.core.bench.StepSoFar;
import attune.core.measure.Ratio;
import attune.core.plan.Step;
import attune.core.shelf.Shelf;
import attune.core.shelf.Tool;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Notes on the vehicle what a job used: only what was ticked at the bench. */
@Service
@Transactional
public class VisitNotes {
  private static final double SECONDS = 60;

  private final BenchService bench;
  private final JobService jobs;
  private final VehicleService vehicles;
  private final StockService stock;

  VisitNotes(BenchService bench, JobService jobs, VehicleService vehicles, StockService stock) {
    this.bench = bench;
    this.jobs = jobs;
    this.vehicles = vehicles;
    this.stock = stock;
  }

  /** Notes a job once, from the plan its run was started on. */
  public void note(UUID jobId) {
    JobDetail job = jobs.get(jobId);
    RunSoFar run = run(jobId);
    List<Treatment> used = used(job, run);
    vehicles.note(job.vehicleId(), jobId, used);
    stock.draw(jobId, drawn(jobId, run));
  }

  /** What was used on each panel, as ticked so far. */
  @Transactional(readOnly = true)
  public List<Treatment> used(UUID jobId) {
    return used(jobs.get(jobId), run(jobId));
  }

  private RunSoFar run(UUID jobId) {
    return bench.soFar(jobId).orElseThrow();
  }

  private List<Treatment> used(JobDetail job, RunSoFar run) {
    Optional<LocalDateTime> done = run.lastDone();
    if (done.isEmpty()) {
      return List.of();
    }
    PanelNotes notes = new PanelNotes(job, done.get().toLocalDate(), run, bench.shelfOf(job.id()));
    return run.plan().panels().stream().flatMap(panel -> notes.of(panel).stream()).toList();
  }

  /**
   * What went out of the bottles: of each product that was poured, what was mixed for it; of what
   * is laid on and of what nobody planned, what the record says.
   */
  private Map<String, Double> drawn(UUID jobId, RunSoFar run) {
    Map<String, Double> ml =
        bench.record(jobId).used().stream()
            .collect(
                Collectors.groupingBy(
                    UsedUp::productId, TreeMap::new, Collectors.summingDouble(UsedUp::ml)));
    ml.replaceAll((product, recorded) -> out(run.plan(), product, recorded));
    ml.values().removeIf(out -> out <= 0);
    return ml;
  }

  /** What is laid on leaves its bottle panel by panel, and once what the applicator keeps. */
  private static double out(FrozenPlan plan, String product, double recorded) {
    Double planned = plan.concentrateMl().get(product);
    double laid =
        plan.panels().stream()
            .flatMap(panel -> panel.finish().stream())
            .filter(finish -> finish.productId().filter(product::equals).isPresent())
            .mapToDouble(FrozenFinish::doseMl)
            .sum();
    if (planned == null) {
      return recorded;
    }
    boolean cleans =
        plan.panels().stream()
            .flatMap(panel -> panel.ladder().stream())
            .anyMatch(rung -> rung.cleanerId().filter(product::equals).isPresent());
    return laid > 0 && !cleans ? recorded + Math.max(0, planned - laid) : planned;
  }

  /** What is noted of one panel after another. */
  private record PanelNotes(JobDetail job, LocalDate when, RunSoFar run, Shelf shelf) {
    /**
     * What the same bottle did at the same rung is one treatment, however many sections it took.
     */
    private record Worked(
        FrozenRung rung, String productId, Ratio ratio, Optional<Integer> stiffness) {}

    List<Treatment> of(FrozenPanel panel) {
      List<Treatment> used = new ArrayList<>();
      Map<Worked, Integer> passes = new LinkedHashMap<>();
      for (StepSoFar step : run.cleaned(panel.surfaceId())) {
        step.productId()
            .ifPresent(
                product ->
                    passes.merge(
                        new Worked(
                            step.run().rung().orElseThrow(),
                            product,
                            step.ratio(),
                            step.toolId().flatMap(shelf::findTool).map(Tool::stiffness)),
                        step.passesMade(),
                        Math::max));
      }
      passes.forEach((worked, made) -> used.add(cleaned(panel.surfaceId(), worked, made)));
      Set<Step> done = run.done(panel.surfaceId());
      panel.finish().stream()
          .filter(laid -> done.contains(laid.step()))
          .map(laid -> finished(panel.surfaceId(), laid))
          .forEach(used::add);
      return used;
    }

    /** The pH as planned; of what was used instead it is worked out from bottle and ratio. */
    private Treatment cleaned(String panel, Worked worked, int passes) {
      FrozenRung rung = worked.rung();
      boolean planned =
          rung.cleanerId().filter(worked.productId()::equals).isPresent()
              && rung.ratio().equals(worked.ratio());
      return new Treatment(
          job.id(),
          panel,
          label(panel),
          when,
          Step.CLEAN.code(),
          worked.productId(),
          name(worked.productId()),
          worked.ratio().code(),
          rung.ph().filter(ph -> planned).map(ph -> (ph.low() + ph.high()) / 2).orElse(null),
          rung.dwell().maxS() / SECONDS,
          passes,
          worked.stiffness().orElse(null),
          false);
    }

    private Treatment finished(String panel, FrozenFinish laid) {
      String product =
          run.hands(panel)
              .filter(step -> step.step() == laid.step())
              .flatMap(step -> step.productId().stream())
              .reduce((earlier, later) -> later)
              .or(laid::productId)
              .orElse("");
      return new Treatment(
          job.id(),
          panel,
          label(panel),
          when,
          laid.step().code(),
          product,
          name(product),
          null,
          null,
          null,
          laid.coats(),
          null,
          laid.step() == Step.COAT);
    }

    private String label(String panel) {
      return job.labels().getOrDefault(panel, panel);
    }

    private String name(String product) {
      return ProductName.of(shelf, product);
    }
  }
}
