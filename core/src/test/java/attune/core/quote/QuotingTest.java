package attune.core.quote;

import static org.assertj.core.api.Assertions.assertThat;

import attune.core.AProduct;
import attune.core.ASurface;
import attune.core.ATool;
import attune.core.Given;
import attune.core.material.Role;
import attune.core.plan.Arrangement;
import attune.core.plan.Omission;
import attune.core.plan.Plan;
import attune.core.quote.Quote.Line;
import attune.core.quote.Quote.Package;
import attune.core.quote.Rates.Travel;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Shelf;
import attune.core.survey.Condition.Level;
import attune.core.survey.Condition.Wear;
import attune.core.survey.Surface;
import attune.core.survey.Wishes.Protection;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Packages by work and bottle, by the age of the hide, with what is referred beside them. */
class QuotingTest {
  private static final Shelf SHOP =
      Given.shelf(
          AProduct.cleaner("cleaner", 5).build(),
          AProduct.of("balm", ProductRole.CONDITIONER).dose(12).absorbs(600, 3600).build(),
          AProduct.of("shield", ProductRole.PROTECTANT).dose(8).sheen(0).absorbs(60, 60).build(),
          AProduct.of("coat", ProductRole.COATING)
              .dose(5)
              .flashes(180, 300)
              .cures(43_200, 604_800)
              .build(),
          ATool.SOFT_BRUSH,
          ATool.SPONGE,
          ATool.LEATHER_BRUSH,
          ATool.BARRIER_PAD);

  private static Quote quote(Set<Package> declined, Surface... panels) {
    return quote(Optional.empty(), declined, panels);
  }

  private static Quote quote(Optional<Travel> travel, Set<Package> declined, Surface... panels) {
    return Quoting.of(
        Given.plan(SHOP, panels),
        new Rates(6000, "EUR", 20, travel),
        declined,
        Map.of("seat", "Seat"),
        Given.FIGURES);
  }

  private static ASurface seat() {
    return ASurface.of("leather/coated").id("seat").soiled(Level.LIGHT);
  }

  private static List<Package> sold(Quote quote) {
    return quote.lines().stream().map(Line::sold).toList();
  }

  @Test
  void anHourOfWorkCostsTheRateAndAllOfItIsInTheLines() {
    Plan plan = Given.plan(SHOP, seat().build());
    Quote quote = quote(Set.of(), seat().build());
    Duration work = plan.timetable().work();
    double minutes = quote.lines().stream().mapToDouble(Line::minutes).sum();
    assertThat(minutes).isEqualTo(work.toSeconds() / 60.0);
    assertThat(quote.netMinor())
        .isEqualTo(quote.lines().stream().filter(Line::taken).mapToLong(Line::minor).sum());
    assertThat(quote.taxMinor()).isEqualTo(Math.round(quote.netMinor() * 0.2));
    assertThat(quote.grossMinor()).isEqualTo(quote.netMinor() + quote.taxMinor());
  }

  @Test
  void youngHideGetsAShieldOlderHideItsCareACoatingIsItsOwn() {
    assertThat(sold(quote(Set.of(), seat().ageYears(1).protect(Protection.DRESSING).build())))
        .contains(Package.SHIELD_YOUNG_HIDE)
        .doesNotContain(Package.CARE_OLDER_HIDE);
    assertThat(sold(quote(Set.of(), seat().ageYears(9).protect(Protection.DRESSING).build())))
        .contains(Package.CARE_OLDER_HIDE)
        .doesNotContain(Package.SHIELD_YOUNG_HIDE);
    assertThat(sold(quote(Set.of(), seat().ageYears(1).protect(Protection.COATING).build())))
        .contains(Package.COATING);
  }

  @Test
  void whatTheCustomerLeavesOutIsNotPaidFor() {
    Surface seat = seat().ageYears(9).protect(Protection.DRESSING).build();
    Quote all = quote(Set.of(), seat);
    Quote less = quote(Set.of(Package.CARE_OLDER_HIDE), seat);
    long care =
        all.lines().stream()
            .filter(line -> line.sold() == Package.CARE_OLDER_HIDE)
            .mapToLong(Line::minor)
            .sum();
    assertThat(care).isPositive();
    assertThat(less.netMinor()).isEqualTo(all.netMinor() - care);
    assertThat(quote(Set.of(Package.CLEANING), seat).netMinor()).isEqualTo(all.netMinor());
  }

  @Test
  void textilesAreAPackageOfTheirOwn() {
    Surface carpet =
        ASurface.of("textile/pile").id("carpet").role(Role.FLOOR).soiled(Level.LIGHT).build();
    Quote quote = quote(Set.of(), seat().build(), carpet);
    assertThat(sold(quote)).startsWith(Package.RECEPTION, Package.CLEANING, Package.TEXTILES);
  }

  @Test
  void whatIsForARepairerIsListedAndNotPriced() {
    Quote quote = quote(Set.of(), seat().wear(Wear.CRACKED).build());
    Line referred =
        quote.lines().stream()
            .filter(line -> line.sold() == Package.REFERRED)
            .findFirst()
            .orElseThrow();
    assertThat(referred.says()).startsWith("Seat: ");
    assertThat(referred.minor()).isZero();
    assertThat(referred.taken()).isFalse();
  }

  @Test
  void comingToTheCarIsPaidForEachDayAndADistanceNobodySaidIsNotInThePrice() {
    Quote here = quote(Set.of(), seat().build());
    Quote far =
        quote(Optional.of(new Travel(1500, 60, Optional.of(24.0))), Set.of(), seat().build());
    Quote unsaid =
        quote(Optional.of(new Travel(1500, 60, Optional.empty())), Set.of(), seat().build());
    assertThat(far.netMinor()).isEqualTo(here.netMinor() + 1500 + 24 * 60);
    assertThat(unsaid.netMinor()).isEqualTo(here.netMinor() + 1500);
    assertThat(unsaid.lines())
        .filteredOn(line -> line.sold() == Package.TRAVEL)
        .singleElement()
        .satisfies(line -> assertThat(line.says()).contains("was not said"));
  }

  @Test
  void whatIsLeftOutIsNeitherWorkedNorPaidForAndNothingIsPreparedForIt() {
    Surface seat = seat().ageYears(1).protect(Protection.COATING).build();
    Quote declined = quote(Set.of(Package.COATING), seat);
    Arrangement without = Arrangement.NONE.without(Omission.COATING);
    Plan plan = Given.plan(SHOP, without, seat);
    Quote planned =
        Quoting.of(
            plan, new Rates(6000, "EUR", 20, Optional.empty()), Set.of(), Map.of(), Given.FIGURES);
    assertThat(plan.surfaces().get(0).residue()).isEmpty();
    assertThat(sold(planned)).doesNotContain(Package.COATING);
    assertThat(planned.netMinor()).isEqualTo(declined.netMinor());
  }

  @Test
  void aBottleWithoutAPriceIsSaid() {
    Quote quote = quote(Set.of(), seat().build());
    assertThat(quote.lines().stream().filter(l -> l.sold() == Package.CLEANING))
        .singleElement()
        .satisfies(line -> assertThat(line.priced()).isFalse());
  }
}
