package attune.app.shelf;

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

  /** What an import is at. */
  public enum Stage {
    READING,
    CHECKING,
    STORING
  }

  /** How far an import is: rows read, or items stored. */
  public record ProgressView(Stage stage, int done, int of) {}
}
