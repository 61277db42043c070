package attune.app.shelf;

import attune.app.author.Authored;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.LocalDateTime;
import java.util.UUID;

/** A record as an item had it before. */
@Entity
@Table(name = "shelf_item_version")
class ItemVersionEntity extends Authored {
  @Id private UUID id;

  @Column(name = "item_id", nullable = false)
  private String itemId;

  @Lob
  @Column(name = "record", nullable = false)
  private String record;

  @Column(name = "until", nullable = false)
  private LocalDateTime until;

  protected ItemVersionEntity() {}

  ItemVersionEntity(String itemId, String record, LocalDateTime until) {
    this.id = UUID.randomUUID();
    this.itemId = itemId;
    this.record = record;
    this.until = until;
  }
}
