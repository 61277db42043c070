package attune.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Work, waits, people and kit on the clock. */
class SchedulerTest {
  private static final int HOUR = 3600;
  private static final int NINE = 9 * HOUR;
  private static final Worker ADA = new Worker("ada", Set.of(Skill.COATING), 8 * HOUR, 19 * HOUR);
  private static final Worker BO = new Worker("bo", Set.of(), 8 * HOUR, 19 * HOUR);

  private final Network.Builder visit = new Network.Builder();

  private int work(String id, int minutes, String... holds) {
    return visit.add(Activity.work(id, minutes * 60, List.of(holds)));
  }

  private Network network(Worker... crew) {
    return visit.build(List.of(crew), Map.of(), NINE);
  }

  private static int start(Schedule schedule, int place) {
    return (schedule.starts().get(place) - NINE) / 60;
  }

  @Test
  void aWaitIsFilledWithOtherWork() {
    int wash = work("wash", 10);
    int coat = work("coat", 10);
    int mats = work("mats", 25);
    visit.after(wash, coat, 30 * 60);
    Schedule schedule = Scheduler.of(network(ADA));
    assertThat(start(schedule, mats)).isBetween(10, 15);
    assertThat(start(schedule, coat)).isEqualTo(40);
    assertThat(schedule.ready()).isEqualTo(NINE + 50 * 60);
  }

  @Test
  void whatDecidesTheEndIsTheWorkThatCouldNotBeginSoonerNotWhatFillsTheWait() {
    int wash = work("wash", 10);
    int coat = work("coat", 10);
    int mats = work("mats", 25);
    visit.after(wash, coat, 30 * 60);
    Network network = network(ADA);
    Schedule schedule = Scheduler.of(network);
    assertThat(Chain.of(network, schedule, coat)).containsExactly(wash, coat);
    assertThat(Chain.of(network, schedule, mats)).containsExactly(wash, mats);
  }

  @Test
  void aRestBetweenTwoPiecesOfWorkBreaksNoChain() {
    int first = work("first", 70);
    int second = work("second", 70);
    visit.after(first, second, 0);
    Network network =
        visit.build(List.of(ADA), Map.of(), NINE, new Pauses(120 * 60, 600, 6 * HOUR, 1800, 0, 0));
    Schedule schedule = Scheduler.of(network);
    assertThat(start(schedule, second)).isEqualTo(80);
    assertThat(Chain.of(network, schedule, second)).containsExactly(first, second);
  }

  @Test
  void areasAreCoatedInALeapfrogAndEachIsWipedInItsWindow() {
    List<Integer> laid = new ArrayList<>();
    List<Integer> wiped = new ArrayList<>();
    for (int area = 0; area < 4; area++) {
      int lay = visit.add(Activity.work("lay-" + area, 60, List.of()).by(Set.of(Skill.COATING)));
      int wipe = visit.add(Activity.work("wipe-" + area, 30, List.of()).by(Set.of(Skill.COATING)));
      visit.between(lay, wipe, 180, 270);
      if (area > 0) {
        visit.after(laid.get(area - 1), lay, 0);
      }
      laid.add(lay);
      wiped.add(wipe);
    }
    Network network = network(ADA);
    Schedule schedule = Scheduler.of(network);
    assertThat(schedule.broken(network)).isEmpty();
    assertThat(schedule.starts().get(laid.get(1))).isLessThan(schedule.starts().get(wiped.get(0)));
    assertThat(schedule.ready() - NINE).isLessThan(4 * 240);
  }

  @Test
  void onlyWhoMayCoatDoes() {
    int coat = visit.add(Activity.work("coat", 600, List.of()).by(Set.of(Skill.COATING)));
    Network network = network(BO, ADA);
    assertThat(Scheduler.of(network).workers().get(coat)).isEqualTo(1);
    assertThatThrownBy(() -> network(BO))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("coat: nobody of the crew may do it");
  }

  @Test
  void nobodyStandsByAllDayBecauseTheCoatWaitsForTheMorningAnyway() {
    int wash = work("wash", 10);
    int mats = work("mats", 120);
    int floor = work("floor", 120);
    int coat = work("coat", 10);
    visit.after(wash, coat, 20 * HOUR);
    Schedule schedule = Scheduler.of(network(ADA, BO));
    assertThat(schedule.workers().get(mats)).isNotEqualTo(schedule.workers().get(floor));
    Schedule alone = Scheduler.of(network(ADA));
    assertThat(schedule.ready()).isEqualTo(alone.ready());
  }

  @Test
  void oneExtractorIsNotInTwoPlacesTwoAre() {
    work("mats", 30, "kit:extractor");
    work("bench", 30, "kit:extractor");
    assertThat(Scheduler.of(network(ADA, BO)).ready()).isEqualTo(NINE + HOUR);
    Network two = visit.build(List.of(ADA, BO), Map.of("kit:extractor", 2), NINE);
    assertThat(Scheduler.of(two).ready()).isEqualTo(NINE + HOUR / 2);
  }

