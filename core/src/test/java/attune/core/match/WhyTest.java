package attune.core.match;

import static org.assertj.core.api.Assertions.assertThat;

import attune.core.AProduct;
import attune.core.ASurface;
import attune.core.ATool;
import attune.core.Given;
import attune.core.match.Treatment.ApplyTo;
import attune.core.match.Treatment.Warmth;
import attune.core.match.Why.Remedy;
import attune.core.measure.PhNature;
import attune.core.measure.Ratio;
import attune.core.shelf.Product;
import attune.core.shelf.Product.Trait;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Shelf;
import attune.core.shelf.Soil;
import attune.core.survey.Condition.Level;
import attune.core.survey.Condition.Wear;
import attune.core.survey.Surface;
import attune.core.survey.Surface.Tone;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** "Why not?" and "what would have to change?", as a practitioner would answer. */
class WhyTest {
  private static final Matcher MATCHER = new Matcher(Given.BOOK);
  private static final Product CONCENTRATE =
      AProduct.of("concentrate", ProductRole.CLEANER)
          .strength(6)
          .goodAt(Soil.SKIN_OIL)
          .dilutes("1:40", "1:10", "1:2")
          .ph(10.8, PhNature.STRONG_ALKALI)
          .dwell(30, 90)
          .build();
  private static final Shelf SHOP =
      Given.shelf(
          CONCENTRATE,
          ATool.SPONGE,
          ATool.SOFT_BRUSH,
          ATool.LEATHER_BRUSH,
          ATool.STIFF_BRUSH,
          ATool.DYED_CLOTH);
  private static final Place SEAT =
      Given.place(ASurface.of("leather/coated").soiled(Level.MODERATE).build());

  private static Treatment concentrate(String ratio) {
    return new Treatment(
        Optional.of(CONCENTRATE),
        Ratio.parse(ratio),
        ATool.SOFT_BRUSH,
        ApplyTo.TOOL,
        15,
        Warmth.NONE,
        60);
  }

  @Test
  void tooAlkalineNeedlesAreToldToDilute() {
    Why why = MATCHER.why(SEAT, concentrate("1:2"), SHOP);
    assertThat(why.reasons()).extracting(Reason::code).contains(ReasonCode.PH_ABOVE_LIMIT);
    assertThat(why.remedies().get(0).text()).startsWith("Dilute to 1:");
    Treatment after = why.remedies().get(0).treatment().orElseThrow();
    assertThat(MATCHER.judge(SEAT, after).isOffered()).isTrue();
  }

  @Test
  void aStiffBrushIsToldWhichToolToTake() {
    Why why = MATCHER.why(SEAT, concentrate("1:20").with(ATool.STIFF_BRUSH), SHOP);
    assertThat(why.remedies()).extracting(Remedy::text).anyMatch(t -> t.startsWith("Take "));
    assertThat(why.remedies())
        .allSatisfy(
            r -> assertThat(MATCHER.judge(SEAT, r.treatment().orElseThrow()).isOffered()).isTrue());
  }

  @Test
  void sprayOnPerforatedHideIsToldToGoOnTheTool() {
    Place holes =
        Given.place(ASurface.of("leather/coated").perforated().soiled(Level.MODERATE).build());
    Why why = MATCHER.why(holes, concentrate("1:20").on(ApplyTo.SURFACE), SHOP);
    assertThat(why.remedies()).extracting(Remedy::text).contains("Put it on the tool.");
  }

  @Test
  void needlesInTuneAskForNothing() {
    Why why = MATCHER.why(SEAT, concentrate("1:20"), SHOP);
    assertThat(why.reasons()).isEmpty();
    assertThat(why.remedies()).isEmpty();
  }

  @Test
  void needlesThatNoSingleChangeMendsSaySo() {
    Place aniline = Given.place(ASurface.of("leather/aniline").soiled(Level.MODERATE).build());
    Why why = MATCHER.why(aniline, concentrate("1:2").with(ATool.STIFF_BRUSH), SHOP);
    assertThat(why.remedies()).singleElement().satisfies(r -> assertThat(r.possible()).isFalse());
  }

