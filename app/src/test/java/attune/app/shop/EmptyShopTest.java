package attune.app.shop;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.support.Api;
import attune.app.support.Api.Answer;
import attune.app.support.RunningAttune;
import attune.app.support.RunningAttune.Running;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** A shop that has just been opened: nobody's bottles, and every page answers. */
class EmptyShopTest {
  private static final String STARTERS = "/api/v1/shelf/starters";

  @Test
  void startsWithNobodysBottlesAndPlansNothingItDoesNotOwn(@TempDir Path data) {
    try (Running attune = RunningAttune.start(data, RunningAttune.EMPTY)) {
      Api api = attune.api();
      JsonNode shelf = api.get("/api/v1/shelf").json();
      assertThat(shelf.get("products")).isEmpty();
      assertThat(shelf.get("tools")).isEmpty();
      String job = api.surveyedJob("The first car");
      String match = "/api/v1/jobs/" + job + "/surfaces/fl-cushion-centre/match";
      assertThat(api.get(match).json().at("/answer/ladder")).isEmpty();
      assertThat(api.get("/api/v1/jobs/" + job + "/plan").json().get("purchases")).isNotEmpty();
      for (String page :
          List.of("day", "week", "watch", "needs", "shelf/scales", "jobs/" + job + "/timetable")) {
        assertThat(api.get("/api/v1/" + page).status()).as(page).isEqualTo(200);
      }
    }
  }

  @Test
  void tickedToolsAreOnTheShelfAndWhatIsThereStays(@TempDir Path data) {
    try (Running attune = RunningAttune.start(data, RunningAttune.EMPTY)) {
      Api api = attune.api();
      assertThat(owned(api.get(STARTERS).json())).isZero();
      Answer ticked = api.post(STARTERS, "{\"tools\":[\"sponge-soft\",\"cloth-white\"]}");
      assertThat(owned(ticked.json())).isEqualTo(2);
      JsonNode tools = api.get("/api/v1/shelf").json().get("tools");
      assertThat(tools.findValuesAsString("id")).containsExactly("cloth-white", "sponge-soft");
      assertThat(tools.get(0).has("count")).as("nobody counted them yet").isFalse();
      api.post(STARTERS, "{\"tools\":[\"sponge-soft\",\"lamp\"]}");
      assertThat(owned(api.get(STARTERS).json())).isEqualTo(3);
      Answer refused = api.post(STARTERS, "{\"tools\":[\"lamp\",\"crowbar\"]}");
      assertThat(refused.status()).isEqualTo(422);
      assertThat(refused.fault().get("pointer").asString()).isEqualTo("/tools/1");
    }
  }

  private static long owned(JsonNode starters) {
    return starters.valueStream().filter(s -> s.get("owned").asBoolean()).count();
  }
}
