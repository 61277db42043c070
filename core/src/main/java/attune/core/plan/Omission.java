package attune.core.plan;

import attune.core.check.Coded;

/** What is left out of a visit to be done sooner. */
public enum Omission implements Coded {
  SECOND_COAT,
  TEXTILES,
  BARRIER,
  COATING
}
