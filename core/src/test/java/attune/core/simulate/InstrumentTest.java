package attune.core.simulate;

import static org.assertj.core.api.Assertions.assertThat;

import attune.core.AProduct;
import attune.core.ASurface;
import attune.core.ATool;
import attune.core.Given;
import attune.core.match.Treatment;
import attune.core.match.Treatment.ApplyTo;
import attune.core.match.Treatment.Warmth;
import attune.core.measure.Ratio;
import attune.core.shelf.Soil;
import attune.core.survey.Condition.Level;
import attune.core.survey.Surface.Tone;
import java.util.Optional;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class InstrumentTest {
  private static final SimulatedSurface SEAT =
      SimulatedSurface.found(
          Given.place(
              ASurface.of("leather/coated")
                  .tone(Tone.PALE)
                  .soiled(Level.HEAVY, Soil.SKIN_OIL)
                  .build()),
          Given.BOOK,
          3);

  @ParameterizedTest
  @EnumSource(Instrument.class)
  void aReadingIsNearTheTruthAndNeverOffTheScale(Instrument instrument) {
    double truth = (instrument.least() + instrument.most()) / 2;
    double spread = Given.FIGURES.get("instrument.noise." + instrument.code());
    double mean =
        LongStream.range(0, 400)
            .mapToDouble(seed -> instrument.shows(truth, seed, Given.FIGURES))
            .peek(
                shown ->
                    assertThat(shown)
                        .isBetween(truth - 6.1 * spread - 0.1, truth + 6.1 * spread + 0.1))
            .average()
            .orElseThrow();
    assertThat(mean).isBetween(truth - spread / 3 - 0.02, truth + spread / 3 + 0.02);
    assertThat(instrument.shows(instrument.most(), 1, Given.FIGURES))
        .isLessThanOrEqualTo(instrument.most());
  }

  @Test
  void soilGreysTheClothBrownAndAnEndedPassLeavesItWhiter() {
    Treatment pass =
        new Treatment(
            Optional.of(AProduct.cleaner("mild", 5).goodAt(Soil.SKIN_OIL).build()),
            Ratio.READY,
            ATool.PAD,
            ApplyTo.TOOL,
            15,
            Warmth.NONE,
            30);
    SimulatedSurface first = SEAT.pass(pass);
    SimulatedSurface last = first;
    for (int i = 0; i < 8; i++) {
      last = last.pass(pass);
    }
    assertThat(light(first)).isLessThan(190);
    assertThat(light(last)).isGreaterThan(225);
  }

  private static double light(SimulatedSurface surface) {
    int colour = Instrument.CLOTH_COLOUR.on(surface, 5, Given.FIGURES).orElseThrow().intValue();
    assertThat(Instrument.hex(colour)).matches("#[0-9a-f]{6}");
    return ((colour >> 16) + ((colour >> 8) & 255) + (colour & 255)) / 3.0;
  }

  @Test
  void sheenIsNotBelievedWhileWetOrWhileAnythingStillWorks() {
    assertThat(tooEarly(Instrument.GLOSS, 40.0, null)).contains("moisture meter stands at 40");
    assertThat(tooEarly(Instrument.GLOSS, 9.0, "drying")).contains("drying");
    assertThat(tooEarly(Instrument.GLOSS, 9.0, null)).isEmpty();
    assertThat(tooEarly(Instrument.MOISTURE, 40.0, "drying")).isEmpty();
  }

  private static String tooEarly(Instrument instrument, Double moisture, String working) {
    return Validity.tooEarly(
            instrument, Optional.ofNullable(moisture), Optional.ofNullable(working), Given.FIGURES)
        .orElse("");
  }
}
