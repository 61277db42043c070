package attune.core.plan;

import static attune.core.survey.Condition.Level.HEAVY;
import static attune.core.survey.Condition.Level.LIGHT;
import static attune.core.survey.Condition.Level.MODERATE;
import static org.assertj.core.api.Assertions.assertThat;

import attune.core.AProduct;
import attune.core.ASurface;
import attune.core.ATool;
import attune.core.Given;
import attune.core.match.Reason;
import attune.core.match.ReasonCode;
import attune.core.match.Rung;
import attune.core.match.Treatment.ApplyTo;
import attune.core.match.Treatment.Warmth;
import attune.core.material.Role;
import attune.core.measure.PhNature;
import attune.core.shelf.Product;
import attune.core.shelf.Product.Film;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Shelf;
import attune.core.shelf.Slip;
import attune.core.shelf.Soil;
import attune.core.shelf.Tool;
import attune.core.survey.Condition.Feel;
import attune.core.survey.Condition.Nap;
import attune.core.survey.Condition.Wear;
import attune.core.survey.Setting;
import attune.core.survey.Surface;
import attune.core.survey.Surface.Feature;
import attune.core.survey.Surface.Near;
import attune.core.survey.Surface.Tone;
import attune.core.survey.Wishes.Protection;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The trade's worked cases (docs/trade): what a good plan says. */
class WorkedCasesTest {
  private static final Product MILD =
      AProduct.cleaner("mild-leather-vinyl", 5)
          .goodAt(Soil.SKIN_OIL, Soil.DENIM_DYE, Soil.FOOD_DRINK)
          .ph(7.2, PhNature.NEUTRAL_SURFACTANT)
          .allows("leather/*", "vinyl/*")
          .build();
  private static final Product FILMING =
      AProduct.of("wipe-down", ProductRole.ALL_IN_ONE)
          .strength(3)
          .goodAt(Soil.DUST, Soil.SKIN_OIL)
          .leaves(Film.PROTECTANT)
          .build();
  private static final Product NAP_FOAM =
      AProduct.cleaner("nap-foam", 5).foam().allows("microsuede/*").dwell(30, 90).build();
  private static final Product SCREEN =
      AProduct.of("screen", ProductRole.SCREEN_CLEANER).strength(4).goodAt(Soil.SKIN_OIL).build();
  private static final Product DEGREASER =
      AProduct.of("degreaser", ProductRole.DEGREASER)
          .strength(9)
          .goodAt(Soil.SKIN_OIL)
          .ph(12.5, PhNature.STRONG_ALKALI)
          .build();
  private static final Product BALM =
      AProduct.of("balm", ProductRole.CONDITIONER)
          .dose(12)
          .absorbs(1200, 3600)
          .slip(Slip.SLIGHT)
          .build();
  private static final Product DYE_BARRIER =
      AProduct.of("dye-barrier", ProductRole.DYE_BARRIER).dose(8).absorbs(600, 600).build();
  private static final Product COAT =
      AProduct.of("coat", ProductRole.COATING)
          .dose(5)
          .flashes(180, 300)
          .cures(43_200, 604_800)
          .onHand(50)
          .build();
  private static final Shelf SHOP =
      Given.shelf(
          MILD,
          FILMING,
          NAP_FOAM,
          SCREEN,
          DEGREASER,
          BALM,
          DYE_BARRIER,
          COAT,
          ATool.SPONGE,
          ATool.SOFT_BRUSH,
          ATool.LEATHER_BRUSH,
          ATool.STIFF_BRUSH,
          ATool.WHITE_BLOCK,
          ATool.DYED_CLOTH,
          ATool.BARRIER_PAD,
          ATool.of(Tool.Kind.MISTER));

  private static SurfacePlan only(Surface surface) {
    return Given.plan(SHOP, surface).surfaces().get(0);
  }

  private static List<ReasonCode> cautions(SurfacePlan plan) {
    return plan.cautions().stream().map(Reason::code).toList();
  }

