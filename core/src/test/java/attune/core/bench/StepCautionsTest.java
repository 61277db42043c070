package attune.core.bench;

import static attune.core.bench.ARun.caution;
import static attune.core.bench.ARun.rung;
import static org.assertj.core.api.Assertions.assertThat;

import attune.core.AProduct;
import attune.core.Given;
import attune.core.bench.StepCautions.StepCaution;
import attune.core.bench.StepCautions.Tick;
import attune.core.match.ReasonCode;
import attune.core.material.Role;
import attune.core.plan.Step;
import attune.core.run.Entry;
import attune.core.run.Entry.Kind;
import attune.core.shelf.Shelf;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Which cautions stand at a step, about which panels, and what has to be ticked. */
class StepCautionsTest {
  private static final List<String> SEAT = List.of("seat");
  private static final Shelf SHELF =
      Given.shelf(
          AProduct.cleaner("mild", 3).build(), AProduct.cleaner("spirit", 5).solvent(40).build());

  private static ARun two() {
    return new ARun()
        .panel("seat", "leather/coated", Role.SEAT, rung("mild", "1:10", 1))
        .panel("rim", "leather/coated", Role.GRIP, rung("spirit", "ready", 1));
  }

  private static List<StepCaution> at(ARun run, String step) {
    return new StepCautions(run.plan().panels(), SHELF).of(run.step(step));
  }

  @Test
  void aCautionOfOnePanelNamesItWhereTheStepIsAboutBoth() {
    ARun run =
        two()
            .warns("rim", caution(ReasonCode.GRIP_CHECK))
            .work("handover", Step.HANDOVER, 10, List.of());
    assertThat(at(run, "handover"))
        .containsExactly(
            new StepCaution(ReasonCode.GRIP_CHECK, "GRIP_CHECK", List.of("rim"), Tick.STEP));
  }

  @Test
  void fumesOfACoatingAreNoMatterAtABottleThatHasNone() {
    ARun run =
        two()
            .warns("seat", caution(ReasonCode.VENTILATE))
            .warns("rim", caution(ReasonCode.VENTILATE))
            .work("clean-seat", Step.CLEAN, 5, SEAT)
            .work("clean-rim", Step.CLEAN, 5, List.of("rim"));
    assertThat(at(run, "clean-seat")).isEmpty();
    assertThat(at(run, "clean-rim")).extracting(StepCaution::tick).containsExactly(Tick.VISIT);
  }

  @Test
  void whatIsSaidOfOneRoundStandsAtNoOther() {
    ARun run =
        two()
            .warns("seat", caution(ReasonCode.SOLVENT, "r-stain"))
            .work("clean-seat", Step.CLEAN, 5, SEAT)
            .work("stain", Step.CLEAN, 5, SEAT);
    assertThat(at(run, "clean-seat")).isEmpty();
    assertThat(at(run, "stain")).extracting(StepCaution::code).containsExactly(ReasonCode.SOLVENT);
  }

  @Test
  void whatIsTickedOncePerVisitIsAskedAgainAfterAStopButTheCustomersWordStands() {
    ARun run =
        two()
            .warns("rim", caution(ReasonCode.VENTILATE))
            .work("clean-rim", Step.CLEAN, 5, List.of("rim"))
            .work("test", Step.TEST_SPOT, 3, List.of("rim"));
    StepCaution fumes = at(run, "clean-rim").get(0);
    StepCaution consent = at(run, "test").get(0);
    assertThat(consent.code()).isEqualTo(ReasonCode.TEST_SPOT_CONSENT);
    Ticks ticks = new Ticks();
    ticks.told(entry(Kind.DONE), List.of(ReasonCode.VENTILATE, ReasonCode.TEST_SPOT_CONSENT));
    assertThat(ticks.has(run.step("clean-rim"), fumes)).isTrue();
    assertThat(ticks.has(run.step("test"), consent)).isTrue();
    ticks.told(entry(Kind.RESUMED), List.of());
    assertThat(ticks.has(run.step("clean-rim"), fumes)).isFalse();
    assertThat(ticks.has(run.step("test"), consent)).isTrue();
  }

  private static Entry entry(Kind kind) {
    return new Entry("e", "receive", kind, ARun.NINE, "Mira", Optional.empty(), "");
  }
}
