package attune.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.support.Api;
import attune.app.support.RunningAttune;
import attune.app.support.RunningAttune.Running;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** The demo is worth looking at whatever the calendar says. */
class DemoOnAnyDayTest {
  @TempDir Path data;

  private static List<JsonNode> list(JsonNode node) {
    return StreamSupport.stream(node.spliterator(), false).toList();
  }

  private static JsonNode job(List<JsonNode> day, String vehicle) {
    return day.stream()
        .map(entry -> entry.get("job"))
        .filter(job -> job.get("vehicleLabel").asString().startsWith(vehicle))
        .filter(job -> !job.get("state").asString().equals("handed-over"))
        .findFirst()
        .orElseThrow();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "2026-06-09T08:15", // a Tuesday in June
        "2026-11-27T21:30", // late on a Friday in winter
        "2026-06-14T23:50", // a Sunday, shortly before midnight
        "2028-02-29T08:15",
        "2026-03-29T08:15", // the clocks went forward that night
        "2026-10-25T08:15", // and back
      })
  void workIsUnderWaySomethingIsDueAndAtRiskAndTheWeatherLetsOneWork(String clock) {
    try (Running running =
        RunningAttune.start(
            data,
            "--attune.clock=" + clock,
            "--attune.demo=true",
            "--attune.shop=Lantern Yard Trim Care")) {
      Api api = running.api();
      List<JsonNode> day = list(api.get("/api/v1/day").json());
      assertThat(day)
          .as("under way")
          .anySatisfy(
              entry ->
                  assertThat(entry.path("cardsDone").asInt())
                      .isBetween(1, entry.path("cardsTotal").asInt() - 1))
          .as("the whole estate is worked in 45 cards")
          .allSatisfy(entry -> assertThat(entry.path("cardsTotal").asInt()).isBetween(0, 45));
      Set<String> watched =
          list(api.get("/api/v1/watch").json()).stream()
              .map(thing -> thing.get("kind").asString())
              .collect(Collectors.toSet());
      assertThat(watched).contains("promise-at-risk").containsAnyOf("care-due", "low-stock");
      JsonNode helm = job(day, "Tidewren");
      assertThat(helm.get("startAt").asString()).as("not begun in the past").isGreaterThan(clock);
      JsonNode hours = api.get("/api/v1/jobs/" + helm.get("id").asString() + "/forecast").json();
      assertThat(hours.get("says").asString()).startsWith("Best begun");
      assertThat(hours.get("hours").get(0).get("at").asString())
          .startsWith(helm.get("startAt").asString().substring(0, 10));
    }
  }
}
