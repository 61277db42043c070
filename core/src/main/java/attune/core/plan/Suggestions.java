package attune.core.plan;

import attune.core.match.Place;
import attune.core.match.Reason;
import attune.core.match.ReasonCode;
import attune.core.material.Role;
import attune.core.shelf.Soil;
import attune.core.survey.Condition.Damage;
import attune.core.survey.Condition.Wear;
import attune.core.survey.Setting.Climate;
import attune.core.survey.Surface;
import attune.core.survey.Surface.Tone;
import attune.core.survey.Wishes.Protection;
import attune.core.words.Phrases;
import java.util.ArrayList;
import java.util.List;

/** What is worth telling the customer of, and is not sold: nothing of it is planned (C25). */
final class Suggestions {
  private static final Phrases PHRASES = Phrases.of(Suggestions.class);

  private Suggestions() {}

  static List<Reason> of(Place place, FinishChooser.Chosen chosen, Climate climate) {
    List<Reason> worth = new ArrayList<>();
    Surface surface = place.surface();
    var condition = surface.condition();
    boolean shielded =
        chosen.steps().stream().anyMatch(FinishStep::bonds)
            || chosen.leftAlone().stream()
                .anyMatch(left -> left.step() == Step.COAT || left.step() == Step.BARRIER);
    boolean takesDye =
        place.finish().isCoatedTrim()
            && !place.finish().hasNap()
            && Finishing.isSeatOrArmrest(surface)
            && (surface.tone() == Tone.PALE || condition.soils().contains(Soil.DENIM_DYE));
    boolean asked = surface.wishes().protection().atLeast(Protection.BARRIER);
    if (takesDye && !shielded && !asked) {
      worth.add(say(ReasonCode.SUGGEST_BARRIER, PHRASES.say("worth-offering-a-dye-barrier")));
    }
    boolean wornRim = surface.isGrip() && condition.wear() != Wear.INTACT;
    boolean fadedTrim = condition.damage().contains(Damage.FADED) && place.finish().isCoatedTrim();
    if (wornRim || fadedTrim) {
      worth.add(say(ReasonCode.SUGGEST_REFINISH, PHRASES.say("worth-offering-colour-touched-up")));
    }
    if (condition.soils().contains(Soil.ODOUR)) {
      worth.add(say(ReasonCode.SUGGEST_NEUTRALISER, PHRASES.say("worth-offering-an-odour")));
    }
    if (climate == Climate.COLD_WET && surface.role() == Role.FLOOR) {
      worth.add(say(ReasonCode.SUGGEST_MATS, PHRASES.say("worth-offering-rubber-mats-for")));
    }
    return worth;
  }

  private static Reason say(ReasonCode code, String text) {
    return Reason.of(code, Reason.Effect.CAUTION, Reason.SetBy.SHELF, text);
  }
}
