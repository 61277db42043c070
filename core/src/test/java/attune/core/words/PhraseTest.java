package attune.core.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import attune.core.run.Looked;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A message says what is set into it, as ICU would. */
class PhraseTest {
  private static String said(String message, Object... with) {
    return Phrase.of(message).said(with);
  }

  @Test
  void argumentsStandWhereTheMessageHasThemAndApostrophesAreNothingElse() {
    assertThat(said("The trim's own colour: {1}, then {0}; {1}.", "wipe", 7))
        .isEqualTo("The trim's own colour: 7, then wipe; 7.");
    assertThat(said("Nothing to set in.")).isEqualTo("Nothing to set in.");
    assertThat(said("Written '{'so'}', {0}", 1)).isEqualTo("Written {so}, 1");
  }

  @ParameterizedTest
  @CsvSource({"1, 1 pass.", "2, 2 passes.", "0, 0 passes."})
  void howManyIsSaidAsItsLanguageDoes(int passes, String said) {
    assertThat(said("{0, plural, one {# pass} other {# passes}}.", passes)).isEqualTo(said);
  }

  @Test
  void whatNoCatalogueHasIsAFaultOfTheProgram() {
    assertThatThrownBy(() -> Phrases.of(Looked.class).say("of-nothing"))
        .hasMessageContaining("of-nothing")
        .hasMessageContaining("core/run");
    assertThat(Phrases.of(Looked.class).say("clean-seams-too")).isEqualTo("Clean, seams too.");
  }
}
