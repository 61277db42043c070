package attune.core.match;

import java.util.List;
import java.util.Optional;

/**
 * What to do about one surface's soil.
 *
 * @param ladder rungs from mildest to firmest; empty when there is nothing to clean or nothing may
 *     be done
 * @param refer why a repairer or a licensed workshop is to see it, or empty
 * @param cautions in a fixed order, each code once
 * @param ruledOut what was left out and why, by kind and id
 */
public record SurfaceMatch(
    Place place,
    List<Rung> ladder,
    Optional<Reason> refer,
    List<Reason> cautions,
    List<RuledOut> ruledOut) {
  public SurfaceMatch {
    ladder = List.copyOf(ladder);
    cautions = List.copyOf(cautions);
    ruledOut = List.copyOf(ruledOut);
  }
}
