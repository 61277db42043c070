package attune.core.train;

import attune.core.check.Coded;

/** What an answer is worth, from best to worst. */
public enum Mark implements Coded {
  /** As the reference, or as good within a small loss. */
  RIGHT(1),
  /** Does no harm, and does not do it or costs more than it need. */
  WEAK(0.4),
  /** Does it at a cost to the trim. */
  HARSH(0.2),
  /** Ruins trim or hurts somebody. */
  DANGEROUS(0);

  private final double worth;

  Mark(double worth) {
    this.worth = worth;
  }

  /** 0 to 1. */
  public double worth() {
    return worth;
  }
}
