package attune.app.planning;

import attune.app.format.PlannedSurfaceWriter;
import attune.app.jobs.JobService;
import attune.app.planning.MatchViews.MatrixHead;
import attune.app.planning.MatchViews.MatrixView;
import attune.app.planning.MatchViews.Needles;
import attune.app.planning.MatchViews.RemedyView;
import attune.app.planning.MatchViews.WhyView;
import attune.app.reference.ReferenceData;
import attune.core.check.Known;
import attune.core.match.Matcher;
import attune.core.match.Place;
import attune.core.match.Reason;
import attune.core.match.ReasonCode;
import attune.core.match.RuledOut;
import attune.core.match.Treatment;
import attune.core.match.Why;
import attune.core.plan.SurfacePlan;
import attune.core.shelf.Product;
import attune.core.shelf.Shelf;
import attune.core.shelf.Tool;
import attune.core.survey.Job;
import attune.core.words.Phrases;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/** Why something of the shelf is not used on a panel, and what would have to change. */
@Service
class WhyService {
  private static final Phrases PHRASES = Phrases.of(WhyService.class);

  private static final Set<ReasonCode> SPARE = Set.of(ReasonCode.DOMINATED, ReasonCode.NOT_WANTED);

  private final JobPlans plans;
  private final JobService jobs;
  private final ReferenceData reference;

  WhyService(JobPlans plans, JobService jobs, ReferenceData reference) {
    this.plans = plans;
    this.jobs = jobs;
    this.reference = reference;
  }

  WhyView why(UUID id, String surfaceId, String itemId) {
    Job job = plans.job(id);
    SurfacePlan plan = plan(id, surfaceId);
    Place place = plan.match().place();
    Optional<Product> product = job.shelf().findProduct(itemId);
    Optional<Tool> tool = job.shelf().findTool(itemId).filter(t -> t.kind().scrubs());
    Optional<RuledOut> out =
        plan.ruledOut().stream().filter(o -> o.itemId().equals(itemId)).findFirst();
    String name =
        product.map(Product::name).or(() -> tool.map(Tool::name)).orElse(itemId.replace('-', ' '));
    if (product.isEmpty() && tool.isEmpty() && out.isEmpty()) {
      throw new NoSuchElementException(PHRASES.say("there-is-nothing-by-this"));
    }
    Optional<Why> why =
        place.demand().isNone()
            ? Optional.empty()
            : product
                .filter(Product::cleans)
                .map(p -> matcher().why(place, p, job.shelf()))
                .or(() -> tool.map(t -> matcher().why(place, t, job.shelf())));
    List<Reason> reasons = out.map(RuledOut::reasons).orElse(List.of());
    return new WhyView(
        itemId,
        name,
        standing(plan, itemId).code(),
        reasons.stream().map(PlannedSurfaceWriter::reason).toList(),
        why.map(w -> w.remedies().stream().map(WhyService::remedy).toList()).orElse(List.of()));
  }

  /** What stands against needles, and the single changes that would bring them into tune. */
  WhyView why(UUID id, String surfaceId, Needles needles) {
    Job job = plans.job(id);
    Place place = plan(id, surfaceId).match().place();
    Treatment treatment = NeedleReader.treatment(job.shelf(), needles);
    Why why = matcher().why(place, treatment, job.shelf());
    return new WhyView(
        "",
        PHRASES.say("these-needles"),
        worst(why.reasons()).code(),
        why.reasons().stream().map(PlannedSurfaceWriter::reason).toList(),
        why.remedies().stream().map(WhyService::remedy).toList());
  }

  private static RemedyView remedy(Why.Remedy remedy) {
    return new RemedyView(
        remedy.possible(),
        remedy.text(),
        remedy.treatment().map(NeedleReader::needles).orElse(null));
  }

