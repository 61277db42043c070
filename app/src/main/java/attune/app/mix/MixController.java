package attune.app.mix;

import attune.app.reference.ReferenceData;
import attune.app.shelf.ShelfService;
import attune.core.check.InvalidInputException;
import attune.core.measure.Air;
import attune.core.measure.Celsius;
import attune.core.measure.Evaporation;
import attune.core.measure.GramsPerSquareMetre;
import attune.core.measure.Mix;
import attune.core.measure.PhInterval;
import attune.core.measure.Ratio;
import attune.core.measure.Sections;
import attune.core.shelf.NeverMix;
import attune.core.shelf.Product;
import jakarta.annotation.Nullable;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** Mixing and the working window, stateless. */
@RestController
@RequestMapping("/api/v1")
class MixController {
  /**
   * Any two of ratio, bottle and product; a product's id adds its pH and label.
   *
   * @param heldId what the bottle held before and was not rinsed of, or null
   */
  record MixRequest(
      @Nullable String ratio,
      @Nullable Double bottleMl,
      @Nullable Double productMl,
      @Nullable String productId,
      @Nullable String heldId) {}

  /** What is left of a mix, and what it is to become. */
  record StepRequest(double leftMl, String from, String to, double bottleMl) {}

  /** What to pour out and to add. */
  record StepAnswer(
      double pourOutMl, double addProductMl, double addWaterMl, double resultMl, String words) {}

  /**
   * What to fill.
   *
   * @param costMinor of the product in it, in minor units of the currency, where a pack's price is
   *     on record
   * @param useBy if it is mixed today
   * @param barred why it must not go into that bottle, or null
   */
  record MixAnswer(
      String ratio,
      String words,
      double bottleMl,
      double productMl,
      double waterMl,
      @Nullable Double phLow,
      @Nullable Double phHigh,
      @Nullable Boolean onLabel,
      @Nullable Long costMinor,
      @Nullable String currency,
      LocalDate useBy,
      @Nullable String barred) {}

  /** A film and the air over it. */
  record WindowRequest(
      double filmGPerM2,
      boolean foam,
      double airTempC,
      double relativeHumidity,
      double airSpeedMs,
      @Nullable Double surfaceTempC) {}

  /** How long it dries and how long it can be worked; left out when nothing dries. */
  record WindowAnswer(@Nullable Long driesS, long windowS, boolean dries) {}

  private final ReferenceData reference;
  private final ShelfService shelf;
  private final MixLabel labels;
  private final Clock clock;

  MixController(ReferenceData reference, ShelfService shelf, MixLabel labels, Clock clock) {
    this.reference = reference;
    this.shelf = shelf;
    this.labels = labels;
    this.clock = clock;
  }

  /** A bottle's label to print; its QR code opens the mix in Attune. */
  @GetMapping(value = "/mix/label.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  byte[] label(
      @RequestParam String productId,
      @RequestParam String ratio,
      @RequestParam double bottleMl,
      @RequestParam(defaultValue = "100x62") String size) {
    Product product = product(productId, "/productId").orElseThrow();
    Mix mix = Mix.ofBottle(ratio(ratio), bottleMl);
    String address =
        ServletUriComponentsBuilder.fromCurrentContextPath()
            .path("/mix")
            .queryParam("product", productId)
            .queryParam("ratio", mix.ratio().code())
            .queryParam("bottle", Math.round(bottleMl))
            .encode()
            .toUriString();
    LocalDate today = LocalDate.now(clock);
    return labels.pdf(
        new MixLabel.Filled(
            product,
            mix,
            reference.rulebook().ph().of(product.ph(), mix.ratio()),
            today,
            Mix.useBy(today, reference.figures()),
            address),
        size);
  }

  /** Makes what is left of a mix thinner or stronger. */
  @PostMapping("/mix/step")
  StepAnswer step(@RequestBody StepRequest r) {
    Mix.Step step =
        Mix.step(r.leftMl(), ratio("/from", r.from()), ratio("/to", r.to()), r.bottleMl());
    return new StepAnswer(
        tenth(step.pourOutMl()),
        tenth(step.addProductMl()),
        tenth(step.addWaterMl()),
        tenth(step.resultMl()),
        ratio(r.to()).words());
  }

  private static double tenth(double ml) {
    return Math.round(ml * 10) / 10.0;
  }

  private static long cost(Product.Pack pack, Mix mix) {
    return Math.round(pack.priceMinor() * mix.productMl() / pack.ml());
  }

  @PostMapping("/mix")
  MixAnswer mix(@RequestBody MixRequest r) {
    Mix mix = mixOf(r);
    Optional<Product> product = product(r.productId(), "/productId");
    Optional<PhInterval> ph =
        product.flatMap(p -> reference.rulebook().ph().of(p.ph(), mix.ratio()));
    return new MixAnswer(
        mix.ratio().code(),
        mix.ratio().words(),
        mix.bottleMl(),
        mix.productMl(),
        mix.waterMl(),
        ph.map(PhInterval::low).orElse(null),
        ph.map(PhInterval::high).orElse(null),
        product.map(p -> p.label().allows(mix.ratio())).orElse(null),
        product.flatMap(Product::pack).map(pack -> cost(pack, mix)).orElse(null),
        product.flatMap(Product::pack).map(Product.Pack::currency).orElse(null),
        Mix.useBy(LocalDate.now(clock), reference.figures()),
        NeverMix.between(product, product(r.heldId(), "/heldId"))
            .map(why -> "Not into this bottle before it is rinsed: " + why + ".")
            .orElse(null));
  }

  private Optional<Product> product(String id, String pointer) {
    Optional<Product> found = Optional.ofNullable(id).flatMap(shelf.shelf()::findProduct);
    if (id != null && found.isEmpty()) {
      throw new InvalidInputException(pointer, "\"" + id + "\"", "a product on the shelf");
    }
    return found;
  }

  private static Mix mixOf(MixRequest r) {
    long given =
        java.util.stream.Stream.of(r.ratio(), r.bottleMl(), r.productMl())
            .filter(java.util.Objects::nonNull)
            .count();
    if (given != 2) {
      throw new InvalidInputException(
          "", given + " of ratio, bottleMl and productMl", "exactly two of them");
    }
    if (r.ratio() == null) {
      return Mix.ofBottleAndProduct(r.bottleMl(), r.productMl());
    }
    Ratio ratio = ratio(r.ratio());
    return r.bottleMl() == null
        ? Mix.ofProduct(ratio, r.productMl())
        : Mix.ofBottle(ratio, r.bottleMl());
  }

  private static Ratio ratio(String text) {
    return ratio("/ratio", text);
  }

  static Ratio ratio(String pointer, String text) {
    try {
      return Ratio.parse(text);
    } catch (InvalidInputException e) {
      throw new InvalidInputException(pointer, "\"" + text + "\"", e.faults().get(0).allowed());
    }
  }

  @PostMapping("/window")
  WindowAnswer window(@RequestBody WindowRequest r) {
    Air air = new Air(new Celsius(r.airTempC()), r.relativeHumidity(), r.airSpeedMs());
    Celsius surface = r.surfaceTempC() == null ? air.temperature() : new Celsius(r.surfaceTempC());
    GramsPerSquareMetre film = new GramsPerSquareMetre(r.filmGPerM2());
    double dries = Evaporation.secondsToDry(film, air, surface);
    double window = Sections.windowS(film, r.foam(), air, surface, reference.figures());
    return new WindowAnswer(
        Double.isFinite(dries) ? Math.round(dries) : null,
        Math.round(window),
        Double.isFinite(dries));
  }
}
