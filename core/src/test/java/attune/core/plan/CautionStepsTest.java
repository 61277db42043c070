package attune.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import attune.core.Given;
import attune.core.match.Decisions;
import attune.core.match.Reason;
import attune.core.match.ReasonCode;
import attune.core.survey.Job;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** No caution is lost between the match and the hand that has to heed it. */
class CautionStepsTest {
  /** Rules a thing out and is told with what was left out, never at a step. */
  private static final Set<ReasonCode> ONLY_RULE_OUT =
      EnumSet.of(
          ReasonCode.PH_ABOVE_LIMIT,
          ReasonCode.PH_BELOW_LIMIT,
          ReasonCode.WET_LIMIT,
          ReasonCode.PERFORATED_NO_SPRAY,
          ReasonCode.CONTACT_LIMIT,
          ReasonCode.TOO_STIFF,
          ReasonCode.STEAM_NOT_HERE,
          ReasonCode.LABEL_EXCLUDES,
          ReasonCode.LABEL_DILUTION,
          ReasonCode.LABEL_DWELL,
          ReasonCode.FILM_BLOCKS_COATING,
          ReasonCode.STRIPS_COATING,
          ReasonCode.NOT_FOR_FINISH,
          ReasonCode.NOT_FOR_THIS_SOIL,
          ReasonCode.NOT_WANTED,
          ReasonCode.HOUSE_RULE,
          ReasonCode.STOCK_SHORT,
          ReasonCode.EXPIRED,
          ReasonCode.DYED_ON_PALE,
          ReasonCode.DOMINATED,
          ReasonCode.BARRED_HERE,
          ReasonCode.SLIPPERY_SEAT,
          ReasonCode.SPOT_ONLY);

  @ParameterizedTest
  @EnumSource
  void everyCodeKnowsItsStepsOrOnlyRulesOut(ReasonCode code) {
    assertThat(CautionSteps.of(code).isEmpty()).isEqualTo(ONLY_RULE_OUT.contains(code));
  }

  @Test
  void everyCautionOfEveryKeptPlanStandsAtARoundThatHasItsStep() {
    KeptCabins cabins = new KeptCabins();
    List<String> lost = new ArrayList<>();
    int told = 0;
    for (int i = 0; i < KeptCabins.ALL; i++) {
      Job job = cabins.job(i);
      Plan plan = Given.PLANNER.plan(job, Decisions.NONE, cabins.arrangement(i, job));
      Map<String, Set<Step>> steps = plan.timetable().stepsByRound();
      for (SurfacePlan surface : plan.surfaces()) {
        for (Reason caution : surface.cautions()) {
          List<Round> rounds =
              plan.timetable().rounds().stream()
                  .filter(r -> r.surfaceIds().isEmpty() || about(r, surface))
                  .toList();
          boolean stepIsThere =
              rounds.stream()
                  .flatMap(r -> steps.get(r.id()).stream())
                  .anyMatch(of(caution)::contains);
          boolean stands =
              rounds.stream()
                  .anyMatch(r -> CautionSteps.isToldAt(caution, surface, r, steps.get(r.id())));
          told += stands ? 1 : 0;
          if (stepIsThere && !stands) {
            lost.add(i + " " + surface.surface().id() + ": " + caution.text());
          }
        }
      }
    }
    assertThat(lost).isEmpty();
    assertThat(told).isGreaterThan(500);
  }

  private static Set<Step> of(Reason caution) {
    return CautionSteps.of(caution.code());
  }

  private static boolean about(Round round, SurfacePlan surface) {
    return round.surfaceIds().contains(surface.surface().id());
  }
}
