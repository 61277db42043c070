package attune.core.shelf;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What a shop may use for a job, sorted by id; a plain hand, a plain cloth and water are always
 * there.
 */
public record Shelf(List<Product> products, List<Tool> tools) {
  /** The same with what another has besides; what both have stays as it is here. */
  public Shelf with(Shelf other) {
    return new Shelf(
        Stream.concat(
                products.stream(),
                other.products.stream().filter(p -> findProduct(p.id()).isEmpty()))
            .toList(),
        Stream.concat(tools.stream(), other.tools.stream().filter(t -> findTool(t.id()).isEmpty()))
            .toList());
  }

  public Shelf {
    products = products.stream().sorted(Comparator.comparing(Product::id)).toList();
    tools = withAlwaysAtHand(tools).stream().sorted(Comparator.comparing(Tool::id)).toList();
  }

  private static List<Tool> withAlwaysAtHand(List<Tool> tools) {
    List<Tool> all = new ArrayList<>(tools);
    for (Tool plain : List.of(Tool.HAND, Tool.CLOTH)) {
      if (tools.stream().noneMatch(tool -> tool.kind() == plain.kind())) {
        all.add(plain);
      }
    }
    return all;
  }

  public Optional<Product> findProduct(String id) {
    return Stream.concat(products.stream(), Stream.of(Product.WATER))
        .filter(product -> product.id().equals(id))
        .findFirst();
  }

  public Optional<Tool> findTool(String id) {
    return tools.stream().filter(tool -> tool.id().equals(id)).findFirst();
  }

  public List<Product> withRole(ProductRole role) {
    return products.stream().filter(product -> product.is(role)).toList();
  }

  public List<Tool> ofKind(Tool.Kind kind) {
    return tools.stream().filter(tool -> tool.kind() == kind).toList();
  }
}
