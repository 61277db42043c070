package attune.core.shelf;

import attune.core.check.Coded;

/** How slippery a product leaves a surface. */
public enum Slip implements Coded {
  NONE,
  SLIGHT,
  SLIPPERY
}
