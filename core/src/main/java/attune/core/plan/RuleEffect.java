package attune.core.plan;

import attune.core.match.Decisions;
import attune.core.match.Reason;
import attune.core.match.ReasonCode;
import attune.core.match.Treatment;
import attune.core.shelf.Product;
import attune.core.survey.Job;
import attune.core.words.Lists;
import attune.core.words.Phrases;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What one house rule does to a job: the plan under one school beside the plan under another.
 *
 * @param surfaces what is done otherwise, panel by panel
 * @param sitLater how much later it can be sat in; negative when it is earlier
 * @param clothsThrown how many cloths more are thrown away
 */
public record RuleEffect(
    String key,
    String from,
    String to,
    List<Changed> surfaces,
    Duration sitLater,
    int clothsThrown) {
  private static final Phrases PHRASES = Phrases.of(RuleEffect.class);

  /** One panel's work under each school. */
  public record Changed(String surfaceId, String before, String after) {}

  public RuleEffect {
    surfaces = List.copyOf(surfaces);
  }

  public boolean changesNothing() {
    return surfaces.isEmpty() && sitLater.isZero() && clothsThrown == 0;
  }

  /** Compares a job under the school it has with the same job under another. */
  public static RuleEffect of(
      Planner planner, Job job, Decisions decisions, String key, String from, String to) {
    Plan before = planner.plan(under(job, key, from), decisions);
    Plan after = planner.plan(under(job, key, to), decisions);
    List<Changed> changed = new ArrayList<>();
    for (int i = 0; i < before.surfaces().size(); i++) {
      String was = said(before.surfaces().get(i));
      String is = said(after.surfaces().get(i));
      if (!was.equals(is)) {
        changed.add(new Changed(before.surfaces().get(i).surface().id(), was, is));
      }
    }
    return new RuleEffect(
        key,
        from,
        to,
        changed,
        Duration.between(before.timetable().sitAt(), after.timetable().sitAt()),
        thrown(after) - thrown(before));
  }

  private static Job under(Job job, String key, String school) {
    return new Job(
        job.title(),
        job.setting(),
        job.wishes(),
        job.houseRules().with(Map.of(key, school)),
        job.shelf(),
        job.craft(),
        job.historyKnown(),
        job.surfaces());
  }

  private static int thrown(Plan plan) {
    return plan.cloths().stream().mapToInt(Plan.ClothCount::thrown).sum();
  }

  /** The work on a panel in a line. */
  private static String said(SurfacePlan plan) {
    List<String> parts = new ArrayList<>();
    plan.firstRung()
        .ifPresentOrElse(
            rung -> parts.add(said(rung.treatment())),
            () -> parts.add(PHRASES.say("nothing-cleaned")));
    plan.finishSteps()
        .forEach(
            step ->
                parts.add(
                    step.waitS() > 0
                        ? PHRASES.say("after-h", step.product().name(), step.waitS() / 3600)
                        : step.product().name()));
    Set<ReasonCode> told = Set.of(ReasonCode.RINSE, ReasonCode.WARM_FIRST);
    parts.addAll(
        plan.cautions().stream()
            .map(Reason::code)
            .filter(told::contains)
            .map(
                code ->
                    code == ReasonCode.RINSE
                        ? PHRASES.say("rinsed")
                        : PHRASES.say("seat-heat-first"))
            .collect(Collectors.toList()));
    return Lists.apart(parts);
  }

  private static String said(Treatment t) {
    return Lists.facts(
        t.cleaner().map(Product::name).orElseGet(() -> PHRASES.say("dry")),
        t.isDry() || t.ratio().isReady() ? "" : t.ratio().code(),
        PHRASES.say("on-the", t.tool().name(), t.applyTo().code()),
        t.warmth() == Treatment.Warmth.NONE ? "" : t.warmth().code().replace('-', ' '),
        t.isDry() ? "" : PHRASES.say("sits-s", t.dwellS()));
  }
}
