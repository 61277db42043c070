package attune.core.match;

import static attune.core.match.Reason.Effect.BARRED;
import static attune.core.match.Reason.Effect.CAUTION;
import static attune.core.match.Reason.Effect.NOTE;
import static attune.core.match.Reason.Effect.OVER;
import static attune.core.match.Reason.SetBy.FINISH;
import static attune.core.match.Reason.SetBy.HOUSE_RULE;
import static attune.core.match.Reason.SetBy.LABEL;
import static attune.core.match.Reason.SetBy.MODIFIER;
import static attune.core.match.Reason.SetBy.SAFETY;

import attune.core.match.Treatment.Warmth;
import attune.core.material.Finish.SteamRule;
import attune.core.material.Finish.WetOn;
import attune.core.measure.Sections;
import attune.core.reference.Figures;
import attune.core.shelf.Product.Trait;
import attune.core.shelf.Tool;
import attune.core.survey.Condition.Wear;
import attune.core.survey.Surface.Feature;
import attune.core.words.Phrases;
import java.util.ArrayList;
import java.util.List;

/**
 * What the way of applying is told: wetness, where the liquid goes, contact time, warmth, working
 * window.
 */
final class WayRules {
  private static final Phrases PHRASES = Phrases.of(WayRules.class);

  private WayRules() {}

  static List<Reason> of(Place place, Treatment treatment, Sections sections, Figures figures) {
    List<Reason> reasons = new ArrayList<>();
    if (!treatment.isDry()) {
      wetness(place, treatment, figures, reasons);
      applyTo(place, treatment, reasons);
      contact(place, treatment, reasons);
      warmth(place, treatment, reasons);
      window(place, treatment, sections, figures, reasons);
    }
    return reasons;
  }

  private static void wetness(
      Place place, Treatment treatment, Figures figures, List<Reason> reasons) {
    double wets = treatment.wets(figures);
    Limit<Double> limit = place.limits().wetMax();
    if (wets > limit.value() + 1e-9) {
      reasons.add(
          Reason.measured(
              ReasonCode.WET_LIMIT,
              OVER,
              limit.setBy(),
              wets,
              limit.value(),
              "g/m²",
              PHRASES.say(
                  "g-m-wets-too-much",
                  Phrases.number("%.0f", wets),
                  place.limits().subject(limit),
                  Phrases.number("%.0f", limit.value()))));
    }
  }

  private static void applyTo(Place place, Treatment treatment, List<Reason> reasons) {
    WetOn allowed = place.limits().wetOn().value();
    if (treatment.applyTo().ordinal() >= allowed.ordinal()) {
      return;
    }
    Limit<WetOn> limit = place.limits().wetOn();
    boolean perforated = place.surface().perforated() || place.surface().has(Feature.VENTILATED);
    ReasonCode code =
        perforated
            ? ReasonCode.PERFORATED_NO_SPRAY
            : place.surface().has(Feature.ELECTRONICS)
                ? ReasonCode.ELECTRONICS
                : place.surface().has(Feature.AIRBAG)
                    ? ReasonCode.AIRBAG_SEAM
                    : ReasonCode.WET_LIMIT;
    reasons.add(
        Reason.of(
            code,
            limit.setBy() == HOUSE_RULE ? OVER : BARRED,
            limit.setBy(),
            PHRASES.say("on-the-only", allowed.code(), limit.why())));
  }

  private static void contact(Place place, Treatment treatment, List<Reason> reasons) {
    Limit<Double> limit = place.limits().contactMaxS();
    if (treatment.dwellS() > limit.value()) {
      reasons.add(
          Reason.measured(
              ReasonCode.CONTACT_LIMIT,
              OVER,
              limit.setBy(),
              treatment.dwellS(),
              limit.value(),
              "s",
              PHRASES.say(
                  "s-is-longer-than-stands",
                  treatment.dwellS(),
                  place.limits().subject(limit),
                  Phrases.number("%.0f", limit.value()))));
    }
    treatment
        .cleaner()
        .flatMap(cleaner -> cleaner.dwell())
        .filter(span -> treatment.dwellS() < span.min() || treatment.dwellS() > span.max())
        .ifPresent(
            span ->
                reasons.add(
                    Reason.measured(
                        ReasonCode.LABEL_DWELL,
                        OVER,
                        LABEL,
                        treatment.dwellS(),
                        treatment.dwellS() < span.min() ? span.min() : span.max(),
                        "s",
                        PHRASES.say("the-label-says-to-s", span.min(), span.max()))));
  }

