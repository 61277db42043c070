package attune.core.train;

import attune.core.check.Coded;

/** What a lesson trains; progress is kept by it. */
public enum Kind implements Coded {
  TELL,
  READ,
  CHOOSE,
  MIX,
  PACE,
  TECHNIQUE,
  STOP,
  PLAN,
  HAND_OVER,
  /** By hand, on a model panel. */
  WORK
}
