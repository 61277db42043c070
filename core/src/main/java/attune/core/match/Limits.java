package attune.core.match;

import attune.core.match.Reason.SetBy;
import attune.core.material.Finish;
import attune.core.material.Finish.AbrasiveRule;
import attune.core.material.Finish.AgitationHow;
import attune.core.material.Finish.SolventRule;
import attune.core.material.Finish.SteamRule;
import attune.core.material.Finish.WetOn;
import attune.core.material.FinishTable;
import attune.core.measure.PhInterval;
import attune.core.reference.Figures;
import attune.core.survey.Condition.Nap;
import attune.core.survey.Condition.Wear;
import attune.core.survey.HouseRules;
import attune.core.survey.Surface;
import attune.core.survey.Surface.Feature;
import attune.core.survey.Surface.Near;
import attune.core.words.Phrases;
import java.util.Optional;

/**
 * What one surface stands: its finish tightened by every modifier and house rule that applies, the
 * strictest on each scale.
 *
 * @param finish the finish, or for an unidentified surface the strictest of all it could be
 * @param identified false when the finish is not known
 * @param phOccasionalLow equal to {@code phRoutineLow} where only the routine window is allowed
 * @param phOccasionalHigh equal to {@code phRoutineHigh} where only the routine window is allowed
 * @param wetMax g/m² per pass
 * @param contactMaxS seconds
 * @param agitationMax stiffness 0 to 10
 * @param allowance of alkali and acid a year, µmol·min/l; 0 where only the routine window is
 *     allowed
 * @param steamMaxC °C; meaningless where {@code steam} is {@code NO}
 */
