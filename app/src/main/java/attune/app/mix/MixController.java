package attune.app.mix;

import attune.app.mix.Mixing.MixAnswer;
import attune.app.mix.Mixing.MixRequest;
import attune.app.reference.ReferenceData;
import attune.app.shelf.ShelfService;
import attune.app.web.ShopNetwork;
import attune.core.measure.Air;
import attune.core.measure.Celsius;
import attune.core.measure.Evaporation;
import attune.core.measure.GramsPerSquareMetre;
import attune.core.measure.Mix;
import attune.core.measure.Sections;
import attune.core.shelf.Product;
import jakarta.annotation.Nullable;
import java.time.Clock;
import java.time.LocalDate;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;
import org.springframework.web.util.UriComponentsBuilder;

/** Mixing and the working window, stateless. */
@RestController
@RequestMapping("/api/v1")
class MixController {
  /** What is left of a mix, and what it is to become. */
  record StepRequest(double leftMl, String from, String to, double bottleMl) {}

  /** What to pour out and to add. */
  record StepAnswer(
      double pourOutMl, double addProductMl, double addWaterMl, double resultMl, String words) {}

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
  private final ShopNetwork network;

  MixController(
      ReferenceData reference,
      ShelfService shelf,
      MixLabel labels,
      Clock clock,
      ShopNetwork network) {
    this.reference = reference;
    this.shelf = shelf;
    this.labels = labels;
    this.clock = clock;
    this.network = network;
  }

  /** A bottle's label to print; its QR code opens the mix in Attune. */
  @GetMapping(value = "/mix/label.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  byte[] label(
      @RequestParam String productId,
      @RequestParam String ratio,
      @RequestParam double bottleMl,
      @RequestParam(defaultValue = "100x62") String size) {
    Product product = mixing().product(productId, "/productId").orElseThrow();
    Mix mix = Mix.ofBottle(Mixing.ratio("/ratio", ratio), bottleMl);
    String address =
        network
            .address()
            .map(UriComponentsBuilder::fromUriString)
            .orElseGet(ServletUriComponentsBuilder::fromCurrentContextPath)
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
        Mix.step(
            r.leftMl(), Mixing.ratio("/from", r.from()), Mixing.ratio("/to", r.to()), r.bottleMl());
    return new StepAnswer(
        tenth(step.pourOutMl()),
        tenth(step.addProductMl()),
        tenth(step.addWaterMl()),
        tenth(step.resultMl()),
        Mixing.ratio("/to", r.to()).words());
  }

  private static double tenth(double ml) {
    return Math.round(ml * 10) / 10.0;
  }

  @PostMapping("/mix")
  MixAnswer mix(@RequestBody MixRequest r) {
    return mixing().mix(r);
  }

  private Mixing mixing() {
    return new Mixing(reference, shelf.shelf(), LocalDate.now(clock));
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
