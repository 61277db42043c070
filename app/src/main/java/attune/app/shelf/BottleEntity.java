package attune.app.shelf;

import attune.app.shelf.StockViews.BottleForm;
import attune.app.shelf.StockViews.BottleView;
import jakarta.annotation.Nullable;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.util.UUID;

/** One bottle of a product. */
@Entity
@Table(name = "bottle")
class BottleEntity {
  @Id private UUID id;

  @Column(name = "product_id", nullable = false)
  private String productId;

  @Column(name = "size_ml", nullable = false)
  private double sizeMl;

  @Column(name = "left_ml", nullable = false)
  private double leftMl;

  @Column(name = "opened_on")
  private @Nullable LocalDate openedOn;

  @Column(name = "expires_on")
  private @Nullable LocalDate expiresOn;

  private @Nullable String batch;

  @Column(nullable = false)
  private boolean thrown;

  @Version private @Nullable Integer version;

  protected BottleEntity() {}

  BottleEntity(String productId, BottleForm form) {
    this.id = UUID.randomUUID();
    this.productId = productId;
    this.sizeMl = form.sizeMl();
    this.leftMl = form.leftMl() == null ? form.sizeMl() : form.leftMl();
    this.openedOn = form.openedOn();
    this.expiresOn = form.expiresOn();
    this.batch = form.batch() == null || form.batch().isBlank() ? null : form.batch().strip();
  }

  UUID id() {
    return id;
  }

  String productId() {
    return productId;
  }

  @Nullable
  String batch() {
    return batch;
  }

  double leftMl() {
    return leftMl;
  }

  double sizeMl() {
    return sizeMl;
  }

  @Nullable
  LocalDate openedOn() {
    return openedOn;
  }

  /** Still good and not thrown away. */
  boolean isUsable(LocalDate today) {
    return !thrown && (expiresOn == null || !today.isAfter(expiresOn));
  }

  /** Takes some out; the first draught opens it. */
  void draw(double ml, LocalDate today) {
    leftMl = Math.max(0, leftMl - ml);
    open(today);
  }

  void open(LocalDate today) {
    openedOn = openedOn == null ? today : openedOn;
  }

  void correct(double ml) {
    leftMl = ml;
  }

  void throwAway() {
    thrown = true;
  }

  BottleView view(LocalDate today) {
    return new BottleView(
        id, sizeMl, leftMl, openedOn, expiresOn, batch, thrown, !thrown && !isUsable(today));
  }
}
