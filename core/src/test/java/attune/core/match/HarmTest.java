package attune.core.match;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import attune.core.AProduct;
import attune.core.ASurface;
import attune.core.ATool;
import attune.core.Given;
import attune.core.match.Treatment.ApplyTo;
import attune.core.match.Treatment.Warmth;
import attune.core.measure.PhInterval;
import attune.core.measure.Ratio;
import attune.core.shelf.Product;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Span;
import attune.core.shelf.Tool;
import attune.core.survey.Condition.Level;
import attune.core.survey.Condition.Wear;
import attune.core.survey.Surface;
import attune.core.survey.Wishes.Standard;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What harm, need and the ways of applying come to, worked out by hand from the figures. */
class HarmTest {
  private static final CleaningAction ACTION = new CleaningAction(Given.FIGURES);
  private static final Harm HARM = new Harm(Given.FIGURES, ACTION);
  private static final Place SEAT =
      Given.place(ASurface.of("leather/coated").soiled(Level.MODERATE).build());

  private static org.assertj.core.data.Offset<Double> exactly() {
    return within(1e-4);
  }

  @ParameterizedTest(name = "stiffness {0} of 6: {1}")
  @CsvSource({"0, 0.3", "3, 0.8333", "4, 1.0111", "5, 1.4852", "6, 3.5", "7, 4.0333"})
  void aToolCostsMoreTheNearerItComesToWhatTheFinishStands(int stiffness, double harm) {
    Tool tool = ATool.brush("brush", stiffness, attune.core.material.Texture.DEEP, Tool.Kind.BRUSH);
    assertThat(HARM.ofTool(SEAT, tool)).isCloseTo(harm, exactly());
  }

  @Test
  void anAbrasiveToolAndOneThatThrowsMuchCostExtra() {
    assertThat(HARM.ofTool(SEAT, ATool.WHITE_BLOCK)).isCloseTo(1.6 * 3 / 9 + 4, exactly());
    assertThat(HARM.ofTool(SEAT, ATool.STIFF_BRUSH)).isCloseTo(1.6 * 7 / 9 * 3 + 0.6, exactly());
  }

  @ParameterizedTest(name = "pH {0} to {1}: {2}")
  @CsvSource({
    "7.0, 7.0, 0",
    "6.9, 7.3, 0.2",
    "8.2, 8.5, 1.0",
    "8.6, 9.0, 4.3333",
    "4.8, 5.2, 4.4667"
  })
  void phCostsByItsDistanceFromNeutralAndMuchBeyondTheRoutineWindow(
      double low, double high, double harm) {
    Product plain = AProduct.of("plain", ProductRole.CLEANER).strength(0).build();
    assertThat(HARM.ofMix(SEAT, plain, 0, Optional.of(new PhInterval(low, high))))
        .isCloseTo(harm, exactly());
  }

  @Test
  void strengthSolventAbrasiveAndFilmAddUp() {
    Product plain = AProduct.of("plain", ProductRole.CLEANER).build();
    assertThat(HARM.ofMix(SEAT, plain, 5, Optional.empty())).isCloseTo(0.3, exactly());
    Product solvent = AProduct.of("s", ProductRole.CLEANER).solvent(8).build();
    assertThat(HARM.ofMix(SEAT, solvent, 0, Optional.empty())).isCloseTo(1.52, exactly());
    Product abrasive = AProduct.of("a", ProductRole.CLEANER).traits(Product.Trait.ABRASIVE).build();
    assertThat(HARM.ofMix(SEAT, abrasive, 0, Optional.empty())).isCloseTo(4, exactly());
    Product film = AProduct.of("f", ProductRole.CLEANER).leaves(Product.Film.WAX).build();
    assertThat(HARM.ofMix(SEAT, film, 0, Optional.empty())).isCloseTo(0.4, exactly());
  }

