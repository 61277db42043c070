package attune.app.jobs;

import attune.app.author.Authored;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.LocalDateTime;
import java.util.UUID;

/** One state of a job's document. Never changed once written; undo moves the job to its parent. */
@Entity
@Table(name = "job_revision")
class RevisionEntity extends Authored {
  @Id private UUID id;

  @Column(name = "job_id", nullable = false)
  private UUID jobId;

  @Column(nullable = false)
  private int number;

  @Column(nullable = false)
  private int parent;

  @Column(nullable = false)
  private String what;

  @Column(nullable = false)
  private LocalDateTime at;

  @Lob
  @Column(nullable = false)
  private String document;

  protected RevisionEntity() {}

  RevisionEntity(
      UUID id, UUID jobId, int number, int parent, String what, LocalDateTime at, String document) {
    this.id = id;
    this.jobId = jobId;
    this.number = number;
    this.parent = parent;
    this.what = what;
    this.at = at;
    this.document = document;
  }

  UUID jobId() {
    return jobId;
  }

  int number() {
    return number;
  }

  int parent() {
    return parent;
  }

  String what() {
    return what;
  }

  String document() {
    return document;
  }
}
