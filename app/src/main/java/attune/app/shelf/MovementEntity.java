package attune.app.shelf;

import attune.app.author.Authored;
import jakarta.annotation.Nullable;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDateTime;
import java.util.UUID;

/** What went out of a bottle, or by how much its count was wrong. */
@Entity
@Table(name = "bottle_movement")
class MovementEntity extends Authored {
  @Id private UUID id;

  @Column(name = "bottle_id", nullable = false)
  private UUID bottleId;

  @Column(nullable = false)
  private double ml;

  @Column(nullable = false)
  private String why;

  @Column(name = "job_id")
  private @Nullable UUID jobId;

  @Column(nullable = false)
  private LocalDateTime at;

  protected MovementEntity() {}

  MovementEntity(UUID bottleId, double ml, String why, @Nullable UUID jobId, LocalDateTime at) {
    this.id = UUID.randomUUID();
    this.bottleId = bottleId;
    this.ml = ml;
    this.why = why;
    this.jobId = jobId;
    this.at = at;
  }

  UUID bottleId() {
    return bottleId;
  }

  double ml() {
    return ml;
  }
}
