package attune.app.bench;

import jakarta.annotation.Nullable;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.LocalDateTime;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Persistable;

/** A job's run at the bench, on the plan as it stood when the run started. */
@Entity
@Table(name = "bench_run")
class BenchRunEntity implements Persistable<UUID> {
  @Id
  @Column(name = "job_id")
  private UUID jobId;

  @Column(name = "started_at", nullable = false)
  private LocalDateTime startedAt;

  @Lob
  @Column(nullable = false)
  private String plan;

  @Lob private String shelf;

  @Column(name = "tasks_total", nullable = false)
  private int tasksTotal;

  @Column(name = "tasks_done", nullable = false)
  private int tasksDone;

  @Column(name = "cards_total")
  private @Nullable Integer cardsTotal;

  @Column(name = "cards_done")
  private @Nullable Integer cardsDone;

  @Version private @Nullable Integer version;

  protected BenchRunEntity() {}

  BenchRunEntity(UUID jobId, LocalDateTime startedAt, String plan, String shelf) {
    this.jobId = jobId;
    this.startedAt = startedAt;
    this.plan = plan;
    this.shelf = shelf;
  }

  @Override
  public UUID getId() {
    return jobId;
  }

  @Override
  public boolean isNew() {
    return version == null;
  }

  LocalDateTime startedAt() {
    return startedAt;
  }

  void begin(LocalDateTime at) {
    startedAt = at;
  }

  /**
   * The shelf it was planned from, as an attune-shelf file; empty for a run from before it was
   * kept.
   */
  Optional<String> shelf() {
    return Optional.ofNullable(shelf);
  }

  String plan() {
    return plan;
  }

  int tasksTotal() {
    return tasksTotal;
  }

  int tasksDone() {
    return tasksDone;
  }

  @Nullable
  Integer cardsTotal() {
    return cardsTotal;
  }

  @Nullable
  Integer cardsDone() {
    return cardsDone;
  }

  /** How far it is, in steps and in cards. */
  void progress(WholeRun run) {
    tasksTotal = run.run().hands().size();
    tasksDone = run.done();
    cardsTotal = run.cards().size();
    cardsDone = (int) run.cards().values().stream().filter(over -> over).count();
  }
}
