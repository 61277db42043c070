package attune.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import attune.core.AProduct;
import attune.core.ASurface;
import attune.core.ATool;
import attune.core.Given;
import attune.core.match.Reason;
import attune.core.match.ReasonCode;
import attune.core.material.Role;
import attune.core.survey.Condition.Level;
import attune.core.survey.Job;
import attune.core.survey.Setting.ChildSeat;
import attune.core.survey.Setting.Reception;
import attune.core.survey.Surface;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** A child seat that stays in is strapped in with a belt nobody knows: none of them is wetted. */
class ChildSeatTest {
  private static Surface belt(String id, String zone) {
    return ASurface.of("textile/webbing")
        .id(id)
        .role(Role.TRIM)
        .at(zone, "belt")
        .soiled(Level.MODERATE)
        .build();
  }

  private static Plan plan(ChildSeat childSeat) {
    Job job =
        Given.job(
            Given.studio(new Reception(Set.of(), childSeat, Set.of())),
            Given.RULES,
            Given.shelf(AProduct.cleaner("soap", 5).build(), ATool.SPONGE),
            belt("drivers", "driver-seat"),
            belt("front", "front-right-seat"),
            belt("rear", "rear-bench"),
            belt("odd", "third-row"),
            belt("unsaid", "cabin"));
    return Given.PLANNER.plan(job);
  }

  @Test
  void onlyABeltOnWhichNoneCanStandIsCleaned() {
    assertThat(cleaned(plan(ChildSeat.IN))).containsExactly("drivers");
    assertThat(cleaned(plan(ChildSeat.OUT))).contains("drivers", "rear", "odd", "unsaid");
  }

  @Test
  void whatIsLeftSaysWhyAndNothingIsBoughtForIt() {
    Plan plan = plan(ChildSeat.IN);
    SurfacePlan rear = plan.surfaces().get(2);
    assertThat(rear.cautions()).extracting(Reason::code).containsExactly(ReasonCode.CHILD_SEAT);
    assertThat(rear.minutesHigh()).isZero();
    assertThat(plan.purchases()).isEmpty();
  }

  private static Iterable<String> cleaned(Plan plan) {
    return plan.timetable().tasks().stream()
        .filter(task -> task.step().cleans())
        .flatMap(task -> task.surfaceIds().stream())
        .sorted()
        .toList();
  }
}
