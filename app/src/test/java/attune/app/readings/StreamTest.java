package attune.app.readings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import attune.app.format.Schemas;
import attune.app.readings.InstrumentPort.Target;
import attune.app.support.TestClock;
import attune.core.check.InvalidInputException;
import attune.core.simulate.Instrument;
import java.time.Duration;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.json.JsonMapper;

/** Whatever an instrument sends, it is a reading or a fault, and never half of it. */
class StreamTest {
  private static final Target ANY = new Target(UUID.randomUUID(), "seat", null, null, 1);
  private final TestClock clock = new TestClock();
  private final StreamedInstruments stream =
      new StreamedInstruments(new Schemas(), JsonMapper.shared(), clock);

  private static String line(Instrument instrument, double value) {
    return instrument == Instrument.CLOTH_COLOUR
        ? "{\"instrument\":\"cloth-colour\",\"colour\":\"" + Instrument.hex(value) + "\"}"
        : "{\"instrument\":\"%s\",\"value\":%s,\"unit\":\"%s\"}"
            .formatted(instrument.code(), value, instrument.unit());
  }

  @ParameterizedTest
  @EnumSource(Instrument.class)
  void everyInstrumentIsHeardAtBothEndsOfItsScaleAndForAMinute(Instrument instrument) {
    assertThat(stream.read(instrument, ANY)).isEmpty();
    for (double value : new double[] {instrument.least(), instrument.most()}) {
      assertThat(stream.take(line(instrument, value))).isEqualTo(1);
      assertThat(stream.read(instrument, ANY).orElseThrow().value()).isEqualTo(value);
    }
    clock.pass(Duration.ofSeconds(59));
    assertThat(stream.read(instrument, ANY)).isPresent();
    clock.pass(Duration.ofSeconds(3));
    assertThat(stream.read(instrument, ANY)).isEqualTo(Optional.empty());
  }

  @Test
  void theLastOfManyLinesCounts() {
    stream.take(line(Instrument.GLOSS, 3) + "\n" + line(Instrument.GLOSS, 5) + "\r\n\n");
    assertThat(stream.read(Instrument.GLOSS, ANY).orElseThrow().value()).isEqualTo(5);
    assertThat(stream.read(Instrument.GLOSS, ANY).orElseThrow().simulated()).isFalse();
  }

  @Test
  void oneBadLineAmongGoodOnesTakesNoneAndEveryFaultHasItsLine() {
    String lines =
        line(Instrument.PH, 7) + "\n{\n" + line(Instrument.HUMIDITY, 50).replace("50.0", "500");
    assertThatThrownBy(() -> stream.take(lines))
        .isInstanceOfSatisfying(
            InvalidInputException.class,
            e -> {
              assertThat(e.faults().get(0).pointer()).startsWith("line 2");
              assertThat(e.faults().get(1).pointer()).isEqualTo("line 3/value");
            });
    assertThat(stream.read(Instrument.PH, ANY)).isEmpty();
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4})
  void anyTextIsAReadingOrAClearFault(long seed) {
    Random random = new Random(seed);
    String alphabet = "{}[]\":,.0123456789-eE#abcdefglosvaluphunit \n\u0000é";
    for (int i = 0; i < 300; i++) {
      StringBuilder text = new StringBuilder(i % 3 == 0 ? line(Instrument.GLOSS, 4) : "");
      for (int n = random.nextInt(30); n > 0; n--) {
        text.insert(
            random.nextInt(text.length() + 1), alphabet.charAt(random.nextInt(alphabet.length())));
      }
      try {
        assertThat(stream.take(text.toString())).isPositive();
      } catch (InvalidInputException e) {
        assertThat(e.faults()).isNotEmpty().allSatisfy(f -> assertThat(f.allowed()).isNotBlank());
      }
    }
  }

  @Test
  void tooManyLinesAreRefused() {
    String many = (line(Instrument.GLOSS, 4) + "\n").repeat(10_001);
    assertThatThrownBy(() -> stream.take(many))
        .isInstanceOf(InvalidInputException.class)
        .hasMessageContaining("1 to 10000 lines");
  }
}
