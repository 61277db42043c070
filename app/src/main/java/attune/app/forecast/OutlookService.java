package attune.app.forecast;

import attune.app.forecast.ForecastFile.HourFile;
import attune.app.forecast.OutlookViews.AirRequest;
import attune.app.forecast.OutlookViews.HourView;
import attune.app.forecast.OutlookViews.HoursView;
import attune.app.forecast.OutlookViews.OutlookView;
import attune.app.forecast.OutlookViews.WorkedPanelView;
import attune.app.format.SchemaName;
import attune.app.format.Schemas;
import attune.app.jobs.JobService;
import attune.app.planning.JobPlans;
import attune.app.reference.ReferenceData;
import attune.core.check.Coded;
import attune.core.check.Fault;
import attune.core.check.InvalidInputException;
import attune.core.measure.Air;
import attune.core.measure.Celsius;
import attune.core.plan.Outlook;
import attune.core.plan.Outlook.Fix;
import attune.core.plan.Outlook.Forecast;
import attune.core.plan.Outlook.Hour;
import attune.core.plan.Outlook.Panel;
import attune.core.plan.Outlook.Part;
import attune.core.plan.Outlook.Whole;
import attune.core.plan.Plan;
import attune.core.plan.Step;
import attune.core.plan.Task;
import attune.core.survey.Setting;
import attune.core.survey.Setting.Sun;
import attune.core.words.Lists;
import attune.core.words.Moments;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** Sections, windows and drying of a job in other air, and hour by hour. */
@Service
class OutlookService {
  private static final Phrases PHRASES = Phrases.of(OutlookService.class);

  private final JobPlans plans;
  private final JobService jobs;
  private final ReferenceData reference;
  private final ForecastPort forecast;
  private final Schemas schemas;
  private final JsonMapper mapper;

  OutlookService(
      JobPlans plans,
      JobService jobs,
      ReferenceData reference,
      ForecastPort forecast,
      Schemas schemas,
      JsonMapper mapper) {
    this.plans = plans;
    this.jobs = jobs;
    this.reference = reference;
    this.forecast = forecast;
    this.schemas = schemas;
    this.mapper = mapper;
  }

  OutlookView outlook(UUID id, AirRequest request) {
    Plan plan = plans.plan(id);
    Setting s = plan.job().setting();
    Air air =
        new Air(
            new Celsius(or(request.airTempC(), s.air().temperature().value())),
            or(request.relativeHumidity(), s.air().relativeHumidity()),
            or(request.airSpeedMs(), s.air().speedMs()));
    Sun sun = request.sun() == null ? s.sun() : sun(request.sun());
    Outlook outlook = reference.planner().outlook(plan);
    Whole whole = outlook.in(air, sun);
    Map<String, Integer> order = order(plan);
    Map<String, String> labels = jobs.get(id).labels();
    return new OutlookView(
        whole.panels().stream()
            .map(
                p ->
                    view(
                        p,
                        labels.getOrDefault(p.surfaceId(), p.surfaceId()),
                        order.getOrDefault(p.surfaceId(), 0)))
            .sorted(Comparator.comparingInt(WorkedPanelView::order))
            .toList(),
        whole.sections(),
        whole.panels().stream().mapToInt(Panel::planned).sum(),
        boxed(whole.shortestS()),
        whole.fits(),
        whole.dries(),
        says(plan, outlook, whole),
        whole.dries() ? List.of() : outlook.remedies(air, sun));
  }

  private static double or(@Nullable Double value, double otherwise) {
    return value == null ? otherwise : value;
  }

  private static @Nullable Double boxed(OptionalDouble value) {
    return value.isPresent() ? value.getAsDouble() : null;
  }

  private static Sun sun(String code) {
    return Coded.find(Sun.class, code)
        .orElseThrow(
            () ->
                new InvalidInputException(
                    "/sun", "\"" + code + "\"", PHRASES.say("none-through-glass-or-direct")));
  }

  /** Panels by when they are cleaned. */
  private static Map<String, Integer> order(Plan plan) {
    Map<String, Integer> order = new LinkedHashMap<>();
    for (Task task : plan.timetable().tasks()) {
      if (task.step() == Step.CLEAN || task.step() == Step.TEXTILE) {
        order.putIfAbsent(task.surfaceIds().get(0), order.size() + 1);
      }
    }
    return order;
  }

  private static WorkedPanelView view(Panel p, String label, int order) {
    return new WorkedPanelView(
        p.surfaceId(),
        label,
        order,
        p.surfaceC(),
        p.windowS(),
        p.planned(),
        p.sections(),
        p.fits(),
        p.drying().estimateS(),
        p.drying().dries(),
        p.drying().how(),
        p.drying().confirmWith());
  }

