package attune.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import attune.core.ASurface;
import attune.core.Given;
import attune.core.material.Role;
import attune.core.shelf.Soil;
import attune.core.survey.Condition.Level;
import attune.core.survey.Job;
import attune.core.survey.Stain;
import attune.core.survey.Surface;
import attune.core.survey.Wishes.Protection;
import attune.core.survey.Wishes.Standard;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Rounds as a specialist would call a step, walked once round the car (docs/trade, rounds). */
class RoundsTest {
  private static final double MINUTE_S = 60;

  static List<Job> jobs() {
    return TimetableTest.jobs();
  }

  private static Timetable timetable(Job job) {
    return Given.PLANNER.plan(job).timetable();
  }

  @ParameterizedTest
  @MethodSource("jobs")
  void aRoundIsOneZoneOneBottleOneToolAndNobodyIsInTwo(Job job) {
    Map<String, Surface> panels =
        job.surfaces().stream().collect(Collectors.toMap(Surface::id, Function.identity()));
    LocalDateTime free = LocalDateTime.MIN;
    for (Round round : timetable(job).rounds()) {
      assertThat(round.start()).as(round.id()).isAfterOrEqualTo(free);
      free = round.end();
      assertThat(round.handsS() + round.waitS())
          .as(round.id())
          .isLessThanOrEqualTo(
              (int) Duration.between(round.start(), round.end()).toSeconds() + looks(job, round));
      if (!round.zone().equals(Round.CABIN) && !round.isBreak()) {
        assertThat(round.surfaceIds())
            .allSatisfy(id -> assertThat(panels.get(id).zone()).isEqualTo(round.zone()));
      }
    }
  }

  /** Dried blood and spores go round the car with the air. */
  @Test
  void nothingIsBlownOrVacuumedOverMouldOrMoreThanASpotOfBlood() {
    Stain streak =
        new Stain(Stain.Kind.BLOOD, Stain.Extent.STREAK, Optional.empty(), Optional.empty());
    Surface mouldy =
        ASurface.of("textile/flat").id("mouldy").soiled(Level.LIGHT, Soil.MOULD).build();
    Surface bloody =
        ASurface.of("textile/flat").id("bloody").soiled(Level.LIGHT).stained(streak).build();
    Surface dusty = ASurface.of("textile/flat").id("dusty").soiled(Level.LIGHT, Soil.DUST).build();
    assertThat(vacuumed(mouldy, bloody, dusty)).containsExactly("dusty");
    assertThat(vacuumed(mouldy, bloody)).isEmpty();
  }

  private static List<String> vacuumed(Surface... panels) {
    Job job = Given.job(Given.studio(), Given.RULES, TimetableTest.SHOP, panels);
    return timetable(job).rounds().stream()
        .filter(round -> round.step() == Step.DRY_SOIL)
        .flatMap(round -> round.surfaceIds().stream())
        .toList();
  }

  /** Looks of a round made later in its block. */
  private static int looks(Job job, Round round) {
    return timetable(job).tasks().stream()
        .filter(t -> t.roundId().filter(round.id()::equals).isPresent())
        .filter(t -> t.start().isAfter(round.end()) || t.start().equals(round.end()))
        .mapToInt(Task::handsS)
        .sum();
  }

  @ParameterizedTest
  @MethodSource("jobs")
  void everyTaskOfHandsCarriesItsRoundAndNoMoreHandsThanIt(Job job) {
    Timetable t = timetable(job);
    Map<String, Integer> hands = new HashMap<>();
    for (Task task : t.tasks()) {
      assertThat(task.roundId().isPresent()).as(task.id()).isEqualTo(task.person().isPresent());
      task.roundId().ifPresent(id -> hands.merge(id, task.handsS(), Integer::sum));
    }
    assertThat(t.rounds())
        .extracting(Round::id)
        .doesNotHaveDuplicates()
        .containsAll(hands.keySet());
    for (Round round : t.rounds()) {
      assertThat(hands.getOrDefault(round.id(), 0))
          .as(round.id())
          .isLessThanOrEqualTo(round.handsS());
    }
  }

  @ParameterizedTest
  @MethodSource("jobs")
  void aCheckIsMadeWithinAQuarterOfAnHourOfBeingValid(Job job) {
    Plan plan = Given.PLANNER.plan(job);
    Map<String, Task> tasks =
        plan.timetable().tasks().stream().collect(Collectors.toMap(Task::id, Function.identity()));
    for (Task check : tasks.values()) {
      if (check.step() == Step.CHECK) {
        String panel = check.surfaceIds().get(0);
        Task cleaned = tasks.get(check.after().get(0));
        assertThat(check.roundId()).isEqualTo(cleaned.roundId());
        Task dry = tasks.get("dry-" + panel);
        boolean judgedDry =
            dry != null && Duration.between(dry.start(), dry.end()).toMinutes() <= 10;
        LocalDateTime valid = judgedDry ? dry.end() : cleaned.end();
        assertThat(check.start()).as(panel).isAfterOrEqualTo(valid);
        if (judgedDry || dry == null) { // what dries for hours is judged by its cloth and foam
          assertThat(Duration.between(valid, check.start()).toMinutes())
              .as(panel)
              .isLessThanOrEqualTo(15);
        }
      }
    }
  }

