package attune.app.support;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Speaks to Attune as any client would. */
public final class Api {
  private static final JsonMapper MAPPER = JsonMapper.shared();
  private final HttpClient http = HttpClient.newHttpClient();
  private final String base;

  /** Status, body and its type. */
  public record Answer(int status, String text, String type) {
    public JsonNode json() {
      return MAPPER.readTree(text);
    }

    /** The first fault of a problem. */
    public JsonNode fault() {
      return json().at("/faults/0");
    }
  }

  Api(String base) {
    this.base = base;
  }

  public Answer get(String path) {
    return send("GET", path, null);
  }

  public Answer post(String path, String body) {
    return send("POST", path, body);
  }

  public Answer post(String path) {
    return send("POST", path, null);
  }

  public Answer postText(String path, String text) {
    return send("POST", path, text, "text/plain; charset=utf-8");
  }

  public Answer put(String path, String body) {
    return send("PUT", path, body);
  }

  public Answer delete(String path) {
    return send("DELETE", path, null);
  }

  public Answer patch(String path, String body) {
    return send("PATCH", path, body);
  }

  /** Sends a file as a form, as a browser does. */
  public Answer postFile(String path, String name, byte[] bytes) {
    return postFile(path, name, bytes, "");
  }

  /** The same with the patches to read beside it, as JSON. */
  public Answer postPhoto(String path, byte[] bytes, String patches) {
    return postFile(
        path,
        "cloth.png",
        bytes,
        "\r\n--attune-edge\r\nContent-Disposition: form-data; name=\"patches\";"
            + " filename=\"blob\"\r\nContent-Type: application/json\r\n\r\n"
            + patches);
  }

  private Answer postFile(String path, String name, byte[] bytes, String more) {
    String edge = "attune-edge";
    byte[] head =
        ("--%s\r\nContent-Disposition: form-data; name=\"file\"; filename=\"%s\"\r\n\r\n"
                .formatted(edge, name))
            .getBytes(StandardCharsets.UTF_8);
    byte[] tail = (more + "\r\n--" + edge + "--\r\n").getBytes(StandardCharsets.UTF_8);
    byte[] body = new byte[head.length + bytes.length + tail.length];
    System.arraycopy(head, 0, body, 0, head.length);
    System.arraycopy(bytes, 0, body, head.length, bytes.length);
    System.arraycopy(tail, 0, body, head.length + bytes.length, tail.length);
    HttpRequest request =
        HttpRequest.newBuilder(URI.create(base + path))
            .header("Content-Type", "multipart/form-data; boundary=" + edge)
            .POST(BodyPublishers.ofByteArray(body))
            .build();
    return answer(request);
  }

  /** The bytes of a file. */
  public byte[] bytes(String path) {
    try {
      return http.send(
              HttpRequest.newBuilder(URI.create(base + path)).build(), BodyHandlers.ofByteArray())
          .body();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }

  /** Lines as they come, of an answer that goes on. */
  public Stream<String> lines(String path) {
    try {
      return http.send(
              HttpRequest.newBuilder(URI.create(base + path)).build(), BodyHandlers.ofLines())
          .body();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }

  public Answer postLines(String path, String lines) {
    return send("POST", path, lines, "application/x-ndjson");
  }

  /** Sends a zip as it is. */
  public Answer postZip(String path, byte[] zip) {
    return answer(
        HttpRequest.newBuilder(URI.create(base + path))
            .header("Content-Type", "application/zip")
            .POST(BodyPublishers.ofByteArray(zip))
            .build());
  }

  /** A new job, by id. */
  public String newJob(String title, String layout) {
    Answer made =
        post(
            "/api/v1/jobs",
            "{\"title\":\"%s\",\"vehicle\":{\"label\":\"Pellarin Corvid saloon\",\"layout\":\"%s\"}}"
                .formatted(title, layout));
    return made.json().get("id").asString();
  }

  /** Lays a finding, given as the inside of a JSON object, on panels. */
  public Answer find(String job, String finding, String... panels) {
    return post(
        "/api/v1/jobs/" + job + "/findings",
        "{\"surfaceIds\":[\"%s\"],\"finding\":{%s}}"
            .formatted(String.join("\",\"", panels), finding));
  }

  /** A job with two surveyed seat panels and a soiled rim. */
  public String surveyedJob(String title) {
    String job = newJob(title, "five-seat");
    find(
        job,
        "\"finish\":\"leather/coated\",\"soil\":\"moderate\",\"soils\":[\"skin-oil\"],\"wear\":\"intact\"",
        "fl-cushion-centre",
        "fl-back-centre",
        "wheel-rim");
    return job;
  }

  /** Tells the bench that something happened to a step just now: done, started, undone. */
  public Answer tell(String job, String task, String kind) {
    return tell(job, task, kind, null);
  }

  /** Tells the bench what was seen at a step. */
  public Answer see(String job, String task, String seen) {
    return tell(job, task, "seen", seen);
  }

  private Answer tell(String job, String task, String kind, String seen) {
    String now = get("/api/v1/jobs/" + job + "/bench").json().get("serverNow").asString();
    return tellRaw(
        job,
        "{\"id\":\"%s\",\"taskId\":\"%s\",\"kind\":\"%s\",\"at\":\"%s\"%s}"
            .formatted(
                UUID.randomUUID(),
                task,
                kind,
                now,
                seen == null ? "" : ",\"seen\":\"" + seen + "\""));
  }

  /** Tells the bench whole entries, given as JSON objects. */
  public Answer tellRaw(String job, String... entries) {
    return post(
        "/api/v1/jobs/" + job + "/bench/entries",
        "{\"entries\":[" + String.join(",", entries) + "]}");
  }

  /** Ticks every step a run has open, as if all went well. */
  public void doEverything(String job) {
    for (JsonNode task : get("/api/v1/jobs/" + job + "/bench").json().get("tasks")) {
      if (task.get("needsHands").asBoolean() && !task.get("state").asString().equals("held")) {
        tell(job, task.get("id").asString(), "done");
      }
    }
  }

  /** Sends JSON with some headers more, as a browser adds its own. */
  public Answer sendWith(Map<String, String> headers, String method, String path, String body) {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create(base + path))
            .header("Content-Type", "application/json")
            .method(method, BodyPublishers.ofString(body));
    headers.forEach(request::header);
    return answer(request.build());
  }

  /** Sends anything, of any type or none. */
  public Answer raw(String method, String path, String type, String body) {
    HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(base + path));
    if (!type.isEmpty()) {
      request.header("Content-Type", type);
    }
    return answer(
        request
            .method(method, body == null ? BodyPublishers.noBody() : BodyPublishers.ofString(body))
            .build());
  }

  private Answer send(String method, String path, String body) {
    return send(method, path, body, "application/json");
  }

  private Answer send(String method, String path, String body, String type) {
    HttpRequest request =
        HttpRequest.newBuilder(URI.create(base + path))
            .header("Content-Type", type)
            .method(method, body == null ? BodyPublishers.noBody() : BodyPublishers.ofString(body))
            .build();
    return answer(request);
  }

  private Answer answer(HttpRequest request) {
    try {
      HttpResponse<String> response = http.send(request, BodyHandlers.ofString());
      return new Answer(
          response.statusCode(),
          response.body(),
          response.headers().firstValue("Content-Type").orElse(""));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }
}
