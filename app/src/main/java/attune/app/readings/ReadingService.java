package attune.app.readings;

import attune.app.bench.BenchService;
import attune.app.format.JobFile;
import attune.app.format.SurfaceFile;
import attune.app.jobs.JobService;
import attune.app.jobs.JobState;
import attune.app.jobs.JobViews.Finding;
import attune.app.jobs.JobViews.FindingRequest;
import attune.app.jobs.JobViews.JobChange;
import attune.app.jobs.SurveyService;
import attune.app.readings.InstrumentPort.Measured;
import attune.app.readings.InstrumentPort.Target;
import attune.app.readings.ReadingViews.ReadingRequest;
import attune.app.readings.ReadingViews.ReadingView;
import attune.app.reference.ReferenceData;
import attune.app.shelf.ShelfService;
import attune.core.check.Coded;
import attune.core.check.Fault;
import attune.core.check.InvalidInputException;
import attune.core.colour.SheenReading;
import attune.core.material.Finish;
import attune.core.measure.DilutedPh.Known;
import attune.core.measure.PenReading;
import attune.core.measure.PhInterval;
import attune.core.measure.Ratio;
import attune.core.simulate.Instrument;
import attune.core.simulate.Validity;
import attune.core.words.Lists;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Readings of a job. A valid one is written where it belongs: the survey, the air, the bottle. */
@Service
@Transactional
class ReadingService {
  private static final Phrases PHRASES = Phrases.of(ReadingService.class);

  private static final int FRESH_MINUTES = 30;
  private static final double PERCENT = 100;

  private final ReadingRepository readings;
  private final List<InstrumentPort> instruments;
  private final JobService jobs;
  private final SurveyService surveys;
  private final BenchService bench;
  private final ShelfService shelf;
  private final ReferenceData reference;
  private final Clock clock;

  ReadingService(
      ReadingRepository readings,
      List<InstrumentPort> instruments,
      JobService jobs,
      SurveyService surveys,
      BenchService bench,
      ShelfService shelf,
      ReferenceData reference,
      Clock clock) {
    this.readings = readings;
    this.instruments = instruments;
    this.jobs = jobs;
    this.surveys = surveys;
    this.bench = bench;
    this.shelf = shelf;
    this.reference = reference;
    this.clock = clock;
  }

  @Transactional(readOnly = true)
  public List<ReadingView> of(UUID jobId) {
    Map<String, Finish> finishes = finishes(jobId);
    return readings.findByJobIdOrderByAtDesc(jobId).stream()
        .map(ReadingEntity::view)
        .map(reading -> said(reading, finishes))
        .toList();
  }

  private Map<String, Finish> finishes(UUID jobId) {
    Map<String, Finish> finishes = new HashMap<>();
    for (SurfaceFile surface : jobs.document(jobId).surfaces()) {
      reference
          .finishes()
          .find(String.valueOf(surface.finish()))
          .ifPresent(finish -> finishes.put(surface.id(), finish));
    }
    return finishes;
  }

  /** A valid sheen against the clean range of its finish. */
  private static ReadingView said(ReadingView reading, Map<String, Finish> finishes) {
    Finish finish = finishes.get(reading.surfaceId());
    boolean sheen = reading.instrument().equals(Instrument.GLOSS.code());
    return sheen && finish != null && reading.notYet() == null && reading.value() != null
        ? reading.saying(SheenReading.of(reading.value(), finish).text())
        : reading;
  }

  /** Takes a reading, by hand where a value is given, else from the first instrument to answer. */
  public ReadingView take(UUID jobId, ReadingRequest request) {
    Instrument instrument = instrument(request.instrument());
    Target target = target(jobId, instrument, request);
    boolean byHand = request.value() != null || request.colour() != null;
    Measured measured = byHand ? typed(instrument, request) : measured(instrument, target);
    Optional<String> notYet = tooEarly(instrument, target);
    Optional<PhInterval> expected = expected(instrument, target, Known::asLabelled);
    Optional<PhInterval> before = expected(instrument, target, Known::asMeasured);
    ReadingEntity reading =
        readings.saveAndFlush(
            new ReadingEntity(target, instrument, measured, notYet.orElse(null), now()));
    if (notYet.isEmpty()) {
      write(instrument, target, measured.value());
    }
    return instrument == Instrument.PH
        ? reading.view().saying(PenReading.says(measured.value(), expected, before))
        : said(reading.view(), finishes(jobId));
  }

  /** What a mix should be: by label and water, or by earlier readings alone. */
  private Optional<PhInterval> expected(
      Instrument instrument, Target target, UnaryOperator<Known> by) {
    if (instrument != Instrument.PH) {
      return Optional.empty();
    }
    return shelf
        .shelf()
        .findProduct(target.product())
        .flatMap(
            product ->
                reference.rulebook().ph().of(by.apply(product.ph()), Ratio.parse(target.mix())));
  }

