package attune.core.match;

import static org.assertj.core.api.Assertions.assertThat;

import attune.core.ASurface;
import attune.core.Given;
import attune.core.match.Reason.SetBy;
import attune.core.material.Finish.SteamRule;
import attune.core.material.Finish.WetOn;
import attune.core.material.Role;
import attune.core.survey.Condition.Nap;
import attune.core.survey.Condition.Wear;
import attune.core.survey.HouseRules;
import attune.core.survey.Surface.Feature;
import attune.core.survey.Surface.Near;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What the modifiers of docs/trade take off what a finish stands. */
class LimitsTest {
  private static Limits of(ASurface surface) {
    return of(surface, Given.RULES);
  }

  private static Limits of(ASurface surface, HouseRules rules) {
    return Limits.of(surface.build(), rules, Given.FINISHES, Given.FIGURES);
  }

  private static ASurface leather() {
    return ASurface.of("leather/coated");
  }

  @ParameterizedTest
  @EnumSource(
      value = Wear.class,
      names = {"CRACKED", "TORN"})
  void noBrushAndNoSteamOnWhatIsCrackedOrTorn(Wear wear) {
    Limits limits = of(leather().wear(wear));
    assertThat(limits.agitationMax().value()).isEqualTo(1);
    assertThat(limits.agitationMax().setBy()).isEqualTo(SetBy.MODIFIER);
    assertThat(limits.steam().value()).isEqualTo(SteamRule.NO);
  }

  @Test
  void fingersAndFoamOnAWornRimABrushOnASoundOne() {
    assertThat(of(leather().role(Role.GRIP).wear(Wear.WORN)).agitationMax().why())
        .isEqualTo("worn where it is held");
    assertThat(of(leather().role(Role.GRIP)).agitationMax().value())
        .isEqualTo(of(leather()).agitationMax().value());
    assertThat(of(leather().wear(Wear.WORN)).agitationMax().value()).isGreaterThan(1);
  }

  static Stream<Arguments> keptOffTheSurface() {
    return Stream.of(
        Arguments.of("heated or ventilated", leather().with(Feature.HEATED)),
        Arguments.of("heated or ventilated", leather().with(Feature.VENTILATED)),
        Arguments.of("perforated", leather().perforated()),
        Arguments.of("electronics in or behind", leather().with(Feature.ELECTRONICS)),
        Arguments.of("airbag seam stays dry", leather().with(Feature.AIRBAG)),
        Arguments.of("switches and an airbag beside what is held", leather().role(Role.GRIP)),
        Arguments.of("wood, screen or bright metal beside", leather().beside(Near.WOOD_OPEN_PORE)),
        Arguments.of("wood, screen or bright metal beside", leather().beside(Near.SCREEN)),
        Arguments.of("wood, screen or bright metal beside", leather().beside(Near.METAL_BRIGHT)),
        Arguments.of("worn", leather().wear(Wear.WORN)),
        Arguments.of("aniline leather", ASurface.of("leather/aniline")),
        Arguments.of("nubuck", ASurface.of("leather/nubuck")),
        Arguments.of("perforated", ASurface.of("leather/aniline").perforated()));
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("keptOffTheSurface")
  void liquidGoesOnTheToolOnly(String why, ASurface surface) {
    assertThat(of(surface).wetOn().value()).isEqualTo(WetOn.TOOL);
    assertThat(of(surface).wetOn().why()).isEqualTo(why);
  }

  @Test
  void aPlainSeatMayBeSprayedUnlessTheHouseSaysOtherwise() {
    HouseRules free = Given.house("apply-to", "surface");
    assertThat(of(leather(), free).wetOn().value()).isEqualTo(WetOn.SURFACE);
    Limits house = of(leather(), Given.house("apply-to", "tool"));
    assertThat(house.wetOn().value()).isEqualTo(WetOn.TOOL);
    assertThat(house.wetOn().setBy()).isEqualTo(SetBy.HOUSE_RULE);
    assertThat(of(leather().perforated(), Given.house("apply-to", "tool")).wetOn().setBy())
        .isEqualTo(SetBy.MODIFIER);
  }

  @Test
  void holesAndSeatKitTakeLessLiquid() {
    double plain = of(leather()).wetMax().value();
    assertThat(of(leather().perforated()).wetMax().value()).isEqualTo(0.4 * plain);
    assertThat(of(leather().with(Feature.HEATED)).wetMax().value()).isEqualTo(0.4 * plain);
    assertThat(of(leather().with(Feature.AIRBAG)).wetMax().value()).isEqualTo(plain);
  }

  @Test
  void napIsWorkedAsTheHouseHasIt() {
    ASurface open = ASurface.of("microsuede/synthetic");
    ASurface matted = ASurface.of("microsuede/synthetic").nap(Nap.MATTED);
    ASurface pilled = ASurface.of("microsuede/synthetic").nap(Nap.PILLED);
    int soft = of(open, Given.house("microsuede-agitation", "soft")).agitationMax().value();
    assertThat(soft).isGreaterThan(1);
    assertThat(of(open, Given.house("microsuede-agitation", "hands")).agitationMax().value())
        .isEqualTo(1);
    HouseRules firm = Given.house("microsuede-agitation", "firm-on-matted");
    assertThat(of(matted, firm).agitationMax().value()).isGreaterThan(soft);
    assertThat(of(matted, firm).agitationMax().setBy()).isEqualTo(SetBy.HOUSE_RULE);
    assertThat(of(open, firm).agitationMax().value()).isEqualTo(soft);
    HouseRules gentle = Given.house("microsuede-agitation", "soft");
    assertThat(of(pilled, gentle).agitationMax().value()).isEqualTo(soft);
    assertThat(of(pilled.role(Role.GRIP), gentle).agitationMax().value()).isEqualTo(1);
    assertThat(of(open.role(Role.GRIP), gentle).agitationMax().value()).isEqualTo(soft);
    assertThat(of(leather(), Given.house("microsuede-agitation", "hands")).agitationMax().value())
        .isGreaterThan(1);
  }

  @Test
  void overFifteenYearsItStandsHalfAPhAndOneStepLess() {
    Limits young = of(leather().ageYears(15));
    Limits old = of(leather().ageYears(16));
    assertThat(old.phRoutineHigh().value()).isEqualTo(young.phRoutineHigh().value() - 0.5);
    assertThat(old.phOccasionalHigh().value()).isEqualTo(young.phOccasionalHigh().value() - 0.5);
    assertThat(old.agitationMax().value()).isEqualTo(young.agitationMax().value() - 1);
    assertThat(young.phRoutineHigh().setBy()).isEqualTo(SetBy.FINISH);
  }

  @Test
  void theStricterOfFinishAndWearStandsWithItsReason() {
    Limits worn = of(leather().wear(Wear.WORN));
    assertThat(worn.phRoutineHigh().setBy()).isEqualTo(SetBy.MODIFIER);
    assertThat(worn.phRoutineHigh().why()).isEqualTo("worn");
    assertThat(worn.allowance().value()).isZero();
    assertThat(of(ASurface.of("microsuede/synthetic").wear(Wear.WORN)).allowance().setBy())
        .isEqualTo(SetBy.FINISH);
  }
}
