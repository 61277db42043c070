package attune.app.history;

import attune.app.jobs.JobService;
import attune.app.jobs.JobState;
import attune.app.jobs.JobViews.JobSummary;
import attune.app.people.PeopleViews.Treatment;
import attune.app.people.PeopleViews.VehicleView;
import attune.app.people.VehicleService;
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
  /**
   * The visits of a vehicle.
   *
   * @param assumed what is taken for granted while nothing is known of the time before, or empty
   */
  record HistoryView(List<Visit> visits, List<String> assumed) {}

  /** A visit and what was used, by product. */
  record Visit(UUID jobId, String title, JobState state, LocalDate day, List<UsedProduct> used) {}

  /** A product and the panels it was used on. */
  record UsedProduct(String step, String product, List<String> panels) {}

  private static final List<String> UNKNOWN =
      List.of(
          "Never deep-cleaned: dirt sits in seams and grain deeper than it looks.",
          "An earlier dressing is possible: gloss, slip, a cloth that comes away oily.",
          "An earlier owner may have dyed worn places: watch the cloth for the trim's colour.");

  private final VehicleService vehicles;
  private final JobService jobs;

  HistoryController(VehicleService vehicles, JobService jobs) {
    this.vehicles = vehicles;
    this.jobs = jobs;
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

  private static Visit visit(JobSummary job, List<Treatment> used) {
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
            .toList());
  }

  private static String product(Treatment t) {
    return t.ratio().equals("ready") ? t.product() : t.product() + " " + t.ratio();
  }
}
