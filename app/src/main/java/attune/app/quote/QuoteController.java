package attune.app.quote;

import attune.app.jobs.JobService;
import attune.app.jobs.JobViews.JobDetail;
import attune.app.paper.Letterhead;
import attune.app.people.VehicleService;
import attune.app.quote.QuoteViews.LevelsView;
import attune.app.quote.QuoteViews.QuoteRequest;
import attune.app.quote.QuoteViews.QuotesView;
import attune.app.quote.QuoteViews.StandardView;
import attune.app.shop.ShopService;
import attune.app.shop.ShopSettings;
import jakarta.validation.Valid;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A job's quotes over HTTP. */
@RestController
@RequestMapping("/api/v1/jobs/{id}")
class QuoteController {
  private static final int USUAL_DAYS = 30;

  private final QuoteService quotes;
  private final JobService jobs;
  private final ShopService shop;
  private final VehicleService vehicles;

  QuoteController(QuoteService quotes, JobService jobs, ShopService shop, VehicleService vehicles) {
    this.vehicles = vehicles;
    this.quotes = quotes;
    this.jobs = jobs;
    this.shop = shop;
  }

  @GetMapping("/quote")
  QuotesView quote(@PathVariable UUID id, @RequestParam(defaultValue = "") List<String> declined) {
    return quotes.of(id, declined);
  }

  @PostMapping("/quote")
  QuotesView give(@PathVariable UUID id, @Valid @RequestBody QuoteRequest request) {
    return quotes.give(id, request.declined(), request.level());
  }

  @PostMapping("/quote/{number}/{step}")
  QuotesView move(@PathVariable UUID id, @PathVariable int number, @PathVariable String step) {
    return quotes.move(id, number, step);
  }

  @GetMapping(path = "/quote/{number}.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> pdf(@PathVariable UUID id, @PathVariable int number) {
    JobDetail job = jobs.get(id);
    ShopSettings s = shop.settings();
    int days =
        Optional.ofNullable(s.papers()).map(ShopSettings.Papers::quoteDays).orElse(USUAL_DAYS);
    byte[] pdf =
        new QuotePdf(
                Letterhead.of(s, vehicles.get(job.vehicleId())),
                Objects.requireNonNullElse(job.document().title(), ""),
                quotes.given(id, number),
                days)
            .bytes();
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"quote-" + number + ".pdf\"")
        .body(pdf);
  }

  @GetMapping("/quote/levels")
  LevelsView levels(@PathVariable UUID id) {
    return quotes.levels(id);
  }

  @GetMapping("/standards")
  List<StandardView> standards(@PathVariable UUID id) {
    return quotes.sideBySide(id);
  }

  @PostMapping("/standards/{standard}")
  JobDetail hold(@PathVariable UUID id, @PathVariable String standard) {
    return quotes.hold(id, standard);
  }
}
