package attune.app.shelf;

import attune.app.format.ShelfFile;
import attune.app.reference.ReferenceData;
import attune.app.shelf.ShelfViews.BandView;
import attune.app.shelf.ShelfViews.ImportView;
import attune.app.shelf.ShelfViews.ProgressView;
import attune.app.shelf.ShelfViews.ScaleView;
import attune.core.match.LabelPreview;
import attune.core.measure.PhInterval;
import attune.core.shelf.Product;
import attune.core.shelf.ProductRole;
import java.nio.charset.StandardCharsets;
import java.util.Comparator;
import java.util.List;
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
  private final ReferenceData reference;

  ShelfController(ShelfService shelf, ImportProgress progress, ReferenceData reference) {
    this.shelf = shelf;
    this.reference = reference;
    this.progress = progress;
  }

  @GetMapping
  ShelfFile shelf() {
    return shelf.file();
  }

  /** Each bottle with the pH its label's ratios come to. */
  @GetMapping("/scales")
  List<ScaleView> scales() {
    return shelf.shelf().products().stream()
        .sorted(Comparator.comparing(Product::name))
        .map(this::scale)
        .toList();
  }

  private ScaleView scale(Product product) {
    String usual = product.label().standard().code();
    return new ScaleView(
        product.id(),
        product.name(),
        product.maker().isBlank() ? null : product.maker(),
        product.roles().stream().sorted().map(ProductRole::code).toList(),
        product.strength().orElse(null),
        product.cleans(),
        LabelPreview.of(product, reference.rulebook()).ph().stream()
            .map(
                at ->
                    new BandView(
                        at.ratio().code(),
                        at.ratio().code().equals(usual),
                        at.ph().map(PhInterval::low).orElse(null),
                        at.ph().map(PhInterval::high).orElse(null)))
            .toList());
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
