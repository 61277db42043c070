package attune.app.retention;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;

/** What goes in and out of retention's endpoints. */
final class RetentionViews {
  private static final String YEARS = "{years-allowed}";

  private RetentionViews() {}

  /**
   * How long customers are kept.
   *
   * @param years after the last visit; null where the shop has not said
   */
  record RetentionForm(
      @Nullable @Min(value = 1, message = YEARS) @Max(value = 30, message = YEARS) Integer years) {}

  /** A customer past that time; null where no vehicle of theirs was ever here. */
  record Overdue(UUID id, String name, @Nullable LocalDateTime lastHere) {}

  /**
   * How it stands.
   *
   * @param overdue how many are past the time
   * @param first of them by name, at most fifty
   */
  record RetentionView(@Nullable Integer years, long overdue, List<Overdue> first) {}

  /** How many would go, as whoever presses saw it. */
  record ForgetRequest(long customers) {}

  /** How many went. */
  record Gone(int customers) {}
}
