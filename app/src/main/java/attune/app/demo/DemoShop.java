package attune.app.demo;

import attune.app.shop.ShopService;
import attune.app.shop.ShopSettings;
import attune.app.shop.ShopSettings.Person;
import java.util.List;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Who works at Lantern Yard Trim Care, and what an hour of it costs. */
@Component
@ConditionalOnProperty("attune.demo")
class DemoShop {
  private final ShopService shop;

  DemoShop(ShopService shop) {
    this.shop = shop;
  }

  void open() {
    ShopSettings s = shop.settings();
    shop.change(
        s.staffed(
            List.of(
                new Person("Mira Holt", true, null, null),
                new Person("Tobin Reyl", true, "09:00", null),
                new Person("Ines Quay", false, null, "16:00")),
            62.0,
            20.0));
  }
}
