package attune.app.training;

import attune.app.author.Authored;
import attune.core.train.Mark;
import jakarta.annotation.Nullable;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDateTime;
import java.util.UUID;

/** An answer somebody gave, or a panel they worked. */
@Entity
@Table(name = "training_answer")
class AnswerEntity extends Authored {
  @Id private UUID id;

  @Column(nullable = false)
  private String person;

  @Column(nullable = false)
  private String lesson;

  @Column(nullable = false)
  private long seed;

  @Column(nullable = false)
  private int level;

  @Enumerated(EnumType.STRING)
  @Column(nullable = false)
  private Mark mark;

  @Column(nullable = false)
  private int score;

  @Column(name = "test_id")
  private @Nullable UUID testId;

  @Column(name = "answered_at", nullable = false)
  private LocalDateTime answeredAt;

  protected AnswerEntity() {}

  AnswerEntity(TrainingViews.AnswerRequest of, Mark mark, int score, LocalDateTime at) {
    this.id = of.id();
    this.person = of.person().strip();
    this.lesson = of.lesson();
    this.seed = of.seed();
    this.level = of.level();
    this.mark = mark;
    this.score = score;
    this.testId = of.testId();
    this.answeredAt = at;
  }

  String person() {
    return person;
  }

  String lesson() {
    return lesson;
  }

  Mark mark() {
    return mark;
  }

  int score() {
    return score;
  }

  @Nullable
  UUID testId() {
    return testId;
  }

  TrainingViews.AnsweredView view() {
    return new TrainingViews.AnsweredView(lesson, level, mark, score, testId != null, answeredAt);
  }
}
