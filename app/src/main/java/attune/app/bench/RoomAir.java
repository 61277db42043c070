package attune.app.bench;

import attune.app.bench.EntryDetail.AirNow;
import attune.app.planning.JobPlans;
import attune.app.reference.ReferenceData;
import attune.core.bench.Workable;
import attune.core.check.Coded;
import attune.core.check.InvalidInputException;
import attune.core.measure.Air;
import attune.core.measure.Celsius;
import attune.core.plan.Plan;
import attune.core.survey.Setting.Sun;
import attune.core.words.Phrases;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** How long panels stay workable in the air of the room as it is now. */
@Component
class RoomAir {
  private static final Phrases PHRASES = Phrases.of(RoomAir.class);

  private final JobPlans plans;
  private final ReferenceData reference;

  RoomAir(JobPlans plans, ReferenceData reference) {
    this.plans = plans;
    this.reference = reference;
  }

  /**
   * Workables by panel.
   *
   * @throws InvalidInputException for air there cannot be
   */
  Map<String, Workable> windows(UUID jobId, AirNow now, String pointer) {
    Plan plan = plans.plan(jobId);
    Air usual = plan.job().setting().air();
    Air air;
    try {
      air =
          new Air(
              new Celsius(now.airTempC()),
              now.relativeHumidity(),
              now.airSpeedMs() == null ? usual.speedMs() : now.airSpeedMs());
    } catch (InvalidInputException e) {
      throw new InvalidInputException(
          pointer + "/detail/air", e.faults().get(0).found(), e.faults().get(0).allowed());
    }
    Sun sun =
        now.sun() == null
            ? plan.job().setting().sun()
            : Coded.find(Sun.class, now.sun())
                .orElseThrow(
                    () ->
                        new InvalidInputException(
                            pointer + "/detail/air/sun",
                            "\"" + now.sun() + "\"",
                            PHRASES.say("none-through-glass-or-direct")));
    Map<String, Workable> windows = new LinkedHashMap<>();
    reference
        .planner()
        .outlook(plan)
        .in(air, sun)
        .panels()
        .forEach(
            p -> windows.put(p.surfaceId(), new Workable(p.windowS(), p.sections(), p.fits())));
    return windows;
  }
}