public record Limits(
    Finish finish,
    boolean identified,
    Limit<Double> phRoutineLow,
    Limit<Double> phRoutineHigh,
    Limit<Double> phOccasionalLow,
    Limit<Double> phOccasionalHigh,
    Limit<Double> wetMax,
    Limit<WetOn> wetOn,
    Limit<Double> contactMaxS,
    Limit<Integer> agitationMax,
    AgitationHow agitationHow,
    Limit<AbrasiveRule> abrasive,
    Limit<SteamRule> steam,
    double steamMaxC,
    Limit<SolventRule> solvent,
    Limit<Double> allowance) {
  private static final Phrases PHRASES = Phrases.of(Limits.class);

  private static final String WORN = "leather/coated-worn";

  /** Resolves a surface against the tables. */
  public static Limits of(Surface surface, HouseRules rules, FinishTable table, Figures figures) {
    Optional<Finish> known = table.find(surface.finish());
    Finish base = known.orElseGet(() -> table.strictestFor(surface.role()));
    Builder limits = new Builder(base, known.isPresent(), figures);
    if (surface.condition().wear() != Wear.INTACT && base.isCoatedTrim()) {
      limits.tighten(table.get(WORN), surface.condition().wear().code());
    }
    limits.wear(surface);
    limits.wetting(surface, rules);
    limits.nap(surface, rules);
    if (surface.ageMonths() > figures.get("hide.old")) {
      limits.old();
    }
    return limits.build();
  }

  /** Who stands a limit, in words: the finish, and what about it sets the limit. */
  String subject(Limit<?> limit) {
    return limit.setBy() == SetBy.FINISH || limit.why().equals(finish.name())
        ? finish.name()
        : finish.name() + ", " + limit.why() + ",";
  }

  /** Whether a mix leaves the window that may be used every time. */
  boolean isBeyondRoutine(PhInterval ph) {
    return ph.high() > phRoutineHigh.value() || ph.low() < phRoutineLow.value();
  }

  private static final class Builder {
    private final Finish base;
    private final boolean identified;
    private final Figures figures;
    private final int handOrSponge;
    private Limit<Double> phRoutineLow;
    private Limit<Double> phRoutineHigh;
    private Limit<Double> phOccasionalLow;
    private Limit<Double> phOccasionalHigh;
    private Limit<Double> wetMax;
    private Limit<WetOn> wetOn;
    private Limit<Double> contactMaxS;
    private Limit<Integer> agitationMax;
    private Limit<AbrasiveRule> abrasive;
    private Limit<SteamRule> steam;
    private Limit<SolventRule> solvent;
    private Limit<Double> allowance;

    Builder(Finish finish, boolean identified, Figures figures) {
      this.figures = figures;
      this.handOrSponge = figures.whole("limit.hand-or-sponge");
      this.base = finish;
      this.identified = identified;
      phRoutineLow = byFinish(finish.routinePh().low());
      phRoutineHigh = byFinish(finish.routinePh().high());
      phOccasionalLow = byFinish(finish.occasionalPh().orElse(finish.routinePh()).low());
      phOccasionalHigh = byFinish(finish.occasionalPh().orElse(finish.routinePh()).high());
      wetMax = byFinish(finish.wetMax());
      wetOn = byFinish(finish.wetOn());
      contactMaxS = byFinish(finish.contactMaxMin() * 60);
      agitationMax = byFinish(finish.agitationMax());
      abrasive = byFinish(finish.abrasive());
      steam = byFinish(finish.steam());
      solvent = byFinish(finish.solvent());
      allowance = byFinish(finish.alkaliAllowance());
    }

    private <T> Limit<T> byFinish(T value) {
      return new Limit<>(value, SetBy.FINISH, base.name());
    }

    private static <T extends Comparable<? super T>> Limit<T> lower(
        Limit<T> now, T value, String why) {
      return value.compareTo(now.value()) < 0 ? new Limit<>(value, SetBy.MODIFIER, why) : now;
    }

    private static <T extends Comparable<? super T>> Limit<T> higher(
        Limit<T> now, T value, String why) {
      return value.compareTo(now.value()) > 0 ? new Limit<>(value, SetBy.MODIFIER, why) : now;
    }

    void tighten(Finish strict, String why) {
      phRoutineLow = higher(phRoutineLow, strict.routinePh().low(), why);
      phRoutineHigh = lower(phRoutineHigh, strict.routinePh().high(), why);
      phOccasionalLow = higher(phOccasionalLow, strict.routinePh().low(), why);
      phOccasionalHigh = lower(phOccasionalHigh, strict.routinePh().high(), why);
      wetMax = lower(wetMax, strict.wetMax(), why);
      wetOn = higher(wetOn, strict.wetOn(), why);
      contactMaxS = lower(contactMaxS, strict.contactMaxMin() * 60, why);
      agitationMax = lower(agitationMax, strict.agitationMax(), why);
      abrasive = higher(abrasive, strict.abrasive(), why);
      steam = higher(steam, strict.steam(), why);
      solvent = higher(solvent, strict.solvent(), why);
      allowance = lower(allowance, strict.alkaliAllowance(), why);
    }

    void wear(Surface surface) {
      Wear wear = surface.condition().wear();
      if (wear == Wear.CRACKED || wear == Wear.TORN) {
        agitationMax = lower(agitationMax, handOrSponge, wear.code());
        steam = higher(steam, SteamRule.NO, wear.code());
      }
      if (surface.isGrip() && wear != Wear.INTACT) {
        agitationMax = lower(agitationMax, handOrSponge, PHRASES.say("worn-where-it-is-held"));
      }
    }

    void wetting(Surface surface, HouseRules rules) {
      boolean seatKit = surface.has(Feature.HEATED) || surface.has(Feature.VENTILATED);
      if (surface.perforated() || seatKit) {
        String why =
            surface.perforated() ? PHRASES.say("perforated") : PHRASES.say("heated-or-ventilated");
        wetMax = lower(wetMax, wetMax.value() * figures.get("limit.perforated-wet"), why);
        if (wetOn.value() != WetOn.CLOTH) {
          wetOn = new Limit<>(WetOn.TOOL, SetBy.MODIFIER, why); // said before what its finish wants
        }
        steam = higher(steam, SteamRule.NO, why);
      }
      if (surface.has(Feature.ELECTRONICS) || surface.has(Feature.AIRBAG)) {
        steam = higher(steam, SteamRule.NO, PHRASES.say("electronics-or-an-airbag-behind"));
      }
      if (surface.has(Feature.ELECTRONICS)) {
        wetOn = higher(wetOn, WetOn.TOOL, PHRASES.say("electronics-in-or-behind"));
      }
      if (surface.has(Feature.AIRBAG)) {
        wetOn = higher(wetOn, WetOn.TOOL, PHRASES.say("airbag-seam-stays-dry"));
      }
      if (surface.isOpening()) {
        wetOn = higher(wetOn, WetOn.TOOL, PHRASES.say("what-is-sprayed-on-an"));
      }
      if (surface.isGrip()) {
        wetOn = higher(wetOn, WetOn.TOOL, PHRASES.say("switches-and-an-airbag-beside"));
      }
      if (surface.isNear(Near.WOOD_OPEN_PORE)
          || surface.isNear(Near.SCREEN)
          || surface.isNear(Near.METAL_BRIGHT)) {
        wetOn = higher(wetOn, WetOn.TOOL, PHRASES.say("wood-screen-or-bright-metal"));
      }
      if (rules.is("apply-to", "tool") && wetOn.value() == WetOn.SURFACE) {
        wetOn = new Limit<>(WetOn.TOOL, SetBy.HOUSE_RULE, PHRASES.say("apply-to-the-tool"));
      }
    }

    void nap(Surface surface, HouseRules rules) {
      if (!base.family().equals("microsuede")) {
        return;
      }
      boolean pillingWheel = surface.isGrip() && surface.condition().nap() == Nap.PILLED;
      if (rules.is("microsuede-agitation", "hands") || pillingWheel) {
        agitationMax =
            new Limit<>(handOrSponge, SetBy.HOUSE_RULE, PHRASES.say("microsuede-by-hand-only"));
      } else if (rules.is("microsuede-agitation", "firm-on-matted")
          && surface.condition().nap() == Nap.MATTED) {
        base.agitationMattedMax()
            .ifPresent(
                max ->
                    agitationMax =
                        new Limit<>(
                            max, SetBy.HOUSE_RULE, PHRASES.say("firm-on-damp-matted-patches")));
      }
    }

    void old() {
      String why = PHRASES.say("over-15-years-old");
      phRoutineHigh = lower(phRoutineHigh, floor(phRoutineHigh, phRoutineLow), why);
      phOccasionalHigh = lower(phOccasionalHigh, floor(phOccasionalHigh, phOccasionalLow), why);
      agitationMax =
          lower(
              agitationMax,
              Math.max(0, agitationMax.value() - figures.whole("limit.old-agitation")),
              why);
    }

    private double floor(Limit<Double> high, Limit<Double> low) {
      return Math.max(low.value(), high.value() - figures.get("limit.old-ph"));
    }

    Limits build() {
      return new Limits(
          base,
          identified,
          phRoutineLow,
          phRoutineHigh,
          phOccasionalLow,
          phOccasionalHigh,
          wetMax,
          wetOn,
          contactMaxS,
          agitationMax,
          base.agitationHow(),
          abrasive,
          steam,
          base.steamMaxC().orElse(0.0),
          solvent,
          allowance);
    }
  }
}
