package attune.core.match;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import attune.core.AProduct;
import attune.core.ATool;
import attune.core.Given;
import attune.core.RandomPanels;
import attune.core.measure.PhNature;
import attune.core.shelf.Product;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Shelf;
import attune.core.shelf.Soil;
import attune.core.shelf.Tool;
import attune.core.survey.Craft;
import attune.core.survey.Setting;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;

/**
 * Thirty random cabins with every word the matcher says of them, kept in {@code answers.txt}: a
 * change to a rule shows there as what a specialist would read, and is looked over as such. Written
 * anew with {@code -Dattune.answers.write=true}.
 */
class AnswersTest {
  private static final Path KEPT = Path.of("src/test/resources/answers.txt");
  private static final int CABINS = 30;
  private static final int PANELS = 4;
  private static final List<String> SCHOOLS = List.of("gentlest", "balanced", "simplest");
  private static final Shelf SHOP =
      Given.shelf(
          AProduct.cleaner("mild", 4).onHand(400).build(),
          AProduct.cleaner("strong", 7).ph(9.7, PhNature.BUFFERED).onHand(30).build(),
          RandomPanels.CONCENTRATE,
          RandomPanels.NAP_FOAM,
          AProduct.of("glass", ProductRole.CLEANER)
              .strength(3)
              .goodAt(Soil.SKIN_OIL, Soil.DUST)
              .ph(7, PhNature.NEUTRAL_SURFACTANT)
              .allows("screen/*", "plastic/gloss")
              .dwell(0, 5)
              .build(),
          RandomPanels.SPOT_REMOVER,
          AProduct.of("stripper", ProductRole.DEGREASER)
              .strength(9)
              .ph(12.5, PhNature.STRONG_ALKALI)
              .build(),
          AProduct.of("nameless", ProductRole.CLEANER).phUnknown().build(),
          AProduct.of("milk", ProductRole.CONDITIONER).ph(6, PhNature.BUFFERED).build(),
          ATool.SPONGE,
          ATool.PAD,
          ATool.SOFT_BRUSH,
          ATool.LEATHER_BRUSH,
          ATool.STIFF_BRUSH,
          ATool.WHITE_BLOCK,
          ATool.DYED_CLOTH,
          ATool.of(Tool.Kind.HAND),
          ATool.of(Tool.Kind.MISTER),
          ATool.of(Tool.Kind.STEAMER));

  private static final Matcher MATCHER = new Matcher(Given.BOOK);

  private final RandomPanels random = new RandomPanels(20261128);

  @Test
  void theCommittedAnswersAreWhatTheMatcherSays() throws IOException {
    StringBuilder said = new StringBuilder();
    for (int i = 0; i < CABINS; i++) {
      cabin(i, said);
    }
    if (Boolean.getBoolean("attune.answers.write")) {
      Files.writeString(KEPT, said);
    }
    assertThat(said.toString().lines())
        .as("answers.txt is stale: look over what changes with -Dattune.answers.write=true")
        .containsExactlyElementsOf(Files.readAllLines(KEPT, UTF_8));
  }

  private void cabin(int number, StringBuilder said) {
    Setting setting = random.day();
    String school = SCHOOLS.get(number % SCHOOLS.size());
    List<Place> places = new ArrayList<>();
    for (int i = 0; i < PANELS; i++) {
      Craft craft = number % 10 == 9 ? Craft.AIRCRAFT : Craft.ROAD;
      boolean coats = random.upTo(4) == 0;
      places.add(
          Place.of(random.panel(i).build(), setting, Given.RULES, craft, coats, Given.BOOK, SHOP));
    }
    CabinMatch cabin = MATCHER.cabin(places, SHOP, school, Decisions.NONE);
    say(
        said,
        "== %d, %s, %.0f °C: cost %.3f of at least %.3f",
        number,
        school,
        setting.air().temperature().value(),
        cabin.cost(),
        cabin.lowerBound());
    cabin.surfaces().forEach(match -> answer(match, said));
    cabin.surfaces().forEach(match -> why(match, number, said));
  }

  /** What would have to change before one thing or another would do. */
  private static void why(SurfaceMatch match, int number, StringBuilder said) {
    List<Product> products = SHOP.products();
    for (int i = 0; i < 3; i++) {
      Product product = products.get((number + 3 * i) % products.size());
      why(product.id(), MATCHER.why(match.place(), product, SHOP), said);
    }
    for (int i = 0; i < 2; i++) {
      Tool tool = SHOP.tools().get((number + 5 * i) % SHOP.tools().size());
      why(tool.id(), MATCHER.why(match.place(), tool, SHOP), said);
    }
  }

  private static void why(String id, Why why, StringBuilder said) {
    say(said, "  why not %s: %s", id, why.reasons().stream().map(Reason::text).toList());
    why.remedies()
        .forEach(
            r ->
                say(
                    said,
                    "    %s %s %s",
                    r.possible(),
                    r.text(),
                    r.treatment().map(Treatment::key)));
  }

  private static void answer(SurfaceMatch match, StringBuilder said) {
    var s = match.place().surface();
    say(
        said,
        "%s %s, %s, %.2f m², %s %s, %s, %d months",
        s.finish(),
        s.role(),
        s.texture(),
        s.area().value(),
        s.condition().soil(),
        s.condition().soils(),
        s.condition().wear(),
        s.ageMonths());
    match.ladder().forEach(rung -> rung(rung, said));
    match.milder().ifPresent(rung -> say(said, "  milder %s", rung.treatment().key()));
    match.end().ifPresent(end -> say(said, "  end %s: %s", end.code(), end.text()));
    match.refer().ifPresent(refer -> say(said, "  refer %s: %s", refer.code(), refer.text()));
    match.cautions().forEach(c -> say(said, "  ! %s: %s", c.code(), c.text()));
    for (RuledOut out : match.ruledOut()) {
      for (Reason reason : out.reasons()) {
        say(said, "  - %s %s: %s", out.itemId(), reason.code(), reason.text());
      }
    }
    say(said, "  exposure %.2f, loss %.3f", match.exposure(), match.loss());
  }

  private static void rung(Rung rung, StringBuilder said) {
    Verdict v = rung.verdict();
    say(
        said,
        "  %s: %d to %d passes, action %.4f of %.4f, harm %.4f, %d sections of %.3f m², %.0f s",
        v.treatment().key(),
        rung.passesLow(),
        rung.passesHigh(),
        v.action(),
        v.needed(),
        v.harm(),
        v.sections().count(),
        v.sections().areaM2(),
        Math.min(v.sections().windowS(), 1e6));
    say(said, "    until %s; then %s; stop %s", rung.endPoint(), rung.leadsOn(), rung.stop());
    v.reasons().forEach(r -> say(said, "    %s %s: %s", r.effect(), r.code(), r.text()));
  }

  private static void say(StringBuilder said, String format, Object... arguments) {
    said.append(String.format(Locale.ROOT, format, arguments)).append('\n');
  }
}
