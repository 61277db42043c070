package attune.core.match;

import static attune.core.match.ProductRules.text;
import static attune.core.match.Reason.Effect.CAUTION;
import static attune.core.match.Reason.Effect.NOTE;
import static attune.core.match.Reason.Effect.OVER;
import static attune.core.match.Reason.SetBy.FINISH;
import static attune.core.match.Reason.SetBy.SAFETY;
import static attune.core.match.Reason.SetBy.SHELF;
import static attune.core.match.Reason.SetBy.SOIL;

import attune.core.match.Reason.SetBy;
import attune.core.survey.Condition;
import attune.core.survey.Condition.Damage;
import attune.core.survey.Condition.Wear;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Where cleaning ends: what is referred instead, what stands above a ladder's last rung. */
final class Endings {
  private static final double PH_ROOM = 0.2;

  private Endings() {}

  /** What cleaning cannot mend, or why nothing on the shelf may clean it. */
  static Optional<Reason> refer(Place place, List<Rung> ladder, List<Tried> tried) {
    return seen(tried)
        .or(() -> Faults.noWetWork(place))
        .or(() -> belt(place))
        .or(() -> damage(place))
        .or(() -> nothingLeft(place, ladder, tried));
  }

  private static Optional<Reason> seen(List<Tried> tried) {
    if (tried.stream().anyMatch(t -> t.result() == Tried.Result.COLOUR)) {
      return refer(
          ReasonCode.REFER_REPAIR,
          FINISH,
          "The cloth took the trim's own colour: that is pigment, not dirt. Stop; a repairer"
              + " re-colours it.");
    }
    if (tried.stream().anyMatch(t -> t.result() == Tried.Result.DULLED)) {
      return refer(
          ReasonCode.REFER_REPAIR,
          FINISH,
          "It dulled under the cloth: its coat is going. Stop; a repairer looks at it.");
    }
    return Optional.empty();
  }

  private static Optional<Reason> belt(Place place) {
    boolean cut =
        place.finish().code().equals("textile/webbing")
            && place.surface().condition().wear() != Wear.INTACT;
    return cut
        ? refer(
            ReasonCode.REFER_LICENSED,
            SAFETY,
            "A frayed or cut belt goes to a licensed workshop before the car is driven.")
        : Optional.empty();
  }

  private static Optional<Reason> damage(Place place) {
    Condition condition = place.surface().condition();
    if (condition.hasMould()) {
      return refer(
          ReasonCode.MOULD_STOP,
          SAFETY,
          "Mould needs its own precautions or a specialist cleaner.");
    }
    if (condition.isHazard()) {
      return refer(
          ReasonCode.BLOOD,
          SAFETY,
          "Blood over more than a spot needs its own precautions or a specialist cleaner.");
    }
    if (condition.damage().contains(Damage.SCUFFED)) {
      return refer(
          ReasonCode.SCUFF_STAYS,
          FINISH,
          "The scuff is through the pigment: a repairer re-colours it.");
    }
    if (condition.damage().contains(Damage.GUMMY)
        || condition.damage().contains(Damage.SCRATCHED)) {
      return refer(
          ReasonCode.REFER_REPAIR, FINISH, "Scratched or gummy paint is refinished, not cleaned.");
    }
    if (condition.wear() == Wear.CRACKED || condition.wear() == Wear.TORN) {
      return refer(
          ReasonCode.REFER_REPAIR,
          FINISH,
          "Cracks and tears are for a repairer; no liquid goes in.");
    }
    return Optional.empty();
  }