  @ParameterizedTest(name = "{0} g/m² for {1} s: {2}")
  @CsvSource({"0, 0, 0", "30, 60, 0.26", "48, 240, 0.536", "54, 270, 1.206", "60, 300, 2.01"})
  void wetAndLongCostMoreNearTheirLimits(double wets, int dwell, double harm) {
    assertThat(HARM.ofWay(SEAT, wets, dwell)).isCloseTo(harm, exactly());
  }

  @ParameterizedTest
  @CsvSource({"NONE, 0", "SEAT_HEAT, 0", "WARM_WATER, 1.5", "STEAM, 18"})
  void warmthCostsByTheDegree(Warmth warmth, double harm) {
    assertThat(HARM.ofWarmth(SEAT, warmth)).isCloseTo(harm, exactly());
  }

  @Test
  void aTreatmentCostsWhatItsPartsCost() {
    Product foam =
        AProduct.cleaner("foam", 5).foam().ph(7.0, attune.core.measure.PhNature.BUFFERED).build();
    Treatment t =
        new Treatment(
            Optional.of(foam),
            Ratio.READY,
            ATool.LEATHER_BRUSH,
            ApplyTo.TOOL,
            15,
            Warmth.WARM_WATER,
            60);
    Optional<PhInterval> ph = Optional.of(new PhInterval(6.8, 7.2));
    assertThat(HARM.of(SEAT, t, ph))
        .isCloseTo(
            HARM.ofTool(SEAT, ATool.LEATHER_BRUSH)
                + HARM.ofMix(SEAT, foam, 5, ph)
                + HARM.ofWay(SEAT, 6, 60)
                + 1.5,
            exactly());
    Treatment dry =
        new Treatment(
            Optional.empty(), Ratio.READY, ATool.SPONGE, ApplyTo.CLOTH, 0, Warmth.NONE, 0);
    assertThat(HARM.of(SEAT, dry, Optional.empty()))
        .isCloseTo(HARM.ofTool(SEAT, ATool.SPONGE), exactly());
  }

  @ParameterizedTest(name = "{0} at {1}: {2} passes")
  @CsvSource({
    "1, 1.0, 1",
    "1, 0.5, 2",
    "2.2, 1.0, 2",
    "2.2, 0.5, 3",
    "4, 0.5, 5",
    "6, 1.0, 4",
    "6, 0.4, 8",
    "0.04, 1, 0",
    "1, 0, 99"
  })
  void passesComeFromTheLayerAndTheRateOfAPass(double soil, double action, int passes) {
    assertThat(Given.BOOK.needs().passes(soil, 0.05, action)).isEqualTo(passes);
  }

  @Test
  void whatIsNeededIsTheLeastThatGetsThereInTheSensiblePasses() {
    Needs needs = Given.BOOK.needs();
    for (Level level : List.of(Level.LIGHT, Level.MODERATE, Level.HEAVY, Level.CAKED)) {
      List<Double> upTo = needs.neededUpTo(level, Standard.TIDY, false);
      double own = upTo.get(upTo.size() - 1);
      int most = Given.FIGURES.whole("cleaning.passes." + level.code());
      assertThat(needs.passes(needs.amount(level), 0.10, own)).isLessThanOrEqualTo(most);
      assertThat(upTo).isSorted();
      double offered = needs.leastOffered(level, Standard.TIDY);
      assertThat(needs.passes(needs.amount(level), 0.10, offered)).isEqualTo(8);
      assertThat(needs.passes(needs.amount(level), 0.10, offered * 0.999)).isEqualTo(9);
    }
    assertThat(needs.neededUpTo(Level.NONE, Standard.EXACTING, false)).isEmpty();
  }

  private static Ways ways(Surface surface) {
    return new Ways(Given.place(surface), ACTION, Given.FIGURES);
  }