  @ParameterizedTest
  @MethodSource("jobs")
  void aSurveyInAnotherOrderGivesTheSameWalk(Job job) {
    List<Surface> turned = new ArrayList<>(job.surfaces());
    Collections.shuffle(turned, new Random(3));
    assertThat(timetable(job.of(turned)).rounds()).isEqualTo(timetable(job).rounds());
  }

  @ParameterizedTest
  @MethodSource("jobs")
  void aVisitIsNoLongerThanHandsAndWaitsAndAllPartsMakeUpTheHands(Job job) {
    Totals t = Given.PLANNER.plan(job).totals();
    assertThat(t.visit()).isLessThanOrEqualTo(t.hands() + t.waits() + 1);
    assertThat(t.handsLow()).isLessThanOrEqualTo(t.hands());
    assertThat(t.handsHigh()).isGreaterThanOrEqualTo(t.hands());
    assertThat(t.clean() + t.finish() + t.inspect()).isBetween(t.hands() - 2, t.hands() + 2);
  }

  @ParameterizedTest
  @MethodSource("jobs")
  void nobodyWorksMoreThanTwoHoursWithoutARest(Job job) {
    double hands = 0;
    LocalDateTime last = null;
    for (Round round : timetable(job).rounds()) {
      boolean rested = last != null && Duration.between(last, round.start()).toMinutes() >= 10;
      if (round.isBreak() || rested) {
        hands = 0;
      }
      hands += round.handsS() / MINUTE_S;
      boolean alone = round.handsS() / MINUTE_S > 120;
      assertThat(hands).as(round.id()).isLessThanOrEqualTo(alone ? 600 : 121);
      last = round.end();
    }
  }

  @ParameterizedTest
  @MethodSource("jobs")
  void nobodyIsSentIntoABreakAtTheEndOfTheDay(Job job) {
    Job late = job.on(job.setting().startingAt(job.setting().start().withHour(16)));
    List<Round> rounds = timetable(late).rounds();
    for (Round pause : rounds) {
      assertThat(
              !pause.isBreak()
                  || rounds.stream()
                      .anyMatch(
                          later ->
                              later.person().equals(pause.person())
                                  && !later.start().isBefore(pause.end())
                                  && later.start().toLocalDate().equals(pause.end().toLocalDate())))
          .as(pause.id())
          .isTrue();
    }
  }

  @ParameterizedTest
  @MethodSource("jobs")
  void testSpotsOneBehindTheOtherAreOneRoundAndEachKeepsItsBottle(Job job) {
    Timetable t = timetable(job);
    Step before = null;
    for (Round round : t.rounds()) {
      assertThat(before == Step.TEST_SPOT && round.step() == Step.TEST_SPOT)
          .as(round.id())
          .isFalse();
      before = round.step();
    }
    assertThat(t.tasks())
        .filteredOn(task -> task.step() == Step.TEST_SPOT)
        .allSatisfy(task -> assertThat(task.productId()).as(task.id()).isPresent());
  }

  @ParameterizedTest
  @MethodSource("jobs")
  void aDayOfOnePersonIsReadInAboutEighteenBlocks(Job job) {
    Map<String, Long> blocks =
        timetable(job).stretches().stream()
            .filter(s -> s.person().isPresent())
            .collect(
                Collectors.groupingBy(
                    s -> s.person().get() + " " + s.start().toLocalDate(), Collectors.counting()));
    assertThat(blocks.values()).isNotEmpty().allMatch(n -> n <= 20);
  }

  private static Surface panel(String zone, String part, String finish, Role role, String id) {
    return ASurface.of(finish).id(id).at(zone, part).role(role).soiled(Level.LIGHT).build();
  }

  private static Job cabin(Standard standard, Level soil, Protection protection) {
    List<Surface> panels = new ArrayList<>();
    for (String zone : List.of("front-right-seat", "rear-bench", "front-left-seat")) {
      for (String part : List.of("cushion", "back", "headrest", "side")) {
        panels.add(panel(zone, part, "leather/coated", Role.SEAT, zone + "-" + part));
      }
    }
    for (String zone : List.of("rear-right-door", "front-left-door", "front-right-door")) {
      panels.add(panel(zone, "armrest", "vinyl/coated-textile", Role.TRIM, zone + "-armrest"));
      panels.add(panel(zone, "lower", "plastic/textured", Role.TRIM, zone + "-lower"));
    }
    panels.add(panel("floor", "carpet", "textile/pile", Role.FLOOR, "carpet"));
    panels.add(panel("wheel", "rim", "leather/coated", Role.GRIP, "rim"));
    panels.add(panel("dash", "screen", "screen/coated", Role.SCREEN, "screen"));
    panels.add(panel("dash", "upper", "plastic/textured", Role.TRIM, "dash"));
    panels.add(panel("overhead", "headliner", "textile/headliner", Role.OVERHEAD, "sky"));
    List<Surface> wished =
        panels.stream()
            .map(
                s ->
                    ASurface.of(s.finish())
                        .id(s.id())
                        .at(s.zone(), s.part())
                        .role(s.role())
                        .soiled(soil)
                        .standard(standard)
                        .protect(protection)
                        .build())
            .toList();
    return Given.job(
        Given.studio(), Given.RULES, TimetableTest.SHOP, wished.toArray(Surface[]::new));
  }

