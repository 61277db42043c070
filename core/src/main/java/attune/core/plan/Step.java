package attune.core.plan;

import attune.core.check.Coded;

/** Steps of a visit, in the order they are done; a rest may come anywhere. */
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

  /** True where a product is laid on that stays. */
  public boolean lays() {
    return switch (this) {
      case CONDITION, PROTECT, BARRIER, COAT, DRESS, REFINISH -> true;
      default -> false;
    };
  }
}
