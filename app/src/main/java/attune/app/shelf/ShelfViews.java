package attune.app.shelf;

import attune.app.format.Code;
import attune.core.shelf.ProductRole;
import jakarta.annotation.Nullable;
import java.util.List;

/** What goes out of the shelf endpoints. */
public final class ShelfViews {
  private ShelfViews() {}

  /**
   * What bringing a shelf file in does, or would do.
   *
   * @param done false for a dry run
   * @param added names of items that were not on the shelf
   * @param changed names of items whose record differs
   * @param same how many are there already as they are
   */
  public record ImportView(boolean done, List<String> added, List<String> changed, int same) {}

  /**
   * A product as it stands on a rule.
   *
   * @param strength as a cleaner at its usual ratio, 0 to 10; left out where it is not said
   * @param cleans true where it takes soil off, false where it stays on
   */
  public record ScaleView(
      String id,
      String name,
      @Nullable String maker,
      @Code(ProductRole.class) List<String> roles,
      @Nullable Double strength,
      boolean cleans,
      List<BandView> ph) {}

  /**
   * The pH a ratio comes to; left out where it is not known.
   *
   * @param usual true for the label's own ratio
   */
  public record BandView(
      String ratio, boolean usual, @Nullable Double low, @Nullable Double high) {}

  /** What an import is at. */
  public enum Stage {
    READING,
    CHECKING,
    STORING
  }

  /** How far an import is: rows read, or items stored. */
  public record ProgressView(Stage stage, int done, int of) {}
}
