package attune.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.support.Api;
import attune.app.support.Api.Answer;
import attune.app.support.RunningAttune;
import com.networknt.schema.Error;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** What is answered is what the API's document says: each field, and no code it does not list. */
@ExtendWith(RunningAttune.class)
class ContractTest {
  private static final JsonMapper MAPPER = JsonMapper.shared();
  private static final SchemaRegistry REGISTRY =
      SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12);

  /** A view with where its answers are asked for. */
  private record Asked(String path, Schema schema) {}

  @Test
  void everyViewOfTheDemoAnswersAsTheDocumentSays(Api api) {
    JsonNode document = api.get("/api/v1/openapi.json").json();
    List<String> jobs = texts(api.get("/api/v1/day").json(), "/job/id");
    List<String> products = texts(api.get("/api/v1/shelf").json().get("products"), "/id");
    List<String> faults = new ArrayList<>();
    int answered = 0;
    for (Map.Entry<String, JsonNode> path : document.get("paths").properties()) {
      JsonNode schema = path.getValue().at("/get/responses/200/content/*~1*/schema");
      if (schema.isMissingNode() || path.getKey().endsWith("/json")) {
        continue; // a file to save is a text to the document
      }
      Asked asked = new Asked(path.getKey(), schema(document, schema));
      for (String url : urls(path.getKey(), path.getValue().get("get"), jobs, products)) {
        Answer answer = api.get(url);
        if (answer.status() == 200 && answer.text().matches("(?s)[\\[{].*")) {
          answered++;
          faults(asked, url, answer.json()).forEach(faults::add);
        }
      }
    }
    assertThat(faults).isEmpty();
    assertThat(answered).isGreaterThan(100);
  }

  private static Schema schema(JsonNode document, JsonNode schema) {
    ObjectNode whole = MAPPER.createObjectNode();
    whole.set("components", document.get("components"));
    whole.putArray("allOf").add(schema);
    return REGISTRY.getSchema(MAPPER.writeValueAsString(whole));
  }

  private static Stream<String> faults(Asked asked, String url, JsonNode answer) {
    List<Error> errors = asked.schema().validate(answer);
    return errors.stream().limit(3).map(e -> url + e.getInstanceLocation() + ": " + e.getMessage());
  }

  private static List<String> urls(
      String path, JsonNode get, List<String> jobs, List<String> products) {
    boolean asksMore =
        StreamSupport.stream(get.path("parameters").spliterator(), false)
            .anyMatch(p -> p.at("/required").asBoolean() && !p.at("/name").asString().equals("id"));
    if (asksMore) {
      return List.of();
    }
    if (!path.contains("{id}")) {
      return List.of(path);
    }
    List<String> ids =
        path.contains("/jobs/") ? jobs : path.contains("/products/") ? products : List.of();
    return ids.stream().map(id -> path.replace("{id}", id)).toList();
  }

  private static List<String> texts(JsonNode list, String pointer) {
    return StreamSupport.stream(list.spliterator(), false)
        .map(node -> node.at(pointer).asString())
        .toList();
  }
}
