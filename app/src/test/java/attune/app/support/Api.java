package attune.app.support;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
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

  private Answer send(String method, String path, String body) {
    return send(method, path, body, "application/json");
  }

  private Answer send(String method, String path, String body, String type) {
    HttpRequest request =
        HttpRequest.newBuilder(URI.create(base + path))
            .header("Content-Type", type)
            .method(method, body == null ? BodyPublishers.noBody() : BodyPublishers.ofString(body))
            .build();
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