  @ParameterizedTest(name = "foam {0}, {1} s on the {2}: {3} g/m²")
  @CsvSource({
    "false, 30, TOOL, 12", "false, 30, SURFACE, 15", "false, 30, CLOTH, 8",
    "false, 180, TOOL, 16.6", "true, 300, TOOL, 13.8", "false, 1200, TOOL, 20",
    "true, 9000, TOOL, 20", "true, 9000, CLOTH, 8",
  })
  void asMuchIsLaidAsStaysWetAndNoMoreThanItStands(
      boolean foam, int dwell, ApplyTo to, double laid) {
    Ways ways = ways(ASurface.of("leather/coated").soiled(Level.LIGHT).build());
    assertThat(ways.laid(foam, dwell, to)).isCloseTo(laid, within(0.15));
    assertThat(ways.wets(foam, dwell, to))
        .isCloseTo(foam && to != ApplyTo.CLOTH ? laid * 0.4 : laid, within(0.15));
  }

  @Test
  void whereItGoesFollowsTheSurfaceAndTheTool() {
    Ways free = ways(ASurface.of("leather/coated").build());
    assertThat(free.applyTo(ATool.SOFT_BRUSH)).isEqualTo(ApplyTo.SURFACE);
    assertThat(free.applyTo(Tool.HAND)).isEqualTo(ApplyTo.TOOL);
    assertThat(free.applyTo(Tool.CLOTH)).isEqualTo(ApplyTo.CLOTH);
    Ways holes = ways(ASurface.of("leather/coated").perforated().build());
    assertThat(holes.applyTo(ATool.SOFT_BRUSH)).isEqualTo(ApplyTo.TOOL);
    Ways lens = ways(ASurface.of("screen/clear-lens").build());
    assertThat(lens.applyTo(ATool.SOFT_BRUSH)).isEqualTo(ApplyTo.CLOTH);
    Ways pile = ways(ASurface.of("textile/pile").build());
    assertThat(pile.laid(false, 10, ApplyTo.SURFACE)).isEqualTo(90);
    assertThat(pile.laid(false, 10, ApplyTo.TOOL)).isEqualTo(12);
  }

  @Test
  void dwellsWorthTryingAreTheLeastTheLongestAndJustEnough() {
    Ways ways = ways(ASurface.of("leather/coated").soiled(Level.MODERATE).build());
    assertThat(ways.dwells(new Span(30, 30), 1)).containsExactly(30);
    assertThat(ways.dwells(new Span(30, 90), 100)).containsExactly(30, 90);
    double needed = SEAT.demand().needed();
    int[] three = ways.dwells(new Span(30, 120), needed / ACTION.time(60));
    assertThat(three).containsExactly(30, 60, 120);
    assertThat(ways.dwell(AProduct.cleaner("c", 5).dwell(20, 900).build()))
        .isEqualTo(new Span(20, 300));
    assertThat(ways.dwell(AProduct.of("c", ProductRole.CLEANER).build()))
        .isEqualTo(new Span(30, 30));
  }

  @Test
  void warmthIsOfferedWhereTheKitTheSurfaceAndItsStateLetIt() {
    var kit = Given.shelf(ATool.of(Tool.Kind.MISTER), ATool.of(Tool.Kind.STEAMER));
    assertThat(ways(ASurface.of("textile/flat").build()).warmths(kit))
        .containsExactly(Warmth.NONE, Warmth.WARM_WATER, Warmth.STEAM);
    assertThat(ways(ASurface.of("leather/coated").build()).warmths(kit))
        .containsExactly(Warmth.NONE, Warmth.WARM_WATER, Warmth.STEAM);
    assertThat(ways(ASurface.of("leather/coated").perforated().build()).warmths(kit))
        .containsExactly(Warmth.NONE, Warmth.WARM_WATER);
    assertThat(ways(ASurface.of("plastic/textured").wear(Wear.WORN).build()).warmths(kit))
        .containsExactly(Warmth.NONE, Warmth.WARM_WATER);
    assertThat(ways(ASurface.of("screen/coated").build()).warmths(kit))
        .containsExactly(Warmth.NONE);
    assertThat(ways(ASurface.of("textile/flat").build()).warmths(Given.shelf()))
        .containsExactly(Warmth.NONE);
  }
}
