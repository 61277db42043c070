package attune.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import attune.core.Given;
import attune.core.plan.Timetable.Visit;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Stretches somebody has to be there for: a wait of more than five hours is another visit. */
class VisitsTest {
  private static final LocalDateTime NINE = Given.MONDAY_NINE;

  private static Round round(String id, Step step, int fromMin, int untilMin) {
    return new Round(
        id,
        "seat",
        step,
        List.of("cushion"),
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        Optional.of("p0"),
        NINE.plusMinutes(fromMin),
        NINE.plusMinutes(untilMin),
        60 * (untilMin - fromMin),
        0,
        0,
        false);
  }

  private static Timetable of(Round... rounds) {
    return new Timetable(List.of(rounds), List.of(), NINE, NINE, NINE, List.of(), Set.of(), false);
  }

  private static Visit visit(int fromMin, int untilMin) {
    return new Visit(NINE.plusMinutes(fromMin), NINE.plusMinutes(untilMin));
  }

  @Test
  void fiveHoursAreWaitedOutAndAMinuteMoreIsAnotherVisit() {
    assertThat(of(round("a", Step.CLEAN, 0, 60), round("b", Step.COAT, 360, 400)).visits())
        .containsExactly(visit(0, 400));
    assertThat(of(round("a", Step.CLEAN, 0, 60), round("b", Step.COAT, 361, 400)).visits())
        .containsExactly(visit(0, 60), visit(361, 400));
  }

  @Test
  void whatOneDoesBesideAnotherIsOneVisitUntilTheLastHandIsOff() {
    Timetable two =
        of(
            round("a", Step.CLEAN, 0, 90),
            round("b", Step.CLEAN, 10, 40),
            round("c", Step.CHECK, 60, 120));
    assertThat(two.visits()).containsExactly(visit(0, 120));
    assertThat(two.handsOffAt()).isEqualTo(NINE.plusMinutes(120));
    assertThat(two.work()).isEqualTo(Duration.ofMinutes(90 + 30 + 60));
    assertThat(of().visits()).isEmpty();
    assertThat(of().handsOffAt()).isEqualTo(NINE);
  }

  @Test
  void restsAndTalkAreNoWorkOnTheCar() {
    Timetable day =
        of(
            round("in", Step.RECEIVE, 0, 10),
            round("a", Step.CLEAN, 10, 40),
            round("rest", Step.BREAK, 40, 50),
            round("out", Step.HANDOVER, 50, 60));
    assertThat(day.worked()).extracting(Round::id).containsExactly("a");
    assertThat(day.stepsByRound())
        .containsEntry("a", Set.of(Step.CLEAN))
        .containsEntry("rest", Set.of(Step.BREAK))
        .hasSize(4);
  }
}
