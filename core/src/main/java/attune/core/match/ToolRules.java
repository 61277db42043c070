package attune.core.match;

import static attune.core.match.Reason.Effect.BARRED;
import static attune.core.match.Reason.Effect.CAUTION;
import static attune.core.match.Reason.Effect.NOTE;
import static attune.core.match.Reason.Effect.OVER;
import static attune.core.match.Reason.SetBy.FINISH;
import static attune.core.match.Reason.SetBy.MODIFIER;

import attune.core.material.Finish.AgitationHow;
import attune.core.material.Texture;
import attune.core.reference.Figures;
import attune.core.shelf.Tool;
import attune.core.shelf.Tool.Droplets;
import attune.core.survey.Surface.Near;
import attune.core.survey.Surface.Tone;
import java.util.ArrayList;
import java.util.List;

/** What a tool is told on a surface, whatever it carries. */
final class ToolRules {
  private ToolRules() {}

  static List<Reason> of(Place place, Tool tool, boolean wet, Figures figures) {
    List<Reason> reasons = new ArrayList<>();
    stiffness(place, tool, wet, reasons);
    if (tool.abrasive()) {
      ProductRules.abrasive(place, tool.name(), reasons);
    }
    if (place.surface().tone() == Tone.PALE
        && !tool.isColourfast(figures.whole("colourfast.washes"))) {
      reasons.add(
          Reason.measured(
              ReasonCode.DYED_ON_PALE,
              BARRED,
              MODIFIER,
              tool.timesWashed().orElse(0),
              figures.get("colourfast.washes"),
              "washes",
              tool.name() + " is dyed and could bleed into a pale surface."));
    }
    reach(place, tool, reasons);
    droplets(place, tool, reasons);
    return reasons;
  }

  private static void stiffness(Place place, Tool tool, boolean wet, List<Reason> reasons) {
    Limit<Integer> limit = place.limits().agitationMax();
    int most = limit.value();
    String why = limit.why();
    boolean dryOnly = place.limits().agitationHow() == AgitationHow.DRY && wet;
    if (dryOnly && tool.stiffness() > 0) {
      most = 0;
      why = place.finish().name() + " is brushed dry only; wet it";
    }
    if (tool.stiffness() > most) {
      reasons.add(
          Reason.measured(
              ReasonCode.TOO_STIFF,
              OVER,
              limit.setBy(),
              tool.stiffness(),
              most,
              "stiffness",
              tool.name()
                  + " is stiffness "
                  + tool.stiffness()
                  + "; "
                  + why
                  + " stands "
                  + most
                  + "."));
    }
  }

  private static void reach(Place place, Tool tool, List<Reason> reasons) {
    Texture grain = place.surface().texture();
    if (grain.ordinal() - tool.reach().ordinal() >= 2) {
      reasons.add(
          Reason.of(
              ReasonCode.GRAIN_TOO_DEEP,
              NOTE,
              FINISH,
              tool.name() + " skates over " + grain.code() + " grain; bristles reach into it."));
    }
  }

  private static void droplets(Place place, Tool tool, List<Reason> reasons) {
    boolean delicateNear =
        place.surface().isNear(Near.SCREEN) || place.surface().isNear(Near.WOOD_OPEN_PORE);
    if (!delicateNear || tool.throwsDroplets() == Droplets.NONE) {
      return;
    }
    boolean much = tool.throwsDroplets() == Droplets.MUCH;
    reasons.add(
        Reason.of(
            ReasonCode.THROWS_DROPLETS,
            much ? BARRED : CAUTION,
            MODIFIER,
            tool.name()
                + " flicks dirty cleaner about, and wood or a screen is beside"
                + (much ? "." : ": shield it.")));
  }
}
