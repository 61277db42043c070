package attune.app.network;

import attune.app.network.NetworkViews.DeviceView;
import jakarta.annotation.Nullable;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDateTime;
import java.util.UUID;

/** A device that was let in; of its token only the hash is kept. */
@Entity
@Table(name = "device")
class DeviceEntity {
  @Id private UUID id;

  @Column(nullable = false)
  private String name;

  @Column(name = "token_hash", nullable = false)
  private String tokenHash;

  @Column(name = "paired_at", nullable = false)
  private LocalDateTime pairedAt;

  @Column(name = "seen_at", nullable = false)
  private LocalDateTime seenAt;

  @Column(name = "cut_off_at")
  private @Nullable LocalDateTime cutOffAt;

  protected DeviceEntity() {}

  DeviceEntity(String name, String tokenHash, LocalDateTime now) {
    this.id = UUID.randomUUID();
    this.name = name;
    this.tokenHash = tokenHash;
    this.pairedAt = now;
    this.seenAt = now;
  }

  boolean isIn() {
    return cutOffAt == null;
  }

  LocalDateTime seenAt() {
    return seenAt;
  }

  void see(LocalDateTime now) {
    seenAt = now;
  }

  void cutOff(LocalDateTime now) {
    cutOffAt = now;
  }

  DeviceView view() {
    return new DeviceView(id, name, pairedAt, seenAt);
  }
}
