package attune.core.match;

import static attune.core.survey.Condition.Level.LIGHT;
import static attune.core.survey.Condition.Level.MODERATE;
import static org.assertj.core.api.Assertions.assertThat;

import attune.core.AProduct;
import attune.core.ASurface;
import attune.core.ATool;
import attune.core.Given;
import attune.core.material.Role;
import attune.core.shelf.Product;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Shelf;
import attune.core.shelf.Soil;
import attune.core.survey.Condition.Damage;
import attune.core.survey.Condition.Nap;
import attune.core.survey.Condition.Wear;
import attune.core.survey.Surface;
import attune.core.survey.Surface.Feature;
import attune.core.survey.Surface.Near;
import attune.core.survey.Surface.Tone;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What is said where the step is, and who is sent for instead. */
class CautionsTest {
  private static final Product CLEANER = AProduct.cleaner("cleaner", 5).build();
  private static final Shelf SHOP =
      Given.shelf(
          CLEANER,
          AProduct.of("screen", ProductRole.SCREEN_CLEANER)
              .strength(4)
              .goodAt(Soil.SKIN_OIL)
              .build(),
          ATool.SPONGE,
          ATool.SOFT_BRUSH,
          ATool.LEATHER_BRUSH);

  private static Arguments said(ReasonCode code, ASurface surface) {
    return Arguments.of(code, surface.build());
  }

  static Stream<Arguments> cautions() {
    ASurface soiled = ASurface.of("leather/coated").soiled(MODERATE);
    return Stream.of(
        said(ReasonCode.GLOVES, soiled),
        said(ReasonCode.TEST_SPOT, soiled),
        said(ReasonCode.WIPE_BEFORE_BLOW, soiled),
        said(ReasonCode.SEAM_CHECK, ASurface.of("leather/coated").soiled(LIGHT).seam(1.2)),
        said(ReasonCode.IGNITION_OFF, ASurface.of("leather/coated").role(Role.GRIP).soiled(LIGHT)),
        said(ReasonCode.IGNITION_OFF, ASurface.of("screen/coated").role(Role.SCREEN).soiled(LIGHT)),
        said(
            ReasonCode.ELECTRONICS,
            ASurface.of("plastic/printed-controls")
                .role(Role.CONTROL)
                .with(Feature.ELECTRONICS)
                .soiled(LIGHT)),
        said(
            ReasonCode.AIRBAG_SEAM,
            ASurface.of("plastic/textured").role(Role.TRIM).with(Feature.AIRBAG).soiled(LIGHT)),
        said(
            ReasonCode.MASK_NEAR,
            ASurface.of("leather/coated").beside(Near.WOOD_OPEN_PORE).soiled(LIGHT)),
        said(ReasonCode.IDENTIFY_FIRST, ASurface.of("unknown").soiled(LIGHT)),
        said(
            ReasonCode.SHAVE_FIRST,
            ASurface.of("microsuede/synthetic").nap(Nap.PILLED).soiled(LIGHT)),
        said(ReasonCode.BLOT_NOT_RUB, ASurface.of("microsuede/synthetic").soiled(LIGHT)),
        said(ReasonCode.VACUUM_FIRST, ASurface.of("leather/coated").perforated().soiled(LIGHT)),
        said(ReasonCode.VACUUM_FIRST, ASurface.of("textile/pile").role(Role.FLOOR).soiled(LIGHT)),
        said(ReasonCode.BELT_CHECK, ASurface.of("textile/webbing").role(Role.TRIM).soiled(LIGHT)),
        said(
            ReasonCode.COLOUR_LIFT_RISK,
            ASurface.of("leather/coated").wear(Wear.WORN).soiled(LIGHT)),
        said(
            ReasonCode.COLOUR_LIFT_RISK,
            ASurface.of("leather/aniline").tone(Tone.DARK).soiled(LIGHT)),
        said(ReasonCode.CREAK, ASurface.of("leather/coated").damaged(Damage.CREAKS).soiled(LIGHT)),
        said(ReasonCode.MOULD_STOP, ASurface.of("leather/coated").soiled(LIGHT, Soil.MOULD)));
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("cautions")
  void isSaidAtTheStep(ReasonCode code, Surface surface) {
    assertThat(Given.match(surface, SHOP).cautions())
        .filteredOn(caution -> caution.code() == code)
        .singleElement()
        .satisfies(caution -> assertThat(caution.text()).isNotBlank());
  }

  static Stream<Arguments> referrals() {
    return Stream.of(
        said(
            ReasonCode.REFER_LICENSED,
            ASurface.of("textile/webbing").role(Role.TRIM).wear(Wear.TORN).soiled(LIGHT)),
        said(ReasonCode.MOULD_STOP, ASurface.of("leather/coated").soiled(LIGHT, Soil.MOULD)),
        said(ReasonCode.SCUFF_STAYS, ASurface.of("leather/coated").damaged(Damage.SCUFFED)),
        said(ReasonCode.REFER_REPAIR, ASurface.of("plastic/soft-touch").damaged(Damage.GUMMY)),
        said(ReasonCode.REFER_REPAIR, ASurface.of("leather/coated").wear(Wear.CRACKED)));
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("referrals")
  void isReferred(ReasonCode code, Surface surface) {
    assertThat(Given.match(surface, SHOP).refer()).map(Reason::code).contains(code);
  }

  @Test
  void mouldIsNeverCleanedOver() {
    Surface mouldy = ASurface.of("leather/coated").soiled(MODERATE, Soil.MOULD).build();
    assertThat(Given.match(mouldy, SHOP).ladder()).isEmpty();
  }

  @Test
  void crackedHideIsCleanedByHandOrSpongeOnly() {
    Surface cracked =
        ASurface.of("leather/coated").wear(Wear.CRACKED).ageYears(30).soiled(LIGHT).build();
    assertThat(Given.match(cracked, SHOP).ladder())
        .isNotEmpty()
        .allSatisfy(rung -> assertThat(rung.treatment().tool().stiffness()).isLessThanOrEqualTo(1));
  }

  @Test
  void aScreenTakesItsOwnProductOnACloth() {
    Surface screen = ASurface.of("screen/coated").role(Role.SCREEN).soiled(LIGHT).build();
    SurfaceMatch match = Given.match(screen, SHOP);
    Treatment treatment = match.ladder().get(0).treatment();
    assertThat(treatment.cleaner()).map(Product::id).contains("screen");
    assertThat(treatment.applyTo()).isEqualTo(Treatment.ApplyTo.CLOTH);
    assertThat(treatment.tool().stiffness()).isZero();
  }

  @Test
  void nothingIsSaidTwice() {
    Surface busy =
        ASurface.of("leather/coated")
            .role(Role.GRIP)
            .with(Feature.ELECTRONICS, Feature.AIRBAG)
            .wear(Wear.WORN)
            .soiled(MODERATE)
            .build();
    assertThat(Given.match(busy, SHOP).cautions()).extracting(Reason::code).doesNotHaveDuplicates();
  }

  @Test
  void aShelfWithNothingFitSaysSoRatherThanBend() {
    Shelf harsh = Given.shelf(AProduct.cleaner("harsh", 9).excludes("*").build(), ATool.SOFT_BRUSH);
    SurfaceMatch match =
        Given.match(ASurface.of("leather/aniline").soiled(MODERATE).build(), harsh);
    assertThat(match.ladder()).isEmpty();
    assertThat(match.refer()).map(Reason::code).contains(ReasonCode.REFER_REPAIR);
    assertThat(match.ruledOut()).extracting(RuledOut::itemId).contains("harsh");
  }
}
