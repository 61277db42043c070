package attune.core.simulate;

import static org.assertj.core.api.Assertions.assertThat;

import attune.core.AProduct;
import attune.core.ASurface;
import attune.core.ATool;
import attune.core.Given;
import attune.core.match.ReasonCode;
import attune.core.match.Rung;
import attune.core.match.Treatment;
import attune.core.match.Treatment.ApplyTo;
import attune.core.match.Treatment.Warmth;
import attune.core.material.Finish;
import attune.core.measure.Ratio;
import attune.core.shelf.Product;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Shelf;
import attune.core.shelf.Soil;
import attune.core.shelf.Tool;
import attune.core.survey.Condition.Level;
import attune.core.survey.Condition.Nap;
import attune.core.survey.Surface;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The simulated surface answers as the trade knows hides and cloth to answer. */
class SimulatedSurfaceTest {
  private static final Product MILD =
      AProduct.cleaner("mild", 5).goodAt(Soil.SKIN_OIL, Soil.MAKE_UP).build();
  private static final Product FOAM =
      AProduct.cleaner("foam", 5).foam().goodAt(Soil.SKIN_OIL, Soil.FOOD_DRINK).build();
  private static final Product SCREEN =
      AProduct.of("screen", ProductRole.SCREEN_CLEANER).strength(5).goodAt(Soil.SKIN_OIL).build();
  private static final Product BALM =
      AProduct.of("balm", ProductRole.CONDITIONER).sheen(0.5).absorbs(1200, 3600).build();
  private static final Shelf SHOP =
      Given.shelf(
          MILD, FOAM, SCREEN, ATool.SPONGE, ATool.PAD, ATool.SOFT_BRUSH, ATool.LEATHER_BRUSH);

  private static SimulatedSurface found(Surface surface, long seed) {
    return SimulatedSurface.found(Given.place(surface), Given.BOOK, seed);
  }

  private static ASurface greasySeat() {
    return ASurface.of("leather/coated").soiled(Level.MODERATE, Soil.SKIN_OIL);
  }

  private static Treatment with(Product cleaner, Tool tool) {
    return new Treatment(
        Optional.of(cleaner), Ratio.READY, tool, ApplyTo.TOOL, 15, Warmth.NONE, 30);
  }

  static Stream<Finish> finishes() {
    return Given.FINISHES.all().stream();
  }

  /** What the matcher offers leaves a surface clean, dry, undamaged and in its sheen. */
  @ParameterizedTest
  @MethodSource("finishes")
  void theMatchersFirstRungLeavesNoHarm(Finish finish) {
    for (Level level : new Level[] {Level.LIGHT, Level.MODERATE, Level.HEAVY}) {
      Surface surface =
          ASurface.of(finish.code())
              .role(finish.foundAs().iterator().next())
              .soiled(level, Soil.SKIN_OIL)
              .build();
      for (long seed = 1; seed <= 5; seed++) {
        SimulatedSurface s = found(surface, seed);
        Optional<Rung> rung = Given.match(surface, SHOP).ladder().stream().findFirst();
        if (rung.isEmpty() || rung.get().treatment().isDry()) {
          continue;
        }
        for (int pass = 0; pass < rung.get().passesHigh(); pass++) {
          s = s.pass(rung.get().treatment());
        }
        s = s.blot().waitFor(24 * 3600);
        assertThat(s.isUndamaged()).as(finish.code() + " " + level).isTrue();
        assertThat(s.moisture()).isLessThan(Given.FIGURES.get("instrument.moisture-dry"));
        boolean promised =
            rung.get().verdict().reasons().stream()
                .noneMatch(reason -> reason.code() == ReasonCode.LEAVE_SOME);
        if (!promised) {
          continue; // what stays was told beforehand
        }
        assertThat(s.state().worstSoil())
            .as(finish.code() + " " + level + " seed " + seed)
            .isLessThanOrEqualTo(s.place().demand().acceptable());
        SimulatedSurface clean = s;
        finish
            .cleanSheen()
            .ifPresent(
                range -> assertThat(clean.sheenGu()).isBetween(range.lowGu(), range.highGu()));
      }
    }
  }

  @Test
  void shineIsGreaseAndComesOffWithIt() {
    SimulatedSurface s = found(greasySeat().build(), 7);
    double before = s.sheenGu();
    SimulatedSurface after = s.pass(with(MILD, ATool.PAD)).pass(with(MILD, ATool.PAD));
    assertThat(before).isGreaterThan(6);
    assertThat(after.waitFor(7200).sheenGu()).isLessThan(before).isBetween(2.0, 6.0);
  }

  @Test
  void wetHideShinesUntilItIsDryAndABalmUntilItHasSettled() {
    SimulatedSurface clean = found(ASurface.of("leather/coated").build(), 7);
    SimulatedSurface wet = clean.pass(with(MILD, ATool.PAD));
    assertThat(wet.sheenGu()).isGreaterThan(clean.sheenGu() + 5);
    assertThat(wet.waitFor(7200).sheenGu()).isEqualTo(clean.sheenGu());
    SimulatedSurface fed = clean.apply(BALM, 1);
    assertThat(fed.level().sheenGu()).isGreaterThan(clean.sheenGu() + 4);
    assertThat(fed.level().waitFor(1200).sheenGu()).isEqualTo(clean.sheenGu() + 0.5);
    assertThat(fed.waitFor(1200).sheenGu()).as("never levelled").isGreaterThan(clean.sheenGu() + 4);
  }

  @Test
  void aStiffBrushTakesTheCoatAndThenTheColourOff() {
    SimulatedSurface s = found(greasySeat().build(), 7);
    for (int pass = 0; pass < 4; pass++) {
      s = s.pass(with(MILD, ATool.STIFF_BRUSH));
    }
    assertThat(s.isUndamaged()).isFalse();
    assertThat(s.state().topcoat()).isLessThan(1);
    assertThat(s.state().pigment()).isPositive();
  }

  @Test
  void aDryWipeNeverShiftsSetGrease() {
    SimulatedSurface s = found(greasySeat().build(), 7);
    Treatment dry =
        new Treatment(Optional.empty(), Ratio.READY, Tool.CLOTH, ApplyTo.CLOTH, 0, Warmth.NONE, 0);
    assertThat(s.pass(dry).state().soilLeft()).isEqualTo(s.state().soilLeft());
  }

  @Test
  void mattedNapOpensUnderASoftBrushInSeveralRounds() {
    SimulatedSurface s =
        found(ASurface.of("microsuede/synthetic").soiled(Level.HEAVY).nap(Nap.MATTED).build(), 7);
    SimulatedSurface after = s;
    for (int round = 0; round < 6; round++) {
      after = after.pass(with(FOAM, ATool.SOFT_BRUSH));
    }
    assertThat(after.state().nap()).isGreaterThan(0.95);
    assertThat(after.isUndamaged()).isTrue();
  }

  @Test
  void theSameSeedGivesTheSameSurfaceAndAnotherOneAnother() {
    Treatment pass = with(MILD, ATool.PAD);
    double seven = found(greasySeat().build(), 7).pass(pass).state().soilLeft();
    assertThat(found(greasySeat().build(), 7).pass(pass).state().soilLeft()).isEqualTo(seven);
    assertThat(found(greasySeat().build(), 8).pass(pass).state().soilLeft()).isNotEqualTo(seven);
  }
}
