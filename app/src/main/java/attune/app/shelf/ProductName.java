package attune.app.shelf;

import attune.core.shelf.Product;
import attune.core.shelf.Shelf;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;

/** What a product of a plan is called. */
public final class ProductName {
  private ProductName() {}

  /**
   * @param id of a product; null for water alone, an id the shelf has not is its own name
   */
  public static String of(Shelf shelf, @Nullable String id) {
    return id == null
        ? Phrases.of(ProductName.class).say("water")
        : shelf.findProduct(id).map(Product::name).orElse(id);
  }
}
