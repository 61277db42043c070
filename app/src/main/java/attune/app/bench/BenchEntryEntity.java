package attune.app.bench;

import attune.app.author.Authored;
import attune.core.check.Coded;
import attune.core.run.Entry;
import attune.core.run.Entry.Kind;
import attune.core.run.Seen;
import jakarta.annotation.Nullable;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.LocalDateTime;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Persistable;

/** Something that happened at the bench. Only ever added; an undo is an entry of its own. */
@Entity
@Table(name = "bench_entry")
class BenchEntryEntity extends Authored implements Persistable<UUID> {
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

  @Column(name = "recorded_at", nullable = false)
  private LocalDateTime recordedAt;

  @Column(nullable = false)
  private int position;

  @Column(name = "by_whom", nullable = false)
  private String by;

  @Column private @Nullable String seen;

  @Column(nullable = false)
  private String reason;

  @Lob private @Nullable String detail;

  protected BenchEntryEntity() {}

  BenchEntryEntity(
      UUID jobId, Entry entry, LocalDateTime recordedAt, int position, @Nullable String detail) {
    this.id = UUID.fromString(entry.id());
    this.jobId = jobId;
    this.taskId = entry.taskId();
    this.kind = entry.kind();
    this.at = entry.at();
    this.recordedAt = recordedAt;
    this.position = position;
    this.by = entry.by();
    this.seen = entry.seen().map(Coded::code).orElse(null);
    this.reason = entry.reason();
    this.detail = detail;
  }

  @Override
  public UUID getId() {
    return id;
  }

  @Override
  public boolean isNew() {
    return true; // never changed once written
  }

  Entry entry() {
    return new Entry(
        id.toString(),
        taskId,
        kind,
        at,
        by,
        Optional.ofNullable(seen).flatMap(code -> Coded.find(Seen.class, code)),
        reason);
  }

  LocalDateTime recordedAt() {
    return recordedAt;
  }

  Optional<String> detail() {
    return Optional.ofNullable(detail);
  }
}
