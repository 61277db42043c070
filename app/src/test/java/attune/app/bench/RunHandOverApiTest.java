package attune.app.bench;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.support.Api.Answer;
import java.time.LocalDateTime;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The hand-over, from what the run was told. */
class RunHandOverApiTest extends ARun {
  private Answer handover() {
    return api.get("/api/v1/jobs/" + job + "/handover");
  }

  @Test
  void nothingIsHandedOverBeforeAnythingIsDone() {
    assertThat(handover().status()).isEqualTo(409);
    bench("");
    Answer close = api.post("/api/v1/jobs/" + job + "/handover");
    assertThat(close.status()).isEqualTo(409);
    assertThat(close.json().get("detail").asString()).contains("Nothing has been done");
  }

  @Test
  void theHandOverSaysWhatWasDoneAndWhen() {
    bench("");
    api.doEverything(job);
    JsonNode page = handover().json();
    assertThat(page.get("shop").asString()).isEqualTo("Lantern Yard Trim Care");
    assertThat(page.get("finished").asBoolean()).isTrue();
    assertThat(page.get("notDone")).isEmpty();
    assertThat(page.get("treated")).hasSize(3);
    assertThat(page.at("/treated/0/did").asString()).startsWith("cleaned with ");
    assertThat(page.at("/treated/0/found").asString()).isEqualTo("moderate skin oil");
    assertThat(page.get("gripChecks")).hasSize(1);
    assertThat(LocalDateTime.parse(page.at("/ready/sitAt").asString()))
        .isAfterOrEqualTo(LocalDateTime.parse(view().get("startedAt").asString()));
    assertThat(page.at("/care").size()).isPositive();
    assertThat(page.at("/used").size()).isPositive();
  }

  @Test
  void whatWasLeftOutIsPartOfTheRecordAndTheRecordStands() {
    bench("");
    for (JsonNode task : tasks(view())) {
      if (task.get("where").asString().startsWith("Front left cushion")) {
        api.tell(job, task.get("id").asString(), "done");
      }
    }
    JsonNode closed = api.post("/api/v1/jobs/" + job + "/handover").json();
    assertThat(closed.get("state").asString()).isEqualTo("handed-over");
    assertThat(closed.get("treated")).hasSize(1);
    assertThat(closed.get("notDone").toString())
        .contains("{\"what\":\"Clean\",\"panels\":2,\"zones\":[\"front left seat\",\"wheel\"]}");
    Answer late = api.tell(job, "clean-wheel-rim", "done");
    assertThat(late.status()).isEqualTo(409);
    assertThat(late.json().get("detail").asString()).contains("its record stands");
  }

  @Test
  void aScuffAndASetDyeAreSaidToTheCustomer() {
    api.find(job, "\"damage\":[\"scuffed\"]", "fl-cushion-centre");
    api.find(job, "\"soils\":[\"denim-dye\"],\"stainAgeDays\":90", "fl-back-centre");
    bench("");
    api.doEverything(job);
    String stays = handover().json().get("stays").toString();
    assertThat(stays).contains("SCUFF_STAYS").contains("SHADOW_MAY_STAY");
  }

  @Test
  void whatWasSoiledAndNotTouchedIsSaidToTheCustomer() {
    api.find(
        job,
        "\"finish\":\"textile/webbing\",\"soil\":\"moderate\",\"soils\":[\"food-drink\"],\"wear\":\"intact\"",
        "rear-left-belt",
        "fl-belt");
    api.patch("/api/v1/jobs/" + job, "{\"setting\":{\"childSeat\":\"in\"}}");
    bench("");
    api.doEverything(job);
    assertThat(handover().json().get("stays").toString())
        .contains("Not touched: the child seat stayed in.");
    assertThat(handover().json().get("treated").toString()).doesNotContain("rear-left-belt");
  }

  @Test
  void whatCameWornIsNotSaidToBeMended() {
    api.find(job, "\"wear\":\"worn\"", "wheel-rim");
    bench("");
    api.doEverything(job);
    assertThat(handover().json().get("stays"))
        .singleElement()
        .satisfies(
            stays -> {
              assertThat(stays.get("panels").toString()).isEqualTo("[\"Wheel rim\"]");
              assertThat(stays.get("text").asString()).startsWith("Worn when it came");
            });
  }
}
