package attune.app.shelf;

import attune.app.format.ShelfFile;
import attune.app.shelf.ShelfViews.ImportView;
import attune.app.shelf.ShelfViews.ProgressView;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
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

/** The shelf over HTTP, as an attune-shelf file and as CSV. */
@RestController
@RequestMapping("/api/v1/shelf")
class ShelfController {
  private static final MediaType CSV = new MediaType("text", "csv", StandardCharsets.UTF_8);

  private final ShelfService shelf;
  private final ImportProgress progress;

  ShelfController(ShelfService shelf, ImportProgress progress) {
    this.shelf = shelf;
    this.progress = progress;
  }

  @GetMapping
  ShelfFile shelf() {
    return shelf.file();
  }

  @GetMapping("/csv")
  ResponseEntity<String> csv() {
    ContentDisposition name = ContentDisposition.attachment().filename("attune-shelf.csv").build();
    return ResponseEntity.ok()
        .contentType(CSV)
        .header(HttpHeaders.CONTENT_DISPOSITION, name.toString())
        .body(shelf.csv());
  }

  @GetMapping("/json")
  ResponseEntity<String> json() {
    ContentDisposition name = ContentDisposition.attachment().filename("attune-shelf.json").build();
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_JSON)
        .header(HttpHeaders.CONTENT_DISPOSITION, name.toString())
        .body(shelf.json());
  }

  /** Brings a CSV or JSON shelf in; a dry run says what it would do. */
  @PostMapping(value = "/import", consumes = MediaType.TEXT_PLAIN_VALUE)
  ImportView bringIn(
      @RequestBody String file,
      @RequestParam(defaultValue = "false") boolean decimalComma,
      @RequestParam(defaultValue = "true") boolean dryRun,
      @RequestParam(required = false) UUID watch) {
    return shelf.bringIn(file, decimalComma, dryRun, watch);
  }

  /** How far an import is, under the id it was started with. */
  @GetMapping("/import/{watch}")
  ProgressView progress(@PathVariable UUID watch) {
    return progress.of(watch);
  }
}
