package attune.app.people;

import attune.app.layouts.Layouts;
import attune.app.people.PeopleViews.CustomerForm;
import attune.app.people.PeopleViews.FleetForm;
import attune.app.people.PeopleViews.FleetView;
import attune.app.people.PeopleViews.Treatment;
import attune.app.people.PeopleViews.VehicleForm;
import attune.app.people.PeopleViews.VehicleLine;
import attune.app.people.PeopleViews.VehicleView;
import attune.core.check.InvalidInputException;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.Limit;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Vehicles, their fleets, and what was used on them. */
@Service
@Transactional
public class VehicleService {
  private static final Phrases PHRASES = Phrases.of(VehicleService.class);

  private static final Limit MOST = Limit.of(200);

  /** Two records were the same vehicle; whoever points at the second points at the first now. */
  public record Merged(UUID kept, UUID gone) {}

  private final VehicleRepository vehicles;
  private final FleetRepository fleets;
  private final TreatmentRepository treatments;
  private final CustomerRepository customerLines;
  private final CustomerService customers;
  private final Layouts layouts;
  private final ApplicationEventPublisher events;

  VehicleService(
      VehicleRepository vehicles,
      FleetRepository fleets,
      TreatmentRepository treatments,
      CustomerRepository customerLines,
      CustomerService customers,
      Layouts layouts,
      ApplicationEventPublisher events) {
    this.vehicles = vehicles;
    this.fleets = fleets;
    this.treatments = treatments;
    this.customerLines = customerLines;
    this.customers = customers;
    this.layouts = layouts;
    this.events = events;
  }

  /** Vehicles whose label, plate, customer or fleet hold the words; all for none. */
  @Transactional(readOnly = true)
  public List<VehicleLine> search(String words) {
    return vehicles.search(CustomerService.like(words), MOST);
  }

  @Transactional(readOnly = true)
  public VehicleView get(UUID id) {
    return view(vehicle(id));
  }

  /** What the customer of a vehicle wishes and does to a cabin, where there is one. */
  @Transactional(readOnly = true)
  public Optional<CustomerForm> customerOf(UUID id) {
    return vehicle(id).customer().map(CustomerEntity::form);
  }

  /** What the customers of some vehicles wish and do to a cabin, by vehicle; one query for all. */
  @Transactional(readOnly = true)
  public Map<UUID, CustomerForm> customersOf(Collection<UUID> ids) {
    Map<UUID, CustomerForm> found = new HashMap<>();
    for (VehicleEntity vehicle : vehicles.findByIdIn(ids)) {
      vehicle.customer().ifPresent(customer -> found.put(vehicle.id(), customer.form()));
    }
    return found;
  }

  public VehicleView create(VehicleForm form) {
    VehicleEntity vehicle = new VehicleEntity(UUID.randomUUID());
    take(vehicle, form);
    return view(vehicles.saveAndFlush(vehicle));
  }

  public VehicleView change(UUID id, VehicleForm form) {
    VehicleEntity vehicle = vehicle(id);
    if (form.version() == null || !form.version().equals(vehicle.form().version())) {
      throw new ObjectOptimisticLockingFailureException(VehicleEntity.class, id);
    }
    take(vehicle, form);
    vehicles.flush();
    return view(vehicle);
  }

  private void take(VehicleEntity vehicle, VehicleForm form) {
    layouts.get(form.layout());
    FleetEntity fleet =
        form.fleetId() == null
            ? null
            : fleets
                .findById(form.fleetId())
                .orElseThrow(
                    () ->
                        new InvalidInputException(
                            "/fleetId",
                            "\"" + form.fleetId() + "\"",
                            PHRASES.say("a-fleet-there-is")));
    vehicle.take(
        form, form.customerId() == null ? null : customers.customer(form.customerId()), fleet);
  }

  /** Takes another record of the same vehicle in, with its visits. */
  public VehicleView merge(UUID id, UUID otherId) {
    if (id.equals(otherId)) {
      throw new InvalidInputException(
          "/other", PHRASES.say("the-same-vehicle"), PHRASES.say("another-one"));
    }
    VehicleEntity kept = vehicle(id);
    VehicleEntity other = vehicle(otherId);
    VehicleForm a = kept.form();
    VehicleForm b = other.form();
    kept.take(
        new VehicleForm(
            a.label(),
            Texts.or(a.plate(), b.plate()),
            a.layout(),
            Texts.or(a.drive(), b.drive()),
            Texts.or(a.builtYear(), b.builtYear()),
            Texts.or(a.trim(), b.trim()),
            later(a.odometerKm(), b.odometerKm()),
            a.historyKnown() || b.historyKnown(),
            null,
            null,
            null),
        kept.customer().or(other::customer).orElse(null),
        kept.fleet().or(other::fleet).orElse(null));
    treatments.move(otherId, id);
    events.publishEvent(new Merged(id, otherId));
    vehicles.delete(other);
    vehicles.flush();
    return view(kept);
  }

  private static @Nullable Integer later(@Nullable Integer a, @Nullable Integer b) {
    return a == null || b == null ? Texts.or(a, b) : Integer.valueOf(Math.max(a, b));
  }

  /** What was used on a vehicle, latest first. */
  @Transactional(readOnly = true)
  public List<Treatment> treatments(UUID id) {
    return treatments.findByVehicleIdOrderByDoneOnDescPanelAscStepAsc(id).stream()
        .map(TreatmentEntity::view)
        .toList();
  }

  /** Notes what a job used; a job is noted once. */
  public void note(UUID id, UUID jobId, List<Treatment> used) {
    if (!treatments.existsByJobId(jobId)) {
      treatments.saveAll(used.stream().map(t -> new TreatmentEntity(id, t)).toList());
    }
  }

  @Transactional(readOnly = true)
  public List<FleetView> fleets() {
    return fleets.findAllByOrderByName().stream().map(VehicleService::view).toList();
  }

  public FleetView create(FleetForm form) {
    if (fleets.existsByNameIgnoreCase(form.name().strip())) {
      throw new InvalidInputException(
          "/name", "\"" + form.name() + "\"", PHRASES.say("a-name-no-other-fleet"));
    }
    return view(
        fleets.saveAndFlush(
            new FleetEntity(UUID.randomUUID(), form.name().strip(), Texts.orNull(form.notes()))));
  }

  private static FleetView view(FleetEntity fleet) {
    return new FleetView(fleet.id(), fleet.name(), fleet.notes());
  }

  private VehicleEntity vehicle(UUID id) {
    return vehicles
        .findById(id)
        .orElseThrow(() -> new NoSuchElementException(PHRASES.say("there-is-no-such-vehicle")));
  }

  private VehicleView view(VehicleEntity vehicle) {
    VehicleForm form = vehicle.form();
    return new VehicleView(
        vehicle.id(),
        form,
        vehicle.customer().map(c -> customerLines.line(c.id())).orElse(null),
        vehicle.fleet().map(VehicleService::view).orElse(null),
        vehicles.likelySame(vehicle.id(), form.plate(), form.label(), form.layout()));
  }
}
