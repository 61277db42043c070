package attune.app.shelf;

import attune.core.measure.Ratio;
import attune.core.shelf.Product;
import attune.core.shelf.Shelf;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;

/** What a product of a plan is called. */
public final class ProductName {
  private static final Phrases PHRASES = Phrases.of(ProductName.class);

  private ProductName() {}

  /**
   * A bottle with the ratio it is mixed at; by its name alone as it comes.
   *
   * @param ratio its code, or null where it is not known
   */
  public static String mixed(String bottle, @Nullable String ratio) {
    return ratio == null || ratio.equals(Ratio.READY.code())
        ? bottle
        : PHRASES.say("mixed", bottle, ratio);
  }

  /**
   * @param id of a product; null for water alone, an id the shelf has not is its own name
   */
  public static String of(Shelf shelf, @Nullable String id) {
    return id == null ? PHRASES.say("water") : shelf.findProduct(id).map(Product::name).orElse(id);
  }
}
