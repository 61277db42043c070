package attune.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import attune.core.AProduct;
import attune.core.ASurface;
import attune.core.ATool;
import attune.core.Given;
import attune.core.match.Dwell;
import attune.core.match.Rung;
import attune.core.material.Role;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Shelf;
import attune.core.shelf.Soil;
import attune.core.shelf.Span;
import attune.core.survey.Condition.Feel;
import attune.core.survey.Condition.Level;
import attune.core.survey.Job;
import attune.core.survey.Surface;
import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What sits, rests and keeps out, and for how long. */
class WaitsTest {
  private static List<Task> tasks(Plan plan, Step step) {
    return plan.timetable().tasks().stream().filter(task -> task.step() == step).toList();
  }

  @Test
  void nobodyWaitsToSitForWhatIsNotSatOn() {
    Surface trim =
        ASurface.of("leather/coated").role(Role.TRIM).soiled(Level.LIGHT).feel(Feel.DRY).build();
    Shelf shelf =
        Given.shelf(
            AProduct.cleaner("cleaner", 5).build(),
            AProduct.of("milk", ProductRole.CONDITIONER)
                .dose(12)
                .absorbs(600, 600)
                .cures(43_200, 43_200)
                .build(),
            ATool.SOFT_BRUSH,
            ATool.BARRIER_PAD);
    Plan plan = Given.plan(shelf, trim);
    assertThat(plan.timetable().tasks()).extracting(Task::step).contains(Step.CONDITION);
    assertThat(plan.timetable().sitAt()).isEqualTo(tasks(plan, Step.HANDOVER).get(0).end());
  }

  @Test
  void nobodyKneelsForLongerThanThreeQuartersOfAnHour() {
    Surface carpet =
        ASurface.of("textile/pile")
            .role(Role.FLOOR)
            .area(6)
            .soiled(Level.HEAVY, Soil.DUST, Soil.FOOD_DRINK)
            .build();
    Shelf shelf =
        Given.shelf(
            AProduct.cleaner("cleaner", 9).goodAt(Soil.DUST, Soil.FOOD_DRINK).build(),
            ATool.STIFF_BRUSH);
    assertThat(Given.plan(shelf, carpet).timetable().rounds())
        .filteredOn(round -> round.step() == Step.TEXTILE)
        .isNotEmpty()
        .allSatisfy(
            round -> {
              assertThat(round.handsS()).isGreaterThan(45 * 60);
              assertThat(round.waitS()).isGreaterThanOrEqualTo(10 * 60);
            });
  }

  @ParameterizedTest
  @MethodSource("attune.core.plan.TimetableTest#jobs")
  void nothingSitsForLongerThanLabelAndFinishLetIt(Job job) {
    Plan plan = Given.PLANNER.plan(job);
    for (SurfacePlan panel : plan.surfaces()) {
      for (Task task : tasks(plan, Step.CLEAN)) {
        if (!task.surfaceIds().contains(panel.surface().id())) {
          continue;
        }
        Rung rung = panel.firstRung().orElseThrow();
        Span dwell = Dwell.of(panel.match().place(), rung);
        int aPass = task.handsS() / Math.max(1, rung.verdict().passes()) + 1;
        task.wipeBy()
            .ifPresent(
                by ->
                    assertThat(Duration.between(task.wipeFrom().orElseThrow(), by))
                        .as(task.id())
                        .isLessThanOrEqualTo(
                            Duration.ofSeconds(dwell.max() - dwell.min() + aPass)));
      }
    }
  }
}
