package attune.app.bench;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDateTime;
import java.util.UUID;

/** Something that happened at the bench. Only ever added; an undo is an event of its own. */
@Entity
@Table(name = "bench_event")
class BenchEventEntity {
  /** What happened to a task. */
  enum Kind {
    STARTED,
    DONE,
    UNDONE
  }

  @Id private UUID id;

  @Column(name = "job_id", nullable = false)
  private UUID jobId;

  @Column(name = "task_id", nullable = false)
  private String taskId;

  @Enumerated(EnumType.STRING)
  @Column(nullable = false)
  private Kind kind;

  @Column(nullable = false)
  private LocalDateTime at;

  protected BenchEventEntity() {}

  BenchEventEntity(UUID jobId, String taskId, Kind kind, LocalDateTime at) {
    this.id = UUID.randomUUID();
    this.jobId = jobId;
    this.taskId = taskId;
    this.kind = kind;
    this.at = at;
  }

  String taskId() {
    return taskId;
  }

  Kind kind() {
    return kind;
  }

  LocalDateTime at() {
    return at;
  }
}
