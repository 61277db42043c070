package attune.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.support.Api;
import attune.app.support.Api.Answer;
import attune.app.support.RunningAttune;
import attune.app.web.SpoiledFiles.Spoiled;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/**
 * Whatever file comes in, the answer says what is wrong, and what is kept can be shown. As many as
 * {@code attune.fuzz.files} says; {@code ./attune fuzz} sends more.
 */
@ExtendWith(RunningAttune.class)
class MalformedFilesTest {
  private static final int FILES = Integer.getInteger("attune.fuzz.files", 120);
  private static final long SEED = Long.getLong("attune.fuzz.seed", 18);
  private static final String PATCHES =
      "{\"trim\":{\"x\":0,\"y\":0,\"w\":1,\"h\":1},\"clean\":{\"x\":0,\"y\":0,\"w\":1,\"h\":1},"
          + "\"faces\":[{\"x\":0,\"y\":0,\"w\":1,\"h\":1}]}";

  @Test
  void noFileIsAnsweredByAFailureOrShowsTheInside(Api api) {
    String job = api.newJob("Whatever file comes in", "five-seat");
    String photos = "/api/v1/jobs/" + job + "/photos";
    String product = api.get("/api/v1/shelf").json().at("/products/0/id").asString();
    Map<String, Function<Spoiled, Answer>> ways = new LinkedHashMap<>();
    ways.put("photo", f -> api.postFile(photos + "?moment=found", f.name(), f.bytes()));
    ways.put(
        "safety sheet",
        f ->
            api.postFile(
                "/api/v1/shelf/products/" + product + "/safety-sheet", f.name(), f.bytes()));
    ways.put("cloth", f -> api.postPhoto("/api/v1/cloth-reading/photo", f.bytes(), PATCHES));
    ways.put("half and half", f -> api.postPhoto("/api/v1/half-and-half/photo", f.bytes(), "{}"));
    ways.put("shelf", f -> api.postText("/api/v1/shelf/import?dryRun=true", text(f.bytes())));
    ways.put("all data", f -> api.postZip("/api/v1/import", f.bytes()));
    List<String> faults = new ArrayList<>();
    for (Spoiled file : new SpoiledFiles(SEED).some(FILES)) {
      ways.forEach(
          (way, send) -> {
            Answer answer = send.apply(file);
            if (answer.status() >= 500 || MalformedRequestsTest.showsInside(answer)) {
              faults.add(way + " " + file.name() + ": " + answer.status() + " " + answer.text());
            }
          });
    }
    assertThat(faults).isEmpty();
    for (var kept : api.get(photos).json()) {
      String picture = photos + "/" + kept.get("id").asString() + "/picture";
      assertThat(api.get(picture).status()).as(picture).isEqualTo(200);
    }
  }

  private static String text(byte[] bytes) {
    return new String(bytes, StandardCharsets.ISO_8859_1);
  }
}
