package attune.core.shelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import attune.core.AProduct;
import attune.core.ATool;
import attune.core.Given;
import attune.core.check.InvalidInputException;
import attune.core.shelf.Product.Trait;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ShelfTest {
  private static Product with(Trait... traits) {
    return AProduct.cleaner("bottle", 5).traits(traits).build();
  }

  @ParameterizedTest(name = "{0} never meets {1}")
  @CsvSource({"BLEACH, ACID", "BLEACH, AMMONIA", "PEROXIDE, ACID", "QUATS, ANIONIC"})
  void someBottlesNeverMeetWhicheverComesFirst(Trait one, Trait other) {
    assertThat(NeverMix.between(with(one), with(other))).isPresent();
    assertThat(NeverMix.between(with(other), with(one))).isPresent();
    assertThat(NeverMix.between(with(one), with())).isEmpty();
  }

  @Test
  void aHandAndAnUndyedClothAreAlwaysThere() {
    Shelf bare = Given.shelf();
    assertThat(bare.ofKind(Tool.Kind.HAND)).hasSize(1);
    assertThat(bare.ofKind(Tool.Kind.CLOTH)).singleElement().matches(cloth -> !cloth.dyed());
    assertThat(Given.shelf(ATool.DYED_CLOTH).ofKind(Tool.Kind.CLOTH))
        .containsExactly(ATool.DYED_CLOTH);
  }

  @Test
  void orderOnTheShelfDoesNotMatter() {
    Product a = AProduct.cleaner("a", 5).build();
    Product b = AProduct.cleaner("b", 5).build();
    assertThat(Given.shelf(a, b)).isEqualTo(Given.shelf(b, a));
  }

  @Test
  void anAllowListIsTheWholeListAndAnExclusionBeatsIt() {
    var coated = Given.FINISHES.get("leather/coated");
    var aniline = Given.FINISHES.get("leather/aniline");
    Product leather =
        AProduct.cleaner("c", 5).allows("leather/*").excludes("leather/aniline").build();
    assertThat(leather.labelAllowsOn(coated)).isTrue();
    assertThat(leather.labelAllowsOn(aniline)).isFalse();
    assertThat(leather.labelAllowsOn(Given.FINISHES.get("vinyl/coated-textile"))).isFalse();
    assertThat(AProduct.cleaner("d", 5).build().labelAllowsOn(aniline)).isTrue();
  }

  @Test
  void dyeWashesOut() {
    assertThat(ATool.DYED_CLOTH.isColourfast(8)).isFalse();
    assertThat(ATool.washed(ATool.DYED_CLOTH, 7).isColourfast(8)).isFalse();
    assertThat(ATool.washed(ATool.DYED_CLOTH, 8).isColourfast(8)).isTrue();
    assertThat(ATool.SPONGE.isColourfast(8)).isTrue();
  }

  @Test
  void aBottleIsGoodFromTheDayItWasOpened() {
    Product opened = AProduct.cleaner("c", 5).opened(LocalDate.of(2026, 1, 1), 90).build();
    assertThat(opened.useBy()).contains(LocalDate.of(2026, 4, 1));
    assertThat(AProduct.cleaner("c", 5).build().useBy()).isEmpty();
  }

  @Test
  void aSpanRunsForward() {
    assertThatThrownBy(() -> new Span(10, 5)).isInstanceOf(InvalidInputException.class);
    assertThatThrownBy(() -> new Span(-1, 5)).hasMessageContaining("0 <= min <= max");
  }
}
