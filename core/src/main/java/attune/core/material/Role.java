package attune.core.material;

import attune.core.check.Coded;

/**
 * What a surface is for: decides what may be slippery on it and what an unknown finish could be.
 */
public enum Role implements Coded {
  SEAT,
  GRIP,
  PEDAL,
  CONTROL,
  SCREEN,
  TRIM,
  OVERHEAD,
  FLOOR;

  /** Held or trodden on while driving: nothing slippery goes on. */
  public boolean isControlled() {
    return this == GRIP || this == PEDAL || this == CONTROL;
  }
}
