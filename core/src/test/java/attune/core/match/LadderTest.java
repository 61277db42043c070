package attune.core.match;

import static org.assertj.core.api.Assertions.assertThat;

import attune.core.AProduct;
import attune.core.ASurface;
import attune.core.ATool;
import attune.core.Given;
import attune.core.match.Treatment.Warmth;
import attune.core.material.Finish;
import attune.core.material.Role;
import attune.core.material.Texture;
import attune.core.measure.PhNature;
import attune.core.shelf.Product;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Shelf;
import attune.core.shelf.Soil;
import attune.core.shelf.Tool;
import attune.core.survey.Condition.Level;
import attune.core.survey.Condition.Wear;
import attune.core.survey.Surface;
import attune.core.survey.Surface.Tone;
import attune.core.survey.Wishes.Standard;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * The ladder: least harm that is strong enough first, firmer after it, and what must never turn.
 */
class LadderTest {
  private static final Product MILD =
      AProduct.cleaner("mild", 4).ph(7.2, PhNature.NEUTRAL_SURFACTANT).build();
  private static final Product LEATHER =
      AProduct.cleaner("leather", 6)
          .ph(8.2, PhNature.BUFFERED)
          .allows("leather/*", "vinyl/*")
          .build();
  private static final Product CONCENTRATE =
      AProduct.of("concentrate", ProductRole.MULTI_SURFACE_CLEANER)
          .strength(7)
          .goodAt(Soil.SKIN_OIL, Soil.FOOD_DRINK, Soil.MAKE_UP, Soil.DUST)
          .dilutes("1:20", "1:10", "1:4")
          .ph(11, PhNature.WEAK_ALKALI)
          .dwell(20, 90)
          .build();
  private static final Product SPOT =
      AProduct.of("spot", ProductRole.SPOT_REMOVER, ProductRole.CLEANER)
          .strength(9)
          .goodAt(Soil.INK, Soil.DENIM_DYE)
          .solvent(8)
          .dwell(10, 60)
          .build();
  private static final List<Product> PRODUCTS = List.of(MILD, LEATHER, CONCENTRATE, SPOT);
  private static final List<Tool> TOOLS =
      List.of(
          ATool.SPONGE,
          ATool.PAD,
          ATool.SOFT_BRUSH,
          ATool.LEATHER_BRUSH,
          ATool.STIFF_BRUSH,
          ATool.WHITE_BLOCK,
          ATool.DYED_CLOTH);
  private static final Shelf SHOP = new Shelf(PRODUCTS, TOOLS);

  /** Two hundred panels as they come in, from a fixed seed; fewer where faults are planted. */
  static List<Surface> panels() {
    Random random = new Random(20260601);
    return IntStream.range(0, Integer.getInteger("attune.panels", 200))
        .mapToObj(i -> panel(i, random))
        .toList();
  }

  private static Surface panel(int i, Random random) {
    List<Finish> finishes = Given.FINISHES.all();
    Finish finish = finishes.get(random.nextInt(finishes.size()));
    List<Role> roles = finish.foundAs().stream().sorted().toList();
    ASurface panel =
        ASurface.of(finish.code())
            .id("panel-" + i)
            .role(roles.get(random.nextInt(roles.size())))
            .tone(pick(Tone.values(), random))
            .grain(pick(Texture.values(), random))
            .area(0.05 + random.nextDouble())
            .wear(random.nextInt(4) == 0 ? Wear.WORN : Wear.INTACT)
            .ageYears(random.nextInt(25))
            .standard(pick(Standard.values(), random))
            .soiled(
                Level.values()[1 + random.nextInt(4)],
                pick(
                    new Soil[] {
                      Soil.SKIN_OIL, Soil.FOOD_DRINK, Soil.MAKE_UP, Soil.DENIM_DYE, Soil.DUST
                    },
                    random));
    return (random.nextInt(5) == 0 ? panel.perforated() : panel).build();
  }

  private static <T> T pick(T[] of, Random random) {
    return of[random.nextInt(of.length)];
  }

  private static Surface with(Surface s, Level level, Standard standard, List<Surface.Visit> past) {
    var c = s.condition();
    return new Surface(
        s.id(),
        s.zone(),
        s.part(),
        s.finish(),
        s.perforated(),
        s.texture(),
        s.tone(),
        s.area(),
        s.seamM(),
        s.ageMonths(),
        s.role(),
        s.features(),
        s.near(),
        new attune.core.survey.Condition(
            level,
            c.soils(),
            c.wear(),
            c.feel(),
            c.nap(),
            c.perforations(),
            c.damage(),
            c.stainAgeDays(),
            c.sheenGu()),
        new attune.core.survey.Wishes(s.wishes().sheen(), standard, s.wishes().protection()),
        s.surfaceTemp(),
        past);
  }

  private static Optional<Rung> first(Surface surface, Shelf shelf) {
    return Given.match(surface, shelf).ladder().stream().findFirst();
  }

