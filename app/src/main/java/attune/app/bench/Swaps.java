package attune.app.bench;

import attune.app.bench.EntryDetail.UsedInstead;
import attune.app.format.DecisionsReader;
import attune.app.format.JobFile.NeedlesFile;
import attune.app.planning.JobPlans;
import attune.app.reference.ReferenceData;
import attune.core.bench.FrozenRung;
import attune.core.check.InvalidInputException;
import attune.core.match.Place;
import attune.core.match.Reason;
import attune.core.match.Treatment;
import attune.core.match.Verdict;
import attune.core.measure.Ratio;
import attune.core.survey.Job;
import attune.core.words.Phrases;
import java.util.Comparator;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Judges what was used instead of what was planned, by the same judge as the plan. */
@Component
class Swaps {
  private static final Phrases PHRASES = Phrases.of(Swaps.class);

  private final JobPlans plans;
  private final ReferenceData reference;

  Swaps(JobPlans plans, ReferenceData reference) {
    this.plans = plans;
    this.reference = reference;
  }

  /** The planned bottle is as it was mixed, another as it comes. */
  private static Ratio unsaid(FrozenRung planned, UsedInstead used) {
    boolean same =
        used.productId() == null
            || planned.cleanerId().filter(used.productId()::equals).isPresent();
    return same ? planned.ratio() : Ratio.READY;
  }

  /** What is said of it; the rest of the treatment is as planned. */
  String says(UUID jobId, String surfaceId, FrozenRung planned, UsedInstead used) {
    Job job = plans.job(jobId);
    NeedlesFile needles =
        new NeedlesFile(
            used.productId() == null ? planned.cleanerId().orElse(null) : used.productId(),
            used.ratio() != null ? used.ratio() : unsaid(planned, used).code(),
            used.toolId() == null ? planned.toolId() : used.toolId(),
            planned.applyTo().code(),
            planned.laidGPerM2(),
            planned.warmth().code(),
            (int) planned.dwell().minS());
    Optional<Treatment> treatment;
    try {
      treatment = DecisionsReader.treatment(needles, job.shelf());
    } catch (InvalidInputException e) {
      return PHRASES.say("noted-the-ratio-cannot-be", String.valueOf(used.ratio()));
    }
    Optional<Place> place =
        job.surfaces().stream()
            .filter(s -> s.id().equals(surfaceId))
            .findFirst()
            .map(s -> reference.planner().place(job, s));
    if (treatment.isEmpty() || place.isEmpty()) {
      return PHRASES.say("noted-it-is-not-on");
    }
    Verdict verdict = reference.planner().matcher().judge(place.get(), treatment.get());
    if (verdict.isAllowed()) {
      return PHRASES.say("noted-inside-what-this-finish", verdict.passes());
    }
    return PHRASES.say(
        "careful-wipe-it-off-and",
        verdict.reasons().stream()
            .filter(Reason::rulesOut)
            .max(Comparator.comparing(Reason::effect))
            .map(Reason::text)
            .orElse(PHRASES.say("it-would-not-shift-this")));
  }
}
