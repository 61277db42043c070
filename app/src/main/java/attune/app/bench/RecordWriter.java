package attune.app.bench;

import attune.app.bench.BenchViews.BenchTask;
import attune.app.bench.BenchViews.TaskState;
import attune.app.bench.EntryDetail.AirNow;
import attune.app.bench.EntryDetail.UsedInstead;
import attune.app.bench.RunRecord.RecordLine;
import attune.app.bench.RunRecord.StepTime;
import attune.app.bench.RunRecord.UsedUp;
import attune.app.bench.RunSteps.Step;
import attune.app.format.PlanFile;
import attune.app.format.PlanFile.FinishStepFile;
import attune.app.format.SurfaceFile;
import attune.core.check.Known;
import attune.core.measure.Ratio;
import attune.core.run.Entry;
import attune.core.run.Entry.Kind;
import attune.core.run.Run;
import attune.core.run.Worked;
import attune.core.shelf.Product;
import attune.core.shelf.Shelf;
import jakarta.annotation.Nullable;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeSet;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Writes the record of a run from its entries: nothing in it is written over. */
final class RecordWriter {
  private static final double SECONDS = 60;
  private static final double PERCENT = 100;

  private final Shelf shelf;
  private final Map<String, String> labels;
  private final Map<UUID, String> people;

  RecordWriter(Shelf shelf, Map<String, String> labels, Map<UUID, String> people) {
    this.shelf = shelf;
    this.labels = labels;
    this.people = people;
  }

  RunRecord write(
      LocalDateTime startedAt,
      List<SurfaceFile> surfaces,
      PlanFile plan,
      List<Step> steps,
      List<BenchTask> tasks,
      Run run,
      List<Told> told) {
    Map<String, BenchTask> byId =
        tasks.stream().collect(Collectors.toMap(BenchTask::id, Function.identity()));
    Map<String, SurfaceFile> surveyed =
        surfaces.stream().collect(Collectors.toMap(SurfaceFile::id, Function.identity()));
    List<Entry> standing =
        told.stream().map(Told::entry).filter(e -> !run.isTakenBack(e.id())).toList();
    Map<String, Duration> worked = Worked.of(standing, startedAt);
    List<StepTime> times =
        tasks.stream()
            .filter(task -> task.needsHands() && task.state() != TaskState.HELD)
            .map(task -> time(task, surveyed, worked.get(task.id())))
            .toList();
    List<StepTime> known = times.stream().filter(t -> t.minutes() != null).toList();
    return new RunRecord(
        startedAt,
        Math.round(known.stream().mapToDouble(StepTime::plannedMin).sum()),
        Math.round(known.stream().mapToDouble(StepTime::minutes).sum()),
        told.stream().map(t -> line(t, byId, run)).toList(),
        times,
        used(plan, steps, byId, surveyed, told));
  }

  private StepTime time(
      BenchTask task, Map<String, SurfaceFile> surveyed, @Nullable Duration worked) {
    Optional<SurfaceFile> panel =
        task.surfaceIds().size() == 1
            ? Optional.ofNullable(surveyed.get(task.surfaceIds().get(0)))
            : Optional.empty();
    return new StepTime(
        task.id(),
        task.step(),
        task.title(),
        task.where(),
        panel.map(SurfaceFile::id).orElse(null),
        panel.map(SurfaceFile::finish).orElse(null),
        panel.map(p -> p.condition().soil()).orElse(null),
        task.state(),
        task.rung(),
        task.plannedS() / SECONDS,
        worked == null ? null : worked.toSeconds() / SECONDS,
        task.passes(),
        task.passesLow(),
        task.passesHigh(),
        task.by());
  }

  private RecordLine line(Told told, Map<String, BenchTask> byId, Run run) {
    Entry entry = told.entry();
    Optional<BenchTask> task = Optional.ofNullable(byId.get(entry.taskId()));
    return new RecordLine(
        entry.id(),
        entry.at(),
        told.recordedAt(),
        entry.by(),
        told.madeBy().map(people::get).filter(name -> !name.equals(entry.by())).orElse(null),
        entry.kind().code(),
        entry.taskId(),
        task.map(BenchTask::title).orElse(entry.taskId().isEmpty() ? "The run" : "A step"),
        task.map(BenchTask::where).orElse(""),
        text(told, task, run),
        told.detail().ticked() == null ? List.of() : told.detail().ticked(),
        run.isTakenBack(entry.id()),
        told.detail().corrects());
  }

  private String text(Told told, Optional<BenchTask> task, Run run) {
    Entry entry = told.entry();
    List<String> parts = new ArrayList<>();
    parts.add(
        switch (entry.kind()) {
          case STARTED -> "Laid, clock started.";
          case DONE -> "Done.";
          case SEEN -> seen(entry, task);
          case SKIPPED -> "Skipped.";
          case UNDONE -> "Taken back.";
          case SWAPPED -> swapped(told.detail().used());
          case PAUSED -> "Stopped for now.";
          case RESUMED -> "Went on.";
          case AIR -> air(told.detail().air());
          case NOTE -> "";
          case CORRECTED ->
              "Put right" + (told.detail().ml() == null ? "." : ": " + told.detail().ml() + " ml.");
        });
    parts.add(entry.reason());
    parts.add(told.detail().says());
    if (entry.kind() != Kind.SWAPPED && !wentWell(entry, task)) {
      parts.add(run.remark(entry.id()).orElse(null));
    }
    return parts.stream()
        .filter(Objects::nonNull)
        .filter(part -> !part.isBlank())
        .collect(Collectors.joining(" "));
  }

