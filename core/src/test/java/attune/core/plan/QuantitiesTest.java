package attune.core.plan;

import static attune.core.survey.Condition.Level.HEAVY;
import static attune.core.survey.Condition.Level.LIGHT;
import static attune.core.survey.Wishes.Protection.COATING;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import attune.core.AProduct;
import attune.core.ASurface;
import attune.core.ATool;
import attune.core.Given;
import attune.core.match.ReasonCode;
import attune.core.measure.PhNature;
import attune.core.plan.Plan.ClothCount;
import attune.core.plan.Plan.PlannedDose;
import attune.core.plan.Plan.PlannedMix;
import attune.core.shelf.Product;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Shelf;
import attune.core.shelf.Soil;
import attune.core.survey.Surface;
import attune.core.survey.Surface.Tone;
import org.junit.jupiter.api.Test;

/** Bottles, doses and cloths of a whole job. */
class QuantitiesTest {
  private static final Product CONCENTRATE =
      AProduct.of("concentrate", ProductRole.CLEANER)
          .strength(6)
          .goodAt(Soil.SKIN_OIL)
          .dilutes("1:10", "1:8", "1:8")
          .ph(9, PhNature.BUFFERED)
          .dwell(30, 60)
          .onHand(500)
          .build();
  private static final Product COAT =
      AProduct.of("coat", ProductRole.COATING)
          .dose(5)
          .flashes(180, 300)
          .cures(43_200, 604_800)
          .onHand(50)
          .build();

  private static Surface seat(String id, double area) {
    return ASurface.of("vinyl/coated-textile")
        .id(id)
        .area(area)
        .soiled(LIGHT)
        .protect(COATING)
        .build();
  }

  private static Plan plan(Product coating, Surface... surfaces) {
    Shelf shelf = Given.shelf(CONCENTRATE, coating, ATool.SOFT_BRUSH, ATool.BARRIER_PAD);
    return Given.plan(shelf, surfaces);
  }

  @Test
  void oneBottleForEachCleanerAndRatioALittleOverTheNeed() {
    Plan plan = plan(COAT, seat("left", 0.6), seat("right", 0.6));
    assertThat(plan.mixes()).hasSize(1);
    PlannedMix mix = plan.mixes().get(0);
    assertThat(mix.surfaceIds()).containsExactly("left", "right");
    assertThat(mix.mix().bottleMl()).isGreaterThanOrEqualTo(mix.neededMl());
    assertThat(mix.mix().bottleMl()).isIn(20.0, 50.0, 100.0, 250.0, 500.0);
    assertThat(mix.mix().productMl()).as("can be measured").isGreaterThanOrEqualTo(2);
    assertThat(mix.effectivePh()).isPresent();
  }

  @Test
  void twoFrontSeatsAndFourArmrestsTakeAQuarterBottleOfCoating() {
    Plan plan = plan(COAT, seat("left", 1.0), seat("right", 1.0), seat("armrests", 0.4));
    PlannedDose dose = plan.doses().get(0);
    assertThat(dose.ml()).isBetween(12.0, 13.0);
    assertThat(dose.share().orElseThrow()).isCloseTo(0.25, within(0.01));
    assertThat(dose.coatsPossible()).contains(4);
    assertThat(dose.counted().drops()).isEqualTo(250);
  }

  @Test
  void aShortBottleIsSaidWithHowMuchIsMissing() {
    Product nearlyGone =
        AProduct.of("coat", ProductRole.COATING).dose(5).flashes(180, 300).onHand(4).build();
    Plan plan = plan(nearlyGone, seat("left", 1.0), seat("right", 1.0));
    assertThat(plan.purchases())
        .filteredOn(p -> p.code() == ReasonCode.STOCK_SHORT)
        .singleElement()
        .satisfies(p -> assertThat(p.ml()).contains(7.0));
  }

  @Test
  void clothsAreCountedByUseAndPaleTrimAsksForColourfastOnes() {
    Surface pale =
        ASurface.of("vinyl/coated-textile")
            .tone(Tone.PALE)
            .area(1)
            .soiled(HEAVY)
            .protect(COATING)
            .build();
    Plan plan = plan(COAT, pale);
    assertThat(plan.cloths())
        .extracting(ClothCount::use)
        .containsExactly(ClothUse.CLEANING, ClothUse.COATING);
    assertThat(plan.cloths()).allMatch(ClothCount::colourfastOnly);
  }

  @Test
  void dirtierTakesMoreClothsAndMoreCleaner() {
    ASurface panel = ASurface.of("vinyl/coated-textile").area(2);
    Plan light = plan(COAT, panel.soiled(LIGHT).build());
    Plan heavy = plan(COAT, panel.soiled(HEAVY).build());
    assertThat(heavy.cloths().get(0).count()).isGreaterThanOrEqualTo(light.cloths().get(0).count());
    assertThat(heavy.mixes().get(0).neededMl()).isGreaterThan(light.mixes().get(0).neededMl());
  }

  @Test
  void aCleanCabinNeedsNothing() {
    Plan plan = plan(COAT, ASurface.of("vinyl/coated-textile").build());
    assertThat(plan.mixes()).isEmpty();
    assertThat(plan.doses()).isEmpty();
    assertThat(plan.cloths()).isEmpty();
    assertThat(plan.purchases()).isEmpty();
  }
}
