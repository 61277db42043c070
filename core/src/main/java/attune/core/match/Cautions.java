package attune.core.match;

import static attune.core.match.Reason.Effect.CAUTION;
import static attune.core.match.Reason.SetBy.FINISH;
import static attune.core.match.Reason.SetBy.MODIFIER;
import static attune.core.match.Reason.SetBy.SAFETY;
import static attune.core.match.Reason.SetBy.SOIL;

import attune.core.match.Reason.SetBy;
import attune.core.match.Treatment.ApplyTo;
import attune.core.material.Role;
import attune.core.reference.Figures;
import attune.core.shelf.Product;
import attune.core.shelf.Product.Trait;
import attune.core.shelf.Soil;
import attune.core.survey.Condition;
import attune.core.survey.Condition.Damage;
import attune.core.survey.Condition.Nap;
import attune.core.survey.Condition.Wear;
import attune.core.survey.Craft;
import attune.core.survey.Setting.ChildSeat;
import attune.core.survey.Surface;
import attune.core.survey.Surface.Feature;
import attune.core.survey.Surface.Tone;
import attune.core.survey.Wishes.Avoid;
import attune.core.words.Lists;
import attune.core.words.Phrases;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The cautions shown at a surface, and what is referred instead of cleaned. */
final class Cautions {
  private static final Phrases PHRASES = Phrases.of(Cautions.class);

  static final Reason GLOVES =
      Reason.of(ReasonCode.GLOVES, CAUTION, SAFETY, PHRASES.say("gloves-on-rings-off"));
  static final Reason TEST_SPOT =
      Reason.of(ReasonCode.TEST_SPOT, CAUTION, SAFETY, PHRASES.say("test-each-product-in-a"));
  static final Reason FUMES =
      Reason.of(ReasonCode.VENTILATE, CAUTION, SAFETY, PHRASES.say("solvent-doors-open-do-not"));

  private final Place place;
  private final Surface surface;
  private final Condition condition;
  private final Map<ReasonCode, Reason> byCode = new EnumMap<>(ReasonCode.class);

  private Cautions(Place place) {
    this.place = place;
    this.surface = place.surface();
    this.condition = surface.condition();
  }

  /**
   * @param hand what is to be said of a treatment set by hand
   * @param spends true where something was left out because it would spend the year's allowance
   */
  static List<Reason> of(
      Place place, List<Rung> ladder, List<Reason> hand, boolean spends, Figures figures) {
    Cautions cautions = new Cautions(place);
    cautions.totalWet(ladder, figures);
    hand.forEach(reason -> cautions.byCode.put(reason.code(), reason));
    cautions.exposure(spends);
    cautions.brushing(ladder);
    cautions.electric();
    cautions.surroundings();
    cautions.condition();
    cautions.finish();
    cautions.craft();
    cautions.ladder(ladder);
    cautions.reception();
    return List.copyOf(cautions.byCode.values());
  }

  private void add(boolean holds, ReasonCode code, SetBy setBy, String text) {
    if (holds) {
      byCode.putIfAbsent(code, Reason.of(code, CAUTION, setBy, text));
    }
  }

  private void add(boolean holds, Reason reason) {
    if (holds) {
      byCode.putIfAbsent(reason.code(), reason);
    }
  }

  private void exposure(boolean spends) {
    boolean spent = place.ledger().spent() > 0 && place.ledger().wouldSpend(Double.MIN_VALUE);
    add(
        spends || spent,
        ReasonCode.EXPOSURE_SPENT,
        FINISH,
        spent
            ? PHRASES.say(
                "of-the-mol-min-l",
                Phrases.number("%.0f", place.ledger().spent()),
                Phrases.number("%.0f", place.ledger().allowance()))
            : place.ledger().allowance() == 0
                ? PHRASES.say("it-stands-nothing-beyond-its")
                : PHRASES.say("what-is-stronger-was-left"));
  }

  private void brushing(List<Rung> ladder) {
    Abrasion brushed = place.ledger().brushed();
    ladder.stream()
        .findFirst()
        .map(
            rung ->
                brushed.spent()
                    + brushed.adds(rung.treatment().tool().stiffness(), rung.verdict().passes()))
        .filter(spent -> brushed.spent() > 0 && spent > brushed.allowance())
        .ifPresent(
            spent ->
                add(
                    true,
                    ReasonCode.EXPOSURE_SPENT,
                    FINISH,
                    PHRASES.say(
                        "brushed-to-of-what-it", brushed.percent(spent), brushed.ceiling())));
  }