  @ParameterizedTest(name = "{1} min from {0} starts {2}")
  @CsvSource({
    "18:45, 10, 0 18:45", // until closing
    "18:45, 20, 1 08:00", // would run past it
    "06:30, 10, 0 06:30", // an early start of the job is taken as given
    "19:30, 10, 1 08:00",
    "08:00, 1200, 0 08:00", // longer than a day: runs over
  })
  void whatRunsPastClosingWaitsForTheMorning(String from, int minutes, String at) {
    int begin = clock(from);
    visit.add(Activity.work("task", minutes * 60, List.of()));
    Schedule schedule = Scheduler.of(visit.build(List.of(ADA), Map.of(), begin));
    String[] dayAndTime = at.split(" ");
    assertThat(schedule.starts().get(0))
        .isEqualTo(Integer.parseInt(dayAndTime[0]) * Worker.DAY + clock(dayAndTime[1]));
  }

  private static int clock(String time) {
    return Integer.parseInt(time.substring(0, 2)) * HOUR + Integer.parseInt(time.substring(3)) * 60;
  }

  @Test
  void whatSomebodySaidIsKeptAndPushesTheOthers() {
    work("one", 30);
    int two = work("two", 30);
    visit.pin(two, NINE);
    Network network = network(ADA);
    Schedule schedule = Scheduler.of(network);
    assertThat(start(schedule, two)).isZero();
    assertThat(start(schedule, 0)).isEqualTo(30);
    assertThat(schedule.broken(network)).isEmpty();
  }

  @Test
  void whatSomebodySaidAndCannotBeIsTold() {
    int wash = work("wash", 30);
    int coat = work("coat", 10);
    visit.after(wash, coat, 0);
    visit.pin(coat, NINE + 300);
    Network network = network(ADA);
    assertThat(Scheduler.of(network).broken(network)).isNotEmpty();
  }

  @Test
  void tooNarrowAWindowAroundSomethingBetweenIsRefused() {
    int lay = work("lay", 1);
    int between = work("between", 1);
    int wipe = work("wipe", 1);
    visit.after(lay, between, 0).after(between, wipe, 0).between(lay, wipe, 60, 120);
    Network network = network(ADA);
    assertThatThrownBy(() -> Scheduler.of(network)).hasMessageContaining("something between");
  }

  static Stream<Network> small() {
    Random random = new Random(11);
    return IntStream.range(0, 40).mapToObj(i -> small(random));
  }

  /** Three to six tasks, some after others, some wiped in a window, one or two people. */
  private static Network small(Random random) {
    Network.Builder visit = new Network.Builder();
    int count = 3 + random.nextInt(4);
    for (int i = 0; i < count; i++) {
      Activity work =
          Activity.work(
              "t" + i,
              60 * (1 + random.nextInt(30)),
              random.nextInt(3) == 0 ? List.of("zone") : List.of());
      visit.add(random.nextInt(4) == 0 ? work.by(Set.of(Skill.COATING)) : work);
      if (i > 0 && random.nextInt(3) == 0) {
        visit.after(random.nextInt(i), i, 60 * random.nextInt(40));
      }
    }
    List<Worker> crew = random.nextBoolean() ? List.of(ADA) : List.of(ADA, BO);
    return visit.build(crew, Map.of(), NINE + random.nextInt(8) * HOUR);
  }

  @ParameterizedTest
  @MethodSource("small")
  void aSmallVisitIsReadyAsEarlyAsTryingEveryOrder(Network network) {
    Schedule found = Scheduler.of(network);
    assertThat(found.broken(network)).isEmpty();
    assertThat(found.ready()).isEqualTo(everyOrder(network));
    assertThat(Bounds.soonestReady(network)).isLessThanOrEqualTo(found.ready());
  }

  private static int everyOrder(Network network) {
    Groups groups = new Groups(network);
    int[] best = {Integer.MAX_VALUE};
    orders(
        network,
        groups,
        new int[groups.members.length],
        0,
        new boolean[groups.members.length],
        best);
    return best[0];
  }

  private static void orders(
      Network network, Groups groups, int[] order, int at, boolean[] done, int[] best) {
    if (at == order.length) {
      best[0] = Math.min(best[0], new Placing(network, groups).place(order).ready());
      return;
    }
    for (int g = 0; g < order.length; g++) {
      boolean may = !done[g] && IntStream.of(groups.before[g]).allMatch(b -> done[b]);
      if (may) {
        done[g] = true;
        order[at] = g;
        orders(network, groups, order, at + 1, done, best);
        done[g] = false;
      }
    }
  }
}
