package attune.core.match;

import static attune.core.survey.Condition.Level.CAKED;
import static attune.core.survey.Condition.Level.HEAVY;
import static attune.core.survey.Condition.Level.LIGHT;
import static attune.core.survey.Condition.Level.MODERATE;
import static attune.core.survey.Wishes.Standard.EXACTING;
import static attune.core.survey.Wishes.Standard.THOROUGH;
import static attune.core.survey.Wishes.Standard.TIDY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import attune.core.AProduct;
import attune.core.ASurface;
import attune.core.ATool;
import attune.core.Given;
import attune.core.match.Treatment.ApplyTo;
import attune.core.match.Treatment.Warmth;
import attune.core.material.Role;
import attune.core.material.Texture;
import attune.core.measure.PhNature;
import attune.core.measure.Ratio;
import attune.core.shelf.Product;
import attune.core.shelf.Soil;
import attune.core.shelf.Tool;
import attune.core.survey.Condition.Damage;
import attune.core.survey.Condition.Nap;
import attune.core.survey.Surface;
import attune.core.survey.Surface.Tone;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Model 2: what practitioners see must come out of the figures, within a pass. */
class CalibrationTest {
  private static final Product NEUTRAL = AProduct.cleaner("neutral", 5).build();
  private static final Product MILD_ALKALINE =
      AProduct.of("mild-leather", attune.core.shelf.ProductRole.CLEANER)
          .strength(5)
          .ph(8.5, PhNature.BUFFERED)
          .goodAt(Soil.DENIM_DYE, Soil.SKIN_OIL)
          .dwell(30, 120)
          .build();

  private static Treatment wet(Product cleaner, Tool tool, int dwell) {
    return new Treatment(
        Optional.of(cleaner), Ratio.READY, tool, ApplyTo.TOOL, 15, Warmth.NONE, dwell);
  }

  private static ASurface pale() {
    return ASurface.of("leather/coated").tone(Tone.PALE);
  }

  private static ASurface rim() {
    return ASurface.of("leather/coated").at("wheel", "rim").role(Role.GRIP).ageYears(9);
  }

  static Stream<Arguments> points() {
    return Stream.of(
        point("light film on pale leather, pad", 1, pale().soiled(LIGHT).standard(TIDY), ATool.PAD),
        point("the same, exacting", 2, pale().soiled(LIGHT).standard(EXACTING), ATool.PAD),
        point(
            "a season's grease on a bolster",
            3,
            ASurface.of("leather/coated").soiled(MODERATE).standard(THOROUGH),
            ATool.LEATHER_BRUSH),
        point(
            "caked make-up and grease on an old wheel",
            7,
            rim().soiled(CAKED, Soil.MAKE_UP, Soil.SKIN_OIL),
            ATool.SOFT_BRUSH),
        point(
            "half a year's grease",
            4,
            ASurface.of("leather/coated").soiled(HEAVY),
            ATool.LEATHER_BRUSH));
  }

  private static Arguments point(String name, int passes, ASurface surface, Tool tool) {
    return Arguments.of(name, passes, surface.build(), tool);
  }

  @ParameterizedTest(name = "{0}: {1} passes")
  @MethodSource("points")
  void comesOutWithinAPass(String name, int passes, Surface surface, Tool tool) {
    Verdict verdict = Given.JUDGE.judge(Given.place(surface), wet(NEUTRAL, tool, 90));
    assertThat(verdict.passes()).isCloseTo(passes, within(1));
  }

  @Test
  void aDryWipeAloneNeverShiftsSetGrease() {
    Surface surface = ASurface.of("leather/coated").soiled(MODERATE).build();
    Treatment dry =
        new Treatment(Optional.empty(), Ratio.READY, Tool.CLOTH, ApplyTo.CLOTH, 0, Warmth.NONE, 0);
    Verdict verdict = Given.JUDGE.judge(Given.place(surface), dry);
    assertThat(verdict.passes()).isEqualTo(Demand.NEVER);
    assertThat(verdict.reasons()).extracting(Reason::code).contains(ReasonCode.TOO_WEAK);
    assertThat(verdict.isOffered()).isFalse();
  }

  @Test
  void dustIsTakenWithADampClothAndNeverRubbedDry() {
    Surface dash = ASurface.of("plastic/textured").role(Role.TRIM).soiled(LIGHT, Soil.DUST).build();
    SurfaceMatch match = Given.match(dash, Given.shelf(NEUTRAL, ATool.SOFT_BRUSH));
    assertThat(match.ladder()).isNotEmpty().noneMatch(rung -> rung.treatment().isDry());
    assertThat(match.ladder().get(0).treatment().tool().stiffness()).isZero();
    assertThat(match.ladder().get(0).passesHigh()).isLessThanOrEqualTo(3);
  }

