package attune.app.readings;

import attune.app.author.Authored;
import attune.app.readings.InstrumentPort.Measured;
import attune.app.readings.InstrumentPort.Target;
import attune.app.readings.ReadingViews.ReadingView;
import attune.core.check.Coded;
import attune.core.simulate.Instrument;
import jakarta.annotation.Nullable;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDateTime;
import java.util.UUID;

/** A reading as it was taken. */
@Entity
@Table(name = "reading")
class ReadingEntity extends Authored {
  @Id private UUID id;

  @Column(name = "job_id", nullable = false)
  private UUID jobId;

  @Column(name = "surface_id")
  private @Nullable String surfaceId;

  @Column(name = "product_id")
  private @Nullable String productId;

  private @Nullable String ratio;

  @Column(nullable = false)
  private String instrument;

  @Column(name = "amount", nullable = false)
  private double value;

  @Column(nullable = false)
  private String device;

  @Column(nullable = false)
  private boolean simulated;

  @Column(name = "not_yet")
  private @Nullable String notYet;

  @Column(nullable = false)
  private LocalDateTime at;

  protected ReadingEntity() {}

  ReadingEntity(
      Target target,
      Instrument instrument,
      Measured measured,
      @Nullable String notYet,
      LocalDateTime at) {
    this.id = UUID.randomUUID();
    this.jobId = target.jobId();
    this.surfaceId = target.surfaceId();
    this.productId = target.productId();
    this.ratio = target.ratio();
    this.instrument = instrument.code();
    this.value = measured.value();
    this.device = measured.device();
    this.simulated = measured.simulated();
    this.notYet = notYet;
    this.at = at;
  }

  UUID jobId() {
    return jobId;
  }

  double value() {
    return value;
  }

  LocalDateTime at() {
    return at;
  }

  ReadingView view() {
    Instrument kind = Coded.parse(Instrument.class, instrument);
    boolean colour = kind == Instrument.CLOTH_COLOUR;
    return new ReadingView(
        id,
        instrument,
        surfaceId,
        productId,
        ratio,
        colour ? null : value,
        colour ? Instrument.hex(value) : null,
        kind.unit(),
        device,
        simulated,
        notYet,
        null,
        at);
  }
}
