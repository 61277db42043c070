package attune.app.damage;

import attune.app.damage.DamageService.DamageView;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Damage already there, over HTTP. */
@RestController
@RequestMapping("/api/v1/jobs/{id}/damage")
class DamageController {
  /** Who acknowledges. */
  record AcknowledgeRequest(
      @NotBlank(message = "{the-customers-name}")
          @Size(max = 120, message = "{at-most-120-characters}")
          String name) {}

  private final DamageService damage;

  DamageController(DamageService damage) {
    this.damage = damage;
  }

  @GetMapping
  DamageView of(@PathVariable UUID id) {
    return damage.of(id);
  }

  @PostMapping("/acknowledgement")
  DamageView acknowledge(@PathVariable UUID id, @Valid @RequestBody AcknowledgeRequest request) {
    return damage.acknowledge(id, request.name());
  }
}