  MatrixView matrix(UUID id) {
    Job job = plans.job(id);
    Map<String, String> labels = jobs.labels(jobs.document(id));
    List<SurfacePlan> surfaces = plans.plan(id).surfaces();
    List<MatrixHead> items = items(job.shelf());
    List<Map<String, RuledOut>> out =
        surfaces.stream()
            .map(
                plan ->
                    plan.ruledOut().stream()
                        .collect(Collectors.toMap(RuledOut::itemId, o -> o, (a, b) -> a)))
            .toList();
    Map<String, String> rows = new LinkedHashMap<>();
    for (MatrixHead item : items) {
      StringBuilder row = new StringBuilder();
      for (int i = 0; i < surfaces.size(); i++) {
        row.append(letter(surfaces.get(i), item, Optional.ofNullable(out.get(i).get(item.id()))));
      }
      rows.put(item.id(), row.toString());
    }
    List<MatrixHead> sorted =
        items.stream()
            .sorted(Comparator.comparingInt(item -> -usefulness(Known.of(rows, item.id()))))
            .toList();
    return new MatrixView(
        sorted,
        surfaces.stream()
            .map(
                p ->
                    new MatrixHead(p.surface().id(), Known.of(labels, p.surface().id()), "surface"))
            .toList(),
        sorted.stream().map(item -> rows.get(item.id())).toList());
  }

  /** What is used comes first, then what would do most often; the rest as the shelf has it. */
  private static int usefulness(String row) {
    return (int) (row.chars().filter(c -> c == 'd').count() * 1000)
        + (int) row.chars().filter(c -> c == 'w').count();
  }

  private static List<MatrixHead> items(Shelf shelf) {
    return Stream.concat(
            shelf.products().stream()
                .map(p -> new MatrixHead(p.id(), p.name(), p.cleans() ? "cleaner" : "finish")),
            shelf.tools().stream()
                .filter(tool -> tool.kind().scrubs())
                .sorted(Comparator.comparingInt(Tool::stiffness))
                .map(t -> new MatrixHead(t.id(), t.name(), "tool")))
        .toList();
  }

  private static String letter(SurfacePlan plan, MatrixHead item, Optional<RuledOut> out) {
    if (uses(plan, item.id())) {
      return ItemStanding.DONE.letter();
    }
    return out.map(o -> worst(o.reasons())).orElse(ItemStanding.NOT_ASKED).letter();
  }

  private static boolean uses(SurfacePlan plan, String itemId) {
    return Stream.concat(
            plan.match().ladder().stream()
                .flatMap(
                    r ->
                        Stream.concat(
                            r.treatment().cleaner().stream().map(Product::id),
                            Stream.of(r.treatment().tool().id()))),
            plan.finishSteps().stream()
                .flatMap(s -> Stream.of(s.product().id(), s.applicator().id())))
        .anyMatch(itemId::equals);
  }

  private static ItemStanding standing(SurfacePlan plan, String itemId) {
    if (uses(plan, itemId)) {
      return ItemStanding.DONE;
    }
    return plan.ruledOut().stream()
        .filter(o -> o.itemId().equals(itemId))
        .findFirst()
        .map(o -> worst(o.reasons()))
        .orElse(ItemStanding.NOT_ASKED);
  }

  private static ItemStanding worst(List<Reason> reasons) {
    if (reasons.stream().allMatch(r -> r.code() == ReasonCode.NOT_WANTED) && !reasons.isEmpty()) {
      return ItemStanding.NOT_ASKED;
    }
    if (reasons.stream().allMatch(r -> SPARE.contains(r.code()))) {
      return ItemStanding.WOULD_DO;
    }
    return reasons.stream()
        .map(Reason::effect)
        .max(Comparator.naturalOrder())
        .map(ItemStanding::of)
        .orElse(ItemStanding.WOULD_DO);
  }

  private SurfacePlan plan(UUID id, String surfaceId) {
    return plans.plan(id).surfaces().stream()
        .filter(p -> p.surface().id().equals(surfaceId))
        .findFirst()
        .orElseThrow(() -> new NoSuchElementException(PHRASES.say("this-panel-is-not-surveyed")));
  }

  private Matcher matcher() {
    return reference.planner().matcher();
  }
}
