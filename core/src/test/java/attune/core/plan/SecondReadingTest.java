package attune.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import attune.core.AProduct;
import attune.core.ASurface;
import attune.core.ATool;
import attune.core.Given;
import attune.core.match.Reason;
import attune.core.match.ReasonCode;
import attune.core.match.Rung;
import attune.core.match.TotalWet;
import attune.core.match.Treatment;
import attune.core.material.Role;
import attune.core.measure.PhNature;
import attune.core.shelf.Product;
import attune.core.shelf.Product.Trait;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Shelf;
import attune.core.shelf.Soil;
import attune.core.survey.Condition.Feel;
import attune.core.survey.Condition.Level;
import attune.core.survey.Condition.Wear;
import attune.core.survey.HouseRules;
import attune.core.survey.Setting;
import attune.core.survey.Surface;
import attune.core.survey.Wishes.Protection;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What the second reading asks of a plan, rule by rule (docs/trade, A9 and C10 to C28). */
class SecondReadingTest {
  private static final Product MILD =
      AProduct.cleaner("mild", 4).ph(7.2, PhNature.NEUTRAL_SURFACTANT).dwell(30, 300).build();
  private static final Product BALM =
      AProduct.of("balm", ProductRole.CONDITIONER).dose(10).absorbs(900, 3600).coats(2).build();
  private static final Product OIL =
      AProduct.of("oil", ProductRole.RESTORING_OIL).dose(20).cures(86_400, 432_000).build();

  private static Plan plan(Shelf shelf, HouseRules rules, Surface... surfaces) {
    return Given.PLANNER.plan(Given.job(Given.studio(), rules, shelf, surfaces));
  }

  private static List<Task> tasks(Plan plan, Step step) {
    return plan.timetable().tasks().stream().filter(t -> t.step() == step).toList();
  }

  private static Surface dry(Feel feel) {
    return ASurface.of("leather/coated").soiled(Level.LIGHT).feel(feel).build();
  }

  @Test
  void a9LaterPassesLayHalfAndNothingComesOnTop() {
    Surface seat = ASurface.of("leather/coated").area(1).soiled(Level.HEAVY).build();
    Plan plan = plan(Given.shelf(MILD, ATool.SPONGE), Given.RULES, seat);
    Rung first = plan.surfaces().get(0).firstRung().orElseThrow();
    double laid = first.treatment().laid();
    assertThat(laid).isBetween(10.0, 20.0);
    assertThat(first.passesHigh()).isGreaterThan(1);
    assertThat(plan.mixes().get(0).neededMl())
        .isEqualTo(laid * (1 + (first.passesHigh() - 1) * 0.5));
  }

  @Test
  void a9WhatSoaksItUpDriesBeforeMoreGoesOn() {
    Surface open = ASurface.of("leather/semi-aniline").area(0.5).soiled(Level.LIGHT).build();
    var place = Given.place(open);
    Treatment wet = Given.match(open, Given.shelf(MILD, ATool.SPONGE)).ladder().get(0).treatment();
    Treatment soaking = wet.laying(place.limits().wetMax().value());
    assertThat(TotalWet.passesAtOnce(place, soaking, Given.FIGURES)).isEqualTo(2);
    var coated = Given.place(ASurface.of("leather/coated").soiled(Level.HEAVY).build());
    assertThat(TotalWet.passesAtOnce(coated, soaking, Given.FIGURES)).isGreaterThan(1000);
  }

  @Test
  void c10TheLastLineOfALadderNamesTheLimitThatStopsIt() {
    Surface gloss = ASurface.of("plastic/gloss").soiled(Level.LIGHT).build();
    var atLimit = Given.match(gloss, Given.shelf(MILD, ATool.SPONGE));
    assertThat(atLimit.end().orElseThrow().text()).contains("is as stiff as gloss trim stands");
    Surface seat = ASurface.of("leather/coated").soiled(Level.HEAVY).build();
    var room = Given.match(seat, Given.shelf(MILD, ATool.SPONGE));
    assertThat(room.end()).map(Reason::code).contains(ReasonCode.NOT_ON_SHELF);
    assertThat(room.end().orElseThrow().text()).contains("stiffness 1 of the 6");
    assertThat(room.ladder().get(room.ladder().size() - 1).leadsOn())
        .isEqualTo(room.end().orElseThrow().text());
  }

