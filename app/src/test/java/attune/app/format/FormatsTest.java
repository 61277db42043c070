package attune.app.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import attune.app.reference.ReferenceData;
import attune.core.check.Coded;
import attune.core.check.InvalidInputException;
import attune.core.material.Finish;
import attune.core.material.Role;
import attune.core.shelf.Product;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Soil;
import attune.core.survey.Condition.Level;
import attune.core.survey.Condition.Wear;
import attune.core.survey.HouseRules.HouseRule;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The published schemas say what the core knows, and the shipped data keeps to them. */
class FormatsTest {
  private static final JsonMapper MAPPER = JsonMapper.shared();
  private static final Schemas SCHEMAS = new Schemas();
  private static final ReferenceData REFERENCE =
      new ReferenceData(new ShelfReader(SCHEMAS, MAPPER));
  private static final JsonNode JOB = MAPPER.readTree(Schemas.text(SchemaName.JOB));

  private static List<String> codes(Coded[] values) {
    return Arrays.stream(values).map(Coded::code).toList();
  }

  static Stream<Arguments> vocabularies() {
    return Stream.of(
        Arguments.of("soil", codes(Level.values())),
        Arguments.of("wear", codes(Wear.values())),
        Arguments.of("role", codes(Role.values())));
  }

  private static List<String> enumOf(JsonNode node) {
    return node.get("enum").valueStream().map(JsonNode::asString).toList();
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("vocabularies")
  void theSchemaKnowsTheWordsOfTheCore(String field, List<String> codes) {
    List<JsonNode> found = JOB.findValues(field);
    assertThat(found).isNotEmpty();
    assertThat(found)
        .filteredOn(node -> node.has("enum"))
        .isNotEmpty()
        .allSatisfy(node -> assertThat(enumOf(node)).containsExactlyInAnyOrderElementsOf(codes));
  }

  @Test
  void theSchemaKnowsEverySoil() {
    String text = Schemas.text(SchemaName.JOB);
    for (Soil soil : Soil.values()) {
      assertThat(text).contains("\"" + soil.code() + "\"");
    }
  }

  @Test
  void theSchemaKnowsEveryFinishAndTheUnknownOne() {
    List<String> finishes = REFERENCE.finishes().all().stream().map(Finish::code).toList();
    List<String> allowed =
        JOB.findValues("finish").stream()
            .filter(node -> node.has("enum"))
            .findFirst()
            .map(FormatsTest::enumOf)
            .orElseThrow();
    assertThat(allowed).containsAll(finishes).contains("unknown").hasSize(finishes.size() + 1);
  }

  @Test
  void theStartingShelfKeepsToItsSchemaAndCoversTheWork() {
    JsonNode shelf = MAPPER.readTree(ReferenceData.startingShelfText());
    assertThat(SCHEMAS.faults(SchemaName.SHELF, shelf)).isEmpty();
    assertThat(REFERENCE.startingShelf().products()).hasSizeGreaterThanOrEqualTo(14);
    assertThat(REFERENCE.startingShelf().tools()).hasSizeGreaterThanOrEqualTo(14);
    for (ProductRole role :
        List.of(
            ProductRole.CLEANER,
            ProductRole.SPOT_REMOVER,
            ProductRole.CONDITIONER,
            ProductRole.PROTECTANT,
            ProductRole.COATING,
            ProductRole.SCREEN_CLEANER,
            ProductRole.NAP_PROTECTOR,
            ProductRole.DYE_BARRIER)) {
      assertThat(REFERENCE.startingShelf().withRole(role)).as(role.code()).isNotEmpty();
    }
  }

  @Test
  void everyLabelOnTheStartingShelfNamesFinishesThereAre() {
    for (Product product : REFERENCE.startingShelf().products()) {
      Stream.concat(product.labelAllows().stream(), product.labelExcludes().stream())
          .forEach(
              entry ->
                  assertThat(REFERENCE.finishes().all())
                      .as("%s names %s", product.name(), entry)
                      .anyMatch(finish -> finish.isNamedBy(entry)));
    }
  }

  /** A label that names no finish would lose what it keeps the bottle from. */
  @ParameterizedTest
  @ValueSource(strings = {"labelAllows", "labelExcludes"})
  void c6ATypingSlipInALabelIsRefusedByItsField(String field) {
    String shelf =
        """
        {"format":"attune-shelf","version":1,"tools":[],"products":[
         {"id":"a","name":"A","roles":["cleaner"],"%s":["leather/*","leather/anilin"]}]}
        """
            .formatted(field);
    assertThatThrownBy(() -> new ShelfReader(SCHEMAS, MAPPER).read(shelf))
        .isInstanceOfSatisfying(
            InvalidInputException.class,
            e ->
                assertThat(e.faults())
                    .singleElement()
                    .satisfies(
                        fault -> {
                          assertThat(fault.pointer()).isEqualTo("/products/0/" + field + "/1");
                          assertThat(fault.found()).contains("leather/anilin");
                        }));
  }

  @Test
  void everyHouseRuleIsAskedForByItsKey() {
    assertThat(REFERENCE.houseRules().all())
        .extracting(HouseRule::key)
        .contains("microsuede-agitation", "barrier-gap", "steam", "melamine");
  }
}
