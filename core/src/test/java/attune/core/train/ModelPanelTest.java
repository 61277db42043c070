package attune.core.train;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import attune.core.ATool;
import attune.core.match.Treatment;
import attune.core.match.Treatment.ApplyTo;
import attune.core.match.Treatment.Warmth;
import attune.core.measure.Ratio;
import attune.core.train.Deed.Act;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A model panel under the hand: what comes off, what dries, what is worn. */
class ModelPanelTest {
  private static final int FOAM = 0;
  private static final int CLOTH = 1;
  private static final int WIRE = 2;
  private static final double CONTACT_S = 120;
  private static final double DRIES = 0.05;
  private static final double ACTS = 1.2;
  private static final List<Integer> HERE = List.of(0);

  private ModelPanel panel;

  private static Means means(double wets, double leastS, double harm) {
    Treatment any =
        new Treatment(
            Optional.empty(), Ratio.READY, ATool.SPONGE, ApplyTo.TOOL, wets, Warmth.NONE, 30);
    return new Means(
        any,
        "A treatment",
        Optional.empty(),
        Mark.RIGHT,
        List.of("so"),
        wets,
        List.of(ACTS),
        leastS,
        harm,
        30);
  }

  private static Physics physics() {
    return new Physics(
        3.6, 1.5, 20, 1, DRIES, CONTACT_S, 0, 4, 0.95, 150, 0.4, 0.4, 0.35, 0.2, 5, 0.1, 8, 0.5,
        0.05, 0.8, 0.15, 0.12, 8, 15, 0.5, 2.5, 60, 0.5, 0.08);
  }

  private static ModelPanel panel(int dust, double amount) {
    double[] cells = new double[ModelPanel.CELLS];
    Arrays.fill(cells, amount);
    return new ModelPanel(
        List.of(means(40, 0, 0), means(8, 15, 0), means(40, 0, 3)),
        physics(),
        dust,
        new double[][] {cells},
        1,
        0.5);
  }

  @BeforeEach
  void aSoiledPanel() {
    panel = panel(-1, 1);
  }

  private void does(Act act, int with) {
    panel.does(new Deed(act, with, HERE, 0));
  }

  private void waits(double seconds) {
    panel.does(new Deed(Act.WAIT, 0, List.of(), seconds));
  }

  private void works(int with, int strokes) {
    for (int i = 0; i < strokes; i++) {
      does(Act.WORK, with);
    }
  }

  private void pass() {
    does(Act.LAY, FOAM);
    waits(30);
    works(FOAM, 4);
    does(Act.WIPE, FOAM);
  }

  @Test
  void soakedBeyondWhatItStandsIsHarmAndAThinLayingDriesSooner() {
    panel = panel(-1, 1);
    panel.does(new Deed(Deed.Act.DAMP, 0, HERE, 0));
    assertThat(panel.liquidAt(0)).isEqualTo(20);
    assertThat(panel.coatAt(0)).isEqualTo(1);
    panel.does(new Deed(Deed.Act.SOAK, 0, HERE, 0));
    assertThat(panel.liquidAt(0)).isEqualTo(100);
    assertThat(panel.coatAt(0)).isLessThan(1);
  }

  @Test
  void airDrivesDryDustAndWaterOffAndSpattersCleaner() {
    panel = panel(0, 1);
    panel.does(new Deed(Deed.Act.BLOW, 0, HERE, 0));
    assertThat(panel.soilAt(0)).isEqualTo(0.5);
    panel.does(new Deed(Deed.Act.LAY, 0, HERE, 0));
    panel.does(new Deed(Deed.Act.BLOW, 0, HERE, 0));
    assertThat(panel.liquidAt(0)).isEqualTo(20);
    assertThat(panel.tideAt(0)).isEqualTo(0.08);
  }

  @Test
  void soilThatCameLooseIsThereUntilAClothTakesIt() {
    does(Act.LAY, FOAM);
    waits(30);
    works(FOAM, 4);
    assertThat(panel.soilAt(0)).isEqualTo(1, within(1e-9));
    does(Act.WIPE, FOAM);
    assertThat(panel.soilAt(0)).isLessThan(0.4);
    assertThat(panel.onFace()).isGreaterThan(0.6);
    assertThat(panel.soilAt(1)).as("the next place was not touched").isEqualTo(1);
  }

  @Test
  void aPassLiftsWhatTheModelOfCleaningSays() {
    pass();
    double acts = ACTS * 30 / (30 + 20.0);
    double off = Math.min(1 - Math.exp(-3.6 * acts), 1.5 * Math.sqrt(acts));
    assertThat(panel.soilAt(0)).isEqualTo(1 - 0.95 * off, within(0.04));
  }

  @Test
  void cakedSoilComesOffInLayers() {
    panel = panel(-1, 6);
    pass();
    double once = 6 - panel.soilAt(0);
    assertThat(once).isLessThan(1.5);
    does(Act.TURN, 0);
    pass();
    assertThat(6 - panel.soilAt(0)).isGreaterThan(1.7 * once);
  }

