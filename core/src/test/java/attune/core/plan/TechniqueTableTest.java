package attune.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import attune.core.AProduct;
import attune.core.ASurface;
import attune.core.ATool;
import attune.core.Given;
import attune.core.material.Role;
import attune.core.measure.PhNature;
import attune.core.shelf.Product;
import attune.core.shelf.Shelf;
import attune.core.shelf.Tool;
import attune.core.survey.Condition.Level;
import attune.core.survey.Surface;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the hands are told fits the tool in them and the place they are at. */
class TechniqueTableTest {
  private static final Product SOAP =
      AProduct.cleaner("soap", 9).ph(7.2, PhNature.NEUTRAL_SURFACTANT).dwell(20, 50).build();
  private static final Tool CLOTH = ATool.of(Tool.Kind.CLOTH);

  private static String kind(String finish, Role role, Tool tool) {
    Surface surface = ASurface.of(finish).role(role).soiled(Level.MODERATE).build();
    Shelf shelf = Given.shelf(SOAP, tool);
    return TechniqueTable.kind(Step.CLEAN, Given.plan(shelf, surface).surfaces());
  }

  @ParameterizedTest
  @CsvSource({"FLOOR, rubber", "PEDAL, pedal", "TRIM, seal"})
  void aMatIsCarriedOutAndASealOrAPedalIsNot(Role role, String expected) {
    assertThat(kind("rubber/seal-or-mat", role, ATool.LEATHER_BRUSH)).isEqualTo(expected);
  }

  @Test
  void aClothIsNotToldWhatABrushIs() {
    assertThat(kind("rubber/seal-or-mat", Role.FLOOR, CLOTH)).isEqualTo("rubber-wiped");
    assertThat(kind("textile/headliner", Role.OVERHEAD, CLOTH)).isEqualTo("headliner");
  }
}
