package attune.app.format;

import attune.core.check.Fault;
import attune.core.check.InvalidInputException;
import attune.core.check.Known;
import attune.core.words.Lists;
import attune.core.words.Phrases;
import com.networknt.schema.Error;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Reads JSON and validates it against the published schemas; every fault names pointer, found and
 * allowed.
 */
@Component
public class Schemas {
  private static final Phrases PHRASES = Phrases.of(Schemas.class);

  /** Largest file read, in bytes: a cabin of 400 surfaces with a long history is well under it. */
  public static final int MOST_BYTES = 8 * 1024 * 1024;

  private static final int MOST_DEPTH = 40;
  private static final int SHOWN = 60;

  private final JsonMapper mapper =
      JsonMapper.builder(
              JsonFactory.builder()
                  .streamReadConstraints(
                      StreamReadConstraints.builder().maxNestingDepth(MOST_DEPTH).build())
                  .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                  .build())
          .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
          .build();
  private final Map<SchemaName, Schema> schemas = new EnumMap<>(SchemaName.class);

  public Schemas() {
    Map<String, String> sources =
        Arrays.stream(SchemaName.values()).collect(Collectors.toMap(SchemaName::id, Schemas::text));
    SchemaRegistry registry =
        SchemaRegistry.withDefaultDialect(
            SpecificationVersion.DRAFT_2020_12, builder -> builder.schemas(sources));
    for (SchemaName name : SchemaName.values()) {
      schemas.put(name, registry.getSchema(text(name)));
    }
  }

  /** The schema's own text, as published. */
  public static String text(SchemaName name) {
    try (InputStream in = Schemas.class.getResourceAsStream(name.resource())) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /**
   * Parses and validates.
   *
   * @throws InvalidInputException with every fault found
   */
  public JsonNode read(SchemaName name, String json) {
    if (json.length() > MOST_BYTES) {
      throw new InvalidInputException(
          "", PHRASES.say("characters", json.length()), PHRASES.say("at-most", MOST_BYTES));
    }
    JsonNode node = parse(json);
    List<Fault> faults = faults(name, node);
    if (!faults.isEmpty()) {
      throw new InvalidInputException(faults);
    }
    return node;
  }

  private JsonNode parse(String json) {
    try {
      JsonNode node = mapper.readTree(json.startsWith("\uFEFF") ? json.substring(1) : json);
      if (node == null || node.isMissingNode()) {
        throw new InvalidInputException("", Fault.NOTHING, PHRASES.say("a-json-object"));
      }
      return node;
    } catch (JacksonException e) {
      var at = e.getLocation();
      String found =
          at == null
              ? PHRASES.say("text-that-is-not-json")
              : PHRASES.say("at-line-column", at.getLineNr(), at.getColumnNr());
      throw new InvalidInputException("", found, PHRASES.say("one-json-object"));
    }
  }

  /** Every fault of a parsed document; none when it is valid. */
  public List<Fault> faults(SchemaName name, JsonNode node) {
    Set<Fault> faults = new LinkedHashSet<>();
    for (Error error : Known.of(schemas, name).validate(node)) {
      faults.add(fault(error));
    }
    return List.copyOf(faults);
  }

  private static Fault fault(Error error) {
    String pointer = error.getInstanceLocation().toString();
    String base = pointer.equals("/") ? "" : pointer;
    JsonNode rule = error.getSchemaNode();
    return switch (error.getKeyword()) {
      case "required" ->
          new Fault(
              base + "/" + error.getProperty(),
              Fault.NOTHING,
              PHRASES.say("this-field-is-required"));
      case "additionalProperties", "unevaluatedProperties" ->
          new Fault(
              base + "/" + error.getProperty(),
              PHRASES.say("an-unknown-field"),
              PHRASES.say("only-the-fields-of-the"));
      default -> new Fault(base, found(error.getInstanceNode()), allowed(error, rule));
    };
  }

  private static String found(JsonNode node) {
    if (node == null) {
      return Fault.NOTHING;
    }
    if (node.isObject() || node.isArray()) {
      return PHRASES.say(
          "of", node.isObject() ? PHRASES.say("an-object") : PHRASES.say("a-list"), node.size());
    }
    String text = node.toString();
    return text.length() > SHOWN ? text.substring(0, SHOWN) + "…" : text;
  }

  private static String allowed(Error error, JsonNode rule) {
    return switch (error.getKeyword()) {
      case "enum" -> PHRASES.say("one-of", list(rule));
      case "const" -> rule.toString();
      case "type" -> PHRASES.say("a-value-of-type", rule.asString());
      case "minimum" -> PHRASES.say("at-least", plain(rule));
      case "maximum" -> PHRASES.say("at-most", plain(rule));
      case "minItems" -> PHRASES.say("at-least-of-them", rule);
      case "maxItems" -> PHRASES.say("at-most-of-them", rule);
      case "minLength" -> PHRASES.say("at-least-character", rule);
      case "maxLength" -> PHRASES.say("at-most-characters", rule);
      case "uniqueItems" -> PHRASES.say("each-value-once");
      case "pattern" -> PHRASES.say("text-of-the-form", rule.asString());
      default -> error.getMessage();
    };
  }

  private static String plain(JsonNode number) {
    return number.decimalValue().stripTrailingZeros().toPlainString();
  }

  private static String list(JsonNode values) {
    return values.valueStream().map(JsonNode::asString).collect(Lists.joining());
  }
}
