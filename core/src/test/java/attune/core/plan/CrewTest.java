package attune.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import attune.core.AProduct;
import attune.core.ASurface;
import attune.core.ATool;
import attune.core.Given;
import attune.core.match.Decisions;
import attune.core.material.Role;
import attune.core.measure.PhNature;
import attune.core.schedule.Network;
import attune.core.schedule.Scheduler;
import attune.core.schedule.Skill;
import attune.core.schedule.Worker;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Shelf;
import attune.core.shelf.Soil;
import attune.core.survey.Condition.Level;
import attune.core.survey.Job;
import attune.core.survey.Setting;
import attune.core.survey.Surface;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** A visit by one to four people, by daylight, and with starts that somebody said. */
class CrewTest {
  /** Vacuuming zone by zone rounds each up to half a minute. */
  private static final Duration ROUNDING = Duration.ofMinutes(5);

  /** A start a little later may fall better between the others' work and the night. */
  private static final double ANOMALY = 0.02;

  static final LocalDateTime LONG_BEFORE = Given.MONDAY_NINE.minusDays(7);

  static List<Job> jobs() {
    List<Job> all = TimetableTest.jobs();
    return all.subList(0, Math.min(20, all.size()));
  }

  static Arrangement crew(int people) {
    List<Worker> crew = new ArrayList<>();
    for (int i = 0; i < people; i++) {
      Set<Skill> skills = i % 2 == 0 ? Set.of(Skill.COATING) : Set.of();
      crew.add(new Worker("p" + i, skills, (8 + i) * 3600, 18 * 3600));
    }
    return new Arrangement(crew, Map.of(), Set.of(), List.of());
  }

  static Timetable by(Job job, Arrangement arrangement) {
    return Given.PLANNER.plan(job, Decisions.NONE, arrangement).timetable();
  }

  @ParameterizedTest
  @MethodSource("jobs")
  void everyLagEveryPersonAndEveryZoneIsKept(Job job) {
    for (int people = 1; people <= 4; people++) {
      Network network = Given.PLANNER.network(job, crew(people));
      assertThat(Scheduler.of(network).broken(network)).as("%d people", people).isEmpty();
    }
  }

  @ParameterizedTest
  @MethodSource("jobs")
  void onePersonMoreNeverMakesItLater(Job job) {
    LocalDateTime before = by(job, crew(1)).readyAt();
    for (int people = 2; people <= 4; people++) {
      LocalDateTime ready = by(job, crew(people)).readyAt();
      assertThat(ready).as("%d people", people).isBeforeOrEqualTo(before.plus(ROUNDING));
      before = ready;
    }
  }

  /** Ada may do everything, Ben nothing that is gated. */
  private static Arrangement adaAndBen() {
    return new Arrangement(
        List.of(
            new Worker("ada", Set.of(Skill.values()), 8 * 3600, 18 * 3600),
            new Worker("ben", Set.of(), 8 * 3600, 18 * 3600)),
        Map.of(),
        Set.of(),
        List.of());
  }

  @ParameterizedTest
  @CsvSource({
    "wheel, rim, GRIP, leather/coated",
    "front-left-seat, cushion, SEAT, leather/aniline"
  })
  void whatNotEverybodyIsLeftAloneWithIsDoneByWhoMay(
      String zone, String part, Role role, String finish) {
    Surface gated =
        ASurface.of(finish)
            .at(zone, part)
            .role(role)
            .soiled(Level.LIGHT, Soil.SKIN_OIL)
            .id("gated")
            .build();
    Surface free =
        ASurface.of("vinyl/coated-textile")
            .soiled(Level.MODERATE, Soil.SKIN_OIL)
            .id("free")
            .build();
    Shelf mild =
        Given.shelf(
            AProduct.of("mild", ProductRole.CLEANER)
                .strength(4)
                .ph(5.5, PhNature.BUFFERED)
                .goodAt(Soil.SKIN_OIL)
                .dwell(20, 120)
                .build(),
            ATool.SPONGE);
    Job job = Given.job(Given.studio(), Given.RULES, mild, gated, free);
    assertThat(NeededSkills.of(Given.PLANNER.plan(job)))
        .containsExactly(role == Role.GRIP ? Skill.RIM : Skill.ANILINE);
    assertThat(by(job, adaAndBen()).tasks())
        .filteredOn(t -> t.surfaceIds().equals(List.of("gated")) && t.person().isPresent())
        .filteredOn(t -> t.step() == Step.CLEAN)
        .isNotEmpty()
        .allSatisfy(t -> assertThat(t.person()).contains("ada"));
  }

  @Test
  void aSeatNobodyIdentifiedIsTakenForBareHide() {
    assertThat(NeededSkills.onPanel("unknown", Role.SEAT, "cushion"))
        .containsExactly(Skill.ANILINE);
    assertThat(NeededSkills.onPanel("unknown", Role.TRIM, "upper")).isEmpty();
  }

  @Test
  void whereNobodyLeftMayItIsPlannedAllTheSameAndTold() {
    Job job =
        Given.job(
            Given.studio(),
            Given.RULES,
            TimetableTest.SHOP,
            ASurface.of("leather/coated")
                .at("wheel", "rim")
                .role(Role.GRIP)
                .soiled(Level.MODERATE, Soil.SKIN_OIL)
                .build());
    Arrangement ben =
        new Arrangement(adaAndBen().crew().subList(1, 2), Map.of(), Set.of(), List.of());
    assertThat(ben.lacks(Set.of(Skill.RIM), job)).containsExactly(Skill.RIM);
    assertThat(by(job, ben).tasks()).anyMatch(t -> t.step() == Step.CLEAN);
  }

