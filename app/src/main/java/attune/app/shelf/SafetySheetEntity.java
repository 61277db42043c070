package attune.app.shelf;

import attune.app.author.Authored;
import jakarta.annotation.Nullable;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** Where a product's safety data sheet is: an address, or a file beside the database. */
@Entity
@Table(name = "safety_sheet")
class SafetySheetEntity extends Authored {
  @Id
  @Column(name = "product_id")
  private String productId;

  private @Nullable String link;

  @Column(name = "file_name")
  private @Nullable String fileName;

  private @Nullable Long bytes;

  protected SafetySheetEntity() {}

  SafetySheetEntity(String productId) {
    this.productId = productId;
  }

  @Nullable
  String link() {
    return link;
  }

  @Nullable
  String fileName() {
    return fileName;
  }

  void linkTo(@Nullable String address) {
    link = address;
  }

  void file(String name, long size) {
    fileName = name;
    bytes = size;
  }
}
