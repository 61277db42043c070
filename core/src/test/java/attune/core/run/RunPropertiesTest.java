package attune.core.run;

import static org.assertj.core.api.Assertions.assertThat;

import attune.core.run.Entry.Kind;
import attune.core.run.Outcome.Next;
import attune.core.run.TaskState.Phase;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What must hold whatever two people tell of a run, in whatever order it arrives. */
class RunPropertiesTest {
  private static final LocalDateTime NINE = LocalDateTime.parse("2026-05-04T09:00");
  private static final List<String> PANELS = List.of("bolster", "cushion", "rim");
  private static final List<RunTask> CABIN = cabin();

  private static List<RunTask> cabin() {
    List<RunTask> tasks = new ArrayList<>();
    tasks.add(task("receive", PANELS, 0, null, true));
    for (String panel : PANELS) {
      Look look = panel.equals("rim") ? Look.FOAM : Look.CLOTH;
      tasks.add(task("clean-" + panel, List.of(panel), 1, look, true));
      tasks.add(task("test-" + panel + "~2", List.of(panel), 2, Look.TEST_SPOT, true));
      tasks.add(task("clean-" + panel + "~2", List.of(panel), 2, look, true));
      tasks.add(task("check-" + panel, List.of(panel), 0, Look.SEAMS, true));
      tasks.add(task("dry-" + panel, List.of(panel), 0, null, false));
    }
    return tasks;
  }

  private static RunTask task(String id, List<String> panels, int rung, Look look, boolean hands) {
    return new RunTask(
        id,
        panels,
        panels,
        hands,
        hands ? Optional.of("Mira") : Optional.empty(),
        300,
        id.startsWith("dry-") ? List.of("check-" + panels.get(0)) : List.of(),
        rung,
        Optional.ofNullable(look).map(l -> new Looked(l, 2, true)));
  }

  static List<List<Entry>> stories() {
    Random random = new Random(41);
    return IntStream.range(0, 80).mapToObj(i -> story(random)).toList();
  }

  private static List<Entry> story(Random random) {
    List<Entry> entries = new ArrayList<>();
    for (int i = 0; i < 40; i++) {
      RunTask task = CABIN.get(random.nextInt(CABIN.size()));
      Optional<Look> look = task.looked().map(Looked::look);
      Kind kind =
          switch (random.nextInt(8)) {
            case 0 -> Kind.STARTED;
            case 1 -> Kind.UNDONE;
            case 2 -> Kind.SKIPPED;
            case 3 -> Kind.DONE;
            default -> look.isPresent() ? Kind.SEEN : Kind.DONE;
          };
      Optional<Seen> seen =
          kind == Kind.SEEN
              ? look.map(l -> l.canBe().get(random.nextInt(l.canBe().size())))
              : Optional.empty();
      entries.add(
          new Entry(
              "e" + i,
              task.id(),
              kind,
              NINE.plusMinutes(i), // no two at one moment: that order is the arrival's
              random.nextBoolean() ? "Mira" : "Tobin",
              seen,
              ""));
    }
    return entries;
  }

  private static Run run(List<Entry> entries) {
    return Run.of(CABIN, entries, NINE.plusHours(3), new WaitClock(ZoneId.of("UTC")));
  }

  private static List<TaskState> states(Run run) {
    return CABIN.stream().map(task -> run.state(task.id())).toList();
  }

  @ParameterizedTest
  @MethodSource("stories")
  void itDoesNotMatterInWhichOrderItArrives(List<Entry> story) {
    List<TaskState> inOrder = states(run(story));
    List<Entry> shuffled = new ArrayList<>(story);
    Collections.shuffle(shuffled, new Random(3));
    assertThat(states(run(shuffled))).isEqualTo(inOrder);
  }

  @ParameterizedTest
  @MethodSource("stories")
  void whatIsOverSaysWhenAndBeforeNothingIsTheRungAboveOpen(List<Entry> story) {
    Run run = run(story);
    for (RunTask task : CABIN) {
      TaskState state = run.state(task.id());
      if (state.phase().isOver()) {
        assertThat(state.doneAt()).as(task.id()).isPresent();
      }
      if (state.phase() == Phase.RUNNING) {
        assertThat(state.startedAt()).as(task.id()).isPresent();
      }
      if (task.rung() == 2 && state.phase() == Phase.WAITING && state.passes() == 0) {
        String panel = task.surfaceIds().get(0);
        assertThat(List.of("clean-" + panel, "check-" + panel))
            .as(task.id())
            .anyMatch(
                below -> run.state(below).phase().isOver() || run.state(below).says().isPresent());
      }
    }
  }

  @ParameterizedTest
  @MethodSource("stories")
  void aPanelThatWasStoppedHasNothingLeftToDo(List<Entry> story) {
    Run run = run(story);
    for (RunTask task : CABIN) {
      boolean stopped =
          run.state(task.id()).phase() == Phase.REFERRED
              && run.state(task.id()).says().filter(o -> o.next() == Next.REFER).isPresent();
      if (stopped && run.state(task.id()).passes() > 0) {
        for (RunTask other : CABIN) {
          boolean later =
              other.surfaceIds().equals(task.surfaceIds())
                  && run.state(other.id()).phase() == Phase.HELD;
          assertThat(later).as(other.id() + " after " + task.id()).isFalse();
        }
      }
    }
  }

  @ParameterizedTest
  @MethodSource("stories")
  void everyEntryIsEitherStandingOrTakenBackAndTwiceTheSameChangesNothing(List<Entry> story) {
    Run run = run(story);
    List<Entry> standing =
        story.stream().filter(e -> e.kind() != Kind.UNDONE && !run.isTakenBack(e.id())).toList();
    assertThat(states(run(standing))).isEqualTo(states(run));
    assertThat(run.hands().size()).isLessThanOrEqualTo(CABIN.size());
  }
}
