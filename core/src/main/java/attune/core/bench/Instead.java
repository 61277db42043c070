package attune.core.bench;

import attune.core.measure.Ratio;
import java.util.Optional;

/**
 * What was used instead of what was planned; what is left open is as planned.
 *
 * @param ratio empty too where nobody can read what was told
 */
public record Instead(Optional<String> productId, Optional<Ratio> ratio, Optional<String> toolId) {}
