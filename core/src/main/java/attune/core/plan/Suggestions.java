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
import java.util.ArrayList;
import java.util.List;

/** What is worth telling the customer of, and is not sold: nothing of it is planned (C25). */
final class Suggestions {
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
      worth.add(
          say(
              ReasonCode.SUGGEST_BARRIER,
              "Worth offering: a dye barrier. Pale trim takes the colour of denim and belts."));
    }
    boolean wornRim = surface.isGrip() && condition.wear() != Wear.INTACT;
    boolean fadedTrim = condition.damage().contains(Damage.FADED) && place.finish().isCoatedTrim();
    if (wornRim || fadedTrim) {
      worth.add(
          say(
              ReasonCode.SUGGEST_REFINISH,
              "Worth offering: colour touched up or refinished. Cleaning does not bring it back."));
    }
    if (condition.soils().contains(Soil.ODOUR)) {
      worth.add(
          say(
              ReasonCode.SUGGEST_NEUTRALISER,
              "Worth offering: an odour neutraliser, once its source is found and cleaned."));
    }
    if (climate == Climate.COLD_WET && surface.role() == Role.FLOOR) {
      worth.add(
          say(
              ReasonCode.SUGGEST_MATS,
              "Worth offering: rubber mats for the wet months; damp under a carpet smells."));
    }
    return worth;
  }

  private static Reason say(ReasonCode code, String text) {
    return Reason.of(code, Reason.Effect.CAUTION, Reason.SetBy.SHELF, text);
  }
}
