package attune.core.plan;

import attune.core.check.Coded;

/**
 * Steps of a visit, in the order they are done; a rest may come anywhere. The meter is asked for by
 * a run alone, before anything is laid on: no plan has it as a task.
 */
public enum Step implements Coded {
  RECEIVE,
  INSPECT,
  PRECAUTIONS,
  DRY_SOIL,
  SHAVE,
  TEST_SPOT,
  CLEAN,
  CHECK,
  TEXTILE,
  DRY,
  METER,
  RESIDUE,
  CONDITION,
  PROTECT,
  BARRIER,
  COAT,
  DRESS,
  LEVEL,
  WAIT,
  REFINISH,
  HANDOVER,
  BREAK;

  /** True where soil is taken off wet or dry: the rungs of a ladder are its steps. */
  public boolean cleans() {
    return this == CLEAN || this == TEXTILE;
  }

  /** True where a product is laid on that stays. */
  public boolean lays() {
    return switch (this) {
      case CONDITION, PROTECT, BARRIER, COAT, DRESS, REFINISH -> true;
      default -> false;
    };
  }
}
