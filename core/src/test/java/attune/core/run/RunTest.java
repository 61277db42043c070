package attune.core.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import attune.core.run.Entry.Kind;
import attune.core.run.Outcome.Next;
import attune.core.run.TaskState.Phase;
import attune.core.schedule.Worker;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a run does with what is seen: done, again, the next rung, stop and refer. */
class RunTest {
  private static final LocalDateTime NINE = LocalDateTime.parse("2026-05-04T09:00");
  private static final WaitClock CLOCK = new WaitClock(ZoneId.of("Europe/London"));

  private final List<Entry> entries = new ArrayList<>();

  private static RunTask task(String id, String panel, int rung, Look look, int passes) {
    return new RunTask(
        id,
        List.of(panel),
        List.of(panel),
        true,
        Optional.of("Mira"),
        600,
        List.of(),
        rung,
        Optional.ofNullable(look).map(l -> new Looked(l, passes, true)));
  }

  private static RunTask after(RunTask task, boolean hands, String... before) {
    return new RunTask(
        task.id(),
        task.surfaceIds(),
        task.covers(),
        hands,
        hands ? task.person() : Optional.empty(),
        task.seconds(),
        List.of(before),
        task.rung(),
        task.looked());
  }

  /** A bolster in two sections with a second rung, then checked, dried and coated; and a rim. */
  private static List<RunTask> cabin() {
    return List.of(
        task("clean-bolster-1", "bolster", 1, Look.CLOTH, 2),
        task("clean-bolster-2", "bolster", 1, Look.CLOTH, 2),
        task("test-bolster~2", "bolster", 2, Look.TEST_SPOT, 1),
        task("clean-bolster~2", "bolster", 2, Look.CLOTH, 3),
        task("check-bolster", "bolster", 0, Look.SEAMS, 2),
        after(task("dry-bolster", "bolster", 0, null, 1), false, "check-bolster"),
        after(task("coat-bolster", "bolster", 0, null, 1), true, "dry-bolster"),
        task("clean-rim", "rim", 1, Look.FOAM, 3));
  }

  private RunTest at(int minute, String task, Kind kind, Seen seen, String by) {
    entries.add(
        new Entry(
            "e" + entries.size(),
            task,
            kind,
            NINE.plusMinutes(minute),
            by,
            Optional.ofNullable(seen),
            ""));
    return this;
  }

  private RunTest at(int minute, String task, Seen seen) {
    return at(minute, task, Kind.SEEN, seen, "Mira");
  }

  private Run run() {
    return Run.of(cabin(), entries, NINE.plusMinutes(60), CLOCK);
  }

  private Phase phase(String task) {
    return run().state(task).phase();
  }

  @Test
  void soilGoesOnForAsManyPassesAsThereShouldBeThenARungHigher() {
    at(1, "clean-bolster-1", Seen.SOIL);
    assertThat(phase("clean-bolster-1")).isEqualTo(Phase.WAITING);
    assertThat(run().state("clean-bolster-1").passes()).isEqualTo(1);
    assertThat(phase("clean-bolster~2")).isEqualTo(Phase.HELD);
    at(2, "clean-bolster-1", Seen.SOIL);
    assertThat(phase("clean-bolster-1")).isEqualTo(Phase.DONE);
    assertThat(phase("clean-bolster-2")).isEqualTo(Phase.REPLACED);
    assertThat(phase("test-bolster~2")).isEqualTo(Phase.WAITING);
    assertThat(phase("clean-bolster~2")).isEqualTo(Phase.WAITING);
    assertThat(run().remark("e1")).get().asString().contains("next rung", "test spot");
    assertThat(run().hands()).extracting(RunTask::id).doesNotContain("clean-bolster-2");
  }

  @Test
  void aboveTheLastRungTheRestIsLeft() {
    at(1, "clean-bolster-1", Seen.SOIL).at(2, "clean-bolster-1", Seen.SOIL);
    at(3, "clean-bolster~2", Seen.SOIL).at(4, "clean-bolster~2", Seen.SOIL);
    at(5, "clean-bolster~2", Seen.SOIL);
    assertThat(phase("clean-bolster~2")).isEqualTo(Phase.DONE);
    assertThat(run().state("clean-bolster~2").says().orElseThrow().next()).isEqualTo(Next.LEAVE);
    assertThat(run().remark("e4")).get().asString().contains("tell the customer");
  }

  @Test
  void soilAtTheCheckLeadsARungHigherAndIsLookedAtAgain() {
    at(1, "clean-bolster-1", Seen.CLEAN).at(2, "clean-bolster-2", Seen.CLEAN);
    at(3, "check-bolster", Seen.SOIL).at(4, "check-bolster", Seen.SOIL);
    assertThat(phase("clean-bolster~2")).isEqualTo(Phase.WAITING);
    assertThat(phase("check-bolster")).isEqualTo(Phase.WAITING);
    at(5, "clean-bolster~2", Seen.CLEAN).at(6, "check-bolster", Seen.SOIL);
    assertThat(phase("check-bolster")).isEqualTo(Phase.DONE);
    assertThat(run().state("check-bolster").says().orElseThrow().next()).isEqualTo(Next.LEAVE);
  }

