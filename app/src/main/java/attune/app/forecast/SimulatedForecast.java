package attune.app.forecast;

import attune.core.measure.Air;
import attune.core.measure.Celsius;
import attune.core.plan.Outlook.Forecast;
import attune.core.survey.Setting.Sun;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.springframework.stereotype.Component;

/**
 * Invented weather of Port Ansley, a mild harbour: grey mornings that let one work, sun around noon
 * on some days, a sea breeze after it. The same date always has the same weather.
 */
@Component
class SimulatedForecast implements ForecastPort {
  private static final int HOURS = 48;
  private static final double YEARLY_MEAN_C = 14;
  private static final double YEARLY_SWING_C = 6;
  private static final double DAILY_SWING_C = 5;
  private static final int WARMEST_DAY = 205;
  private static final int WARMEST_HOUR = 15;
  private static final int NOON_SUN_FROM = 11;
  private static final int NOON_SUN_UNTIL = 16;

  @Override
  public List<Forecast> from(LocalDate day) {
    List<Forecast> hours = new ArrayList<>();
    for (int h = 0; h < HOURS; h++) {
      hours.add(hour(day.plusDays(h / 24), h % 24));
    }
    return hours;
  }

  private static Forecast hour(LocalDate day, int hour) {
    SplittableRandom random = new SplittableRandom(day.toEpochDay());
    double cloud = random.nextDouble();
    double warmth = random.nextDouble() * 6 - 3;
    double season = Math.cos(2 * Math.PI * (day.getDayOfYear() - WARMEST_DAY) / 365);
    double clock = Math.cos(2 * Math.PI * (hour - WARMEST_HOUR) / 24);
    double t =
        YEARLY_MEAN_C + YEARLY_SWING_C * season + DAILY_SWING_C * (1.2 - cloud) * clock + warmth;
    double humidity = Math.max(0.25, Math.min(0.98, 0.64 + 0.14 * cloud - 0.2 * clock));
    double breeze = hour >= 11 && hour <= 18 ? 0.8 : 0.2;
    boolean bright = hour >= NOON_SUN_FROM && hour <= NOON_SUN_UNTIL;
    Sun sun = !bright || cloud > 0.6 ? Sun.NONE : cloud > 0.35 ? Sun.THROUGH_GLASS : Sun.DIRECT;
    return new Forecast(
        day.atTime(hour, 0),
        new Air(new Celsius(tenth(t)), Math.round(humidity * 100) / 100.0, breeze),
        sun);
  }

  private static double tenth(double value) {
    return Math.round(value * 10) / 10.0;
  }
}
