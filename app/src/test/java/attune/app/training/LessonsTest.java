package attune.app.training;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.format.Schemas;
import attune.app.format.ShelfReader;
import attune.app.reference.ReferenceData;
import attune.core.train.Apprentice;
import attune.core.train.Apprentice.Score;
import attune.core.train.Choice;
import attune.core.train.Classroom;
import attune.core.train.Course;
import attune.core.train.Deed;
import attune.core.train.Deed.Act;
import attune.core.train.Exercise;
import attune.core.train.HandMark;
import attune.core.train.HandWork;
import attune.core.train.Kind;
import attune.core.train.Lesson;
import attune.core.train.Mark;
import attune.core.train.ModelPanel;
import attune.core.train.OtherSchool;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.json.JsonMapper;

/** What must hold of every lesson, on the starting shelf. */
class LessonsTest {
  private static final int SEEDS = 12;
  private static final ReferenceData REFERENCE =
      new ReferenceData(new ShelfReader(new Schemas(), JsonMapper.shared()));
  private static final Classroom ROOM = REFERENCE.classroom(REFERENCE.startingShelf());
  private static final List<Integer> EVERYWHERE =
      IntStream.range(0, ModelPanel.CELLS).boxed().toList();

  static Stream<Lesson> asked() {
    return ROOM.lessons().stream().filter(l -> !l.kind().isByHand());
  }

  static Stream<Lesson> worked() {
    return ROOM.lessons().stream().filter(l -> l.kind() == Kind.WORK);
  }

  @Test
  void fiveCoursesOfThirtyLessonsTrainEveryKind() {
    assertThat(ROOM.lessons()).hasSizeGreaterThanOrEqualTo(30);
    assertThat(ROOM.lessons()).extracting(Lesson::course).contains(Course.values());
    assertThat(ROOM.lessons()).extracting(Lesson::kind).contains(Kind.values());
    assertThat(ROOM.lessons()).extracting(Lesson::id).doesNotHaveDuplicates();
    assertThat(ROOM.lessons()).allMatch(l -> !l.example().isBlank() && !l.rule().isBlank());
  }

  @ParameterizedTest
  @MethodSource("asked")
  void anExerciseHasOneAskAndAnswersThatDiffer(Lesson lesson) {
    for (int seed = 0; seed < SEEDS; seed++) {
      Exercise exercise = ROOM.exercise(lesson.at(1 + seed % lesson.level()), seed);
      assertThat(exercise.choices()).extracting(Choice::text).doesNotHaveDuplicates();
      assertThat(exercise.choices()).anyMatch(c -> c.mark() == Mark.RIGHT);
      assertThat(exercise.choices()).anyMatch(c -> c.mark() != Mark.RIGHT);
      assertThat(exercise.facts()).allMatch(f -> !f.is().isBlank());
      assertThat(exercise.toString()).doesNotContain("null", "NaN", "Infinity");
      assertThat(ROOM.exercise(lesson.at(1 + seed % lesson.level()), seed)).isEqualTo(exercise);
    }
  }

  @Test
  void noTwoSeedsAreAlike() {
    Lesson lesson = ROOM.lesson("whole-match").orElseThrow();
    assertThat(
            IntStream.range(0, 40)
                .mapToObj(seed -> ROOM.exercise(lesson, seed))
                .map(e -> e.facts() + " " + e.choices().stream().map(Choice::text).toList()))
        .doesNotHaveDuplicates();
  }

  @ParameterizedTest
  @MethodSource("worked")
  void aMastersRunScoresFullAndNothingDoneScoresNothing(Lesson lesson) {
    for (int seed = 0; seed < SEEDS; seed++) {
      HandWork work = ROOM.handWork(lesson, seed);
      HandMark best = HandMark.of(work, work.referenceRun());
      assertThat(best.score()).as(lesson.id() + seed).isEqualTo(100);
      assertThat(best.mark()).isEqualTo(Mark.RIGHT);
      assertThat(best.left()).as("%s %d", lesson.id(), seed).isLessThan(0.35);
      assertThat(best.harmed()).isZero();
      assertThat(HandMark.of(work, List.of()).score()).isZero();
    }
  }

  @Test
  void moreOfThePanelWorkedNeverScoresLess() {
    HandWork work = ROOM.handWork(ROOM.lesson("greasy-bolster").orElseThrow(), 3);
    int before = 0;
    for (int cells = 48; cells <= ModelPanel.CELLS; cells += 48) {
      int score = HandMark.of(work, onePass(work, EVERYWHERE.subList(0, cells))).score();
      assertThat(score).isGreaterThanOrEqualTo(before);
      before = score;
    }
    assertThat(before).isPositive();
  }

