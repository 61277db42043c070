package attune.app.format;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What somebody wrote is text in a spreadsheet, and comes back as it was. */
class SheetCellTest {
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '"',
      value = {
        "=HYPERLINK(1) | '=HYPERLINK(1)",
        "+44 20       | '+44 20",
        "@someone     | '@someone",
        "-1.5         | -1.5",
        "'quoted      | ''quoted",
        "Wim Arkle    | Wim Arkle"
      })
  void isGuardedAndComesBack(String cell, String written) {
    assertThat(SheetCell.guarded(cell)).isEqualTo(written);
    assertThat(SheetCell.unguarded(written)).isEqualTo(cell);
  }
}
