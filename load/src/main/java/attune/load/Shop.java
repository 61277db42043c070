package attune.load;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import io.gatling.javaapi.core.Session;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * The shop that is loaded: which of its jobs are ahead, under way and gone, and what is to tick.
 */
final class Shop {
  private static final int RUNS = 10;
  private static final int AHEAD = 30;
  private static final int GONE = 40;

  /** A step of a run, and what is seen of it when it went well. */
  private record Step(String task, String seen) {}

  private final HttpClient client = HttpClient.newHttpClient();
  private final ObjectMapper json = new ObjectMapper();
  private final String address;
  private final List<String> ahead = new ArrayList<>();
  private final List<String> gone = new ArrayList<>();
  private final List<String> runs = new ArrayList<>();
  private final Map<String, List<Step>> steps = new ConcurrentHashMap<>();
  private final Map<String, AtomicInteger> told = new ConcurrentHashMap<>();

  Shop(String address) {
    this.address = address;
    for (JsonNode line : ask("GET", "/api/v1/day", null)) {
      JsonNode job = line.get("job");
      String id = job.get("id").asText();
      switch (job.get("state").asText()) {
        case "handed-over" -> gone.add(id);
        case "bench" -> {}
        default -> ahead.add(id);
      }
    }
    while (runs.size() < RUNS && ahead.size() > 1) {
      begin(ahead.remove(0));
    }
    cut(ahead, AHEAD);
    cut(gone, GONE);
    if (runs.size() < RUNS || gone.isEmpty()) {
      throw new IllegalStateException(
          "found "
              + runs.size()
              + " jobs to work at and "
              + gone.size()
              + " that left; seed a shop");
    }
  }

  private static void cut(List<String> list, int most) {
    while (list.size() > most) {
      list.remove(list.size() - 1);
    }
  }

  private void begin(String id) {
    JsonNode run = ask("POST", "/api/v1/jobs/" + id + "/bench", "");
    List<Step> found = new ArrayList<>();
    for (JsonNode task : run.get("tasks")) {
      if (task.get("needsHands").asBoolean() && !task.get("state").asText().equals("held")) {
        found.add(new Step(task.get("id").asText(), well(task)));
      }
    }
    runs.add(id);
    steps.put(id, found);
    told.put(id, new AtomicInteger());
  }

  private static String well(JsonNode task) {
    for (JsonNode answer : task.get("answers")) {
      if (answer.get("next").asText().equals("done")) {
        return answer.get("seen").asText();
      }
    }
    return null;
  }

  private JsonNode ask(String method, String path, String body) {
    try {
      HttpRequest request =
          HttpRequest.newBuilder(URI.create(address + path))
              .method(
                  method, body == null ? BodyPublishers.noBody() : BodyPublishers.ofString(body))
              .header("Content-Type", "application/json")
              .build();
      String answer = client.send(request, BodyHandlers.ofString()).body();
      return json.readTree(answer);
    } catch (IOException e) {
      throw new UncheckedIOException(path, e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(path, e);
    }
  }

  /**
   * What somebody ticks next: two at each car, from its first step on, and from the first again.
   */
  Session next(Session session) {
    String run = runs.get(session.getInt("n") % runs.size());
    List<Step> all = steps.get(run);
    Step step = all.get(told.get(run).getAndIncrement() % all.size());
    var entry = json.createObjectNode();
    entry.put("id", UUID.randomUUID().toString());
    entry.put("taskId", step.task());
    entry.put("kind", step.seen() == null ? "done" : "seen");
    entry.put("at", "2026-01-01T00:00:00");
    entry.put("by", "Person " + session.getInt("n") % 2);
    if (step.seen() != null) {
      entry.put("seen", step.seen());
    }
    return session.set("run", run).set("entry", "{\"entries\":[" + entry + "]}");
  }

  String address() {
    return address;
  }

  List<String> ahead() {
    return ahead;
  }

  List<String> gone() {
    return gone;
  }

  List<String> runs() {
    return runs;
  }
}
