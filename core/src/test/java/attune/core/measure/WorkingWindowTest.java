package attune.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import attune.core.Given;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Model 4: how long a film stays wet, and how small a section must be for it. */
class WorkingWindowTest {
  private static Air air(double c, double humidity, double speed) {
    return new Air(new Celsius(c), humidity, speed);
  }

  private static double minutes(double film, Air air, double surfaceC) {
    return Evaporation.secondsToDry(new GramsPerSquareMetre(film), air, new Celsius(surfaceC)) / 60;
  }

  @ParameterizedTest(name = "{0} °C is {1} kPa")
  @CsvSource({"0, 0.611", "10, 1.226", "20, 2.333", "30, 4.236", "45, 9.588"})
  void saturationPressureIsThePublishedOne(double c, double kPa) {
    assertThat(SaturationPressure.kPa(new Celsius(c))).isCloseTo(kPa, within(0.01));
  }

  @Test
  void fortyGramsIndoorsLastAboutFourteenMinutes() {
    assertThat(minutes(40, air(20, 0.5, 0.1), 20)).isCloseTo(14, within(0.5));
  }

  @Test
  void theSameOnAPanelInTheSunIsGoneInUnderTwo() {
    assertThat(minutes(40, air(20, 0.5, 0.3), 45)).isLessThan(2);
  }

  @Test
  void theSameInAColdDampGarageStaysOverAnHourAndAHalf() {
    assertThat(minutes(40, air(8, 0.85, 0.1), 8)).isGreaterThan(90);
  }

  @Test
  void nothingDriesWhereTheAirIsAsWetAsTheSurface() {
    assertThat(Evaporation.gramsPerSecond(air(20, 1, 0.1), new Celsius(20))).isZero();
    assertThat(minutes(40, air(25, 0.9, 0.1), 12)).isInfinite();
  }

  @Test
  void warmerDrierAndWindierAlwaysDriesFaster() {
    double still = Evaporation.gramsPerSecond(air(20, 0.5, 0.1), new Celsius(20));
    assertThat(Evaporation.gramsPerSecond(air(20, 0.5, 0.5), new Celsius(20))).isGreaterThan(still);
    assertThat(Evaporation.gramsPerSecond(air(20, 0.3, 0.1), new Celsius(20))).isGreaterThan(still);
    assertThat(Evaporation.gramsPerSecond(air(20, 0.5, 0.1), new Celsius(30))).isGreaterThan(still);
  }

  private static Sections cut(double area, double window, double dwell) {
    return Sections.of(new SquareMetres(area), window, dwell, 0.35, Given.FIGURES);
  }

  @Test
  void aQuarterOfTheWindowIsKeptInHandAndFoamKeepsTwiceAsLong() {
    Air air = air(20, 0.5, 0.1);
    GramsPerSquareMetre film = new GramsPerSquareMetre(40);
    double dries = Evaporation.secondsToDry(film, air, new Celsius(20));
    double liquid = Sections.windowS(film, false, air, new Celsius(20), Given.FIGURES);
    double foam = Sections.windowS(film, true, air, new Celsius(20), Given.FIGURES);
    assertThat(liquid).isCloseTo(dries * 0.75, within(1e-6));
    assertThat(foam).isCloseTo(liquid * 2, within(1e-6));
  }

  @Test
  void oneSectionIndoorsAndSeveralInTheSun() {
    assertThat(cut(0.6, 600, 60).count()).isEqualTo(1);
    Sections sun = cut(0.6, 90, 30);
    assertThat(sun.count()).isGreaterThan(1);
    assertThat(sun.fits()).isTrue();
    assertThat(sun.areaM2() * sun.count()).isCloseTo(0.6, within(1e-9));
  }

  @Test
  void aShorterWindowNeverMakesFewerSections() {
    int before = 1;
    for (double window = 900; window > 60; window -= 10) {
      Sections sections = cut(1.2, window, 45);
      if (!sections.fits()) {
        break;
      }
      assertThat(sections.count()).isGreaterThanOrEqualTo(before);
      before = sections.count();
    }
    assertThat(before).isGreaterThan(4);
  }

  @Test
  void workMayNotStartWhereItDriesBeforeItHasSat() {
    Sections none = cut(0.6, 50, 60);
    assertThat(none.fits()).isFalse();
    assertThat(none.count()).isEqualTo(1);
  }

  /** Model 5. */
  @Test
  void aCoatingForTwoFrontSeatsIsAQuarterOfAFiftyMillilitreBottle() {
    Dose barrierBacked = Dose.of(2.4, 5, 1, 0.5);
    Dose plainFoam = Dose.of(2.4, 5, 1, 6.5);
    assertThat(barrierBacked.ml()).isBetween(12.0, 13.0);
    assertThat(plainFoam.ml() / barrierBacked.ml()).isCloseTo(1.5, within(0.05));
    assertThat(barrierBacked.drops(Given.FIGURES)).isEqualTo(250);
    assertThat(barrierBacked.strokes(Given.FIGURES)).isEqualTo(13);
    assertThat(barrierBacked.peas(Given.FIGURES)).isEqualTo(42);
  }

  @Test
  void theApplicatorKeepsItsShareOnceHoweverManyCoats() {
    assertThat(Dose.of(1, 5, 2, 0.5).ml()).isEqualTo(10.5);
  }
}
