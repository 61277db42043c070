package attune.app.bench;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.bench.RunSteps.Step;
import attune.app.format.JobFile;
import attune.app.format.JobReader;
import attune.app.format.PlanFile;
import attune.app.format.PlanWriter;
import attune.app.format.Schemas;
import attune.app.format.ShelfReader;
import attune.app.reference.ReferenceData;
import attune.core.run.Look;
import attune.core.run.Looked;
import attune.core.survey.Job;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

/** What a run is made of: the plan's steps, the rungs above held back, the meter before laying. */
class RunStepsTest {
  private static final Schemas SCHEMAS = new Schemas();
  private static final ShelfReader SHELVES = new ShelfReader(SCHEMAS, JsonMapper.shared());
  private static final ReferenceData REFERENCE = new ReferenceData(SHELVES);
  private static final JobReader READER = new JobReader(SCHEMAS, SHELVES, JsonMapper.shared());

  private static String panel(String id, String finish, String soil) {
    return ("{'id':'%s','zone':'front-left-seat','part':'cushion','finish':'%s','texture':'fine',"
            + "'tone':'dark','areaM2':0.3,'role':'%s','condition':{'soil':'%s','soils':['skin-oil'],"
            + "'wear':'intact'}}")
        .formatted(id, finish, finish.startsWith("microsuede") ? "grip" : "seat", soil);
  }

  private static List<Step> steps(String protection, String... panels) {
    String json =
        ("{'format':'attune-job','version':1,'setting':{'start':'2026-05-04T08:00'},"
                + "'wishes':{'protection':'"
                + protection
                + "'},'surfaces':["
                + String.join(",", panels)
                + "]}")
            .replace('\'', '"');
    JobFile file = READER.bind(json);
    Job job = READER.read(file, REFERENCE.startingShelf(), REFERENCE.houseRules());
    PlanFile plan = new PlanWriter(REFERENCE.technique()).file(REFERENCE.planner().plan(job));
    return RunSteps.of(plan, file.surfaces(), REFERENCE.finishes());
  }

  private static Step step(List<Step> steps, String id) {
    return steps.stream().filter(s -> s.task().id().equals(id)).findFirst().orElseThrow();
  }

  private static Optional<Look> look(Step step) {
    return step.task().looked().map(Looked::look);
  }

  private static int place(List<Step> steps, String id) {
    return steps.indexOf(step(steps, id));
  }

  @Test
  void hideIsJudgedByItsClothANapByItsFoamAndEveryPanelAtItsSeams() {
    List<Step> steps =
        steps(
            "none",
            panel("seat", "leather/coated", "moderate"),
            panel("rim", "microsuede/synthetic", "heavy"));
    assertThat(look(step(steps, "clean-seat"))).contains(Look.CLOTH);
    assertThat(look(step(steps, "clean-rim"))).contains(Look.FOAM);
    assertThat(look(step(steps, "check-seat"))).contains(Look.SEAMS);
    assertThat(look(step(steps, "receive"))).isEmpty();
    assertThat(step(steps, "dry-seat").task().hands()).isFalse();
  }

  @Test
  void theRungsAboveStandBehindTheFirstEachWithATestSpotOfItsOwn() {
    List<Step> steps = steps("none", panel("seat", "leather/coated", "moderate"));
    Step second = step(steps, "clean-seat~2");
    assertThat(second.task().rung()).isEqualTo(2);
    assertThat(second.task().seconds()).isPositive();
    assertThat(look(step(steps, "test-seat~2"))).contains(Look.TEST_SPOT);
    assertThat(place(steps, "clean-seat")).isLessThan(place(steps, "test-seat~2"));
    assertThat(place(steps, "test-seat~2")).isLessThan(place(steps, "clean-seat~2"));
    assertThat(place(steps, "clean-seat~2")).isLessThan(place(steps, "check-seat"));
    assertThat(second.rung()).isNotEqualTo(step(steps, "clean-seat").rung());
  }

  @Test
  void aTestSpotSpeaksForEveryPanelOfItsFinishAndBottle() {
    List<Step> steps =
        steps(
            "none",
            panel("seat", "leather/coated", "moderate"),
            panel("back", "leather/coated", "moderate"),
            panel("rim", "microsuede/synthetic", "heavy"));
    List<List<String>> covered = new ArrayList<>();
    steps.stream()
        .filter(s -> s.file().step().equals("test-spot") && s.task().rung() == 0)
        .forEach(s -> covered.add(s.task().covers()));
    assertThat(covered).contains(List.of("rim"));
    assertThat(covered).anySatisfy(panels -> assertThat(panels).contains("seat", "back"));
    assertThat(covered).noneSatisfy(panels -> assertThat(panels).contains("seat", "rim"));
  }

  @Test
  void nothingIsLaidOnAPanelBeforeTheMeterAndWithoutFinishingThereIsNone() {
    List<Step> coated =
        steps(
            "coating",
            panel("seat", "vinyl/coated-textile", "light"),
            panel("back", "vinyl/coated-textile", "light"));
    List<Step> meters =
        coated.stream().filter(s -> look(s).filter(Look.METER::equals).isPresent()).toList();
    assertThat(meters).isNotEmpty();
    for (Step laid : coated) {
      if (RunSteps.LAYS.contains(laid.file().step())) {
        assertThat(meters)
            .as(laid.task().id())
            .anySatisfy(
                meter -> {
                  assertThat(meter.task().surfaceIds()).containsAll(laid.task().surfaceIds());
                  assertThat(coated.indexOf(meter)).isLessThan(coated.indexOf(laid));
                });
      }
    }
    assertThat(coated.stream().filter(s -> s.file().step().equals("level")))
        .allSatisfy(s -> assertThat(look(s)).contains(Look.LAMP));
    assertThat(steps("none", panel("rim", "microsuede/synthetic", "heavy")))
        .noneSatisfy(s -> assertThat(look(s)).contains(Look.METER));
  }

  @Test
  void aDryWipeIsOnlyTicked() {
    List<Step> steps = steps("none", panel("seat", "leather/coated", "none"));
    assertThat(steps).noneSatisfy(s -> assertThat(look(s)).contains(Look.CLOTH));
  }
}
