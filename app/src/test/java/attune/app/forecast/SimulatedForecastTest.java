package attune.app.forecast;

import static org.assertj.core.api.Assertions.assertThat;

import attune.core.plan.Outlook.Forecast;
import attune.core.survey.Setting.Sun;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Invented weather that could be weather. */
class SimulatedForecastTest {
  private static final SimulatedForecast WEATHER = new SimulatedForecast();

  private static double mean(LocalDate day) {
    return WEATHER.from(day).stream()
        .limit(24)
        .mapToDouble(f -> f.air().temperature().value())
        .average()
        .orElseThrow();
  }

  @Test
  void theSameDayHasTheSameWeatherAndTwoDaysFollowEachOther() {
    LocalDate day = LocalDate.of(2026, 11, 25);
    List<Forecast> hours = WEATHER.from(day);
    assertThat(hours).hasSize(48).isEqualTo(WEATHER.from(day));
    assertThat(hours.subList(24, 48)).isEqualTo(WEATHER.from(day.plusDays(1)).subList(0, 24));
    assertThat(IntStream.range(1, 48))
        .allSatisfy(
            i -> assertThat(hours.get(i).at()).isEqualTo(hours.get(i - 1).at().plusHours(1)));
  }

  @Test
  void summerIsWarmerThanWinterAndNightHasNoSun() {
    double july =
        IntStream.rangeClosed(1, 28)
            .mapToDouble(d -> mean(LocalDate.of(2026, 7, d)))
            .average()
            .orElseThrow();
    double january =
        IntStream.rangeClosed(1, 28)
            .mapToDouble(d -> mean(LocalDate.of(2026, 1, d)))
            .average()
            .orElseThrow();
    assertThat(july).isGreaterThan(january + 10);
    assertThat(WEATHER.from(LocalDate.of(2026, 7, 1)))
        .filteredOn(f -> f.at().getHour() < 6 || f.at().getHour() > 20)
        .extracting(Forecast::sun)
        .containsOnly(Sun.NONE);
  }

  @Test
  void overAYearThereIsSunAndThereIsRainyAir() {
    List<Forecast> year =
        IntStream.range(0, 365)
            .mapToObj(d -> WEATHER.from(LocalDate.of(2026, 1, 1).plusDays(d)))
            .flatMap(List::stream)
            .toList();
    assertThat(year).extracting(Forecast::sun).contains(Sun.values());
    assertThat(year)
        .extracting(f -> f.air().relativeHumidity())
        .anyMatch(humidity -> humidity >= 0.95)
        .allMatch(humidity -> humidity >= 0.25 && humidity <= 1);
  }
}
