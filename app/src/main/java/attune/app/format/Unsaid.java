package attune.app.format;

import attune.app.format.ShelfFile.ProductFile;
import attune.app.format.ShelfFile.ToolFile;
import attune.core.shelf.Product.Film;
import attune.core.shelf.Slip;
import java.util.Set;

/**
 * What a record does not say is the worst its kind can be, until it is said or tried (docs/trade,
 * judgement): a shelf with blanks still plans sturdy finishes, and nothing delicate pays for them.
 */
final class Unsaid {
  private static final int STIFF = 7;
  private static final double ALL_SOLVENT = 100;
  private static final Set<String> LAYS =
      Set.of("conditioner", "restoring-oil", "protectant", "dye-barrier", "all-in-one");
  private static final Set<String> CLEANS =
      Set.of("cleaner", "all-in-one", "multi-surface-cleaner", "textile-shampoo");
  private static final Set<String> LIFTS = Set.of("spot-remover", "degreaser");
  private static final Set<String> SCRUBS = Set.of("brush", "pad", "block");

  private Unsaid() {}

  /** A brush, pad or block may be as stiff as a carpet brush; cloth, sponge and hand are soft. */
  static int stiffness(ToolFile tool) {
    if (tool.stiffness() != null) {
      return tool.stiffness();
    }
    return SCRUBS.contains(tool.kind()) ? STIFF : 0;
  }

  /** A block or a pad may scour. */
  static boolean abrasive(ToolFile tool) {
    return tool.abrasive() == null ? Set.of("block", "pad").contains(tool.kind()) : tool.abrasive();
  }

  /** A cloth or an applicator may bleed. */
  static boolean dyed(ToolFile tool) {
    return tool.dyed() == null
        ? Set.of("cloth", "applicator", "waffle-cloth").contains(tool.kind())
        : tool.dyed();
  }

  /** What is laid on may be slippery. */
  static Slip slip(ProductFile product) {
    return product.roles().stream().anyMatch(LAYS::contains) ? Slip.SLIPPERY : Slip.NONE;
  }

  /** A cleaner may leave something a coating does not bond to. */
  static Film film(ProductFile product) {
    return product.roles().stream().anyMatch(CLEANS::contains) ? Film.PROTECTANT : Film.NONE;
  }

  /** A spray may be one that mists by itself. */
  static boolean aerosol(ProductFile product) {
    return product.aerosol() == null ? "spray".equals(product.form()) : product.aerosol();
  }

  /** A remover or a degreaser may be all solvent. */
  static double solventPercent(ProductFile product) {
    if (product.solventPercent() != null) {
      return product.solventPercent();
    }
    return product.roles().stream().anyMatch(LIFTS::contains) ? ALL_SOLVENT : 0;
  }
}