  @ParameterizedTest(name = "at {0} °C no dwell is told that is longer than it stays wet")
  @ValueSource(doubles = {12, 20, 27, 33, 38})
  void c13NeverToldLongerThanItCanSit(double airC) {
    Setting warm = Given.setting(airC, 0.35, 0.2, Setting.Sun.NONE);
    Surface seat = ASurface.of("leather/coated").area(0.6).soiled(Level.HEAVY).build();
    Shelf shelf = Given.shelf(MILD, ATool.SPONGE, ATool.SOFT_BRUSH, ATool.LEATHER_BRUSH);
    Plan plan = Given.PLANNER.plan(Given.job(warm, Given.RULES, shelf, seat));
    assertThat(plan.surfaces().get(0).match().ladder())
        .isNotEmpty()
        .allSatisfy(
            rung ->
                assertThat((double) rung.treatment().dwellS())
                    .isLessThanOrEqualTo(rung.verdict().sections().windowS()));
  }

  @Test
  void c13WhatOnlySitsTooLongIsLeftOutWithThatReason() {
    Product slow = AProduct.cleaner("slow", 4).dwell(280, 300).build();
    Setting hot = Given.setting(37, 0.2, 0.4, Setting.Sun.NONE);
    Surface seat = ASurface.of("leather/coated").area(0.6).soiled(Level.MODERATE).build();
    Plan plan =
        Given.PLANNER.plan(
            Given.job(hot, Given.RULES, Given.shelf(MILD, slow, ATool.SPONGE), seat));
    SurfacePlan panel = plan.surfaces().get(0);
    assertThat(panel.firstRung().orElseThrow().treatment().cleaner()).contains(MILD);
    assertThat(
            panel.ruledOut().stream()
                .filter(out -> out.itemId().equals("slow"))
                .flatMap(out -> out.reasons().stream())
                .map(Reason::code))
        .contains(ReasonCode.WINDOW_TOO_SHORT);
  }

  @Test
  void c13WhatIsTooHotIsPlannedAsItIsWorkedInTheShade() {
    Setting sun = Given.setting(28, 0.4, 0.3, Setting.Sun.DIRECT);
    Setting shade = Given.setting(28, 0.4, 0.3, Setting.Sun.NONE);
    Surface seat = ASurface.of("leather/coated").area(0.6).soiled(Level.MODERATE).build();
    Shelf shelf = Given.shelf(MILD, ATool.SPONGE, ATool.SOFT_BRUSH);
    Plan hot = Given.PLANNER.plan(Given.job(sun, Given.RULES, shelf, seat));
    Plan cool = Given.PLANNER.plan(Given.job(shade, Given.RULES, shelf, seat));
    Rung first = hot.surfaces().get(0).firstRung().orElseThrow();
    assertThat(first.treatment())
        .isEqualTo(cool.surfaces().get(0).firstRung().orElseThrow().treatment());
    assertThat(first.verdict().sections().fits()).isTrue();
    assertThat(first.verdict().sections().nowS())
        .isLessThan(first.verdict().sections().windowS() / 2);
    assertThat(first.verdict().reasons())
        .extracting(Reason::code)
        .contains(ReasonCode.SURFACE_TOO_HOT, ReasonCode.WINDOW_TOO_SHORT);
    assertThat(tasks(hot, Step.WAIT)).isNotEmpty();
  }

  @Test
  void c14FromAClothFoamIsAllLiquid() {
    Product foam = AProduct.cleaner("foam", 4).foam().build();
    Surface seat = ASurface.of("leather/coated").soiled(Level.MODERATE).build();
    Treatment sponge =
        Given.match(seat, Given.shelf(foam, ATool.SPONGE)).ladder().get(0).treatment();
    assertThat(sponge.wets(Given.FIGURES)).isEqualTo(sponge.laid() * 0.4);
    Treatment cloth = sponge.on(Treatment.ApplyTo.CLOTH);
    assertThat(cloth.wets(Given.FIGURES)).isEqualTo(cloth.laid());
  }

  @Test
  void c21NapIsBrushedMistedAndLeftToStand() {
    Product guard = AProduct.of("guard", ProductRole.NAP_PROTECTOR).dose(40).build();
    Surface seat =
        ASurface.of("microsuede/synthetic").soiled(Level.LIGHT).protect(Protection.BARRIER).build();
    Plan plan =
        plan(Given.shelf(MILD, guard, ATool.SOFT_BRUSH, ATool.BARRIER_PAD), Given.RULES, seat);
    assertThat(tasks(plan, Step.PROTECT)).hasSize(1);
    assertThat(tasks(plan, Step.LEVEL)).isEmpty();
    FinishStep step = plan.surfaces().get(0).finishSteps().get(0);
    assertThat(step.applicator()).isEqualTo(ATool.SOFT_BRUSH);
  }