  @Test
  void anotherSchoolIsToldWhereItWouldWorkTheCaseOtherwise() {
    Lesson lesson = ROOM.lesson("delicate-choice").orElseThrow();
    List<OtherSchool> told =
        IntStream.range(0, SEEDS)
            .boxed()
            .flatMap(seed -> ROOM.otherSchools(lesson, seed).stream())
            .toList();
    assertThat(told).isNotEmpty();
    assertThat(told)
        .allSatisfy(
            school -> {
              assertThat(school.says()).isNotBlank();
              assertThat(school.effect().to()).isNotEqualTo(school.effect().from());
              assertThat(school.effect().surfaces()).allMatch(c -> !c.before().equals(c.after()));
            });
  }

  @Test
  void harmIsNeverMadeUpForBySpeed() {
    HandWork work = handWorkWith(Mark.DANGEROUS);
    int with = means(work, Mark.DANGEROUS);
    List<Deed> rough = new ArrayList<>();
    rough.add(new Deed(Act.LAY, with, EVERYWHERE, 0));
    for (int stroke = 0; stroke < 4; stroke++) {
      rough.add(new Deed(Act.WORK, with, EVERYWHERE, 0));
    }
    rough.add(new Deed(Act.WIPE, 0, EVERYWHERE, 0));
    HandMark mark = HandMark.of(work, rough);
    assertThat(mark.mark()).isEqualTo(Mark.DANGEROUS);
    assertThat(mark.score()).isLessThanOrEqualTo(15);
    assertThat(mark.says().get(0)).startsWith(work.means().get(with).text());
  }

  @Test
  void cleanerLeftToDryLeavesRingsAndLowersTheScore() {
    HandWork work = ROOM.handWork(ROOM.lesson("first-wipe").orElseThrow(), 5);
    List<Deed> left = new ArrayList<>(onePass(work, EVERYWHERE));
    left.add(1, new Deed(Act.WAIT, 0, List.of(), 4 * 3600));
    HandMark mark = HandMark.of(work, left);
    assertThat(mark.rings()).isEqualTo(ModelPanel.CELLS);
    assertThat(mark.score()).isLessThan(HandMark.of(work, onePass(work, EVERYWHERE)).score());
    assertThat(mark.says()).anyMatch(s -> s.contains("dried before it was wiped"));
  }

  @Test
  void aFaceThatIsFullTakesLess() {
    HandWork work = ROOM.handWork(ROOM.lesson("old-grease").orElseThrow(), 2);
    List<Deed> turning = work.referenceRun();
    List<Deed> oneFace = turning.stream().filter(d -> d.act() != Act.TURN).toList();
    assertThat(HandMark.of(work, oneFace).left()).isGreaterThan(HandMark.of(work, turning).left());
  }

  @Test
  void aDryToolMovesNothingThatSticks() {
    HandWork work = ROOM.handWork(ROOM.lesson("first-wipe").orElseThrow(), 1);
    HandMark mark = HandMark.of(work, List.of(new Deed(Act.WORK, work.reference(), EVERYWHERE, 0)));
    assertThat(mark.left()).isEqualTo(1);
    assertThat(mark.says()).anyMatch(s -> s.startsWith("Nothing was laid"));
  }

  @Test
  void whoeverIsToldTheMarksDecidesBetterThanWhoeverIsNot() {
    List<Lesson> lessons = asked().filter(l -> l.kind() != Kind.PLAN).toList();
    Apprentice taught = new Apprentice(1);
    for (int seed = 0; seed < 80; seed++) {
      for (Lesson lesson : lessons) {
        taught.isTold(ROOM.exercise(lesson, seed));
      }
    }
    List<Exercise> fresh =
        IntStream.range(0, 150)
            .mapToObj(i -> ROOM.exercise(lessons.get(i % lessons.size()), 5_000 + i))
            .toList();
    Score after = taught.sits(fresh);
    Score before = new Apprentice(1).sits(fresh);
    assertThat(before.right()).isLessThan(fresh.size() / 2);
    assertThat(after.right()).isGreaterThan(fresh.size() * 7 / 10);
    assertThat(after.dangerous()).isLessThan(before.dangerous() / 3);
  }

  private static List<Deed> onePass(HandWork work, List<Integer> cells) {
    List<Deed> deeds = new ArrayList<>();
    deeds.add(new Deed(Act.LAY, work.reference(), cells, 0));
    for (int stroke = 0; stroke < 4; stroke++) {
      deeds.add(new Deed(Act.WORK, work.reference(), cells, 0));
    }
    deeds.add(new Deed(Act.WIPE, 0, cells, 0));
    return deeds;
  }

  private static int means(HandWork work, Mark mark) {
    return IntStream.range(0, work.means().size())
        .filter(i -> work.means().get(i).mark() == mark)
        .findFirst()
        .orElse(-1);
  }

  private static HandWork handWorkWith(Mark mark) {
    Lesson lesson = ROOM.lesson("thin-coat").orElseThrow();
    return IntStream.range(0, 50)
        .mapToObj(seed -> ROOM.handWork(lesson, seed))
        .filter(work -> means(work, mark) >= 0)
        .findFirst()
        .orElseThrow();
  }
}