  private static final Job CABIN = cabin(Standard.THOROUGH, Level.MODERATE, Protection.COATING);

  private static List<String> walk(Job job, Set<Step> steps) {
    return timetable(job).rounds().stream()
        .filter(r -> steps.contains(r.step()))
        .map(Round::zone)
        .toList();
  }

  @Test
  void onceRoundTheCarFromTopToBottomTheRimAndTheScreensLast() {
    List<String> zones = walk(CABIN, Set.of(Step.CLEAN, Step.TEXTILE));
    List<String> once = new ArrayList<>();
    zones.forEach(
        zone -> {
          if (once.isEmpty() || !once.get(once.size() - 1).equals(zone)) {
            once.add(zone);
          }
        });
    assertThat(once)
        .containsExactly(
            "overhead",
            "dash",
            "front-left-seat",
            "front-left-door",
            "rear-bench",
            "rear-right-door",
            "front-right-seat",
            "front-right-door",
            "floor",
            "wheel",
            "dash");
  }

  @Test
  void nothingIsCoatedBeforeTheLastWetWorkAndItGoesSeatBySeatToTheNeighbour() {
    Timetable t = timetable(CABIN);
    LocalDateTime wet =
        t.rounds().stream()
            .filter(r -> r.step() == Step.CLEAN || r.step() == Step.TEXTILE)
            .map(Round::end)
            .max(LocalDateTime::compareTo)
            .orElseThrow();
    List<Round> coats = t.rounds().stream().filter(r -> r.step() == Step.COAT).toList();
    assertThat(coats).isNotEmpty().allSatisfy(r -> assertThat(r.start()).isAfterOrEqualTo(wet));
    List<String> zones = coats.stream().map(Round::zone).toList();
    assertThat(zones).doesNotHaveDuplicates();
    assertThat(zones.indexOf("rear-bench"))
        .isBetween(zones.indexOf("front-left-seat"), zones.indexOf("front-right-seat"));
  }

  @Test
  void panelsThatDifferLittleShareARoundWithTheGentlerTool() {
    long rounds =
        timetable(CABIN).rounds().stream()
            .filter(r -> r.step() == Step.CLEAN && r.zone().equals("front-left-seat"))
            .count();
    assertThat(rounds).isEqualTo(1);
  }

  @Test
  void moreSoilMoreAreaAndAHigherStandardNeverTakeLess() {
    int before = 0;
    for (Level soil : List.of(Level.LIGHT, Level.MODERATE, Level.HEAVY)) {
      int hands = hands(cabin(Standard.THOROUGH, soil, Protection.NONE));
      assertThat(hands).as(soil.code()).isGreaterThanOrEqualTo(before);
      before = hands;
    }
    int tidy = 0;
    for (Standard standard : Standard.values()) {
      int hands = hands(cabin(standard, Level.LIGHT, Protection.NONE));
      assertThat(hands).as(standard.code()).isGreaterThan(tidy);
      tidy = hands;
    }
  }

  private static int hands(Job job) {
    return Given.PLANNER.plan(job).totals().hands();
  }

  @Test
  void whatSomebodyMovesPushesItsNeighboursAndTheRestStays() {
    Timetable before = timetable(CABIN);
    List<Round> cleaned = before.rounds().stream().filter(r -> r.step() == Step.CLEAN).toList();
    Round moved = cleaned.get(cleaned.size() / 2);
    Timetable after =
        Given.PLANNER
            .plan(
                CABIN,
                attune.core.match.Decisions.NONE,
                Arrangement.NONE.pinned(moved.id(), moved.start().plusMinutes(7)))
            .timetable();
    assertThat(after.conflicts()).isEmpty();
    Map<String, LocalDateTime> starts = new HashMap<>();
    after.rounds().forEach(r -> starts.put(r.id(), r.start()));
    Set<String> stays = new HashSet<>();
    before.rounds().stream()
        .filter(r -> !r.isBreak() && r.start().isBefore(moved.start().minusMinutes(46)))
        .forEach(r -> stays.add(r.id()));
    assertThat(stays).isNotEmpty();
    before.rounds().stream()
        .filter(r -> stays.contains(r.id()))
        .forEach(r -> assertThat(starts.get(r.id())).as(r.id()).isEqualTo(r.start()));
    assertThat(starts.get(moved.id())).isEqualTo(moved.start().plusMinutes(7));
  }
}