  @Test
  void c22WhatStillHoldsIsLeftAloneWithTheDateOfTheNext() {
    Surface seat =
        ASurface.of("leather/coated")
            .soiled(Level.LIGHT)
            .protect(Protection.COATING)
            .coatedBefore()
            .build();
    Product coat = AProduct.of("coat", ProductRole.COATING).dose(5).flashes(180, 300).build();
    Product safe = AProduct.cleaner("safe", 4).traits(Trait.COATING_SAFE).build();
    Plan plan = plan(Given.shelf(safe, coat, ATool.SPONGE, ATool.BARRIER_PAD), Given.RULES, seat);
    SurfacePlan panel = plan.surfaces().get(0);
    assertThat(panel.finishSteps()).isEmpty();
    LeftAlone held = panel.leftAlone().get(0);
    assertThat(held.next()).isEqualTo(held.last().plusDays(365));
    assertThat(plan.care())
        .anySatisfy(
            care -> {
              assertThat(care.what()).startsWith("Renew the coating");
              assertThat(Given.MONDAY_NINE.toLocalDate().plusDays(care.dueInDays().get(0)))
                  .isEqualTo(held.next());
            });
  }

  @Test
  void c22WhatIsLaidIsRenewedByItsNameWhenItsLifeIsOver() {
    Plan plan =
        plan(
            Given.shelf(MILD, BALM, ATool.SPONGE, ATool.BARRIER_PAD),
            Given.house("condition-coated", "feed"),
            dry(Feel.SUPPLE));
    assertThat(plan.care())
        .anySatisfy(
            care -> {
              assertThat(care.what()).contains(BALM.name());
              assertThat(care.productId()).contains("balm");
              assertThat(care.everyDays()).contains(60);
            });
  }

  @Test
  void c23WhatCleansAndProtectsIsTheProtectionToo() {
    Product both =
        AProduct.of("both", ProductRole.ALL_IN_ONE)
            .strength(5)
            .ph(7, PhNature.NEUTRAL_SURFACTANT)
            .goodAt(Soil.SKIN_OIL)
            .leaves(Product.Film.PROTECTANT)
            .build();
    Product matt = AProduct.of("matt", ProductRole.PROTECTANT).dose(8).absorbs(60, 60).build();
    Surface dash =
        ASurface.of("plastic/textured")
            .role(Role.TRIM)
            .soiled(Level.LIGHT)
            .protect(Protection.DRESSING)
            .build();
    Shelf shelf = Given.shelf(both, matt, ATool.SPONGE, ATool.BARRIER_PAD);
    SurfacePlan panel = plan(shelf, Given.RULES, dash).surfaces().get(0);
    assertThat(panel.finishSteps()).isEmpty();
    assertThat(panel.cautions()).extracting(Reason::code).contains(ReasonCode.TWO_IN_ONE);
  }

  @Test
  void c24DryHideTakesMoreAndASecondThinCoatWhenTheFirstHasGoneIn() {
    Shelf shelf = Given.shelf(MILD, BALM, ATool.SPONGE, ATool.BARRIER_PAD);
    Plan plan = plan(shelf, Given.RULES, dry(Feel.DRY));
    FinishStep step = plan.surfaces().get(0).finishSteps().get(0);
    double once = plan.surfaces().get(0).surface().area().value() * 10;
    assertThat(step.coats()).isEqualTo(2);
    assertThat(step.doseMl()).isEqualTo(2 * once * 1.25);
    List<Task> coats = tasks(plan, Step.CONDITION);
    assertThat(coats).hasSize(2);
    assertThat(Duration.between(coats.get(0).end(), coats.get(1).start()))
        .isGreaterThanOrEqualTo(Duration.ofSeconds(900));
    assertThat(tasks(plan, Step.LEVEL)).hasSize(1);
  }

  @Test
  void c24OilSoaksForThreeDaysAndItsCureCountsFromTheFirst() {
    Surface hide = ASurface.of("leather/semi-aniline").feel(Feel.STIFF).build();
    Plan plan =
        plan(
            Given.shelf(MILD, OIL, ATool.SPONGE),
            Given.house("oil-under-film", "allow-on-light-finish"),
            hide);
    List<Task> laid = tasks(plan, Step.CONDITION);
    assertThat(laid).extracting(t -> t.start().toLocalDate().getDayOfMonth()).hasSize(3);
    LocalDateTime first = laid.get(0).start();
    assertThat(laid.get(1).start().toLocalDate()).isEqualTo(first.toLocalDate().plusDays(1));
    assertThat(laid.get(2).start().toLocalDate()).isEqualTo(first.toLocalDate().plusDays(2));
    List<Task> off = tasks(plan, Step.LEVEL);
    assertThat(off).hasSize(1);
    assertThat(off.get(0).start().toLocalDate()).isEqualTo(first.toLocalDate().plusDays(3));
    FinishStep step = plan.surfaces().get(0).finishSteps().get(0);
    assertThat(step.cureS()).isEqualTo(432_000 - 259_200);
    assertThat(step.sitAfterS()).isZero();
  }

