package attune.app.format;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * The columns of a shelf CSV, taken from the attune-shelf schema so that the two cannot drift
 * apart: an object's fields are {@code dwellS.min}, a list is joined with {@code |}, a list of
 * pairs is {@code 1:10=8.6|1:4=9.1}.
 */
final class ShelfColumns {
  /** Says whether a row is a product or a tool. */
  static final String ITEM = "item";

  /** How a cell is written. */
  enum Form {
    TEXT,
    NUMBER,
    WHOLE,
    YES_NO,
    LIST,
    PAIRS
  }

  /**
   * A column.
   *
   * @param field field of the record
   * @param part field of that object, or null
   */
  record Column(String name, String field, @Nullable String part, Form form) {}

  private final Map<String, Map<String, Column>> byItem = new LinkedHashMap<>();

  ShelfColumns(JsonMapper mapper) {
    JsonNode definitions = mapper.readTree(Schemas.text(SchemaName.SHELF)).get("$defs");
    for (String item : List.of("product", "tool")) {
      Map<String, Column> columns = new LinkedHashMap<>();
      definitions
          .get(item)
          .get("properties")
          .properties()
          .forEach(
              property ->
                  columns(property.getKey(), property.getValue())
                      .forEach(column -> columns.put(column.name(), column)));
      byItem.put(item, columns);
    }
  }

  private static List<Column> columns(String field, JsonNode rule) {
    if (!rule.path("type").asString("").equals("object")) {
      return List.of(new Column(field, field, null, form(rule)));
    }
    List<Column> parts = new ArrayList<>();
    rule.get("properties")
        .properties()
        .forEach(
            part ->
                parts.add(
                    new Column(
                        field + "." + part.getKey(), field, part.getKey(), form(part.getValue()))));
    return parts;
  }

  private static Form form(JsonNode rule) {
    return switch (rule.path("type").asString("string")) {
      case "number" -> Form.NUMBER;
      case "integer" -> Form.WHOLE;
      case "boolean" -> Form.YES_NO;
      case "array" -> rule.at("/items/type").asString("").equals("object") ? Form.PAIRS : Form.LIST;
      default -> Form.TEXT;
    };
  }

  /** Columns of a kind of item, or empty when there is no such kind. */
  Map<String, Column> of(String item) {
    return byItem.getOrDefault(item, Map.of());
  }

  /** The whole header, each name once. */
  List<String> header() {
    List<String> names = new ArrayList<>(List.of(ITEM));
    byItem.values().stream()
        .flatMap(columns -> columns.keySet().stream())
        .distinct()
        .forEach(names::add);
    return names;
  }
}
