package attune.app.readings;

import attune.app.readings.ReadingViews.ReadingRequest;
import attune.app.readings.ReadingViews.ReadingView;
import attune.app.readings.ReadingViews.Taken;
import jakarta.validation.Valid;
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

/** Readings over HTTP, and the stream a real instrument sends. */
@RestController
@RequestMapping("/api/v1")
class ReadingController {
  private final ReadingService readings;
  private final StreamedInstruments stream;

  ReadingController(ReadingService readings, StreamedInstruments stream) {
    this.readings = readings;
    this.stream = stream;
  }

  @GetMapping("/jobs/{id}/readings")
  List<ReadingView> all(@PathVariable UUID id) {
    return readings.of(id);
  }

  @PostMapping("/jobs/{id}/readings")
  @ResponseStatus(HttpStatus.CREATED)
  ReadingView take(@PathVariable UUID id, @Valid @RequestBody ReadingRequest request) {
    return readings.take(id, request);
  }

  @DeleteMapping("/jobs/{id}/readings/{readingId}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable UUID id, @PathVariable UUID readingId) {
    readings.remove(id, readingId);
  }

  /** Newline-delimited JSON from instruments; each one's last line is its reading for a minute. */
  @PostMapping(value = "/instruments/readings", consumes = "application/x-ndjson")
  Taken stream(@RequestBody String lines) {
    return new Taken(stream.take(lines));
  }
}
