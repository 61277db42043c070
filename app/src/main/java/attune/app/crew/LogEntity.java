package attune.app.crew;

import jakarta.annotation.Nullable;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDateTime;

/** One line of the log; never changed and never taken out. */
@Entity
@Table(name = "log_entry")
class LogEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private @Nullable Long id;

  @Column(nullable = false, updatable = false)
  private LocalDateTime at;

  @Column(nullable = false, updatable = false)
  private String who;

  @Enumerated(EnumType.STRING)
  @Column(nullable = false, updatable = false)
  private LogKind kind;

  @Column(nullable = false, updatable = false)
  private String about;

  protected LogEntity() {}

  LogEntity(LocalDateTime at, String who, LogKind kind, String about) {
    this.at = at;
    this.who = who;
    this.kind = kind;
    this.about = about;
  }

  CrewViews.LogView view() {
    return new CrewViews.LogView(at, who, kind, kind.words(), about);
  }
}
