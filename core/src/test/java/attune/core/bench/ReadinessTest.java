package attune.core.bench;

import static attune.core.bench.ARun.NINE;
import static attune.core.bench.ARun.coat;
import static attune.core.bench.ARun.rung;
import static org.assertj.core.api.Assertions.assertThat;

import attune.core.bench.FrozenPlan.Ready;
import attune.core.material.Role;
import attune.core.plan.Step;
import attune.core.run.Entry.Kind;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** When a car may be used is counted from what was done to it, and when. */
class ReadinessTest {
  private static final List<String> SEAT = List.of("seat");

  /** A seat that is cleaned, coated and levelled. */
  private static ARun seat() {
    return new ARun()
        .panel("seat", "leather/coated", Role.SEAT, rung("mild", "1:10", 1))
        .lays("seat", coat("shield", 0))
        .work("clean-seat", Step.CLEAN, 10, SEAT)
        .wait("dry-seat", Step.DRY, 20, SEAT, "clean-seat")
        .work("coat-seat", Step.COAT, 10, SEAT, "clean-seat")
        .work("level-seat", Step.LEVEL, 5, SEAT, "coat-seat");
  }

  private static LocalDateTime at(int minute) {
    return NINE.plusMinutes(minute);
  }

  private static Readiness readiness(ARun run) {
    return new Readiness(run.plan(), run.steps(), run.surveyed(), run.pace(), ARun.CLOCK);
  }

  @Test
  void whatWasLaidHasItsTimeFromWhenItWasLevelled() {
    ARun run = seat().done("clean-seat", 10).done("coat-seat", 40).done("level-seat", 47);
    Ready ready = readiness(run).of(run.run(), at(47));
    assertThat(ready.driveAt()).as("who drives sits on it").isEqualTo(at(47 + 30));
    assertThat(ready.sitAt()).isEqualTo(at(47 + 30));
    assertThat(ready.curedAt()).isEqualTo(at(47 + 24 * 60));
    assertThat(ready.usableAt()).isEqualTo(ready.sitAt());
  }

  @Test
  void aCoatThatWasSkippedIsNotWaitedForButTheDryingIs() {
    ARun run =
        seat()
            .done("clean-seat", 10)
            .tell("coat-seat", Kind.SKIPPED, Optional.empty(), 11)
            .tell("level-seat", Kind.SKIPPED, Optional.empty(), 12);
    Ready ready = readiness(run).of(run.run(), at(12));
    assertThat(ready.sitAt()).isEqualTo(at(30));
    assertThat(ready.curedAt()).isEqualTo(at(30));
  }

  @Test
  void byWhatWasDoneAloneWhatIsOpenIsNeitherLaidNorWaitedFor() {
    ARun run = seat().done("clean-seat", 10);
    assertThat(readiness(run).ofDone(run.run(), at(10)).curedAt()).isEqualTo(at(30));
    assertThat(readiness(run).of(run.run(), at(90)).curedAt())
        .as("as it goes, the coat is still to come")
        .isAfter(at(24 * 60));
  }

  @Test
  void whatADriverHoldsKeepsTheCarWhereItIsUntilItIsDry() {
    ARun run =
        new ARun()
            .panel("rim", "leather/coated", Role.GRIP, rung("mild", "1:10", 1))
            .work("clean-rim", Step.CLEAN, 5, List.of("rim"))
            .wait("dry-rim", Step.DRY, 25, List.of("rim"), "clean-rim")
            .done("clean-rim", 5);
    run.surveyed()
        .put(
            "rim",
            new SurveyedPanel("rim", Optional.empty(), Optional.of(Role.GRIP), "wheel", 0.1));
    Ready ready = readiness(run).of(run.run(), at(5));
    assertThat(ready.driveAt()).isEqualTo(at(30));
    assertThat(ready.sitAt()).isEqualTo(at(5));
  }
}
