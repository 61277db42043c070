package attune.core.bench;

import static attune.core.bench.ARun.coat;
import static attune.core.bench.ARun.rung;
import static org.assertj.core.api.Assertions.assertThat;

import attune.core.material.Role;
import attune.core.plan.Step;
import attune.core.run.Look;
import attune.core.run.Looked;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What a run is made of: the plan's steps, the rungs above held back, the meter before laying. */
class RunStepsTest {
  private static final List<String> SEAT = List.of("seat");

  private static Optional<Look> look(RunStep step) {
    return step.task().looked().map(Looked::look);
  }

  private static List<String> ids(ARun run) {
    return run.steps().stream().map(RunStep::id).toList();
  }

  private static ARun seat() {
    return new ARun().panel("seat", "leather/coated", Role.SEAT, rung("mild", "1:10", 2));
  }

  @Test
  void hideIsJudgedByItsClothANapByItsFoamAndEveryPanelAtItsSeams() {
    ARun run =
        seat()
            .panel("rim", "microsuede/synthetic", Role.GRIP, rung("foam", "ready", 1))
            .work("receive", Step.RECEIVE, 10, List.of())
            .work("clean-seat", Step.CLEAN, 8, SEAT)
            .work("clean-rim", Step.TEXTILE, 6, List.of("rim"))
            .work("check-seat", Step.CHECK, 1, SEAT, "clean-seat")
            .wait("dry-seat", Step.DRY, 20, SEAT, "clean-seat");
    assertThat(run.step("clean-seat").task().looked()).contains(new Looked(Look.CLOTH, 2, true));
    assertThat(look(run.step("clean-rim"))).contains(Look.FOAM);
    assertThat(look(run.step("check-seat"))).contains(Look.SEAMS);
    assertThat(look(run.step("receive"))).isEmpty();
    assertThat(run.step("dry-seat").task().hands()).isFalse();
    assertThat(run.step("dry-seat").task().after())
        .as("until the look is over it may be worked again")
        .containsExactly("check-seat");
  }

  @Test
  void theRungsAboveStandBehindTheLastSectionEachWithATestSpotOfItsOwn() {
    ARun run =
        new ARun()
            .panel(
                "seat",
                "leather/coated",
                Role.SEAT,
                rung("mild", "1:10", 1),
                rung("mild", "1:5", 2),
                rung("strong", "1:10", 2))
            .work("clean-seat-1", Step.CLEAN, 3, SEAT)
            .work("clean-seat-2", Step.CLEAN, 3, SEAT)
            .work("check-seat", Step.CHECK, 1, SEAT, "clean-seat-2");
    assertThat(ids(run))
        .containsExactly(
            "clean-seat-1",
            "clean-seat-2",
            "test-seat~2",
            "clean-seat~2",
            "test-seat~3",
            "clean-seat~3",
            "check-seat");
    RunStep second = run.step("clean-seat~2");
    assertThat(second.task().rung()).isEqualTo(2);
    assertThat(second.task().seconds()).as("both sections, twice the passes").isEqualTo(2 * 6 * 60);
    assertThat(look(run.step("test-seat~2"))).contains(Look.TEST_SPOT);
  }

  @Test
  void aTestSpotSpeaksForEveryPanelOfItsFinishAndBottle() {
    ARun run =
        seat()
            .panel("back", "leather/coated", Role.SEAT, rung("mild", "1:10", 1))
            .panel("strong", "leather/coated", Role.SEAT, rung("strong", "1:10", 1))
            .panel("trim", "vinyl/coated-textile", Role.SEAT, rung("mild", "1:10", 1))
            .work("clean-seat", Step.CLEAN, 8, SEAT);
    FrozenTask like = run.plan().tasks().get(0);
    FrozenTask test =
        new FrozenTask(
            "test",
            Step.TEST_SPOT,
            Optional.empty(),
            SEAT,
            like.productId(),
            Optional.empty(),
            like.person(),
            0,
            like.start(),
            like.end(),
            like.handsS(),
            Optional.empty(),
            false,
            List.of(),
            Optional.empty());
    FrozenPlan plan =
        new FrozenPlan(
            run.plan().panels(),
            run.plan().concentrateMl(),
            List.of(test, like),
            List.of(),
            run.plan().ready(),
            List.of());
    RunStep made = RunSteps.of(plan, run.surveyed().values()).get(0);
    assertThat(made.isFirstTest()).isTrue();
    assertThat(made.task().covers()).containsExactly("seat", "back");
  }

