package attune.app.learning;

import attune.core.run.Experience.Case;
import attune.core.run.Experience.Kind;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** A panel that was cleaned, as it counts for what is learnt. */
@Entity
@Table(name = "learned_case")
class LearnedCaseEntity {
  @Id private UUID id;

  @Column(name = "job_id", nullable = false)
  private UUID jobId;

  @Column(name = "surface_id", nullable = false)
  private String surfaceId;

  @Column(nullable = false)
  private String finish;

  @Column(nullable = false)
  private String soil;

  @Column(name = "planned_min", nullable = false)
  private double plannedMin;

  @Column(nullable = false)
  private double minutes;

  @Column(name = "planned_passes", nullable = false)
  private double plannedPasses;

  @Column(nullable = false)
  private int passes;

  protected LearnedCaseEntity() {}

  LearnedCaseEntity(UUID jobId, LearningService.LearnedPanel panel) {
    Case c = panel.took();
    this.id = UUID.randomUUID();
    this.jobId = jobId;
    this.surfaceId = panel.surfaceId();
    this.finish = c.kind().finish();
    this.soil = c.kind().soil();
    this.plannedMin = c.plannedMin();
    this.minutes = c.minutes();
    this.plannedPasses = c.plannedPasses();
    this.passes = c.passes();
  }

  Case view() {
    return new Case(new Kind(finish, soil), plannedMin, minutes, plannedPasses, passes);
  }
}