  @Test
  void colourOnTheClothStopsThatPanelAndNoOther() {
    at(1, "clean-bolster-1", Seen.COLOUR);
    assertThat(phase("clean-bolster-1")).isEqualTo(Phase.REFERRED);
    for (String later :
        List.of("clean-bolster-2", "check-bolster", "dry-bolster", "coat-bolster")) {
      assertThat(phase(later)).as(later).isEqualTo(Phase.REFERRED);
    }
    assertThat(phase("clean-rim")).isEqualTo(Phase.WAITING);
    at(2, "clean-bolster-1", Kind.UNDONE, null, "Mira");
    assertThat(phase("coat-bolster")).isEqualTo(Phase.WAITING);
  }

  @Test
  void aTestSpotSpeaksForEveryPanelItWasMadeFor() {
    RunTask spot =
        new RunTask(
            "test-spot-1",
            List.of("bolster"),
            List.of("bolster", "rim"),
            true,
            Optional.empty(),
            180,
            List.of(),
            0,
            Optional.of(new Looked(Look.TEST_SPOT, 1, true)));
    List<RunTask> tasks = new ArrayList<>(cabin());
    tasks.add(0, spot);
    at(1, "test-spot-1", Seen.COLOUR);
    Run run = Run.of(tasks, entries, NINE.plusHours(1), CLOCK);
    assertThat(run.state("clean-rim").phase()).isEqualTo(Phase.REFERRED);
    assertThat(run.state("clean-bolster-1").phase()).isEqualTo(Phase.REFERRED);
  }

  @Test
  void theMoreCarefulOfTwoAnswersStandsWhicheverCameFirst() {
    at(1, "clean-bolster-1", Kind.SEEN, Seen.CLEAN, "Mira");
    at(2, "clean-bolster-1", Kind.SEEN, Seen.COLOUR, "Tobin");
    assertThat(phase("clean-bolster-1")).isEqualTo(Phase.REFERRED);
    entries.clear();
    at(1, "clean-bolster-1", Kind.SEEN, Seen.COLOUR, "Tobin");
    at(2, "clean-bolster-1", Kind.SEEN, Seen.CLEAN, "Mira");
    assertThat(phase("clean-bolster-1")).isEqualTo(Phase.REFERRED);
    assertThat(run().remark("e1")).get().asString().startsWith("Tobin told this step before");
  }

  @Test
  void tickedByTwoItCountsOnceAndOneUndoTakesItBack() {
    at(1, "coat-bolster", Kind.DONE, null, "Mira").at(2, "coat-bolster", Kind.DONE, null, "Tobin");
    assertThat(run().state("coat-bolster").doneAt()).contains(NINE.plusMinutes(1));
    assertThat(run().remark("e1")).get().asString().contains("Mira told this step before");
    at(3, "coat-bolster", Kind.UNDONE, null, "Tobin");
    assertThat(phase("coat-bolster")).isEqualTo(Phase.WAITING);
  }

  @Test
  void anUndoTakesBackOneThingAndWhatRanBeforeItRunsOn() {
    at(1, "clean-rim", Kind.STARTED, null, "Mira").at(9, "clean-rim", Seen.BROWN);
    at(10, "clean-rim", Kind.STARTED, null, "Mira");
    assertThat(run().state("clean-rim").startedAt()).contains(NINE.plusMinutes(10));
    at(11, "clean-rim", Kind.UNDONE, null, "Mira");
    assertThat(phase("clean-rim")).isEqualTo(Phase.WAITING);
    assertThat(run().state("clean-rim").passes()).isEqualTo(1);
    at(12, "clean-rim", Kind.UNDONE, null, "Mira");
    assertThat(run().state("clean-rim").passes()).isZero();
    assertThat(phase("clean-rim")).isEqualTo(Phase.RUNNING);
    assertThat(run().state("clean-rim").startedAt()).contains(NINE.plusMinutes(1));
    at(13, "clean-rim", Kind.UNDONE, null, "Mira");
    assertThat(phase("clean-rim")).isEqualTo(Phase.WAITING);
    assertThat(run().state("clean-rim").startedAt()).isEmpty();
  }

  @Test
  void whatIsSeenUnderTheLampOrByTheMeterHoldsTheStepOpen() {
    Looked lamp = new Looked(Look.LAMP, 2, true);
    assertThat(lamp.after(Seen.HIGH_SOFT, 1, false).says()).contains("re-melts");
    assertThat(lamp.after(Seen.HIGH_SET, 1, false).next()).isEqualTo(Next.STAYS);
    assertThat(new Looked(Look.LAMP, 2, false).after(Seen.HIGH_SET, 1, false).next())
        .isEqualTo(Next.AGAIN);
    assertThat(new Looked(Look.METER, 1, false).after(Seen.DAMP, 1, false).next())
        .isEqualTo(Next.WAIT);
    assertThatThrownBy(() -> lamp.after(Seen.COLOUR, 1, false))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("allowed with lamp");
  }