  @Test
  void nothingIsLaidBeforeTheMeterWasOnEveryPanelThatIsThroughWithItsCleaning() {
    ARun run =
        seat()
            .panel("back", "leather/coated", Role.SEAT, rung("mild", "1:10", 1))
            .panel("late", "leather/coated", Role.SEAT, rung("mild", "1:10", 1))
            .lays("seat", coat("shield", 0))
            .lays("back", coat("shield", 0))
            .lays("late", coat("shield", 0))
            .work("check-seat", Step.CHECK, 1, SEAT)
            .work("check-back", Step.CHECK, 1, List.of("back"))
            .work("coat-seat", Step.COAT, 5, SEAT)
            .work("coat-back", Step.COAT, 5, List.of("back"))
            .work("check-late", Step.CHECK, 1, List.of("late"))
            .work("coat-late", Step.COAT, 5, List.of("late"))
            .work("level-late", Step.LEVEL, 2, List.of("late"), "coat-late");
    assertThat(ids(run))
        .containsExactly(
            "check-seat",
            "check-back",
            "meter",
            "coat-seat",
            "coat-back",
            "check-late",
            "meter-2",
            "coat-late",
            "level-late");
    assertThat(run.step("meter").task().surfaceIds()).containsExactly("seat", "back");
    assertThat(run.step("meter").step()).isEqualTo(Step.METER);
    assertThat(look(run.step("level-late"))).contains(Look.LAMP);
  }

  @Test
  void aRestIsNobodysStepAndTheLastLookComesAfterEverythingDryingOfWhatIsHeldAmongIt() {
    ARun run =
        new ARun()
            .panel("rim", "leather/coated", Role.GRIP, rung("mild", "1:10", 1))
            .panel("seat", "leather/coated", Role.SEAT, rung("mild", "1:10", 1))
            .work("clean-rim", Step.CLEAN, 4, List.of("rim"))
            .wait("dry-rim", Step.DRY, 20, List.of("rim"), "clean-rim")
            .work("clean-seat", Step.CLEAN, 4, SEAT)
            .wait("dry-seat", Step.DRY, 20, SEAT, "clean-seat")
            .work("break-1", Step.BREAK, 15, List.of())
            .work("handover", Step.HANDOVER, 10, List.of());
    assertThat(ids(run)).doesNotContain("break-1");
    assertThat(run.step("handover").task().after())
        .contains("clean-rim", "clean-seat", "dry-rim")
        .doesNotContain("dry-seat");
  }

  @Test
  void aProductWaitsAfterTheOneBeforeItAndSoDoesTheWipeBetweenThem() {
    FrozenFinish coat = coat("shield", 7200);
    FrozenFinish conditioner =
        new FrozenFinish(
            Step.CONDITION,
            Optional.of("balm"),
            Optional.of("pad"),
            10,
            1,
            600,
            Optional.empty(),
            Optional.of(900),
            Optional.empty(),
            0,
            0);
    ARun run =
        seat()
            .lays("seat", conditioner, coat)
            .work("condition-seat", Step.CONDITION, 5, SEAT)
            .work("residue-seat", Step.RESIDUE, 3, SEAT)
            .work("coat-seat", Step.COAT, 5, SEAT);
    assertThat(run.step("condition-seat").task().gapS()).isEqualTo(600);
    assertThat(run.step("residue-seat").task().gapS()).isEqualTo(7200);
    assertThat(run.step("coat-seat").task().gapS()).isEqualTo(7200);
  }
}