  /** Takes a reading out again, as after a slip of the finger; the survey has its own undo. */
  public void remove(UUID jobId, UUID readingId) {
    ReadingEntity reading =
        readings
            .findById(readingId)
            .filter(r -> r.jobId().equals(jobId))
            .orElseThrow(() -> new NoSuchElementException(PHRASES.say("there-is-no-such-reading")));
    readings.delete(reading);
  }

  private static Instrument instrument(String code) {
    return Arrays.stream(Instrument.values())
        .filter(i -> i.code().equals(code))
        .findFirst()
        .orElseThrow(
            () ->
                new InvalidInputException(
                    "/instrument",
                    "\"" + code + "\"",
                    PHRASES.say(
                        "one-of",
                        Arrays.stream(Instrument.values())
                            .map(Coded::code)
                            .collect(Lists.joining()))));
  }

  private Target target(UUID jobId, Instrument instrument, ReadingRequest r) {
    long seed = jobId.getLeastSignificantBits() + readings.countByJobId(jobId) * 7919;
    if (instrument.readsASurface()) {
      if (r.surfaceId() == null) {
        throw new InvalidInputException(
            "/surfaceId", Fault.NOTHING, PHRASES.say("the-panel-that-was-read"));
      }
      jobs.likely(jobId, r.surfaceId());
      return new Target(jobId, r.surfaceId(), null, null, seed);
    }
    jobs.document(jobId);
    if (instrument == Instrument.PH) {
      if (r.productId() == null || shelf.shelf().findProduct(r.productId()).isEmpty()) {
        throw new InvalidInputException(
            "/productId",
            r.productId() == null ? Fault.NOTHING : "\"" + r.productId() + "\"",
            PHRASES.say("a-product-on-the-shelf"));
      }
      String ratio = r.ratio() == null ? Ratio.READY.code() : Ratio.parse(r.ratio()).code();
      return new Target(jobId, null, r.productId(), ratio, seed);
    }
    return new Target(jobId, null, null, null, seed);
  }

  private static Measured typed(Instrument instrument, ReadingRequest r) {
    return new Measured(
        ReadingLine.value(instrument, r.value(), r.colour(), null, ""),
        PHRASES.say("by-hand"),
        false);
  }

  private Measured measured(Instrument instrument, Target target) {
    return instruments.stream()
        .map(port -> port.read(instrument, target))
        .flatMap(Optional::stream)
        .findFirst()
        .orElseThrow(() -> new NoSuchElementException(PHRASES.say("no-such-instrument-answers")));
  }

  private Optional<String> tooEarly(Instrument instrument, Target target) {
    if (instrument != Instrument.GLOSS) {
      return Optional.empty();
    }
    Optional<Double> moisture =
        readings
            .findFirstByJobIdAndSurfaceIdAndInstrumentOrderByAtDesc(
                target.jobId(), target.surface(), Instrument.MOISTURE.code())
            .filter(r -> r.at().isAfter(now().minusMinutes(FRESH_MINUTES)))
            .map(ReadingEntity::value);
    return Validity.tooEarly(
        instrument,
        moisture,
        bench.stillWorking(target.jobId(), target.surface()),
        reference.figures());
  }

  private void write(Instrument instrument, Target t, double value) {
    if (instrument == Instrument.PH) {
      shelf.measured(t.product(), t.mix(), value);
      return;
    }
    if (jobs.get(t.jobId()).state() != JobState.SURVEY) {
      return;
    }
    switch (instrument) {
      case GLOSS -> find(t, Finding.ofSheen(value));
      case SURFACE_TEMPERATURE -> find(t, Finding.ofSurfaceTemperature(value));
      case AIR_TEMPERATURE -> air(t, value, null, null);
      case HUMIDITY -> air(t, null, value / PERCENT, null);
      case AIR_SPEED -> air(t, null, null, value);
      default -> {} // moisture and the cloth say when, not what
    }
  }

  private void find(Target t, Finding finding) {
    surveys.find(t.jobId(), new FindingRequest(List.of(t.surface()), finding));
  }

  private void air(
      Target t, @Nullable Double temperature, @Nullable Double humidity, @Nullable Double speed) {
    JobFile.SettingFile setting = JobFile.SettingFile.inAir(temperature, humidity, speed, null);
    jobs.change(t.jobId(), new JobChange(null, setting, null, null));
  }

  private LocalDateTime now() {
    return LocalDateTime.now(clock).truncatedTo(ChronoUnit.MILLIS);
  }
}
