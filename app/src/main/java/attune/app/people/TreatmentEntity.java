package attune.app.people;

import attune.app.author.Authored;
import attune.app.people.PeopleViews.Treatment;
import jakarta.annotation.Nullable;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;

/** One product used on one panel of a vehicle. */
@Entity
@Table(name = "treatment")
class TreatmentEntity extends Authored {
  @Id private UUID id;

  @Column(name = "vehicle_id", nullable = false)
  private UUID vehicleId;

  @Column(name = "job_id", nullable = false)
  private UUID jobId;

  @Column(name = "surface_id", nullable = false)
  private String surfaceId;

  @Column(nullable = false)
  private String panel;

  @Column(name = "done_on", nullable = false)
  private LocalDate doneOn;

  @Column(nullable = false)
  private String step;

  @Column(name = "product_id", nullable = false)
  private String productId;

  @Column(nullable = false)
  private String product;

  private @Nullable String ratio;
  private @Nullable Double ph;

  @Column(name = "contact_min")
  private @Nullable Double contactMin;

  private @Nullable Integer passes;
  private @Nullable Integer stiffness;

  @Column(nullable = false)
  private boolean coated;

  protected TreatmentEntity() {}

  TreatmentEntity(UUID vehicleId, Treatment t) {
    this.id = UUID.randomUUID();
    this.vehicleId = vehicleId;
    this.jobId = t.jobId();
    this.surfaceId = t.surfaceId();
    this.panel = t.panel();
    this.doneOn = t.doneOn();
    this.step = t.step();
    this.productId = t.productId();
    this.product = t.product();
    this.ratio = t.ratio();
    this.ph = t.ph();
    this.contactMin = t.contactMin();
    this.passes = t.passes();
    this.stiffness = t.stiffness();
    this.coated = t.coated();
  }

  Treatment view() {
    return new Treatment(
        jobId,
        surfaceId,
        panel,
        doneOn,
        step,
        productId,
        product,
        ratio,
        ph,
        contactMin,
        passes,
        stiffness,
        coated);
  }
}
