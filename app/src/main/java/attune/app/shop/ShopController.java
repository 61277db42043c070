package attune.app.shop;

import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The shop's settings over HTTP. */
@RestController
@RequestMapping("/api/v1/shop")
class ShopController {
  private final ShopService shop;

  ShopController(ShopService shop) {
    this.shop = shop;
  }

  @GetMapping
  ShopSettings settings() {
    return shop.settings();
  }

  @PutMapping
  ShopSettings change(@Valid @RequestBody ShopSettings settings) {
    return shop.change(settings);
  }
}