  private static void warmth(Place place, Treatment treatment, List<Reason> reasons) {
    boolean worn = place.surface().condition().wear() != Wear.INTACT;
    if (treatment.warmth() != Warmth.NONE && place.surface().condition().hasBlood()) {
      reasons.add(
          Reason.of(ReasonCode.BLOOD, BARRED, SAFETY, PHRASES.say("heat-sets-blood-cold-water")));
    }
    if (treatment.warmth() == Warmth.STEAM
        && (place.limits().steam().value() == SteamRule.NO || worn)) {
      reasons.add(
          Reason.of(
              ReasonCode.STEAM_NOT_HERE,
              BARRED,
              place.limits().steam().setBy(),
              PHRASES.say("no-steam-on", place.limits().steam().why())));
    } else if (treatment.warmth() == Warmth.STEAM && place.rules().is("steam", "no")) {
      reasons.add(
          Reason.of(
              ReasonCode.HOUSE_RULE,
              BARRED,
              HOUSE_RULE,
              PHRASES.say("the-house-works-without-steam")));
    }
    if (treatment.warmth() == Warmth.STEAM && treatment.tool().kind() != Tool.Kind.CLOTH) {
      reasons.add(
          Reason.of(ReasonCode.SCALD, BARRED, SAFETY, PHRASES.say("steam-goes-through-a-cloth")));
    } else if (treatment.warmth() == Warmth.STEAM) {
      reasons.add(
          Reason.of(
              ReasonCode.SCALD, CAUTION, SAFETY, PHRASES.say("steam-scalds-pure-water-through")));
    }
    boolean solvent =
        treatment
            .cleaner()
            .filter(c -> c.solventPercent() > 0 || c.has(Trait.FLAMMABLE))
            .isPresent();
    if (treatment.warmth() != Warmth.NONE && solvent) {
      reasons.add(
          Reason.of(ReasonCode.NEVER_MIX, BARRED, SAFETY, PHRASES.say("no-heat-near-solvent")));
    }
  }

  private static void window(
      Place place, Treatment treatment, Sections sections, Figures figures, List<Reason> reasons) {
    double hottest = figures.get("window.surface-max");
    if (place.found().value() > hottest) {
      reasons.add(
          Reason.measured(
              ReasonCode.SURFACE_TOO_HOT,
              CAUTION,
              MODIFIER,
              place.found().value(),
              hottest,
              "°C",
              PHRASES.say(
                  "the-surface-is-c-into",
                  Phrases.number("%.0f", place.found().value()),
                  Phrases.number("%.0f", hottest))));
    }
    if (sections.fits() && !sections.fitsNow()) {
      reasons.add(
          Reason.measured(
              ReasonCode.WINDOW_TOO_SHORT,
              NOTE,
              MODIFIER,
              sections.nowS(),
              treatment.dwellS(),
              "s",
              PHRASES.say(
                  "at-c-it-would-dry",
                  Phrases.number("%.0f", place.found().value()),
                  Phrases.number("%.0f", sections.nowS()),
                  Phrases.number("%.0f", sections.windowS()))));
    } else if (!sections.fits()) {
      reasons.add(
          Reason.measured(
              ReasonCode.WINDOW_TOO_SHORT,
              place.lets(Place.Leniency.WAITS) ? CAUTION : OVER,
              MODIFIER,
              sections.windowS(),
              treatment.dwellS(),
              "s",
              PHRASES.say(
                  "it-dries-in-s-before",
                  Phrases.number("%.0f", sections.windowS()),
                  treatment.dwellS())));
    } else if (sections.count() > 1) {
      reasons.add(
          Reason.of(
              ReasonCode.WINDOW_TOO_SHORT,
              NOTE,
              FINISH,
              PHRASES.say(
                  "work-it-in-sections-of",
                  sections.count(),
                  Phrases.number("%.2f", sections.areaM2()))));
    }
  }
}
