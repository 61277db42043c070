package attune.core.plan;

import static attune.core.plan.FinishingShop.BALM;
import static attune.core.plan.FinishingShop.COAT;
import static attune.core.plan.FinishingShop.NAP;
import static attune.core.plan.FinishingShop.SHOP;
import static attune.core.survey.Condition.Level.LIGHT;
import static attune.core.survey.Wishes.Protection.BARRIER;
import static attune.core.survey.Wishes.Protection.COATING;
import static attune.core.survey.Wishes.Protection.DRESSING;
import static attune.core.survey.Wishes.Protection.NONE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import attune.core.AProduct;
import attune.core.ASurface;
import attune.core.ATool;
import attune.core.Given;
import attune.core.match.ReasonCode;
import attune.core.match.RuledOut;
import attune.core.material.Role;
import attune.core.material.Texture;
import attune.core.shelf.Product;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Shelf;
import attune.core.shelf.Tool;
import attune.core.survey.Condition.Damage;
import attune.core.survey.Condition.Feel;
import attune.core.survey.HouseRules;
import attune.core.survey.Surface;
import attune.core.survey.Surface.Feature;
import attune.core.survey.Surface.Tone;
import attune.core.survey.Wishes;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What goes on after cleaning: by finish, age, feel and wish, and never on what is held. */
class FinishingTest {
  private static SurfacePlan plan(Surface surface, HouseRules rules) {
    return Given.PLANNER.plan(Given.job(Given.studio(), rules, SHOP, surface)).surfaces().get(0);
  }

  private static SurfacePlan plan(ASurface surface) {
    return plan(surface.build(), Given.RULES);
  }

  private static ASurface seat(Wishes.Protection protection) {
    return ASurface.of("leather/coated").soiled(LIGHT).protect(protection);
  }

  private static Arguments steps(String name, ASurface surface, String... products) {
    return Arguments.of(name, surface.build(), List.of(products));
  }

  static Stream<Arguments> finishes() {
    return Stream.of(
        steps("young supple hide, a dressing wished", seat(DRESSING), "matt"),
        steps("young supple hide, nothing wished", seat(NONE)),
        steps(
            "older hide has its suppleness back first",
            seat(BARRIER).ageYears(5),
            "balm",
            "barrier"),
        steps("dry hide is fed whatever is wished", seat(NONE).feel(Feel.DRY), "balm"),
        steps("a coating on young hide", seat(COATING), "coat"),
        steps(
            "vinyl takes no conditioner",
            ASurface.of("vinyl/coated-textile").ageYears(9).feel(Feel.DRY).protect(COATING),
            "coat"),
        steps(
            "microsuede takes a nap protector",
            ASurface.of("microsuede/synthetic").protect(BARRIER),
            "nap-guard"),
        steps(
            "microsuede without a wish for one",
            ASurface.of("microsuede/synthetic").protect(DRESSING)),
        steps(
            "a woven seat has what is spilt kept out",
            ASurface.of("textile/flat").protect(COATING),
            "nap-guard"),
        steps(
            "a headliner nobody spills on",
            ASurface.of("textile/headliner").role(Role.OVERHEAD).protect(COATING)),
        steps(
            "textured dash",
            ASurface.of("plastic/textured").role(Role.TRIM).protect(DRESSING),
            "matt"),
        steps(
            "faded outside trim is restored",
            ASurface.of("plastic/exterior-trim")
                .role(Role.TRIM)
                .damaged(Damage.FADED)
                .protect(NONE),
            "restorer"),
        steps(
            "nothing is laid in the mesh of a speaker",
            ASurface.of("plastic/textured")
                .role(Role.TRIM)
                .at("front-left-door", "speaker-grille")
                .protect(DRESSING)),
        steps(
            "an airbag seam is not dressed",
            ASurface.of("plastic/textured").role(Role.TRIM).with(Feature.AIRBAG).protect(DRESSING)),
        steps(
            "gloss trim needs nothing",
            ASurface.of("plastic/gloss").role(Role.TRIM).protect(COATING)),
        steps(
            "a screen needs nothing",
            ASurface.of("screen/coated").role(Role.SCREEN).protect(COATING)),
        steps("nothing on a rim", seat(COATING).role(Role.GRIP)),
        steps(
            "nothing on a pedal",
            ASurface.of("rubber/seal-or-mat").role(Role.PEDAL).protect(COATING)));
  }

