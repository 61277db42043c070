package attune.app.care;

import attune.app.bench.BenchService;
import attune.app.bench.LeftBehind;
import attune.app.care.CareViews.DoneView;
import attune.app.jobs.JobService;
import attune.app.jobs.JobState;
import attune.app.jobs.VehicleVisit;
import attune.app.people.PeopleViews.CustomerForm;
import attune.app.people.VehicleService;
import attune.app.reference.ReferenceData;
import attune.core.care.Interval;
import attune.core.care.Use;
import attune.core.care.Use.Habit;
import attune.core.survey.Condition.Level;
import jakarta.annotation.Nullable;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Gathers what after-care goes by, for one job or a list of them in as many queries. */
@Component
class CareBasis {
  private final CareDoneRepository doneSince;
  private final JobService jobs;
  private final BenchService bench;
  private final VehicleService vehicles;
  private final ReferenceData reference;
  private final Clock clock;

  CareBasis(
      CareDoneRepository doneSince,
      JobService jobs,
      BenchService bench,
      VehicleService vehicles,
      ReferenceData reference,
      Clock clock) {
    this.doneSince = doneSince;
    this.jobs = jobs;
    this.bench = bench;
    this.vehicles = vehicles;
    this.reference = reference;
    this.clock = clock;
  }

  /**
   * What the after-care of one job goes by.
   *
   * @param visit day of the last tick, or today while there is none
   * @param deepDays days to the next deep clean, from the visit before and what this one found
   * @param done what was done since, the latest last
   */
  record Of(LeftBehind left, LocalDate visit, Use use, OptionalInt deepDays, List<DoneView> done) {}

  /** By job; none for jobs that were not worked. */
  Map<UUID, Of> of(Collection<UUID> jobIds) {
    Map<UUID, LeftBehind> left = bench.leftBehind(jobIds);
    Map<UUID, List<DoneView>> done =
        doneSince.findByJobIdInOrderByDoneOn(left.keySet()).stream()
            .collect(
                Collectors.groupingBy(
                    CareDoneEntity::jobId,
                    Collectors.mapping(CareDoneEntity::view, Collectors.toList())));
    List<VehicleVisit> visits = jobs.visitsOfSameVehicles(left.keySet());
    Map<UUID, UUID> vehicleOf =
        visits.stream().collect(Collectors.toMap(VehicleVisit::job, VehicleVisit::vehicle));
    Map<UUID, List<VehicleVisit>> visitsOf =
        visits.stream().collect(Collectors.groupingBy(VehicleVisit::vehicle));
    Map<UUID, CustomerForm> customers = vehicles.customersOf(visitsOf.keySet());
    Map<UUID, Of> found = new HashMap<>();
    left.forEach(
        (job, behind) -> {
          UUID vehicle = vehicleOf.get(job);
          LocalDate visit = visit(behind);
          found.put(
              job,
              new Of(
                  behind,
                  visit,
                  use(customers.get(vehicle), behind.hot()),
                  deepDays(job, behind, visit, visitsOf.getOrDefault(vehicle, List.of())),
                  done.getOrDefault(job, List.of())));
        });
    return found;
  }

  private LocalDate visit(LeftBehind left) {
    return left.lastDone() == null ? LocalDate.now(clock) : left.lastDone().toLocalDate();
  }

  /** As far as its customer said. */
  private static Use use(@Nullable CustomerForm customer, boolean hot) {
    if (customer == null) {
      return new Use(OptionalInt.empty(), Set.of(), hot);
    }
    return new Use(
        customer.kmAYear() == null ? OptionalInt.empty() : OptionalInt.of(customer.kmAYear()),
        customer.uses().stream().map(use -> Habit.valueOf(use.name())).collect(Collectors.toSet()),
        hot);
  }

  private OptionalInt deepDays(
      UUID job, LeftBehind left, LocalDate visit, List<VehicleVisit> visits) {
    Optional<LocalDate> before =
        visits.stream()
            .filter(v -> !v.job().equals(job) && v.state() == JobState.HANDED_OVER)
            .map(v -> v.startAt().toLocalDate())
            .filter(day -> day.isBefore(visit))
            .max(Comparator.naturalOrder());
    return before.isPresent()
        ? Interval.adapted(before.get(), visit, layers(left.soil()), reference.figures())
        : OptionalInt.empty();
  }

  private double layers(@Nullable Level soil) {
    return soil == null || soil == Level.NONE
        ? 0
        : reference.figures().get("cleaning.soil." + soil.code());
  }
}
