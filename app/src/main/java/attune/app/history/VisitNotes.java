package attune.app.history;

import attune.app.bench.BenchService;
import attune.app.bench.BenchViews.BenchTask;
import attune.app.bench.BenchViews.TaskState;
import attune.app.format.PlanFile;
import attune.app.format.PlanFile.FinishStepFile;
import attune.app.format.PlanFile.PlannedSurfaceFile;
import attune.app.format.PlanFile.RungFile;
import attune.app.jobs.JobService;
import attune.app.jobs.JobViews.JobDetail;
import attune.app.people.PeopleViews.Treatment;
import attune.app.people.VehicleService;
import attune.app.shelf.StockService;
import attune.core.run.RunTask;
import attune.core.shelf.Product;
import attune.core.shelf.Shelf;
import attune.core.shelf.Tool;
import jakarta.annotation.Nullable;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashSet;
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
  private static final Set<String> CLEANS = Set.of("clean", "textile");

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
    List<Treatment> used = used(jobId);
    vehicles.note(job.vehicleId(), jobId, used);
    stock.draw(jobId, drawn(bench.plan(jobId).orElseThrow(), used));
  }

  /** What was used on each panel, as ticked so far. */
  @Transactional(readOnly = true)
  public List<Treatment> used(UUID jobId) {
    JobDetail job = jobs.get(jobId);
    PlanFile plan = bench.plan(jobId).orElseThrow();
    List<BenchTask> tasks = bench.view(jobId).tasks();
    Optional<LocalDateTime> done =
        tasks.stream()
            .filter(task -> task.doneAt() != null)
            .map(BenchTask::doneAt)
            .max(LocalDateTime::compareTo);
    return done.map(when -> used(job, plan, tasks, when)).orElse(List.of());
  }

  private List<Treatment> used(
      JobDetail job, PlanFile plan, List<BenchTask> tasks, LocalDateTime when) {
    UUID jobId = job.id();
    Shelf shelf = bench.shelfOf(jobId);
    List<Treatment> used = new ArrayList<>();
    for (PlannedSurfaceFile surface : plan.surfaces()) {
      Set<String> done = done(tasks, surface.surfaceId());
      String panel = job.labels().getOrDefault(surface.surfaceId(), surface.surfaceId());
      for (int rung = 1; rung <= surface.ladder().size(); rung++) {
        RungFile worked = surface.ladder().get(rung - 1);
        int number = worked.spot() == null ? rung : RunTask.SPOT;
        int passes = passes(tasks, surface.surfaceId(), number);
        if (passes > 0 && worked.cleanerId() != null) {
          used.add(cleaned(jobId, surface.surfaceId(), panel, when, worked, passes, shelf));
        }
      }
      surface.laid().stream()
          .filter(step -> done.contains(step.step()))
          .map(step -> finished(jobId, surface.surfaceId(), panel, when, step, shelf))
          .forEach(used::add);
    }
    return used;
  }

  /** What went out of the bottles: of each product used anywhere, the planned amount. */
  private static Map<String, Double> drawn(PlanFile plan, List<Treatment> used) {
    Set<String> products = used.stream().map(Treatment::productId).collect(Collectors.toSet());
    Map<String, Double> ml = new TreeMap<>();
    plan.mixes().stream()
        .filter(mix -> products.contains(mix.productId()))
        .forEach(mix -> ml.merge(mix.productId(), mix.productMl(), Double::sum));
    plan.doses().stream()
        .filter(dose -> products.contains(dose.productId()))
        .forEach(dose -> ml.merge(dose.productId(), dose.ml(), Double::sum));
    return ml;
  }

  /** Steps all of whose tasks on a panel are ticked. */
  private static Set<String> done(List<BenchTask> tasks, String surfaceId) {
    List<BenchTask> here =
        tasks.stream()
            .filter(task -> task.needsHands() && task.surfaceIds().contains(surfaceId))
            .toList();
    Set<String> steps = new LinkedHashSet<>(here.stream().map(BenchTask::step).toList());
    here.stream()
        .filter(task -> task.state() != TaskState.DONE)
        .forEach(task -> steps.remove(task.step()));
    return steps;
  }

  /** Passes made with a rung: as judged, else as planned where it was only ticked. */
  private static int passes(List<BenchTask> tasks, String surfaceId, int rung) {
    return tasks.stream()
        .filter(task -> task.rung() == rung && task.surfaceIds().contains(surfaceId))
        .filter(task -> CLEANS.contains(task.step()))
        .mapToInt(
            task ->
                task.passes() > 0
                    ? task.passes()
                    : task.state() == TaskState.DONE ? Math.max(1, task.passesHigh()) : 0)
        .max()
        .orElse(0);
  }

  private static Treatment cleaned(
      UUID job,
      String id,
      String panel,
      LocalDateTime when,
      RungFile rung,
      int passes,
      Shelf shelf) {
    return new Treatment(
        job,
        id,
        panel,
        when.toLocalDate(),
        "clean",
        id(rung.cleanerId()),
        name(shelf, id(rung.cleanerId())),
        rung.ratio(),
        rung.effectivePh() == null
            ? null
            : (rung.effectivePh().low() + rung.effectivePh().high()) / 2,
        rung.dwellS().max() / SECONDS,
        passes,
        shelf.findTool(rung.toolId()).map(Tool::stiffness).orElse(null),
        false);
  }

  private static Treatment finished(
      UUID job, String id, String panel, LocalDateTime when, FinishStepFile step, Shelf shelf) {
    return new Treatment(
        job,
        id,
        panel,
        when.toLocalDate(),
        step.step(),
        id(step.productId()),
        name(shelf, id(step.productId())),
        null,
        null,
        null,
        step.coats(),
        null,
        step.step().equals("coat"));
  }

  private static String id(@Nullable String product) {
    return product == null ? "" : product;
  }

  private static String name(Shelf shelf, String id) {
    return shelf.findProduct(id).map(Product::name).orElse(id);
  }
}
