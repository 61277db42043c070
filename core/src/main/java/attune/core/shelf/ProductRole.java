package attune.core.shelf;

import attune.core.check.Coded;

/** What a product is for. */
public enum ProductRole implements Coded {
  DUSTING_AID,
  CLEANER,
  ALL_IN_ONE,
  MULTI_SURFACE_CLEANER,
  TEXTILE_SHAMPOO,
  SPOT_REMOVER,
  DEGREASER,
  SCREEN_CLEANER,
  RESIDUE_REMOVER,
  CONDITIONER,
  RESTORING_OIL,
  PROTECTANT,
  DYE_BARRIER,
  COATING,
  NAP_PROTECTOR,
  PLASTIC_RESTORER,
  ODOUR_NEUTRALISER,
  COLOUR_TOUCH_UP,
  DISINFECTANT;

  /** True for what takes soil off. */
  public boolean cleans() {
    return switch (this) {
      case CLEANER,
          ALL_IN_ONE,
          MULTI_SURFACE_CLEANER,
          TEXTILE_SHAMPOO,
          SPOT_REMOVER,
          DEGREASER,
          SCREEN_CLEANER,
          RESIDUE_REMOVER ->
          true;
      default -> false;
    };
  }
}