  @Test
  void paleVinylWithDenimHazeBesideOpenPoreWoodAndACoatingWanted() {
    Surface seat =
        ASurface.of("vinyl/coated-textile")
            .tone(Tone.PALE)
            .ageYears(0)
            .beside(Near.WOOD_OPEN_PORE)
            .soiled(LIGHT, Soil.DENIM_DYE)
            .satDays(5)
            .protect(Protection.COATING)
            .build();
    SurfacePlan plan = only(seat);
    Rung first = plan.firstRung().orElseThrow();
    assertThat(first.treatment().cleaner()).contains(MILD);
    assertThat(first.treatment().applyTo()).isNotEqualTo(ApplyTo.SURFACE);
    assertThat(first.treatment().tool().stiffness()).isLessThanOrEqualTo(4);
    assertThat(plan.finishSteps()).extracting(FinishStep::step).containsExactly(Step.COAT);
    assertThat(cautions(plan))
        .contains(ReasonCode.MASK_NEAR, ReasonCode.DRY_FIRST, ReasonCode.VENTILATE);
    assertThat(reasonsAgainst(plan, "wipe-down")).contains(ReasonCode.FILM_BLOCKS_COATING);
    assertThat(reasonsAgainst(plan, "charcoal-cloth")).contains(ReasonCode.DYED_ON_PALE);
  }

  private static List<ReasonCode> reasonsAgainst(SurfacePlan plan, String item) {
    return plan.ruledOut().stream()
        .filter(out -> out.itemId().equals(item))
        .flatMap(out -> out.reasons().stream())
        .map(Reason::code)
        .toList();
  }

  @Test
  void blackMicrosuedeWheelMattedAtTheThumbs() {
    Surface wheel =
        ASurface.of("microsuede/synthetic")
            .at("wheel", "rim")
            .role(Role.GRIP)
            .tone(Tone.DARK)
            .nap(Nap.MATTED)
            .soiled(MODERATE)
            .protect(Protection.COATING)
            .build();
    SurfacePlan plan = only(wheel);
    Rung first = plan.firstRung().orElseThrow();
    assertThat(first.treatment().cleaner()).contains(NAP_FOAM);
    assertThat(first.treatment().applyTo()).isEqualTo(ApplyTo.TOOL);
    assertThat(plan.finishSteps()).isEmpty();
    assertThat(cautions(plan))
        .contains(
            ReasonCode.IGNITION_OFF,
            ReasonCode.BLOT_NOT_RUB,
            ReasonCode.COLOUR_LIFT_RISK,
            ReasonCode.GRIP_CHECK);
    assertThat(first.endPoint()).contains("nap moves freely");
    Timetable t = Given.plan(SHOP, wheel).timetable();
    Task dry = t.tasks().stream().filter(task -> task.step() == Step.DRY).findFirst().orElseThrow();
    assertThat(t.driveAt()).isAfterOrEqualTo(dry.end());
  }

  @Test
  void perforatedVentilatedLeatherIsNeverSprayed() {
    Surface seat =
        ASurface.of("leather/coated")
            .perforated()
            .with(Feature.VENTILATED)
            .soiled(MODERATE, Soil.FOOD_DRINK)
            .build();
    SurfacePlan plan = only(seat);
    assertThat(plan.match().ladder())
        .isNotEmpty()
        .allSatisfy(r -> assertThat(r.treatment().applyTo()).isNotEqualTo(ApplyTo.SURFACE));
    assertThat(plan.match().ladder())
        .allSatisfy(r -> assertThat(r.treatment().laid()).isLessThanOrEqualTo(24));
    assertThat(cautions(plan)).contains(ReasonCode.VACUUM_FIRST);
    assertThat(plan.dry().orElseThrow().how()).contains("seat's own air");
  }

