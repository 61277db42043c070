package attune.core.plan;

import static attune.core.match.Reason.Effect.CAUTION;
import static attune.core.match.Reason.SetBy.LABEL;
import static attune.core.match.Reason.SetBy.SAFETY;

import attune.core.match.Place;
import attune.core.match.Reason;
import attune.core.match.ReasonCode;
import attune.core.match.SurfaceMatch;
import attune.core.material.Role;
import java.util.ArrayList;
import java.util.List;

/** What is told of waiting: before one sits, drives or judges (docs/trade, C27). */
final class WaitCautions {
  private static final double HOUR_S = 3600;

  private WaitCautions() {}

  static List<Reason> of(Place place, SurfaceMatch match, FinishChooser.Chosen chosen) {
    List<Reason> told = new ArrayList<>();
    boolean wet = !match.ladder().isEmpty();
    chosen.steps().stream()
        .filter(step -> step.sitAfterS() > 0 && place.surface().role() == Role.SEAT)
        .max(java.util.Comparator.comparingInt(FinishStep::sitAfterS))
        .ifPresent(step -> told.add(noSitting(step)));
    if (place.surface().isGrip() && wet) {
      told.add(
          Reason.of(
              ReasonCode.NO_DRIVE_UNTIL,
              CAUTION,
              SAFETY,
              "Not driven before it is dry and grips: skin oil goes into what is damp."));
    }
    if (wet && (place.finish().isCoatedTrim() || place.finish().isPlastic())) {
      told.add(
          Reason.of(
              ReasonCode.TOO_EARLY_TO_JUDGE,
              CAUTION,
              SAFETY,
              "Wet it looks glossy and darker: judged only when it is dry."));
    }
    boolean handled = place.finish().isHide() && !chosen.steps().isEmpty();
    if (handled && !wet) {
      told.add(
          Reason.of(
              ReasonCode.GLOVES, CAUTION, SAFETY, "Gloves on, rings off: a nail tears leather."));
    }
    return told;
  }

  private static Reason noSitting(FinishStep step) {
    double hours = Math.ceil(step.sitAfterS() / HOUR_S);
    return Reason.of(
        ReasonCode.NO_SIT_UNTIL,
        CAUTION,
        LABEL,
        String.format(
            java.util.Locale.ROOT,
            "Nobody sits in it for %.0f h after %s.",
            hours,
            step.product().name()));
  }
}
