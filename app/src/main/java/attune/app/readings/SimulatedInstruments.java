package attune.app.readings;

import attune.app.reference.ReferenceData;
import attune.app.shelf.ShelfService;
import attune.core.check.InvalidInputException;
import attune.core.measure.Ratio;
import attune.core.reference.Figures;
import attune.core.shelf.Product;
import attune.core.simulate.Instrument;
import attune.core.survey.Setting;
import attune.core.words.Phrases;
import java.util.Optional;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Stand-ins for every instrument: they read the simulated cabin, with each one's noise. */
@Component
@Order(2)
class SimulatedInstruments implements InstrumentPort {
  private static final Phrases PHRASES = Phrases.of(SimulatedInstruments.class);

  private static final double PERCENT = 100;

  private final SimulatedCabin cabin;
  private final ShelfService shelf;
  private final ReferenceData reference;

  SimulatedInstruments(SimulatedCabin cabin, ShelfService shelf, ReferenceData reference) {
    this.cabin = cabin;
    this.shelf = shelf;
    this.reference = reference;
  }

  @Override
  public Optional<Measured> read(Instrument instrument, Target target) {
    Figures figures = reference.figures();
    double shown =
        switch (instrument) {
          case GLOSS, MOISTURE, SURFACE_TEMPERATURE, CLOTH_COLOUR ->
              instrument
                  .on(cabin.surface(target.jobId(), target.surface()), target.seed(), figures)
                  .orElseThrow();
          case AIR_TEMPERATURE ->
              instrument.shows(air(target).air().temperature().value(), target.seed(), figures);
          case HUMIDITY ->
              instrument.shows(
                  air(target).air().relativeHumidity() * PERCENT, target.seed(), figures);
          case AIR_SPEED -> instrument.shows(air(target).air().speedMs(), target.seed(), figures);
          case PH -> instrument.shows(truePh(target), target.seed(), figures);
        };
    return Optional.of(new Measured(shown, "simulated", true));
  }

  private Setting air(Target target) {
    return cabin.setting(target.jobId());
  }

  /** What the model says; for a bottle without a label something of its own, always the same. */
  private double truePh(Target target) {
    Product product =
        shelf
            .shelf()
            .findProduct(target.product())
            .orElseThrow(
                () ->
                    new InvalidInputException(
                        "/productId",
                        "\"" + target.product() + "\"",
                        PHRASES.say("a-product-on-the-shelf")));
    Ratio ratio = Ratio.parse(target.mix());
    double own = 6.5 + Math.floorMod(product.id().hashCode(), 30) / 10.0;
    return reference.rulebook().ph().of(product.ph(), ratio).map(p -> p.middle()).orElse(own);
  }
}
