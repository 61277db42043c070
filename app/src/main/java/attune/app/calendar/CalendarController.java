package attune.app.calendar;

import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Calendars over HTTP: of one job as a file, of the whole shop as an address to subscribe to. */
@RestController
@RequestMapping("/api/v1")
class CalendarController {
  private static final String ICALENDAR = "text/calendar;charset=UTF-8";

  private final CalendarService calendars;

  CalendarController(CalendarService calendars) {
    this.calendars = calendars;
  }

  @GetMapping(value = "/jobs/{id}/calendar.ics", produces = ICALENDAR)
  ResponseEntity<String> ofJob(@PathVariable UUID id) {
    String disposition =
        ContentDisposition.attachment().filename("attune-" + id + ".ics").build().toString();
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, disposition)
        .body(calendars.ofJob(id));
  }

  @GetMapping(value = "/calendar.ics", produces = ICALENDAR)
  String ofShop() {
    return calendars.ofShop();
  }
}
