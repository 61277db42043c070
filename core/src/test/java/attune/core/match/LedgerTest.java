package attune.core.match;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import attune.core.AProduct;
import attune.core.ASurface;
import attune.core.ATool;
import attune.core.Given;
import attune.core.measure.Celsius;
import attune.core.measure.PhNature;
import attune.core.shelf.Product;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Shelf;
import attune.core.shelf.Soil;
import attune.core.survey.Condition.Level;
import attune.core.survey.Condition.Wear;
import attune.core.survey.Craft;
import attune.core.survey.Surface;
import attune.core.survey.Surface.Visit;
import java.time.LocalDate;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Model 3: what alkali and acid a year have cost, and what a year stands. */
class LedgerTest {
  private static final LocalDate SPRING = LocalDate.of(2026, 3, 1);
  private static final Product STRONG =
      AProduct.of("strong", ProductRole.CLEANER)
          .strength(8)
          .goodAt(Soil.SKIN_OIL)
          .ph(9.6, PhNature.BUFFERED)
          .dwell(60, 90)
          .build();
  private static final Product MILD = AProduct.cleaner("mild", 4).build();
  private static final Shelf SHOP =
      Given.shelf(STRONG, MILD, ATool.SOFT_BRUSH, ATool.LEATHER_BRUSH);

  private static Visit visit(LocalDate date, double ph, double minutes, int passes) {
    return new Visit(
        date,
        Optional.empty(),
        Optional.empty(),
        Optional.of(ph),
        Optional.of(minutes),
        Optional.of(passes),
        Optional.empty(),
        false);
  }

  private static ASurface hide() {
    return ASurface.of("leather/coated");
  }

  private static Place place(Surface surface) {
    return Place.of(surface, Given.studio(), Given.RULES, Craft.ROAD, false, Given.BOOK, SHOP);
  }

  @Test
  void twoMinutesAtPhTenOnCoatedHideAreAboutAHundredAndNinety() {
    Limits limits = place(hide().build()).limits();
    double dose = Ledger.ofPass(10.0, limits, 2, new Celsius(20));
    assertThat(dose).isCloseTo(193.7, within(0.5));
    assertThat(limits.allowance().value() / dose).isBetween(7.0, 8.5);
    assertThat(Ledger.ofPass(10.0, limits, 2, new Celsius(30))).isCloseTo(dose * 2, within(1e-9));
  }

  @ParameterizedTest
  @CsvSource({"7.0, 0", "8.5, 0", "5.0, 0", "4.0, 180"})
  void insideTheRoutineWindowNothingIsSpentAndAcidCountsLikewise(double ph, double dose) {
    Limits limits = place(hide().build()).limits();
    assertThat(Ledger.ofPass(ph, limits, 2, new Celsius(20))).isCloseTo(dose, within(0.01));
  }

  @Test
  void onlyTheYearUpToTheJobCounts() {
    Surface surface =
        hide()
            .history(
                visit(SPRING, 10, 2, 2),
                visit(SPRING.minusYears(2), 10, 2, 5),
                visit(LocalDate.of(2027, 1, 1), 10, 2, 5))
            .build();
    Ledger ledger = place(surface).ledger();
    assertThat(ledger.spent()).isCloseTo(2 * 193.7, within(1.0));
    assertThat(ledger.unknownVisits()).isZero();
    assertThat(ledger.share(0)).get().satisfies(s -> assertThat(s).isCloseTo(0.26, within(0.01)));
  }

  @Test
  void aVisitThatNamesAProductOfTheShelfIsWorkedOutFromIt() {
    Visit named =
        new Visit(
            SPRING,
            Optional.of("strong"),
            Optional.of("ready"),
            Optional.empty(),
            Optional.of(2.0),
            Optional.empty(),
            Optional.empty(),
            false);
    Visit gone =
        new Visit(
            SPRING,
            Optional.of("gone"),
            Optional.empty(),
            Optional.empty(),
            Optional.of(2.0),
            Optional.empty(),
            Optional.empty(),
            false);
    Ledger ledger = place(hide().history(named, gone).build()).ledger();
    assertThat(ledger.spent()).isGreaterThan(50);
    assertThat(ledger.unknownVisits()).isEqualTo(1);
  }

