package attune.core.run;

import attune.core.check.Coded;

/** What was seen on a cloth, a foam, a seam, a meter or under a lamp. */
public enum Seen implements Coded {
  CLEAN,
  SOIL,
  STUCK,
  COLOUR,
  DULLED,
  CANNOT_TELL,
  WHITE,
  BROWN,
  SEAM_DIRT,
  SEAM_DAMP,
  GLOSSY,
  DRY,
  DAMP,
  EVEN,
  HIGH_SOFT,
  HIGH_SET
}
