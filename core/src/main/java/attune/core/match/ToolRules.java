package attune.core.match;

import static attune.core.match.Reason.Effect.BARRED;
import static attune.core.match.Reason.Effect.CAUTION;
import static attune.core.match.Reason.Effect.NOTE;
import static attune.core.match.Reason.Effect.OVER;
import static attune.core.match.Reason.SetBy.FINISH;
import static attune.core.match.Reason.SetBy.MODIFIER;
import static attune.core.match.Reason.SetBy.SHELF;

import attune.core.material.Finish;
import attune.core.material.Finish.AgitationHow;
import attune.core.material.Texture;
import attune.core.reference.Figures;
import attune.core.shelf.Tool;
import attune.core.shelf.Tool.Droplets;
import attune.core.shelf.Tool.Suits;
import attune.core.survey.Condition.Wear;
import attune.core.survey.Surface.Near;
import attune.core.survey.Surface.Tone;
import attune.core.words.Lists;
import attune.core.words.Phrases;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** What a tool is told on a surface, whatever it carries. */
public final class ToolRules {
  private static final Phrases PHRASES = Phrases.of(ToolRules.class);

  private ToolRules() {}

  static List<Reason> of(Place place, Tool tool, boolean wet, Figures figures) {
    List<Reason> reasons = new ArrayList<>();
    stiffness(place, tool, wet, reasons);
    holdsWater(place, tool, wet, figures.get("tool.sponge-holds"), reasons);
    if (tool.abrasive()) {
      TraitRules.abrasive(place, tool.name(), reasons);
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
              PHRASES.say("is-dyed-and-could-bleed", tool.name())));
    }
    place(place, tool, reasons);
    hand(place, tool, reasons);
    covers(place, tool, figures, reasons);
    reach(place, tool, reasons);
    droplets(place, tool, reasons);
    return reasons;
  }

  /** What is kept for the floor, the belts or outside never comes near a seat; nap has its own. */
  private static void place(Place place, Tool tool, List<Reason> reasons) {
    if (suits(place, tool)) {
      return;
    }
    reasons.add(
        Reason.of(
            ReasonCode.BARRED_HERE,
            OVER,
            SHELF,
            PHRASES.say(
                "is-kept-for-take-one",
                tool.name(),
                tool.suits().stream()
                    .sorted()
                    .map(s -> s.code().replace('-', ' '))
                    .collect(Lists.joining()))));
  }

  /** Whether a tool is kept for where this is; what is not said is not held against it. */
  public static boolean suits(Place place, Tool tool) {
    return tool.suits().isEmpty() || places(place).stream().anyMatch(tool.suits()::contains);
  }

  private static Set<Suits> places(Place place) {
    Finish finish = place.finish();
    if (finish.hasNap()) {
      return Set.of(Suits.NAP);
    }
    return switch (finish.code()) {
      case "textile/webbing" -> Set.of(Suits.BELTS);
      case "plastic/exterior-trim", "paint/jamb" -> Set.of(Suits.OUTSIDE);
      case "textile/headliner" -> Set.of(Suits.SEATS);
      default ->
          switch (place.surface().role()) {
            case SEAT -> Set.of(Suits.SEATS);
            case GRIP, CONTROL, SCREEN -> Set.of(Suits.CONTROLS);
            case PEDAL, FLOOR -> Set.of(Suits.FLOOR);
            case TRIM, OVERHEAD ->
                finish.isCoatedTrim() || finish.isHide() || finish.isTextile()
                    ? Set.of(Suits.SEATS, Suits.HARD_TRIM)
                    : Set.of(Suits.HARD_TRIM);
          };
    };
  }

  /**
   * A brush that covers a few square centimetres at a time; one that does not say is not held so.
   */
  public static boolean isSmall(Tool tool, Figures figures) {
    return tool.kind() == Tool.Kind.BRUSH
        && tool.contactCm2().filter(c -> c < figures.get("tool.small-cm2")).isPresent();
  }

  /** What is small is for details, not for a bench. */
  private static void covers(Place place, Tool tool, Figures figures, List<Reason> reasons) {
    double area = place.surface().area().value();
    if (isSmall(tool, figures) && area > figures.get("tool.small-most")) {
      reasons.add(
          Reason.measured(
              ReasonCode.BARRED_HERE,
              OVER,
              SHELF,
              area,
              figures.get("tool.small-most"),
              "m²",
              PHRASES.say(
                  "covers-cm-at-a-time", tool.name(), Math.round(tool.contactCm2().get()))));
    }
  }

  /** A bare hand is for what a cloth would still be too much for, not for being soft. */
  private static void hand(Place place, Tool tool, List<Reason> reasons) {
    Wear wear = place.surface().condition().wear();
    boolean handled =
        place.finish().hasNap()
            || place.finish().isHide() && (wear == Wear.CRACKED || wear == Wear.TORN)
            || place.surface().isGrip() && wear != Wear.INTACT;
    if (tool.kind() == Tool.Kind.HAND && !handled) {
      reasons.add(
          Reason.of(ReasonCode.BARRED_HERE, OVER, SHELF, PHRASES.say("a-gloved-hand-is-for")));
    }
  }

  /** A sponge holds more than wood or a screen stands, whatever it was wetted from. */
  private static void holdsWater(
      Place place, Tool tool, boolean wet, double holds, List<Reason> reasons) {
    Limit<Double> limit = place.limits().wetMax();
    if (wet && tool.kind() == Tool.Kind.SPONGE && limit.value() < holds) {
      reasons.add(
          Reason.measured(
              ReasonCode.WET_LIMIT,
              OVER,
              limit.setBy(),
              holds,
              limit.value(),
              "g/m²",
              PHRASES.say(
                  "a-sponge-lets-go-more",
                  Math.round(limit.value()),
                  place.limits().subject(limit))));
    }
  }

  private static void stiffness(Place place, Tool tool, boolean wet, List<Reason> reasons) {
    Limit<Integer> limit = place.limits().agitationMax();
    int most = limit.value();
    String why = place.limits().subject(limit);
    boolean dryOnly = place.limits().agitationHow() == AgitationHow.DRY && wet;
    if (dryOnly && tool.stiffness() > 0) {
      most = 0;
      why = PHRASES.say("is-brushed-dry-only-wet", place.finish().name());
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
              PHRASES.say("is-stiffness-stands", tool.name(), tool.stiffness(), why, most)));
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
              PHRASES.say("skates-over-grain-bristles-reach", tool.name(), grain.code())));
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
            much
                ? PHRASES.say("flicks-dirty-cleaner-about-and", tool.name())
                : PHRASES.say("shield-it", tool.name())));
  }
}
