package attune.core.bench;

import static attune.core.bench.ARun.NINE;
import static attune.core.bench.ARun.coat;
import static attune.core.bench.ARun.rung;
import static org.assertj.core.api.Assertions.assertThat;

import attune.core.bench.StepClock.Late;
import attune.core.material.Role;
import attune.core.plan.Step;
import attune.core.run.Entry.Kind;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** From when and until when what was laid is wiped. */
class StepClockTest {
  private static final List<String> SEAT = List.of("seat");

  private static ARun seat() {
    return new ARun()
        .panel("seat", "leather/coated", Role.SEAT, rung("mild", "1:10", 2))
        .lays("seat", coat("shield", 0))
        .work("clean-seat", Step.CLEAN, 10, SEAT)
        .work("coat-seat", Step.COAT, 3, SEAT)
        .work("level-seat", Step.LEVEL, 5, SEAT, "coat-seat");
  }

  private static StepClock clock(ARun run, String step, Optional<Workable> air) {
    return StepClock.of(run.step(step), run.plan(), run.steps(), run.run(), air);
  }

  @Test
  void aCleanerSitsAsLongAsLabelWindowAndTheHandsOfAPassLetIt() {
    ARun run = seat().tell("clean-seat", Kind.STARTED, Optional.empty(), 2);
    StepClock clock = clock(run, "clean-seat", Optional.empty());
    assertThat(clock.dwellS()).contains(30);
    assertThat(clock.wipeByS()).as("the window of 300 s comes first").contains(300);
    assertThat(clock.wipeBy()).contains(NINE.plusMinutes(2).plusSeconds(300));
    assertThat(clock.late()).isEqualTo(Late.DRIES);
  }

  @Test
  void drierAirTakesFromTheWindowAndNeverGivesMoreThanTheLabel() {
    assertThat(clock(seat(), "clean-seat", air(90)).wipeByS()).contains(90);
    assertThat(clock(seat(), "clean-seat", air(10)).wipeByS())
        .as("it sits at least as long as it has to")
        .contains(30);
    assertThat(clock(seat(), "clean-seat", air(9000)).wipeByS())
        .as("120 s on the label and half of ten minutes' hands")
        .contains(420);
  }

  @Test
  void theTurnsOfItsNeighboursLetNothingSitForLonger() {
    ARun run =
        new ARun()
            .panel("seat", "leather/coated", Role.SEAT, rung("mild", "1:10", 2))
            .leapt("clean-seat", Step.CLEAN, 40, 2, SEAT);
    assertThat(clock(run, "clean-seat", air(9000)).wipeByS())
        .as("120 s on the label and half of two minutes' hands")
        .contains(180);
  }

  private static Optional<Workable> air(double windowS) {
    return Optional.of(new Workable(windowS, 1, true));
  }

  @Test
  void aFlashRunsFromWhenTheCoatWasLaidLessWhatLayingTook() {
    ARun run = seat().done("clean-seat", 10).done("coat-seat", 20);
    StepClock clock = clock(run, "level-seat", Optional.empty());
    assertThat(clock.from()).contains(NINE.plusMinutes(20));
    assertThat(clock.dwellS()).contains(0);
    assertThat(clock.wipeByS()).contains(300 - 180);
    assertThat(clock.late()).isEqualTo(Late.SETS);
    assertThat(clock(run, "coat-seat", Optional.empty())).isEqualTo(StepClock.NONE);
  }
}
