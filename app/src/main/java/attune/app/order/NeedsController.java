package attune.app.order;

import attune.app.order.NeedsService.Need;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What a week's jobs will need of each product. */
@RestController
@RequestMapping("/api/v1/needs")
class NeedsController {
  private final NeedsService needs;

  NeedsController(NeedsService needs) {
    this.needs = needs;
  }

  @GetMapping
  List<Need> needs(@RequestParam(defaultValue = "7") int days) {
    return needs.needs(days);
  }
}
