package attune.core.measure;

import attune.core.check.Coded;

/** How a product's pH answers to dilution. */
public enum PhNature implements Coded {
  NEUTRAL_SURFACTANT,
  BUFFERED,
  STRONG_ALKALI,
  WEAK_ALKALI,
  WEAK_ACID
}
