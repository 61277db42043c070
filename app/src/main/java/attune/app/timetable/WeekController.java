package attune.app.timetable;

import attune.app.jobs.JobViews.JobDetail;
import attune.app.jobs.JobViews.JobSummary;
import attune.app.shop.ShopService;
import attune.app.timetable.WeekViews.StartRequest;
import attune.app.timetable.WeekViews.StintView;
import attune.app.timetable.WeekViews.ThereView;
import attune.app.timetable.WeekViews.WeekView;
import attune.core.plan.Round;
import attune.core.plan.Timetable;
import attune.core.schedule.Worker;
import jakarta.validation.Valid;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** All jobs and people of a week, and jobs moved in it. */
@RestController
@RequestMapping("/api/v1")
class WeekController {
  private static final int DAYS = 7;
  private static final int MINUTE_S = 60;

  private record Key(Optional<String> person, LocalDate day) {}

  private final Bookings bookings;
  private final TimetableService timetables;
  private final ShopService shop;
  private final Clock clock;

  WeekController(Bookings bookings, TimetableService timetables, ShopService shop, Clock clock) {
    this.bookings = bookings;
    this.timetables = timetables;
    this.shop = shop;
    this.clock = clock;
  }

  @GetMapping("/week")
  WeekView week(
      @RequestParam(required = false) @DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
          LocalDate from) {
    LocalDate monday =
        (from == null ? LocalDate.now(clock) : from)
            .with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
    Map<JobSummary, Timetable> planned =
        bookings.timetables(bookings.around(monday, monday.plusDays(DAYS)));
    List<StintView> stints = new ArrayList<>();
    planned.forEach((job, timetable) -> stints.addAll(stints(job, timetable, planned, monday)));
    stints.sort(Comparator.comparing(StintView::from));
    Map<String, Worker> people = shop.workers();
    return new WeekView(monday, List.copyOf(people.keySet()), hours(people, monday), stints);
  }

  private static List<ThereView> hours(Map<String, Worker> people, LocalDate monday) {
    List<ThereView> hours = new ArrayList<>();
    for (Worker worker : people.values()) {
      for (int day = 0; day < DAYS; day++) {
        LocalDate date = monday.plusDays(day);
        if (!worker.week().off().contains(date.getDayOfWeek())) {
          hours.add(
              new ThereView(worker.id(), date, (worker.closes() - worker.opens()) / MINUTE_S));
        }
      }
    }
    return hours;
  }

  private static List<StintView> stints(
      JobSummary job, Timetable timetable, Map<JobSummary, Timetable> planned, LocalDate monday) {
    Map<Key, List<Round>> byDay = new LinkedHashMap<>();
    for (Round round : timetable.rounds()) {
      LocalDate day = round.start().toLocalDate();
      if (!day.isBefore(monday) && day.isBefore(monday.plusDays(DAYS))) {
        byDay
            .computeIfAbsent(
                new Key(round.person().filter(p -> timetable.named()), day),
                key -> new ArrayList<>())
            .add(round);
      }
    }
    List<StintView> stints = new ArrayList<>();
    byDay.forEach((key, rounds) -> stints.add(stint(job, timetable, key, rounds, planned)));
    return stints;
  }

  private static StintView stint(
      JobSummary job,
      Timetable timetable,
      Key key,
      List<Round> rounds,
      Map<JobSummary, Timetable> planned) {
    LocalDateTime from =
        rounds.stream().map(Round::start).min(Comparator.naturalOrder()).orElseThrow();
    LocalDateTime until =
        rounds.stream().map(Round::end).max(Comparator.naturalOrder()).orElseThrow();
    long work = Math.round(rounds.stream().mapToInt(Round::handsS).sum() / 60.0);
    String clash =
        planned.entrySet().stream()
            .filter(other -> !other.getKey().equals(job))
            .filter(other -> Bookings.clash(rounds, other.getValue()).isPresent())
            .map(other -> other.getKey().vehicleLabel())
            .findFirst()
            .orElse(null);
    return new StintView(
        job.id(),
        job.title(),
        job.vehicleLabel(),
        key.person().orElse(null),
        job.startAt(),
        from,
        until,
        (int) work,
        timetable.readyAt(),
        job.returnBy() != null && timetable.readyAt().isAfter(job.returnBy()),
        clash);
  }

  @PutMapping("/jobs/{id}/timetable/start")
  JobDetail start(@PathVariable UUID id, @Valid @RequestBody StartRequest request) {
    return timetables.startAt(id, request.start());
  }
}
