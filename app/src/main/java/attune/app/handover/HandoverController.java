package attune.app.handover;

import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The hand-over over HTTP. */
@RestController
@RequestMapping("/api/v1/jobs/{id}/handover")
class HandoverController {
  private final HandoverService handover;

  HandoverController(HandoverService handover) {
    this.handover = handover;
  }

  @GetMapping
  HandoverView view(@PathVariable UUID id) {
    return handover.view(id);
  }

  @PostMapping
  HandoverView close(@PathVariable UUID id) {
    return handover.close(id);
  }
}
