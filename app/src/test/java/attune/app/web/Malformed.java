package attune.app.web;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Requests made from the API's own document, most of them wrong in some way: types, bounds, depth,
 * size, what is missing or nothing, odd signs, somebody else's ids. Seeded.
 */
final class Malformed {
  private static final JsonMapper MAPPER = JsonMapper.shared();
  private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
  private static final int DEEPEST = 6;
  private static final String[] TEXTS = {
    "",
    " ",
    "a",
    "0",
    "-1",
    "null",
    "../../etc/passwd",
    "<script>alert(1)</script>",
    "\u0000",
    "\uD83E\uDDFD \u202Eolleh",
    "'; drop table job; --",
    "2026-02-30",
    "99:99",
    "+12026-11-27",
    "1:0",
    "1:99999999",
    "NaN",
    "%00%0a",
    "{}",
    "fl-cushion-centre",
    "leather/coated",
    "x".repeat(5000)
  };
  private static final double[] NUMBERS = {
    0, -1, 1, 1e308, -1e308, 0.5, 1e-320, 2147483648.0, 9.2e18, -2147483649.0, 3.7
  };
  private static final String[] TYPES = {
    "application/json", "application/json", "application/json", "application/json", "*/*",
    "text/plain", "application/xml", "multipart/form-data; boundary=q", "multipart/form-data",
        "nonsense",
    "application/x-ndjson", ""
  };

  /** A request to send. */
  record Request(String method, String path, String type, String body) {}

  private record Operation(String method, String path, JsonNode of) {}

  private final Random random;
  private final JsonNode schemas;
  private final List<Operation> operations = new ArrayList<>();
  private final List<String> ids;

  /**
   * @param ids of what there is
   */
  Malformed(JsonNode document, List<String> ids, long seed) {
    this.random = new Random(seed);
    this.ids = ids;
    this.schemas = document.at("/components/schemas");
    document
        .get("paths")
        .properties()
        .forEach(
            path ->
                path.getValue()
                    .properties()
                    .forEach(
                        method ->
                            operations.add(
                                new Operation(
                                    method.getKey().toUpperCase(java.util.Locale.ROOT),
                                    path.getKey(),
                                    method.getValue()))));
  }

  int operations() {
    return operations.size();
  }

  /** The next one; every operation comes in its turn. */
  Request next(int n) {
    Operation operation = operations.get(n % operations.size());
    String path = path(operation);
    JsonNode body = operation.of().at("/requestBody/content");
    if (body.isMissingNode() || body.isEmpty()) {
      return new Request(operation.method(), path, "", odd() ? "{\"x\":1}" : null);
    }
    JsonNode schema = body.properties().iterator().next().getValue().path("schema");
    String type = odd() ? pick(TYPES) : "application/json";
    if (type.startsWith("multipart")) {
      return new Request(operation.method(), path, type, part());
    }
    String text = MAPPER.writeValueAsString(value(schema, 0));
    return new Request(operation.method(), path, type, odd() ? broken(text) : text);
  }

  private String part() {
    return "--q\r\nContent-Disposition: form-data; name=\"file\"; filename=\"a.png\"\r\n\r\n"
        + pick(TEXTS)
        + (random.nextBoolean() ? "\r\n--q--\r\n" : "");
  }

  private String broken(String text) {
    return switch (random.nextInt(4)) {
      case 0 -> text.substring(0, random.nextInt(text.length() + 1));
      case 1 -> "[".repeat(3000);
      case 2 -> "[" + text + "]";
      default -> text + text;
    };
  }

  private boolean odd() {
    return random.nextInt(6) == 0;
  }

  private String pick(String[] of) {
    return of[random.nextInt(of.length)];
  }