  @ParameterizedTest(name = "{0}: {2}")
  @MethodSource("finishes")
  void takes(String name, Surface surface, List<String> products) {
    assertThat(plan(surface, Given.RULES).finishSteps())
        .extracting(step -> step.product().id())
        .isEqualTo(products);
  }

  @Test
  void theSchoolsDisagreeOnFeedingCoatedHide() {
    Surface older = seat(BARRIER).ageYears(5).build();
    Surface young = seat(NONE).build();
    assertThat(ids(plan(older, Given.house("condition-coated", "protect-only"))))
        .containsExactly("barrier");
    assertThat(ids(plan(young, Given.house("condition-coated", "feed")))).containsExactly("balm");
  }

  private static List<String> ids(SurfacePlan plan) {
    return plan.finishSteps().stream().map(step -> step.product().id()).toList();
  }

  @Test
  void whatTheRecordDoesNotSayOfCuringIsTakenAsTheLongestOfItsKindAndSaid() {
    Product blank = AProduct.of("coat", ProductRole.COATING).dose(5).onHand(50).build();
    Product quick = AProduct.of("coat", ProductRole.COATING).dose(5).cures(600, 7200).build();
    SurfacePlan guessed = laying(blank);
    FinishStep coat = guessed.finishSteps().get(0);
    assertThat(coat.sitAfterS()).isEqualTo(86_400);
    assertThat(coat.cureS()).isEqualTo(7 * 86_400);
    assertThat(coat.flash()).hasValueSatisfying(flash -> assertThat(flash.max()).isEqualTo(120));
    assertThat(guessed.cautions())
        .filteredOn(caution -> caution.code() == ReasonCode.UNSAID)
        .extracting(attune.core.match.Reason::text)
        .containsExactly(
            "The record of coat does not say how long it flashes: small areas, wiped within 2 min,"
                + " unless its label says otherwise.",
            "The record of coat does not say how long it is left alone: taken for 24 h, unless"
                + " its label says otherwise.");
    assertThat(laying(quick).finishSteps().get(0))
        .satisfies(step -> assertThat(step.sitAfterS()).isEqualTo(600))
        .satisfies(step -> assertThat(step.cureS()).isEqualTo(7200));
  }

  @Test
  void aBenchIsNotBrushedInWithADetailBrush() {
    Tool detail = ATool.covering(ATool.brush("detail", 1, Texture.MEDIUM, Tool.Kind.BRUSH), 6);
    Shelf shelf =
        Given.shelf(AProduct.cleaner("cleaner", 5).build(), NAP, detail, ATool.SOFT_BRUSH);
    Shelf small = Given.shelf(AProduct.cleaner("cleaner", 5).build(), NAP, detail);
    assertThat(brush(shelf, 0.6)).isEqualTo("soft-brush");
    assertThat(brush(shelf, 0.05)).as("the same one for the whole seat").isEqualTo("soft-brush");
    assertThat(brush(small, 0.05)).as("where there is no other").isEqualTo("detail");
  }

  private static String brush(Shelf shelf, double m2) {
    Surface seat = ASurface.of("microsuede/synthetic").area(m2).protect(BARRIER).build();
    return Given.plan(shelf, seat).surfaces().get(0).finishSteps().get(0).applicator().id();
  }

  private static SurfacePlan laying(Product coat) {
    Shelf shelf = Given.shelf(AProduct.cleaner("cleaner", 5).build(), coat, ATool.BARRIER_PAD);
    Surface seat = seat(COATING).build();
    return Given.PLANNER
        .plan(Given.job(Given.studio(), Given.RULES, shelf, seat))
        .surfaces()
        .get(0);
  }

  @Test
  void slipOnWhatIsHeldIsBarredAndSaid() {
    assertThat(plan(seat(DRESSING).role(Role.GRIP)).ruledOut())
        .filteredOn(out -> out.itemId().equals("glossy"))
        .flatExtracting(RuledOut::reasons)
        .extracting(attune.core.match.Reason::code)
        .contains(ReasonCode.SLIP_ON_CONTROL);
  }

  @Test
  void overnightInTheStudioBetweenConditionerAndBarrierAndTheSameDayElsewhere() {
    Surface older = seat(BARRIER).ageYears(5).build();
    int studio = plan(older, Given.RULES).finishSteps().get(1).waitS();
    int sameDay = plan(older, Given.house("barrier-gap", "same-day")).finishSteps().get(1).waitS();
    assertThat(studio).isEqualTo(43_200);
    assertThat(sameDay).isEqualTo(3600);
  }

