package attune.core.match;

import static attune.core.survey.Condition.Level.LIGHT;
import static attune.core.survey.Condition.Level.MODERATE;
import static org.assertj.core.api.Assertions.assertThat;

import attune.core.AProduct;
import attune.core.ASurface;
import attune.core.ATool;
import attune.core.Given;
import attune.core.material.Role;
import attune.core.measure.PhNature;
import attune.core.shelf.Product;
import attune.core.shelf.Product.Trait;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Shelf;
import attune.core.shelf.Soil;
import attune.core.survey.Condition.Damage;
import attune.core.survey.Condition.Nap;
import attune.core.survey.Condition.Wear;
import attune.core.survey.Craft;
import attune.core.survey.HouseRules;
import attune.core.survey.Surface;
import attune.core.survey.Surface.Feature;
import attune.core.survey.Surface.Near;
import attune.core.survey.Surface.Tone;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What is said where the step is, and who is sent for instead. */
class CautionsTest {
  private static final Product CLEANER = AProduct.cleaner("cleaner", 5).build();
  static final Shelf SHOP =
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
        said(
            ReasonCode.BLOT_NOT_RUB,
            ASurface.of("leather/aniline").wear(Wear.CRACKED).soiled(LIGHT)),
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
    assertThat(match.refer()).as("the shelf lacks something; that is bought").isEmpty();
    assertThat(match.ruledOut()).extracting(RuledOut::itemId).contains("harsh");
  }

  private static List<ReasonCode> said(ASurface surface, Shelf shelf, HouseRules rules) {
    return codes(new Matcher(Given.BOOK).match(Given.place(surface.build(), rules), shelf));
  }

  private static List<ReasonCode> codes(SurfaceMatch match) {
    return match.cautions().stream().map(Reason::code).toList();
  }

  private static Shelf only(AProduct cleaner) {
    return Given.shelf(cleaner.build(), ATool.SPONGE, ATool.SOFT_BRUSH, ATool.LEATHER_BRUSH);
  }

  private static AProduct mild() {
    return AProduct.cleaner("mild", 6).ph(7, PhNature.BUFFERED);
  }

  @Test
  void whatIsRinsedTheHouseTheProductAndItsPhDecide() {
    ASurface seat = ASurface.of("leather/coated").soiled(MODERATE);
    HouseRules byProduct = Given.house("rinse", "by-product");
    Shelf suds = only(mild().traits(Trait.NEEDS_RINSE));
    Shelf alkaline = only(AProduct.cleaner("alkaline", 6).ph(9.2, PhNature.BUFFERED));
    assertThat(said(seat, only(mild()), byProduct)).doesNotContain(ReasonCode.RINSE);
    assertThat(said(seat, suds, byProduct)).contains(ReasonCode.RINSE);
    assertThat(said(seat, alkaline, byProduct)).contains(ReasonCode.RINSE);
    assertThat(said(seat, only(mild()), Given.house("rinse", "rinse"))).contains(ReasonCode.RINSE);
    assertThat(said(seat, suds, Given.house("rinse", "wipe"))).doesNotContain(ReasonCode.RINSE);
    Place coated = Place.of(seat.build(), Given.studio(), byProduct, true, Given.BOOK);
    assertThat(new Matcher(Given.BOOK).match(coated, only(mild())).cautions())
        .filteredOn(c -> c.code() == ReasonCode.RINSE)
        .extracting(Reason::setBy)
        .containsExactly(Reason.SetBy.MODIFIER);
  }

  @Test
  void solventWantsOpenDoorsAWaterCleanerDoesNot() {
    ASurface mat = ASurface.of("leather/coated").soiled(MODERATE);
    Shelf solvent = only(mild().solvent(5).allows("leather/coated"));
    assertThat(said(mat, solvent, Given.RULES)).contains(ReasonCode.VENTILATE);
    assertThat(said(mat, only(mild()), Given.RULES)).doesNotContain(ReasonCode.VENTILATE);
  }

  @Test
  void whatIsNotThereIsNotSaid() {
    List<ReasonCode> seat =
        codes(Given.match(ASurface.of("leather/coated").soiled(LIGHT).build(), SHOP));
    assertThat(seat)
        .contains(ReasonCode.GLOVES, ReasonCode.WIPE_BEFORE_BLOW)
        .doesNotContain(
            ReasonCode.IGNITION_OFF,
            ReasonCode.ELECTRONICS,
            ReasonCode.AIRBAG_SEAM,
            ReasonCode.MASK_NEAR,
            ReasonCode.SEAM_CHECK,
            ReasonCode.SHAVE_FIRST,
            ReasonCode.VACUUM_FIRST,
            ReasonCode.MOULD_STOP,
            ReasonCode.BLOOD,
            ReasonCode.SHADOW_MAY_STAY,
            ReasonCode.SCUFF_STAYS,
            ReasonCode.CREAK,
            ReasonCode.COLOUR_LIFT_RISK,
            ReasonCode.REFER_LICENSED,
            ReasonCode.ODOUR_SOURCE,
            ReasonCode.BLOT_NOT_RUB,
            ReasonCode.BELT_CHECK,
            ReasonCode.EXPOSURE_SPENT);
    ASurface clean = ASurface.of("leather/coated");
    assertThat(codes(Given.match(clean.build(), SHOP)))
        .doesNotContain(ReasonCode.GLOVES, ReasonCode.TEST_SPOT, ReasonCode.WIPE_BEFORE_BLOW);
  }

  @Test
  void airIsNotNamedOnAWheelAScreenOrNap() {
    List<ASurface> kept =
        List.of(
            ASurface.of("leather/coated").role(Role.GRIP).soiled(LIGHT),
            ASurface.of("screen/coated").role(Role.SCREEN).soiled(LIGHT),
            ASurface.of("microsuede/synthetic").soiled(LIGHT));
    assertThat(kept)
        .allSatisfy(
            surface ->
                assertThat(said(surface, SHOP, Given.RULES))
                    .contains(ReasonCode.GLOVES)
                    .doesNotContain(ReasonCode.WIPE_BEFORE_BLOW));
  }

  @Test
  void aPaleAnilineHideLiftsNoColourOfItsOwn() {
    assertThat(
            said(ASurface.of("leather/aniline").tone(Tone.PALE).soiled(LIGHT), SHOP, Given.RULES))
        .doesNotContain(ReasonCode.COLOUR_LIFT_RISK);
  }

  @Test
  void dyeThatSatAMonthMayLeaveAShadowAndASmellHasASource() {
    assertThat(
            said(
                ASurface.of("leather/coated").soiled(LIGHT, Soil.DENIM_DYE).satDays(40),
                SHOP,
                Given.RULES))
        .contains(ReasonCode.SHADOW_MAY_STAY);
    assertThat(
            said(
                ASurface.of("textile/woven").role(Role.SEAT).soiled(LIGHT, Soil.ODOUR),
                SHOP,
                Given.RULES))
        .contains(ReasonCode.ODOUR_SOURCE);
  }

  private static Place in(Craft craft, ASurface surface) {
    return Place.of(surface.build(), Given.studio(), Given.RULES, craft, false, Given.BOOK, SHOP);
  }

  private static Place inAnAircraft(ASurface surface) {
    return in(Craft.AIRCRAFT, surface);
  }

  @Test
  void whatIsHeldIsTakenForWiredButForARail() {
    ASurface held = ASurface.of("vinyl/coated-textile").role(Role.GRIP).soiled(LIGHT);
    Matcher matcher = new Matcher(Given.BOOK);
    assertThat(codes(matcher.match(in(Craft.ROAD, held), SHOP))).contains(ReasonCode.IGNITION_OFF);
    assertThat(matcher.match(in(Craft.BOAT, held), SHOP).cautions())
        .filteredOn(said -> said.code() == ReasonCode.IGNITION_OFF)
        .extracting(Reason::text)
        .containsExactly("Power off at its switch before this is touched.");
    ASurface rail = held.at("cockpit", "grab-rail");
    assertThat(codes(matcher.match(in(Craft.BOAT, rail), SHOP)))
        .doesNotContain(ReasonCode.IGNITION_OFF);
    assertThat(codes(matcher.match(in(Craft.BOAT, rail.with(Feature.ELECTRONICS)), SHOP)))
        .contains(ReasonCode.IGNITION_OFF);
  }

  @Test
  void inAnAircraftOnlyWhatItsLabelNamesAndNothingThatBurns() {
    Place seat = inAnAircraft(ASurface.of("leather/coated").soiled(MODERATE));
    Matcher matcher = new Matcher(Given.BOOK);
    SurfaceMatch named = matcher.match(seat, only(mild().allows("leather/coated")));
    assertThat(named.ladder()).isNotEmpty();
    assertThat(codes(named)).contains(ReasonCode.REFER_LICENSED);
    SurfaceMatch unnamed = matcher.match(seat, only(mild()));
    assertThat(unnamed.ladder()).isEmpty();
    assertThat(unnamed.ruledOut())
        .filteredOn(out -> out.itemId().equals("mild"))
        .flatExtracting(RuledOut::reasons)
        .extracting(Reason::code)
        .contains(ReasonCode.LABEL_EXCLUDES);
    SurfaceMatch burns =
        matcher.match(seat, only(mild().allows("leather/coated").traits(Trait.FLAMMABLE)));
    assertThat(burns.ladder()).isEmpty();
  }

  private static AProduct allRound() {
    return AProduct.of("all-round", ProductRole.MULTI_SURFACE_CLEANER)
        .strength(6)
        .goodAt(Soil.SKIN_OIL)
        .ph(9, PhNature.BUFFERED);
  }

  @ParameterizedTest(name = "{0}: {1} {2}")
  @CsvSource({
    "dedicated, leather/coated, INTACT, false",
    "one-bottle, leather/coated, INTACT, true",
    "by-window, leather/coated, INTACT, false", // pH 9 is outside its routine window
    "dedicated, plastic/textured, INTACT, true",
    "by-window, plastic/textured, INTACT, true",
    "one-bottle, microsuede/synthetic, INTACT, false", // outside what it stands
    "dedicated, microsuede/synthetic, INTACT, false",
  })
  void howFarOneBottleGoes(String school, String finish, Wear wear, boolean used) {
    ASurface surface = ASurface.of(finish).role(roleOf(finish)).wear(wear).soiled(LIGHT);
    Place place = Given.place(surface.build(), Given.house("one-bottle", school));
    SurfaceMatch match = new Matcher(Given.BOOK).match(place, only(allRound()));
    assertThat(!match.ladder().isEmpty()).isEqualTo(used);
  }

  private static Role roleOf(String finish) {
    return finish.startsWith("plastic") ? Role.TRIM : Role.SEAT;
  }

  @Test
  void insideTheRoutineWindowOneBottleMayGoOnIntactCoatsOnly() {
    HouseRules byWindow = Given.house("one-bottle", "by-window");
    Shelf neutral = only(allRound().ph(7, PhNature.BUFFERED));
    ASurface intact = ASurface.of("leather/coated").soiled(LIGHT);
    ASurface worn = ASurface.of("leather/coated").wear(Wear.WORN).soiled(LIGHT);
    Matcher matcher = new Matcher(Given.BOOK);
    assertThat(matcher.match(Given.place(intact.build(), byWindow), neutral).ladder()).isNotEmpty();
    assertThat(matcher.match(Given.place(worn.build(), byWindow), neutral).ladder()).isEmpty();
    HouseRules one = Given.house("one-bottle", "one-bottle");
    assertThat(matcher.match(Given.place(worn.build(), one), neutral).ladder()).isNotEmpty();
  }

  @Test
  void aLaundryProductIsOutOrHasToBeMeasured() {
    ASurface seat = ASurface.of("leather/coated").soiled(LIGHT);
    Shelf laundry = only(mild().traits(Trait.HOUSEHOLD));
    Matcher matcher = new Matcher(Given.BOOK);
    for (String school : List.of("no", "allow")) {
      SurfaceMatch match =
          matcher.match(
              Given.place(seat.build(), Given.house("household-detergent", school)), laundry);
      assertThat(match.ladder()).as(school).isEmpty();
      assertThat(match.ruledOut())
          .flatExtracting(RuledOut::reasons)
          .filteredOn(r -> r.code() == ReasonCode.HOUSEHOLD_PRODUCT)
          .extracting(Reason::effect)
          .containsOnly(school.equals("no") ? Reason.Effect.BARRED : Reason.Effect.UNKNOWN);
    }
  }
}
