package attune.app.learning;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** Whether the shop plans with what it learnt. */
@Entity
@Table(name = "learning")
class LearningEntity {
  static final int ONLY = 1;

  @Id private int id = ONLY;

  @Column(nullable = false)
  private boolean counts;

  protected LearningEntity() {}

  LearningEntity(boolean counts) {
    this.counts = counts;
  }

  boolean counts() {
    return counts;
  }

  void count(boolean on) {
    counts = on;
  }
}
