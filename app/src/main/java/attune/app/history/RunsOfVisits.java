package attune.app.history;

import attune.app.bench.BenchService;
import attune.app.bench.RunRecord;
import attune.app.history.HistoryController.RunOfVisit;
import attune.app.jobs.JobService;
import attune.app.readings.SheenOfJobs;
import attune.app.shelf.ProductName;
import attune.core.bench.FrozenPanel;
import attune.core.bench.RunSoFar;
import attune.core.bench.StepSoFar;
import attune.core.measure.Ratio;
import attune.core.shelf.Shelf;
import attune.core.shelf.Tool;
import attune.core.words.Lists;
import attune.core.words.Phrases;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What a visit's run says of a vehicle: what came clean with what, exposure, sheen, time. */
@Component
@Transactional(readOnly = true)
class RunsOfVisits {
  private static final Phrases PHRASES = Phrases.of(RunsOfVisits.class);

  private static final int NAMED = 3;

  private final BenchService bench;
  private final JobService jobs;
  private final SheenOfJobs sheens;

  RunsOfVisits(BenchService bench, JobService jobs, SheenOfJobs sheens) {
    this.bench = bench;
    this.jobs = jobs;
    this.sheens = sheens;
  }

  Optional<RunOfVisit> of(UUID jobId) {
    return bench
        .soFar(jobId)
        .map(
            run -> {
              RunRecord record = bench.record(jobId);
              Map<String, String> labels = jobs.get(jobId).labels();
              return new RunOfVisit(
                  record.plannedMin(),
                  record.workedMin(),
                  came(run, bench.shelfOf(jobId), labels),
                  exposure(run, labels),
                  sheens.of(jobId, labels));
            });
  }

  /** By treatment: on how many panels it was enough, in how many passes, and where it was not. */
  private static List<String> came(RunSoFar run, Shelf shelf, Map<String, String> labels) {
    Map<String, List<StepSoFar>> byTreatment = new LinkedHashMap<>();
    run.hands()
        .filter(step -> step.step().cleans() && step.rung() > 0 && step.state().passes() > 0)
        .forEach(
            step ->
                byTreatment
                    .computeIfAbsent(treatment(step, shelf), key -> new ArrayList<>())
                    .add(step));
    return byTreatment.entrySet().stream()
        .map(e -> Lists.headed(e.getKey(), went(e.getValue(), run, labels)))
        .toList();
  }

  /** What was used, whatever was planned. */
  private static String treatment(StepSoFar step, Shelf shelf) {
    String tool = step.toolId().map(id -> shelf.findTool(id).map(Tool::name).orElse(id)).orElse("");
    if (step.productId().isEmpty()) {
      return PHRASES.say("dry", tool);
    }
    Ratio ratio = step.ratio();
    return Lists.facts(
        ProductName.of(shelf, step.productId().get()), ratio.isReady() ? "" : ratio.code(), tool);
  }

  private static String went(List<StepSoFar> steps, RunSoFar run, Map<String, String> labels) {
    Set<String> further =
        run.hands()
            .filter(s -> s.rung() > steps.get(0).rung() && s.state().passes() > 0)
            .map(RunsOfVisits::panel)
            .collect(Collectors.toSet());
    List<StepSoFar> enough =
        steps.stream().filter(s -> s.isDone() && !further.contains(panel(s))).toList();
    List<String> not =
        steps.stream()
            .filter(s -> !enough.contains(s))
            .map(s -> labels.getOrDefault(panel(s), panel(s)))
            .distinct()
            .limit(NAMED)
            .toList();
    int least = enough.stream().mapToInt(step -> step.state().passes()).min().orElse(0);
    int most = enough.stream().mapToInt(step -> step.state().passes()).max().orElse(0);
    long panels = enough.stream().map(RunsOfVisits::panel).distinct().count();
    String good =
        panels == 0
            ? ""
            : PHRASES.say(
                "enough-on-panels-in",
                panels,
                least == most
                    ? PHRASES.say("passes", least)
                    : PHRASES.say("to-passes", least, most));
    String bad = not.isEmpty() ? "" : PHRASES.say("not-enough-on", Lists.facts(not));
    return Lists.apart(Stream.of(good, bad).filter(said -> !said.isEmpty()).toList());
  }

  /** What the passes made took of each panel's year, the most of it first. */
  private static List<String> exposure(RunSoFar run, Map<String, String> labels) {
    Map<String, Integer> spent = new LinkedHashMap<>();
    for (FrozenPanel panel : run.plan().panels()) {
      String id = panel.surfaceId();
      if (panel.ladder().isEmpty()) {
        continue;
      }
      double made = (double) passes(run, id) / panel.ladder().get(0).passesLow();
      panel
          .exposure()
          .filter(year -> made > 0 && year.allowance() > 0)
          .map(year -> 100 * (year.before() + made * year.plan()) / year.allowance())
          .map(percent -> (int) Math.round(percent))
          .filter(percent -> percent > 0)
          .ifPresent(percent -> spent.put(labels.getOrDefault(id, id), percent));
    }
    return spent.entrySet().stream()
        .sorted(Map.Entry.<String, Integer>comparingByValue().reversed())
        .limit(NAMED)
        .map(e -> PHRASES.say("of-the-years-allowance", e.getKey(), e.getValue()))
        .toList();
  }

  private static int passes(RunSoFar run, String surfaceId) {
    return run.hands(surfaceId)
        .filter(step -> step.step().cleans() && step.rung() == 1)
        .mapToInt(step -> step.state().passes())
        .sum();
  }

  private static String panel(StepSoFar step) {
    return step.surfaceIds().get(0);
  }
}
