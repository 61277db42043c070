package attune.core.match;

import java.util.List;

/**
 * Why something is not what is done on a surface, and what would have to change.
 *
 * @param reasons against it; empty where it could be used as it is
 * @param remedies what would make it usable, the gentlest first; or that nothing would
 */
public record Why(List<Reason> reasons, List<Remedy> remedies) {
  /**
   * One change.
   *
   * @param possible false where it says that nothing helps
   * @param treatment the whole treatment after the change, where the change makes one
   */
  public record Remedy(boolean possible, String text, java.util.Optional<Treatment> treatment) {}

  public Why {
    reasons = List.copyOf(reasons);
    remedies = List.copyOf(remedies);
  }
}
