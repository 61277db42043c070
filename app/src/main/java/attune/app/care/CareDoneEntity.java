package attune.app.care;

import attune.app.author.Authored;
import attune.app.care.CareViews.DoneView;
import attune.app.care.CareViews.Where;
import attune.core.plan.Plan.CareItem;
import jakarta.annotation.Nullable;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;

/** After-care that was done. */
@Entity
@Table(name = "care_done")
class CareDoneEntity extends Authored {
  @Id private UUID id;

  @Column(name = "job_id", nullable = false)
  private UUID jobId;

  private @Nullable String code;

  @Column(nullable = false)
  private String what;

  @Column(name = "done_on", nullable = false)
  private LocalDate doneOn;

  @Enumerated(EnumType.STRING)
  @Column(nullable = false)
  private Where place;

  @Column(nullable = false)
  private String note;

  protected CareDoneEntity() {}

  CareDoneEntity(UUID jobId, CareItem care, LocalDate doneOn, Where place, String note) {
    this.id = UUID.randomUUID();
    this.jobId = jobId;
    this.code = care.code();
    this.what = care.what();
    this.doneOn = doneOn;
    this.place = place;
    this.note = note;
  }

  UUID jobId() {
    return jobId;
  }

  String what() {
    return what;
  }

  LocalDate doneOn() {
    return doneOn;
  }

  DoneView view() {
    return new DoneView(id, code, what, doneOn, place, note);
  }
}