  private static Optional<Reason> nothingLeft(Place place, List<Rung> ladder, List<Tried> tried) {
    if (place.demand().isNone() || !ladder.isEmpty()) {
      return Optional.empty();
    }
    if (!place.limits().identified()) {
      return refer(
          ReasonCode.IDENTIFY_FIRST,
          FINISH,
          "Identify it first: no label on the shelf covers everything it could be.");
    }
    if (tried.stream().anyMatch(t -> t.result() == Tried.Result.SOIL_STAYS)) {
      return refer(
          ReasonCode.LEAVE_SOME,
          FINISH,
          "Nothing firmer than what was tried is both on the shelf and inside what "
              + place.finish().name()
              + " stands: leave what is left, or have a repairer see it.");
    }
    return Optional.empty(); // the shelf lacks something; that is bought, not repaired
  }

  private static Optional<Reason> refer(ReasonCode code, SetBy setBy, String text) {
    return Optional.of(Reason.of(code, OVER, setBy, text));
  }

  /** What stands above the last rung. */
  static Reason end(Place place, Verdict last) {
    String stands = stands(place, last);
    boolean worn = place.surface().condition().wear() != Wear.INTACT;
    if (worn && place.finish().isCoatedTrim()) {
      return Reason.of(
          ReasonCode.LEAVE_SOME,
          NOTE,
          FINISH,
          "Leave some dirt on rather than take the coat off: " + stands + ".");
    }
    if (place.demand().setDye()) {
      return Reason.of(
          ReasonCode.SHADOW_MAY_STAY,
          NOTE,
          SOIL,
          "A shadow of dye that stays now is left: " + stands + ".");
    }
    return hasRoom(place, last)
        ? Reason.of(
            ReasonCode.NOT_ON_SHELF,
            NOTE,
            SHELF,
            "Nothing on the shelf is firmer by a third and still allowed here: " + stands + ".")
        : Reason.of(
            ReasonCode.REFER_REPAIR,
            NOTE,
            FINISH,
            "Soil that stays now is left, or a repairer sees it: " + stands + ".");
  }

  /** Whether the finish would stand something firmer, had the shop it. */
  private static boolean hasRoom(Place place, Verdict last) {
    return isSofterThanAllowed(place, last) || isMilderThanAllowed(place, last);
  }

  private static boolean isSofterThanAllowed(Place place, Verdict last) {
    return last.treatment().tool().stiffness() < place.limits().agitationMax().value();
  }

  private static boolean isMilderThanAllowed(Place place, Verdict last) {
    return last.ph()
        .filter(ph -> ph.high() < place.limits().phOccasionalHigh().value() - PH_ROOM)
        .isPresent();
  }

  /** Where the last rung is, beside what stops it. */
  private static String stands(Place place, Verdict last) {
    Limits limits = place.limits();
    String stiffness =
        isSofterThanAllowed(place, last)
            ? text(
                "stiffness %d of the %d that %s stands",
                last.treatment().tool().stiffness(),
                limits.agitationMax().value(),
                limits.subject(limits.agitationMax()))
            : text(
                "%s is as stiff as %s stands",
                last.treatment().tool().name(), limits.subject(limits.agitationMax()));
    String ph =
        last.ph()
            .map(
                now ->
                    text(
                        isMilderThanAllowed(place, last)
                            ? "pH %.1f of at most %.1f"
                            : "pH %.1f, at its limit of %.1f",
                        now.high(),
                        limits.phOccasionalHigh().value()))
            .orElse("pH not known");
    return "the last rung is at " + ph + "; " + stiffness;
  }

  /** Said of a first rung that was set by hand. */
  static Reason byHand(ByHand set) {
    return Reason.of(
        ReasonCode.SET_BY_HAND,
        NOTE,
        SHELF,
        set.reason().isBlank() ? "Set by hand." : "Set by hand: " + set.reason());
  }

  /** Said where what was set by hand may not be done any more. */
  static Reason handRefused(Verdict verdict) {
    String why =
        verdict.reasons().stream()
            .filter(Reason::rulesOut)
            .max(Comparator.comparing(Reason::effect))
            .map(Reason::text)
            .orElse("");
    return Reason.of(
        ReasonCode.HAND_REFUSED, CAUTION, SAFETY, "What was set by hand is not followed: " + why);
  }
}
