package attune.app.support;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;

/** Speaks to Attune as a browser that keeps its cookies, so that it stays signed in. */
public final class Browser {
  private static final int MOST_READ = 200_000;
  private final CookieManager cookies;
  private final HttpClient http;
  private final String base;

  public Browser(int port) {
    this(port, new CookieManager());
  }

  private Browser(int port, CookieManager cookies) {
    this.cookies = cookies;
    this.http = HttpClient.newBuilder().cookieHandler(cookies).build();
    this.base = "http://localhost:" + port;
  }

  /** The same, with its cookies, where Attune has been started anew. */
  public Browser at(int port) {
    return new Browser(port, cookies);
  }

  /** Sends JSON or nothing; of a stream that does not end only the beginning is read. */
  public Api.Answer send(String method, String path, String json) {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create(base + path))
            .method(method, json == null ? BodyPublishers.noBody() : BodyPublishers.ofString(json));
    if (json != null) {
      request.header("Content-Type", "application/json");
    }
    try {
      HttpResponse<InputStream> answer = http.send(request.build(), BodyHandlers.ofInputStream());
      String type = answer.headers().firstValue("Content-Type").orElse("");
      try (InputStream body = answer.body()) {
        String text =
            type.contains("json") || type.contains("csv")
                ? new String(body.readNBytes(MOST_READ), StandardCharsets.UTF_8)
                : "";
        return new Api.Answer(answer.statusCode(), text, type);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }
}
