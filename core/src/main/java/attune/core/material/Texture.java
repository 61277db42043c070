package attune.core.material;

import attune.core.check.Coded;

/** How deep the grain is, and how deep a tool reaches into it. */
public enum Texture implements Coded {
  SMOOTH,
  FINE,
  MEDIUM,
  DEEP
}
