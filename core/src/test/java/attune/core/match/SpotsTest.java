package attune.core.match;

import static org.assertj.core.api.Assertions.assertThat;

import attune.core.AProduct;
import attune.core.ASurface;
import attune.core.ATool;
import attune.core.Given;
import attune.core.match.Treatment.ApplyTo;
import attune.core.match.Treatment.Warmth;
import attune.core.shelf.Product;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Shelf;
import attune.core.shelf.Soil;
import attune.core.shelf.Tool;
import attune.core.survey.Condition.Level;
import attune.core.survey.Surface;
import attune.core.survey.Surface.Tone;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The panel gets the general cleaner; the remover meets the spot alone (docs/trade, C12). */
class SpotsTest {
  private static final Product MILD = AProduct.cleaner("mild", 5).dwell(30, 60).build();
  private static final Product LIFTER =
      AProduct.of("lifter", ProductRole.SPOT_REMOVER)
          .strength(9)
          .goodAt(Soil.INK, Soil.ADHESIVE)
          .solvent(60)
          .dwell(10, 60)
          .build();
  private static final Product OXYGEN =
      AProduct.of("oxygen", ProductRole.SPOT_REMOVER)
          .strength(7)
          .goodAt(Soil.FOOD_DRINK)
          .dwell(30, 120)
          .build();
  private static final Shelf SHOP =
      Given.shelf(MILD, LIFTER, OXYGEN, ATool.SPONGE, ATool.SOFT_BRUSH, ATool.LEATHER_BRUSH);

  private static ASurface seat(Soil... soils) {
    return ASurface.of("leather/coated").area(0.3).soiled(Level.MODERATE, soils);
  }

  private static List<SpotWork> spots(Surface surface) {
    return Given.match(surface, SHOP).spots();
  }

  private static List<String> cleaners(Surface surface) {
    return Given.match(surface, SHOP).ladder().stream()
        .map(rung -> rung.treatment().cleaner().orElseThrow().id())
        .toList();
  }

  @Test
  void inkIsMetByItsRemoverFromAClothColdOnTheSpotAlone() {
    Surface inked = seat(Soil.SKIN_OIL, Soil.INK).build();
    assertThat(cleaners(inked)).isNotEmpty().containsOnly("mild");
    SpotWork work = spots(inked).get(0);
    Treatment t = work.rung().orElseThrow().treatment();
    assertThat(t.cleaner()).contains(LIFTER);
    assertThat(t.applyTo()).isEqualTo(ApplyTo.CLOTH);
    assertThat(t.tool().kind()).isEqualTo(Tool.Kind.CLOTH);
    assertThat(t.warmth()).isEqualTo(Warmth.NONE);
    assertThat(work.cm2()).isEqualTo(25);
    assertThat(work.ml()).isBetween(0.5, 1.0);
    assertThat(work.remains()).isEmpty();
  }

  /** What comes off shows on white alone, and a remover takes the dye out of any other. */
  @Test
  void aStainMeetsAWhiteClothThoughTheShelfHasDyedOnesOnly() {
    Shelf dyed = Given.shelf(MILD, LIFTER, ATool.SPONGE, ATool.DYED_CLOTH);
    SpotWork work = Given.match(seat(Soil.INK).build(), dyed).spots().get(0);
    assertThat(work.rung().orElseThrow().treatment().tool()).isEqualTo(Tool.CLOTH);
  }

  @Test
  void aRemoverNeverGoesOverAPanelHoweverMuchOfItsSoilThereIs() {
    Surface drinks =
        ASurface.of("textile/flat").area(0.5).soiled(Level.HEAVY, Soil.FOOD_DRINK).build();
    assertThat(cleaners(drinks)).isNotEmpty().doesNotContain("oxygen");
    Verdict over = Given.JUDGE.judge(Given.place(drinks), overAll(OXYGEN));
    assertThat(over.reasons())
        .filteredOn(Reason::rulesOut)
        .map(Reason::code)
        .contains(ReasonCode.SPOT_ONLY);
  }

  private static Treatment overAll(Product remover) {
    return new Treatment(
        java.util.Optional.of(remover),
        attune.core.measure.Ratio.READY,
        ATool.SPONGE,
        ApplyTo.SURFACE,
        30,
        Warmth.NONE,
        30);
  }

  @Test
  void whatMayNotGoOnIsNotTakenAndTheStainIsSaidToStay() {
    Surface bare = ASurface.of("plastic/soft-touch").soiled(Level.LIGHT, Soil.INK).build();
    SpotWork work = spots(bare).get(0);
    assertThat(work.rung()).isEmpty();
    assertThat(work.ml()).isZero();
    assertThat(work.remains().orElseThrow().text()).contains("likely to stay");
  }

  @ParameterizedTest
  @ValueSource(ints = {30, 500})
  void inkOfAMonthAndMoreIsWorkedOnAndNotPromisedAway(int days) {
    SpotWork work = spots(seat(Soil.INK).satDays(days).build()).get(0);
    assertThat(work.rung()).isPresent();
    assertThat(work.remains()).map(Reason::code).contains(ReasonCode.REMAINS);
  }

  @Test
  void freshInkIsNotSaidToStay() {
    assertThat(spots(seat(Soil.INK).satDays(2).build()).get(0).remains()).isEmpty();
  }

  @Test
  void passesAreThoseThatMakeSense() {
    Rung rung = spots(seat(Soil.INK).build()).get(0).rung().orElseThrow();
    assertThat(rung.passesLow()).isBetween(1, 8);
    assertThat(rung.passesHigh()).isBetween(rung.passesLow(), 8);
    assertThat(rung.stop()).contains("edge inwards");
  }

  @Test
  void onAPalePanelTheClothDoesNotBleed() {
    Shelf dyed = Given.shelf(MILD, LIFTER, ATool.DYED_CLOTH, ATool.SPONGE);
    Surface pale = seat(Soil.SKIN_OIL, Soil.INK).tone(Tone.PALE).build();
    assertThat(Given.match(pale, dyed).spots())
        .allSatisfy(
            work ->
                assertThat(work.rung().map(r -> r.treatment().tool().dyed()).orElse(false))
                    .isFalse());
  }

  @Test
  void whatIsSaidOfARemoverIsSaidWithItsStain() {
    SurfaceMatch match = Given.match(seat(Soil.SKIN_OIL, Soil.INK).build(), SHOP);
    assertThat(match.saidOfSpots())
        .extracting(Reason::code)
        .contains(ReasonCode.SOLVENT, ReasonCode.VENTILATE, ReasonCode.GLOVES);
    assertThat(match.cautions()).extracting(Reason::code).doesNotContain(ReasonCode.SOLVENT);
  }

  @Test
  void nothingIsDoneAboutAStainWhereThePanelCouldNotBeCleaned() {
    Shelf lifterOnly = Given.shelf(LIFTER, ATool.SPONGE);
    Surface inked = seat(Soil.SKIN_OIL, Soil.INK).build();
    assertThat(Given.match(inked, lifterOnly).ladder()).isEmpty();
    assertThat(Given.match(inked, lifterOnly).spots()).isEmpty();
  }
}
