package attune.app.day;

import attune.app.day.WatchService.WatchView;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What wants an eye kept on, over HTTP. */
@RestController
@RequestMapping("/api/v1/watch")
class WatchController {
  private final WatchService watch;

  WatchController(WatchService watch) {
    this.watch = watch;
  }

  @GetMapping
  List<WatchView> watch() {
    return watch.watch();
  }
}
