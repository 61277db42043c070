package attune.core.plan;

import attune.core.check.Coded;

/** What a cloth is used for; never mixed. */
public enum ClothUse implements Coded {
  CLEANING,
  LEVELLING,
  COATING
}
