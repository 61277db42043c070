package attune.core.plan;

import attune.core.match.Place;
import java.util.List;
import java.util.Set;

/** What goes on after cleaning, as it is sold and as it may be left out. */
public enum FinishGroup {
  COATING(Omission.COATING),
  SHIELD_YOUNG_HIDE(Omission.SHIELD_YOUNG_HIDE),
  CARE_OLDER_HIDE(Omission.CARE_OLDER_HIDE),
  DRESSING(Omission.DRESSING);

  private final Omission omission;

  FinishGroup(Omission omission) {
    this.omission = omission;
  }

  /**
   * Group of a step on a panel. A coating is a group of its own, with what prepares for it; hide is
   * shielded young and cared for older.
   *
   * @param coated true where the panel gets a coating too
   * @param youngMonths hide up to this age is young
   */
  public static FinishGroup of(Step step, Place place, boolean coated, int youngMonths) {
    boolean prepares = step == Step.RESIDUE || step == Step.LEVEL;
    if (step == Step.COAT || coated && prepares) {
      return COATING;
    }
    if (!place.finish().isHide()) {
      return DRESSING;
    }
    return place.surface().ageMonths() <= youngMonths ? SHIELD_YOUNG_HIDE : CARE_OLDER_HIDE;
  }

  /** What is left of the steps of a panel. */
  static List<FinishStep> without(
      Set<Omission> leftOut, Place place, List<FinishStep> steps, int youngMonths) {
    return steps.stream()
        .filter(step -> !leftOut.contains(Omission.BARRIER) || step.step() != Step.BARRIER)
        .filter(step -> !leftOut.contains(of(step.step(), place, false, youngMonths).omission))
        .map(step -> leftOut.contains(Omission.SECOND_COAT) ? step.inOneCoat() : step)
        .toList();
  }
}
