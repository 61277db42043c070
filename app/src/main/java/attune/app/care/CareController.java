package attune.app.care;

import attune.app.care.CareViews.CareView;
import attune.app.care.CareViews.DoneRequest;
import jakarta.validation.Valid;
import java.util.UUID;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** After-care over HTTP. */
@RestController
@RequestMapping("/api/v1/jobs/{id}/care")
class CareController {
  private final CareService care;

  CareController(CareService care) {
    this.care = care;
  }

  @GetMapping
  CareView view(@PathVariable UUID id) {
    return care.view(id);
  }

  @PostMapping("/done")
  CareView done(@PathVariable UUID id, @Valid @RequestBody DoneRequest request) {
    return care.done(id, request);
  }

  @DeleteMapping("/done/{doneId}")
  CareView remove(@PathVariable UUID id, @PathVariable UUID doneId) {
    return care.remove(id, doneId);
  }
}
