package attune.app.planning;

import attune.app.format.JobFile;
import attune.app.format.PlannedSurfaceWriter;
import attune.app.format.SurfaceFile;
import attune.app.jobs.JobService;
import attune.app.planning.MatchViews.ByHandView;
import attune.app.planning.MatchViews.CleanerOption;
import attune.app.planning.MatchViews.MatchView;
import attune.app.planning.MatchViews.Needles;
import attune.app.planning.MatchViews.Reading;
import attune.app.planning.MatchViews.ScaleReading;
import attune.app.planning.MatchViews.SoilAfter;
import attune.app.planning.MatchViews.SoilView;
import attune.app.planning.MatchViews.Standing;
import attune.app.planning.MatchViews.SurfaceOutcome;
import attune.app.planning.MatchViews.ToolOption;
import attune.app.planning.MatchViews.TriedView;
import attune.app.planning.MatchViews.WarmthOption;
import attune.app.reference.ReferenceData;
import attune.core.check.Coded;
import attune.core.check.Known;
import attune.core.match.Demand;
import attune.core.match.Matcher;
import attune.core.match.Place;
import attune.core.match.Rack;
import attune.core.match.Reason;
import attune.core.match.ReasonCode;
import attune.core.match.Rung;
import attune.core.match.SoilLeft;
import attune.core.match.Treatment;
import attune.core.match.Verdict;
import attune.core.measure.PhInterval;
import attune.core.measure.Ratio;
import attune.core.plan.SurfacePlan;
import attune.core.shelf.Product;
import attune.core.shelf.Span;
import attune.core.shelf.Tool;
import attune.core.survey.Job;
import attune.core.survey.Surface;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** The match of one surface, and the reading of any needles set by hand. */
@Service
class MatchService {
  private static final Phrases PHRASES = Phrases.of(MatchService.class);

  private final JobPlans plans;
  private final JobService jobs;
  private final ReferenceData reference;

  MatchService(JobPlans plans, JobService jobs, ReferenceData reference) {
    this.plans = plans;
    this.jobs = jobs;
    this.reference = reference;
  }

  List<SurfaceOutcome> outcomes(UUID id) {
    Map<String, String> labels = labels(id);
    return plans.plan(id).surfaces().stream()
        .map(plan -> outcome(plan, Known.of(labels, plan.surface().id())))
        .toList();
  }

  private static SurfaceOutcome outcome(SurfacePlan plan, String label) {
    return new SurfaceOutcome(
        plan.surface().id(),
        label,
        standing(plan).code(),
        plan.firstRung().flatMap(rung -> rung.treatment().cleaner()).map(Product::id).orElse(null),
        plan.minutesLow(),
        plan.minutesHigh());
  }

  private static Standing standing(SurfacePlan plan) {
    if (plan.match().refer().isPresent()) {
      return Standing.REFER;
    }
    if (!plan.match().place().limits().identified()) {
      return Standing.UNKNOWN;
    }
    return plan.firstRung()
        .map(rung -> Standing.valueOf(rung.verdict().outcome().name()))
        .orElse(
            plan.match().place().demand().isNone() ? Standing.NOTHING_TO_CLEAN : Standing.REFER);
  }

  MatchView match(UUID id, String surfaceId) {
    Job job = plans.job(id);
    surface(job, surfaceId);
    SurfacePlan plan =
        plans.plan(id).surfaces().stream()
            .filter(p -> p.surface().id().equals(surfaceId))
            .findFirst()
            .orElseThrow();
    Place place = plan.match().place();
    return new MatchView(
        surfaceId,
        labels(id).getOrDefault(surfaceId, surfaceId),
        place.finish().name(),
        place.limits().identified(),
        place.demand().level().code(),
        place.demand().soils().stream().map(Coded::code).sorted().toList(),
        PlannedSurfaceWriter.surface(plan),
        plan.match().ladder().stream()
            .findFirst()
            .map(Rung::verdict)
            .map(v -> reading(place, v))
            .orElse(null),
        job.shelf().products().stream().filter(Product::cleans).map(this::option).toList(),
        job.shelf().tools().stream()
            .filter(tool -> tool.kind().scrubs())
            .sorted(Comparator.comparingInt(Tool::stiffness).thenComparing(Tool::name))
            .map(tool -> new ToolOption(tool.id(), tool.name(), tool.stiffness(), tool.abrasive()))
            .toList(),
        Arrays.stream(Treatment.Warmth.values())
            .filter(w -> w != Treatment.Warmth.SEAT_HEAT)
            .map(w -> new WarmthOption(w.code(), matcher().temperature(place, w).value()))
            .toList(),
        byHand(id, surfaceId, plan),
        tried(id, surfaceId));
  }

