package attune.core.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import attune.core.Given;
import attune.core.run.Entry.Kind;
import attune.core.run.Experience.Case;
import attune.core.run.Experience.StepCase;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What a shop learns from its own records: robust, bounded, and only with enough cases. */
class ExperienceTest {
  private static final Experience.Kind SEATS = new Experience.Kind("leather/coated", "moderate");

  private static Experience of(double... minutes) {
    List<Case> cases = new ArrayList<>();
    for (double m : minutes) {
      cases.add(new Case(SEATS, 10, m, 2, 3));
    }
    return Experience.of(cases, List.of(), Given.FIGURES);
  }

  @Test
  void theMiddleCaseCountsAndOneOddDayDoesNot() {
    Experience known = of(12, 13, 13, 14, 90);
    Experience.Factor factor = known.of("leather/coated", "moderate").orElseThrow();
    assertThat(factor.minutes()).isCloseTo(1.3, within(1e-9));
    assertThat(factor.passes()).isCloseTo(1.5, within(1e-9));
    assertThat(known.of("leather/coated", "heavy")).isEmpty();
  }

  @Test
  void tooFewCasesAreShownAndDoNotCount() {
    Experience few = of(20, 20, 20);
    assertThat(few.of("leather/coated", "moderate")).isEmpty();
    assertThat(few.factors().get(SEATS).cases()).isEqualTo(3);
  }

  @Test
  void nothingIsLearntFarFromThePlan() {
    assertThat(of(90, 90, 90, 90, 90).of("leather/coated", "moderate").orElseThrow().minutes())
        .isEqualTo(Given.FIGURES.get("learning.most"));
    assertThat(of(0, 0, 0, 0, 0).of("leather/coated", "moderate").orElseThrow().minutes())
        .isEqualTo(Given.FIGURES.get("learning.least"));
  }

  @Test
  void whatWasTickedInOneGoAfterwardsIsNoCase() {
    assertThat(Experience.wasWorked(1, 10, Given.FIGURES)).isFalse();
    assertThat(Experience.wasWorked(6, 10, Given.FIGURES)).isTrue();
    assertThat(Experience.wasWorked(6, 0, Given.FIGURES)).isFalse();
  }

  @Test
  void gettingReadyIsLearntByTheStepAndOnlyFromEnoughVisits() {
    List<StepCase> visits = new ArrayList<>();
    for (int visit = 0; visit < 4; visit++) {
      visits.add(new StepCase("inspect", 10, 15));
    }
    assertThat(Experience.of(List.of(), visits, Given.FIGURES).of("inspect")).isEqualTo(1);
    visits.add(new StepCase("inspect", 10, 40));
    Experience known = Experience.of(List.of(), visits, Given.FIGURES);
    assertThat(known.of("inspect")).isCloseTo(1.5, within(1e-9));
    assertThat(known.of("precautions")).isEqualTo(1);
  }

  private static Entry entry(String task, Kind kind, String time, String by) {
    return new Entry(
        task + kind + time,
        task,
        kind,
        LocalDateTime.parse("2026-05-04T" + time),
        by,
        Optional.empty(),
        "");
  }

  @Test
  void aStepHasTheTimeSinceItsPersonsStepBeforePausesTakenOut() {
    Map<String, Duration> worked =
        Worked.of(
            List.of(
                entry("receive", Kind.DONE, "08:10", "Mira"),
                entry("bolster", Kind.SEEN, "08:20", "Mira"),
                entry("rim", Kind.DONE, "08:25", "Tobin"),
                entry("", Kind.PAUSED, "08:30", "Mira"),
                entry("", Kind.RESUMED, "09:00", "Mira"),
                entry("bolster", Kind.SEEN, "09:05", "Mira"),
                entry("screen", Kind.STARTED, "15:00", "Mira"),
                entry("screen", Kind.DONE, "15:04", "Mira")),
            LocalDateTime.parse("2026-05-04T08:00"));
    assertThat(worked)
        .containsEntry("receive", Duration.ofMinutes(10))
        .containsEntry("bolster", Duration.ofMinutes(25))
        .containsEntry("rim", Duration.ofMinutes(25))
        .containsEntry("screen", Duration.ofMinutes(4));
  }
}
