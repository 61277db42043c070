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
import attune.core.shelf.Soil;
import attune.core.shelf.Tool;
import attune.core.survey.Condition.Level;
import attune.core.survey.Craft;
import attune.core.survey.Job;
import attune.core.survey.Surface;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the hands are told fits the tool in them and the place they are at. */
class TechniqueTableTest {
  private static final Product SOAP =
      AProduct.cleaner("soap", 9).ph(7.2, PhNature.NEUTRAL_SURFACTANT).dwell(20, 50).build();
  private static final Tool CLOTH = ATool.of(Tool.Kind.CLOTH);

  private static final Shelf SHELF = Given.shelf(SOAP, ATool.SPONGE, ATool.SOFT_BRUSH, CLOTH);
  private static final TechniqueTable TABLE =
      TechniqueTable.read("technique.csv", Given.lines("technique.csv"));

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

  @ParameterizedTest
  @CsvSource({
    "console, lever-knob, lever",
    "helm, throttle-knob, lever",
    "cockpit, grab-rail, rail",
    "wheel, yoke, yoke",
    "wheel, rim, rim"
  })
  void neitherALeverNorARailHasSpokes(String zone, String part, String expected) {
    Surface grip =
        ASurface.of("metal/bright").role(Role.GRIP).at(zone, part).soiled(Level.MODERATE).build();
    assertThat(TechniqueTable.kind(Step.CLEAN, Given.plan(SHELF, grip).surfaces()))
        .isEqualTo(expected);
  }

  @Test
  void whatAPanelOfAnotherKindWantsIsSaidOfIt() {
    Surface back = ASurface.of("leather/coated").at("seat", "back").soiled(Level.MODERATE).build();
    Surface cushion =
        ASurface.of("leather/coated")
            .id("cushion")
            .at("seat", "cushion-centre")
            .perforated()
            .soiled(Level.MODERATE)
            .build();
    assertThat(lines(Step.CLEAN, back, cushion))
        .contains("Overlapping straight strokes with the weight of the tool alone.")
        .anyMatch(text -> text.startsWith("Cushion centre: Foam on the tool; never pushed into"));
  }

  @Test
  void nothingIsBlownAboutWhereThereIsMould() {
    Surface dusty = ASurface.of("leather/coated").soiled(Level.MODERATE, Soil.DUST).build();
    Surface mouldy =
        ASurface.of("textile/pile")
            .id("carpet")
            .role(Role.FLOOR)
            .soiled(Level.MODERATE, Soil.MOULD)
            .build();
    assertThat(lines(Step.DRY_SOIL, dusty)).anyMatch(text -> text.startsWith("Blow"));
    assertThat(lines(Step.DRY_SOIL, dusty, mouldy))
        .anyMatch(text -> text.startsWith("No air"))
        .noneMatch(text -> text.startsWith("Blow"));
  }

  @Test
  void noAirGoesIntoTheLinesBehindAnAircraftsInstruments() {
    Surface dusty = ASurface.of("leather/coated").soiled(Level.MODERATE, Soil.DUST).build();
    Surface gauges =
        ASurface.of("plastic/printed-controls")
            .id("gauges")
            .role(Role.CONTROL)
            .soiled(Level.MODERATE)
            .build();
    Job car = Given.job(Given.studio(), Given.RULES, SHELF, dusty, gauges);
    Job aircraft =
        new Job(
            car.title(),
            car.setting(),
            car.wishes(),
            car.houseRules(),
            car.shelf(),
            Craft.AIRCRAFT,
            car.historyKnown(),
            car.surfaces());
    assertThat(Drying.of(Given.PLANNER.place(aircraft, gauges), Given.FIGURES).how())
        .contains("no air");
    assertThat(Drying.of(Given.PLANNER.place(car, gauges), Given.FIGURES).how())
        .contains("air last");
    Plan plan = Given.PLANNER.plan(aircraft);
    assertThat(lines(Step.DRY_SOIL, plan))
        .anyMatch(text -> text.startsWith("No air at panel"))
        .noneMatch(text -> text.startsWith("Blow"));
  }

  private static List<String> lines(Step step, Surface... surfaces) {
    return lines(step, Given.plan(SHELF, surfaces));
  }

  private static List<String> lines(Step step, Plan plan) {
    return plan.timetable().rounds().stream()
        .filter(round -> round.step() == step)
        .flatMap(round -> TABLE.of(round, plan).stream())
        .map(TechniqueTable.Line::text)
        .toList();
  }

  @Test
  void aClothIsNotToldWhatABrushIs() {
    assertThat(kind("rubber/seal-or-mat", Role.FLOOR, CLOTH)).isEqualTo("rubber-wiped");
    assertThat(kind("textile/headliner", Role.OVERHEAD, CLOTH)).isEqualTo("headliner");
    assertThat(kind("textile/flat", Role.SEAT, CLOTH)).isEqualTo("fabric-wiped");
  }
}
