package attune.app.quote;

import attune.app.author.Authored;
import jakarta.annotation.Nullable;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.LocalDateTime;
import java.util.UUID;

/** A quote as it was given. */
@Entity
@Table(name = "quote")
class QuoteEntity extends Authored {
  @Id private UUID id;

  @Column(name = "job_id", nullable = false)
  private UUID jobId;

  @Column(nullable = false)
  private int number;

  @Enumerated(EnumType.STRING)
  @Column(nullable = false)
  private QuoteState state;

  @Lob
  @Column(nullable = false)
  private String document;

  @Column(name = "quoted_at", nullable = false)
  private LocalDateTime quotedAt;

  @Column(name = "agreed_at")
  private @Nullable LocalDateTime agreedAt;

  @Column(name = "done_at")
  private @Nullable LocalDateTime doneAt;

  @Version private @Nullable Integer version;

  protected QuoteEntity() {}

  QuoteEntity(UUID jobId, int number, String document, LocalDateTime now) {
    this.id = UUID.randomUUID();
    this.jobId = jobId;
    this.number = number;
    this.document = document;
    this.quotedAt = now;
    this.state = QuoteState.QUOTED;
  }

  int number() {
    return number;
  }

  QuoteState state() {
    return state;
  }

  String document() {
    return document;
  }

  LocalDateTime quotedAt() {
    return quotedAt;
  }

  @Nullable
  LocalDateTime agreedAt() {
    return agreedAt;
  }

  @Nullable
  LocalDateTime doneAt() {
    return doneAt;
  }

  void agree(LocalDateTime now) {
    state = QuoteState.AGREED;
    agreedAt = now;
  }

  void finish(LocalDateTime now) {
    state = QuoteState.DONE;
    doneAt = now;
  }

  void replace() {
    state = QuoteState.REPLACED;
  }
}
