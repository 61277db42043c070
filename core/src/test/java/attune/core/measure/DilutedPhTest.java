package attune.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import attune.core.Given;
import attune.core.measure.DilutedPh.Known;
import attune.core.measure.DilutedPh.Measured;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Model 1: the pH that touches the surface, by what sort of product it is. */
class DilutedPhTest {
  private static final DilutedPh DEIONISED = new DilutedPh(Given.FIGURES, 7.0, 0);
  private static final DilutedPh TAP = new DilutedPh(Given.FIGURES, 7.8, 0);

  private static Known known(double ph, PhNature nature) {
    return new Known(Optional.of(ph), Optional.of(nature), List.of());
  }

  @ParameterizedTest(name = "{1} at pH {0}, 1:{2}, is about {3}")
  @CsvSource({
    "13.0, STRONG_ALKALI, 9, 12.0",
    "12.0, STRONG_ALKALI, 99, 10.0",
    "11.0, WEAK_ALKALI, 9, 10.5",
    "11.0, WEAK_ALKALI, 99, 10.0",
    "3.0, WEAK_ACID, 9, 3.5",
    "9.0, BUFFERED, 9, 8.9",
    "5.0, BUFFERED, 99, 5.2",
    "8.0, NEUTRAL_SURFACTANT, 9, 7.1",
    "7.2, WEAK_ALKALI, 999, 7.0",
  })
  void answersToDilutionByItsNature(double supplied, PhNature nature, double water, double about) {
    PhInterval ph = DEIONISED.of(known(supplied, nature), new Ratio(water)).orElseThrow();
    assertThat(ph.middle()).isCloseTo(about, within(0.06));
    assertThat(ph.low()).isLessThan(about);
    assertThat(ph.high()).isGreaterThan(about);
  }

  @Test
  void strongAlkaliDilutedToNothingIsTheWaterItself() {
    PhInterval ph = DEIONISED.of(known(8.0, PhNature.STRONG_ALKALI), new Ratio(1000)).orElseThrow();
    assertThat(ph.middle()).isCloseTo(7.0, within(0.1));
  }

  @Test
  void moreWaterNeverTakesAnAlkalineMixFurtherFromTheWater() {
    for (PhNature nature : PhNature.values()) {
      double before = 99;
      for (double water = 0; water <= 100; water += 5) {
        double middle = TAP.of(known(11, nature), new Ratio(water)).orElseThrow().middle();
        assertThat(middle).as("%s at 1:%s", nature, water).isLessThanOrEqualTo(before + 1e-9);
        assertThat(middle).isGreaterThanOrEqualTo(7.7);
        before = middle;
      }
    }
  }

  @Test
  void doubtGrowsWithDilution() {
    PhInterval neat = TAP.of(known(11, PhNature.WEAK_ALKALI), Ratio.READY).orElseThrow();
    PhInterval thin = TAP.of(known(11, PhNature.WEAK_ALKALI), new Ratio(99)).orElseThrow();
    assertThat(thin.high() - thin.low()).isGreaterThan(neat.high() - neat.low());
  }

  @Test
  void aReadingLikeEarlierOnesIsNoSlipOfTheMeasuringJug() {
    Optional<PhInterval> label = Optional.of(new PhInterval(10.2, 10.8));
    Optional<PhInterval> before = Optional.of(new PhInterval(9.3, 9.5));
    assertThat(PenReading.says(9.4, label, before))
        .isEqualTo(
            "As this bottle measured before, 9.3 to 9.5; by its label it would be 10.2 to 10.8.");
    assertThat(PenReading.says(8.9, label, before)).contains("weaker than it should be");
    assertThat(PenReading.says(10.5, label, Optional.empty())).startsWith("As expected");
  }

  @Test
  void aPenReadingReplacesTheEstimate() {
    Known penned =
        new Known(
            Optional.of(11.0),
            Optional.of(PhNature.WEAK_ALKALI),
            List.of(new Measured(new Ratio(9), 9.4)));
    PhInterval ph = TAP.of(penned, new Ratio(9)).orElseThrow();
    assertThat(ph.middle()).isCloseTo(9.4, within(1e-9));
    assertThat(ph.high() - ph.low()).isLessThanOrEqualTo(0.2 + 1e-9);
  }

  @Test
  void betweenTwoReadingsItIsInterpolatedInTheLogOfDilution() {
    Known penned =
        new Known(
            Optional.empty(),
            Optional.empty(),
            List.of(new Measured(new Ratio(0), 10.0), new Measured(new Ratio(99), 8.0)));
    PhInterval halfway = TAP.of(penned, new Ratio(9)).orElseThrow();
    assertThat(halfway.middle()).isCloseTo(9.0, within(0.05));
  }

