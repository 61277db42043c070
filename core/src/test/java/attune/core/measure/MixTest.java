package attune.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import attune.core.check.InvalidInputException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MixTest {
  @ParameterizedTest(name = "{1} ml at {0}: {2} ml product, {3} ml water")
  @CsvSource({
    "1:10, 750, 68.18, 681.82",
    "1:1, 500, 250, 250",
    "1:9, 1000, 100, 900",
    "ready, 250, 250, 0",
  })
  void fillsABottle(String ratio, double bottle, double product, double water) {
    Mix mix = Mix.ofBottle(Ratio.parse(ratio), bottle);
    assertThat(mix.productMl()).isCloseTo(product, within(0.005));
    assertThat(mix.waterMl()).isCloseTo(water, within(0.005));
  }

  @Test
  void anyTwoGiveTheThird() {
    Mix filled = Mix.ofBottle(new Ratio(8), 900);
    Mix stretched = Mix.ofProduct(new Ratio(8), filled.productMl());
    Mix found = Mix.ofBottleAndProduct(900, filled.productMl());
    assertThat(stretched.bottleMl()).isCloseTo(900, within(1e-9));
    assertThat(found.ratio().water()).isCloseTo(8, within(1e-9));
    assertThat(found.waterMl()).isCloseTo(stretched.waterMl(), within(1e-9));
  }

  @Test
  void partsAddUpToTheBottle() {
    for (int water = 0; water <= 400; water += 7) {
      Mix mix = Mix.ofBottle(new Ratio(water), 500);
      assertThat(mix.productMl() + mix.waterMl()).isCloseTo(500, within(1e-9));
      assertThat(mix.productMl()).isPositive();
    }
  }

  @Test
  void refusesWhatIsNoVessel() {
    assertThatThrownBy(() -> Mix.ofBottle(Ratio.READY, 0))
        .isInstanceOf(InvalidInputException.class)
        .hasMessageContaining("bottleMl")
        .hasMessageContaining("1 to 20000 ml");
    assertThatThrownBy(() -> Mix.ofBottleAndProduct(500, 501)).hasMessageContaining("productMl");
    assertThatThrownBy(() -> Mix.ofProduct(Ratio.READY, Double.NaN)).hasMessageContaining("NaN");
  }

  @Test
  void threeHundredLeftAtOneToTenIsThinnedToOneToTwenty() {
    Mix.Step step = Mix.step(300, new Ratio(10), new Ratio(20), 750);
    assertThat(step.addWaterMl()).isCloseTo(272.7, within(0.1));
    assertThat(step.addProductMl()).isZero();
    assertThat(step.pourOutMl()).isZero();
    assertThat(step.resultMl() / (300 / 11.0)).isCloseTo(21, within(1e-9));
  }

  @Test
  void aThinMixIsStrengthenedWithProductAlone() {
    Mix.Step step = Mix.step(420, new Ratio(20), new Ratio(10), 750);
    assertThat(step.addWaterMl()).isZero();
    assertThat(step.addProductMl()).isCloseTo(20, within(1e-9));
    assertThat(step.resultMl()).isCloseTo(440, within(1e-9));
  }

  @Test
  void whatWouldNotFitIsPouredOutFirst() {
    Mix.Step step = Mix.step(500, new Ratio(4), new Ratio(19), 750);
    assertThat(step.resultMl()).isCloseTo(750, within(1e-9));
    assertThat(step.pourOutMl()).isCloseTo(500 - 187.5, within(1e-9));
    assertThat(step.addWaterMl()).isCloseTo(562.5, within(1e-9));
  }

  @Test
  void theSameRatioAsksForNothingAndUndilutedCannotBeComeBackTo() {
    assertThat(Mix.step(300, new Ratio(10), new Ratio(10), 750).addProductMl()).isZero();
    assertThatThrownBy(() -> Mix.step(300, new Ratio(10), Ratio.READY, 750))
        .hasMessageContaining("cannot be unmixed");
    assertThatThrownBy(() -> Mix.step(900, new Ratio(10), new Ratio(20), 750))
        .hasMessageContaining("leftMl");
  }
}
