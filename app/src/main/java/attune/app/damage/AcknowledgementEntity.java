package attune.app.damage;

import attune.app.author.Authored;
import attune.core.words.Phrases;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.LocalDateTime;
import java.util.UUID;

/** Who acknowledged which damage, and when. */
@Entity
@Table(name = "acknowledgement")
class AcknowledgementEntity extends Authored {
  @Id private UUID id;

  @Column(name = "job_id", nullable = false)
  private UUID jobId;

  @Column(nullable = false)
  private String name;

  @Lob
  @Column(nullable = false)
  private String items;

  @Column(nullable = false)
  private LocalDateTime at;

  protected AcknowledgementEntity() {}

  AcknowledgementEntity(UUID jobId, String name, String items, LocalDateTime at) {
    this.id = UUID.randomUUID();
    this.jobId = jobId;
    this.name = name;
    this.items = items;
    this.at = at;
  }

  String name() {
    return name;
  }

  String items() {
    return items;
  }

  LocalDateTime at() {
    return at;
  }

  void forgetName() {
    name = Phrases.of(AcknowledgementEntity.class).say("removed-on-request");
  }
}
