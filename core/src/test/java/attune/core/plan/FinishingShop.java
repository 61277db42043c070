package attune.core.plan;

import attune.core.AProduct;
import attune.core.ATool;
import attune.core.Given;
import attune.core.shelf.Product;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Shelf;
import attune.core.shelf.Slip;

/** A shelf with one product of each finishing. */
final class FinishingShop {
  static final Product BALM =
      AProduct.of("balm", ProductRole.CONDITIONER)
          .dose(12)
          .absorbs(1200, 3600)
          .slip(Slip.SLIGHT)
          .build();
  static final Product COAT =
      AProduct.of("coat", ProductRole.COATING)
          .dose(5)
          .flashes(180, 300)
          .cures(43_200, 604_800)
          .coats(2)
          .onHand(50)
          .build();
  static final Product BARRIER_FILM =
      AProduct.of("barrier", ProductRole.DYE_BARRIER).dose(8).absorbs(600, 600).build();
  static final Product MATT =
      AProduct.of("matt", ProductRole.PROTECTANT).dose(8).sheen(0).absorbs(60, 60).build();
  static final Product GLOSSY =
      AProduct.of("glossy", ProductRole.PROTECTANT)
          .dose(8)
          .sheen(12)
          .absorbs(60, 60)
          .slip(Slip.SLIPPERY)
          .build();
  static final Product NAP = AProduct.of("nap-guard", ProductRole.NAP_PROTECTOR).dose(40).build();
  static final Product RESTORER =
      AProduct.of("restorer", ProductRole.PLASTIC_RESTORER).dose(6).build();
  static final Shelf SHOP =
      Given.shelf(
          AProduct.cleaner("cleaner", 5).build(),
          BALM,
          COAT,
          BARRIER_FILM,
          MATT,
          GLOSSY,
          NAP,
          RESTORER,
          ATool.SOFT_BRUSH,
          ATool.FOAM_PAD,
          ATool.BARRIER_PAD);

  private FinishingShop() {}
}
