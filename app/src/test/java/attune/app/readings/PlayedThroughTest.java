package attune.app.readings;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.format.JobFile;
import attune.app.format.JobReader;
import attune.app.format.Schemas;
import attune.app.format.ShelfReader;
import attune.app.jobs.Answered;
import attune.app.reference.ReferenceData;
import attune.core.plan.FinishStep;
import attune.core.plan.Plan;
import attune.core.plan.SurfacePlan;
import attune.core.simulate.SimulatedSurface;
import attune.core.survey.Job;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.json.JsonMapper;

/** The demo shop's plans, played through on a simulated cabin: clean, dry, unharmed, in sheen. */
class PlayedThroughTest {
  private static final double DAY = 86_400;
  private static final ReferenceData REFERENCE =
      new ReferenceData(new ShelfReader(new Schemas(), JsonMapper.shared()));

  private static Plan plan(String file) {
    Schemas schemas = new Schemas();
    JsonMapper mapper = JsonMapper.shared();
    Job job =
        new JobReader(schemas, new ShelfReader(schemas, mapper), mapper)
            .read(
                Answered.plannable(
                    mapper.readValue(ReferenceData.text("/demo/" + file + ".json"), JobFile.class)),
                REFERENCE.startingShelf(),
                REFERENCE.houseRules());
    return REFERENCE.planner().plan(job);
  }

  /** Every planned surface of the demo jobs that is cleaned with something wet. */
  static Stream<Arguments> surfaces() {
    List<Arguments> all = new ArrayList<>();
    for (String file : List.of("lumen-hatch", "fells-estate", "tidewren-helm", "corvid-wheel")) {
      plan(file).surfaces().stream()
          .filter(SurfacePlan::isWet)
          .filter(surface -> surface.match().refer().isEmpty())
          .forEach(surface -> all.add(Arguments.of(file + " " + surface.surface().id(), surface)));
    }
    return all.stream();
  }

  private static SimulatedSurface cleaned(SurfacePlan plan, long seed) {
    SimulatedSurface surface =
        SimulatedSurface.found(plan.match().place(), REFERENCE.rulebook(), seed);
    var rung = plan.firstRung().orElseThrow();
    for (int pass = 0; pass < rung.passesHigh(); pass++) {
      surface = surface.pass(rung.treatment());
    }
    return surface.blot().waitFor(DAY);
  }

  private static SimulatedSurface finished(SimulatedSurface cleaned, SurfacePlan plan) {
    SimulatedSurface surface = cleaned;
    for (FinishStep step : plan.finishSteps()) {
      surface = surface.waitFor(step.waitS()).apply(step.product(), step.coats()).level();
      surface = surface.waitFor(Math.max(step.cureS(), 7 * DAY));
    }
    return surface;
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("surfaces")
  void itIsCleanAndDryAndNothingIsHarmed(String name, SurfacePlan plan) {
    for (long seed = 1; seed <= 3; seed++) {
      SimulatedSurface clean = cleaned(plan, seed);
      assertThat(clean.isUndamaged()).isTrue();
      assertThat(clean.moisture()).isLessThan(REFERENCE.figures().get("instrument.moisture-dry"));
      assertThat(clean.state().worstSoil())
          .isLessThanOrEqualTo(clean.place().demand().acceptable() + 1e-9);
    }
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("surfaces")
  void whatGoesOnSettlesToNoMoreSheenThanItsLabelSays(String name, SurfacePlan plan) {
    SimulatedSurface clean = cleaned(plan, 1);
    SimulatedSurface done = finished(clean, plan);
    double adds =
        plan.finishSteps().stream()
            .mapToDouble(step -> step.product().sheenChangeGu().orElse(0.0) * step.coats())
            .sum();
    assertThat(done.sheenGu()).isLessThanOrEqualTo(clean.sheenGu() + adds + 1e-9);
    assertThat(done.state().levelled()).isTrue();
  }

  @Test
  void thereIsEnoughToPlayThrough() {
    assertThat(surfaces().count()).isGreaterThan(40);
  }
}