  private String path(Operation operation) {
    StringBuilder path = new StringBuilder();
    for (String part : operation.path().split("(?=/)")) {
      path.append(part.contains("{") ? "/" + encoded(id()) : part);
    }
    StringBuilder query = new StringBuilder();
    for (JsonNode parameter : operation.of().path("parameters")) {
      if (parameter.get("in").asString().equals("query") && !odd()) {
        String value =
            odd() ? pick(TEXTS) : MAPPER.writeValueAsString(value(parameter.path("schema"), 0));
        query.append(query.isEmpty() ? '?' : '&');
        query
            .append(parameter.get("name").asString())
            .append('=')
            .append(encoded(value.replace("\"", "")));
      }
    }
    return path + query.toString();
  }

  private static String encoded(String text) {
    return java.net.URLEncoder.encode(
            text.substring(0, Math.min(400, text.length())),
            java.nio.charset.StandardCharsets.UTF_8)
        .replace("+", "%20");
  }

  private String id() {
    return switch (random.nextInt(8)) {
      case 0 -> UUID.randomUUID().toString();
      case 1 -> pick(TEXTS).isEmpty() ? "-" : "fl-cushion-centre";
      case 2 -> "read-label";
      case 3 -> "%";
      default -> ids.get(random.nextInt(ids.size()));
    };
  }

  private JsonNode value(JsonNode given, int depth) {
    JsonNode schema = given;
    if (schema.has("$ref")) {
      String name = schema.get("$ref").asString();
      schema = schemas.path(name.substring(name.lastIndexOf('/') + 1));
    }
    if (odd()) {
      return wrong(depth);
    }
    if (schema.has("enum")) {
      JsonNode values = schema.get("enum");
      return values.get(random.nextInt(values.size()));
    }
    String type = schema.path("type").asString(schema.has("properties") ? "object" : "");
    return switch (type) {
      case "object" -> object(schema, depth);
      case "array" -> array(schema, depth);
      case "integer" -> NODES.numberNode(odd() ? (long) number() : random.nextInt(100));
      case "number" -> NODES.numberNode(odd() ? number() : random.nextInt(1000) / 10.0);
      case "boolean" -> NODES.booleanNode(random.nextBoolean());
      default -> NODES.stringNode(text(schema));
    };
  }

  private String text(JsonNode schema) {
    if (odd()) {
      return pick(TEXTS);
    }
    return switch (schema.path("format").asString("")) {
      case "uuid" -> random.nextBoolean() ? UUID.randomUUID().toString() : id();
      case "date" -> "2026-06-0" + (1 + random.nextInt(9));
      case "date-time" -> "2026-06-09T08:15:00";
      default -> random.nextBoolean() ? "leather/coated" : pick(TEXTS);
    };
  }

  private double number() {
    return NUMBERS[random.nextInt(NUMBERS.length)];
  }

  private JsonNode wrong(int depth) {
    return switch (random.nextInt(6)) {
      case 0 -> NODES.nullNode();
      case 1 -> NODES.stringNode(pick(TEXTS));
      case 2 -> NODES.numberNode(number());
      case 3 -> NODES.arrayNode().add(NODES.nullNode());
      case 4 -> NODES.objectNode().put("unknown", depth);
      default -> NODES.booleanNode(true);
    };
  }

  private JsonNode object(JsonNode schema, int depth) {
    ObjectNode object = NODES.objectNode();
    if (depth > DEEPEST) {
      return object;
    }
    schema
        .path("properties")
        .properties()
        .forEach(
            property -> {
              if (!odd()) {
                object.set(property.getKey(), value(property.getValue(), depth + 1));
              }
            });
    if (schema.has("additionalProperties") && schema.get("additionalProperties").isObject()) {
      object.set(pick(TEXTS), value(schema.get("additionalProperties"), depth + 1));
    }
    return object;
  }

  private JsonNode array(JsonNode schema, int depth) {
    ArrayNode array = NODES.arrayNode();
    int size = depth > DEEPEST ? 0 : random.nextInt(3);
    for (int i = 0; i < size; i++) {
      array.add(value(schema.path("items"), depth + 1));
    }
    return array;
  }
}
