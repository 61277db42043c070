package attune.app.people;

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

  private String notes;

  @Version private Integer version;

  protected FleetEntity() {}

  FleetEntity(UUID id, String name, String notes) {
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

  String notes() {
    return notes;
  }
}
