package attune.app.bench;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.support.Api;
import attune.app.support.RunningAttune;
import attune.app.support.RunningAttune.Running;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What the server makes of a run, entry by entry, as cases the front end is held to: without a line
 * it has to come to the same. Refresh them with {@code -Dattune.cases.write=true}.
 */
class RunCasesTest {
  private static final JsonMapper MAPPER = JsonMapper.shared();
  private static final Path CASES = Path.of("../ui/src/bench/run-cases.json");
  private static final List<String> NEEDED =
      List.of(
          "id",
          "step",
          "surfaceIds",
          "covers",
          "needsHands",
          "look",
          "rung",
          "passes",
          "passesHigh",
          "lastPass",
          "state",
          "after");
  private static final int RUNS = 12;
  private static final int ENTRIES = 14;

  @Test
  void theCommittedCasesAreWhatTheServerMakesOfThem(@TempDir Path data) throws IOException {
    try (Running attune = RunningAttune.start(data)) { // as delivered, whatever other tests change
      hold(attune.api());
    }
  }

  private static void hold(Api api) throws IOException {
    Random random = new Random(5);
    ObjectNode all = MAPPER.createObjectNode();
    ArrayNode runs = all.putArray("runs");
    for (int i = 0; i < RUNS; i++) {
      String job = coated(api, i);
      JsonNode begun = api.post("/api/v1/jobs/" + job + "/bench").json();
      if (i == 0) {
        all.set("tasks", tasks(begun));
      }
      ArrayNode told = runs.addArray();
      JsonNode now = begun;
      for (int n = 0; n < ENTRIES && !open(now).isEmpty(); n++) {
        ObjectNode entry = next(now, random);
        now = tell(api, job, entry);
        entry.set("then", states(now, begun));
        told.add(entry);
      }
    }
    if (Boolean.getBoolean("attune.cases.write")) {
      Files.writeString(CASES, MAPPER.writeValueAsString(all) + "\n");
    }
    assertThat(MAPPER.readTree(Files.readString(CASES)).equals(all))
        .as("ui/src/bench/run-cases.json is stale: run with -Dattune.cases.write=true")
        .isTrue();
  }

  /** A soiled bolster with a ladder, coated after; and a rim of suede. */
  private static String coated(Api api, int number) {
    String job = api.newJob("Case " + number, "five-seat");
    api.find(
        job,
        "\"finish\":\"leather/coated\",\"soil\":\"moderate\",\"soils\":[\"skin-oil\"],\"wear\":\"intact\"",
        "fl-cushion-bolster-outer");
    api.find(
        job,
        "\"finish\":\"microsuede/synthetic\",\"soil\":\"moderate\",\"soils\":[\"skin-oil\"],"
            + "\"wear\":\"intact\",\"nap\":\"matted\"",
        "wheel-rim");
    api.patch(
        "/api/v1/jobs/" + job,
        "{\"wishes\":{\"protection\":\"coating\"},\"setting\":{\"start\":\"2026-06-01T09:00\"}}");
    return job;
  }

  private static ArrayNode tasks(JsonNode bench) {
    ArrayNode tasks = MAPPER.createArrayNode();
    for (JsonNode task : bench.get("tasks")) {
      ObjectNode slim = tasks.addObject();
      NEEDED.stream().filter(task::has).forEach(field -> slim.set(field, task.get(field)));
      ArrayNode answers = slim.putArray("answers");
      for (JsonNode answer : task.get("answers")) {
        ObjectNode one = answers.addObject();
        Stream.of("seen", "next", "lastNext", "topNext")
            .filter(answer::hasNonNull)
            .forEach(field -> one.set(field, answer.get(field)));
      }
    }
    return tasks;
  }

  private static List<JsonNode> open(JsonNode bench) {
    List<JsonNode> open = new ArrayList<>();
    for (JsonNode task : bench.get("tasks")) {
      boolean waits = List.of("waiting", "running").contains(task.get("state").asString());
      if (task.get("needsHands").asBoolean() && waits) {
        open.add(task);
      }
    }
    return open;
  }

  /** Something that may happen now: mostly to the next open steps. */
  private static ObjectNode next(JsonNode bench, Random random) {
    List<JsonNode> open = open(bench);
    JsonNode task = open.get(Math.min(open.size() - 1, random.nextInt(3)));
    ObjectNode entry = MAPPER.createObjectNode().put("taskId", task.get("id").asString());
    JsonNode answers = task.get("answers");
    boolean running = task.get("state").asString().equals("running");
    return switch (random.nextInt(8)) {
      case 0 -> entry.put("kind", "skipped");
      case 1 -> entry.put("kind", running ? "undone" : "started");
      default ->
          answers.isEmpty()
              ? entry.put("kind", "done")
              : entry
                  .put("kind", "seen")
                  .put("seen", answers.get(random.nextInt(answers.size())).get("seen").asString());
    };
  }

  private static JsonNode tell(Api api, String job, ObjectNode entry) {
    String task = entry.get("taskId").asString();
    return (entry.has("seen")
            ? api.see(job, task, entry.get("seen").asString())
            : api.tell(job, task, entry.get("kind").asString()))
        .json()
        .get("run");
  }

  /**
   * What is other than at the start: state and passes, by step; a replaced one is not in the run.
   */
  private static ObjectNode states(JsonNode now, JsonNode begun) {
    ObjectNode changed = MAPPER.createObjectNode();
    for (JsonNode before : begun.get("tasks")) {
      String id = before.get("id").asString();
      String was = state(before);
      String is = "replaced";
      for (JsonNode task : now.get("tasks")) {
        is = task.get("id").asString().equals(id) ? state(task) : is;
      }
      if (!is.equals(was)) {
        changed.put(id, is);
      }
    }
    return changed;
  }

  private static String state(JsonNode task) {
    String state = task.get("state").asString();
    boolean judged = task.get("needsHands").asBoolean() && !state.equals("replaced");
    return judged ? state + " " + task.get("passes").asInt() : state;
  }
}
