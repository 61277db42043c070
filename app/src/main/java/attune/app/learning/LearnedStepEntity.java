package attune.app.learning;

import attune.core.run.Experience.StepCase;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** What all steps of one kind took in a visit, as it counts for what is learnt. */
@Entity
@Table(name = "learned_step")
class LearnedStepEntity {
  @Id private UUID id;

  @Column(name = "job_id", nullable = false)
  private UUID jobId;

  @Column(nullable = false)
  private String step;

  @Column(name = "planned_min", nullable = false)
  private double plannedMin;

  @Column(nullable = false)
  private double minutes;

  protected LearnedStepEntity() {}

  LearnedStepEntity(UUID jobId, StepCase c) {
    this.id = UUID.randomUUID();
    this.jobId = jobId;
    this.step = c.step();
    this.plannedMin = c.plannedMin();
    this.minutes = c.minutes();
  }

  StepCase view() {
    return new StepCase(step, plannedMin, minutes);
  }
}
