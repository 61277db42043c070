package attune.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import attune.core.ASurface;
import attune.core.Given;
import attune.core.material.Role;
import attune.core.measure.Air;
import attune.core.measure.Celsius;
import attune.core.plan.Outlook.Forecast;
import attune.core.plan.Outlook.Hour;
import attune.core.plan.Outlook.Part;
import attune.core.plan.Outlook.Whole;
import attune.core.survey.Condition.Level;
import attune.core.survey.Setting.Sun;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** The same work in the cool of the morning, in the sun, in a wet garage. */
class OutlookTest {
  private static final Plan PLAN =
      Given.plan(
          TimetableTest.SHOP,
          ASurface.of("leather/coated").id("seat").area(1.2).soiled(Level.MODERATE).build(),
          ASurface.of("plastic/textured")
              .id("dash")
              .role(Role.TRIM)
              .area(0.8)
              .soiled(Level.LIGHT)
              .build());
  private static final Outlook OUTLOOK = Given.PLANNER.outlook(PLAN);

  private static Air air(double t, double humidity, double speed) {
    return new Air(new Celsius(t), humidity, speed);
  }

  @Test
  void inThePlansOwnAirNothingChanges() {
    Whole now = OUTLOOK.in(air(20, 0.5, 0.1), Sun.NONE);
    assertThat(now.mostly()).isEmpty();
    assertThat(now.panels())
        .hasSize(2)
        .allSatisfy(panel -> assertThat(panel.sections()).isEqualTo(panel.planned()));
    assertThat(now.fits()).isTrue();
    assertThat(now.dries()).isTrue();
  }

  @Test
  void heatMakesTheSectionsSmallerAndSoDoesADraught() {
    Whole now = OUTLOOK.in(air(20, 0.5, 0.1), Sun.NONE);
    Whole hot = OUTLOOK.in(air(32, 0.3, 0.3), Sun.NONE);
    assertThat(hot.shortestS().orElseThrow()).isLessThan(now.shortestS().orElseThrow() / 2);
    assertThat(hot.sections()).isGreaterThan(now.sections());
    assertThat(OUTLOOK.in(air(20, 0.5, 3), Sun.NONE).mostly()).contains(Part.DRAUGHT);
    assertThat(OUTLOOK.in(air(20, 0.1, 0.1), Sun.NONE).mostly()).contains(Part.HUMIDITY);
    assertThat(OUTLOOK.in(air(30, 0.5, 0.1), Sun.NONE).mostly()).contains(Part.TEMPERATURE);
    assertThat(OUTLOOK.in(air(21, 0.5, 0.1), Sun.DIRECT).mostly()).contains(Part.SUN);
  }

  @Test
  void inAWetGarageNothingDriesAndWhatHelpsIsSaid() {
    Air wet = air(8, 1.0, 0.1);
    assertThat(OUTLOOK.in(wet, Sun.NONE).dries()).isFalse();
    assertThat(OUTLOOK.remedies(wet, Sun.NONE))
        .anySatisfy(text -> assertThat(text).startsWith("Warm the room"))
        .anySatisfy(text -> assertThat(text).startsWith("Dry the air"))
        .noneSatisfy(text -> assertThat(text).contains("blower")); // moving wet air dries nothing
  }

  private static Forecast hour(int hour, double t, double humidity, Sun sun) {
    return new Forecast(LocalDate.of(2026, 6, 21).atTime(hour, 0), air(t, humidity, 0.3), sun);
  }

  @Test
  void aDaysForecastHasABestHourAnHourForTheShadeAndNightIsDark() {
    List<Hour> hours =
        OUTLOOK.hours(
            List.of(
                hour(2, 12, 0.8, Sun.NONE),
                hour(7, 16, 0.7, Sun.NONE),
                hour(13, 27, 0.35, Sun.DIRECT),
                hour(18, 24, 0.45, Sun.NONE),
                hour(20, 14, 1.0, Sun.NONE)));
    assertThat(hours).extracting(Hour::light).containsExactly(false, true, true, true, true);
    assertThat(hours).extracting(Hour::shade).containsExactly(false, false, true, false, false);
    assertThat(hours.get(2).workable()).isFalse(); // over 40 °C in the sun
    assertThat(hours.get(4).workable()).isFalse(); // nothing dries
    assertThat(Outlook.best(hours).orElseThrow().forecast().at().getHour()).isEqualTo(7);
    assertThat(Outlook.best(hours.subList(0, 1))).isEmpty();
  }

  @Test
  void betweenHoursOfAsManySectionsTheOneWithMostTimeToWipeIsBest() {
    List<Hour> hours =
        OUTLOOK.hours(List.of(hour(15, 12, 0.6, Sun.NONE), hour(9, 10, 0.7, Sun.NONE)));
    assertThat(hours.get(0).whole().sections()).isEqualTo(hours.get(1).whole().sections());
    assertThat(hours.get(0).whole().driesInS()).isLessThan(hours.get(1).whole().driesInS());
    assertThat(Outlook.best(hours).orElseThrow().forecast().at().getHour()).isEqualTo(9);
  }

  @Test
  void everyHourOfADayIsWorkedOut() {
    List<Forecast> day =
        IntStream.range(0, 24).mapToObj(h -> hour(h, 10 + h / 2.0, 0.6, Sun.NONE)).toList();
    assertThat(OUTLOOK.hours(day)).hasSize(24);
  }
}
