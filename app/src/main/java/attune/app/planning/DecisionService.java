package attune.app.planning;

import attune.app.format.JobFile.ByHandFile;
import attune.app.format.JobFile.TriedFile;
import attune.app.format.SurfaceFile;
import attune.app.jobs.JobViews.JobDetail;
import attune.app.jobs.SurveyService;
import attune.app.planning.MatchViews.ByHandRequest;
import attune.app.planning.MatchViews.TriedRequest;
import attune.app.reference.ReferenceData;
import attune.core.check.Fault;
import attune.core.check.InvalidInputException;
import attune.core.match.Place;
import attune.core.match.Reason;
import attune.core.match.Reason.Effect;
import attune.core.match.Treatment;
import attune.core.match.Tried;
import attune.core.match.Verdict;
import attune.core.survey.Job;
import attune.core.words.Phrases;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** What a specialist decides on a panel: needles set by hand, and what the cloth said of them. */
@Service
class DecisionService {
  private static final Phrases PHRASES = Phrases.of(DecisionService.class);

  private final JobPlans plans;
  private final SurveyService surveys;
  private final ReferenceData reference;

  DecisionService(JobPlans plans, SurveyService surveys, ReferenceData reference) {
    this.plans = plans;
    this.surveys = surveys;
    this.reference = reference;
  }

  /**
   * Keeps needles set by hand.
   *
   * @throws InvalidInputException if something rules them out, which nobody may override, or a
   *     caution stands and no reason is given
   */
  JobDetail set(UUID id, String surfaceId, ByHandRequest request) {
    Job job = plans.job(id);
    Treatment treatment = NeedleReader.treatment(job.shelf(), request.needles());
    Place place = reference.planner().place(job, MatchService.surface(job, surfaceId));
    Verdict verdict = reference.planner().matcher().judge(place, treatment);
    String reason = request.reason() == null ? "" : request.reason().strip();
    verdict.reasons().stream()
        .filter(r -> r.effect().compareTo(Effect.UNDER) > 0)
        .max(Comparator.comparing(Reason::effect))
        .ifPresent(
            bar -> {
              throw new InvalidInputException(
                  "/needles", bar.text(), PHRASES.say("needles-that-nothing-rules-out"));
            });
    boolean caution = verdict.reasons().stream().anyMatch(r -> r.effect() == Effect.CAUTION);
    if (caution && reason.isEmpty()) {
      throw new InvalidInputException(
          "/reason", Fault.NOTHING, PHRASES.say("why-this-caution-is-overridden"));
    }
    ByHandFile byHand =
        new ByHandFile(NeedleReader.file(treatment), reason.isEmpty() ? null : reason);
    return surveys.decide(
        id,
        surfaceId,
        s -> s.decided(byHand, s.tried()),
        where -> PHRASES.say("set-by-hand", where));
  }

  /** Back to the match's own choice. */
  JobDetail reset(UUID id, String surfaceId) {
    MatchService.surface(plans.job(id), surfaceId);
    return surveys.decide(
        id,
        surfaceId,
        s -> s.decided(null, s.tried()),
        where -> PHRASES.say("own-choice-on", where));
  }

  /** Notes what a treatment did; what did not work sets a hand choice of the same aside. */
  JobDetail tried(UUID id, String surfaceId, TriedRequest request) {
    Job job = plans.job(id);
    MatchService.surface(job, surfaceId);
    Treatment treatment = NeedleReader.treatment(job.shelf(), request.needles());
    TriedFile noted = new TriedFile(NeedleReader.file(treatment), request.result());
    return surveys.decide(
        id, surfaceId, s -> with(s, noted), where -> PHRASES.say("tried-on", where));
  }

  private static SurfaceFile with(SurfaceFile s, TriedFile noted) {
    List<TriedFile> tried = new ArrayList<>(s.tried() == null ? List.of() : s.tried());
    tried.add(noted);
    boolean sameByHand = s.byHand() != null && s.byHand().needles().equals(noted.needles());
    return s.decided(
        sameByHand && !noted.result().equals(Tried.Result.CLEAN.code()) ? null : s.byHand(),
        List.copyOf(tried));
  }

  /** Takes back all that was noted as tried. */
  JobDetail forgetTried(UUID id, String surfaceId) {
    MatchService.surface(plans.job(id), surfaceId);
    return surveys.decide(
        id,
        surfaceId,
        s -> s.decided(s.byHand(), null),
        where -> PHRASES.say("nothing-tried-on", where));
  }
}