  @Test
  void beyondADecadeFromAReadingItIsOpenlyUncertain() {
    Known penned =
        new Known(Optional.empty(), Optional.empty(), List.of(new Measured(new Ratio(1), 9.0)));
    PhInterval near = TAP.of(penned, new Ratio(4)).orElseThrow();
    PhInterval far = TAP.of(penned, new Ratio(99)).orElseThrow();
    assertThat(near.high() - near.low()).isLessThan(0.6);
    assertThat(far.high() - far.low()).isGreaterThan(2.0);
  }

  @Test
  void whatIsNotKnownStaysUnknown() {
    Known nothing = new Known(Optional.empty(), Optional.empty(), List.of());
    Known noNature = new Known(Optional.of(9.0), Optional.empty(), List.of());
    assertThat(TAP.of(nothing, Ratio.READY)).isEmpty();
    assertThat(TAP.of(noNature, new Ratio(4))).isEmpty();
    assertThat(TAP.of(noNature, Ratio.READY)).isPresent();
  }

  @Test
  void aMixIsNeverGivenAFalseDigit() {
    PhInterval ph = PhInterval.around(8.0, 0.11);
    assertThat(ph.low()).isEqualTo(7.8);
    assertThat(ph.high()).isEqualTo(8.2);
    assertThat(PhInterval.around(13.9, 0.5).high()).isEqualTo(14);
  }

  private static PhInterval measured(String ratio, Measured... readings) {
    Known pens = new Known(Optional.empty(), Optional.empty(), List.of(readings));
    return DEIONISED.of(pens, Ratio.parse(ratio)).orElseThrow();
  }

  private static Measured pen(String ratio, double ph) {
    return new Measured(Ratio.parse(ratio), ph);
  }

  @ParameterizedTest(name = "1:9 read 11, 1:99 read 9: at 1:{0} {1} to {2}")
  @CsvSource({
    "9, 10.9, 11.1", // a reading stands
    "99, 8.9, 9.1",
    "30.6227766017, 9.9, 10.1", // half-way in decades
    "99.1, 8.8, 9.2", // just beyond, the nearest with hardly more doubt
    "315.22777, 8.7, 9.3", // half a decade beyond
    "1.5, 10.7, 11.3", // on the other side
  })
  void aPenTakenAtTwoRatiosIsJoinedInDecades(double water, double low, double high) {
    PhInterval ph = measured("1:" + water, pen("1:99", 9), pen("1:9", 11));
    assertThat(ph).isEqualTo(new PhInterval(low, high));
  }

  @Test
  void theReadingsNextToTheRatioCount() {
    PhInterval ph = measured("1:30.6227766017", pen("1:9", 11), pen("1:99", 9), pen("1:999", 3));
    assertThat(ph).isEqualTo(new PhInterval(9.9, 10.1));
  }

  @Test
  void thePhOnTheLabelIsAReadingAtReady() {
    Known both =
        new Known(Optional.of(12.0), Optional.of(PhNature.BUFFERED), List.of(pen("1:9", 10)));
    assertThat(DEIONISED.of(both, new Ratio(Math.sqrt(10) - 1)).orElseThrow())
        .isEqualTo(new PhInterval(10.9, 11.1));
  }

  @Test
  void twoDecadesFromAReadingItIsOpenlyUncertain() {
    assertThat(measured("1:9", pen("1:999", 8))).isEqualTo(new PhInterval(6.4, 9.6));
  }

  @Test
  void oneReadingStandsForItsNeighbourhood() {
    assertThat(measured("1:9", pen("1:9", 8.2))).isEqualTo(new PhInterval(8.1, 8.3));
    assertThat(measured("ready", pen("1:9", 8.2))).isEqualTo(new PhInterval(7.9, 8.5));
  }

  @Test
  void waterAddsItsOwnAlkaliToAStrongOne() {
    DilutedPh hard = new DilutedPh(Given.FIGURES, 9.0, 0);
    Known lye = known(11, PhNature.STRONG_ALKALI);
    double net = (1e-3 - 1e-11) / 100 + (1e-5 - 1e-9) * 0.99;
    double expected = 14 + Math.log10((net + Math.sqrt(net * net + 4e-14)) / 2);
    assertThat(hard.of(lye, new Ratio(99)).orElseThrow().middle())
        .isCloseTo(expected, within(0.051));
    assertThat(DEIONISED.of(lye, new Ratio(99)).orElseThrow().middle())
        .isCloseTo(9.0, within(0.051));
  }
}
