package attune.core.bench;

import attune.core.survey.Stain;
import java.util.Optional;

/**
 * A stain that is met by itself.
 *
 * @param ml remover over all passes
 * @param kind empty in plans from before it was written
 */
public record FrozenSpot(double cm2, double ml, Optional<Stain.Kind> kind) {}
