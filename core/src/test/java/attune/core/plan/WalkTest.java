package attune.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import attune.core.ASurface;
import attune.core.Given;
import attune.core.material.Role;
import attune.core.survey.Condition.Level;
import attune.core.survey.Surface;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Once round the car, top to bottom, whatever order the survey had the panels in. */
class WalkTest {
  private static final List<String> ROUND_THE_CAR =
      List.of(
          "overhead",
          "dash",
          "console",
          "front-left-seat",
          "front-left-door",
          "rear-left-seat",
          "third-left-seat",
          "rear-left-door",
          "rear-bench",
          "third-bench",
          "third-right-seat",
          "rear-right-seat",
          "rear-right-door",
          "front-right-seat",
          "front-right-door",
          "cockpit",
          "jamb-left",
          "floor",
          "steering-wheel",
          "a-zone-of-its-own",
          "b-zone-of-its-own");

  @Test
  void zonesComeOnceRoundTheCar() {
    List<String> zones = new ArrayList<>(ROUND_THE_CAR);
    Collections.shuffle(zones, new Random(3));
    assertThat(zones.stream().sorted(Walk.ZONES)).isEqualTo(ROUND_THE_CAR);
    assertThat(Walk.station("overhead")).isZero();
    assertThat(Walk.station("front-left-seat")).isLessThan(Walk.station("front-left-door"));
  }

  @Test
  void aSeatGoesFromTheHeadrestDownBolstersAfterTheFaces() {
    List<String> parts =
        List.of(
            "headrest",
            "back-centre",
            "cushion-centre",
            "cushion-bolster-left",
            "belt",
            "rear-of-back",
            "base",
            "switches",
            "pocket",
            "unheard-of");
    assertThat(walked(parts.stream().map(p -> seat(p).build()).toList())).isEqualTo(parts);
  }

  @Test
  void stagesWaitForEachOtherWhateverTheZone() {
    Surface screen = panel("dash", "screen", Role.SCREEN, "screen/coated");
    Surface headliner = panel("overhead", "headliner", Role.OVERHEAD, "textile/headliner");
    Surface rim = panel("dash", "wheel-rim", Role.GRIP, "leather/coated");
    Surface carpet = panel("front-left-floor", "carpet", Role.FLOOR, "textile/pile");
    Surface cushion = seat("cushion").build();
    assertThat(walked(List.of(screen, rim, carpet, cushion, headliner)))
        .containsExactly("headliner", "cushion", "carpet", "wheel-rim", "screen");
  }

  @ParameterizedTest
  @CsvSource({
    "dash, display, SCREEN, false, SCREENS",
    "steering-wheel, hub-screen, SCREEN, false, SCREENS",
    "overhead, headliner, OVERHEAD, true, OVERHEAD",
    "steering-wheel, hub, TRIM, false, WHEEL",
    "helm, rim, GRIP, false, WHEEL",
    "cockpit, yoke-left, GRIP, false, WHEEL",
    "console, lever-knob, GRIP, false, AROUND",
    "helm, rim-cover, TRIM, false, AROUND",
    "front-left, carpet, FLOOR, true, FLOOR",
    "front-left, brake, PEDAL, false, FLOOR",
    "floor, tunnel-side, TRIM, true, FLOOR",
    "floor, tunnel-side, TRIM, false, AROUND",
    "rear-left, seat-cloth, SEAT, true, AROUND"
  })
  void whichStageAPanelBelongsTo(
      String zone, String part, Role role, boolean textile, Walk.Stage stage) {
    Surface surface = ASurface.of("plastic/textured").at(zone, part).role(role).build();
    assertThat(Walk.stage(surface, textile)).isEqualTo(stage);
  }

  @ParameterizedTest
  @CsvSource({
    "dash, dash",
    "console-front, dash",
    "helm, dash",
    "front-left-seat, front-left",
    "front-left-door, front-left",
    "front-right-seat, front-right",
    "rear-left-seat, rear",
    "rear-bench, rear",
    "third-bench, third",
    "overhead, overhead"
  })
  void aSeatAndItsDoorAreOnePlaceToWorkFrom(String zone, String place) {
    assertThat(Walk.place(zone)).isEqualTo(place);
  }

  @Test
  void drySoilFallsFromWhatIsOverheadToWhatIsTroddenOn() {
    Surface mat = panel("floor", "mat", Role.FLOOR, "textile/pile");
    Surface seat = seat("cushion-centre").build();
    Surface lining = panel("roof", "lining", Role.OVERHEAD, "textile/headliner");
    assertThat(Given.plan(TimetableTest.SHOP, mat, seat, lining).timetable().rounds())
        .filteredOn(round -> round.step() == Step.DRY_SOIL)
        .singleElement()
        .extracting(Round::surfaceIds)
        .isEqualTo(List.of("lining", "cushion-centre", "mat"));
  }

  private static ASurface seat(String part) {
    return ASurface.of("leather/coated").id(part).at("front-left-seat", part).soiled(Level.LIGHT);
  }

  private static Surface panel(String zone, String part, Role role, String finish) {
    return ASurface.of(finish).id(part).at(zone, part).role(role).soiled(Level.LIGHT).build();
  }

  /** As the plan has them, from a survey that went about it the wrong way round. */
  private static List<String> walked(List<Surface> surfaces) {
    List<Surface> other = new ArrayList<>(surfaces);
    Collections.shuffle(other, new Random(11));
    return Given.plan(TimetableTest.SHOP, other.toArray(Surface[]::new)).surfaces().stream()
        .sorted(Walk.order())
        .map(p -> p.surface().id())
        .toList();
  }
}
