package attune.app.handover;

import attune.app.handover.ReportLinks.LinkView;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The customer's report behind a private link. */
@RestController
@RequestMapping("/api/v1")
class ReportController {
  /** How long a link is good for. */
  record LinkRequest(int days) {}

  private final ReportLinks links;

  ReportController(ReportLinks links) {
    this.links = links;
  }

  @GetMapping("/jobs/{id}/handover/links")
  List<LinkView> links(@PathVariable UUID id) {
    return links.of(id);
  }

  @PostMapping("/jobs/{id}/handover/links")
  @ResponseStatus(HttpStatus.CREATED)
  LinkView make(@PathVariable UUID id, @RequestBody LinkRequest request) {
    return links.make(id, request.days());
  }

  @DeleteMapping("/jobs/{id}/handover/links/{linkId}")
  List<LinkView> revoke(@PathVariable UUID id, @PathVariable UUID linkId) {
    return links.revoke(id, linkId);
  }

  @GetMapping("/reports/{token}")
  HandoverView report(@PathVariable String token) {
    return links.open(token);
  }
}