  @ParameterizedTest
  @MethodSource("panels")
  void climbsFromMildToFirmAndOffersNothingThatIsRuledOut(Surface surface) {
    List<Rung> ladder = Given.match(surface, SHOP).ladder();
    for (int i = 0; i < ladder.size(); i++) {
      Verdict verdict = ladder.get(i).verdict();
      assertThat(verdict.isOffered()).isTrue();
      assertThat(ladder.get(i).passesLow()).isLessThanOrEqualTo(ladder.get(i).passesHigh());
      if (i > 0) {
        Verdict before = ladder.get(i - 1).verdict();
        assertThat(verdict.action()).isGreaterThanOrEqualTo(before.action() * 1.3 - 1e-9);
        assertThat(verdict.harm()).isGreaterThan(before.harm());
      }
    }
  }

  @ParameterizedTest
  @MethodSource("panels")
  void moreSoilIsNeverMetMilder(Surface surface) {
    double before = 0;
    for (Level level : List.of(Level.LIGHT, Level.MODERATE, Level.HEAVY, Level.CAKED)) {
      Optional<Rung> rung =
          first(with(surface, level, surface.wishes().standard(), List.of()), SHOP);
      double harm = rung.map(r -> r.verdict().harm()).orElse(Double.POSITIVE_INFINITY);
      assertThat(harm).as("%s on %s", level, surface.finish()).isGreaterThanOrEqualTo(before);
      before = harm;
    }
  }

  @ParameterizedTest
  @MethodSource("panels")
  void aLessExactingCustomerNeverGetsAHarsherTreatment(Surface surface) {
    double before = 0;
    for (Standard standard : Standard.values()) {
      double harm =
          first(with(surface, surface.condition().soil(), standard, List.of()), SHOP)
              .map(rung -> rung.verdict().harm())
              .orElse(Double.POSITIVE_INFINITY);
      assertThat(harm).isGreaterThanOrEqualTo(before);
      before = harm;
    }
  }

  @ParameterizedTest
  @MethodSource("panels")
  void takingABottleAwayNeverImprovesTheAnswer(Surface surface) {
    Optional<Rung> all = first(surface, SHOP);
    for (Product gone : PRODUCTS) {
      List<Product> rest = new ArrayList<>(PRODUCTS);
      rest.remove(gone);
      Optional<Rung> fewer = first(surface, new Shelf(rest, TOOLS));
      if (fewer.isPresent()) {
        assertThat(all).as("without %s there is an answer, with it none", gone.id()).isPresent();
        assertThat(rank(surface, all.get())).isLessThanOrEqualTo(rank(surface, fewer.get()));
      }
    }
  }

  /** By cloth or sponge where those come first; strong enough before anything; the least harm. */
  private static double rank(Surface surface, Rung rung) {
    Place place = Given.place(surface);
    boolean soft =
        place.isSoftFirst()
            && Harm.isSoft(rung.treatment().tool())
            && rung.verdict().ph().filter(place.limits()::isBeyondRoutine).isEmpty();
    if (soft && rung.verdict().action() >= place.demand().softly()) {
      return rung.verdict().harm() - 2000;
    }
    if (soft && rung.verdict().action() >= place.demand().patiently()) {
      return rung.verdict().harm() - 1000;
    }
    List<Double> needed = place.demand().neededUpTo();
    for (int level = needed.size() - 1; level >= 0; level--) {
      if (rung.verdict().action() >= needed.get(level)) {
        return (needed.size() - 1 - level) * 1000 + rung.verdict().harm();
      }
    }
    return 50_000 - rung.verdict().action();
  }

  @ParameterizedTest
  @MethodSource("panels")
  void aStricterLabelNeverLoosens(Surface surface) {
    Product strict =
        AProduct.of("concentrate", ProductRole.MULTI_SURFACE_CLEANER)
            .strength(7)
            .goodAt(Soil.SKIN_OIL, Soil.FOOD_DRINK, Soil.MAKE_UP, Soil.DUST)
            .dilutes("1:20", "1:10", "1:8")
            .ph(11, PhNature.WEAK_ALKALI)
            .dwell(20, 60)
            .excludes("plastic/soft-touch")
            .build();
    List<Product> stricter = new ArrayList<>(PRODUCTS);
    stricter.set(PRODUCTS.indexOf(CONCENTRATE), strict);
    Optional<Rung> loose = first(surface, SHOP);
    Optional<Rung> tight = first(surface, new Shelf(stricter, TOOLS));
    if (tight.isPresent()) {
      assertThat(loose).isPresent();
      assertThat(rank(surface, loose.get())).isLessThanOrEqualTo(rank(surface, tight.get()));
    }
  }

  @ParameterizedTest
  @MethodSource("panels")
  void everythingLeftOutSaysWhy(Surface surface) {
    SurfaceMatch match = Given.match(surface, SHOP);
    assertThat(match.ruledOut())
        .allSatisfy(
            out -> {
              assertThat(out.reasons()).isNotEmpty();
              assertThat(out.reasons()).allSatisfy(r -> assertThat(r.text()).isNotBlank());
            });
    List<String> used =
        match.ladder().stream()
            .flatMap(rung -> rung.treatment().cleaner().stream())
            .map(Product::id)
            .toList();
    assertThat(match.ruledOut())
        .filteredOn(out -> out.kind() == RuledOut.Kind.PRODUCT)
        .extracting(RuledOut::itemId)
        .noneMatch(used::contains);
  }

