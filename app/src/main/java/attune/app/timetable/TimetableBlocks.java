package attune.app.timetable;

import attune.app.timetable.TimetableViews.BlockView;
import attune.app.timetable.TimetableViews.LaneView;
import attune.app.timetable.TimetableViews.RoundView;
import attune.core.measure.Ratio;
import attune.core.plan.Arrangement;
import attune.core.plan.Round;
import attune.core.plan.Step;
import attune.core.plan.Stretch;
import attune.core.plan.Task;
import attune.core.plan.Timetable;
import attune.core.survey.Job;
import attune.core.survey.Surface;
import attune.core.words.Lists;
import attune.core.words.Phrases;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Blocks, lanes and zones of a timetable as they are drawn. */
final class TimetableBlocks {
  private static final Phrases PHRASES = Phrases.of(TimetableBlocks.class);

  private TimetableBlocks() {}

  static List<LaneView> lanes(Job job, List<String> crew) {
    return crew.isEmpty()
        ? IntStream.rangeClosed(1, job.setting().people())
            .mapToObj(i -> new LaneView(Arrangement.numbered(i), PHRASES.say("person", i)))
            .toList()
        : crew.stream().map(name -> new LaneView(name, name)).toList();
  }

  static List<LaneView> zones(Job job) {
    return job.surfaces().stream()
        .map(Surface::zone)
        .distinct()
        .map(zone -> new LaneView(zone, TaskWords.words(zone)))
        .toList();
  }

  static List<BlockView> blocks(Timetable t, TaskWords words, Map<String, String> names) {
    Map<String, List<Task>> byRound =
        t.tasks().stream()
            .filter(task -> task.roundId().isPresent())
            .collect(Collectors.groupingBy(task -> task.roundId().orElseThrow()));
    return t.stretches().stream().map(s -> block(s, t.deciding(), byRound, words, names)).toList();
  }

  static BlockView block(
      Stretch s,
      Set<String> deciding,
      Map<String, List<Task>> byRound,
      TaskWords words,
      Map<String, String> names) {
    List<RoundView> rounds =
        s.rounds().stream()
            .map(r -> round(r, byRound.getOrDefault(r.id(), List.of()), words, names))
            .toList();
    return new BlockView(
        s.id(),
        words.what(s.steps()),
        words.where(s.zones()).orElse(null),
        s.zones(),
        s.person().orElse(""),
        s.start(),
        s.end(),
        minutes(s.handsS()),
        minutes(s.waitS()),
        s.steps().contains(Step.BREAK),
        s.steps().stream().anyMatch(Step::lays),
        s.rounds().stream()
            .flatMap(r -> byRound.getOrDefault(r.id(), List.of()).stream())
            .anyMatch(Task::pinned),
        s.rounds().stream().map(Round::id).anyMatch(deciding::contains),
        rounds);
  }

  static RoundView round(Round r, List<Task> tasks, TaskWords words, Map<String, String> names) {
    String with =
        Stream.of(
                r.productId().map(id -> names.getOrDefault(id, id)),
                r.ratio().filter(ratio -> !ratio.equals(Ratio.READY.code())),
                r.toolId().map(id -> names.getOrDefault(id, id)))
            .flatMap(Optional::stream)
            .collect(Lists.joining());
    return new RoundView(
        r.id(),
        r.step().code(),
        words.what(List.of(r.step())),
        words.where(List.of(r.zone())).orElse(null),
        with.isEmpty() ? null : with,
        r.surfaceIds(),
        r.start(),
        r.end(),
        minutes(r.handsS()),
        minutes(r.waitS()),
        tasks.stream().map(Task::id).toList());
  }

  static double minutes(int seconds) {
    return Math.round(seconds / 6.0) / 10.0;
  }
}
