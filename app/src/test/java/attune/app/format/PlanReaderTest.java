package attune.app.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import attune.app.reference.ReferenceData;
import attune.core.bench.FrozenPanel;
import attune.core.bench.FrozenPlan;
import attune.core.bench.FrozenResidue;
import attune.core.bench.FrozenTask;
import attune.core.check.Fault;
import attune.core.check.InvalidInputException;
import attune.core.match.Rung;
import attune.core.plan.Plan;
import attune.core.plan.ResiduePass;
import attune.core.plan.SurfacePlan;
import attune.core.plan.Task;
import attune.core.plan.Task.About;
import attune.core.shelf.Product;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.json.JsonMapper;

/** A plan that was written is read back into what the core knows, whenever it was written. */
class PlanReaderTest {
  private static final Schemas SCHEMAS = new Schemas();
  private static final ShelfReader SHELVES = new ShelfReader(SCHEMAS, JsonMapper.shared());
  private static final ReferenceData REFERENCE = new ReferenceData(SHELVES);
  private static final JobReader JOBS = new JobReader(SCHEMAS, SHELVES, JsonMapper.shared());
  private static final PlanReader PLANS = new PlanReader(JsonMapper.shared());

  static List<Path> examples() throws IOException {
    try (Stream<Path> all = Files.list(Path.of("../docs/examples"))) {
      return all.sorted().toList();
    }
  }

  private static Plan plan(Path example) throws IOException {
    String json = Files.readString(example);
    return REFERENCE
        .planner()
        .plan(JOBS.read(JOBS.bind(json), REFERENCE.startingShelf(), REFERENCE.houseRules()));
  }

  private static String text(Plan plan) {
    return new PlanWriter(REFERENCE.technique()).text(plan);
  }

  @ParameterizedTest
  @MethodSource("examples")
  void everythingARunGoesByComesBackAsItWasPlanned(Path example) throws IOException {
    Plan plan = plan(example);
    FrozenPlan read = PLANS.read(text(plan));
    assertThat(read.tasks())
        .extracting(FrozenTask::id)
        .isEqualTo(plan.timetable().tasks().stream().map(Task::id).toList());
    assertThat(read.tasks())
        .extracting(FrozenTask::step)
        .isEqualTo(plan.timetable().tasks().stream().map(Task::step).toList());
    assertThat(read.tasks())
        .extracting(FrozenTask::start)
        .isEqualTo(plan.timetable().tasks().stream().map(Task::start).toList());
    assertThat(read.ready().curedAt()).isEqualTo(plan.timetable().curedAt());
    assertThat(read.rounds()).hasSameSizeAs(plan.timetable().rounds());
    assertThat(read.care()).isEqualTo(plan.care());
    for (SurfacePlan surface : plan.surfaces()) {
      FrozenPanel panel = read.panel(surface.surface().id()).orElseThrow();
      assertThat(panel.rungs())
          .extracting(rung -> rung.ratio())
          .isEqualTo(surface.match().ladder().stream().map(r -> r.treatment().ratio()).toList());
      assertThat(panel.rungs())
          .extracting(rung -> rung.passesHigh())
          .isEqualTo(surface.match().ladder().stream().map(Rung::passesHigh).toList());
      assertThat(panel.finish())
          .extracting(laid -> laid.step())
          .isEqualTo(surface.finishSteps().stream().map(s -> s.step()).toList());
      assertThat(panel.residue().flatMap(FrozenResidue::productId))
          .isEqualTo(surface.residue().flatMap(ResiduePass::product).map(Product::id));
      assertThat(panel.cautions())
          .extracting(said -> said.code())
          .isEqualTo(surface.cautions().stream().map(c -> c.code()).toList());
    }
  }

  @Test
  void aPlanFromBeforeRoundsAndWordsForWaitsIsReadByWhatItsTasksWereCalled() {
    String old =
        """
        {"format":"attune-plan","version":1,"title":"Old","surfaces":[
          {"surfaceId":"seat-1","ladder":[],"finishSteps":[],"cautions":[{"code":"GLOVES","text":"Gloves."}],
           "minutes":{"low":1,"high":2},"ruledOut":[],"byHand":false}],
         "mixes":[],"doses":[],"cloths":[],"purchases":[],
         "timeline":[%s,%s,%s,%s],
         "ready":{"driveAt":"2026-05-04T10:00:00","sitAt":"2026-05-04T11:00:00",
                  "curedAt":"2026-05-05T10:00:00"},
         "care":[],"houseRules":[],"warnings":[]}"""
            .formatted(
                task("cool", "wait"),
                task("part-1", "wait"),
                task("fit-1", "refinish"),
                task("wait-fit-1-panel", "wait"));
    FrozenPlan read = PLANS.read(old);
    assertThat(read.tasks())
        .extracting(FrozenTask::about)
        .containsExactly(
            Optional.of(About.Kind.COOLING),
            Optional.of(About.Kind.PART_COMING),
            Optional.of(About.Kind.PART_FITTED),
            Optional.empty());
    assertThat(read.rounds()).isEmpty();
    assertThat(read.panels().get(0).cautions().get(0).roundIds()).isEmpty();
  }

  private static String task(String id, String step) {
    return """
        {"id":"%s","step":"%s","surfaceIds":[],"start":"2026-05-04T09:00:00",
         "end":"2026-05-04T09:10:00","after":[]}"""
        .formatted(id, step);
  }

  @Test
  void whatCannotBeReadIsNamedWithItsPlaceAllOfIt() throws IOException {
    String whole = text(plan(examples().get(0)));
    String spoiled =
        whole
            .replaceFirst("\"ratio\" : \"[^\"]*\"", "\"ratio\" : \"a splash\"")
            .replaceFirst("\"step\" : \"receive\"", "\"step\" : \"welcome\"");
    InvalidInputException refused =
        catchThrowableOfType(InvalidInputException.class, () -> PLANS.read(spoiled));
    assertThat(refused.faults()).extracting(Fault::found).contains("\"a splash\"", "\"welcome\"");
    assertThat(refused.faults())
        .extracting(Fault::pointer)
        .allMatch(pointer -> pointer.matches("/(surfaces|timeline|rounds)/\\d+/.+"));
    InvalidInputException torn =
        catchThrowableOfType(
            InvalidInputException.class, () -> PLANS.read(whole.substring(0, 400)));
    assertThat(torn.faults().get(0).allowed()).isEqualTo("an attune-plan");
    String endless = whole.replaceFirst("\"ready\" : \\{[^}]*\\},", "");
    InvalidInputException never =
        catchThrowableOfType(InvalidInputException.class, () -> PLANS.read(endless));
    assertThat(never.faults())
        .containsExactly(new Fault("/ready", "nothing", "what a plan has there"));
  }
}
