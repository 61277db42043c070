package attune.app.shelf;

import attune.app.shelf.Hazards.Hazard;
import attune.app.shelf.StockViews.BottleForm;
import attune.app.shelf.StockViews.BottleView;
import attune.app.shelf.StockViews.ClothForm;
import attune.app.shelf.StockViews.ClothStep;
import attune.app.shelf.StockViews.ClothView;
import attune.app.shelf.StockViews.SheetLink;
import attune.app.shelf.StockViews.WeighForm;
import attune.core.shelf.Product;
import jakarta.validation.Valid;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Bottles, cloths and safety sheets over HTTP. */
@RestController
@RequestMapping("/api/v1/shelf")
class StockController {
  private final StockService stock;
  private final ClothService cloths;
  private final SafetySheets sheets;
  private final ShelfService shelf;
  private final Hazards hazards;

  StockController(
      StockService stock,
      ClothService cloths,
      SafetySheets sheets,
      ShelfService shelf,
      Hazards hazards) {
    this.stock = stock;
    this.cloths = cloths;
    this.sheets = sheets;
    this.shelf = shelf;
    this.hazards = hazards;
  }

  @PostMapping("/products/{id}/bottles")
  @ResponseStatus(HttpStatus.CREATED)
  BottleView add(@PathVariable String id, @Valid @RequestBody BottleForm form) {
    return stock.add(id, form);
  }

  @PostMapping("/bottles/{id}/left")
  BottleView weigh(@PathVariable UUID id, @Valid @RequestBody WeighForm form) {
    return stock.weigh(id, form);
  }

  @PostMapping("/bottles/{id}/thrown")
  BottleView throwAway(@PathVariable UUID id) {
    return stock.throwAway(id);
  }

  @GetMapping("/cloths")
  List<ClothView> cloths() {
    return cloths.all();
  }

  @PutMapping("/cloths/{toolId}")
  ClothView change(@PathVariable String toolId, @Valid @RequestBody ClothForm form) {
    return cloths.change(toolId, form);
  }

  @PostMapping("/cloths/{toolId}/pieces")
  ClothView step(@PathVariable String toolId, @Valid @RequestBody ClothStep step) {
    return cloths.step(toolId, step);
  }

  @PutMapping("/products/{id}/safety-sheet")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void link(@PathVariable String id, @Valid @RequestBody SheetLink link) {
    sheets.link(id, link.link());
  }

  @PostMapping(
      value = "/products/{id}/safety-sheet",
      consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void file(@PathVariable String id, @RequestPart("file") MultipartFile file) throws IOException {
    sheets.file(id, Objects.requireNonNullElse(file.getOriginalFilename(), ""), file.getBytes());
  }

  @GetMapping(value = "/products/{id}/safety-sheet", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<Resource> sheet(@PathVariable String id) {
    ContentDisposition shown = ContentDisposition.inline().filename(id + ".pdf").build();
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, shown.toString())
        .contentType(MediaType.APPLICATION_PDF)
        .body(sheets.read(id));
  }

  /** Hazard statements of every product that has some, by product. */
  @GetMapping("/hazards")
  Map<String, List<Hazard>> hazards() {
    Map<String, List<Hazard>> all = new LinkedHashMap<>();
    for (Product product : shelf.shelf().products()) {
      if (!product.hazards().isEmpty()) {
        all.put(product.id(), hazards.of(product.hazards()));
      }
    }
    return all;
  }
}
