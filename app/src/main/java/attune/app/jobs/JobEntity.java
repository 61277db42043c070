package attune.app.jobs;

import attune.app.format.JobFile;
import attune.app.format.JobFile.SettingFile;
import attune.app.format.JobFile.VehicleFile;
import jakarta.annotation.Nullable;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.LocalDateTime;
import java.util.Objects;
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
  private @Nullable LocalDateTime returnBy;

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
  private @Nullable LocalDateTime handedOverAt;

  @Version private int version;

  protected JobEntity() {}

  @SuppressWarnings("NullAway.Init") // take() fills in the rest
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

  @Nullable
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

  @Nullable
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
  void show(int revision, JobFile document) {
    VehicleFile vehicle = document.vehicle() == null ? VehicleFile.NONE : document.vehicle();
    SettingFile setting = document.setting();
    currentRevision = revision;
    title = Objects.requireNonNullElse(document.title(), "");
    vehicleLabel = Objects.requireNonNullElse(vehicle.label(), "");
    layout = Objects.requireNonNullElse(vehicle.layout(), "blank");
    startAt = LocalDateTime.parse(setting.start());
    returnBy = setting.returnBy() == null ? null : LocalDateTime.parse(setting.returnBy());
    surveyed = (int) document.surfaces().stream().filter(Answered::isPlannable).count();
  }
}
