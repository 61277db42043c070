package attune.app.readings;

import attune.app.format.SchemaName;
import attune.app.format.Schemas;
import attune.core.check.Coded;
import attune.core.check.Fault;
import attune.core.check.InvalidInputException;
import attune.core.simulate.Instrument;
import attune.core.words.Phrases;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * Instruments that send newline-delimited JSON. The last line of each is its reading, while it is
 * fresh.
 */
@Component
@Order(1)
class StreamedInstruments implements InstrumentPort {
  private static final Phrases PHRASES = Phrases.of(StreamedInstruments.class);

  private static final Duration FRESH = Duration.ofSeconds(60);
  private static final int MOST_LINES = 10_000;

  private record Line(double value, String device, Instant at) {}

  private final Schemas schemas;
  private final JsonMapper mapper;
  private final Clock clock;
  private final Map<Instrument, Line> last = new ConcurrentHashMap<>();

  StreamedInstruments(Schemas schemas, JsonMapper mapper, Clock clock) {
    this.schemas = schemas;
    this.mapper = mapper;
    this.clock = clock;
  }

  /**
   * Takes lines in, all or none.
   *
   * @return how many
   * @throws InvalidInputException naming line and field of every fault
   */
  int take(String lines) {
    List<String> all = lines.lines().filter(line -> !line.isBlank()).toList();
    if (all.isEmpty() || all.size() > MOST_LINES) {
      throw new InvalidInputException(
          "", PHRASES.say("lines", all.size()), PHRASES.say("1-to-lines", MOST_LINES));
    }
    List<Fault> faults = new ArrayList<>();
    List<Map.Entry<Instrument, Line>> read = new ArrayList<>();
    for (int i = 0; i < all.size(); i++) {
      String pointer = PHRASES.say("line", i + 1);
      try {
        read.add(line(all.get(i), pointer));
      } catch (InvalidInputException e) {
        e.faults().stream()
            .map(
                f ->
                    f.pointer().startsWith(pointer)
                        ? f
                        : new Fault(pointer + f.pointer(), f.found(), f.allowed()))
            .forEach(faults::add);
      }
    }
    if (!faults.isEmpty()) {
      throw new InvalidInputException(faults);
    }
    read.forEach(entry -> last.put(entry.getKey(), entry.getValue()));
    return read.size();
  }

  private Map.Entry<Instrument, Line> line(String json, String pointer) {
    ReadingLine line =
        mapper.treeToValue(schemas.read(SchemaName.READING, json), ReadingLine.class);
    Instrument instrument = Coded.parse(Instrument.class, line.instrument());
    double value = ReadingLine.value(instrument, line.value(), line.colour(), line.unit(), pointer);
    String device = line.device() == null ? "instrument" : line.device();
    return Map.entry(instrument, new Line(value, device, clock.instant()));
  }

  @Override
  public Optional<Measured> read(Instrument instrument, Target target) {
    return Optional.ofNullable(last.get(instrument))
        .filter(line -> !line.at().plus(FRESH).isBefore(clock.instant()))
        .map(line -> new Measured(line.value(), line.device(), false));
  }
}
