package attune.app.demo;

import attune.app.shelf.ClothService;
import attune.app.shelf.StockService;
import attune.app.shelf.StockViews.BottleForm;
import attune.app.shelf.StockViews.ClothEvent;
import attune.app.shelf.StockViews.ClothForm;
import attune.app.shelf.StockViews.ClothStep;
import attune.app.shelf.StockViews.ClothUse;
import jakarta.annotation.Nullable;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Bottles and cloths of the demo shop: some begun, one past its day, one nearly empty. */
@Component
@ConditionalOnProperty("attune.demo")
class DemoStock {
  private final StockService stock;
  private final ClothService cloths;
  private final Clock clock;

  DemoStock(StockService stock, ClothService cloths, Clock clock) {
    this.stock = stock;
    this.cloths = cloths;
    this.clock = clock;
  }

  void fill() {
    bottle("marlpit-mild", 500, 310, 40, 320, "MM-2207");
    bottle("marlpit-mild", 500, 500, null, 700, "MM-2311");
    bottle("harbourlight-coat", 50, 34, 90, 270, "HC-118");
    bottle("sedgecombe-balm", 250, 96, 200, 160, "SB-041");
    bottle("sedgecombe-guard", 500, 410, 60, 600, "SG-77");
    bottle("kelpbourne-sunshade", 500, 70, 480, -20, "KS-9");
    cloths.change(
        "cloth-white", new ClothForm("white", 8, List.of(ClothUse.CLEANING, ClothUse.LEVELLING)));
    cloths.step("cloth-white", new ClothStep(ClothEvent.USED, 6));
    cloths.change("cloth-charcoal", new ClothForm("charcoal", 8, List.of(ClothUse.CLEANING)));
    cloths.change("cloth-lint", new ClothForm("white", 4, List.of(ClothUse.COATING)));
  }

  private void bottle(
      String product,
      double size,
      double left,
      @Nullable Integer openedAgo,
      int goodFor,
      String batch) {
    LocalDate today = LocalDate.now(clock);
    stock.add(
        product,
        new BottleForm(
            size,
            left,
            openedAgo == null ? null : today.minusDays(openedAgo),
            today.plusDays(goodFor),
            batch));
  }
}
