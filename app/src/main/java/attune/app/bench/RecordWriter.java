package attune.app.bench;

import attune.app.bench.BenchViews.BenchTask;
import attune.app.bench.EntryDetail.AirNow;
import attune.app.bench.EntryDetail.UsedInstead;
import attune.app.bench.RunRecord.RecordLine;
import attune.app.bench.RunRecord.StepTime;
import attune.app.format.SurfaceFile;
import attune.app.shelf.ProductName;
import attune.core.reference.Figures;
import attune.core.run.Entry;
import attune.core.run.Entry.Kind;
import attune.core.run.Outcome.Next;
import attune.core.run.Run;
import attune.core.run.TaskState.Phase;
import attune.core.run.Worked;
import attune.core.shelf.Shelf;
import attune.core.words.Lists;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Writes the record of a run from its entries: nothing in it is written over. */
final class RecordWriter {
  private static final Phrases PHRASES = Phrases.of(RecordWriter.class);

  private static final double SECONDS = 60;
  private static final double PERCENT = 100;

  private final Shelf shelf;
  private final Map<String, String> labels;
  private final Map<UUID, String> people;
  private final Figures figures;

  RecordWriter(Shelf shelf, Map<String, String> labels, Map<UUID, String> people, Figures figures) {
    this.shelf = shelf;
    this.labels = labels;
    this.people = people;
    this.figures = figures;
  }

  RunRecord write(WholeRun whole, List<BenchTask> tasks) {
    Map<String, BenchTask> byId =
        tasks.stream().collect(Collectors.toMap(BenchTask::id, Function.identity()));
    Map<String, SurfaceFile> surveyed =
        whole.document().surfaces().stream()
            .collect(Collectors.toMap(SurfaceFile::id, Function.identity()));
    Run run = whole.run();
    List<Entry> standing =
        whole.told().stream().map(Told::entry).filter(e -> !run.isTakenBack(e.id())).toList();
    Map<String, Duration> worked = Worked.of(standing, whole.entity().startedAt());
    List<StepTime> times =
        tasks.stream()
            .filter(task -> task.needsHands() && task.state() != Phase.HELD)
            .map(task -> time(task, surveyed, worked.get(task.id())))
            .toList();
    List<StepTime> known = times.stream().filter(t -> t.minutes() != null).toList();
    return new RunRecord(
        whole.entity().startedAt(),
        Math.round(known.stream().mapToDouble(StepTime::plannedMin).sum()),
        Math.round(known.stream().mapToDouble(StepTime::minutes).sum()),
        whole.told().stream().map(t -> line(t, byId, run)).toList(),
        times,
        new UsedProducts(whole, figures).used());
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
        task.map(BenchTask::title)
            .orElse(entry.taskId().isEmpty() ? PHRASES.say("the-run") : PHRASES.say("a-step")),
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
          case STARTED -> PHRASES.say("laid-clock-started");
          case DONE -> PHRASES.say("done");
          case SEEN -> seen(entry, task);
          case SKIPPED -> PHRASES.say("skipped");
          case UNDONE -> PHRASES.say("taken-back");
          case SWAPPED -> swapped(told.detail().used());
          case PAUSED -> PHRASES.say("stopped-for-now");
          case RESUMED -> PHRASES.say("went-on");
          case AIR -> air(told.detail().air());
          case NOTE -> "";
          case CORRECTED ->
              told.detail().ml() == null
                  ? PHRASES.say("put-right")
                  : PHRASES.say("put-right-ml", told.detail().ml());
        });
    parts.add(entry.reason());
    parts.add(told.detail().says());
    if (entry.kind() != Kind.SWAPPED && !wentWell(entry, task)) {
      parts.add(run.remark(entry.id()).orElse(null));
    }
    return parts.stream()
        .filter(Objects::nonNull)
        .collect(Collectors.collectingAndThen(Collectors.toList(), Lists::sentences));
  }

  private static boolean wentWell(Entry entry, Optional<BenchTask> task) {
    String code = entry.seen().map(s -> s.code()).orElse("");
    return task.stream()
        .flatMap(t -> t.answers().stream())
        .anyMatch(a -> a.seen().equals(code) && a.next().equals(Next.DONE.code()));
  }

  private static String seen(Entry entry, Optional<BenchTask> task) {
    String code = entry.seen().map(s -> s.code()).orElse("");
    return PHRASES.say(
        "seen",
        task.flatMap(t -> t.answers().stream().filter(a -> a.seen().equals(code)).findFirst())
            .map(a -> a.label().toLowerCase(java.util.Locale.ROOT))
            .orElse(code));
  }

  private String swapped(@Nullable UsedInstead used) {
    return used == null
        ? PHRASES.say("something-else-was-used")
        : PHRASES.say(
            "used-instead",
            List.of(
                    used.productId() == null ? "" : name(used.productId()),
                    used.ratio() == null ? "" : used.ratio(),
                    used.toolId() == null
                        ? ""
                        : shelf.findTool(used.toolId()).map(t -> t.name()).orElse(used.toolId()))
                .stream()
                .filter(part -> !part.isEmpty())
                .collect(Lists.joining()));
  }

  private static String air(@Nullable AirNow air) {
    return air == null
        ? PHRASES.say("the-air-changed")
        : PHRASES.say(
            "the-room-c",
            Phrases.number("%.1f", air.airTempC()),
            Phrases.number("%.0f", air.relativeHumidity() * PERCENT));
  }

  private String name(String productId) {
    return ProductName.of(shelf, productId);
  }
}
