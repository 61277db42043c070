package attune.app;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.support.Api;
import attune.app.support.RunningAttune;
import attune.app.support.RunningAttune.Running;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** What was written yesterday is there today. */
class DataStaysTest {
  @Test
  void aJobItsHistoryAndItsTicksOutliveARestart(@TempDir Path data) {
    String surveyed;
    String running;
    try (Running first = RunningAttune.start(data)) {
      Api api = first.api();
      assertThat(api.get("/api/v1/day").json()).isEmpty();
      surveyed = api.surveyedJob("Kept");
      running = api.surveyedJob("Kept at the bench");
      api.post("/api/v1/jobs/" + running + "/bench");
      api.tell(running, "receive", "done");
      api.tell(running, "inspect", "started");
    }
    try (Running second = RunningAttune.start(data)) {
      Api api = second.api();
      assertThat(api.get("/api/v1/day").json()).hasSize(2);
      JsonNode job = api.get("/api/v1/jobs/" + surveyed).json();
      assertThat(job.at("/document/surfaces")).hasSize(3);
      JsonNode undone = api.post("/api/v1/jobs/" + surveyed + "/undo").json();
      assertThat(undone.at("/document/surfaces")).isEmpty();
      JsonNode bench = api.get("/api/v1/jobs/" + running + "/bench").json();
      assertThat(bench.get("tasksDone").asInt()).isEqualTo(1);
      assertThat(bench.toString()).contains("\"running\"");
    }
  }
}
