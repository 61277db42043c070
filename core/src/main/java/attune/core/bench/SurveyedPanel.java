package attune.core.bench;

import attune.core.material.Finish;
import attune.core.material.Role;
import attune.core.survey.Surface;
import java.util.Optional;

/**
 * What the survey says of a panel as far as a run asks for it; a survey may be changed, and be
 * unfinished, while its run goes on.
 *
 * @param zone empty where it is not said
 * @param areaM2 0 where it is not said
 */
public record SurveyedPanel(
    String id, Optional<Finish> finish, Optional<Role> role, String zone, double areaM2) {

  boolean isHeld() {
    return role.filter(Role::isControlled).isPresent();
  }

  boolean isDriven() {
    return role.filter(what -> Surface.isDriven(what, zone)).isPresent();
  }

  boolean isSatOn() {
    return role.filter(what -> what == Role.SEAT).isPresent();
  }
}
