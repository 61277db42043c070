package attune.core.survey;

import attune.core.shelf.Shelf;
import java.util.List;

/**
 * Everything a plan is made from.
 *
 * @param craft what is worked on
 * @param historyKnown true when what was used before is known, even if that is nothing
 * @param surfaces at least one, ids unique, in the order surveyed
 */
public record Job(
    String title,
    Setting setting,
    Wishes wishes,
    HouseRules houseRules,
    Shelf shelf,
    Craft craft,
    boolean historyKnown,
    List<Surface> surfaces) {
  public Job {
    surfaces = List.copyOf(surfaces);
  }

  /** The same in another setting. */
  public Job on(Setting other) {
    return new Job(title, other, wishes, houseRules, shelf, craft, historyKnown, surfaces);
  }

  /** The same with other panels or other wishes for them. */
  public Job of(List<Surface> others) {
    return new Job(title, setting, wishes, houseRules, shelf, craft, historyKnown, others);
  }
}