  @Test
  void thirtyYearOldRoadsterDryAndCracked() {
    Surface seat =
        ASurface.of("leather/coated")
            .ageYears(30)
            .wear(Wear.CRACKED)
            .feel(Feel.DRY)
            .soiled(LIGHT)
            .build();
    SurfacePlan plan = only(seat);
    assertThat(plan.match().ladder())
        .allSatisfy(
            r -> {
              assertThat(r.treatment().tool().stiffness()).isLessThanOrEqualTo(1);
              assertThat(r.treatment().warmth()).isNotEqualTo(Warmth.STEAM);
              assertThat(r.verdict().ph().orElseThrow().high()).isLessThanOrEqualTo(8.0);
            });
    assertThat(plan.finishSteps()).extracting(FinishStep::step).containsExactly(Step.CONDITION);
    assertThat(plan.match().refer()).map(Reason::code).contains(ReasonCode.REFER_REPAIR);
    assertThat(Given.plan(SHOP, seat).care())
        .filteredOn(care -> care.dueInDays().contains(2))
        .singleElement()
        .satisfies(care -> assertThat(care.dueInDays()).startsWith(2, 7, 30));
  }

  @Test
  void neglectedEstateWithAShinyWornRim() {
    Surface rim =
        ASurface.of("leather/coated")
            .id("rim")
            .at("wheel", "rim")
            .role(Role.GRIP)
            .ageYears(9)
            .wear(Wear.WORN)
            .soiled(HEAVY)
            .protect(Protection.BARRIER)
            .build();
    Surface seat =
        ASurface.of("leather/coated")
            .id("seat")
            .ageYears(9)
            .soiled(HEAVY)
            .protect(Protection.BARRIER)
            .build();
    Plan plan = Given.plan(SHOP, rim, seat);
    SurfacePlan onRim = plan.surfaces().get(0);
    SurfacePlan onSeat = plan.surfaces().get(1);
    assertThat(onRim.match().ladder())
        .allSatisfy(r -> assertThat(r.treatment().tool().stiffness()).isLessThanOrEqualTo(1));
    assertThat(onRim.finishSteps()).isEmpty();
    assertThat(cautions(onRim)).contains(ReasonCode.COLOUR_LIFT_RISK);
    assertThat(onRim.firstRung().orElseThrow().stop()).contains("trim's own colour");
    assertThat(onSeat.finishSteps())
        .extracting(FinishStep::step)
        .containsExactly(Step.CONDITION, Step.BARRIER);
    assertThat(onSeat.finishSteps().get(1).waitS()).isGreaterThanOrEqualTo(3600);
  }

  @Test
  void touchScreenWithFingerGrease() {
    Surface screen =
        ASurface.of("screen/coated").role(Role.SCREEN).soiled(LIGHT).area(0.03).build();
    SurfacePlan plan = only(screen);
    Rung first = plan.firstRung().orElseThrow();
    assertThat(first.treatment().cleaner()).contains(SCREEN);
    assertThat(first.treatment().applyTo()).isEqualTo(ApplyTo.CLOTH);
    assertThat(reasonsAgainst(plan, "degreaser")).contains(ReasonCode.NOT_FOR_FINISH);
    assertThat(reasonsAgainst(plan, "white-block")).contains(ReasonCode.ABRASIVE);
    assertThat(cautions(plan)).contains(ReasonCode.IGNITION_OFF);
  }

  @Test
  void blackVinylInDirectSummerSun() {
    Setting sun = Given.setting(25, 0.4, 0.3, Setting.Sun.DIRECT);
    Surface seat =
        ASurface.of("vinyl/coated-textile").tone(Tone.DARK).soiled(LIGHT).area(0.5).build();
    Plan plan = Given.PLANNER.plan(Given.job(sun, Given.RULES, SHOP, seat));
    assertThat(plan.warnings()).extracting(Reason::code).contains(ReasonCode.SURFACE_TOO_HOT);
    Plan shade = Given.plan(SHOP, seat);
    assertThat(shade.warnings()).isEmpty();
  }
}
