package attune.core.plan;

import attune.core.reference.Figures;
import attune.core.schedule.Worker;
import attune.core.survey.Setting;
import java.time.LocalDate;
import java.util.List;

/**
 * When there is light enough outdoors. Declination after Cooper (1969), δ = 23.45°·sin(360°·(284 +
 * n)/365); half the day is acos(−tan φ·tan δ)/15° hours either side of local noon. Good to some ten
 * minutes below the polar circles.
 */
final class Daylight {
  private static final double TILT = Math.toRadians(23.45);

  private Daylight() {}

  /** Seconds after midnight from sunrise to sunset. */
  record Span(int rises, int sets) {}

  static Span on(LocalDate day, double latitude, double noonHour) {
    double declination = TILT * Math.sin(2 * Math.PI * (284 + day.getDayOfYear()) / 365);
    double cosine = -Math.tan(Math.toRadians(latitude)) * Math.tan(declination);
    double half = Math.toDegrees(Math.acos(Math.max(-1, Math.min(1, cosine)))) / 15;
    return new Span(
        (int) Math.max(0, Math.round((noonHour - half) * 3600)),
        (int) Math.min(86_399, Math.round((noonHour + half) * 3600)));
  }

  /**
   * Outdoors nobody works in the dark; days of a visit lie so near that the first one's light
   * counts.
   */
  static List<Worker> limit(List<Worker> crew, Setting setting, Figures figures) {
    if (setting.place() == Setting.Place.STUDIO) {
      return crew;
    }
    Span light =
        on(setting.start().toLocalDate(), figures.get("day.latitude"), figures.get("day.noon"));
    return crew.stream()
        .map(
            worker -> {
              int opens = Math.max(worker.opens(), light.rises());
              int closes = Math.min(worker.closes(), light.sets());
              return opens < closes ? worker.within(opens, closes) : worker;
            })
        .toList();
  }
}
