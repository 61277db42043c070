package attune.core.match;

import static org.assertj.core.api.Assertions.assertThat;

import attune.core.AProduct;
import attune.core.ASurface;
import attune.core.ATool;
import attune.core.Given;
import attune.core.match.Treatment.ApplyTo;
import attune.core.match.Treatment.Warmth;
import attune.core.match.Tried.Result;
import attune.core.measure.PhNature;
import attune.core.measure.Ratio;
import attune.core.shelf.Product;
import attune.core.shelf.Shelf;
import attune.core.shelf.Tool;
import attune.core.survey.Condition.Level;
import attune.core.survey.Condition.Wear;
import attune.core.survey.Surface;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What a specialist decides and what the cloth says, and what the match makes of it. */
class DecisionsTest {
  private static final Product MILD = AProduct.cleaner("mild", 4).build();
  private static final Product FIRM =
      AProduct.cleaner("firm", 8).ph(8.2, PhNature.BUFFERED).build();
  private static final Shelf SHOP =
      Given.shelf(MILD, FIRM, ATool.SPONGE, ATool.SOFT_BRUSH, ATool.LEATHER_BRUSH);
  private static final Matcher MATCHER = new Matcher(Given.BOOK);
  private static final Surface SEAT = ASurface.of("leather/coated").soiled(Level.MODERATE).build();

  private static Treatment with(Product cleaner, Tool tool) {
    return new Treatment(
        Optional.of(cleaner), Ratio.READY, tool, ApplyTo.TOOL, 15, Warmth.NONE, 60);
  }

  private static SurfaceMatch match(Surface surface, Decisions decisions) {
    return MATCHER
        .cabin(List.of(Given.place(surface)), SHOP, "gentlest", decisions)
        .surfaces()
        .get(0);
  }

  private static Decisions hand(Treatment treatment, String reason) {
    return new Decisions(Map.of(SEAT.id(), new ByHand(treatment, reason)), Map.of());
  }

  private static Decisions tried(Treatment treatment, Result result) {
    return new Decisions(Map.of(), Map.of(SEAT.id(), List.of(new Tried(treatment, result))));
  }

  @Test
  void whatIsSetByHandIsFollowedAndMarkedAndTheLadderGoesOnFromIt() {
    Treatment set = with(FIRM, ATool.SOFT_BRUSH);
    SurfaceMatch match = match(SEAT, hand(set, "It is what we have open"));
    assertThat(match.byHand()).isTrue();
    assertThat(match.ladder().get(0).treatment()).isEqualTo(set);
    assertThat(match.loss()).isZero();
    assertThat(match.cautions())
        .filteredOn(c -> c.code() == ReasonCode.SET_BY_HAND)
        .singleElement()
        .satisfies(c -> assertThat(c.text()).contains("what we have open"));
    for (int i = 1; i < match.ladder().size(); i++) {
      assertThat(match.ladder().get(i).verdict().action())
          .isGreaterThan(match.ladder().get(i - 1).verdict().action());
    }
  }

  @Test
  void aBarIsNotOverriddenNorAFinishAskedForMoreThanItStands() {
    Treatment set = with(FIRM, ATool.STIFF_BRUSH);
    SurfaceMatch match = match(SEAT, hand(set, "I know"));
    assertThat(match.byHand()).isFalse();
    assertThat(match.ladder().get(0).treatment()).isNotEqualTo(set);
    assertThat(match.cautions()).extracting(Reason::code).contains(ReasonCode.HAND_REFUSED);
  }

  @Test
  void whatWasSetIsJudgedAnewWhenThePanelTurnsOutWorn() {
    Treatment set = with(FIRM, ATool.LEATHER_BRUSH);
    assertThat(match(SEAT, hand(set, "")).byHand()).isTrue();
    Surface worn = ASurface.of("leather/coated").soiled(Level.MODERATE).wear(Wear.WORN).build();
    SurfaceMatch match = match(worn, hand(set, ""));
    assertThat(match.byHand()).isFalse();
    assertThat(match.ladder().get(0).treatment().tool().stiffness()).isLessThanOrEqualTo(2);
  }

