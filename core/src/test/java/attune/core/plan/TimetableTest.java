package attune.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import attune.core.AProduct;
import attune.core.ASurface;
import attune.core.ATool;
import attune.core.Given;
import attune.core.match.ReasonCode;
import attune.core.material.Finish;
import attune.core.material.Role;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Shelf;
import attune.core.shelf.Soil;
import attune.core.shelf.Tool;
import attune.core.survey.Condition.Level;
import attune.core.survey.Condition.Nap;
import attune.core.survey.Job;
import attune.core.survey.Setting;
import attune.core.survey.Surface;
import attune.core.survey.Wishes.Protection;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** One pair of hands, every wait kept, nothing before what it depends on. */
class TimetableTest {
  private static final Comparator<LocalDateTime> NATURAL = LocalDateTime::compareTo;
  static final Shelf SHOP =
      Given.shelf(
          AProduct.cleaner("cleaner", 5).build(),
          AProduct.of("screen", ProductRole.SCREEN_CLEANER)
              .strength(5)
              .goodAt(Soil.SKIN_OIL, Soil.DUST)
              .build(),
          AProduct.of("balm", ProductRole.CONDITIONER).dose(12).absorbs(1200, 3600).build(),
          AProduct.of("barrier", ProductRole.DYE_BARRIER).dose(8).absorbs(600, 600).build(),
          AProduct.of("coat", ProductRole.COATING)
              .dose(5)
              .flashes(180, 300)
              .cures(43_200, 604_800)
              .build(),
          AProduct.of("matt", ProductRole.PROTECTANT).dose(8).sheen(0).absorbs(60, 60).build(),
          ATool.SOFT_BRUSH,
          ATool.SPONGE,
          ATool.LEATHER_BRUSH,
          ATool.BARRIER_PAD);

  static List<Job> jobs() {
    return jobs(Integer.getInteger("attune.jobs", 40));
  }

  static List<Job> jobs(int many) {
    Random random = new Random(77);
    return IntStream.range(0, many).mapToObj(i -> job(random)).toList();
  }

  private static Job job(Random random) {
    Surface[] panels =
        IntStream.range(0, 3 + random.nextInt(14))
            .mapToObj(i -> panel(i, random))
            .toArray(Surface[]::new);
    Setting day =
        Given.setting(
            14 + random.nextInt(14), 0.3 + random.nextDouble() / 3, 0.1, Setting.Sun.NONE);
    return Given.job(day, Given.RULES, SHOP, panels);
  }

  private static Surface panel(int i, Random random) {
    List<Finish> finishes = Given.FINISHES.all();
    Finish finish = finishes.get(random.nextInt(finishes.size()));
    List<Role> roles = finish.foundAs().stream().sorted().toList();
    return ASurface.of(finish.code())
        .id("panel-" + i)
        .at(random.nextBoolean() ? "front-left-seat" : "rear-bench", "panel")
        .role(roles.get(random.nextInt(roles.size())))
        .ageYears(random.nextInt(12))
        .area(0.05 + random.nextDouble())
        .soiled(Level.values()[random.nextInt(5)])
        .nap(random.nextInt(5) == 0 ? Nap.PILLED : Nap.OPEN)
        .protect(Protection.values()[random.nextInt(4)])
        .build();
  }

  private static Map<String, Task> byId(Plan plan) {
    return plan.timetable().tasks().stream()
        .collect(Collectors.toMap(Task::id, Function.identity()));
  }

  @ParameterizedTest
  @MethodSource("jobs")
  void nobodyIsInTwoPlacesAtOnce(Job job) {
    Map<String, LocalDateTime> freeAt = new HashMap<>();
    for (Task task : Given.PLANNER.plan(job).timetable().tasks()) {
      assertThat(task.end()).isAfter(task.start());
      task.person()
          .ifPresent(
              person -> {
                LocalDateTime free = freeAt.getOrDefault(person, LocalDateTime.MIN);
                assertThat(task.start()).as(task.id()).isAfterOrEqualTo(free);
                freeAt.put(person, task.end());
              });
    }
  }

  @ParameterizedTest
  @MethodSource("jobs")
  void nothingStartsBeforeWhatItComesAfter(Job job) {
    Plan plan = Given.PLANNER.plan(job);
    Map<String, Task> tasks = byId(plan);
    assertThat(tasks).hasSameSizeAs(plan.timetable().tasks());
    for (Task task : tasks.values()) {
      for (String before : task.after()) {
        assertThat(tasks).containsKey(before);
        assertThat(task.start()).as(task.id()).isAfterOrEqualTo(tasks.get(before).end());
      }
    }
  }

