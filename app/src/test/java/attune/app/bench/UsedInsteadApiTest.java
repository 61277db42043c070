package attune.app.bench;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.support.Api;
import attune.app.support.RunningAttune;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Another bottle than planned was used: record, paper, history and stock say so. */
@ExtendWith(RunningAttune.class)
class UsedInsteadApiTest {
  private static final String PANEL = "fl-cushion-centre";

  private Api api;
  private String job;

  @BeforeEach
  void aRunOnWhichAnotherCleanerWasTaken(Api running) {
    api = running;
    job = api.surveyedJob("Another bottle");
    api.post("/api/v1/jobs/" + job + "/bench");
    api.tellRaw(job, swap("gorsefield-acid", "1:20"));
  }

  private String swap(String product, String ratio) {
    return "{\"id\":\"%s\",\"taskId\":\"clean-%s\",\"kind\":\"swapped\",\"at\":\"%s\",\"detail\":%s}"
        .formatted(
            UUID.randomUUID(),
            PANEL,
            get("/bench").get("serverNow").asString(),
            "{\"used\":{\"productId\":\"%s\",\"ratio\":\"%s\"}}".formatted(product, ratio));
  }

  private JsonNode get(String view) {
    return api.get("/api/v1/jobs/" + job + view).json();
  }

  private static String about(JsonNode list, String field, String value) {
    return list.valueStream()
        .filter(each -> each.get(field).asString().equals(value))
        .map(JsonNode::toString)
        .findFirst()
        .orElseThrow();
  }

  @Test
  void thePaperTheRecordAndTheHistoryNameWhatWasUsedAndNotWhatWasPlanned() {
    api.doEverything(job);
    assertThat(about(get("/handover").get("treated"), "surfaceId", PANEL))
        .contains("cleaned with Gorsefield");
    assertThat(get("/handover").get("treated").toString().split("Gorsefield"))
        .as("its neighbours were worked as planned")
        .hasSize(2);
    assertThat(about(get("/bench/record").get("used"), "productId", "gorsefield-acid"))
        .contains("\"ratio\":\"1:20\"");
    api.post("/api/v1/jobs/" + job + "/handover");
    String vehicle = get("").get("vehicleId").asString();
    JsonNode history = api.get("/api/v1/vehicles/" + vehicle + "/history").json();
    assertThat(history.toString()).contains("Gorsefield");
  }

  @Test
  void theBatchIsThatOfTheBottleInHandAndWhatNobodyHasIsRefused() {
    api.post(
        "/api/v1/shelf/products/marlpit-mild/bottles",
        "{\"sizeMl\":500,\"openedOn\":\"2026-05-01\",\"batch\":\"MILD-1\"}");
    api.doEverything(job);
    JsonNode used = get("/bench/record").get("used");
    assertThat(about(used, "productId", "gorsefield-acid")).doesNotContain("MILD-1");
    assertThat(api.tellRaw(job, swap("no-such", "1:20")).fault().get("pointer").asString())
        .isEqualTo("/entries/0/detail/used/productId");
  }

  @Test
  void aBottleBoughtWhileTheRunGoesOnIsCalledByItsNameOnThePaper() {
    String bought =
        api.post(
                "/api/v1/shelf/products",
                "{\"name\":\"Bought this morning\",\"roles\":[\"cleaner\"],\"ph\":7,"
                    + "\"phNature\":\"buffered\",\"strength\":4,\"supply\":\"ready\"}")
            .json()
            .at("/record/id")
            .asString();
    api.tellRaw(job, swap(bought, "ready"));
    api.doEverything(job);
    assertThat(about(get("/handover").get("treated"), "surfaceId", PANEL))
        .contains("cleaned with Bought this morning");
  }
}
