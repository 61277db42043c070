package attune.core.bench;

import attune.core.match.Treatment;
import attune.core.measure.PhInterval;
import attune.core.measure.Ratio;
import java.util.Optional;

/**
 * One rung of a ladder, or what meets a stain.
 *
 * @param cleanerId empty for dry work
 * @param laidGPerM2 liquid per pass, g/m²
 * @param endPoint what to see when it is done, {@code leadsOn} what follows where it is not seen
 * @param spot the stain it meets; empty for a rung
 */
public record FrozenRung(
    Optional<String> cleanerId,
    Ratio ratio,
    Optional<PhInterval> ph,
    String toolId,
    Treatment.ApplyTo applyTo,
    double laidGPerM2,
    Treatment.Warmth warmth,
    Dwell dwell,
    Sections sections,
    int passesLow,
    int passesHigh,
    String endPoint,
    String leadsOn,
    Optional<FrozenSpot> spot) {

  /** How long it sits, s: at least, and as long as label and finish let it. */
  public record Dwell(long minS, long maxS) {}

  /**
   * How the panel is cut.
   *
   * @param workedS the window it is worked in, s: what is too hot as it stands has cooled by then
   */
  public record Sections(int count, long workedS) {}
}
