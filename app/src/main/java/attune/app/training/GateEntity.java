package attune.app.training;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** A course that must be passed before a work is done alone. */
@Entity
@Table(name = "training_gate")
class GateEntity {
  @Id private String work;

  @Column(nullable = false)
  private String course;

  protected GateEntity() {}

  GateEntity(String work, String course) {
    this.work = work;
    this.course = course;
  }

  String work() {
    return work;
  }

  String course() {
    return course;
  }
}
