package attune.app.handover;

import attune.app.handover.ReportLinks.LinkView;
import java.util.List;
import java.util.UUID;
import org.springframework.core.io.Resource;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The customer's report behind a private link. */
@RestController
@RequestMapping("/api/v1")
class ReportController {
  /** How long a link is good for. */
  record LinkRequest(int days) {}

  private final ReportLinks links;
  private final ReportPdfs reports;

  ReportController(ReportLinks links, ReportPdfs reports) {
    this.reports = reports;
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

  @GetMapping(path = "/reports/{token}/photos/{photoId}", produces = MediaType.IMAGE_JPEG_VALUE)
  Resource picture(@PathVariable String token, @PathVariable UUID photoId) {
    return links.picture(token, photoId);
  }

  @GetMapping(path = "/reports/{token}/report.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  byte[] pdf(@PathVariable String token, @RequestParam(defaultValue = "a4") String paper) {
    return links.pdf(token, paper);
  }

  /** The report as a file to send; paper is a4 or letter. */
  @GetMapping(path = "/jobs/{id}/handover/report.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  byte[] pdf(@PathVariable UUID id, @RequestParam(defaultValue = "a4") String paper) {
    return reports.write(id, paper);
  }

  /** What was applied, for the logbook of an aircraft; paper is a4 or letter. */
  @GetMapping(path = "/jobs/{id}/handover/logbook.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  byte[] logbook(@PathVariable UUID id, @RequestParam(defaultValue = "a4") String paper) {
    return reports.logbook(id, paper);
  }

  @GetMapping("/reports/{token}")
  HandoverView report(@PathVariable String token) {
    return links.open(token);
  }
}
