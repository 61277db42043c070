package attune.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import attune.core.ASurface;
import attune.core.Given;
import attune.core.material.Role;
import attune.core.measure.Air;
import attune.core.measure.Celsius;
import attune.core.plan.Outlook.Fix;
import attune.core.plan.Outlook.Forecast;
import attune.core.plan.Outlook.Hour;
import attune.core.plan.Outlook.Panel;
import attune.core.plan.Outlook.Part;
import attune.core.plan.Outlook.Whole;
import attune.core.survey.Condition.Level;
import attune.core.survey.Setting.Sun;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** The same work in the cool of the morning, in the sun, in a wet garage. */
class OutlookTest {
  private final Plan plan =
      Given.plan(
          TimetableTest.SHOP,
          ASurface.of("leather/coated").id("seat").area(1.2).soiled(Level.MODERATE).build(),
          ASurface.of("plastic/textured")
              .id("dash")
              .role(Role.TRIM)
              .area(0.8)
              .soiled(Level.LIGHT)
              .build());
  private final Plan clean = Given.plan(TimetableTest.SHOP, ASurface.of("leather/coated").build());
  private final Outlook outlook = Given.PLANNER.outlook(plan);

  private static Air air(double t, double humidity, double speed) {
    return new Air(new Celsius(t), humidity, speed);
  }

  @Test
  void inThePlansOwnAirNothingChanges() {
    Whole now = outlook.in(air(20, 0.5, 0.1), Sun.NONE);
    assertThat(now.mostly()).isEmpty();
    assertThat(now.panels())
        .hasSize(2)
        .allSatisfy(panel -> assertThat(panel.sections()).isEqualTo(panel.planned()));
    assertThat(now.fits()).isTrue();
    assertThat(now.dries()).isTrue();
  }

  @Test
  void heatMakesTheSectionsSmallerAndSoDoesADraught() {
    Whole now = outlook.in(air(20, 0.5, 0.1), Sun.NONE);
    Whole hot = outlook.in(air(32, 0.3, 0.3), Sun.NONE);
    assertThat(hot.shortestS().orElseThrow()).isLessThan(now.shortestS().orElseThrow() / 2);
    assertThat(hot.sections()).isGreaterThan(now.sections());
    assertThat(outlook.in(air(20, 0.5, 3), Sun.NONE).mostly()).contains(Part.DRAUGHT);
    assertThat(outlook.in(air(20, 0.1, 0.1), Sun.NONE).mostly()).contains(Part.HUMIDITY);
    assertThat(outlook.in(air(30, 0.5, 0.1), Sun.NONE).mostly()).contains(Part.TEMPERATURE);
    assertThat(outlook.in(air(21, 0.5, 0.1), Sun.DIRECT).mostly()).contains(Part.SUN);
  }

