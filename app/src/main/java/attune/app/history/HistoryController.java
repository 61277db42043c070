package attune.app.history;

import attune.app.format.Code;
import attune.app.jobs.JobService;
import attune.app.jobs.JobState;
import attune.app.jobs.JobViews.JobSummary;
import attune.app.people.PeopleViews.Treatment;
import attune.app.people.PeopleViews.VehicleView;
import attune.app.people.VehicleService;
import attune.app.shelf.ProductName;
import attune.core.plan.Step;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A vehicle's earlier visits over HTTP. */
@RestController
@RequestMapping("/api/v1/vehicles/{id}/history")
class HistoryController {
  private static final Phrases PHRASES = Phrases.of(HistoryController.class);

  /**
   * The visits of a vehicle.
   *
   * @param assumed what is taken for granted while nothing is known of the time before, or empty
   */
  record HistoryView(List<Visit> visits, List<String> assumed) {}

  /**
   * A visit and what was used, by product.
   *
   * @param run how the work went, null before there was any
   */
  record Visit(
      UUID jobId,
      String title,
      JobState state,
      LocalDate day,
      List<UsedProduct> used,
      @Nullable RunOfVisit run) {}

  /**
   * How a visit's work went.
   *
   * @param workedMin hands-on time it took; {@code plannedMin} of the same steps
   * @param came what came clean with what, panels and passes
   * @param exposure the panels whose allowance of the year it took most of
   * @param sheen valid readings of that day, panel by panel
   */
  record RunOfVisit(
      long plannedMin,
      long workedMin,
      List<String> came,
      List<String> exposure,
      List<String> sheen) {}

  /** A product and the panels it was used on. */
  record UsedProduct(@Code(Step.class) String step, String product, List<String> panels) {}

  private static final List<String> UNKNOWN =
      List.of(
          PHRASES.say("never-deep-cleaned-dirt-sits"),
          PHRASES.say("an-earlier-dressing-is-possible"),
          PHRASES.say("an-earlier-owner-may-have"));

  private final VehicleService vehicles;
  private final JobService jobs;
  private final RunsOfVisits runs;

  HistoryController(VehicleService vehicles, JobService jobs, RunsOfVisits runs) {
    this.vehicles = vehicles;
    this.jobs = jobs;
    this.runs = runs;
  }

  @GetMapping
  HistoryView history(@PathVariable UUID id) {
    VehicleView vehicle = vehicles.get(id);
    Map<UUID, List<Treatment>> used =
        vehicles.treatments(id).stream().collect(Collectors.groupingBy(Treatment::jobId));
    List<Visit> visits =
        jobs.ofVehicle(id).stream()
            .map(job -> visit(job, used.getOrDefault(job.id(), List.of())))
            .toList();
    boolean known = vehicle.form().historyKnown() || !used.isEmpty();
    return new HistoryView(visits, known ? List.of() : UNKNOWN);
  }

  private Visit visit(JobSummary job, List<Treatment> used) {
    Map<List<String>, List<String>> panels =
        used.stream()
            .collect(
                Collectors.groupingBy(
                    t -> List.of(t.step(), t.ratio() == null ? t.product() : product(t)),
                    LinkedHashMap::new,
                    Collectors.mapping(Treatment::panel, Collectors.toList())));
    return new Visit(
        job.id(),
        job.title(),
        job.state(),
        used.isEmpty() ? job.startAt().toLocalDate() : used.get(0).doneOn(),
        panels.entrySet().stream()
            .map(e -> new UsedProduct(e.getKey().get(0), e.getKey().get(1), e.getValue()))
            .toList(),
        job.state() == JobState.SURVEY ? null : runs.of(job.id()).orElse(null));
  }

  private static String product(Treatment t) {
    return ProductName.mixed(t.product(), t.ratio());
  }
}
