package attune.core.train;

import attune.core.check.Coded;

/** Courses from the first day to master, in their order. */
public enum Course implements Coded {
  FIRST_DAY,
  WET_WORK,
  DELICATE,
  PROTECT,
  MASTER
}
