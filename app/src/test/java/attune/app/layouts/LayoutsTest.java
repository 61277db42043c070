package attune.app.layouts;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.format.Schemas;
import attune.app.format.ShelfReader;
import attune.app.reference.ReferenceData;
import attune.core.check.Coded;
import attune.core.material.Role;
import attune.core.survey.SeatZone;
import attune.core.survey.Surface;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.json.JsonMapper;

class LayoutsTest {
  private static final attune.app.format.Schemas SCHEMAS = new attune.app.format.Schemas();
  private static final JsonMapper MAPPER = JsonMapper.shared();
  private static final ReferenceData REFERENCE =
      new ReferenceData(new ShelfReader(new Schemas(), MAPPER));

  @ParameterizedTest
  @ValueSource(
      strings = {
        "two-seat",
        "four-seat",
        "five-seat",
        "seven-seat",
        "van",
        "helm",
        "light-aircraft",
        "single"
      })
  void aLayoutsPanelsAreDistinctInZonesThereAreAndOfFinishesThereAre(String code) {
    Layout layout = new Layouts(MAPPER, SCHEMAS, REFERENCE).get(code);
    Set<String> zones = new HashSet<>();
    layout.zones().forEach(zone -> zones.add(zone.id()));
    assertThat(layout.panels()).extracting(Layout.Panel::id).doesNotHaveDuplicates();
    assertThat(layout.panels())
        .allSatisfy(
            panel -> {
              assertThat(zones).contains(panel.zone());
              assertThat(panel.label()).isNotBlank();
              assertThat(panel.areaM2()).isBetween(0.0005, 50.0);
              assertThat(Coded.find(Role.class, panel.role())).isPresent();
              assertThat(panel.d()).startsWith("M").endsWith("Z");
            });
    for (String zone : zones) {
      assertThat(layout.panels()).anyMatch(panel -> panel.zone().equals(zone));
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"two-seat", "four-seat", "five-seat", "seven-seat", "van"})
  void aMirrorIsMirroredBackAndOfTheSameUse(String code) {
    Layout layout = new Layouts(MAPPER, SCHEMAS, REFERENCE).get(code);
    Map<String, Layout.Panel> byId =
        layout.panels().stream().collect(Collectors.toMap(Layout.Panel::id, Function.identity()));
    assertThat(layout.panels()).filteredOn(panel -> panel.mirror() != null).hasSizeGreaterThan(20);
    for (Layout.Panel panel : layout.panels()) {
      if (panel.mirror() != null) {
        Layout.Panel other = byId.get(panel.mirror());
        assertThat(other.mirror()).isEqualTo(panel.id());
        assertThat(other.role()).isEqualTo(panel.role());
        assertThat(other.areaM2()).isEqualTo(panel.areaM2());
        assertThat(other.side()).isNotEqualTo(panel.side());
      }
    }
  }

  @Test
  void withTheWheelOnTheRightTheWheelAndTheDriversWearAreThere() {
    Layout five = new Layouts(MAPPER, SCHEMAS, REFERENCE).get("five-seat");
    Layout right = five.driven(Drive.RIGHT);
    assertThat(panel(right, "wheel-rim").mirrored()).isTrue();
    assertThat(panel(right, "wheel-rim").at().get(0)).isGreaterThan(500);
    assertThat(panel(right, "dash-screen").mirrored()).isFalse();
    assertThat(panel(right, "fr-cushion-bolster-outer").likely()).hasSize(1);
    assertThat(panel(right, "fl-cushion-bolster-outer").likely()).isEmpty();
    assertThat(panel(five.driven(Drive.LEFT), "fl-cushion-bolster-outer").likely()).hasSize(1);
  }

  /** A zone nobody knows may be anybody's seat; those of whole cabins are known. */
  @Test
  void ofEachSeatOfACabinItIsKnownWhoSitsThere() {
    assertThat(new Layouts(MAPPER, SCHEMAS, REFERENCE).all())
        .filteredOn(layout -> !layout.code().equals("single"))
        .flatMap(Layout::panels)
        .filteredOn(panel -> panel.role().equals(Role.SEAT.code()))
        .extracting(Layout.Panel::zone)
        .isNotEmpty()
        .allMatch(SeatZone::isKnown);
    assertThat(Surface.isDriven(Role.SEAT, "own")).isTrue();
    assertThat(Surface.isDriven(Role.SEAT, "rear-bench")).isFalse();
  }

  private static Layout.Panel panel(Layout layout, String id) {
    return layout.panels().stream().filter(p -> p.id().equals(id)).findFirst().orElseThrow();
  }
}
