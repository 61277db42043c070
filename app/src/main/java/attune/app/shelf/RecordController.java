package attune.app.shelf;

import attune.app.format.ShelfFile.ProductFile;
import attune.app.format.ShelfFile.ToolFile;
import attune.app.reference.ReferenceData;
import attune.app.shelf.Hazards.Hazard;
import attune.app.shelf.SafetySheets.Sheet;
import attune.app.shelf.StockViews.BottleView;
import attune.core.check.Coded;
import attune.core.match.LabelPreview;
import attune.core.measure.PhInterval;
import attune.core.shelf.NeverMix;
import attune.core.shelf.Product;
import attune.core.shelf.Shelf;
import attune.core.shelf.Tool;
import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** Product and tool records over HTTP, one at a time. */
@RestController
@RequestMapping("/api/v1/shelf")
class RecordController {
  /** The pH a dilution comes to; left out where it is not known. */
  record PhView(String ratio, @Nullable Double low, @Nullable Double high) {}

  /** Two products that must not meet. */
  record Clash(String productId, String product, String otherId, String other, String why) {}

  /** What a record means before it is used. */
  record PreviewView(
      List<PhView> ph,
      List<String> excluded,
      List<String> notes,
      List<Hazard> hazards,
      List<Clash> clashes) {}

  /**
   * A product in full.
   *
   * @param earlier how many records it had before
   */
  record ProductView(
      ProductFile record,
      boolean archived,
      long earlier,
      PreviewView preview,
      List<BottleView> bottles,
      @Nullable String sheetLink,
      @Nullable String sheetFile) {}

  /** A tool in full. */
  record ToolView(ToolFile record, boolean scrubs, boolean archived, long earlier) {}

  /** What was put away. */
  record ArchiveView(List<ProductFile> products, List<ToolFile> tools) {}

  private static final String PRODUCT = ShelfItemEntity.PRODUCT;
  private static final String TOOL = ShelfItemEntity.TOOL;

  private final ShelfRecords records;
  private final ShelfService shelf;
  private final StockService stock;
  private final SafetySheets sheets;
  private final Hazards hazards;
  private final ReferenceData reference;
  private final JsonMapper mapper;

  RecordController(
      ShelfRecords records,
      ShelfService shelf,
      StockService stock,
      SafetySheets sheets,
      Hazards hazards,
      ReferenceData reference,
      JsonMapper mapper) {
    this.records = records;
    this.shelf = shelf;
    this.stock = stock;
    this.sheets = sheets;
    this.hazards = hazards;
    this.reference = reference;
    this.mapper = mapper;
  }

  @GetMapping("/products/{id}")
  ProductView product(@PathVariable String id) {
    ProductFile record = records.record(PRODUCT, id, ProductFile.class);
    Sheet sheet = sheets.of(id);
    return new ProductView(
        record,
        records.archived(PRODUCT, id),
        records.earlier(id),
        preview(record),
        stock.of(id),
        sheet.link().orElse(null),
        sheet.fileName().orElse(null));
  }

  @PostMapping("/products")
  @ResponseStatus(HttpStatus.CREATED)
  ProductView create(@RequestBody ProductFile record) {
    return product(records.create(PRODUCT, record));
  }

  @PutMapping("/products/{id}")
  ProductView change(
      @PathVariable String id,
      @RequestParam(required = false) Long earlier,
      @RequestBody ProductFile record) {
    records.change(PRODUCT, id, record, earlier);
    return product(id);
  }

  /** What a record would mean, saved or not. */
  @PostMapping("/products/preview")
  PreviewView check(@RequestBody ProductFile draft) {
    ProductFile record = records.withId(draft);
    records.check(PRODUCT, mapper.valueToTree(record));
    return preview(record);
  }

  @PostMapping("/products/{id}/archived")
  ProductView archiveProduct(@PathVariable String id, @RequestParam boolean away) {
    records.archive(PRODUCT, id, away);
    return product(id);
  }

  @GetMapping("/tools/{id}")
  ToolView tool(@PathVariable String id) {
    ToolFile record = records.record(TOOL, id, ToolFile.class);
    return new ToolView(
        record,
        Coded.parse(Tool.Kind.class, record.kind()).scrubs(),
        records.archived(TOOL, id),
        records.earlier(id));
  }

  @PostMapping("/tools")
  @ResponseStatus(HttpStatus.CREATED)
  ToolView create(@RequestBody ToolFile record) {
    return tool(records.create(TOOL, record));
  }

  @PutMapping("/tools/{id}")
  ToolView change(
      @PathVariable String id,
      @RequestParam(required = false) Long earlier,
      @RequestBody ToolFile record) {
    records.change(TOOL, id, record, earlier);
    return tool(id);
  }

  @PostMapping("/tools/{id}/archived")
  ToolView archiveTool(@PathVariable String id, @RequestParam boolean away) {
    records.archive(TOOL, id, away);
    return tool(id);
  }

  @GetMapping("/archive")
  ArchiveView archive() {
    return new ArchiveView(
        records.archived(PRODUCT, ProductFile.class), records.archived(TOOL, ToolFile.class));
  }

  /** Pairs on the shelf that must not meet in a bottle, nor follow each other without a rinse. */
  @GetMapping("/never-mix")
  List<Clash> neverMix() {
    List<Product> all = shelf.shelf().products();
    List<Clash> clashes = new ArrayList<>();
    for (int i = 0; i < all.size(); i++) {
      clashes.addAll(clashes(all.get(i), all.subList(i + 1, all.size())));
    }
    return clashes;
  }

  private static List<Clash> clashes(Product product, List<Product> others) {
    List<Clash> clashes = new ArrayList<>();
    for (Product other : others) {
      Optional<String> why =
          other.id().equals(product.id()) ? Optional.empty() : NeverMix.between(product, other);
      why.ifPresent(
          w -> clashes.add(new Clash(product.id(), product.name(), other.id(), other.name(), w)));
    }
    return clashes;
  }

  private PreviewView preview(ProductFile record) {
    Product product = shelf.read(record);
    Shelf whole = shelf.shelf();
    LabelPreview preview = LabelPreview.of(product, reference.rulebook());
    return new PreviewView(
        preview.ph().stream()
            .map(
                at ->
                    new PhView(
                        at.ratio().code(),
                        at.ph().map(PhInterval::low).orElse(null),
                        at.ph().map(PhInterval::high).orElse(null)))
            .toList(),
        preview.excluded(),
        preview.notes(),
        hazards.of(Objects.requireNonNullElse(record.hazards(), List.of())),
        clashes(product, whole.products()));
  }
}