  private static boolean wentWell(Entry entry, Optional<BenchTask> task) {
    String code = entry.seen().map(s -> s.code()).orElse("");
    return task.stream()
        .flatMap(t -> t.answers().stream())
        .anyMatch(a -> a.seen().equals(code) && a.next().equals("done"));
  }

  private static String seen(Entry entry, Optional<BenchTask> task) {
    String code = entry.seen().map(s -> s.code()).orElse("");
    return "Seen: "
        + task.flatMap(t -> t.answers().stream().filter(a -> a.seen().equals(code)).findFirst())
            .map(a -> a.label().toLowerCase(java.util.Locale.ROOT))
            .orElse(code)
        + ".";
  }

  private String swapped(@Nullable UsedInstead used) {
    return used == null
        ? "Something else was used."
        : "Used instead: "
            + List.of(
                    used.productId() == null ? "" : name(used.productId()),
                    used.ratio() == null ? "" : used.ratio(),
                    used.toolId() == null
                        ? ""
                        : shelf.findTool(used.toolId()).map(t -> t.name()).orElse(used.toolId()))
                .stream()
                .filter(part -> !part.isEmpty())
                .collect(Collectors.joining(", "))
            + ".";
  }

  private static String air(@Nullable AirNow air) {
    return air == null
        ? "The air changed."
        : "The room: %.1f °C, %.0f %%.".formatted(air.airTempC(), air.relativeHumidity() * PERCENT);
  }

  private List<UsedUp> used(
      PlanFile plan,
      List<Step> steps,
      Map<String, BenchTask> byId,
      Map<String, SurfaceFile> surveyed,
      List<Told> told) {
    Map<String, double[]> sums = new LinkedHashMap<>();
    Map<String, TreeSet<String>> batches = new LinkedHashMap<>();
    for (Step step : steps) {
      BenchTask task = byId.get(step.task().id());
      if (task == null || task.productId() == null || task.step().equals("test-spot")) {
        continue;
      }
      int passes = task.passes() > 0 ? task.passes() : 1;
      boolean over = task.state() == TaskState.DONE || task.passes() > 0;
      if (!over || task.surfaceIds().size() != 1) {
        continue;
      }
      Optional<UsedInstead> instead =
          told.stream()
              .filter(t -> t.entry().taskId().equals(task.id()))
              .map(t -> t.detail().used())
              .filter(Objects::nonNull)
              .reduce((a, b) -> b);
      String ratio =
          instead.map(UsedInstead::ratio).orElse(step.rung().map(r -> r.ratio()).orElse("ready"));
      double planned = plannedMl(plan, step, steps, surveyed);
      double ml = noted(told, task.id()).orElse(planned * (step.rung().isPresent() ? passes : 1));
      double expected = planned * (step.rung().isPresent() ? Math.max(1, task.passesHigh()) : 1);
      double share = share(ratio);
      double[] sum =
          sums.computeIfAbsent(task.productId() + " " + ratio, key -> new double[] {0, 0});
      sum[0] += ml * share;
      sum[1] += expected * share;
      told.stream()
          .filter(t -> t.entry().taskId().equals(task.id()) && t.detail().batch() != null)
          .forEach(
              t ->
                  batches
                      .computeIfAbsent(task.productId(), id -> new TreeSet<>())
                      .add(t.detail().batch()));
    }
    return sums.entrySet().stream()
        .map(
            e -> {
              String[] key = e.getKey().split(" ");
              return new UsedUp(
                  key[0],
                  name(key[0]),
                  key[1],
                  tenth(e.getValue()[0]),
                  tenth(e.getValue()[1]),
                  List.copyOf(batches.getOrDefault(key[0], new TreeSet<>())));
            })
        .toList();
  }

  private static double tenth(double ml) {
    return Math.round(ml * 10) / 10.0;
  }

  private static double share(String ratio) {
    return ratio.equals("ready") ? 1 : 1 / (1 + Ratio.parse(ratio).water());
  }

  /** What was noted with the step, or put right since. */
  private static Optional<Double> noted(List<Told> told, String taskId) {
    return told.stream()
        .filter(t -> t.entry().taskId().equals(taskId))
        .map(t -> t.detail().ml())
        .filter(Objects::nonNull)
        .reduce((a, b) -> b);
  }

  /** One pass of cleaning on the step's section, or its share of the finishing dose. */
  private static double plannedMl(
      PlanFile plan, Step step, List<Step> steps, Map<String, SurfaceFile> surveyed) {
    String panel = step.task().surfaceIds().get(0);
    long alike =
        steps.stream()
            .filter(s -> s.task().surfaceIds().equals(step.task().surfaceIds()))
            .filter(s -> s.file().step().equals(step.file().step()))
            .filter(s -> s.task().rung() == step.task().rung())
            .count();
    if (step.rung().isPresent()) {
      Double surface = Known.of(surveyed, panel).areaM2();
      double area = surface == null ? 0 : surface;
      return step.rung().get().laidGPerM2() * area / alike;
    }
    return plan.surfaces().stream()
            .filter(s -> s.surfaceId().equals(panel))
            .flatMap(s -> s.laid().stream())
            .filter(f -> f.step().equals(step.file().step()))
            .mapToDouble(FinishStepFile::doseMl)
            .sum()
        / alike;
  }

  private String name(String productId) {
    return shelf.findProduct(productId).map(Product::name).orElse(productId);
  }
}
