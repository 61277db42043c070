package attune.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import attune.core.check.InvalidInputException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class RatioTest {
  @ParameterizedTest(name = "{0} is 1:{1}")
  @CsvSource({
    "1:10, 10",
    "10:1, 10",
    "' 1 : 10 ', 10",
    "1:0.5, 0.5",
    "2:30, 15",
    "5%, 19",
    "100%, 0",
    "50 ml/l, 19",
    "50ml per litre, 19",
    "ready, 0",
  })
  void readsWhatLabelsWrite(String text, double water) {
    assertThat(Ratio.parse(text).water()).isCloseTo(water, within(1e-9));
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "10", "1:", "1-10", "1:x", "0:5", "0%", "101%", "-1:4", "one to ten"})
  void refusesWhatCannotBeMixedAndSaysWhatCan(String text) {
    assertThatThrownBy(() -> Ratio.parse(text))
        .isInstanceOf(InvalidInputException.class)
        .hasMessageContaining("\"" + text + "\"")
        .hasMessageContaining("1:10 or 10:1");
  }

  @Test
  void refusesAThinnerMixThanAnyoneUses() {
    assertThatThrownBy(() -> Ratio.parse("1:1001")).hasMessageContaining("at most 1:1000");
    assertThatThrownBy(() -> new Ratio(Double.NaN)).isInstanceOf(InvalidInputException.class);
  }

  @Test
  void readsBackInWordsSoThatABottleIsNotMixedUpsideDown() {
    assertThat(Ratio.parse("10:1").words())
        .isEqualTo("1 part product to 10 parts water, 11 parts in all");
    assertThat(Ratio.READY.words()).isEqualTo("as it comes, no water");
  }

  @Test
  void codeReadsBackAsTheSameRatio() {
    for (double water : new double[] {0, 0.25, 1, 7.5, 19, 400}) {
      Ratio ratio = new Ratio(water);
      assertThat(Ratio.parse(ratio.code())).isEqualTo(ratio);
    }
  }

  @Test
  void moreWaterIsThinner() {
    assertThat(new Ratio(10).thinnerThan(new Ratio(5))).isTrue();
    assertThat(new Ratio(5).thinnerThan(new Ratio(5))).isFalse();
    assertThat(new Ratio(3)).isLessThan(new Ratio(4));
  }
}
