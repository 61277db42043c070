package attune.app.jobs;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.LocalDateTime;
import java.util.UUID;

/** A job; its survey is the document of its current revision. */
@Entity
@Table(name = "job")
class JobEntity {
  @Id private UUID id;

  @Column(nullable = false)
  private String title;

  @Column(name = "vehicle_label", nullable = false)
  private String vehicleLabel;

  @Column(nullable = false)
  private String layout;

  @Column(name = "start_at", nullable = false)
  private LocalDateTime startAt;

  @Column(name = "return_by")
  private LocalDateTime returnBy;

  @Enumerated(EnumType.STRING)
  @Column(nullable = false)
  private JobState state;

  @Column(name = "current_revision", nullable = false)
  private int currentRevision;

  @Column(nullable = false)
  private int surveyed;

  @Column(name = "vehicle_id")
  private UUID vehicleId;

  @Column(name = "created_at", nullable = false)
  private LocalDateTime createdAt;

  @Column(name = "handed_over_at")
  private LocalDateTime handedOverAt;

  @Version private int version;

  protected JobEntity() {}

  JobEntity(UUID id, UUID vehicleId, LocalDateTime createdAt) {
    this.id = id;
    this.vehicleId = vehicleId;
    this.createdAt = createdAt;
    this.state = JobState.SURVEY;
  }

  UUID id() {
    return id;
  }

  String title() {
    return title;
  }

  String vehicleLabel() {
    return vehicleLabel;
  }

  String layout() {
    return layout;
  }

  LocalDateTime startAt() {
    return startAt;
  }

  LocalDateTime returnBy() {
    return returnBy;
  }

  JobState state() {
    return state;
  }

  UUID vehicleId() {
    return vehicleId;
  }

  int currentRevision() {
    return currentRevision;
  }

  int surveyed() {
    return surveyed;
  }

  LocalDateTime handedOverAt() {
    return handedOverAt;
  }

  void moveTo(JobState next) {
    state = next;
  }

  void handOver(LocalDateTime at) {
    state = JobState.HANDED_OVER;
    handedOverAt = at;
  }

  /** Points at a revision and copies what lists and searches need from its document. */
  void show(
      int revision,
      String newTitle,
      String vehicle,
      String layoutCode,
      LocalDateTime start,
      LocalDateTime by,
      int surfaces) {
    currentRevision = revision;
    title = newTitle;
    vehicleLabel = vehicle;
    layout = layoutCode;
    startAt = start;
    returnBy = by;
    surveyed = surfaces;
  }
}
