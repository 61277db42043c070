package attune.app.layouts;

import attune.core.check.Coded;

/** On which side of the cabin the wheel stands, as one sits in it. */
public enum Drive implements Coded {
  LEFT,
  RIGHT
}
