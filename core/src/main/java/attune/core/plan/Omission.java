package attune.core.plan;

import attune.core.check.Coded;
import java.util.List;

/** What is left out of a visit: to be done sooner, or since the customer does not want it. */
public enum Omission implements Coded {
  SECOND_COAT,
  TEXTILES,
  BARRIER,
  COATING,
  SHIELD_YOUNG_HIDE,
  CARE_OLDER_HIDE,
  DRESSING;

  /** What a specialist leaves out of themselves where time is short; hide is never left bare so. */
  static final List<Omission> FOR_TIME = List.of(SECOND_COAT, TEXTILES, BARRIER, COATING);
}
