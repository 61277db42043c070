package attune.core.bench;

import static attune.core.bench.ARun.coat;
import static attune.core.bench.ARun.rung;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

import attune.core.Given;
import attune.core.material.Role;
import attune.core.measure.Ratio;
import attune.core.plan.Step;
import attune.core.run.Entry.Kind;
import attune.core.run.Seen;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What is gone from each bottle once a step is done: half a square metre of seat. */
class PouredTest {
  private static final List<String> SEAT = List.of("seat");
  private static final Map<String, Double> HALF = Map.of("seat", 0.5);

  private static ARun seat(FrozenRung... ladder) {
    return new ARun().panel("seat", "leather/coated", Role.SEAT, ladder);
  }

  private static List<Poured> poured(ARun run, Map<String, Instead> instead) {
    return Poured.of(run.soFar(instead), HALF, Given.FIGURES);
  }

  private static Poured only(ARun run) {
    List<Poured> all = poured(run, Map.of());
    assertThat(all).hasSize(1);
    return all.get(0);
  }

  /** The seat's remover on so many square centimetres, in two passes. */
  private static FrozenRung remover(double cm2, double ml) {
    FrozenRung rung = rung("ink-lifter", "ready", 2);
    return new FrozenRung(
        rung.cleanerId(),
        rung.ratio(),
        rung.ph(),
        rung.toolId(),
        rung.applyTo(),
        rung.laidGPerM2(),
        rung.warmth(),
        rung.dwell(),
        rung.sections(),
        1,
        2,
        rung.endPoint(),
        rung.leadsOn(),
        Optional.of(new FrozenSpot(cm2, ml, Optional.empty())));
  }

  @Test
  void theFirstPassIsLaidInFullAndLaterOnesHalf() {
    ARun run = seat(rung("mild", "1:10", 3)).work("clean", Step.CLEAN, 9, SEAT);
    run.tell("clean", Kind.SEEN, Optional.of(Seen.SOIL), 3);
    Poured one = only(run);
    assertThat(one.ml()).isEqualTo(10);
    assertThat(one.plannedMl()).isEqualTo(20);
    assertThat(one.ratio()).isEqualTo(Ratio.parse("1:10"));
    run.tell("clean", Kind.SEEN, Optional.of(Seen.CLEAN), 6);
    assertThat(only(run).ml()).isEqualTo(15);
  }

  @Test
  void whatWasOnlyTickedTookWhatWasPlanned() {
    ARun run = seat(rung("mild", "1:10", 3)).work("clean", Step.CLEAN, 9, SEAT).done("clean", 9);
    assertThat(only(run).ml()).isEqualTo(20);
  }

  @Test
  void sectionsShareThePanel() {
    ARun run =
        seat(rung("mild", "1:10", 1))
            .work("clean-1", Step.CLEAN, 4, SEAT)
            .work("clean-2", Step.CLEAN, 4, SEAT)
            .done("clean-1", 4);
    assertThat(only(run).ml()).isEqualTo(5);
  }

  @Test
  void aStainTakesWhatItsOwnSpotNeedsAndNotWhatThePanelWould() {
    FrozenRung ink = remover(25, 3);
    FrozenRung glue = remover(9, 1);
    ARun run =
        seat(rung("mild", "1:10", 1), ink, glue)
            .meets("ink", ink, "seat")
            .meets("glue", glue, "seat")
            .done("ink", 5)
            .done("glue", 10);
    assertThat(poured(run, Map.of())).extracting(Poured::plannedMl).containsExactly(3.0, 1.0);
    assertThat(poured(run, Map.of()).get(0).ml()).isCloseTo(3, within(1e-9));
  }

  @Test
  void whatIsWipedOffBeforeACoatIsGoneFromItsBottleToo() {
    ARun run =
        seat()
            .lays("seat", coat("shield", 0))
            .wipesOff("seat", new FrozenResidue(Optional.of("film-off"), Ratio.parse("1:2"), 2, 8))
            .work("residue", Step.RESIDUE, 4, SEAT)
            .work("coat", Step.COAT, 5, SEAT)
            .done("residue", 4)
            .done("coat", 9);
    assertThat(poured(run, Map.of()))
        .extracting(p -> p.step().productId().orElseThrow(), p -> p.ratio().code(), Poured::ml)
        .containsExactly(tuple("film-off", "1:2", 8.0), tuple("shield", "ready", 12.0));
    Instead other = new Instead(Optional.of("spirit"), Optional.empty(), Optional.empty());
    assertThat(poured(run, Map.of("residue", other)).get(0).ratio())
        .as("another bottle comes as it is")
        .isEqualTo(Ratio.READY);
  }

  @Test
  void aDampClothTakesNothingOutOfABottleAndATestSpotAFewDrops() {
    ARun run =
        seat(rung("mild", "1:10", 1))
            .wipesOff("seat", new FrozenResidue(Optional.empty(), Ratio.READY, 1, 4))
            .work("test", Step.TEST_SPOT, 3, SEAT)
            .work("residue", Step.RESIDUE, 4, SEAT)
            .done("test", 3)
            .done("residue", 7);
    assertThat(poured(run, Map.of())).isEmpty();
  }
}