  @Test
  void c28WhatMustNotMeetInAZoneIsToldAtBoth() {
    Product quats = AProduct.cleaner("quats", 5).allows("leather/*").traits(Trait.QUATS).build();
    Product soap = AProduct.cleaner("soap", 5).allows("textile/*").traits(Trait.ANIONIC).build();
    Surface cushion = ASurface.of("leather/coated").id("cushion").soiled(Level.LIGHT).build();
    Surface side = ASurface.of("textile/flat").id("side").soiled(Level.LIGHT).build();
    Shelf shelf = Given.shelf(quats, soap, ATool.SPONGE);
    Plan plan = plan(shelf, Given.RULES, cushion, side);
    assertThat(plan.surfaces())
        .allSatisfy(
            panel ->
                assertThat(panel.cautions())
                    .anySatisfy(
                        c -> {
                          assertThat(c.code()).isEqualTo(ReasonCode.NEVER_MIX);
                          assertThat(c.text())
                              .containsIgnoringCase("quats")
                              .containsIgnoringCase("soap");
                        }));
  }

  @Test
  void c27WhatIsWaitedForIsToldWhereSomebodyMustKnowIt() {
    Product coat =
        AProduct.of("coat", ProductRole.COATING).dose(5).flashes(180, 300).cures(43_200, 1).build();
    Shelf shelf = Given.shelf(MILD, coat, ATool.SPONGE, ATool.BARRIER_PAD);
    Surface seat =
        ASurface.of("leather/coated").soiled(Level.LIGHT).protect(Protection.COATING).build();
    Surface rim =
        ASurface.of("leather/coated")
            .id("rim")
            .at("wheel", "rim")
            .role(Role.GRIP)
            .soiled(Level.LIGHT, Soil.SILICONE_FILM)
            .build();
    Plan plan = plan(shelf, Given.RULES, seat, rim);
    assertThat(said(plan, ReasonCode.NO_SIT_UNTIL)).containsExactly("panel");
    assertThat(said(plan, ReasonCode.NO_DRIVE_UNTIL)).containsExactly("rim");
    assertThat(said(plan, ReasonCode.COLOUR_LIFT_RISK)).containsExactly("rim");
    assertThat(said(plan, ReasonCode.TOO_EARLY_TO_JUDGE)).hasSize(2);
    Plan dryWork =
        plan(
            Given.shelf(BALM, ATool.BARRIER_PAD),
            Given.RULES,
            ASurface.of("leather/coated").feel(Feel.DRY).build());
    assertThat(said(dryWork, ReasonCode.GLOVES)).hasSize(1);
    assertThat(tasks(dryWork, Step.PRECAUTIONS)).hasSize(1);
  }

  private static List<String> said(Plan plan, ReasonCode code) {
    return plan.surfaces().stream()
        .filter(panel -> panel.cautions().stream().anyMatch(c -> c.code() == code))
        .map(panel -> panel.surface().id())
        .toList();
  }

  /** Subjects that cannot stand anything: what a limit is set by, and not what bears it. */
  @ParameterizedTest
  @EnumSource(Wear.class)
  void reasonsAreSaidOfTheFinishAndNotOfWhatSetsItsLimit(Wear wear) {
    Surface seat =
        ASurface.of("leather/coated")
            .wear(wear)
            .ageYears(20)
            .perforated()
            .soiled(Level.HEAVY)
            .build();
    Shelf shelf =
        Given.shelf(
            MILD,
            AProduct.cleaner("harsh", 8).ph(13, PhNature.STRONG_ALKALI).build(),
            ATool.SPONGE,
            ATool.STIFF_BRUSH,
            ATool.WHITE_BLOCK);
    assertThat(
            plan(shelf, Given.RULES, seat).surfaces().get(0).ruledOut().stream()
                .flatMap(out -> out.reasons().stream())
                .map(Reason::text)
                .filter(text -> text.contains(" stands ")))
        .isNotEmpty()
        .allMatch(text -> text.contains("coated leather"));
  }

  @Test
  void whyNotNamesTheOneReasonWithItsNumber() {
    Product stronger = AProduct.cleaner("stronger", 6).ph(9.5, PhNature.BUFFERED).build();
    Surface seat = ASurface.of("leather/coated").soiled(Level.MODERATE).build();
    Shelf shelf = Given.shelf(MILD, stronger, ATool.SOFT_BRUSH, ATool.LEATHER_BRUSH, ATool.SPONGE);
    var panel = plan(shelf, Given.RULES, seat).surfaces().get(0);
    assertThat(
            panel.ruledOut().stream()
                .flatMap(out -> out.reasons().stream())
                .filter(reason -> reason.code() == ReasonCode.DOMINATED)
                .map(Reason::text))
        .isNotEmpty()
        .allMatch(text -> text.contains("would do, but"))
        .noneMatch(text -> text.contains("already open, or"))
        .anyMatch(text -> text.matches(".*\\d.*"));
  }
}
