package attune.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the pen's reading of a mix says, up to the last tenth of what was expected. */
class PenReadingTest {
  private static final Optional<PhInterval> NONE = Optional.empty();

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "9.0 | As expected, 9.0 to 9.4.",
        "9.2 | As expected, 9.0 to 9.4.",
        "9.4 | As expected, 9.0 to 9.4.",
        "9.5 | Expected 9.0 to 9.4: stronger than it should be. Mixed too strong, or the bottle is mislabelled? The reading stands.",
        "8.9 | Expected 9.0 to 9.4: weaker than it should be. Too much water, an old mix, or odd water? The reading stands.",
        "6.6 | Expected 9.0 to 9.4: weaker than it should be. Too much water, an old mix, or odd water? The reading stands.",
        "4.8 | Expected 9.0 to 9.4: acid and alkaline are not the same bottle. Is it another product, or does the pen want calibrating? The reading stands."
      })
  void besideTheLabel(double read, String says) {
    assertThat(PenReading.says(read, Optional.of(new PhInterval(9.0, 9.4)), NONE)).isEqualTo(says);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "4.0 | As this bottle measured before, 4.0 to 4.4; by its label it would be 4.2 to 5.0.",
        "4.2 | As this bottle measured before, 4.0 to 4.4.",
        "4.4 | As this bottle measured before, 4.0 to 4.4.",
        "4.5 | As expected, 4.2 to 5.0.",
        "3.9 | Expected 4.2 to 5.0: stronger than it should be. Mixed too strong, or the bottle is mislabelled? The reading stands."
      })
  void besideWhatTheBottleMeasuredBefore(double read, String says) {
    assertThat(
            PenReading.says(
                read, Optional.of(new PhInterval(4.2, 5.0)), Optional.of(new PhInterval(4.0, 4.4))))
        .isEqualTo(says);
  }

  @ParameterizedTest
  @CsvSource({"8.0, 7.0", "6.0, 9.0"})
  void aLabelThatSaysNothingContradictsNothing(double read, double before) {
    assertThat(PenReading.says(read, NONE, Optional.of(new PhInterval(before, before))))
        .isEqualTo("Nothing on the label to compare it with; the reading stands.");
    assertThat(PenReading.says(before, NONE, Optional.of(new PhInterval(before, before))))
        .startsWith("As this bottle measured before");
  }
}
