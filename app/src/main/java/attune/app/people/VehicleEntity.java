package attune.app.people;

import attune.app.people.PeopleViews.VehicleForm;
import jakarta.annotation.Nullable;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.Optional;
import java.util.UUID;

/** A vehicle, whoever it belongs to. */
@Entity
@Table(name = "vehicle")
class VehicleEntity {
  @Id private UUID id;

  @Column(nullable = false)
  private String label;

  private @Nullable String plate;

  @Column(nullable = false)
  private String layout;

  private @Nullable String drive;

  @Column(name = "built_year")
  private @Nullable Integer builtYear;

  @Column(name = "trim_level")
  private @Nullable String trim;

  @Column(name = "odometer_km")
  private @Nullable Integer odometerKm;

  @Column(name = "history_known", nullable = false)
  private boolean historyKnown;

  @ManyToOne(fetch = FetchType.LAZY)
  @JoinColumn(name = "customer_id")
  private @Nullable CustomerEntity customer;

  @ManyToOne(fetch = FetchType.LAZY)
  @JoinColumn(name = "fleet_id")
  private @Nullable FleetEntity fleet;

  @Version private @Nullable Integer version;

  protected VehicleEntity() {}

  @SuppressWarnings("NullAway.Init") // take() fills in the rest
  VehicleEntity(UUID id) {
    this.id = id;
  }

  UUID id() {
    return id;
  }

  Optional<CustomerEntity> customer() {
    return Optional.ofNullable(customer);
  }

  Optional<FleetEntity> fleet() {
    return Optional.ofNullable(fleet);
  }

  VehicleForm form() {
    return new VehicleForm(
        label,
        plate,
        layout,
        drive,
        builtYear,
        trim,
        odometerKm,
        historyKnown,
        customer == null ? null : customer.id(),
        fleet == null ? null : fleet.id(),
        version);
  }

  void take(VehicleForm form, @Nullable CustomerEntity owner, @Nullable FleetEntity ofFleet) {
    label = form.label().strip();
    plate = Texts.orNull(form.plate());
    layout = form.layout();
    drive = form.drive();
    builtYear = form.builtYear();
    trim = Texts.orNull(form.trim());
    odometerKm = form.odometerKm();
    historyKnown = form.historyKnown();
    customer = owner;
    fleet = ofFleet;
  }

  void belongTo(CustomerEntity owner) {
    customer = owner;
  }

  /** Lets go of whom it belongs to and of the plate that would lead back to them. */
  void forgetOwner() {
    customer = null;
    plate = null;
  }
}