  @Test
  void inAWetGarageNothingDriesAndWhatHelpsIsSaid() {
    Air wet = air(8, 1.0, 0.1);
    assertThat(outlook.in(wet, Sun.NONE).dries()).isFalse();
    assertThat(outlook.remedies(wet, Sun.NONE))
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
        outlook.hours(
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
        outlook.hours(List.of(hour(15, 12, 0.6, Sun.NONE), hour(9, 10, 0.7, Sun.NONE)));
    assertThat(hours.get(0).whole().sections()).isEqualTo(hours.get(1).whole().sections());
    assertThat(hours.get(0).whole().driesInS()).isLessThan(hours.get(1).whole().driesInS());
    assertThat(Outlook.best(hours).orElseThrow().forecast().at().getHour()).isEqualTo(9);
  }

  @Test
  void everyHourOfADayIsWorkedOut() {
    List<Forecast> day =
        IntStream.range(0, 24).mapToObj(h -> hour(h, 10 + h / 2.0, 0.6, Sun.NONE)).toList();
    assertThat(outlook.hours(day)).hasSize(24);
  }

  @Test
  void whatOneAirDoesIsToldOfTheWholeCabin() {
    Whole sunny = outlook.in(air(24, 0.4, 0.2), Sun.DIRECT);
    assertThat(sunny.hottestC())
        .isGreaterThan(24)
        .isEqualTo(sunny.panels().stream().mapToDouble(Panel::surfaceC).max().orElseThrow());
    assertThat(sunny.shortestS())
        .hasValue(sunny.panels().stream().mapToDouble(Panel::windowS).min().orElseThrow());
    assertThat(sunny.driesInS()).isPositive();
    assertThat(sunny.sections()).isEqualTo(sunny.panels().stream().mapToInt(Panel::sections).sum());
    Whole oven = outlook.in(air(45, 0.05, 6), Sun.DIRECT);
    assertThat(oven.fits()).isFalse();
    assertThat(oven.panels()).anySatisfy(panel -> assertThat(panel.fits()).isFalse());
    Whole nothing = Given.PLANNER.outlook(clean).in(air(30, 0.3, 1), Sun.NONE);
    assertThat(nothing.shortestS()).isEmpty();
    assertThat(nothing.fits() && nothing.dries()).isTrue();
    assertThat(nothing.driesInS()).isZero();
    assertThat(nothing.hottestC()).isZero();
    assertThat(nothing.mostly()).isEmpty();
  }

  @Test
  void eachRemedyIsNamedOnlyWhereItHelps() {
    Air still = air(20, 0.75, 0.0);
    assertThat(outlook.remedies(air(20, 0.5, 0.1), Sun.NONE)).hasSize(3); // each leaves it drying
    assertThat(outlook.remedies(still, Sun.NONE))
        .contains(
            "Move the air over it: a blower at about %.0f m/s."
                .formatted(Given.FIGURES.get("dry.faster")),
            "Warm the room by %.0f °C with the doors shut."
                .formatted(Given.FIGURES.get("dry.warmer")),
            "Dry the air to %.0f %% humidity.".formatted(100 * Given.FIGURES.get("dry.drier")));
    assertThat(outlook.remedies(air(8, 1.0, 0.1), Sun.NONE)).hasSize(2);
  }

  @Test
  void whereNoHourIsFitWhatWouldMakeOneFitIsTried() {
    Forecast noon = hour(13, 27, 0.35, Sun.DIRECT);
    Forecast wet = hour(10, 8, 1.0, Sun.NONE);
    Forecast night = hour(2, 12, 0.6, Sun.NONE);
    assertThat(outlook.hours(List.of(noon, wet, night))).noneMatch(Hour::workable);
    assertThat(outlook.fixes(List.of(noon))).containsExactly(Fix.SHADE, Fix.HEATED_HALL);
    assertThat(outlook.fixes(List.of(wet, night))).containsExactly(Fix.HEATED_HALL);
  }

  @Test
  void theLeastBadHourIsLightBeforeDryBeforeFittingBeforeCool() {
    Hour night = at(2, new Panel("p", 10, 100, 1, 1, true, DRIES), false);
    Hour wet = at(9, new Panel("p", 10, 100, 1, 1, true, NEVER_DRIES), true);
    Hour draughty = at(14, new Panel("p", 20, 10, 1, 1, false, DRIES), true);
    Hour hot = at(12, new Panel("p", 44, 100, 1, 1, true, DRIES), true);
    Hour warm = at(11, new Panel("p", 41, 100, 1, 1, true, DRIES), true);
    Hour asWarmLater = at(15, new Panel("p", 41, 100, 1, 1, true, DRIES), true);
    assertThat(ordered(List.of(night, wet, draughty, hot, asWarmLater, warm), Outlook::leastBad))
        .containsExactly(warm, asWarmLater, hot, draughty, wet, night);
    assertThat(Outlook.leastBad(List.of())).isEmpty();
  }

  @Test
  void theBestHourHasFewSectionsThenMinutesToWipeThenDriesSoonThenIsEarly() {
    Hour manySections = at(8, new Panel("p", 20, 400, 1, 3, true, DRIES), true);
    Hour hurried = at(9, new Panel("p", 20, 170, 1, 2, true, DRIES), true);
    Hour slow = at(10, new Panel("p", 20, 250, 1, 2, true, DRIES_LATE), true);
    Hour best = at(11, new Panel("p", 20, 299, 1, 2, true, DRIES), true);
    Hour inAsManyMinutes = at(12, new Panel("p", 20, 250, 1, 2, true, DRIES), true);
    Hour dark = at(3, new Panel("p", 20, 900, 1, 1, true, DRIES), false);
    assertThat(
            ordered(
                List.of(dark, manySections, hurried, slow, inAsManyMinutes, best), Outlook::best))
        .containsExactly(best, inAsManyMinutes, slow, hurried, manySections);
  }

  private static final Drying DRIES = new Drying(true, 300, "air", "hand");
  private static final Drying DRIES_LATE = new Drying(true, 900, "air", "hand");
  private static final Drying NEVER_DRIES = new Drying(false, 86_400, "air", "hand");

  /** An hour that can be worked where it is light. */
  private static Hour at(int hour, Panel panel, boolean light) {
    Whole whole = new Whole(List.of(panel), OptionalDouble.of(panel.windowS()), Optional.empty());
    return new Hour(hour(hour, 20, 0.5, Sun.NONE), whole, light, light, false);
  }

  /** The hour chosen, then the one chosen without it, and so on. */
  private static List<Hour> ordered(List<Hour> hours, Function<List<Hour>, Optional<Hour>> choose) {
    List<Hour> left = new ArrayList<>(hours);
    List<Hour> order = new ArrayList<>();
    Optional<Hour> next = choose.apply(left);
    while (next.isPresent()) {
      order.add(next.get());
      left.remove(next.get());
      next = choose.apply(left);
    }
    return order;
  }
}
