package attune.app.forecast;

import attune.app.forecast.OutlookViews.AirRequest;
import attune.app.forecast.OutlookViews.HoursView;
import attune.app.forecast.OutlookViews.OutlookView;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Clock;
import java.time.LocalDate;
import java.util.UUID;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Sections and drying in other air, and the hours to come, over HTTP. */
@RestController
@RequestMapping("/api/v1")
class OutlookController {
  private final OutlookService outlooks;
  private final Clock clock;

  OutlookController(OutlookService outlooks, Clock clock) {
    this.outlooks = outlooks;
    this.clock = clock;
  }

  @PostMapping("/jobs/{id}/outlook")
  OutlookView outlook(@PathVariable UUID id, @RequestBody AirRequest request) {
    return outlooks.outlook(id, request);
  }

  @GetMapping("/jobs/{id}/forecast")
  HoursView hours(@PathVariable UUID id) {
    return outlooks.hours(id);
  }

  @PostMapping("/jobs/{id}/forecast")
  HoursView hours(
      @PathVariable UUID id,
      @io.swagger.v3.oas.annotations.parameters.RequestBody(
              description = "an attune-forecast",
              content =
                  @Content(
                      mediaType = MediaType.APPLICATION_JSON_VALUE,
                      schema = @Schema(type = "object")))
          @RequestBody
          String forecast) {
    return outlooks.hours(id, forecast);
  }

  /** The shipped weather as a file, to see what one looks like. */
  @GetMapping("/forecast")
  ForecastFile file(
      @RequestParam(required = false) @DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
          LocalDate day) {
    return outlooks.file(day == null ? LocalDate.now(clock) : day);
  }
}
