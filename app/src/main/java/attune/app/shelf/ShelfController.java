package attune.app.shelf;

import attune.app.format.ShelfFile;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The shelf over HTTP, as an attune-shelf file. */
@RestController
@RequestMapping("/api/v1/shelf")
class ShelfController {
  private final ShelfService shelf;

  ShelfController(ShelfService shelf) {
    this.shelf = shelf;
  }

  @GetMapping
  ShelfFile shelf() {
    return shelf.file();
  }
}
