package attune.core.match;

import java.util.List;

/**
 * A whole cabin's match.
 *
 * @param cost of the joint choice: bottles, tools and the loss of every panel, weighed
 * @param lowerBound no joint choice could cost less; equal to {@code cost} where it is proven best
 */
public record CabinMatch(List<SurfaceMatch> surfaces, double cost, double lowerBound) {
  public CabinMatch {
    surfaces = List.copyOf(surfaces);
  }
}
