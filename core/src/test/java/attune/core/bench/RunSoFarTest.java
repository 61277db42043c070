package attune.core.bench;

import static attune.core.bench.ARun.NINE;
import static attune.core.bench.ARun.coat;
import static attune.core.bench.ARun.rung;
import static org.assertj.core.api.Assertions.assertThat;

import attune.core.material.Role;
import attune.core.measure.Ratio;
import attune.core.plan.Plan.CareItem;
import attune.core.plan.Step;
import attune.core.run.Entry.Kind;
import attune.core.run.Seen;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What the papers, the day and the vehicle's history are told of a run: what was done. */
class RunSoFarTest {
  private static final List<String> SEAT = List.of("seat");

  private static ARun seat() {
    return new ARun()
        .panel("seat", "leather/coated", Role.SEAT, rung("mild", "1:10", 2))
        .lays("seat", coat("shield", 0))
        .work("clean-1", Step.CLEAN, 5, SEAT)
        .work("clean-2", Step.CLEAN, 5, SEAT)
        .work("coat-seat", Step.COAT, 5, SEAT)
        .cares("Deep clean", Optional.empty(), "seat")
        .cares("Lay it again", Optional.of(Step.COAT), "seat");
  }

  private static RunSoFar soFar(ARun run) {
    return run.soFar(Map.of());
  }

  @Test
  void aPanelHasAStepBehindItOnceAllItsSectionsAreDone() {
    assertThat(soFar(seat().done("clean-1", 5)).done("seat")).isEmpty();
    assertThat(soFar(seat().done("clean-1", 5).done("clean-2", 10)).done("seat"))
        .containsExactly(Step.CLEAN);
  }

  @Test
  void whatIsInHandIsWhatRunsElseWhatComesNext() {
    assertThat(soFar(seat()).inHand().map(StepSoFar::id)).contains("clean-1");
    ARun both =
        seat()
            .tell("clean-1", Kind.STARTED, Optional.empty(), 1)
            .tell("clean-2", Kind.STARTED, Optional.empty(), 2);
    assertThat(soFar(both).inHand().map(StepSoFar::id)).contains("clean-2");
    ARun through = seat().done("clean-1", 5).done("clean-2", 10).done("coat-seat", 15);
    assertThat(soFar(through).inHand()).isEmpty();
    assertThat(soFar(through).isThrough()).isTrue();
    assertThat(soFar(through).lastDone()).contains(NINE.plusMinutes(15));
    assertThat(soFar(seat()).isWorked()).isFalse();
  }

  @Test
  void noCareIsOwedToACoatThatWasNotLaid() {
    ARun skipped = seat().tell("coat-seat", Kind.SKIPPED, Optional.empty(), 15);
    assertThat(soFar(skipped).care()).extracting(CareItem::what).containsExactly("Deep clean");
    assertThat(soFar(seat().done("coat-seat", 15)).care()).hasSize(2);
  }

  @Test
  void anotherBottleIsTakenAsItComesUnlessItWasSaidHowItWasMixed() {
    ARun run = seat().seen("clean-1", Seen.SOIL, 3).done("clean-2", 10);
    Instead other = new Instead(Optional.of("other"), Optional.empty(), Optional.empty());
    Instead thinner =
        new Instead(Optional.empty(), Optional.of(Ratio.parse("1:20")), Optional.of("pad"));
    List<StepSoFar> cleaned =
        run.soFar(Map.of("clean-1", other, "clean-2", thinner)).cleaned("seat");
    assertThat(cleaned)
        .extracting(step -> step.productId().orElseThrow())
        .containsExactly("other", "mild");
    assertThat(cleaned)
        .extracting(StepSoFar::ratio)
        .containsExactly(Ratio.READY, Ratio.parse("1:20"));
    assertThat(cleaned)
        .extracting(step -> step.toolId().orElseThrow())
        .containsExactly("soft-brush", "pad");
    assertThat(cleaned)
        .extracting(StepSoFar::passesMade)
        .as("one was seen; what was only ticked counts as planned")
        .containsExactly(1, 2);
  }

  @Test
  void whatIsLevelledStandsOnTheCardItWasLaidOnAndTheMeterOnItsOwn() {
    ARun run =
        new ARun()
            .panel("seat", "leather/coated", Role.SEAT, rung("mild", "1:10", 1))
            .lays("seat", coat("shield", 0))
            .work("check-seat", Step.CHECK, 1, SEAT)
            .work("coat-seat", Step.COAT, 5, SEAT)
            .work("level-seat", Step.LEVEL, 5, SEAT, "coat-seat")
            .wait("cure", Step.WAIT, 60, SEAT, "level-seat");
    assertThat(Cards.of(run.steps()))
        .containsEntry("coat-seat", "r-coat-seat")
        .containsEntry("level-seat", "r-coat-seat")
        .containsEntry("meter", "meter")
        .containsEntry("cure", "cure");
  }
}
