package attune.core.train;

import attune.core.check.Coded;
import attune.core.material.Role;
import attune.core.material.Texture;
import attune.core.reference.Table;
import attune.core.shelf.Soil;
import attune.core.survey.Surface.Feature;
import attune.core.words.Phrases;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A kind of panel that exercises are made of.
 *
 * @param areaM2 as such panels usually are
 * @param soils that are usual there, the usual one first
 */
public record Model(
    String id,
    String zone,
    String part,
    String name,
    Role role,
    Texture texture,
    double areaM2,
    double seamM,
    List<Soil> soils,
    Set<Feature> features) {
  public Model {
    soils = List.copyOf(soils);
    features = Set.copyOf(features);
  }

  /** Reads the shipped table. */
  public static List<Model> read(String file, List<String> lines) {
    return Table.read(
        file,
        lines,
        row ->
            new Model(
                row.text("id"),
                row.text("zone"),
                row.text("part"),
                Phrases.marked(row.text("name")),
                Coded.parse(Role.class, row.text("role")),
                Coded.parse(Texture.class, row.text("texture")),
                row.number("area_m2"),
                row.number("seam_m"),
                row.list("soils").stream().map(s -> Coded.parse(Soil.class, s)).toList(),
                row.list("features").stream()
                    .map(f -> Coded.parse(Feature.class, f))
                    .collect(Collectors.toSet())));
  }
}
