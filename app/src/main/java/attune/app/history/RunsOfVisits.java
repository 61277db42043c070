package attune.app.history;

import attune.app.bench.BenchService;
import attune.app.bench.BenchViews.TaskState;
import attune.app.bench.RunRecord;
import attune.app.bench.RunRecord.StepTime;
import attune.app.format.PlanFile;
import attune.app.format.PlanFile.PlannedSurfaceFile;
import attune.app.history.HistoryController.RunOfVisit;
import attune.app.jobs.JobService;
import attune.app.readings.SheenOfJobs;
import attune.core.shelf.Product;
import attune.core.shelf.Shelf;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What a visit's run says of a vehicle: what came clean with what, exposure, sheen, time. */
@Component
@Transactional(readOnly = true)
class RunsOfVisits {
  private static final Set<String> CLEANS = Set.of("clean", "textile");
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
        .plan(jobId)
        .map(
            plan -> {
              RunRecord record = bench.record(jobId);
              Map<String, String> labels = jobs.get(jobId).labels();
              return new RunOfVisit(
                  record.plannedMin(),
                  record.workedMin(),
                  came(record, plan, bench.shelfOf(jobId), labels),
                  exposure(plan, record, labels),
                  sheens.of(jobId, labels));
            });
  }

  /** By treatment: on how many panels it was enough, in how many passes, and where it was not. */
  private static List<String> came(
      RunRecord record, PlanFile plan, Shelf shelf, Map<String, String> labels) {
    Map<String, PlannedSurfaceFile> planned =
        plan.surfaces().stream().collect(Collectors.toMap(PlannedSurfaceFile::surfaceId, s -> s));
    Map<String, List<StepTime>> byTreatment = new LinkedHashMap<>();
    for (StepTime step : record.steps()) {
      if (CLEANS.contains(step.step())
          && step.rung() > 0
          && step.passes() > 0
          && planned.containsKey(step.surfaceId())) {
        PlanFile.RungFile rung = planned.get(step.surfaceId()).ladder().get(step.rung() - 1);
        byTreatment
            .computeIfAbsent(treatment(rung, shelf), key -> new java.util.ArrayList<>())
            .add(step);
      }
    }
    return byTreatment.entrySet().stream()
        .map(e -> e.getKey() + ": " + went(e.getValue(), record, labels))
        .toList();
  }

  private static String treatment(PlanFile.RungFile rung, Shelf shelf) {
    String tool = shelf.findTool(rung.toolId()).map(t -> t.name()).orElse(rung.toolId());
    if (rung.cleanerId() == null) {
      return tool + ", dry";
    }
    String product =
        shelf.findProduct(rung.cleanerId()).map(Product::name).orElse(rung.cleanerId());
    return product + (rung.ratio().equals("ready") ? "" : " " + rung.ratio()) + ", " + tool;
  }

  private static String went(List<StepTime> steps, RunRecord record, Map<String, String> labels) {
    Set<String> further =
        record.steps().stream()
            .filter(s -> s.rung() > steps.get(0).rung() && s.passes() > 0)
            .map(StepTime::surfaceId)
            .collect(Collectors.toSet());
    List<StepTime> enough =
        steps.stream()
            .filter(s -> s.state() == TaskState.DONE && !further.contains(s.surfaceId()))
            .toList();
    List<String> not =
        steps.stream()
            .filter(s -> !enough.contains(s))
            .map(s -> labels.getOrDefault(s.surfaceId(), s.surfaceId()))
            .distinct()
            .limit(NAMED)
            .toList();
    int least = enough.stream().mapToInt(StepTime::passes).min().orElse(0);
    int most = enough.stream().mapToInt(StepTime::passes).max().orElse(0);
    long panels = enough.stream().map(StepTime::surfaceId).distinct().count();
    String good =
        panels == 0
            ? ""
            : "enough on "
                + panels
                + (panels == 1 ? " panel" : " panels")
                + " in "
                + (least == most
                    ? least + (least == 1 ? " pass" : " passes")
                    : least + " to " + most + " passes");
    String bad = not.isEmpty() ? "" : "not enough on " + String.join(", ", not);
    return good.isEmpty() || bad.isEmpty() ? good + bad : good + "; " + bad;
  }

  /** What the passes made took of each panel's year, the most of it first. */
  private static List<String> exposure(
      PlanFile plan, RunRecord record, Map<String, String> labels) {
    Map<String, Integer> spent = new LinkedHashMap<>();
    for (PlannedSurfaceFile s : plan.surfaces()) {
      if (s.exposure() != null && s.exposure().allowance() > 0 && !s.ladder().isEmpty()) {
        double made = (double) passes(record, s.surfaceId()) / s.ladder().get(0).passes().low();
        double after = s.exposure().before() + made * s.exposure().plan();
        int percent = (int) Math.round(100 * after / s.exposure().allowance());
        if (made > 0 && percent > 0) {
          spent.put(labels.getOrDefault(s.surfaceId(), s.surfaceId()), percent);
        }
      }
    }
    return spent.entrySet().stream()
        .sorted(Map.Entry.<String, Integer>comparingByValue().reversed())
        .limit(NAMED)
        .map(e -> e.getKey() + ": " + e.getValue() + " % of the year's allowance")
        .toList();
  }

  private static int passes(RunRecord record, String surfaceId) {
    return record.steps().stream()
        .filter(s -> CLEANS.contains(s.step()) && surfaceId.equals(s.surfaceId()))
        .filter(s -> s.rung() == 1)
        .mapToInt(StepTime::passes)
        .sum();
  }
}
