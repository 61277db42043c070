package attune.app.shop;

import jakarta.annotation.Nullable;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import jakarta.persistence.Version;

/** The one row of settings. */
@Entity
@Table(name = "shop")
class ShopEntity {
  static final int ONLY = 1;

  @Id private int id = ONLY;

  @Lob
  @Column(nullable = false)
  private String settings;

  @Version private @Nullable Integer version;

  protected ShopEntity() {}

  ShopEntity(String settings) {
    this.settings = settings;
  }

  String settings() {
    return settings;
  }

  void take(String newSettings) {
    settings = newSettings;
  }

  int version() {
    return version == null ? 0 : version;
  }
}