  @Test
  void aBottleThatWouldDoIsShownAtTheRatioThatFits() {
    Why why = MATCHER.why(SEAT, CONCENTRATE, SHOP);
    assertThat(why.reasons()).isEmpty();
    Remedy remedy = why.remedies().get(0);
    assertThat(remedy.text()).startsWith("It would do: concentrate 1:");
    assertThat(MATCHER.judge(SEAT, remedy.treatment().orElseThrow()).isOffered()).isTrue();
  }

  @Test
  void aBottleTooAlkalineAtEveryRatioCannot() {
    Place aniline = Given.place(ASurface.of("leather/aniline").soiled(Level.LIGHT).build());
    Why why = MATCHER.why(aniline, CONCENTRATE, SHOP);
    assertThat(why.remedies())
        .anySatisfy(
            r -> {
              assertThat(r.possible()).isFalse();
              assertThat(r.text()).contains("too alkaline");
            });
  }

  @Test
  void whatATestSpotAllowsIsSaidToBeTestedAndAccepted() {
    Product spot =
        AProduct.of("spot", ProductRole.SPOT_REMOVER, ProductRole.CLEANER)
            .strength(9)
            .goodAt(Soil.INK)
            .solvent(8)
            .dwell(10, 60)
            .build();
    Place inked = Given.place(ASurface.of("leather/coated").soiled(Level.LIGHT, Soil.INK).build());
    Why why = MATCHER.why(inked, spot, Given.shelf(spot, ATool.SOFT_BRUSH));
    assertThat(why.remedies().get(0).text()).contains("Test a spot and accept");
  }

  @ParameterizedTest
  @CsvSource({
    "used-up, fresh bottle",
    "no-ph, pen",
    "no-strength, strength",
    "household, house rule",
    "film, no coating",
    "for-ink, soil it is made for",
    "excluded, cannot be changed",
  })
  void eachBarHasItsOwnAnswer(String which, String answer) {
    Product product =
        switch (which) {
          case "used-up" -> AProduct.cleaner(which, 5).onHand(0).build();
          case "no-ph" -> AProduct.cleaner(which, 5).phUnknown().build();
          case "no-strength" -> AProduct.of(which, ProductRole.CLEANER).build();
          case "household" -> AProduct.cleaner(which, 5).traits(Trait.HOUSEHOLD).build();
          case "film" -> AProduct.cleaner(which, 5).leaves(Product.Film.WAX).build();
          case "for-ink" ->
              AProduct.of(which, ProductRole.SPOT_REMOVER).strength(5).goodAt(Soil.INK).build();
          default -> AProduct.cleaner(which, 5).excludes("leather/*").build();
        };
    Place place =
        Place.of(SEAT.surface(), Given.studio(), Given.RULES, which.equals("film"), Given.BOOK);
    Why why = MATCHER.why(place, product, Given.shelf(product, ATool.SOFT_BRUSH));
    assertThat(why.remedies()).extracting(Remedy::text).anyMatch(t -> t.contains(answer));
  }

  @Test
  void toolsAnswerToo() {
    Surface pale = ASurface.of("leather/coated").tone(Tone.PALE).soiled(Level.LIGHT).build();
    assertThat(MATCHER.why(Given.place(pale), ATool.DYED_CLOTH, SHOP).remedies().get(0).text())
        .contains("Wash it 8 times");
    assertThat(MATCHER.why(SEAT, ATool.STIFF_BRUSH, SHOP).remedies().get(0).possible()).isFalse();
    assertThat(MATCHER.why(SEAT, ATool.LEATHER_BRUSH, SHOP).remedies().get(0).text())
        .startsWith("It would do");
    Surface worn = ASurface.of("leather/coated").wear(Wear.WORN).soiled(Level.LIGHT).build();
    assertThat(MATCHER.why(Given.place(worn), ATool.LEATHER_BRUSH, SHOP).reasons())
        .extracting(Reason::code)
        .contains(ReasonCode.TOO_STIFF);
  }
}
