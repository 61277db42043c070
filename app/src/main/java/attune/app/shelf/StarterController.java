package attune.app.shelf;

import attune.app.shelf.Starters.Starter;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Plain tools to tick when a shop starts. */
@RestController
@RequestMapping("/api/v1/shelf/starters")
class StarterController {
  /** What is owned. */
  record Ticked(
      @NotNull(message = "{a-list-of-tools}") @Size(max = 100, message = "{at-most-100}")
          List<@NotNull(message = "{a-tool}") String> tools) {}

  private final Starters starters;

  StarterController(Starters starters) {
    this.starters = starters;
  }

  @GetMapping
  List<Starter> starters() {
    return starters.all();
  }

  @PostMapping
  List<Starter> take(@Valid @RequestBody Ticked ticked) {
    return starters.take(ticked.tools());
  }
}