  @Test
  void soilThatStaysLeadsToAFirmerFirstRung() {
    Rung before = match(SEAT, Decisions.NONE).ladder().get(0);
    SurfaceMatch after = match(SEAT, tried(before.treatment(), Result.SOIL_STAYS));
    assertThat(after.ladder()).isNotEmpty();
    assertThat(after.ladder().get(0).verdict().action())
        .isGreaterThanOrEqualTo(before.verdict().action() * 1.3 - 1e-9);
  }

  @Test
  void whereNothingFirmerIsAllowedSomeIsLeftOrReferred() {
    Treatment firmest = with(FIRM, ATool.LEATHER_BRUSH).sitting(120);
    SurfaceMatch match = match(SEAT, tried(firmest, Result.SOIL_STAYS));
    assertThat(match.ladder()).isEmpty();
    assertThat(match.refer()).map(Reason::code).contains(ReasonCode.LEAVE_SOME);
  }

  @Test
  void theTrimsOwnColourOnTheClothStopsAndRefers() {
    for (Result result : List.of(Result.COLOUR, Result.DULLED)) {
      SurfaceMatch match = match(SEAT, tried(with(MILD, ATool.SPONGE), result));
      assertThat(match.ladder()).isEmpty();
      assertThat(match.refer()).map(Reason::code).contains(ReasonCode.REFER_REPAIR);
      assertThat(match.refer()).map(Reason::text).get().asString().containsIgnoringCase("stop");
    }
  }

  @Test
  void cleanLeavesTheLadderAsItIs() {
    Rung before = match(SEAT, Decisions.NONE).ladder().get(0);
    assertThat(match(SEAT, tried(before.treatment(), Result.CLEAN)).ladder().get(0).treatment())
        .isEqualTo(before.treatment());
  }

  @Test
  void everyLadderEndsWithWhatStandsAboveIt() {
    assertThat(match(SEAT, Decisions.NONE).end())
        .map(Reason::code)
        .contains(ReasonCode.NOT_ON_SHELF);
    Surface worn = ASurface.of("leather/coated").soiled(Level.LIGHT).wear(Wear.WORN).build();
    assertThat(match(worn, Decisions.NONE).end()).map(Reason::code).contains(ReasonCode.LEAVE_SOME);
    assertThat(match(ASurface.of("leather/coated").build(), Decisions.NONE).end()).isEmpty();
  }

  @Test
  void c11FewBottlesAreTakenWhereEveryPanelStaysWithinTheLossThatIsStated() {
    Product a = AProduct.cleaner("a", 5).allows("leather/*").build();
    Product b = AProduct.cleaner("b", 5).allows("vinyl/*").build();
    Product both = AProduct.cleaner("both", 5.2).build();
    Shelf shelf = Given.shelf(a, b, both, ATool.LEATHER_BRUSH);
    List<Place> cabin =
        List.of(
            Given.place(SEAT),
            Given.place(
                ASurface.of("vinyl/coated-textile").id("side").soiled(Level.MODERATE).build()));
    CabinMatch gentlest = MATCHER.cabin(cabin, shelf, "gentlest", Decisions.NONE);
    assertThat(bottles(gentlest)).containsExactlyInAnyOrder("a", "b");
    assertThat(gentlest.surfaces()).allSatisfy(s -> assertThat(s.loss()).isZero());
    CabinMatch balanced = MATCHER.cabin(cabin, shelf, "balanced", Decisions.NONE);
    assertThat(bottles(balanced)).containsOnly("both");
    assertThat(balanced.surfaces())
        .allSatisfy(s -> assertThat(s.loss()).isPositive().isLessThanOrEqualTo(0.1));
    assertThat(balanced.lowerBound()).isLessThanOrEqualTo(balanced.cost());
  }

  private static List<String> bottles(CabinMatch cabin) {
    return cabin.surfaces().stream()
        .map(s -> s.ladder().get(0).treatment().cleaner().orElseThrow().id())
        .toList();
  }
}
