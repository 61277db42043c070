package attune.core.match;

import attune.core.material.Finish;
import attune.core.measure.Air;
import attune.core.measure.Celsius;
import attune.core.reference.Figures;
import attune.core.survey.HouseRules;
import attune.core.survey.Setting;
import attune.core.survey.Setting.Sun;
import attune.core.survey.Surface;
import attune.core.survey.Surface.Tone;
import java.time.LocalDate;

/**
 * A surface where it stands: with its limits, its demand and the air of the job resolved, ready to
 * be judged.
 *
 * @param coatingPlanned a coating follows, so a cleaner may leave no film
 */
public record Place(
    Surface surface,
    Limits limits,
    Demand demand,
    Air air,
    Celsius temperature,
    HouseRules rules,
    LocalDate date,
    boolean coatingPlanned) {

  /** Resolves a surface of a job. */
  public static Place of(
      Surface surface, Setting setting, HouseRules rules, boolean coatingPlanned, Rulebook book) {
    return new Place(
        surface,
        Limits.of(surface, rules, book.finishes(), book.figures()),
        Demand.of(surface, book.figures()),
        setting.air(),
        temperature(surface, setting, book.figures()),
        rules,
        setting.start().toLocalDate(),
        coatingPlanned);
  }

  /** Measured where it was; else the air and what sun adds (domain 4, model 4). */
  private static Celsius temperature(Surface surface, Setting setting, Figures figures) {
    return surface
        .surfaceTemp()
        .or(setting::surfaceTemp)
        .orElseGet(() -> setting.air().temperature().plus(sun(surface, setting.sun(), figures)));
  }

  private static double sun(Surface surface, Sun sun, Figures figures) {
    return switch (sun) {
      case NONE -> 0;
      case THROUGH_GLASS -> figures.get("window.glass");
      case DIRECT ->
          figures.get("window.direct")
              + (surface.tone() == Tone.DARK ? figures.get("window.direct-dark") : 0);
    };
  }

  public Finish finish() {
    return limits.finish();
  }
}
