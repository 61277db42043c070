package attune.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import attune.core.plan.Leapfrog.Course;
import attune.core.plan.Leapfrog.Turn;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** While one section sits, the same hands work the next. */
class LeapfrogTest {
  private static final int NO_END = 100_000;

  private static Turn turn(int piece, int lay, int sit, int work) {
    return new Turn(piece, lay, sit, NO_END, work);
  }

  @Test
  void oneSectionIsWaitedForAsThereIsNothingElse() {
    Course course = Leapfrog.of(List.of(turn(1, 10, 40, 60)), 2);
    assertThat(course.seconds()).isEqualTo(110);
    assertThat(course.handsS()).isEqualTo(70);
  }

  @Test
  void theSecondIsLaidWhileTheFirstSits() {
    Course course = Leapfrog.of(List.of(turn(1, 10, 40, 60), turn(2, 10, 40, 60)), 2);
    assertThat(course.turns().get(1).laid()).isEqualTo(10);
    assertThat(course.seconds()).as("10 + 40 + 60 + 60").isEqualTo(170);
  }

  @Test
  void aSecondPassWaitsForTheFirstOnItsOwnSection() {
    Course course = Leapfrog.of(List.of(turn(1, 10, 40, 60), turn(1, 10, 40, 60)), 2);
    assertThat(course.turns().get(1).laid()).isEqualTo(course.turns().get(0).ended());
    assertThat(course.seconds()).isEqualTo(220);
  }

  @Test
  void theNextPassIsLaidBeforeWhatHasSatIsWorked() {
    List<Turn> turns =
        List.of(turn(1, 10, 40, 60), turn(1, 10, 40, 60), turn(2, 10, 40, 60), turn(2, 10, 40, 60));
    assertThat(Leapfrog.of(turns, 2).idleS()).as("before the first has sat").isEqualTo(30);
  }

  @Test
  void aPieceThatDriesKeepsNobodyFromTheOthers() {
    List<Turn> turns =
        List.of(
            turn(1, 10, 0, 60),
            Turn.pause(1, 300),
            turn(1, 10, 0, 60),
            turn(2, 10, 0, 60),
            turn(3, 10, 0, 60));
    Course course = Leapfrog.of(turns, 1);
    assertThat(course.turns().get(4).ended()).isEqualTo(3 * 70);
    assertThat(course.seconds()).isEqualTo(70 + 300 + 70);
  }

  @Test
  void whatWouldSitTooLongBehindTheFirstIsLaidShortlyBeforeThatIsTakenUp() {
    Turn sitsAMinute = new Turn(1, 8, 53, 125, 57);
    List<Turn> turns = List.of(sitsAMinute, new Turn(2, 8, 53, 125, 57));
    Course course = Leapfrog.of(turns, 2);
    assertThat(course.turns().get(1).laid()).as("wiped after 125 s, at 175").isEqualTo(50);
    assertThat(course.turns().get(0).begun()).isEqualTo(61);
    assertThat(course.seconds()).isEqualTo(8 + 53 + 57 + 57);
  }

  @Test
  void whatWouldDryMeanwhileIsNotLaid() {
    List<Turn> tight = List.of(new Turn(1, 60, 60, 190, 60), new Turn(2, 120, 60, 400, 60));
    Course course = Leapfrog.of(tight, 2);
    assertThat(course.turns().get(0).ended()).isLessThanOrEqualTo(190);
    assertThat(course.turns().get(1).laid()).isGreaterThanOrEqualTo(course.turns().get(0).ended());
  }

  static List<List<Turn>> cabins() {
    Random random = new Random(5);
    return IntStream.range(0, 60)
        .mapToObj(
            i ->
                IntStream.range(0, 1 + random.nextInt(12))
                    .mapToObj(piece -> any(piece, random))
                    .toList())
        .toList();
  }

  private static Turn any(int piece, Random random) {
    int lay = random.nextInt(90);
    int sit = random.nextInt(300);
    int work = 1 + random.nextInt(120);
    return new Turn(piece, lay, sit, lay + sit + work + random.nextInt(300), work);
  }

  @ParameterizedTest
  @MethodSource("cabins")
  void handsAreInOnePlaceNothingIsTakenUpEarlyNorDriesAndNobodyWaitsMoreThanAllSittings(
      List<Turn> turns) {
    Course course = Leapfrog.of(turns, 3);
    boolean[] busy = new boolean[course.seconds()];
    int sits = 0;
    for (int i = 0; i < turns.size(); i++) {
      Turn turn = turns.get(i);
      Leapfrog.Taken taken = course.turns().get(i);
      sits += turn.sitS();
      assertThat(taken.begun()).isGreaterThanOrEqualTo(taken.laid() + turn.layS() + turn.sitS());
      assertThat(taken.ended()).isLessThanOrEqualTo(taken.laid() + turn.mostS());
      take(busy, taken.laid(), taken.laid() + turn.layS());
      take(busy, taken.begun(), taken.ended());
    }
    assertThat(course.seconds()).isLessThanOrEqualTo(course.handsS() + sits);
  }

  private static void take(boolean[] busy, int from, int to) {
    for (int second = from; second < to; second++) {
      assertThat(busy[second]).isFalse();
      busy[second] = true;
    }
  }
}
