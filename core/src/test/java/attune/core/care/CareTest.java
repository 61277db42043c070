package attune.core.care;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import attune.core.AProduct;
import attune.core.ASurface;
import attune.core.ATool;
import attune.core.Given;
import attune.core.care.Use.Habit;
import attune.core.material.Role;
import attune.core.shelf.Soil;
import attune.core.survey.Condition.Level;
import attune.core.survey.Job;
import attune.core.survey.Wishes.Standard;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** After-care by use, what is due next, and what waiting costs. */
class CareTest {
  private static final LocalDate VISIT = LocalDate.of(2026, 5, 4);

  private static final Job CABIN =
      Given.job(
          Given.studio(),
          Given.RULES,
          Given.shelf(
              AProduct.cleaner("cleaner", 5).build(), ATool.SOFT_BRUSH, ATool.LEATHER_BRUSH),
          ASurface.of("leather/coated").id("cushion").role(Role.SEAT).area(0.3).build(),
          ASurface.of("leather/coated").id("back").role(Role.SEAT).area(0.3).build());

  private static Use use(int km, Habit... habits) {
    return new Use(OptionalInt.of(km), Set.of(habits), false);
  }

  private static int days(Interval usual, Use use) {
    return usual.with(use, Given.FIGURES).everyDays().orElseThrow();
  }

  @Test
  void dogsAndWorkClothesBringThePassesForwardGlovesBackUsualUseChangesNothing() {
    Interval foam = new Interval(List.of(), OptionalInt.of(30));
    assertThat(foam.with(use(15_000), Given.FIGURES).everyDays()).hasValue(30);
    assertThat(days(foam, use(31_000, Habit.PETS, Habit.WORK_CLOTHES))).isBetween(7, 12);
    assertThat(foam.with(use(15_000, Habit.GLOVES), Given.FIGURES).everyDays()).hasValue(33);
    assertThat(days(foam, use(1_000))).isEqualTo(43);
    Interval weekly = new Interval(List.of(), OptionalInt.of(7));
    assertThat(days(weekly, use(9_000, Habit.GLOVES))).isEqualTo(7);
    assertThat(days(weekly, use(31_000, Habit.PETS))).isLessThan(7);
    assertThat(use(31_000, Habit.PETS).reasons(Given.FIGURES))
        .containsExactly("many kilometres", "pets");
    assertThat(Use.UNKNOWN.soiling(Given.FIGURES)).isCloseTo(1, within(1e-9));
  }

  @Test
  void aHigherStandardLeavesLessAndMostOfTheDifferenceIsInTheSeams() {
    Job found =
        CABIN.of(List.of(ASurface.of("leather/coated").soiled(Level.HEAVY, Soil.SKIN_OIL).build()));
    List<Leaves> leaves = Leaves.of(found, Use.UNKNOWN, Given.FIGURES);
    assertThat(leaves).extracting(Leaves::standard).containsExactly(Standard.values());
    for (int i = 1; i < leaves.size(); i++) {
      assertThat(leaves.get(i).face()).isLessThan(leaves.get(i - 1).face());
      assertThat(leaves.get(i).seams()).isLessThan(leaves.get(i - 1).seams());
    }
    assertThat(leaves).allMatch(l -> l.seams() >= l.face() && l.monthly() > 0);
    assertThat(leaves.get(0).seams() - leaves.get(2).seams()).isGreaterThan(1);
    Job clean = CABIN.of(List.of(ASurface.of("leather/coated").soiled(Level.NONE).build()));
    assertThat(Leaves.of(clean, Use.UNKNOWN, Given.FIGURES)).allMatch(l -> l.seams() == l.face());
  }

  @Test
  void theLadderOfDryHideStaysAsTheHideWantsIt() {
    Interval ladder = new Interval(List.of(2, 7, 30, 90), OptionalInt.empty());
    assertThat(ladder.with(use(60_000, Habit.PETS), Given.FIGURES)).isEqualTo(ladder);
    assertThat(ladder.next(VISIT, 0, Optional.empty())).contains(VISIT.plusDays(2));
    assertThat(ladder.next(VISIT, 2, Optional.of(VISIT.plusDays(9)))).contains(VISIT.plusDays(30));
    assertThat(ladder.next(VISIT, 4, Optional.of(VISIT.plusDays(90)))).isEmpty();
  }

  @Test
  void whatIsRepeatedCountsFromWhenItWasLastDone() {
    Interval weekly = new Interval(List.of(), OptionalInt.of(7));
    assertThat(weekly.next(VISIT, 0, Optional.empty())).contains(VISIT.plusDays(7));
    assertThat(weekly.next(VISIT, 3, Optional.of(VISIT.plusDays(40)))).contains(VISIT.plusDays(47));
  }

  @Test
  void whatTheNextVisitFindsMovesTheNextDeepClean() {
    LocalDate later = VISIT.plusDays(180);
    assertThat(Interval.adapted(VISIT, later, 2.2, Given.FIGURES)).hasValue(180);
    assertThat(Interval.adapted(VISIT, later, 4, Given.FIGURES)).hasValue(99);
    assertThat(Interval.adapted(VISIT, later, 1, Given.FIGURES)).hasValue(365);
    assertThat(Interval.adapted(VISIT, VISIT.plusDays(1), 4, Given.FIGURES)).isEmpty();
  }

  @Test
  void waitingNeverGetsCheaperAndHardUseCostsMore() {
    List<Waiting> usual = Waiting.curve(CABIN, use(15_000), Given.PLANNER, Given.FIGURES);
    assertThat(usual).extracting(Waiting::months).containsExactly(1, 3, 6, 12);
    assertThat(usual.get(2).soil()).isEqualTo(Level.MODERATE);
    for (int i = 1; i < usual.size(); i++) {
      assertThat(usual.get(i).minutes()).isGreaterThanOrEqualTo(usual.get(i - 1).minutes());
      assertThat(usual.get(i).passes()).isGreaterThanOrEqualTo(usual.get(i - 1).passes());
    }
    List<Waiting> hard =
        Waiting.curve(
            CABIN, use(30_000, Habit.PETS, Habit.WORK_CLOTHES), Given.PLANNER, Given.FIGURES);
    assertThat(hard.get(2).soil()).isGreaterThan(usual.get(2).soil());
    assertThat(hard.get(2).minutes()).isGreaterThan(usual.get(2).minutes());
  }
}
