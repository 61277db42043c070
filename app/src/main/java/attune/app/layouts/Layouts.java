package attune.app.layouts;

import attune.app.format.SchemaName;
import attune.app.format.Schemas;
import attune.app.reference.ReferenceData;
import attune.core.check.Coded;
import attune.core.check.InvalidInputException;
import attune.core.material.Role;
import attune.core.material.Texture;
import attune.core.words.Lists;
import attune.core.words.Phrases;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** All layouts by code; a broken layout stops start-up. */
@Component
public class Layouts {
  private static final Phrases PHRASES = Phrases.of(Layouts.class);

  private static final List<String> CODES =
      List.of(
          "five-seat",
          "two-seat",
          "four-seat",
          "seven-seat",
          "van",
          "helm",
          "light-aircraft",
          "single",
          "blank");

  private final Map<String, Layout> byCode = new LinkedHashMap<>();

  Layouts(JsonMapper mapper, Schemas schemas, ReferenceData reference) {
    for (String code : CODES) {
      String text = ReferenceData.text("/layouts/" + code + ".json");
      Layout layout = mapper.treeToValue(schemas.read(SchemaName.LAYOUT, text), Layout.class);
      check(layout, reference);
      byCode.put(code, layout);
    }
  }

  private static void check(Layout layout, ReferenceData reference) {
    Set<String> zones = layout.zones().stream().map(Layout.Zone::id).collect(Collectors.toSet());
    Set<String> ids = new HashSet<>();
    for (Layout.Panel panel : layout.panels()) {
      if (!ids.add(panel.id())) {
        throw new IllegalStateException(PHRASES.say("panel", layout.code(), panel.id()));
      }
      if (!zones.contains(panel.zone())) {
        throw new IllegalStateException(
            PHRASES.say("no-zone", layout.code(), panel.id(), panel.zone()));
      }
      Coded.parse(Role.class, panel.role());
      Coded.parse(Texture.class, panel.texture());
      reference.finishes().get(panel.guess());
      for (String beside :
          Stream.of(panel.mirror(), panel.behind()).filter(Objects::nonNull).toList()) {
        if (layout.panels().stream().noneMatch(other -> other.id().equals(beside))) {
          throw new IllegalStateException(
              PHRASES.say("no-panel", layout.code(), panel.id(), beside));
        }
      }
    }
  }

  public List<Layout> all() {
    return List.copyOf(byCode.values());
  }

  public Optional<Layout> find(String code) {
    return Optional.ofNullable(byCode.get(code));
  }

  /**
   * The layout with this code.
   *
   * @throws InvalidInputException naming the layouts there are
   */
  public Layout get(String code) {
    return find(code)
        .orElseThrow(
            () ->
                new InvalidInputException(
                    "/layout",
                    "\"" + code + "\"",
                    PHRASES.say("one-of", Lists.facts(byCode.keySet()))));
  }

  /** Panels of a layout by id, in its order; none for a layout that is not drawn. */
  public Map<String, Layout.Panel> panels(String code) {
    Map<String, Layout.Panel> panels = new LinkedHashMap<>();
    find(code).ifPresent(layout -> layout.panels().forEach(panel -> panels.put(panel.id(), panel)));
    return panels;
  }
}