  @Test
  void wornHideHasNoAllowanceAtAll() {
    Ledger worn = place(hide().wear(Wear.WORN).build()).ledger();
    assertThat(worn.allowance()).isZero();
    assertThat(worn.share(10)).isEmpty();
    assertThat(worn.wouldSpend(0)).isFalse();
    assertThat(worn.wouldSpend(0.1)).isTrue();
  }

  private static SurfaceMatch match(Surface surface, Shelf shelf) {
    return new Matcher(Given.BOOK).match(place(surface), shelf);
  }

  private static Surface heavy(Visit... history) {
    return hide().soiled(Level.HEAVY).history(history).build();
  }

  @Test
  void theStrongCleanIsOfferedWhileTheYearStandsIt() {
    SurfaceMatch fresh = match(heavy(), SHOP);
    assertThat(fresh.ladder())
        .extracting(r -> r.treatment().cleaner().orElseThrow().id())
        .contains("strong");
    assertThat(fresh.cautions()).extracting(Reason::code).doesNotContain(ReasonCode.EXPOSURE_SPENT);
  }

  @Test
  void whereTheYearIsSpentTheMilderWayIsTakenAndItIsSaid() {
    SurfaceMatch spent = match(heavy(visit(SPRING, 10, 15, 1)), SHOP);
    assertThat(spent.ladder()).isNotEmpty();
    assertThat(spent.ladder()).allSatisfy(r -> assertThat(r.treatment().cleaner()).contains(MILD));
    assertThat(spent.cautions()).extracting(Reason::code).contains(ReasonCode.EXPOSURE_SPENT);
    assertThat(spent.ruledOut())
        .filteredOn(out -> out.itemId().equals("strong"))
        .flatExtracting(RuledOut::reasons)
        .extracting(Reason::code)
        .contains(ReasonCode.EXPOSURE_SPENT);
  }

  @Test
  void whereNothingElseIsStrongEnoughItIsFlaggedAndAMilderOneStandsBeside() {
    Product weak = AProduct.cleaner("weak", 0.4).build();
    Shelf shelf = Given.shelf(STRONG, weak, ATool.SOFT_BRUSH);
    SurfaceMatch spent = match(heavy(visit(SPRING, 10, 15, 1)), shelf);
    Rung first = spent.ladder().get(0);
    assertThat(first.treatment().cleaner()).contains(STRONG);
    assertThat(first.verdict().reasons())
        .extracting(Reason::code)
        .contains(ReasonCode.EXPOSURE_SPENT);
    assertThat(spent.milder()).map(r -> r.treatment().cleaner().orElseThrow()).contains(weak);
    assertThat(spent.exposure()).isPositive();
  }

  @Test
  void aYearOfFirmBrushesIsCountedAndTheOneTooManyIsSaid() {
    Surface gentle = hide().history(brushed(2, 60)).build();
    assertThat(place(gentle).ledger().brushed().spent()).isZero();

    Surface scrubbed = hide().soiled(Level.MODERATE, Soil.SKIN_OIL).history(brushed(6, 60)).build();
    Abrasion had = place(scrubbed).ledger().brushed();
    assertThat(had.spent()).isEqualTo(60.0 * (6 - had.ceiling()));
    assertThat(new Matcher(Given.BOOK).match(place(scrubbed), SHOP).cautions())
        .filteredOn(c -> c.code() == ReasonCode.EXPOSURE_SPENT)
        .singleElement()
        .satisfies(c -> assertThat(c.text()).contains("nothing over stiffness " + had.ceiling()));
  }

  @Test
  void aToolNobodyWroteDownCountsAsTheStiffestTheFinishStands() {
    Abrasion had = place(hide().history(visit(SPRING, 7, 2, 3)).build()).ledger().brushed();
    assertThat(had.spent()).isEqualTo(3);
  }

  private static Visit brushed(int stiffness, int passes) {
    return new Visit(
        SPRING,
        Optional.empty(),
        Optional.empty(),
        Optional.of(7.0),
        Optional.of(1.0),
        Optional.of(passes),
        Optional.of(stiffness),
        false);
  }
}