  @Test
  void smallTrimAloneIsNoReasonToComeBackOnAnotherDay() {
    Surface gaiter =
        seat(BARRIER).ageYears(5).id("gaiter").at("console", "gaiter").role(Role.TRIM).build();
    Surface cushion = seat(BARRIER).ageYears(5).id("cushion").build();
    assertThat(waits(gaiter)).containsExactly(3600);
    assertThat(waits(gaiter, cushion)).containsExactly(43_200, 43_200);
  }

  private static List<Integer> waits(Surface... panels) {
    return Given.PLANNER
        .plan(Given.job(Given.studio(), Given.RULES, SHOP, panels))
        .surfaces()
        .stream()
        .map(plan -> plan.finishSteps().get(1).waitS())
        .toList();
  }

  @Test
  void aWishedBarrierThatIsNotOnTheShelfIsToldAndNotOfferedAgain() {
    Surface seat = seat(BARRIER).tone(Tone.PALE).build();
    Shelf without = Given.shelf(AProduct.cleaner("cleaner", 5).build(), BALM, ATool.SOFT_BRUSH);
    List<attune.core.match.Reason> told = Given.plan(without, seat).surfaces().get(0).cautions();
    assertThat(told)
        .extracting(attune.core.match.Reason::code)
        .contains(ReasonCode.NOT_ON_SHELF)
        .doesNotContain(ReasonCode.SUGGEST_BARRIER);
    assertThat(plan(seat(DRESSING).tone(Tone.PALE)).cautions())
        .extracting(attune.core.match.Reason::code)
        .contains(ReasonCode.SUGGEST_BARRIER)
        .doesNotContain(ReasonCode.NOT_ON_SHELF);
  }

  @Test
  void theSheenNearestTheWishIsTaken() {
    ASurface dash = ASurface.of("plastic/textured").role(Role.TRIM).protect(DRESSING);
    assertThat(ids(plan(dash.wish(Wishes.Sheen.MATT)))).containsExactly("matt");
    assertThat(ids(plan(dash.wish(Wishes.Sheen.GLOSS)))).containsExactly("glossy");
  }

  @Test
  void aCoatingGoesOnWithTheBarrierBackedPadAndTwiceForTheExacting() {
    FinishStep thorough = plan(seat(COATING)).finishSteps().get(0);
    FinishStep exacting =
        plan(seat(COATING).standard(Wishes.Standard.EXACTING)).finishSteps().get(0);
    assertThat(thorough.applicator()).isEqualTo(ATool.BARRIER_PAD);
    assertThat(thorough.coats()).isEqualTo(1);
    assertThat(exacting.coats()).isEqualTo(2);
    assertThat(exacting.doseMl()).isCloseTo(thorough.doseMl() * 2, within(1e-9));
  }

  @Test
  void aCoatingFlashesTwiceAsFastTwelveDegreesWarmer() {
    FinishStep at20 = plan(seat(COATING).at(20)).finishSteps().get(0);
    FinishStep at32 = plan(seat(COATING).at(32)).finishSteps().get(0);
    assertThat(at20.flash()).contains(new attune.core.shelf.Span(180, 300));
    assertThat(at32.flash()).contains(new attune.core.shelf.Span(90, 150));
  }

  @Test
  void aPaleSurfaceIsNeverTouchedWithADyedApplicator() {
    var dyed =
        new attune.core.shelf.Tool(
            "red-pad",
            "red-pad",
            attune.core.shelf.Tool.Kind.APPLICATOR,
            0,
            attune.core.material.Texture.FINE,
            attune.core.shelf.Tool.Droplets.NONE,
            false,
            true,
            java.util.Optional.empty(),
            java.util.Optional.of(0.1),
            true,
            java.util.Optional.empty());
    Surface pale = seat(COATING).tone(Tone.PALE).build();
    Shelf shelf =
        Given.shelf(
            COAT, dyed, ATool.FOAM_PAD, AProduct.cleaner("mild", 5).build(), ATool.SOFT_BRUSH);
    var job = Given.job(Given.studio(), Given.RULES, shelf, pale);
    FinishStep step = Given.PLANNER.plan(job).surfaces().get(0).finishSteps().get(0);
    assertThat(step.applicator()).isEqualTo(ATool.FOAM_PAD);
  }

