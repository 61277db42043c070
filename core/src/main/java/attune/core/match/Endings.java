package attune.core.match;

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
import attune.core.words.Phrases;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Where cleaning ends: what is referred instead, what stands above a ladder's last rung. */
final class Endings {
  private static final Phrases PHRASES = Phrases.of(Endings.class);

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
      return refer(ReasonCode.REFER_REPAIR, FINISH, PHRASES.say("the-cloth-took-the-trims"));
    }
    if (tried.stream().anyMatch(t -> t.result() == Tried.Result.DULLED)) {
      return refer(ReasonCode.REFER_REPAIR, FINISH, PHRASES.say("it-dulled-under-the-cloth"));
    }
    return Optional.empty();
  }

  private static Optional<Reason> belt(Place place) {
    boolean cut =
        place.finish().code().equals("textile/webbing")
            && place.surface().condition().wear() != Wear.INTACT;
    return cut
        ? refer(ReasonCode.REFER_LICENSED, SAFETY, PHRASES.say("a-frayed-or-cut-belt"))
        : Optional.empty();
  }

  private static Optional<Reason> damage(Place place) {
    Condition condition = place.surface().condition();
    if (condition.hasMould()) {
      return refer(ReasonCode.MOULD_STOP, SAFETY, PHRASES.say("mould-needs-its-own-precautions"));
    }
    if (condition.isHazard()) {
      return refer(ReasonCode.BLOOD, SAFETY, PHRASES.say("blood-over-more-than-a"));
    }
    if (condition.damage().contains(Damage.SCUFFED)) {
      return refer(ReasonCode.SCUFF_STAYS, FINISH, PHRASES.say("the-scuff-is-through-the"));
    }
    if (condition.damage().contains(Damage.GUMMY)
        || condition.damage().contains(Damage.SCRATCHED)) {
      return refer(ReasonCode.REFER_REPAIR, FINISH, PHRASES.say("scratched-or-gummy-paint-is"));
    }
    if (condition.wear() == Wear.CRACKED || condition.wear() == Wear.TORN) {
      return refer(ReasonCode.REFER_REPAIR, FINISH, PHRASES.say("cracks-and-tears-are-for"));
    }
    return Optional.empty();
  }

  private static Optional<Reason> nothingLeft(Place place, List<Rung> ladder, List<Tried> tried) {
    if (place.demand().isNone() || !ladder.isEmpty()) {
      return Optional.empty();
    }
    if (!place.limits().identified()) {
      return refer(ReasonCode.IDENTIFY_FIRST, FINISH, PHRASES.say("identify-it-first-no-label"));
    }
    if (tried.stream().anyMatch(t -> t.result() == Tried.Result.SOIL_STAYS)) {
      return refer(
          ReasonCode.LEAVE_SOME,
          FINISH,
          PHRASES.say("nothing-firmer-than-what-was", place.finish().name()));
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
          ReasonCode.LEAVE_SOME, NOTE, FINISH, PHRASES.say("leave-some-dirt-on-rather", stands));
    }
    if (place.demand().setDye()) {
      return Reason.of(
          ReasonCode.SHADOW_MAY_STAY, NOTE, SOIL, PHRASES.say("a-shadow-of-dye-that", stands));
    }
    return hasRoom(place, last)
        ? Reason.of(
            ReasonCode.NOT_ON_SHELF,
            NOTE,
            SHELF,
            PHRASES.say("nothing-on-the-shelf-is-firmer", stands))
        : Reason.of(
            ReasonCode.REFER_REPAIR, NOTE, FINISH, PHRASES.say("soil-that-stays-now-is", stands));
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
            ? PHRASES.say(
                "stiffness-of-the-that-stands",
                last.treatment().tool().stiffness(),
                limits.agitationMax().value(),
                limits.subject(limits.agitationMax()))
            : PHRASES.say(
                "is-as-stiff-as-stands",
                last.treatment().tool().name(),
                limits.subject(limits.agitationMax()));
    String ph =
        last.ph().map(now -> ph(place, last, now.high())).orElse(PHRASES.say("ph-not-known"));
    return PHRASES.say("the-last-rung-is-at", ph, stiffness);
  }

  private static String ph(Place place, Verdict last, double high) {
    String now = Phrases.number("%.1f", high);
    String most = Phrases.number("%.1f", place.limits().phOccasionalHigh().value());
    return isMilderThanAllowed(place, last)
        ? PHRASES.say("ph-of-at-most", now, most)
        : PHRASES.say("ph-at-its-limit", now, most);
  }

  /** Said of a first rung that was set by hand. */
  static Reason byHand(ByHand set) {
    return Reason.of(
        ReasonCode.SET_BY_HAND,
        NOTE,
        SHELF,
        set.reason().isBlank()
            ? PHRASES.say("set-by-hand")
            : PHRASES.say("set-by-hand-with", set.reason()));
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
        ReasonCode.HAND_REFUSED, CAUTION, SAFETY, PHRASES.say("what-was-set-by-hand", why));
  }
}
