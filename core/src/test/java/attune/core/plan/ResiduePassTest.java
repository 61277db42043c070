package attune.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import attune.core.AProduct;
import attune.core.ASurface;
import attune.core.ATool;
import attune.core.Given;
import attune.core.match.ReasonCode;
import attune.core.shelf.Product;
import attune.core.shelf.Product.Film;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Shelf;
import attune.core.shelf.Soil;
import attune.core.survey.Condition.Level;
import attune.core.survey.Surface;
import attune.core.survey.Wishes.Protection;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What has to bond is cleaned, dried and wiped off, in this order (docs/trade, C16 and C19). */
class ResiduePassTest {
  private static final Product MILD = AProduct.cleaner("mild", 5).build();
  private static final Product COAT =
      AProduct.of("coat", ProductRole.COATING).dose(5).flashes(180, 300).build();
  private static final Product RESET =
      AProduct.of("reset", ProductRole.RESIDUE_REMOVER).goodAt(Soil.SILICONE_FILM).build();
  private static final Product OILY =
      AProduct.of("oily", ProductRole.RESIDUE_REMOVER).leaves(Film.SILICONE).build();
  private static final Surface SEAT =
      ASurface.of("leather/coated")
          .ageYears(1)
          .area(0.4)
          .soiled(Level.LIGHT)
          .protect(Protection.COATING)
          .build();

  private static Plan plan(Surface surface, Product... more) {
    Object[] items = new Object[more.length + 3];
    System.arraycopy(more, 0, items, 0, more.length);
    items[more.length] = MILD;
    items[more.length + 1] = COAT;
    items[more.length + 2] = ATool.BARRIER_PAD;
    Shelf shelf = Given.shelf(items);
    return Given.plan(shelf, surface);
  }

  private static ResiduePass pass(Plan plan) {
    return plan.surfaces().get(0).residue().orElseThrow();
  }

  @Test
  void comesWithItsProductClothAndMinutesRightBeforeTheCoat() {
    Plan plan = plan(SEAT, RESET);
    assertThat(pass(plan).product()).contains(RESET);
    List<Task> tasks = plan.timetable().tasks();
    Task wiped = tasks.stream().filter(t -> t.step() == Step.RESIDUE).findFirst().orElseThrow();
    Task laid = tasks.stream().filter(t -> t.step() == Step.COAT).findFirst().orElseThrow();
    Task checked = tasks.stream().filter(t -> t.step() == Step.CHECK).findFirst().orElseThrow();
    assertThat(wiped.productId()).contains("reset");
    assertThat(wiped.toolId()).isPresent();
    assertThat(wiped.handsS()).isPositive();
    assertThat(wiped.start()).isAfterOrEqualTo(checked.end());
    assertThat(laid.start())
        .isAfterOrEqualTo(wiped.end().plusSeconds(Given.FIGURES.whole("residue.dries")));
    assertThat(laid.start().toLocalDate()).isEqualTo(wiped.start().toLocalDate());
    assertThat(plan.mixes())
        .filteredOn(mix -> mix.productId().equals("reset"))
        .singleElement()
        .satisfies(mix -> assertThat(mix.neededMl()).isPositive());
  }

  @Test
  void isMadeSeveralTimesWhereNobodyKnowsWhatIsOnIt() {
    assertThat(pass(plan(SEAT, RESET)).passes()).isEqualTo(3);
  }

  @Test
  void isADampClothOnceAndAPurchaseWhereNothingMayGoOn() {
    Plan plan = plan(SEAT, OILY);
    assertThat(pass(plan).product()).isEmpty();
    assertThat(pass(plan).passes()).isEqualTo(1);
    assertThat(plan.purchases())
        .anySatisfy(
            purchase -> {
              assertThat(purchase.role()).isEqualTo(ProductRole.RESIDUE_REMOVER);
              assertThat(purchase.code()).isEqualTo(ReasonCode.BUY);
              assertThat(purchase.needs()).isPresent();
            });
  }

  @Test
  void comesAfterACleaningOfWhatWasFoundClean() {
    Plan plan =
        plan(ASurface.of("leather/coated").ageYears(1).protect(Protection.COATING).build(), RESET);
    assertThat(plan.surfaces().get(0).match().ladder()).isNotEmpty();
    assertThat(plan.timetable().tasks()).extracting(Task::step).contains(Step.CLEAN, Step.RESIDUE);
  }

  @Test
  void isNotAskedForWhereNothingHasToBond() {
    Plan plan =
        plan(
            ASurface.of("leather/coated").soiled(Level.LIGHT).protect(Protection.NONE).build(),
            RESET);
    assertThat(plan.surfaces().get(0).residue()).isEmpty();
  }
}