  @ParameterizedTest
  @MethodSource("jobs")
  void aPartOnOrderHoldsItsPanelAndTheHandOverBackAndNothingElse(Job job) {
    String panel = job.surfaces().get(0).id();
    LocalDateTime arrives = job.setting().start().plusDays(2);
    Arrangement waiting =
        new Arrangement(
            List.of(),
            Map.of(),
            Set.of(),
            List.of(new PartOnOrder("Shift boot", List.of(panel, "no-such-panel"), arrives)));
    List<Task> tasks = by(job, waiting).tasks();
    Task fit = tasks.stream().filter(t -> t.id().equals("fit-1")).findFirst().orElseThrow();
    assertThat(fit.start()).isAfterOrEqualTo(arrives);
    assertThat(tasks)
        .filteredOn(t -> t.surfaceIds().equals(List.of(panel)) && t.person().isPresent())
        .filteredOn(t -> t.step() != Step.TEST_SPOT)
        .allSatisfy(t -> assertThat(t.start()).isAfterOrEqualTo(fit.start()));
    assertThat(tasks)
        .filteredOn(t -> t.step() == Step.HANDOVER)
        .allSatisfy(t -> assertThat(t.start()).isAfterOrEqualTo(fit.end()));
    assertThat(tasks)
        .filteredOn(t -> t.step() == Step.INSPECT)
        .allSatisfy(t -> assertThat(t.start()).isBefore(arrives));
  }

  private static Job startingAt(Job job, LocalDateTime start) {
    Setting s = job.setting();
    return job.on(s.startingAt(start));
  }

  @ParameterizedTest
  @MethodSource("jobs")
  void aLaterStartNeverMakesItReadyEarlier(Job job) {
    LocalDateTime start = job.setting().start();
    LocalDateTime ready = by(job, crew(2)).readyAt();
    Duration spare =
        Duration.ofSeconds((long) (Duration.between(start, ready).toSeconds() * ANOMALY));
    for (int hours = 1; hours <= 5; hours += 2) {
      assertThat(by(startingAt(job, start.plusHours(hours)), crew(2)).readyAt())
          .isAfterOrEqualTo(ready.minus(spare));
    }
  }

  @Test
  void twoPeopleShareTheCabinAndKeepOutOfEachOthersZone() {
    Job job = TimetableTest.jobs(4).get(3);
    Timetable t = by(job, crew(2));
    assertThat(t.tasks()).extracting(task -> task.person().orElse("nobody")).contains("p0", "p1");
    assertThat(t.readyAt()).isBefore(by(job, crew(1)).readyAt());
  }

  @ParameterizedTest(name = "at {0}° on {1}: {2} h")
  @CsvSource({
    "51, 2026-06-21, 16.5, 0.2",
    "51, 2026-12-21, 7.8, 0.2",
    "51, 2026-03-21, 12.0, 0.2",
    "0, 2026-06-21, 12.0, 0.01",
    "60, 2026-06-21, 18.5, 0.3",
    "80, 2026-06-21, 24.0, 0.01",
  })
  void daylightIsAsLongAsInTheAlmanac(double latitude, LocalDate day, double hours, double spare) {
    Daylight.Span light = Daylight.on(day, latitude, 12);
    assertThat((light.sets() - light.rises()) / 3600.0).isCloseTo(hours, within(spare));
  }

  @Test
  void outdoorsNobodyWorksInTheDark() {
    LocalDateTime winter = LocalDateTime.of(2026, 12, 1, 14, 0);
    Setting s = Given.studio();
    Setting drive =
        new Setting(
            Setting.Place.MOBILE,
            s.air(),
            s.sun(),
            s.surfaceTemp(),
            1,
            winter,
            Optional.empty(),
            s.climate());
    Job job =
        Given.job(
            drive,
            Given.RULES,
            TimetableTest.SHOP,
            ASurface.of("leather/coated").area(6).soiled(Level.HEAVY).build());
    Timetable t = by(job, Arrangement.NONE);
    assertThat(t.visits()).hasSizeGreaterThan(1);
    assertThat(t.tasks())
        .filteredOn(task -> task.person().isPresent())
        .allSatisfy(
            task ->
                assertThat(task.end())
                    .isBeforeOrEqualTo(task.start().toLocalDate().atTime(16, 30)));
  }

  private static final Job SEAT =
      Given.job(
          Given.studio(),
          Given.RULES,
          TimetableTest.SHOP,
          ASurface.of("leather/coated").id("seat").soiled(Level.LIGHT).build());

  @Test
  void aTaskSaidForTheAfternoonIsThereAndWhatFollowsIsPushed() {
    LocalDateTime three = Given.MONDAY_NINE.plusHours(6);
    Timetable t = by(SEAT, Arrangement.NONE.pinned("clean-seat", three));
    assertThat(t.conflicts()).isEmpty();
    assertThat(t.tasks())
        .filteredOn(Task::pinned)
        .anySatisfy(
            task -> {
              assertThat(task.id()).isEqualTo("clean-seat");
              assertThat(task.start()).isEqualTo(three);
            });
    assertThat(t.handsOffAt()).isAfter(three);
  }

  @Test
  void aTaskSaidBeforeWhatItComesAfterSaysWhyNot() {
    Timetable t = by(SEAT, Arrangement.NONE.pinned("clean-seat", Given.MONDAY_NINE));
    assertThat(t.conflicts())
        .filteredOn(c -> c.clash() == Timetable.Clash.COMES_AFTER)
        .anySatisfy(
            conflict -> {
              assertThat(conflict.taskId()).isEqualTo("r-clean-front-left-seat-1");
              assertThat(conflict.from().orElseThrow()).isAfter(Given.MONDAY_NINE);
            });
  }
}
