package attune.core.match;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import attune.core.AProduct;
import attune.core.ATool;
import attune.core.Given;
import attune.core.match.Treatment.ApplyTo;
import attune.core.match.Treatment.Warmth;
import attune.core.material.Texture;
import attune.core.measure.Celsius;
import attune.core.measure.PhInterval;
import attune.core.measure.Ratio;
import attune.core.shelf.Product;
import attune.core.shelf.Soil;
import attune.core.shelf.Tool;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Model 2's first set of figures, factor by factor: chemistry, mechanics, heat, time. */
class CleaningActionTest {
  private static final CleaningAction ACTION = new CleaningAction(Given.FIGURES);
  private static final Celsius MILD = new Celsius(20);

  private static double on(Soil soil, boolean setDye, Product cleaner, Tool tool, double ph) {
    Treatment treatment =
        new Treatment(Optional.of(cleaner), Ratio.READY, tool, ApplyTo.TOOL, 15, Warmth.NONE, 20);
    return ACTION.on(
        soil, setDye, treatment, Optional.of(new PhInterval(ph, ph)), Texture.MEDIUM, MILD);
  }

  @ParameterizedTest(name = "{0} at pH {2}: {3}")
  @CsvSource({
    "SKIN_OIL, 5, 7, 0.305", // 1 × (0.35 + 0.13·2) × 1 × 20/(20+20)
    "SKIN_OIL, 5, 9, 0.3965", // grease: × (1 + 0.15·2)
    "SKIN_OIL, 5, 13, 0.488", // × 1.6 at the most
    "SKIN_OIL, 10, 7, 0.61",
    "DUST, 5, 9, 0.305", // any damp cloth takes it, and it is no grease
    "DENIM_DYE, 5, 9, 0.122", // not made for it: × 0.4
  })
  void aSoftBrushFor20Seconds(Soil soil, double strength, double ph, double action) {
    Product cleaner = AProduct.cleaner("c", strength).goodAt(Soil.SKIN_OIL).build();
    assertThat(on(soil, false, cleaner, ATool.SOFT_BRUSH, ph)).isCloseTo(action, within(1e-9));
  }

  @Test
  void eachStepTheToolFallsShortOfTheGrainCosts() {
    Product cleaner = AProduct.cleaner("c", 5).build();
    double soft = on(Soil.SKIN_OIL, false, cleaner, ATool.SPONGE, 7);
    assertThat(soft).isCloseTo((0.35 + 0.13) * 0.6 * 0.5, within(1e-9));
  }

  @Test
  void dyeThatHasSetComesHarder() {
    Product cleaner = AProduct.cleaner("c", 5).goodAt(Soil.DENIM_DYE).build();
    double fresh = on(Soil.DENIM_DYE, false, cleaner, ATool.SOFT_BRUSH, 7);
    double set = on(Soil.DENIM_DYE, true, cleaner, ATool.SOFT_BRUSH, 7);
    assertThat(set / fresh).isCloseTo(Given.FIGURES.get("cleaning.set-dye-factor"), within(1e-9));
    assertThat(on(Soil.SKIN_OIL, true, cleaner, ATool.SOFT_BRUSH, 7))
        .isEqualTo(on(Soil.SKIN_OIL, false, cleaner, ATool.SOFT_BRUSH, 7));
  }

  @Test
  void dryItLiftsNothingThatNozzleAndBrushDidNotTake() {
    Treatment dry =
        new Treatment(
            Optional.empty(), Ratio.READY, ATool.SOFT_BRUSH, ApplyTo.TOOL, 0, Warmth.NONE, 0);
    for (Soil soil : Soil.values()) {
      assertThat(ACTION.on(soil, false, dry, Optional.empty(), Texture.MEDIUM, MILD)).isZero();
    }
  }

  @Test
  void thinnerIsWeakerThanTheLabelsOwnRatioStrongerIsStronger() {
    Product concentrate = AProduct.cleaner("c", 4).dilutes("1:40", "1:10", "1:5").build();
    assertThat(ACTION.strength(concentrate, Ratio.parse("1:10"))).isEqualTo(4);
    double exponent = Given.FIGURES.get("cleaning.dilution-exponent");
    assertThat(ACTION.strength(concentrate, Ratio.parse("1:21")))
        .isCloseTo(4 * Math.pow(0.5, exponent), within(1e-9));
  }

  @Test
  void fifteenDegreesDoubleIt() {
    assertThat(ACTION.heat(new Celsius(35))).isCloseTo(2 * ACTION.heat(MILD), within(1e-9));
    assertThat(ACTION.heat(MILD)).isCloseTo(1, within(1e-9));
  }

  @Test
  void aDwellIsTheInverseOfItsShare() {
    assertThat(ACTION.dwell(0.5)).isCloseTo(20, within(1e-9));
    assertThat(ACTION.time(ACTION.dwell(0.8))).isCloseTo(0.8, within(1e-9));
    assertThat(ACTION.dwell(1)).isEqualTo(86_400);
  }
}
