package attune.app.retention;

import jakarta.annotation.Nullable;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.Optional;

/** What the shop set; there is one. */
@Entity
@Table(name = "retention")
class RetentionEntity {
  static final int ONLY = 1;

  @Id private int id = ONLY;

  private @Nullable Integer years;

  Optional<Integer> years() {
    return Optional.ofNullable(years);
  }

  void keep(@Nullable Integer newYears) {
    years = newYears;
  }
}
