package attune.app.day;

import static org.assertj.core.api.Assertions.assertThat;

import attune.core.plan.Plan.CareItem;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** When after-care comes near. */
class WatchTest {
  private static final LocalDate DONE = LocalDate.of(2026, 6, 1);

  @ParameterizedTest(name = "on {0}: ladder {1}, monthly {2}")
  @CsvSource({
    "2026-06-01, 2026-06-03, ", // two days after
    "2026-06-10, 2026-06-03, ", // a week ago: still said
    "2026-06-25, , 2026-07-01", // comes near
    "2026-07-20, , ", // long past, and the next far off
    "2026-07-28, , 2026-07-31",
  })
  void oneOfALadderOrTheNextRound(LocalDate today, LocalDate ladder, LocalDate monthly) {
    CareItem twoDays =
        new CareItem(List.of("seat"), "Condition", List.of(2), Optional.empty(), Optional.empty());
    CareItem everyMonth =
        new CareItem(List.of("seat"), "Foam", List.of(), Optional.of(30), Optional.empty());
    assertThat(WatchController.due(twoDays, DONE, today)).isEqualTo(Optional.ofNullable(ladder));
    assertThat(WatchController.due(everyMonth, DONE, today))
        .isEqualTo(Optional.ofNullable(monthly));
  }
}
