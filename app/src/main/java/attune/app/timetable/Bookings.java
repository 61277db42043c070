package attune.app.timetable;

import attune.app.jobs.JobService;
import attune.app.jobs.JobViews.JobSummary;
import attune.app.planning.JobPlans;
import attune.core.check.InvalidInputException;
import attune.core.plan.Plan;
import attune.core.plan.Round;
import attune.core.plan.Timetable;
import attune.core.words.Moments;
import attune.core.words.Phrases;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Who is on which job when, so that nobody is on two. */
@Component
class Bookings {
  private static final Phrases PHRASES = Phrases.of(Bookings.class);

  /** No visit goes on longer, waits for parts and cures among it. */
  private static final int LONGEST_DAYS = 42;

  private final JobService jobs;
  private final JobPlans plans;

  Bookings(JobService jobs, JobPlans plans) {
    this.jobs = jobs;
    this.plans = plans;
  }

  /**
   * Jobs that may take somebody's time in some days: each has to be planned to know, so those that
   * began too long before are left out.
   *
   * @param until the day after the last
   */
  List<JobSummary> around(LocalDate from, LocalDate until) {
    return jobs.open().stream()
        .filter(job -> job.surveyed() > 0)
        .filter(job -> job.startAt().isBefore(until.atStartOfDay()))
        .filter(job -> !job.startAt().isBefore(from.minusDays(LONGEST_DAYS).atStartOfDay()))
        .toList();
  }

  /** The timetables of some jobs in their order; without those that cannot be planned. */
  Map<JobSummary, Timetable> timetables(List<JobSummary> of) {
    Map<UUID, Plan> planned = plans.plans(of.stream().map(JobSummary::id).toList());
    Map<JobSummary, Timetable> timetables = new LinkedHashMap<>();
    for (JobSummary job : of) {
      if (planned.containsKey(job.id())) {
        timetables.put(job, planned.get(job.id()).timetable());
      }
    }
    return timetables;
  }

  /**
   * Refuses what would have somebody on two jobs at once.
   *
   * @throws InvalidInputException naming who, on what and when
   */
  void refuseClash(UUID id, Timetable planned, String pointer) {
    LocalDate from = planned.rounds().get(0).start().toLocalDate();
    List<JobSummary> others =
        around(from, planned.handsOffAt().toLocalDate().plusDays(1)).stream()
            .filter(other -> !other.id().equals(id))
            .toList();
    timetables(others)
        .forEach(
            (other, theirs) ->
                clash(planned.rounds(), theirs).ifPresent(round -> refuse(round, other, pointer)));
  }

  private static void refuse(Round round, JobSummary other, String pointer) {
    throw new InvalidInputException(
        pointer,
        PHRASES.say(
            "is-on-then-to",
            round.person().orElseThrow(),
            other.vehicleLabel(),
            Moments.dayAndClock(round.start()),
            Moments.clock(round.end())),
        PHRASES.say("people-who-are-free-or"));
  }

  /** The first round of theirs somebody of ours would be wanted for at the same time. */
  static Optional<Round> clash(List<Round> ours, Timetable theirs) {
    return theirs.rounds().stream()
        .filter(round -> theirs.named())
        .filter(round -> ours.stream().anyMatch(our -> clash(our, round)))
        .findFirst();
  }

  private static boolean clash(Round a, Round b) {
    return a.person().equals(b.person())
        && a.start().isBefore(b.end())
        && b.start().isBefore(a.end());
  }
}
