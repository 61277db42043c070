package attune.core.shelf;

import attune.core.check.Coded;

/** Families of soil, and whether alkali helps against them. */
public enum Soil implements Coded {
  DUST(false, false),
  SKIN_OIL(true, false),
  MAKE_UP(true, false),
  FOOD_DRINK(true, false),
  DENIM_DYE(false, true),
  INK(false, true),
  SHOE_SCUFF(false, false),
  SILICONE_FILM(true, false),
  POLISH(true, false),
  ADHESIVE(false, false),
  MOULD(false, false),
  WHITE_BLOOM(false, false),
  ODOUR(false, false);

  private final boolean grease;
  private final boolean dye;

  Soil(boolean grease, boolean dye) {
    this.grease = grease;
    this.dye = dye;
  }

  public boolean isGrease() {
    return grease;
  }

  public boolean isDye() {
    return dye;
  }

  /** Goes in with time, takes longer and may leave a shadow. */
  public boolean sets() {
    return dye || this == FOOD_DRINK;
  }
}