  private void totalWet(List<Rung> ladder, Figures figures) {
    ladder.stream()
        .findFirst()
        .ifPresent(
            first -> {
              int atOnce = TotalWet.passesAtOnce(place, first.treatment(), figures);
              add(
                  Math.max(1, first.verdict().passes()) > atOnce,
                  ReasonCode.DRY_BETWEEN,
                  FINISH,
                  PHRASES.say(
                      "let-it-dry-after-every",
                      atOnce == 1 ? "pass" : PHRASES.say("passes", atOnce)));
            });
  }

  private void electric() {
    boolean wired = surface.isGrip() && !surface.isRail();
    boolean live = surface.role() == Role.CONTROL || surface.role() == Role.SCREEN || wired;
    add(
        live || surface.has(Feature.ELECTRONICS),
        ReasonCode.IGNITION_OFF,
        SAFETY,
        PHRASES.say("ignition-off-before-this-is", place.craft().code()));
    add(
        surface.has(Feature.ELECTRONICS),
        ReasonCode.ELECTRONICS,
        SAFETY,
        PHRASES.say("liquid-on-the-tool-only"));
    add(
        surface.has(Feature.AIRBAG),
        ReasonCode.AIRBAG_SEAM,
        SAFETY,
        PHRASES.say("keep-the-airbag-seam-dry"));
  }

  private void surroundings() {
    add(
        !surface.near().isEmpty(),
        ReasonCode.MASK_NEAR,
        MODIFIER,
        PHRASES.say("mask-or-shield-what-lies"));
    add(surface.seamM() > 0, ReasonCode.SEAM_CHECK, SOIL, PHRASES.say("pull-the-seams-open-under"));
  }

  private void condition() {
    add(
        !place.limits().identified(),
        ReasonCode.IDENTIFY_FIRST,
        FINISH,
        PHRASES.say("identify-the-finish-first-until"));
    add(
        condition.nap() == Nap.PILLED && place.finish().hasNap(),
        ReasonCode.SHAVE_FIRST,
        MODIFIER,
        PHRASES.say("shave-the-pills-and-vacuum"));
    add(
        surface.perforated() || place.finish().isTextile(),
        ReasonCode.VACUUM_FIRST,
        MODIFIER,
        PHRASES.say("vacuum-first-wetted-dust-makes"));
    add(
        condition.hasMould(),
        ReasonCode.MOULD_STOP,
        SAFETY,
        PHRASES.say("mould-stop-stated-precautions"));
    add(
        condition.hasBlood(),
        ReasonCode.BLOOD,
        SAFETY,
        condition.isHazard()
            ? PHRASES.say("blood-stop-stated-precautions")
            : PHRASES.say("blood-gloves-and-eye-protection"));
    add(
        place.demand().setDye(),
        ReasonCode.SHADOW_MAY_STAY,
        SOIL,
        place.demand().soils().stream().anyMatch(Soil::isDye)
            ? PHRASES.say("the-dye-has-sat-a")
            : PHRASES.say("what-was-spilt-has-dried"));
    damage();
    colour();
  }

  private void damage() {
    add(
        condition.wear() == Wear.CRACKED || condition.wear() == Wear.TORN,
        ReasonCode.BLOT_NOT_RUB,
        FINISH,
        PHRASES.say("no-liquid-into-the-cracks"));
    add(
        condition.damage().contains(Damage.SCUFFED),
        ReasonCode.SCUFF_STAYS,
        FINISH,
        PHRASES.say("a-scuff-through-the-pigment"));
    add(
        condition.damage().contains(Damage.CREAKS),
        ReasonCode.CREAK,
        FINISH,
        PHRASES.say("it-creaks-where-panels-touch"));
    add(
        surface.perforated() && condition.perforations() != Condition.Perforations.OPEN,
        ReasonCode.HOLES,
        FINISH,
        PHRASES.say("ringed-or-blocked-holes-small"));
  }

