package attune.app.bench;

import attune.app.support.Api;
import attune.app.support.Api.Answer;
import attune.app.support.RunningAttune;
import attune.app.support.TestClock;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A run of a job of three panels, and what its cases ask of it. */
@ExtendWith(RunningAttune.class)
abstract class ARun {
  Api api;
  TestClock clock;
  String job;

  @BeforeEach
  void aRun(Api running, TestClock running2) {
    api = running;
    clock = running2;
    job = api.surveyedJob("A run");
  }

  Answer bench(String tail) {
    return api.post("/api/v1/jobs/" + job + "/bench" + tail);
  }

  JsonNode view() {
    return api.get("/api/v1/jobs/" + job + "/bench").json();
  }

  static List<JsonNode> tasks(JsonNode bench) {
    List<JsonNode> tasks = new ArrayList<>();
    bench.get("tasks").forEach(tasks::add);
    return tasks;
  }

  JsonNode task(String id) {
    return tasks(view()).stream()
        .filter(task -> task.get("id").asString().equals(id))
        .findFirst()
        .orElseThrow();
  }

  String state(String id) {
    return task(id).get("state").asString();
  }

  String entry(String id, String task, String kind, String more) {
    return "{\"id\":\"%s\",\"taskId\":\"%s\",\"kind\":\"%s\",\"at\":\"%s\"%s}"
        .formatted(id, task, kind, view().get("serverNow").asString(), more);
  }

  static String id(int n) {
    return "00000000-0000-4000-8000-%012d".formatted(n);
  }
}