  @ParameterizedTest
  @MethodSource("jobs")
  void everySurfaceDriesAndWaitsBeforeItsNextProduct(Job job) {
    Plan plan = Given.PLANNER.plan(job);
    Map<String, Task> tasks = byId(plan);
    for (SurfacePlan surface : plan.surfaces()) {
      String id = surface.surface().id();
      Task dry = tasks.get("dry-" + id);
      for (FinishStep step : surface.finishSteps()) {
        LocalDateTime laid =
            tasksOn(tasks, id, step.step()).stream().map(Task::start).min(NATURAL).orElseThrow();
        if (dry != null) {
          assertThat(laid).as(id).isAfterOrEqualTo(dry.end());
        }
        tasksOn(tasks, id, Step.LEVEL).stream()
            .filter(level -> level.start().isBefore(laid))
            .forEach(
                level ->
                    assertThat(laid)
                        .as(id)
                        .isAfterOrEqualTo(level.end().plusSeconds(step.waitS())));
      }
    }
  }

  private static List<Task> tasksOn(Map<String, Task> tasks, String surfaceId, Step step) {
    return tasks.values().stream()
        .filter(task -> task.step() == step && task.surfaceIds().equals(List.of(surfaceId)))
        .toList();
  }

  @ParameterizedTest
  @MethodSource("jobs")
  void theWorkIsDoneInTheShopsHours(Job job) {
    for (Task task : Given.PLANNER.plan(job).timetable().tasks()) {
      boolean longerThanADay = Duration.between(task.start(), task.end()).toHours() >= 11;
      if (task.person().isPresent() && !longerThanADay) {
        assertThat(task.start().getHour()).as(task.id()).isGreaterThanOrEqualTo(8);
        assertThat(task.end()).isBeforeOrEqualTo(task.start().toLocalDate().atTime(19, 0));
      }
    }
  }

  @ParameterizedTest
  @MethodSource("jobs")
  void itIsDrivenAndSatInOnlyWhenReady(Job job) {
    Plan plan = Given.PLANNER.plan(job);
    Timetable t = plan.timetable();
    LocalDateTime handsOff =
        t.tasks().stream()
            .filter(task -> task.person().isPresent())
            .map(Task::end)
            .max(LocalDateTime::compareTo)
            .orElseThrow();
    assertThat(t.driveAt()).isAfterOrEqualTo(handsOff);
    assertThat(t.sitAt()).isAfterOrEqualTo(handsOff);
    assertThat(t.curedAt()).isAfterOrEqualTo(t.sitAt());
  }

  @ParameterizedTest
  @MethodSource("jobs")
  void theGripIsLookedAtLastAndDry(Job job) {
    Plan plan = Given.PLANNER.plan(job);
    Map<String, Task> tasks = byId(plan);
    for (SurfacePlan surface : plan.surfaces()) {
      Task dry = tasks.get("dry-" + surface.surface().id());
      if (dry != null && surface.surface().role().isControlled()) {
        assertThat(tasks.get("handover").start()).isAfterOrEqualTo(dry.end());
      }
    }
  }

  @ParameterizedTest
  @MethodSource("jobs")
  void whatIsLaidWetHasItsWipeTimes(Job job) {
    for (Task task : Given.PLANNER.plan(job).timetable().tasks()) {
      if (task.wipeBy().isPresent()) {
        assertThat(task.wipeFrom().orElseThrow()).isAfterOrEqualTo(task.start());
        assertThat(task.wipeBy().get()).isAfterOrEqualTo(task.wipeFrom().get());
      }
    }
  }

  @ParameterizedTest
  @MethodSource("jobs")
  void theSameJobHasTheSamePlan(Job job) {
    assertThat(Given.PLANNER.plan(job)).isEqualTo(Given.PLANNER.plan(job));
  }

  private static Surface dirty(String finish, Role role, String id) {
    return found(finish, role, id).build();
  }

  private static ASurface found(String finish, Role role, String id) {
    return ASurface.of(finish).id(id).role(role).soiled(Level.LIGHT);
  }

  @Test
  void topToBottomAndTheWheelAndScreenLast() {
    Plan plan =
        Given.plan(
            SHOP,
            dirty("screen/coated", Role.SCREEN, "screen"),
            found("leather/coated", Role.GRIP, "rim").at("wheel", "rim").build(),
            dirty("leather/coated", Role.SEAT, "seat"),
            found("plastic/textured", Role.TRIM, "dash").at("dash", "upper").build(),
            dirty("microsuede/synthetic", Role.OVERHEAD, "sky"));
    assertThat(plan.timetable().tasks())
        .filteredOn(task -> task.step() == Step.CLEAN)
        .flatExtracting(Task::surfaceIds)
        .containsSubsequence("sky", "dash", "seat", "rim", "screen")
        .endsWith("screen");
  }

  @Test
  void dustIsRaisedBeforeAnythingIsWet() {
    Plan plan = Given.plan(SHOP, dirty("leather/coated", Role.SEAT, "seat"));
    assertThat(plan.timetable().tasks())
        .extracting(Task::step)
        .startsWith(
            Step.RECEIVE,
            Step.INSPECT,
            Step.PRECAUTIONS,
            Step.DRY_SOIL,
            Step.TEST_SPOT,
            Step.CLEAN,
            Step.DRY,
            Step.CHECK);
  }

