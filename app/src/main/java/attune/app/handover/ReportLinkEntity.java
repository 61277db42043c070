package attune.app.handover;

import attune.app.author.Authored;
import jakarta.annotation.Nullable;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.LocalDateTime;
import java.util.UUID;

/** A link to one report. */
@Entity
@Table(name = "report_link")
class ReportLinkEntity extends Authored {
  @Id private UUID id;

  @Column(name = "job_id", nullable = false)
  private UUID jobId;

  @Column(name = "token_hash", nullable = false)
  private String tokenHash;

  @Column(name = "created_at", nullable = false)
  private LocalDateTime createdAt;

  @Column(name = "expires_at", nullable = false)
  private LocalDateTime expiresAt;

  @Column(nullable = false)
  private boolean revoked;

  @Version private @Nullable Integer version;

  protected ReportLinkEntity() {}

  ReportLinkEntity(UUID jobId, String tokenHash, LocalDateTime now, LocalDateTime expires) {
    this.id = UUID.randomUUID();
    this.jobId = jobId;
    this.tokenHash = tokenHash;
    this.createdAt = now;
    this.expiresAt = expires;
  }

  UUID id() {
    return id;
  }

  UUID jobId() {
    return jobId;
  }

  LocalDateTime createdAt() {
    return createdAt;
  }

  LocalDateTime expiresAt() {
    return expiresAt;
  }

  boolean isGood(LocalDateTime now) {
    return !revoked && now.isBefore(expiresAt);
  }

  void revoke() {
    revoked = true;
  }
}
