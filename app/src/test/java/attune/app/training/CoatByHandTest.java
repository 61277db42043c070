package attune.app.training;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.format.Schemas;
import attune.app.format.ShelfReader;
import attune.app.reference.ReferenceData;
import attune.core.train.Classroom;
import attune.core.train.CoatMark;
import attune.core.train.CoatMark.State;
import attune.core.train.CoatWork;
import attune.core.train.CoatWork.Area;
import attune.core.train.Deed;
import attune.core.train.Deed.Act;
import attune.core.train.Kind;
import attune.core.train.Lesson;
import attune.core.train.Mark;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.json.JsonMapper;

/** A coating laid and levelled against the clock (docs/trade, technique and training). */
class CoatByHandTest {
  private static final ReferenceData REFERENCE =
      new ReferenceData(new ShelfReader(new Schemas(), JsonMapper.shared()));
  private static final Classroom ROOM = REFERENCE.classroom(REFERENCE.startingShelf());

  static Stream<CoatWork> works() {
    return ROOM.lessons().stream()
        .filter(l -> l.kind() == Kind.COAT)
        .flatMap(l -> IntStream.range(0, 8).mapToObj(seed -> ROOM.coatWork(l, seed)));
  }

  private static CoatWork first() {
    return ROOM.coatWork(ROOM.lesson("leapfrog").orElseThrow(), 1);
  }

  private static Deed apply(int area) {
    return new Deed(Act.APPLY, 0, List.of(area), 0);
  }

  private static Deed level(int area) {
    return new Deed(Act.LEVEL, 0, List.of(area), 0);
  }

  private static Deed waiting(double seconds) {
    return new Deed(Act.WAIT, 0, List.of(), seconds);
  }

  @ParameterizedTest
  @MethodSource("works")
  void aMastersRunIsEvenEverywhereAndNothingDoneScoresNothing(CoatWork work) {
    CoatMark best = CoatMark.of(work, work.referenceRun());
    assertThat(best.areas()).hasSizeGreaterThanOrEqualTo(8);
    assertThat(best.areas()).allMatch(a -> a.state() == State.EVEN && a.smeared() == 0);
    assertThat(best.score()).isEqualTo(100);
    assertThat(best.mark()).isEqualTo(Mark.RIGHT);
    assertThat(best.says()).containsExactly("As a master would.");
    CoatMark none = CoatMark.of(work, List.of());
    assertThat(none.score()).isZero();
    assertThat(none.mark()).isEqualTo(Mark.WEAK);
  }

  @ParameterizedTest
  @MethodSource("works")
  void theNextIsLaidWhileOneSits(CoatWork work) {
    List<Act> acts = work.referenceRun().stream().map(Deed::act).toList();
    assertThat(acts.indexOf(Act.LEVEL)).isGreaterThan(1);
    assertThat(CoatMark.of(work, oneByOne(work)).seconds())
        .isGreaterThan(CoatMark.of(work, work.referenceRun()).seconds());
  }

  /** Each waited for with folded arms: even, and slow. */
  private static List<Deed> oneByOne(CoatWork work) {
    List<Deed> run = new ArrayList<>();
    for (int i = 0; i < work.areas().size(); i++) {
      Area area = work.areas().get(i);
      run.addAll(List.of(apply(i), waiting(area.fromS() - area.applyS()), level(i)));
    }
    return run;
  }

  @Test
  void oneByOneIsEvenAndTold() {
    CoatMark mark = CoatMark.of(first(), oneByOne(first()));
    assertThat(mark.areas()).allMatch(a -> a.state() == State.EVEN);
    assertThat(mark.score()).isBetween(85, 99);
    assertThat(mark.says()).singleElement().asString().contains("lay the next while one sits");
  }

  @Test
  void tooEarlySmearsAndIsLaidAnew() {
    CoatWork work = first();
    List<Deed> run = new ArrayList<>(List.of(apply(0), level(0)));
    run.addAll(oneByOne(work));
    CoatMark mark = CoatMark.of(work, run);
    assertThat(mark.areas().get(0).smeared()).isEqualTo(1);
    assertThat(mark.areas().get(0).state()).isEqualTo(State.EVEN);
    assertThat(mark.score()).isLessThan(CoatMark.of(work, oneByOne(work)).score());
  }

  @Test
  void oneLeftTooLongIsHarmThatNoSpeedMakesUpFor() {
    CoatWork work = first();
    List<Deed> run = new ArrayList<>(work.referenceRun());
    run.removeIf(d -> d.act() == Act.LEVEL && d.cells().equals(List.of(3)));
    CoatMark mark = CoatMark.of(work, run);
    assertThat(mark.areas().get(3).state()).isEqualTo(State.HIGH_SPOTS);
    assertThat(mark.mark()).isEqualTo(Mark.HARSH);
    assertThat(mark.score()).isLessThanOrEqualTo(45);
    assertThat(mark.says().get(0))
        .contains("left to cure", "High spots", mark.areas().get(3).name());
  }

  @Test
  void moreAreasCoatedNeverScoreLess() {
    CoatWork work = first();
    int before = 0;
    for (int areas = 1; areas <= work.areas().size(); areas++) {
      int score = CoatMark.of(work, oneByOne(work).subList(0, 3 * areas)).score();
      assertThat(score).isGreaterThanOrEqualTo(before);
      before = score;
    }
    assertThat(before).isPositive();
  }

  @Test
  void aWarmRoomFlashesSooner() {
    Lesson any = ROOM.lesson("hot-coat").orElseThrow();
    List<CoatWork> rooms = IntStream.range(0, 30).mapToObj(i -> ROOM.coatWork(any, i)).toList();
    CoatWork warm = rooms.stream().max(CoatByHandTest::warmer).orElseThrow();
    CoatWork cold = rooms.stream().min(CoatByHandTest::warmer).orElseThrow();
    assertThat(warm.areas().get(0).fromS()).isLessThan(cold.areas().get(0).fromS());
    assertThat(warm.facts()).noneMatch(f -> f.what().equals("On this surface"));
  }

  private static int warmer(CoatWork a, CoatWork b) {
    return Double.compare(a.scene().place().found().value(), b.scene().place().found().value());
  }
}