  /** What may take the trim's own colour along. */
  private void colour() {
    boolean worn = condition.wear() != Wear.INTACT && place.finish().isCoatedTrim();
    boolean dyed = place.finish().code().equals("leather/aniline") || place.finish().hasNap();
    boolean polished =
        surface.isGrip()
            && place.finish().isCoatedTrim()
            && (condition.soils().contains(Soil.POLISH)
                || condition.soils().contains(Soil.SILICONE_FILM)
                || shines());
    boolean lifts = worn || polished || (dyed && surface.tone() != Tone.PALE);
    add(lifts, ReasonCode.COLOUR_LIFT_RISK, FINISH, PHRASES.say("watch-for-the-trims-own"));
  }

  /** Above the range of its clean sheen: dressed, polished or dyed over. */
  private boolean shines() {
    return condition
        .sheenGu()
        .flatMap(gu -> place.finish().cleanSheen().filter(clean -> gu > clean.highGu()))
        .isPresent();
  }

  private void reception() {
    add(
        Faults.noWetWork(place).isPresent(),
        ReasonCode.FAULT_LAMP,
        SAFETY,
        PHRASES.say("a-fault-was-seen-when"));
    boolean where = surface.isForChildSeat() || surface.mayHoldChildSeat();
    add(
        where && place.reception().childSeat() == ChildSeat.IN,
        ReasonCode.CHILD_SEAT,
        SAFETY,
        PHRASES.say("the-child-seat-stays-in"));
    add(
        where && place.reception().childSeat() == ChildSeat.OUT,
        ReasonCode.CHILD_SEAT,
        SAFETY,
        PHRASES.say("the-customer-takes-the-child"));
    add(
        !surface.wishes().avoid().isEmpty(),
        ReasonCode.SCENT,
        SAFETY,
        PHRASES.say(
            "to-be-avoided-in-this",
            surface.wishes().avoid().stream().sorted().map(Avoid::code).collect(Lists.joining())));
  }

  private void craft() {
    add(
        place.craft() == Craft.AIRCRAFT,
        ReasonCode.REFER_LICENSED,
        SAFETY,
        PHRASES.say("record-for-the-logbook-what"));
    add(
        condition.soils().contains(Soil.ODOUR),
        ReasonCode.ODOUR_SOURCE,
        SOIL,
        PHRASES.say("find-and-clean-the-source"));
  }

  private void finish() {
    add(
        place.finish().hasNap() || place.finish().code().equals("textile/headliner"),
        ReasonCode.BLOT_NOT_RUB,
        FINISH,
        PHRASES.say("blot-do-not-rub"));
    add(
        place.finish().code().equals("textile/webbing"),
        ReasonCode.BELT_CHECK,
        SAFETY,
        PHRASES.say("mild-soap-only-a-frayed"));
  }

  private void ladder(List<Rung> ladder) {
    if (ladder.isEmpty()) {
      return;
    }
    boolean wet = ladder.stream().anyMatch(rung -> !rung.treatment().isDry());
    add(wet, GLOVES);
    add(wet, TEST_SPOT);
    add(
        ladder.get(0).treatment().applyTo() != ApplyTo.CLOTH
            && wet
            && !surface.isGrip()
            && !place.finish().hasNap(),
        ReasonCode.WIPE_BEFORE_BLOW,
        SAFETY,
        PHRASES.say("wipe-the-bulk-up-before"));
    add(
        rinses(ladder.get(0)),
        ReasonCode.RINSE,
        place.coatingPlanned() ? MODIFIER : Reason.SetBy.LABEL,
        condition.hasBlood()
            ? PHRASES.say("rinse-wipe-with-cold-water")
            : PHRASES.say("rinse-wipe-with-warm-water"));
    boolean fumes =
        ladder.stream()
            .map(rung -> rung.treatment().cleaner())
            .flatMap(Optional::stream)
            .anyMatch(c -> c.solventPercent() > 0);
    add(fumes, FUMES);
    for (Reason reason : ladder.get(0).verdict().reasons()) {
      if (reason.effect() == CAUTION) {
        byCode.putIfAbsent(reason.code(), reason);
      }
    }
  }

  private boolean rinses(Rung rung) {
    if (rung.treatment().isDry() || place.rules().is("rinse", "wipe")) {
      return false;
    }
    Product cleaner = rung.treatment().cleaner().get();
    boolean alkaline =
        rung.verdict()
            .ph()
            .filter(ph -> ph.high() > place.limits().phRoutineHigh().value())
            .isPresent();
    return place.rules().is("rinse", "rinse")
        || place.coatingPlanned()
        || alkaline
        || cleaner.has(Trait.NEEDS_RINSE);
  }
}
