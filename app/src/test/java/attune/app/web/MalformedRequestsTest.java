package attune.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.support.Api;
import attune.app.support.Api.Answer;
import attune.app.support.RunningAttune;
import attune.app.support.RunningAttune.Running;
import attune.app.web.Malformed.Request;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Whatever is sent, the answer says what is wrong and the shop goes on. As many requests as {@code
 * attune.fuzz} says; {@code ./attune fuzz} sends a hundred thousand.
 */
class MalformedRequestsTest {
  private static final int REQUESTS = Integer.getInteger("attune.fuzz", 800);
  private static final int BRIEF = 500;
  private static final long SEED = Long.getLong("attune.fuzz.seed", 18);
  private static final Pattern INSIDE =
      Pattern.compile("java\\.|attune\\.(app|core)|Exception|org\\.(spring|hibernate)");

  @Test
  void noRequestIsAnsweredByAFailureOrShowsTheInside(@TempDir Path data) throws IOException {
    JsonNode document = JsonMapper.shared().readTree(Files.readString(Path.of("openapi.json")));
    try (Running attune = RunningAttune.start(data)) {
      Api api = attune.api();
      String job = api.surveyedJob("Whatever is sent");
      api.post("/api/v1/jobs/" + job + "/bench");
      String customer =
          api.post("/api/v1/customers", "{\"name\":\"Somebody\"}").json().at("/id").asString(job);
      Malformed malformed = new Malformed(document, List.of(job, customer), SEED);
      List<String> faults = new ArrayList<>();
      for (int n = 0; n < REQUESTS; n++) {
        Request request = malformed.next(n);
        if (!isLongWay(request)) {
          fault(api, request).ifPresent(faults::add);
        }
      }
      assertThat(faults).isEmpty();
      for (String view :
          List.of(
              "/api/v1/day",
              "/api/v1/week",
              "/api/v1/shelf",
              "/api/v1/shop",
              "/api/v1/jobs/" + job + "/plan",
              "/api/v1/customers",
              "/api/v1/vehicles")) {
        assertThat(api.get(view).status()).as(view).isEqualTo(200);
      }
    }
  }

  /** A stream that never ends, and files of all data, which are asked for elsewhere. */
  private static boolean isLongWay(Request request) {
    return request.path().contains("/events")
        || request.path().contains("/export.zip")
        || request.path().startsWith("/api/v1/import")
        || request.path().startsWith("/api/v1/backups");
  }

  /** What is wrong with the answer, or nothing. */
  private static Optional<String> fault(Api api, Request request) {
    Answer answer = api.raw(request.method(), request.path(), request.type(), request.body());
    boolean fails = answer.status() >= 500;
    return fails || showsInside(answer)
        ? Optional.of(
            answer.status() + " " + brief(answer.text()) + " to " + brief(request.toString()))
        : Optional.empty();
  }

  static boolean showsInside(Answer answer) {
    return answer.status() >= 400 && INSIDE.matcher(answer.text()).find();
  }

  private static String brief(String text) {
    return text.substring(0, Math.min(BRIEF, text.length()));
  }
}
