package attune.app.mix;

import attune.app.author.Authored;
import attune.core.measure.Mix;
import jakarta.annotation.Nullable;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.UUID;

/** A bottle that was mixed. */
@Entity
@Table(name = "mixed_bottle")
class MixedBottleEntity extends Authored {
  @Id private UUID id;

  @Column(name = "product_id", nullable = false)
  private String productId;

  @Column(nullable = false)
  private String ratio;

  @Column(name = "bottle_ml", nullable = false)
  private double bottleMl;

  @Column(name = "product_ml", nullable = false)
  private double productMl;

  @Column(name = "job_id")
  private @Nullable UUID jobId;

  @Column(name = "mixed_at", nullable = false)
  private LocalDateTime mixedAt;

  @Column(name = "use_by", nullable = false)
  private LocalDate useBy;

  @Column(nullable = false)
  private boolean poured;

  @Version private @Nullable Integer version;

  protected MixedBottleEntity() {}

  MixedBottleEntity(
      String productId, Mix mix, @Nullable UUID jobId, LocalDateTime mixedAt, LocalDate useBy) {
    this.id = UUID.randomUUID();
    this.productId = productId;
    this.ratio = mix.ratio().code();
    this.bottleMl = mix.bottleMl();
    this.productMl = mix.productMl();
    this.jobId = jobId;
    this.mixedAt = mixedAt;
    this.useBy = useBy;
  }

  UUID id() {
    return id;
  }

  String productId() {
    return productId;
  }

  String ratio() {
    return ratio;
  }

  double bottleMl() {
    return bottleMl;
  }

  LocalDateTime mixedAt() {
    return mixedAt;
  }

  LocalDate useBy() {
    return useBy;
  }

  void pour() {
    poured = true;
  }
}