  private @Nullable ByHandView byHand(UUID id, String surfaceId, SurfacePlan plan) {
    return surfaceFile(id, surfaceId)
        .map(SurfaceFile::byHand)
        .map(
            set ->
                new ByHandView(
                    NeedleReader.needles(set.needles()), set.reason(), plan.match().byHand()))
        .orElse(null);
  }

  private List<TriedView> tried(UUID id, String surfaceId) {
    return surfaceFile(id, surfaceId).map(SurfaceFile::tried).orElse(List.of()).stream()
        .map(t -> new TriedView(NeedleReader.needles(t.needles()), t.result()))
        .toList();
  }

  private Optional<SurfaceFile> surfaceFile(UUID id, String surfaceId) {
    return jobs.document(id).surfaces().stream().filter(s -> s.id().equals(surfaceId)).findFirst();
  }

  Reading read(UUID id, String surfaceId, Needles needles) {
    Job job = plans.job(id);
    Place place = reference.planner().place(job, surface(job, surfaceId));
    return reading(place, matcher().judge(place, NeedleReader.treatment(job.shelf(), needles)));
  }

  private CleanerOption option(Product product) {
    return new CleanerOption(
        product.id(),
        product.name(),
        Matcher.ratios(product).stream().map(Ratio::code).toList(),
        Matcher.ratios(product).stream()
            .flatMap(ratio -> reference.rulebook().ph().of(product.ph(), ratio).stream())
            .map(PhInterval::middle)
            .toList(),
        product.dwell().map(Span::min).orElse(null),
        product.dwell().map(Span::max).orElse(null));
  }

  private Matcher matcher() {
    return reference.planner().matcher();
  }

  private Reading reading(Place place, Verdict verdict) {
    Treatment t = verdict.treatment();
    boolean blocked =
        verdict.reasons().stream().anyMatch(r -> r.code() == ReasonCode.SURFACE_TOO_HOT)
            || !verdict.sections().fits();
    return new Reading(
        NeedleReader.needles(t),
        verdict.outcome().code(),
        sentence(verdict),
        verdict.reasons().stream()
            .sorted(Comparator.comparing(Reason::effect).reversed())
            .map(PlannedSurfaceWriter::reason)
            .toList(),
        matcher().rack(place, verdict).readings().stream().map(MatchService::scale).toList(),
        verdict.action(),
        verdict.needed(),
        verdict.passes() >= Demand.NEVER ? null : verdict.passes(),
        verdict.sections().count(),
        verdict.sections().areaM2(),
        (long) Math.min(86_400, verdict.sections().nowS()),
        !blocked,
        soil(matcher().soilLeft(place, verdict)));
  }

  private static SoilView soil(SoilLeft left) {
    return new SoilView(
        left.acceptable(),
        left.after().stream()
            .map(a -> new SoilAfter(a.pass(), a.likely(), a.low(), a.high()))
            .toList());
  }

  private static String sentence(Verdict verdict) {
    Optional<Reason> worst =
        verdict.reasons().stream()
            .filter(Reason::rulesOut)
            .max(Comparator.comparing(Reason::effect));
    if (worst.isPresent()) {
      return worst.get().text();
    }
    if (verdict.passes() >= Demand.NEVER) {
      return PHRASES.say("never-clean-to-the-standard");
    }
    String passes = PHRASES.say("passes", verdict.passes());
    return PHRASES.say("to-the-standard-agreed", passes);
  }

  private static ScaleReading scale(Rack.Reading r) {
    return new ScaleReading(
        r.scale().code(),
        r.unit(),
        r.axisLow(),
        r.axisHigh(),
        r.valueLow().orElse(null),
        r.valueHigh().orElse(null),
        r.need().orElse(null),
        r.routineLow(),
        r.routineHigh(),
        r.limitLow(),
        r.limitHigh(),
        r.limitSetBy().code(),
        r.limitWhy(),
        r.state().code());
  }

  static Surface surface(Job job, String surfaceId) {
    return job.surfaces().stream()
        .filter(surface -> surface.id().equals(surfaceId))
        .findFirst()
        .orElseThrow(() -> new NoSuchElementException(PHRASES.say("this-panel-is-not-surveyed")));
  }

  private Map<String, String> labels(UUID id) {
    JobFile document = jobs.document(id);
    return jobs.labels(document);
  }
}