  @Test
  void freshDenimDyeGoesInAPassOrTwoAndSetDyeTakesMoreAndMayLeaveAShadow() {
    ASurface vinyl =
        ASurface.of("vinyl/coated-textile").tone(Tone.PALE).soiled(LIGHT, Soil.DENIM_DYE);
    Place fresh = Given.place(vinyl.satDays(2).build());
    Place set = Given.place(vinyl.satDays(35).build());
    Treatment treatment = wet(MILD_ALKALINE, ATool.SOFT_BRUSH, 90);
    int freshPasses = Given.JUDGE.judge(fresh, treatment).passes();
    int setPasses = Given.JUDGE.judge(set, treatment).passes();
    assertThat(freshPasses).isBetween(1, 2);
    assertThat(setPasses).isGreaterThan(freshPasses);
    SurfaceMatch match = Given.match(vinyl.build(), Given.shelf(MILD_ALKALINE, ATool.SOFT_BRUSH));
    assertThat(match.cautions()).extracting(Reason::code).contains(ReasonCode.SHADOW_MAY_STAY);
  }

  @Test
  void aScuffIntoThePigmentIsReferredNotCleaned() {
    Surface scuffed = ASurface.of("leather/coated").soiled(LIGHT).damaged(Damage.SCUFFED).build();
    SurfaceMatch match = Given.match(scuffed, Given.shelf(NEUTRAL, ATool.PAD));
    assertThat(match.refer()).map(Reason::code).contains(ReasonCode.SCUFF_STAYS);
  }

  @Test
  void aMattedMicrosuedeWheelTakesAboutThreeRounds() {
    Product foam =
        AProduct.cleaner("nap-foam", 5).foam().ph(7.2, PhNature.NEUTRAL_SURFACTANT).build();
    Surface wheel =
        ASurface.of("microsuede/synthetic")
            .role(Role.GRIP)
            .nap(Nap.MATTED)
            .soiled(MODERATE)
            .grain(Texture.FINE)
            .build();
    Verdict verdict = Given.JUDGE.judge(Given.place(wheel), wet(foam, ATool.SOFT_BRUSH, 90));
    assertThat(verdict.passes()).isCloseTo(3, within(1));
  }

  @Test
  void alkaliHelpsAgainstGreaseAndNotAgainstDye() {
    Place grease = Given.place(ASurface.of("plastic/textured").soiled(MODERATE).build());
    Place dye =
        Given.place(ASurface.of("plastic/textured").soiled(MODERATE, Soil.DENIM_DYE).build());
    Product mild = AProduct.cleaner("mild", 5).goodAt(Soil.SKIN_OIL, Soil.DENIM_DYE).build();
    Product alkaline =
        AProduct.cleaner("alkaline", 5)
            .goodAt(Soil.SKIN_OIL, Soil.DENIM_DYE)
            .ph(9.5, PhNature.BUFFERED)
            .build();
    assertThat(acts(grease, alkaline)).isGreaterThan(acts(grease, mild));
    assertThat(acts(dye, alkaline)).isEqualTo(acts(dye, mild));
  }

  private static double acts(Place place, Product cleaner) {
    return Given.JUDGE.judge(place, wet(cleaner, ATool.SOFT_BRUSH, 60)).action();
  }

  @Test
  void warmerLongerAndStifferActsHarder() {
    Place place = Given.place(ASurface.of("leather/coated").soiled(HEAVY).build());
    Treatment base = wet(NEUTRAL, ATool.SOFT_BRUSH, 40);
    Treatment warm =
        new Treatment(
            base.cleaner(), base.ratio(), base.tool(), base.applyTo(), 15, Warmth.WARM_WATER, 40);
    double acts = Given.JUDGE.judge(place, base).action();
    assertThat(Given.JUDGE.judge(place, warm).action()).isCloseTo(acts * 2, within(0.01));
    assertThat(acts(place, NEUTRAL)).isGreaterThan(acts);
    assertThat(Given.JUDGE.judge(place, wet(NEUTRAL, ATool.LEATHER_BRUSH, 40)).action())
        .isGreaterThan(acts);
  }

  @Test
  void aToolThatDoesNotReachTheGrainLosesTwoFifthsAStep() {
    Place fine = Given.place(ASurface.of("leather/coated").soiled(LIGHT).build());
    Place deep =
        Given.place(ASurface.of("leather/coated").grain(Texture.DEEP).soiled(LIGHT).build());
    double onFine = Given.JUDGE.judge(fine, wet(NEUTRAL, ATool.PAD, 60)).action();
    Verdict onDeep = Given.JUDGE.judge(deep, wet(NEUTRAL, ATool.PAD, 60));
    assertThat(onDeep.action()).isCloseTo(onFine * 0.36, within(1e-9));
    assertThat(onDeep.reasons()).extracting(Reason::code).contains(ReasonCode.GRAIN_TOO_DEEP);
  }
}
