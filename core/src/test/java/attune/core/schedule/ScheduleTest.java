package attune.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.DayOfWeek;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a schedule does not keep is said in words, and what cannot be a network is refused. */
class ScheduleTest {
  private static final int NINE = 9 * 3600;
  private static final Worker ADA =
      new Worker("ada", Set.of(Skill.COATING), 8 * 3600, 19 * 3600, false);
  private static final Worker BO = new Worker("bo", Set.of(), 10 * 3600, 15 * 3600, false);

  private static Network network() {
    Network.Builder visit = new Network.Builder();
    visit.add(Activity.work("lay", 60, List.of("zone:seat")).by(Set.of(Skill.COATING)));
    visit.add(Activity.work("wipe", 60, List.of("zone:seat")));
    visit.add(Activity.work("mats", 600, List.of()));
    visit.between(0, 1, 180, 240);
    return visit.build(List.of(ADA, BO), Map.of(), NINE);
  }

  private static List<String> broken(int lay, int wipe, int mats, Integer... workers) {
    Network network = network();
    return Schedule.of(
            network,
            new int[] {NINE + lay, NINE + wipe, NINE + mats},
            List.of(workers).stream().mapToInt(Integer::intValue).toArray(),
            List.of())
        .broken(network);
  }

  @Test
  void oneThatKeepsEverythingHasNothingToSay() {
    assertThat(broken(0, 200, 300, 0, 0, 0)).isEmpty();
  }

  @Test
  void aWipeTooEarlyOrTooLateIsSaid() {
    assertThat(broken(0, 120, 300, 0, 0, 0))
        .containsExactly("wipe starts 120 s after lay; 180 to 240 s is allowed");
    assertThat(broken(0, 300, 400, 0, 0, 0))
        .containsExactly("wipe starts 300 s after lay; 180 to 240 s is allowed");
  }

  @Test
  void nobodyIsInTwoPlacesOrDoesWhatTheyMayNot() {
    assertThat(broken(0, 200, 210, 0, 0, 0)).contains("wipe and mats want the same person");
    assertThat(broken(7200, 7400, 7500, 1, 1, 0)).contains("bo may not do lay");
  }

  @Test
  void hoursAndTheStartOfTheJobAreKept() {
    assertThat(broken(0, 200, 300, 0, 0, 1)).containsExactly("mats is outside the hours of bo");
    assertThat(broken(-60, 150, 300, 0, 0, 0)).contains("lay starts before the job");
  }

  @Test
  void aZoneHoldsOneAtATime() {
    Network.Builder visit = new Network.Builder();
    visit.add(Activity.work("one", 600, List.of("zone:seat")));
    visit.add(Activity.work("two", 600, List.of("zone:seat")));
    Network network = visit.build(List.of(ADA, ADA), Map.of(), NINE);
    Schedule both = Schedule.of(network, new int[] {NINE, NINE + 60}, new int[] {0, 1}, List.of());
    assertThat(both.broken(network)).containsExactly("two: zone:seat is in use");
  }

  @Test
  void soonerReadyIsBetterAndThenHandsOffSooner() {
    Schedule early = new Schedule(List.of(), List.of(), 100, 90);
    assertThat(early.isBetterThan(new Schedule(List.of(), List.of(), 101, 50))).isTrue();
    assertThat(early.isBetterThan(new Schedule(List.of(), List.of(), 100, 91))).isTrue();
    assertThat(early.isBetterThan(early)).isFalse();
  }

  @Test
  void lagsRunForwardAndAreNotNegative() {
    assertThatThrownBy(() -> new Lag(0, 1, 60, OptionalInt.of(30)))
        .hasMessageContaining("least before most");
    assertThatThrownBy(
            () ->
                new Network(
                    List.of(Activity.waiting("a", 0, false)),
                    List.of(new Lag(0, 0, 0, OptionalInt.empty())),
                    List.of(ADA),
                    Map.of(),
                    NINE))
        .hasMessageContaining("lag: from 0 to 0");
    assertThatThrownBy(() -> new Worker("x", Set.of(), 3600, 3600)).hasMessageContaining("hours");
    assertThatThrownBy(() -> Activity.work("x", -1, List.of())).hasMessageContaining("seconds");
  }

  @Test
  void onADayOffNothingIsBegun() {
    Week weekend = new Week(Set.of(DayOfWeek.SATURDAY, DayOfWeek.SUNDAY), DayOfWeek.MONDAY);
    Worker eve = new Worker("eve", Set.of(), 8 * 3600, 18 * 3600, true, weekend);
    int fridayEvening = 17 * 3600 + 3000;
    int nextDay = 24 * 3600 + 8 * 3600;
    assertThat(eve.from(DayOfWeek.THURSDAY).fit(fridayEvening, 1200, 0)).isEqualTo(nextDay);
    assertThat(eve.from(DayOfWeek.FRIDAY).fit(fridayEvening, 1200, 0))
        .isEqualTo(nextDay + 2 * 24 * 3600);
    assertThat(eve.from(DayOfWeek.FRIDAY).fit(fridayEvening, 600, 0)).isEqualTo(fridayEvening);
    assertThatThrownBy(() -> new Week(Set.of(DayOfWeek.values()), DayOfWeek.MONDAY))
        .hasMessageContaining("at most six");
  }

  @ParameterizedTest(name = "{1} s from {0} begin at {2}")
  @CsvSource({
    "0, 10, 0",
    "95, 10, 130",
    "100, 5, 120",
    "115, 5, 120",
    "115, 100, 130",
    "40, 60, 40"
  })
  void aTimelineFindsTheFirstGapThatIsLongEnough(int from, int seconds, int start) {
    Timeline line = new Timeline();
    line.take(100, 20);
    line.take(125, 5);
    assertThat(line.earliest(from, seconds)).isEqualTo(start);
    line.take(start, seconds);
    line.giveBack(start, seconds);
    assertThat(line.earliest(from, seconds)).isEqualTo(start);
  }

  @Test
  void noScheduleBeatsTheLongestChainNorTheHandsThereAre() {
    Network.Builder chain = new Network.Builder();
    int wash = chain.add(Activity.work("wash", 600, List.of()));
    int dry = chain.add(Activity.waiting("dry", 7200, false));
    int coat = chain.add(Activity.work("coat", 600, List.of()));
    chain.after(wash, dry, 0).after(dry, coat, 0);
    assertThat(Bounds.soonestReady(chain.build(List.of(ADA), Map.of(), NINE)))
        .isEqualTo(NINE + 8400);

    Network.Builder much = new Network.Builder();
    for (int i = 0; i < 6; i++) {
      much.add(Activity.work("w" + i, 1800, List.of()));
    }
    assertThat(Bounds.soonestReady(much.build(List.of(ADA), Map.of(), NINE)))
        .isEqualTo(NINE + 6 * 1800);
    Worker other = new Worker("eve", Set.of(), 8 * 3600, 19 * 3600, false);
    assertThat(Bounds.soonestReady(much.build(List.of(ADA, other), Map.of(), NINE)))
        .isEqualTo(NINE + 3 * 1800);
  }
}
