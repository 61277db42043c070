package attune.app.identify;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.support.Api;
import attune.app.support.Api.Answer;
import attune.app.support.RunningAttune;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningAttune.class)
class IdentifyApiTest {
  private static Answer ask(Api api, String role, String answers) {
    return api.post(
        "/api/v1/identify", "{\"role\":\"%s\",\"answers\":{%s}}".formatted(role, answers));
  }

  @Test
  void startsWithAQuestionAndEveryFinishASeatCouldBe(Api api) {
    JsonNode start = ask(api, "seat", "").json();
    assertThat(start.at("/next/answers").size()).isGreaterThanOrEqualTo(2);
    assertThat(start.get("ranking").size()).isGreaterThanOrEqualTo(7);
    assertThat(start.get("sure").asBoolean()).isFalse();
    assertThat(start.get("asked")).isEmpty();
  }

  @Test
  void endsSureAndSaysWhy(Api api) {
    JsonNode end =
        ask(api, "seat", "\"nap\":\"moves\",\"edge\":\"scrim\",\"weave\":\"no\",\"grain\":\"none\"")
            .json();
    assertThat(end.get("sure").asBoolean()).isTrue();
    assertThat(end.has("next")).isFalse();
    assertThat(end.at("/ranking/0/finish").asString()).isEqualTo("microsuede/synthetic");
    assertThat(end.at("/ranking/0/speaksFor").toString()).contains("It moves and shades");
    assertThat(end.get("asked")).hasSize(4);
  }

  @ParameterizedTest
  @CsvSource({
    "roof, '', /role",
    "seat, '\"nap\":\"perhaps\"', /answers/nap",
    "seat, '\"smell\":\"good\"', /answers/smell",
  })
  void whatCannotBeAskedIsNamed(String role, String answers, String pointer, Api api) {
    Answer refused = ask(api, role, answers);
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.fault().get("pointer").asString()).isEqualTo(pointer);
  }
}
