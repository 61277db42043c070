package attune.app.people;

import jakarta.annotation.Nullable;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.UUID;

/** Vehicles looked after together. */
@Entity
@Table(name = "fleet")
class FleetEntity {
  @Id private UUID id;

  @Column(nullable = false)
  private String name;

  private @Nullable String notes;

  @Version private @Nullable Integer version;

  protected FleetEntity() {}

  FleetEntity(UUID id, String name, @Nullable String notes) {
    this.id = id;
    this.name = name;
    this.notes = notes;
  }

  UUID id() {
    return id;
  }

  String name() {
    return name;
  }

  @Nullable
  String notes() {
    return notes;
  }
}
