package attune.core.plan;

import attune.core.match.ReasonCode;
import attune.core.shelf.ProductRole;
import java.util.Optional;

/** Something to buy before the job can be done as planned. */
public record Purchase(
    ProductRole role, Optional<String> itemId, Optional<Double> ml, ReasonCode code, String text) {}
