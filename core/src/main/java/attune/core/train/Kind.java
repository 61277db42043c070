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
  WORK,
  /** By hand too, a coating laid and levelled against the clock. */
  COAT;

  /** True where it is done and not answered. */
  public boolean isByHand() {
    return this == WORK || this == COAT;
  }
}
