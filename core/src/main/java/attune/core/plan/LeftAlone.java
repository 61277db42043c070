package attune.core.plan;

import attune.core.shelf.ProductRole;
import java.time.LocalDate;
import java.util.Optional;

/**
 * A finish that still holds from an earlier visit and so is not laid again (docs/trade, C22).
 *
 * @param productId what was laid then; empty where the record does not say
 * @param last when it was laid
 * @param next when its life is over
 */
public record LeftAlone(
    ProductRole role, Step step, Optional<String> productId, LocalDate last, LocalDate next) {}