  @Test
  void whatIsMissingOnTheShelfIsToBeBoughtNotInvented() {
    Surface seat = seat(COATING).build();
    Plan plan = Given.plan(Given.shelf(AProduct.cleaner("cleaner", 5).build()), seat);
    assertThat(plan.surfaces().get(0).finishSteps()).isEmpty();
    assertThat(plan.purchases())
        .singleElement()
        .satisfies(p -> assertThat(p.role()).isEqualTo(ProductRole.COATING));
  }

  @Test
  void anUnidentifiedSurfaceIsNotFinished() {
    assertThat(plan(ASurface.of("unknown").soiled(LIGHT).protect(COATING)).finishSteps()).isEmpty();
  }

  @Test
  void usedUpAndExpiredBottlesAreLeftOut() {
    Product empty = AProduct.of("empty", ProductRole.COATING).dose(5).onHand(0).build();
    Product old =
        AProduct.of("old", ProductRole.COATING)
            .dose(5)
            .opened(java.time.LocalDate.of(2024, 1, 1), 30)
            .build();
    Surface seat = seat(COATING).build();
    SurfacePlan plan =
        Given.PLANNER
            .plan(Given.job(Given.studio(), Given.RULES, Given.shelf(empty, old), seat))
            .surfaces()
            .get(0);
    assertThat(plan.finishSteps()).isEmpty();
    assertThat(plan.ruledOut())
        .flatExtracting(RuledOut::reasons)
        .extracting(attune.core.match.Reason::code)
        .containsAll(Arrays.asList(ReasonCode.STOCK_SHORT, ReasonCode.EXPIRED));
  }

  @Test
  void whatWasUsedBeforeIsAskedForOnlyWhereSomethingIsToBond() {
    Surface dry = ASurface.of("leather/coated").feel(Feel.DRY).soiled(LIGHT).build();
    Surface bare = ASurface.of("plastic/textured").soiled(LIGHT).build();
    Shelf shelf = Given.shelf(BALM, AProduct.cleaner("mild", 5).build(), ATool.SPONGE);
    assertThat(codes(shelf, false, dry)).contains(ReasonCode.HISTORY_UNKNOWN);
    assertThat(codes(shelf, true, dry)).doesNotContain(ReasonCode.HISTORY_UNKNOWN);
    assertThat(codes(shelf, false, bare)).doesNotContain(ReasonCode.HISTORY_UNKNOWN);
    Surface coated =
        ASurface.of("leather/coated").feel(Feel.DRY).soiled(LIGHT).coatedBefore().build();
    assertThat(codes(shelf, false, coated)).doesNotContain(ReasonCode.HISTORY_UNKNOWN);
  }

  private static List<ReasonCode> codes(Shelf shelf, boolean known, Surface surface) {
    attune.core.survey.Job job = Given.job(Given.studio(), Given.RULES, shelf, surface);
    attune.core.survey.Job told =
        new attune.core.survey.Job(
            job.title(),
            job.setting(),
            job.wishes(),
            job.houseRules(),
            job.shelf(),
            job.craft(),
            known,
            job.surfaces());
    return Given.PLANNER.plan(told).warnings().stream()
        .map(attune.core.match.Reason::code)
        .toList();
  }

  @Test
  void aSecondCoatIsLaidOnlyWhereTheBottleHasItForTheWholeCabin() {
    ASurface seat =
        ASurface.of("leather/coated")
            .area(2)
            .protect(COATING)
            .standard(attune.core.survey.Wishes.Standard.EXACTING);
    Product mild = AProduct.cleaner("mild", 4).build();
    Surface[] seats = {seat.id("left").build(), seat.id("right").build()};
    Product half = AProduct.of("coat", ProductRole.COATING).dose(5).coats(2).onHand(30).build();
    Product full = AProduct.of("coat", ProductRole.COATING).dose(5).coats(2).onHand(60).build();
    assertThat(Given.plan(Given.shelf(mild, half, ATool.BARRIER_PAD), seats).surfaces())
        .allSatisfy(
            p -> {
              assertThat(p.finishSteps().get(0).coats()).isEqualTo(1);
              assertThat(p.finishSteps().get(0).doseMl()).isEqualTo(10);
            });
    assertThat(Given.plan(Given.shelf(mild, full, ATool.BARRIER_PAD), seats).surfaces())
        .allSatisfy(p -> assertThat(p.finishSteps().get(0).coats()).isEqualTo(2));
  }
}