  @Test
  void oneTestSpotForEachProductOnEachFinish() {
    Plan plan =
        Given.plan(
            SHOP,
            dirty("leather/coated", Role.SEAT, "one"),
            dirty("leather/coated", Role.SEAT, "two"),
            dirty("vinyl/coated-textile", Role.SEAT, "three"));
    assertThat(plan.timetable().tasks()).filteredOn(t -> t.step() == Step.TEST_SPOT).hasSize(2);
  }

  @Test
  void aCoatedSeatIsNotSatInForTheTimeOnTheLabel() {
    Surface seat =
        ASurface.of("leather/coated").soiled(Level.LIGHT).protect(Protection.COATING).build();
    Timetable t = Given.plan(SHOP, seat).timetable();
    LocalDateTime wiped =
        t.tasks().stream()
            .filter(task -> task.step() == Step.LEVEL)
            .map(Task::end)
            .max(LocalDateTime::compareTo)
            .orElseThrow();
    assertThat(t.sitAt()).isEqualTo(wiped.plusHours(12));
    assertThat(t.curedAt()).isEqualTo(wiped.plusDays(7));
  }

  @Test
  void aPromiseThatCannotBeKeptIsSaid() {
    Setting s = Given.studio();
    Setting promised =
        new Setting(
            s.place(),
            s.air(),
            s.sun(),
            s.surfaceTemp(),
            1,
            s.start(),
            Optional.of(s.start().plusHours(3)),
            s.climate());
    Surface seat =
        ASurface.of("leather/coated").soiled(Level.LIGHT).protect(Protection.COATING).build();
    Plan plan = Given.PLANNER.plan(Given.job(promised, Given.RULES, SHOP, seat));
    assertThat(plan.warnings())
        .extracting(attune.core.match.Reason::code)
        .contains(ReasonCode.RETURN_TIME_MISSED);
  }

  @Test
  void inSaturatedAirItSaysThatNothingDries() {
    Setting damp = Given.setting(10, 1.0, 0.1, Setting.Sun.NONE);
    Surface seat = ASurface.of("leather/coated").soiled(Level.LIGHT).build();
    Plan plan = Given.PLANNER.plan(Given.job(damp, Given.RULES, SHOP, seat));
    assertThat(plan.warnings())
        .filteredOn(w -> w.code() == ReasonCode.WILL_NOT_DRY)
        .singleElement()
        .satisfies(w -> assertThat(w.text()).contains("nothing dries").contains("dry the air"));
  }

  @Test
  void perforatedLeatherTakesLongerToDryThanSmooth() {
    ASurface panel = ASurface.of("leather/coated").soiled(Level.LIGHT);
    int smooth = Given.plan(SHOP, panel.build()).surfaces().get(0).dry().orElseThrow().estimateS();
    Drying holes =
        Given.plan(SHOP, panel.perforated().build()).surfaces().get(0).dry().orElseThrow();
    assertThat(holes.estimateS()).isGreaterThan(smooth * 3);
    assertThat(holes.how()).contains("suction");
    assertThat(holes.confirmWith()).isEqualTo("moisture-meter");
  }

  @Test
  void dustyWorkInTheSunSaysWhyNotToStart() {
    Setting sun = Given.setting(30, 0.3, 0.5, Setting.Sun.DIRECT);
    Surface black = dirty("vinyl/coated-textile", Role.SEAT, "seat");
    Plan plan = Given.PLANNER.plan(Given.job(sun, Given.RULES, SHOP, black));
    assertThat(plan.warnings())
        .extracting(attune.core.match.Reason::code)
        .contains(ReasonCode.SURFACE_TOO_HOT);
  }

  @Test
  void toolsAlwaysComeFromTheShelf() {
    Plan plan = Given.plan(SHOP, dirty("leather/coated", Role.SEAT, "seat"));
    List<String> tools = SHOP.tools().stream().map(Tool::id).toList();
    assertThat(plan.timetable().tasks())
        .flatExtracting(t -> t.toolId().stream().toList())
        .isSubsetOf(tools);
  }

  @Test
  void hotTrimGoesIntoTheShadeAndNothingWetBeginsBeforeItIsCool() {
    Setting noon = Given.setting(32, 0.4, 0.5, Setting.Sun.DIRECT);
    Surface black = ASurface.of("leather/coated").soiled(Level.LIGHT, Soil.SKIN_OIL).build();
    Map<String, Task> tasks = byId(Given.PLANNER.plan(Given.job(noon, Given.RULES, SHOP, black)));
    Task cool = tasks.get("cool");
    assertThat(cool.surfaceIds()).containsExactly(black.id());
    assertThat(tasks.values())
        .filteredOn(t -> t.step() == Step.TEST_SPOT || t.step() == Step.CLEAN)
        .isNotEmpty()
        .allSatisfy(t -> assertThat(t.start()).isAfterOrEqualTo(cool.end()));
    Setting shade = Given.setting(20, 0.5, 0.1, Setting.Sun.NONE);
    assertThat(byId(Given.PLANNER.plan(Given.job(shade, Given.RULES, SHOP, black))))
        .doesNotContainKey("cool");
  }
}
