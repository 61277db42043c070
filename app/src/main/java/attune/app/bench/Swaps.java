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
import java.util.Comparator;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Judges what was used instead of what was planned, by the same judge as the plan. */
@Component
class Swaps {
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
      return "Noted. The ratio \"" + used.ratio() + "\" cannot be read, so it is not judged.";
    }
    Optional<Place> place =
        job.surfaces().stream()
            .filter(s -> s.id().equals(surfaceId))
            .findFirst()
            .map(s -> reference.planner().place(job, s));
    if (treatment.isEmpty() || place.isEmpty()) {
      return "Noted. It is not on the shelf, so it is not judged: its label decides.";
    }
    Verdict verdict = reference.planner().matcher().judge(place.get(), treatment.get());
    if (verdict.isAllowed()) {
      return "Noted: inside what this finish stands, "
          + verdict.passes()
          + (verdict.passes() == 1 ? " pass." : " passes.");
    }
    return "Careful: "
        + verdict.reasons().stream()
            .filter(Reason::rulesOut)
            .max(Comparator.comparing(Reason::effect))
            .map(Reason::text)
            .orElse("it would not shift this soil.")
        + " Wipe it off and go back to the plan, or test it in a hidden place.";
  }
}