  @ParameterizedTest
  @MethodSource("panels")
  void theSameQuestionGetsTheSameAnswer(Surface surface) {
    List<Product> turned = new ArrayList<>(PRODUCTS);
    java.util.Collections.reverse(turned);
    assertThat(Given.match(surface, new Shelf(turned, TOOLS)))
        .isEqualTo(Given.match(surface, SHOP));
  }

  private static final Shelf WITH_A_PAD =
      new Shelf(
          PRODUCTS,
          Stream.concat(
                  TOOLS.stream(), Stream.of(ATool.brush("pad", 6, Texture.FINE, Tool.Kind.PAD)))
              .toList());

  @Test
  void aSoiledSeatHasAtLeastTwoRungs() {
    Surface bolster = ASurface.of("leather/coated").soiled(Level.MODERATE).build();
    assertThat(Given.match(bolster, WITH_A_PAD).ladder()).hasSizeGreaterThanOrEqualTo(2);
  }

  /** What the delicate hide is offered, the tougher one would stand as well. */
  @Test
  void aMoreDelicateFinishIsNeverAskedToStandMore() {
    List<String> toughToDelicate =
        List.of("leather/coated", "leather/semi-aniline", "leather/aniline");
    for (Level level : List.of(Level.LIGHT, Level.MODERATE, Level.HEAVY)) {
      for (int i = 1; i < toughToDelicate.size(); i++) {
        Surface delicate = ASurface.of(toughToDelicate.get(i)).soiled(level).build();
        Surface tougher = ASurface.of(toughToDelicate.get(i - 1)).soiled(level).build();
        for (Rung rung : Given.match(delicate, SHOP).ladder()) {
          Verdict onTougher = Given.JUDGE.judge(Given.place(tougher), rung.treatment());
          assertThat(onTougher.isOffered()).as(rung.treatment().key()).isTrue();
        }
      }
    }
  }

  @Test
  void noSteamIsFetchedForDust() {
    Surface mat =
        ASurface.of("rubber/seal-or-mat")
            .role(Role.FLOOR)
            .grain(Texture.DEEP)
            .soiled(Level.CAKED, Soil.DUST)
            .at(8)
            .build();
    Shelf shelf =
        Given.shelf(
            CONCENTRATE,
            ATool.of(Tool.Kind.CLOTH),
            ATool.of(Tool.Kind.STEAMER),
            ATool.LEATHER_BRUSH);
    assertThat(Given.match(mat, shelf).ladder())
        .first()
        .extracting(rung -> rung.treatment().warmth())
        .isNotEqualTo(Warmth.STEAM);
  }

  @Test
  void aCleanPanelIsLeftAlone() {
    SurfaceMatch match = Given.match(ASurface.of("leather/coated").build(), SHOP);
    assertThat(match.ladder()).isEmpty();
    assertThat(match.refer()).isEmpty();
  }

  @Test
  void theLastRungSaysToStopThere() {
    Surface bolster = ASurface.of("leather/coated").soiled(Level.HEAVY).build();
    List<Rung> ladder = Given.match(bolster, WITH_A_PAD).ladder();
    assertThat(ladder.get(ladder.size() - 1).leadsOn()).contains("the last rung is at pH");
    assertThat(ladder.get(0).leadsOn()).contains("leads to the next rung");
    assertThat(ladder.get(0).endPoint()).contains("white face").contains("2 to 6 GU");
  }

  @Test
  void anOpenBottleIsTakenBeforeASealedOneThatDoesTheSame() {
    Product sealed = AProduct.cleaner("a-sealed", 5).build();
    Product open =
        AProduct.cleaner("b-open", 5).opened(java.time.LocalDate.of(2026, 5, 1), 365).build();
    Surface panel = ASurface.of("leather/coated").soiled(Level.MODERATE).build();
    Rung rung = first(panel, Given.shelf(sealed, open, ATool.SOFT_BRUSH)).orElseThrow();
    assertThat(rung.treatment().cleaner()).contains(open);
  }

  @Test
  void aNextRungIsNeverABottleThatMustNotMeetTheOneBefore() {
    Product anionic = AProduct.cleaner("anionic", 4).traits(Product.Trait.ANIONIC).build();
    Product quats = AProduct.cleaner("quats", 9).traits(Product.Trait.QUATS).build();
    Surface panel = ASurface.of("plastic/textured").role(Role.TRIM).soiled(Level.LIGHT).build();
    List<Rung> ladder =
        Given.match(panel, Given.shelf(anionic, quats, ATool.SOFT_BRUSH, ATool.LEATHER_BRUSH))
            .ladder();
    for (int i = 1; i < ladder.size(); i++) {
      assertThat(
              attune.core.shelf.NeverMix.between(
                  ladder.get(i - 1).treatment().cleaner(), ladder.get(i).treatment().cleaner()))
          .isEmpty();
    }
    assertThat(ladder).hasSizeGreaterThan(1);
  }
}
