package attune.app.shelf;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;

/** One product or tool, as its attune-shelf record. */
@Entity
@Table(name = "shelf_item")
class ShelfItemEntity {
  static final String PRODUCT = "product";
  static final String TOOL = "tool";

  @Id private String id;

  @Column(nullable = false)
  private String kind;

  @Column(nullable = false)
  private int position;

  @Lob
  @Column(name = "record", nullable = false)
  private String record;

  @Column(nullable = false)
  private boolean archived;

  protected ShelfItemEntity() {}

  ShelfItemEntity(String id, String kind, int position, String record) {
    this.id = id;
    this.kind = kind;
    this.position = position;
    this.record = record;
  }

  String id() {
    return id;
  }

  /** Takes another record of the same item. */
  void become(String newRecord) {
    record = newRecord;
  }

  boolean archived() {
    return archived;
  }

  void archive(boolean away) {
    archived = away;
  }

  String kind() {
    return kind;
  }

  String record() {
    return record;
  }
}
