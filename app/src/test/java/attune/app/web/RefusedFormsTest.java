package attune.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.support.Api;
import attune.app.support.Api.Answer;
import attune.app.support.RunningAttune;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Forms that cannot be kept name the field, and change nothing. */
@ExtendWith(RunningAttune.class)
class RefusedFormsTest {
  private Api api;

  @BeforeEach
  void aShop(Api running) {
    api = running;
  }

  private static void isRefused(Answer answer, String pointer) {
    assertThat(answer.status()).isEqualTo(422);
    assertThat(answer.fault().get("pointer").asString()).isEqualTo(pointer);
  }

  @ParameterizedTest
  @CsvSource(
      quoteCharacter = '\'',
      value = {
        "tapPh,3,/tapPh",
        "alkalinity,-1,/alkalinity",
        "triggerMl,9,/triggerMl",
        "units,'\"imperial\"',/units",
        "currency,'\"euros\"',/currency",
        "locale,'\"xx\"',/locale",
        "opens,'\"25:00\"',/opens",
        "closes,'\"06:00\"',/closes",
        "closed,'[\"someday\"]',/closed/0",
        "people,'[]',/people",
        "people,'[{\"name\":\"A\",\"coats\":true,\"comes\":\"12:00\",\"goes\":\"11:00\"}]',/people/0/goes",
      })
  void ofTheShop(String field, String value, String pointer) {
    JsonNode before = api.get("/api/v1/shop").json();
    ObjectNode settings = (ObjectNode) before.deepCopy();
    settings.set(field, JsonMapper.shared().readTree(value));
    isRefused(api.put("/api/v1/shop", settings.toString()), pointer);
    assertThat(api.get("/api/v1/shop").json()).isEqualTo(before);
  }

  @ParameterizedTest
  @CsvSource(
      quoteCharacter = '\'',
      value = {
        "'{\"name\":\" \",\"uses\":[]}',/name",
        "'{\"name\":\"A\",\"email\":\"nowhere\",\"uses\":[]}',/email",
        "'{\"name\":\"A\",\"standard\":\"spotless\",\"uses\":[]}',/standard",
        "'{\"name\":\"A\",\"kmAYear\":-1,\"uses\":[]}',/kmAYear",
      })
  void ofACustomer(String json, String pointer) {
    isRefused(api.post("/api/v1/customers", json), pointer);
  }

  @ParameterizedTest
  @CsvSource(
      quoteCharacter = '\'',
      value = {
        "'{\"sizeMl\":0}',/sizeMl",
        "'{\"sizeMl\":100,\"leftMl\":200}',/leftMl",
        "'{\"sizeMl\":100,\"openedOn\":\"2026-03-01\",\"expiresOn\":\"2026-02-01\"}',/expiresOn",
      })
  void ofABottle(String json, String pointer) {
    isRefused(api.post("/api/v1/shelf/products/marlpit-mild/bottles", json), pointer);
  }
}
