package attune.app.planning;

import attune.app.planning.MatchViews.ModelPanelView;
import attune.app.reference.ReferenceData;
import attune.app.training.PanelWriter;
import attune.app.training.TrainingViews.TrialView;
import attune.app.training.TrainingViews.TrialsView;
import attune.core.match.Place;
import attune.core.match.SurfaceMatch;
import attune.core.match.Treatment;
import attune.core.plan.Plan;
import attune.core.train.Classroom;
import attune.core.train.HandWork;
import attune.core.train.Trial;
import attune.core.words.Phrases;
import java.util.NoSuchElementException;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Panels of real jobs, tried on models first; nothing of it goes into the job. */
@Service
class ModelService {
  private static final Phrases PHRASES = Phrases.of(ModelService.class);

  private static final int RUNS = 10;
  private static final String NOTHING_WET = PHRASES.say("nothing-wet-is-planned-for");

  private final JobPlans plans;
  private final ReferenceData reference;

  ModelService(JobPlans plans, ReferenceData reference) {
    this.plans = plans;
    this.reference = reference;
  }

  TrialsView trials(UUID jobId, String surfaceId) {
    SurfaceMatch match = match(plans.plan(jobId), surfaceId);
    Place place = match.place();
    Treatment treatment =
        match.ladder().stream()
            .map(rung -> rung.treatment())
            .filter(t -> !t.isDry())
            .findFirst()
            .orElseThrow(() -> new NoSuchElementException(NOTHING_WET));
    return new TrialsView(
        HandWork.said(treatment),
        place.surface().wishes().standard().code(),
        Trial.of(place, treatment, reference.rulebook(), RUNS).stream()
            .map(t -> new TrialView(t.passes(), t.left(), t.clean(), t.coat(), t.unharmed()))
            .toList());
  }

  ModelPanelView model(UUID jobId, String surfaceId, long seed) {
    Plan plan = plans.plan(jobId);
    Classroom room = reference.classroom(plan.job().shelf());
    return room.model(plan.job(), match(plan, surfaceId), seed)
        .map(
            work ->
                new ModelPanelView(
                    PanelWriter.view(work),
                    work.means().stream()
                        .map(means -> NeedleReader.needles(means.treatment()))
                        .toList()))
        .orElseThrow(() -> new NoSuchElementException(NOTHING_WET));
  }

  private static SurfaceMatch match(Plan plan, String surfaceId) {
    return plan.surfaces().stream()
        .filter(s -> s.surface().id().equals(surfaceId))
        .map(s -> s.match())
        .findFirst()
        .orElseThrow(() -> new NoSuchElementException(PHRASES.say("there-is-no-such-panel")));
  }
}
