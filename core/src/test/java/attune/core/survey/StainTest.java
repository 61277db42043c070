package attune.core.survey;

import static org.assertj.core.api.Assertions.assertThat;

import attune.core.measure.SquareMetres;
import attune.core.shelf.Soil;
import attune.core.survey.Condition.Feel;
import attune.core.survey.Condition.Level;
import attune.core.survey.Condition.Nap;
import attune.core.survey.Condition.Perforations;
import attune.core.survey.Condition.Wear;
import attune.core.survey.Stain.Extent;
import attune.core.survey.Stain.Kind;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** How far a stain goes, told or not. */
class StainTest {
  private static Condition found(Level level, Set<Soil> soils, Integer days, Stain... told) {
    return new Condition(
        level,
        soils,
        Wear.INTACT,
        Feel.SUPPLE,
        Nap.OPEN,
        Perforations.OPEN,
        Set.of(),
        Optional.ofNullable(days),
        Optional.empty(),
        List.of(told));
  }

  private static Stain stain(Kind kind, Extent extent) {
    return new Stain(kind, extent, Optional.empty(), Optional.empty());
  }

  @ParameterizedTest(name = "{0} of {1} cm² on {2} m²: {3} m²")
  @CsvSource({
    "SPOT, , 0.3, 0.0025",
    "STREAK, , 0.3, 0.01",
    "PANEL, , 0.3, 0.3",
    "SPOT, 6, 0.3, 0.0006",
    "SPOT, 0.5, 0.3, 0.0005",
    "SPOT, 9000, 0.3, 0.3",
    "STREAK, , 0.002, 0.002",
  })
  void isAsLargeAsToldButNoSmallerThanAFingertipNorLargerThanItsPanel(
      Extent extent, Double cm2, double panel, double area) {
    Stain stain = new Stain(Kind.INK, extent, Optional.ofNullable(cm2), Optional.empty());
    assertThat(stain.area(new SquareMetres(panel)).value()).isEqualTo(area);
  }

  @ParameterizedTest
  @EnumSource(
      value = Soil.class,
      names = {"INK", "ADHESIVE", "POLISH", "MOULD"})
  void sitsInASpotWhereNobodySaidHowFarItGoes(Soil soil) {
    Condition condition = found(Level.MODERATE, Set.of(Soil.SKIN_OIL, soil), 40);
    assertThat(condition.stains())
        .singleElement()
        .satisfies(
            stain -> {
              assertThat(stain.kind().soil()).isEqualTo(soil);
              assertThat(stain.extent()).isEqualTo(Extent.SPOT);
              assertThat(stain.ageDays()).contains(40);
            });
    assertThat(condition.overall()).containsExactly(Soil.SKIN_OIL);
  }

  @Test
  void liesOverThePanelWhereThatWasTold() {
    Condition condition =
        found(Level.MODERATE, Set.of(Soil.INK), null, stain(Kind.INK, Extent.PANEL));
    assertThat(condition.overall()).containsExactly(Soil.INK);
    assertThat(condition.stains()).hasSize(1);
  }

  @Test
  void takesASoilOutOfWhatLiesOverAll() {
    Condition condition =
        found(
            Level.LIGHT,
            Set.of(Soil.SKIN_OIL, Soil.FOOD_DRINK),
            null,
            stain(Kind.FOOD_DRINK, Extent.STREAK));
    assertThat(condition.overall()).containsExactly(Soil.SKIN_OIL);
    assertThat(condition.spots()).hasSize(1);
  }

  @Test
  void ofMouldIsNoSpotToWorkOnButStopsThePanel() {
    Condition told = found(Level.LIGHT, Set.of(), null, stain(Kind.MOULD, Extent.SPOT));
    assertThat(told.hasMould()).isTrue();
    assertThat(told.spots()).isEmpty();
    assertThat(found(Level.LIGHT, Set.of(Soil.MOULD), null).hasMould()).isTrue();
    assertThat(found(Level.LIGHT, Set.of(Soil.INK), null).hasMould()).isFalse();
  }

  @Test
  void ofBloodTakesWhatFoodTakesAndGlueWhatAdhesiveTakes() {
    assertThat(Kind.BLOOD.soil()).isEqualTo(Soil.FOOD_DRINK);
    assertThat(Kind.GLUE.soil()).isEqualTo(Soil.ADHESIVE);
    for (Soil soil : Soil.values()) {
      assertThat(Kind.of(soil).soil()).isEqualTo(soil);
    }
  }

  @Test
  void whatHasToBeBareIsNeverCleanerThanALightFilm() {
    assertThat(found(Level.NONE, Set.of(), null).atLeastLight().soil()).isEqualTo(Level.LIGHT);
    Condition heavy = found(Level.HEAVY, Set.of(), null);
    assertThat(heavy.atLeastLight()).isSameAs(heavy);
  }
}