  private static @Nullable String says(Plan plan, Outlook outlook, Whole whole) {
    Setting s = plan.job().setting();
    OptionalDouble before = outlook.in(s.air(), s.sun()).shortestS();
    return whole
        .mostly()
        .map(
            part ->
                PHRASES.say(
                    "mostly-the-the-shortest-window",
                    words(part),
                    minutes(before.orElse(0)),
                    minutes(whole.shortestS().orElse(0))))
        .orElse(null);
  }

  private static String words(Part part) {
    return switch (part) {
      case TEMPERATURE -> PHRASES.say("warmth-of-the-air");
      case HUMIDITY -> PHRASES.say("humidity");
      case DRAUGHT -> PHRASES.say("draught");
      case SUN -> PHRASES.say("sun");
    };
  }

  private static String minutes(double seconds) {
    if (seconds >= 86_400) {
      return PHRASES.say("no-end");
    }
    return seconds < 90
        ? Math.round(seconds) + " s"
        : seconds < 5400
            ? PHRASES.say("min", Math.round(seconds / 60))
            : "%.1f h".formatted(Locale.ROOT, seconds / 3600);
  }

  /** The shipped weather of a day and the next, as a file. */
  ForecastFile file(LocalDate day) {
    return new ForecastFile(
        "attune-forecast",
        1,
        PHRASES.say("port-ansley-simulated"),
        forecast.from(day).stream()
            .map(
                f ->
                    new HourFile(
                        f.at().toString(),
                        f.air().temperature().value(),
                        f.air().relativeHumidity(),
                        f.air().speedMs(),
                        f.sun().code()))
            .toList());
  }

  HoursView hours(UUID id) {
    LocalDate day = plans.plan(id).job().setting().start().toLocalDate();
    return hours(id, forecast.from(day), PHRASES.say("port-ansley"), true);
  }

  /**
   * The hours of a forecast somebody has as a file.
   *
   * @throws InvalidInputException with every fault of it
   */
  HoursView hours(UUID id, String json) {
    ForecastFile file =
        mapper.treeToValue(schemas.read(SchemaName.FORECAST, json), ForecastFile.class);
    List<Fault> faults = new ArrayList<>();
    List<Forecast> hours = new ArrayList<>();
    for (int i = 0; i < file.hours().size(); i++) {
      HourFile h = file.hours().get(i);
      try {
        hours.add(
            new Forecast(
                LocalDateTime.parse(h.at()),
                new Air(new Celsius(h.airTempC()), h.relativeHumidity(), or(h.airSpeedMs(), 0.3)),
                h.sun() == null ? Sun.NONE : sun(h.sun())));
      } catch (DateTimeException e) {
        faults.add(
            new Fault(
                "/hours/" + i + "/at", "\"" + h.at() + "\"", PHRASES.say("a-local-time-yyyy-mm")));
      }
    }
    if (!faults.isEmpty()) {
      throw new InvalidInputException(faults);
    }
    return hours(id, hours, file.place(), false);
  }

  private HoursView hours(
      UUID id, List<Forecast> forecasts, @Nullable String place, boolean simulated) {
    Plan plan = plans.plan(id);
    if (plan.job().setting().place() == Setting.Place.STUDIO) {
      return new HoursView(place, simulated, PHRASES.say("in-the-studio-the-air"), List.of());
    }
    Outlook outlook = reference.planner().outlook(plan);
    List<Hour> hours = outlook.hours(forecasts);
    Optional<Hour> best = Outlook.best(hours);
    return new HoursView(
        place,
        simulated,
        best.map(
                h ->
                    PHRASES.say(
                        "best-begun-fewest-sections-most", Moments.dayAndClock(h.forecast().at())))
            .orElseGet(() -> noHour(outlook.fixes(forecasts), Outlook.leastBad(hours))),
        hours.stream().map(h -> view(h, best.filter(h::equals).isPresent())).toList());
  }

  private static String noHour(List<Fix> fixes, Optional<Hour> leastBad) {
    String would =
        fixes.isEmpty()
            ? PHRASES.say("it-has-to-be-another")
            : fixes.stream().map(OutlookService::words).collect(Collectors.joining(" "));
    return Lists.sentences(
        PHRASES.say("no-hour-of-it-is"),
        would,
        leastBad
            .map(h -> PHRASES.say("least-bad-is", Moments.dayAndClock(h.forecast().at())))
            .orElse(""));
  }

  private static String words(Fix fix) {
    return switch (fix) {
      case SHADE -> PHRASES.say("out-of-the-sun-one");
      case HEATED_HALL -> PHRASES.say("in-a-heated-hall-it");
    };
  }

  private static HourView view(Hour h, boolean best) {
    Forecast f = h.forecast();
    return new HourView(
        f.at(),
        f.air().temperature().value(),
        f.air().relativeHumidity(),
        f.air().speedMs(),
        f.sun().code(),
        boxed(h.whole().shortestS()),
        h.whole().sections(),
        h.whole().driesInS(),
        h.whole().dries(),
        h.whole().hottestC(),
        h.light(),
        h.workable(),
        h.shade(),
        best);
  }
}
