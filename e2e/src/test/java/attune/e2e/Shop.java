package attune.e2e;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpClient.Version;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublisher;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.UUID;

/** A running Attune spoken to without a browser. */
record Shop(Process process, String address, HttpClient client) {
  private static final Duration PATIENCE = Duration.ofSeconds(60);

  Shop(Process process, String address) {
    this(process, address, HttpClient.newBuilder().version(Version.HTTP_1_1).build());
  }

  /** What came back; status 0 where nothing did, since it was ended in the middle. */
  record Answer(int status, String body) {
    boolean taken() {
      return status >= 200 && status < 300;
    }
  }

  Answer get(String path) {
    return send(HttpRequest.newBuilder(URI.create(address + path)).GET());
  }

  Answer json(String method, String path, String body) {
    return send(
        HttpRequest.newBuilder(URI.create(address + path))
            .header("Content-Type", "application/json")
            .method(method, BodyPublishers.ofString(body)));
  }

  Answer text(String path, String body) {
    return send(
        HttpRequest.newBuilder(URI.create(address + path))
            .header("Content-Type", "text/plain; charset=utf-8")
            .POST(BodyPublishers.ofString(body)));
  }

  /** Sends a file as a form does. */
  Answer file(String path, String name, byte[] bytes) {
    String boundary = "part" + UUID.randomUUID();
    return send(
        HttpRequest.newBuilder(URI.create(address + path))
            .header("Content-Type", "multipart/form-data; boundary=" + boundary)
            .POST(form(boundary, name, bytes)));
  }

  private static BodyPublisher form(String boundary, String name, byte[] bytes) {
    try {
      ByteArrayOutputStream form = new ByteArrayOutputStream();
      form.write(
          ("--"
                  + boundary
                  + "\r\nContent-Disposition: form-data; name=\"file\"; filename=\""
                  + name
                  + "\"\r\nContent-Type: image/png\r\n\r\n")
              .getBytes(StandardCharsets.UTF_8));
      form.write(bytes);
      form.write(("\r\n--" + boundary + "--\r\n").getBytes(StandardCharsets.UTF_8));
      return BodyPublishers.ofByteArray(form.toByteArray());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private Answer send(HttpRequest.Builder request) {
    try {
      HttpResponse<String> answer =
          client.send(request.timeout(PATIENCE).build(), BodyHandlers.ofString());
      return new Answer(answer.statusCode(), answer.body());
    } catch (IOException e) {
      return new Answer(0, "");
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      return new Answer(0, "");
    }
  }

  /** Ends it as a power cut would. */
  void kill() {
    process.destroyForcibly();
    process.onExit().join();
  }
}
