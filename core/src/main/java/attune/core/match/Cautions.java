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
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** The cautions shown at a surface, and what is referred instead of cleaned. */
final class Cautions {
  static final Reason GLOVES =
      Reason.of(ReasonCode.GLOVES, CAUTION, SAFETY, "Gloves on, rings off.");
  static final Reason TEST_SPOT =
      Reason.of(
          ReasonCode.TEST_SPOT,
          CAUTION,
          SAFETY,
          "Test each product in a hidden place with a white cloth.");
  static final Reason FUMES =
      Reason.of(
          ReasonCode.VENTILATE,
          CAUTION,
          SAFETY,
          "Solvent: doors open, do not mist it in a closed cabin.");

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
            ? ProductRules.text(
                "%.0f of the %.0f µmol·min/l it stands in a year are spent: nothing strong as the"
                    + " regular way.",
                place.ledger().spent(), place.ledger().allowance())
            : place.ledger().allowance() == 0
                ? "It stands nothing beyond its routine pH: what is stronger was left out."
                : "What is stronger was left out: it would spend the year's allowance at once.");
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
                    ProductRules.text(
                        "Brushed to %d %% of what it stands in a year: nothing over stiffness %d as"
                            + " the regular way.",
                        brushed.percent(spent), brushed.ceiling())));
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
                  "Let it dry after every "
                      + (atOnce == 1 ? "pass" : atOnce + " passes")
                      + ": it soaks up more than shows.");
            });
  }

  private void electric() {
    boolean live =
        surface.role() == Role.CONTROL || surface.role() == Role.SCREEN || surface.isGrip();
    add(
        live || surface.has(Feature.ELECTRONICS),
        ReasonCode.IGNITION_OFF,
        SAFETY,
        "Ignition off before this is touched.");
    add(
        surface.has(Feature.ELECTRONICS),
        ReasonCode.ELECTRONICS,
        SAFETY,
        "Liquid on the tool only; a wetted module goes to a licensed workshop.");
    add(
        surface.has(Feature.AIRBAG),
        ReasonCode.AIRBAG_SEAM,
        SAFETY,
        "Keep the airbag seam dry and undressed; faults are for a licensed workshop.");
  }

  private void surroundings() {
    add(
        !surface.near().isEmpty(),
        ReasonCode.MASK_NEAR,
        MODIFIER,
        "Mask or shield what lies beside within a hand's width.");
    add(
        surface.seamM() > 0,
        ReasonCode.SEAM_CHECK,
        SOIL,
        "Pull the seams open under a lamp: most missed soil sits there.");
  }

  private void condition() {
    add(
        !place.limits().identified(),
        ReasonCode.IDENTIFY_FIRST,
        FINISH,
        "Identify the finish first; until then it is treated as the most delicate it could be.");
    add(
        condition.nap() == Nap.PILLED && place.finish().hasNap(),
        ReasonCode.SHAVE_FIRST,
        MODIFIER,
        "Shave the pills and vacuum before any liquid; a bare blade goes away from you.");
    add(
        surface.perforated() || place.finish().isTextile(),
        ReasonCode.VACUUM_FIRST,
        MODIFIER,
        "Vacuum first: wetted dust makes mud.");
    add(
        condition.hasMould(),
        ReasonCode.MOULD_STOP,
        SAFETY,
        "Mould: stop; stated precautions and a disinfectant by its label, or a specialist cleaner.");
    add(
        condition.hasBlood(),
        ReasonCode.BLOOD,
        SAFETY,
        condition.isHazard()
            ? "Blood: stop; stated precautions and a disinfectant by its label, or a specialist"
                + " cleaner; what wiped it up goes by local rules."
            : "Blood: gloves and eye protection, a disinfectant by its label first; cold water only,"
                + " heat sets it; what wiped it up goes into a closed bag, by local rules.");
    add(
        place.demand().setDye(),
        ReasonCode.SHADOW_MAY_STAY,
        SOIL,
        place.demand().soils().stream().anyMatch(Soil::isDye)
            ? "The dye has sat a month or more: a shadow may stay."
            : "What was spilt has dried in for a month or more: a shadow may stay.");
    damage();
    colour();
  }

  private void damage() {
    add(
        condition.damage().contains(Damage.SCUFFED),
        ReasonCode.SCUFF_STAYS,
        FINISH,
        "A scuff through the pigment is not dirt and stays.");
    add(
        condition.damage().contains(Damage.CREAKS),
        ReasonCode.CREAK,
        FINISH,
        "It creaks where panels touch: a protector at the joint stops it.");
    add(
        surface.perforated() && condition.perforations() != Condition.Perforations.OPEN,
        ReasonCode.HOLES,
        FINISH,
        "Ringed or blocked holes: small angled circles from several sides; what stays in a hole is"
            + " left, not dug out.");
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
    add(
        lifts,
        ReasonCode.COLOUR_LIFT_RISK,
        FINISH,
        "Watch for the trim's own colour on the cloth: that is pigment, stop.");
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
        "A fault was seen when the car came in: this stays dry until a licensed workshop has seen"
            + " it.");
    boolean where =
        surface.role() == Role.SEAT && !surface.isDriven()
            || place.finish().code().equals("textile/webbing");
    add(
        where && place.reception().childSeat() == ChildSeat.IN,
        ReasonCode.CHILD_SEAT,
        SAFETY,
        "The child seat stays in: work round it, loosen nothing, wet nothing it is strapped to;"
            + " what lies under it is not done.");
    add(
        where && place.reception().childSeat() == ChildSeat.OUT,
        ReasonCode.CHILD_SEAT,
        SAFETY,
        "The customer takes the child seat out and fits it again, when this is dry; its harness"
            + " gets nothing but a damp cloth.");
    add(
        !surface.wishes().avoid().isEmpty(),
        ReasonCode.SCENT,
        SAFETY,
        "To be avoided in this car: "
            + surface.wishes().avoid().stream()
                .sorted()
                .map(Avoid::code)
                .collect(Collectors.joining(", "))
            + ". Air the cabin well before it goes back.");
  }

  private void craft() {
    add(
        place.craft() == Craft.AIRCRAFT,
        ReasonCode.REFER_LICENSED,
        SAFETY,
        "Record for the logbook what goes on; the licensed engineer and the maker's list decide.");
    add(
        condition.soils().contains(Soil.ODOUR),
        ReasonCode.ODOUR_SOURCE,
        SOIL,
        "Find and clean the source of the smell first; a neutraliser after it, scent only if it is"
            + " wanted.");
  }

  private void finish() {
    add(
        place.finish().hasNap() || place.finish().code().equals("textile/headliner"),
        ReasonCode.BLOT_NOT_RUB,
        FINISH,
        "Blot, do not rub.");
    add(
        place.finish().code().equals("textile/webbing"),
        ReasonCode.BELT_CHECK,
        SAFETY,
        "Mild soap only; a frayed or cut belt goes to a licensed workshop before the car is driven.");
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
        "Wipe the bulk up before any air: blown foam spatters.");
    add(
        rinses(ladder.get(0)),
        ReasonCode.RINSE,
        place.coatingPlanned() ? MODIFIER : Reason.SetBy.LABEL,
        condition.hasBlood()
            ? "Rinse-wipe with cold water until there are no suds."
            : "Rinse-wipe with warm water until there are no suds.");
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
