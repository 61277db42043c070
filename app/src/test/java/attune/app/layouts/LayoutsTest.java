package attune.app.layouts;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.format.Schemas;
import attune.app.format.ShelfReader;
import attune.app.reference.ReferenceData;
import attune.core.check.Coded;
import attune.core.material.Role;
import java.util.HashSet;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.json.JsonMapper;

class LayoutsTest {
  private static final JsonMapper MAPPER = JsonMapper.shared();
  private static final ReferenceData REFERENCE =
      new ReferenceData(new ShelfReader(new Schemas(), MAPPER));

  @ParameterizedTest
  @ValueSource(strings = {"five-seat", "helm"})
  void aLayoutsPanelsAreDistinctInZonesThereAreAndOfFinishesThereAre(String code) {
    Layout layout = new Layouts(MAPPER, REFERENCE).get(code);
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
}
