package attune.core.plan;

import static attune.core.match.Reason.Effect.CAUTION;
import static attune.core.match.Reason.SetBy.LABEL;
import static attune.core.match.Reason.SetBy.SAFETY;

import attune.core.match.Place;
import attune.core.match.Reason;
import attune.core.match.ReasonCode;
import attune.core.match.SurfaceMatch;
import attune.core.material.Role;
import attune.core.words.Phrases;
import java.util.ArrayList;
import java.util.List;

/** What is told of waiting: before one sits, drives or judges (docs/trade, C27). */
final class WaitCautions {
  private static final Phrases PHRASES = Phrases.of(WaitCautions.class);

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
              PHRASES.say("not-driven-before-it-is", place.craft().code())));
    }
    if (wet && (place.finish().isCoatedTrim() || place.finish().isPlastic())) {
      told.add(
          Reason.of(
              ReasonCode.TOO_EARLY_TO_JUDGE,
              CAUTION,
              SAFETY,
              PHRASES.say("wet-it-looks-glossy-and")));
    }
    boolean handled = place.finish().isHide() && !chosen.steps().isEmpty();
    if (handled && !wet) {
      told.add(Reason.of(ReasonCode.GLOVES, CAUTION, SAFETY, PHRASES.say("gloves-on-rings-off-a")));
    }
    return told;
  }

  private static Reason noSitting(FinishStep step) {
    double hours = Math.ceil(step.sitAfterS() / HOUR_S);
    return Reason.of(
        ReasonCode.NO_SIT_UNTIL,
        CAUTION,
        LABEL,
        PHRASES.say("nobody-sits-in-it-for", Phrases.number("%.0f", hours), step.product().name()));
  }
}
