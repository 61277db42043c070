package attune.core.match;

import static attune.core.match.CautionsTest.SHOP;
import static attune.core.survey.Condition.Level.LIGHT;
import static attune.core.survey.Condition.Level.MODERATE;
import static org.assertj.core.api.Assertions.assertThat;

import attune.core.ASurface;
import attune.core.Given;
import attune.core.shelf.Soil;
import attune.core.survey.Stain;
import attune.core.survey.Surface;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What is somebody else's work, and what heat would set. */
class BloodAndMouldTest {
  private static ASurface bloody(Stain.Extent extent) {
    return ASurface.of("textile/flat")
        .soiled(LIGHT, Soil.FOOD_DRINK)
        .stained(new Stain(Stain.Kind.BLOOD, extent, Optional.empty(), Optional.of(2)));
  }

  @Test
  void bloodOverMoreThanASpotStopsThePanel() {
    for (Stain.Extent extent : List.of(Stain.Extent.STREAK, Stain.Extent.PANEL)) {
      SurfaceMatch match = Given.match(bloody(extent).build(), SHOP);
      assertThat(match.ladder()).isEmpty();
      assertThat(match.refer()).map(Reason::code).contains(ReasonCode.BLOOD);
    }
  }

  /** Steam and warm water set it for good. */
  @Test
  void aSpotOfBloodIsNeverWarmed() {
    SurfaceMatch match = Given.match(bloody(Stain.Extent.SPOT).build(), SHOP);
    assertThat(match.ladder()).isNotEmpty();
    assertThat(match.ladder())
        .map(rung -> rung.treatment().warmth())
        .containsOnly(Treatment.Warmth.NONE);
    assertThat(match.cautions())
        .filteredOn(caution -> caution.code() == ReasonCode.BLOOD)
        .singleElement()
        .satisfies(caution -> assertThat(caution.text()).contains("gloves").contains("cold water"));
  }

  @ParameterizedTest
  @EnumSource(value = Treatment.Warmth.class, mode = EnumSource.Mode.EXCLUDE, names = "NONE")
  void heatOnBloodIsBarredWhoeverSetsIt(Treatment.Warmth warmth) {
    Place place = Given.place(bloody(Stain.Extent.SPOT).build());
    Treatment warm = warmed(Given.match(place.surface(), SHOP).ladder().get(0), warmth);
    assertThat(Given.JUDGE.judge(place, warm).reasons())
        .filteredOn(Reason::rulesOut)
        .map(Reason::code)
        .contains(ReasonCode.BLOOD);
  }

  private static Treatment warmed(Rung rung, Treatment.Warmth warmth) {
    Treatment cold = rung.treatment();
    return new Treatment(
        cold.cleaner(),
        cold.ratio(),
        cold.tool(),
        cold.applyTo(),
        cold.laid(),
        warmth,
        cold.dwellS());
  }

  @Test
  void mouldIsNeverCleanedOver() {
    Surface mouldy = ASurface.of("leather/coated").soiled(MODERATE, Soil.MOULD).build();
    assertThat(Given.match(mouldy, SHOP).ladder()).isEmpty();
  }
}
