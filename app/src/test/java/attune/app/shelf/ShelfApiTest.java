package attune.app.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.support.Api;
import attune.app.support.Api.Answer;
import attune.app.support.RunningAttune;
import attune.app.support.RunningAttune.Running;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/**
 * Bringing a shelf in: said first, all or nothing, and a run keeps the bottles it was planned with.
 */
class ShelfApiTest {
  private static final String NEW_TOOL = "item,id,name,kind,stiffness\ntool,%s,%s,brush,3\n";

  private static Answer bringIn(Api api, String file, boolean dryRun) {
    return api.postText("/api/v1/shelf/import?dryRun=" + dryRun, file);
  }

  @Test
  void aShelfIsBroughtInAndARunKeepsItsOwn(@TempDir Path data) {
    try (Running attune = RunningAttune.start(data)) {
      Api api = attune.api();
      saidFirst(api);
      allOrNothing(api);
      wholeShelfComesBackUnchanged(api);
      tenThousandRowsAreCountedAsTheyComeIn(api);
      aRunKeepsItsNames(api);
    }
  }

  private static int tools(Api api) {
    return api.get("/api/v1/shelf").json().get("tools").size();
  }

  private static void saidFirst(Api api) {
    int before = tools(api);
    JsonNode dry = bringIn(api, NEW_TOOL.formatted("goat", "Goat brush"), true).json();
    assertThat(dry.get("done").asBoolean()).isFalse();
    assertThat(dry.get("added").toString()).contains("Goat brush");
    assertThat(tools(api)).isEqualTo(before);
    JsonNode done = bringIn(api, NEW_TOOL.formatted("goat", "Goat brush"), false).json();
    assertThat(done.get("done").asBoolean()).isTrue();
    assertThat(tools(api)).isEqualTo(before + 1);
    JsonNode renamed = bringIn(api, NEW_TOOL.formatted("goat", "Goat hair brush"), false).json();
    assertThat(renamed.get("changed").toString()).contains("Goat hair brush");
    JsonNode again = bringIn(api, NEW_TOOL.formatted("goat", "Goat hair brush"), false).json();
    assertThat(again.get("same").asInt()).isEqualTo(1);
  }

  private static void allOrNothing(Api api) {
    int before = tools(api);
    Answer refused =
        bringIn(api, NEW_TOOL.formatted("fine", "Fine") + "tool,bad,Bad,brush,30\n", false);
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.fault().get("pointer").asString()).isEqualTo("line 3, stiffness");
    assertThat(tools(api)).isEqualTo(before);
    Answer clash = bringIn(api, "item,id,name,roles\nproduct,goat,Goat soap,cleaner\n", false);
    assertThat(clash.status()).isEqualTo(422);
    assertThat(clash.fault().get("allowed").asString()).contains("it is a tool");
    assertThat(bringIn(api, "{\"format\":\"attune-shelf\"}", false).status()).isEqualTo(422);
  }

  private static void wholeShelfComesBackUnchanged(Api api) {
    Answer csv = api.get("/api/v1/shelf/csv");
    assertThat(csv.type()).startsWith("text/csv");
    JsonNode same = bringIn(api, csv.text(), true).json();
    assertThat(same.get("added")).isEmpty();
    assertThat(same.get("changed")).isEmpty();
  }

  private static void tenThousandRowsAreCountedAsTheyComeIn(Api api) {
    StringBuilder rows = new StringBuilder("item,id,name,kind,stiffness\n");
    for (int i = 0; i < 10_000; i++) {
      rows.append("tool,many-").append(i).append(",Brush ").append(i).append(",brush,3\n");
    }
    String watch = java.util.UUID.randomUUID().toString();
    assertThat(api.get("/api/v1/shelf/import/" + watch).status()).isEqualTo(404);
    String at = "/api/v1/shelf/import?dryRun=true&watch=" + watch;
    assertThat(api.postText(at, rows.toString()).json().get("added")).hasSize(10_000);
    JsonNode progress = api.get("/api/v1/shelf/import/" + watch).json();
    assertThat(progress.get("done").asInt()).isEqualTo(10_000);
    assertThat(progress.get("stage").asString()).isEqualTo("checking");
    assertThat(
            api.postText(at, rows + "tool,one-more,One more,brush,3\n")
                .fault()
                .get("allowed")
                .asString())
        .isEqualTo("at most 10000");
  }

  private static void aRunKeepsItsNames(Api api) {
    String job = api.surveyedJob("Kept names");
    JsonNode bench = api.post("/api/v1/jobs/" + job + "/bench").json();
    JsonNode plan = api.get("/api/v1/jobs/" + job + "/plan").json();
    String id = plan.at("/mixes/0/productId").asString();
    String name = name(api, id);
    assertThat(bench.toString()).contains(name);
    String renamed = api.get("/api/v1/shelf/csv").text().replace(name, "Another name");
    assertThat(bringIn(api, renamed, false).json().get("changed").size()).isPositive();
    assertThat(name(api, id)).isEqualTo("Another name");
    assertThat(api.get("/api/v1/jobs/" + job + "/bench").text())
        .contains(name)
        .doesNotContain("Another name");
  }

  private static String name(Api api, String id) {
    for (JsonNode product : api.get("/api/v1/shelf").json().get("products")) {
      if (product.get("id").asString().equals(id)) {
        return product.get("name").asString();
      }
    }
    throw new AssertionError("no product " + id);
  }
}