  @ParameterizedTest(name = "{0} after pass {1} of {2}, a rung above {3}: {4}")
  @CsvSource({
    "CLOTH,SOIL,1,2,true,AGAIN",
    "CLOTH,SOIL,2,2,true,NEXT_RUNG",
    "CLOTH,SOIL,2,2,false,LEAVE",
    "CLOTH,CANNOT_TELL,1,2,true,HIDDEN_SPOT",
    "FOAM,BROWN,2,3,false,AGAIN",
    "FOAM,WHITE,1,3,false,DONE",
    "TEST_SPOT,SOIL,1,1,true,DONE",
    "TEST_SPOT,CLEAN,1,1,true,DONE",
    "TEST_SPOT,STUCK,1,1,true,NEXT_RUNG",
    "TEST_SPOT,STUCK,1,1,false,LEAVE",
    "SEAMS,SOIL,1,2,true,LIGHTER",
    "SEAMS,SOIL,2,2,true,NEXT_RUNG",
    "SEAMS,SEAM_DAMP,5,2,true,LIGHTER",
    "SEAMS,GLOSSY,2,2,false,LEAVE",
    "CLOTH,DULLED,1,2,true,REFER",
  })
  void whatFollows(Look look, Seen seen, int pass, int most, boolean firmer, Next next) {
    assertThat(new Looked(look, most, true).after(seen, pass, firmer).next()).isEqualTo(next);
  }

  @Test
  void aWaitRunsByItselfFromWhatItFollows() {
    at(20, "check-bolster", Seen.CLEAN);
    assertThat(phase("dry-bolster")).isEqualTo(Phase.DONE);
    Run early = Run.of(cabin(), entries, NINE.plusMinutes(25), CLOCK);
    assertThat(early.state("dry-bolster").phase()).isEqualTo(Phase.RUNNING);
    assertThat(early.state("dry-bolster").startedAt()).contains(NINE.plusMinutes(20));
  }

  @Test
  void anyOrderOfArrivalGivesTheSameRun() {
    at(1, "clean-bolster-1", Seen.SOIL).at(3, "clean-bolster-1", Seen.SOIL);
    at(5, "test-bolster~2", Seen.CLEAN).at(9, "clean-bolster~2", Seen.CLEAN);
    at(10, "clean-bolster~2", Kind.UNDONE, null, "Tobin").at(12, "clean-rim", Seen.WHITE);
    at(13, "", Kind.PAUSED, null, "Mira");
    Run inOrder = run();
    Random random = new Random(7);
    for (int i = 0; i < 50; i++) {
      Collections.shuffle(entries, random);
      Run shuffled = run();
      for (RunTask task : cabin()) {
        assertThat(shuffled.state(task.id())).isEqualTo(inOrder.state(task.id()));
      }
      assertThat(shuffled.paused()).isPresent();
    }
  }

  @Test
  void aRoundThatEndsAsPlannedLeavesWhatWasPlannedToBeLeft() {
    Worker usual = new Worker("usual", Set.of(), 8 * 3600, 18 * 3600);
    at(0, "clean-rim", Kind.STARTED, null, "Mira");
    LocalDateTime now = NINE.plusSeconds(180);
    RunTask rim = cabin().get(7);
    Duration before = Pace.of(run(), now, Map.of(), usual, CLOCK).left();
    Duration round = Pace.ofRound(rim, run().state(rim.id()), now);
    assertThat(round).isEqualTo(Duration.ofSeconds(20)); // a third of ten minutes, three of it gone
    at(3, "clean-rim", Seen.BROWN);
    assertThat(Pace.of(run(), now, Map.of(), usual, CLOCK).left()).isEqualTo(before.minus(round));
    assertThat(Pace.ofRound(rim, run().state(rim.id()), now)).isEqualTo(Duration.ofSeconds(200));
  }

  @Test
  void whatIsLeftIsLaidOutFromNowInTheHoursThereAre() {
    Worker usual = new Worker("usual", Set.of(), 8 * 3600, 18 * 3600);
    Pace before = Pace.of(run(), NINE, Map.of(), usual, CLOCK);
    assertThat(before.left()).isEqualTo(Duration.ofMinutes(50));
    assertThat(before.handsOffAt()).isEqualTo(NINE.plusMinutes(60)); // ten of drying
    at(0, "clean-rim", Seen.BROWN);
    assertThat(Pace.of(run(), NINE, Map.of(), usual, CLOCK).left())
        .isEqualTo(Duration.ofSeconds(50 * 60 - 200));
    entries.clear();
    at(0, "clean-bolster-1", Seen.COLOUR);
    Pace referred = Pace.of(run(), NINE, Map.of(), usual, CLOCK);
    assertThat(referred.left()).isEqualTo(Duration.ofMinutes(10));
    LocalDateTime late = LocalDateTime.parse("2026-05-04T17:55");
    assertThat(Pace.of(run(), late, Map.of(), usual, CLOCK).handsOffAt())
        .isEqualTo(LocalDateTime.parse("2026-05-05T08:10"));
  }
}
