package attune.core.match;

import static attune.core.match.Reason.Effect.OVER;
import static attune.core.match.Reason.SetBy.SAFETY;

import attune.core.material.Role;
import attune.core.survey.Setting.FaultSeen;
import attune.core.survey.Surface;
import attune.core.survey.Surface.Feature;
import attune.core.words.Phrases;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Lamps that are on and what is broken: what they reach is not wetted before a licensed workshop
 * has seen it (docs/trade, judgement).
 */
final class Faults {
  private static final Phrases PHRASES = Phrases.of(Faults.class);

  private Faults() {}

  /** Why a panel stays dry until then; empty where no fault reaches it. */
  static Optional<Reason> noWetWork(Place place) {
    Set<FaultSeen> seen = place.reception().faults();
    return Stream.of(FaultSeen.values())
        .filter(seen::contains)
        .filter(fault -> reaches(fault, place))
        .findFirst()
        .map(fault -> Reason.of(ReasonCode.REFER_LICENSED, OVER, SAFETY, text(fault)));
  }

  /** What a lamp leaves open is taken as the worst: any seat may be the one. */
  private static boolean reaches(FaultSeen fault, Place place) {
    Surface surface = place.surface();
    boolean seat = surface.role() == Role.SEAT;
    return switch (fault) {
      case AIRBAG_LAMP -> seat || surface.isGrip() || surface.has(Feature.AIRBAG);
      case BELT_LAMP -> seat || place.finish().code().equals("textile/webbing");
      case SEAT_HEATER, OCCUPANCY_MAT -> seat;
      case CRACKED_SCREEN -> surface.role() == Role.SCREEN;
    };
  }

  private static String text(FaultSeen fault) {
    return switch (fault) {
      case AIRBAG_LAMP -> PHRASES.say("the-airbag-lamp-is-on");
      case BELT_LAMP -> PHRASES.say("the-belt-lamp-is-on");
      case SEAT_HEATER -> PHRASES.say("the-seat-heating-has-a");
      case OCCUPANCY_MAT -> PHRASES.say("the-occupancy-mat-has-a");
      case CRACKED_SCREEN -> PHRASES.say("the-screen-is-cracked-no");
    };
  }
}
