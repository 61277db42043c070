package attune.app.crew;

import jakarta.annotation.Nullable;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.LocalDateTime;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Persistable;

/** Somebody who works here; of passphrase and PIN only hashes are kept. */
@Entity
@Table(name = "crew_member")
class MemberEntity implements Persistable<UUID> {
  @Id private UUID id;

  @Column(nullable = false)
  private String name;

  @Enumerated(EnumType.STRING)
  @Column(nullable = false)
  private Role role;

  @Column(name = "passphrase_hash")
  private @Nullable String passphraseHash;

  @Column(name = "pin_hash")
  private @Nullable String pinHash;

  @Column(nullable = false)
  private int misses;

  @Column(name = "locked_until")
  private @Nullable LocalDateTime lockedUntil;

  @Column(nullable = false)
  private LocalDateTime since;

  @Column(name = "left_at")
  private @Nullable LocalDateTime leftAt;

  @Version private @Nullable Integer version;

  protected MemberEntity() {}

  MemberEntity(UUID id, String name, Role role, LocalDateTime since) {
    this.id = id;
    this.name = name;
    this.role = role;
    this.since = since;
  }

  @Override
  public UUID getId() {
    return id;
  }

  @Override
  public boolean isNew() {
    return version == null;
  }

  String name() {
    return name;
  }

  Role role() {
    return role;
  }

  LocalDateTime since() {
    return since;
  }

  Optional<LocalDateTime> leftAt() {
    return Optional.ofNullable(leftAt);
  }

  Optional<String> passphraseHash() {
    return Optional.ofNullable(passphraseHash);
  }

  Optional<String> pinHash() {
    return Optional.ofNullable(pinHash);
  }

  int misses() {
    return misses;
  }

  Optional<LocalDateTime> lockedUntil() {
    return Optional.ofNullable(lockedUntil);
  }

  int version() {
    return version == null ? 0 : version;
  }

  void is(String newName, Role newRole) {
    name = newName;
    role = newRole;
  }

  void leaves(LocalDateTime at) {
    leftAt = at;
    passphraseHash = null;
    pinHash = null;
  }

  void comesBack() {
    leftAt = null;
  }

  void knows(@Nullable String passphrase, @Nullable String pin) {
    passphraseHash = passphrase;
    pinHash = pin;
    forgiven();
  }

  void missed(@Nullable LocalDateTime until) {
    misses++;
    lockedUntil = until;
  }

  void forgiven() {
    misses = 0;
    lockedUntil = null;
  }
}