  @Test
  void moreStrokesThanAPassLoosenNoMoreAndRubbingOnHarms() {
    does(Act.LAY, FOAM);
    waits(30);
    works(FOAM, 8);
    does(Act.WIPE, FOAM);
    double left = panel.soilAt(0);
    assertThat(panel.coatAt(0)).isEqualTo(1);
    panel = panel(-1, 1);
    does(Act.LAY, FOAM);
    waits(30);
    works(FOAM, 16);
    does(Act.WIPE, FOAM);
    assertThat(panel.soilAt(0)).isEqualTo(left, within(1e-9));
    assertThat(panel.coatAt(0)).isLessThan(1);
  }

  @Test
  void longerDwellLiftsMore() {
    does(Act.LAY, FOAM);
    waits(5);
    works(FOAM, 4);
    does(Act.WIPE, FOAM);
    double hasty = panel.soilAt(0);
    panel = panel(-1, 1);
    pass();
    assertThat(panel.soilAt(0)).isLessThan(hasty);
  }

  @Test
  void whatDriesBeforeItIsWipedGoesBackAndLeavesARing() {
    does(Act.LAY, FOAM);
    works(FOAM, 4);
    waits(40 / DRIES + 1);
    assertThat(panel.liquidAt(0)).isZero();
    assertThat(panel.soilAt(0)).isEqualTo(1, within(1e-9));
    assertThat(panel.tideAt(0)).isEqualTo(0.35);
    does(Act.LAY, FOAM);
    does(Act.WIPE, FOAM);
    assertThat(panel.tideAt(0)).as("a wet wipe takes most of it").isEqualTo(0.07, within(1e-9));
  }

  @Test
  void mistKeepsWhatLiesThereWetAndNothingElse() {
    does(Act.MIST, 0);
    assertThat(panel.liquidAt(0)).isZero();
    does(Act.LAY, FOAM);
    does(Act.MIST, 0);
    assertThat(panel.liquidAt(0)).isEqualTo(45);
  }

  @Test
  void cleanerThatSitsTooLongTakesCoat() {
    does(Act.LAY, FOAM);
    waits(CONTACT_S);
    assertThat(panel.coatAt(0)).isEqualTo(1);
    waits(CONTACT_S);
    assertThat(panel.coatAt(0)).isEqualTo(0.95, within(1e-9));
  }

  @Test
  void aToolBeyondTheLimitTakesCoatThenColourAndTheClothShowsIt() {
    for (int pass = 0; pass < 6; pass++) {
      does(Act.LAY, WIRE);
      works(WIRE, 4);
    }
    assertThat(panel.coatAt(0)).isEqualTo(0.1, within(1e-9));
    assertThat(panel.colourAt(0)).isEqualTo(1);
    assertThat(panel.napAt(0)).isZero();
    assertThat(panel.colourOnFace()).isZero();
    does(Act.WIPE, WIRE);
    assertThat(panel.colourOnFace()).isPositive();
  }

  @Test
  void gentleWorkOpensAMattedNap() {
    pass();
    assertThat(panel.napAt(0)).isEqualTo(0.62, within(1e-9));
  }

  @Test
  void aDryToolMovesNothingAndADampClothLaysAndTakesAsItGoes() {
    works(FOAM, 4);
    assertThat(panel.soilAt(0)).isEqualTo(1);
    works(CLOTH, 4);
    assertThat(panel.soilAt(0)).isLessThan(0.5);
    assertThat(panel.onFace()).isPositive();
  }

  @Test
  void blottingTakesLiquidAndSomeOfWhatIsLoose() {
    does(Act.LAY, FOAM);
    waits(30);
    works(FOAM, 4);
    does(Act.BLOT, 0);
    assertThat(panel.liquidAt(0)).isEqualTo((40 - 30 * DRIES) * 0.4, within(1e-6));
    assertThat(panel.soilAt(0)).isBetween(0.6, 0.8);
  }

  @Test
  void aNozzleTakesDryDustAndNoWetOne() {
    panel = panel(0, 1);
    does(Act.VACUUM, 0);
    assertThat(panel.soilAt(0)).isEqualTo(0.1, within(1e-9));
    panel = panel(0, 1);
    does(Act.LAY, FOAM);
    does(Act.VACUUM, 0);
    assertThat(panel.soilAt(0)).isEqualTo(1);
  }

  @Test
  void aFullFaceTakesLessAndACleanOneAsMuchAsBefore() {
    List<Integer> all = java.util.stream.IntStream.range(0, ModelPanel.CELLS).boxed().toList();
    panel = panel(-1, 1);
    panel.does(new Deed(Act.LAY, FOAM, all, 0));
    waits(30);
    for (int stroke = 0; stroke < 4; stroke++) {
      panel.does(new Deed(Act.WORK, FOAM, all, 0));
    }
    panel.does(new Deed(Act.WIPE, 0, all.subList(0, 380), 0));
    double first = panel.soilAt(0);
    panel.does(new Deed(Act.WIPE, 0, List.of(380), 0));
    assertThat(panel.soilAt(380)).isGreaterThan(first);
    does(Act.TURN, 0);
    assertThat(panel.faces()).isEqualTo(2);
    panel.does(new Deed(Act.WIPE, 0, List.of(381), 0));
    assertThat(panel.soilAt(381)).isEqualTo(first, within(1e-6));
  }

  @Test
  void timePassesByWaitingAndByEveryPlaceTheHandGoesOver() {
    waits(12);
    does(Act.LAY, FOAM);
    assertThat(panel.seconds()).isEqualTo(12);
  }
}
