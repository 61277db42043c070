package attune.core.bench;

import attune.core.measure.Ratio;
import java.util.Optional;

/**
 * What a panel is wiped off with.
 *
 * @param productId empty for a damp cloth
 * @param ml of it as it is mixed, over all passes
 */
public record FrozenResidue(Optional<String> productId, Ratio ratio, int passes, double ml) {}
