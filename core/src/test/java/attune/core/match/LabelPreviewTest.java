package attune.core.match;

import static org.assertj.core.api.Assertions.assertThat;

import attune.core.AProduct;
import attune.core.Given;
import attune.core.measure.PhNature;
import attune.core.measure.Ratio;
import attune.core.shelf.Product;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Soil;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** A record says what it means before it is used anywhere. */
class LabelPreviewTest {
  private static LabelPreview of(Product product) {
    return LabelPreview.of(product, Given.BOOK);
  }

  @Test
  void everyRatioOfTheLabelIsShownOnceMildestFirst() {
    LabelPreview preview =
        of(
            AProduct.cleaner("soap", 5)
                .dilutes("1:20", "1:10", "1:5")
                .ph(11, PhNature.STRONG_ALKALI)
                .build());
    assertThat(preview.ph())
        .extracting(at -> at.ratio().code())
        .containsExactly("1:20", "1:10", "1:5");
    assertThat(preview.ph())
        .extracting(at -> at.ph().orElseThrow().middle())
        .as("the thinner, the milder")
        .isSorted();
    LabelPreview ready = of(AProduct.cleaner("mild", 5).build());
    assertThat(ready.ph()).extracting(LabelPreview.PhAt::ratio).containsExactly(Ratio.READY);
  }

  @Test
  void anUnknownPhAndStrengthAreAskedForInsteadOfGuessed() {
    Product bottle = AProduct.of("decanted", ProductRole.CLEANER).phUnknown().build();
    LabelPreview preview = of(bottle);
    assertThat(preview.ph()).allSatisfy(at -> assertThat(at.ph()).isEmpty());
    assertThat(preview.notes())
        .anySatisfy(note -> assertThat(note).contains("pH is not known"))
        .anySatisfy(note -> assertThat(note).contains("strength is not known"));
  }

  @Test
  void whatTheLabelLeavesOutIsNamedByItsTradeName() {
    LabelPreview preview =
        of(AProduct.cleaner("hide", 4).allows("leather/*").excludes("leather/aniline").build());
    assertThat(preview.excluded())
        .contains("aniline leather", "microsuede", "coated screen")
        .doesNotContain("coated leather", "nubuck");
    LabelPreview all = of(AProduct.cleaner("any", 4).build());
    assertThat(all.excluded()).isEmpty();
  }

  @Test
  void aLabelThatLeavesOutEverythingIsSaidSo() {
    assertThat(
            of(AProduct.cleaner("none", 4).allows("leather/coated").excludes("leather/*").build())
                .notes())
        .anySatisfy(note -> assertThat(note).contains("leaves out every finish"));
  }

  @Test
  void aLabelThatAllowsMoreThanAFinishStandsIsContradicted() {
    LabelPreview strong =
        of(
            AProduct.cleaner("strong", 8)
                .ph(12.5, PhNature.STRONG_ALKALI)
                .allows("leather/coated", "rubber/*")
                .build());
    assertThat(strong.notes())
        .anySatisfy(
            note ->
                assertThat(note)
                    .contains("coated leather")
                    .contains("rubber")
                    .contains("above what they stand"));
    LabelPreview sour =
        of(
            AProduct.cleaner("sour", 4)
                .ph(2.5, PhNature.WEAK_ACID)
                .allows("leather/coated")
                .build());
    assertThat(sour.notes())
        .anySatisfy(note -> assertThat(note).contains("below what that finish stands"));
    LabelPreview fits =
        of(
            AProduct.cleaner("fits", 4)
                .ph(7.2, PhNature.NEUTRAL_SURFACTANT)
                .goodAt(Soil.SKIN_OIL)
                .allows("leather/coated")
                .build());
    assertThat(fits.notes()).isEmpty();
  }

  @Test
  void aLongListOfFinishesIsCutShort() {
    LabelPreview everywhere =
        of(AProduct.cleaner("everywhere", 9).ph(13, PhNature.STRONG_ALKALI).build());
    assertThat(everywhere.notes())
        .anySatisfy(note -> assertThat(note).containsPattern("and \\d+ more"));
  }

  @ParameterizedTest
  @EnumSource(
      value = ProductRole.class,
      names = {"CONDITIONER", "PROTECTANT", "DYE_BARRIER", "COATING", "NAP_PROTECTOR"})
  void whatStaysOnNeedsItsDose(ProductRole role) {
    assertThat(of(AProduct.of("lies", role).build()).notes())
        .anySatisfy(note -> assertThat(note).contains("No dose"));
    assertThat(of(AProduct.of("lies", role).dose(8).build()).notes()).isEmpty();
  }

  @ParameterizedTest
  @ValueSource(doubles = {0, 2.5, 8})
  void theHarderTheWaterTheWiderTheDoubtOfAThinMixAndNeverOfAReadyOne(double alkalinity) {
    var soft = new attune.core.measure.DilutedPh(Given.FIGURES, 7.4, 0);
    var hard = new attune.core.measure.DilutedPh(Given.FIGURES, 7.4, alkalinity);
    var known = AProduct.cleaner("a", 5).ph(10.5, PhNature.STRONG_ALKALI).build().ph();
    Ratio thin = Ratio.parse("1:30");
    double before = width(soft.of(known, thin).orElseThrow());
    double after = width(hard.of(known, thin).orElseThrow());
    assertThat(after).isGreaterThanOrEqualTo(before);
    assertThat(hard.of(known, Ratio.READY)).isEqualTo(soft.of(known, Ratio.READY));
    if (alkalinity > 5) {
      assertThat(after).isGreaterThan(before + 0.3);
    }
  }

  private static double width(attune.core.measure.PhInterval ph) {
    return ph.high() - ph.low();
  }
}
