package attune.core.reference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import attune.core.Given;
import attune.core.survey.HouseRules.HouseRule;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class ReferenceTablesTest {
  @Test
  void everyFigureSaysItsUnitAndItsSource() throws IOException {
    Set<String> pages = pages();
    assertThat(Given.FIGURES.all())
        .hasSizeGreaterThan(100)
        .allSatisfy(
            figure -> {
              assertThat(figure.unit()).as(figure.key()).isNotBlank();
              assertThat(isKnown(figure.source(), pages)).as(figure.toString()).isTrue();
              assertThat(figure.value()).as(figure.key()).isFinite();
            });
  }

  /**
   * A shop estimate, or a place in docs/trade that is there: a page, its numbered model or rule.
   */
  private static boolean isKnown(String source, Set<String> pages) {
    Matcher named = Pattern.compile("(models|time|rounds|judgement) ([ABC]?\\d+)").matcher(source);
    return named.find()
        ? pages.contains(named.group(1) + " " + named.group(2))
        : Stream.of("shop estimate", "work", "materials", "technique", "house rules")
            .anyMatch(source::startsWith);
  }

  /** Everything that has a number: a heading of the models, a row of the rules. */
  private static Set<String> pages() throws IOException {
    Set<String> pages = new HashSet<>();
    Pattern numbered = Pattern.compile("(?m)^(?:## |\\| )([ABC]?\\d+) ");
    for (String page : List.of("models", "time", "rounds", "judgement")) {
      Matcher found = numbered.matcher(Files.readString(Path.of("../docs/trade/" + page + ".md")));
      while (found.find()) {
        pages.add(page + " " + found.group(1));
      }
    }
    return pages;
  }

  @Test
  void noFigureIsLeftOverFromARuleThatIsGone() throws IOException {
    String code = sources();
    List<String> unused =
        Given.FIGURES.all().stream()
            .map(Figures.Figure::key)
            .filter(key -> !code.contains("\"" + key + "\""))
            .filter(key -> !code.contains("\"" + key.substring(0, key.lastIndexOf('.') + 1) + "\""))
            .toList();
    assertThat(unused).isEmpty();
  }

  private static String sources() throws IOException {
    try (Stream<Path> files = Files.walk(Path.of("src/main/java"))) {
      return files
          .filter(file -> file.toString().endsWith(".java"))
          .map(ReferenceTablesTest::read)
          .collect(Collectors.joining());
    }
  }

  private static String read(Path file) {
    try {
      return Files.readString(file, StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new java.io.UncheckedIOException(e);
    }
  }

  @Test
  void askingForAFigureThatIsNotThereIsAFaultOfTheProgram() {
    assertThatThrownBy(() -> Given.FIGURES.get("cleaning.nonsense"))
        .isInstanceOf(IllegalStateException.class)
        .hasMessageContaining("cleaning.nonsense");
  }

  @Test
  void aShopsOwnFigureStandsInItsPlaceAndTheStartingOnesStay() {
    Figures own = Given.FIGURES.with(java.util.Map.of("water.ph", 8.1, "day.opens", 600.0));
    assertThat(own.get("water.ph")).isEqualTo(8.1);
    assertThat(own.whole("day.opens")).isEqualTo(600);
    assertThat(own.all()).hasSameSizeAs(Given.FIGURES.all());
    assertThat(own.all())
        .filteredOn(figure -> figure.key().equals("water.ph"))
        .singleElement()
        .satisfies(figure -> assertThat(figure.source()).isEqualTo("the shop's own"));
    assertThat(Given.FIGURES.get("water.ph")).isEqualTo(7.4);
    assertThatThrownBy(() -> Given.FIGURES.with(java.util.Map.of("water.taste", 1.0)))
        .isInstanceOf(IllegalStateException.class)
        .hasMessageContaining("water.taste");
  }

  @Test
  void everyHouseRuleStandsAtOneOfItsSchoolsAndSaysWhy() {
    assertThat(Given.RULES.all())
        .hasSize(21)
        .allSatisfy(
            rule -> {
              assertThat(rule.schools()).contains(rule.standard());
              assertThat(rule.why()).isNotBlank();
              assertThat(Given.RULES.school(rule.key())).isEqualTo(rule.standard());
            });
  }

  @Test
  void aJobMayChooseAnotherSchoolAndTheRestStandsAsItWas() {
    var changed = Given.house("steam", "no");
    assertThat(changed.is("steam", "no")).isTrue();
    assertThat(changed.changed("steam")).isTrue();
    assertThat(Given.RULES.changed("steam")).isFalse();
    assertThat(changed.all())
        .extracting(HouseRule::key)
        .filteredOn(key -> changed.changed(key))
        .containsExactly("steam");
  }

  @Test
  void aTableWithAShortRowIsNamedByLine() {
    assertThatThrownBy(() -> Table.read("t.csv", List.of("a,b", "1,2", "3"), row -> row.text("a")))
        .hasMessage("t.csv line 3: 1 cells for 2 columns");
    assertThatThrownBy(() -> Table.read("t.csv", List.of("a,b"), row -> row.text("a")))
        .hasMessageContaining("a header and at least one row");
    assertThatThrownBy(() -> Table.read("t.csv", List.of("a,b", ",2"), row -> row.text("a")))
        .hasMessageContaining("a is blank");
  }
}
