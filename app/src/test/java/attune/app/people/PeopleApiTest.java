package attune.app.people;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.support.Api;
import attune.app.support.Api.Answer;
import attune.app.support.RunningAttune;
import attune.app.support.RunningAttune.Running;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** Whose a vehicle is, what was used on it, and what stays when somebody wants to be forgotten. */
class PeopleApiTest {
  private static final String MAREN =
      "{\"name\":\"Maren Tolliver\",\"phone\":\"+00 555 0142\",\"standard\":\"exacting\",\"climate\":\"hot\","
          + "\"notes\":\"Pale seats\",\"uses\":[\"denim\"]%s}";
  private Running attune;
  private Api api;

  @BeforeEach
  void anEmptyShop(@TempDir Path data) {
    attune = RunningAttune.start(data);
    api = attune.api();
  }

  @AfterEach
  void closeUp() {
    attune.close();
  }

  private String customer(String json) {
    return api.post("/api/v1/customers", json).json().get("id").asString();
  }

  private String vehicle(String label, String plate, String customer) {
    return api.post("/api/v1/vehicles", form(label, plate, customer)).json().get("id").asString();
  }

  private static String form(String label, String plate, String customer) {
    return "{\"label\":\"%s\",\"plate\":\"%s\",\"layout\":\"five-seat\",\"historyKnown\":false,\"customerId\":\"%s\"}"
        .formatted(label, plate, customer);
  }

  private String jobOn(String vehicle, String title) {
    return api.post(
            "/api/v1/jobs", "{\"title\":\"%s\",\"vehicleId\":\"%s\"}".formatted(title, vehicle))
        .json()
        .get("id")
        .asString();
  }

  /** Surveys a rear seat, runs the whole bench and hands over. */
  private void visit(String job) {
    api.find(
        job,
        "\"finish\":\"leather/coated\",\"soil\":\"moderate\",\"soils\":[\"skin-oil\"],\"wear\":\"worn\"",
        "rear-cushion");
    api.post("/api/v1/jobs/" + job + "/damage/acknowledgement", "{\"name\":\"Maren Tolliver\"}");
    api.post("/api/v1/jobs/" + job + "/bench");
    api.doEverything(job);
    assertThat(api.post("/api/v1/jobs/" + job + "/handover").status()).isEqualTo(200);
  }

  @Test
  void aJobStartsFromWhatItsCustomerWishes() {
    String lumen = vehicle("Brindlewick Lumen", "PA 41", customer(MAREN.formatted("")));
    JsonNode job = api.get("/api/v1/jobs/" + jobOn(lumen, "Haze off")).json();
    assertThat(job.at("/document/wishes/standard").asString()).isEqualTo("exacting");
    assertThat(job.at("/document/setting/climate").asString()).isEqualTo("hot");
    assertThat(job.get("vehicleId").asString()).isEqualTo(lumen);
  }

  @Test
  void theNextVisitKnowsWhatWasUsedPanelByPanel() {
    String lumen = vehicle("Brindlewick Lumen", "PA 41", customer(MAREN.formatted("")));
    JsonNode before = api.get("/api/v1/vehicles/" + lumen + "/history").json();
    assertThat(before.get("assumed").toString()).contains("Never deep-cleaned");
    visit(jobOn(lumen, "First visit"));
    JsonNode after = api.get("/api/v1/vehicles/" + lumen + "/history").json();
    assertThat(after.get("assumed")).isEmpty();
    assertThat(after.at("/visits/0/used/0/panels/0").asString()).isEqualTo("Rear cushion");
    String again = jobOn(lumen, "Second visit");
    JsonNode found =
        api.find(again, "\"soil\":\"light\",\"wear\":\"intact\"", "rear-cushion", "rear-back")
            .json()
            .at("/document/surfaces");
    assertThat(found.get(0).at("/history/0/productId").asString()).isNotEmpty();
    assertThat(found.get(0).at("/history/0/passes").asInt()).isPositive();
    assertThat(found.get(1).has("history")).isFalse();
    assertThat(api.get("/api/v1/jobs/" + again + "/plan").status()).isEqualTo(200);
  }

  @Test
  void whoIsForgottenLeavesTheVehicleAndItsTreatmentsBehind() {
    String maren = customer(MAREN.formatted(""));
    String lumen = vehicle("Brindlewick Lumen", "PA 41", maren);
    String job = jobOn(lumen, "First visit");
    visit(job);
    assertThat(api.delete("/api/v1/customers/" + maren).status()).isEqualTo(204);
    assertThat(api.get("/api/v1/customers/" + maren).status()).isEqualTo(404);
    JsonNode left = api.get("/api/v1/vehicles/" + lumen).json();
    assertThat(left.has("customer")).isFalse();
    assertThat(left.at("/form").has("plate")).isFalse();
    assertThat(api.get("/api/v1/vehicles/" + lumen + "/history").json().at("/visits/0/used"))
        .isNotEmpty();
    String everywhere =
        api.get("/api/v1/jobs/" + job + "/damage").text()
            + api.get("/api/v1/search?q=tolliver").text()
            + api.get("/api/v1/customers").text();
    assertThat(everywhere).doesNotContain("Tolliver").doesNotContain("0142");
    assertThat(everywhere).contains("removed on request");
  }

  @Test
  void twoRecordsOfOnePersonBecomeOneWithAllTheirVehicles() {
    String maren =
        customer("{\"name\":\"Maren Tolliver\",\"phone\":\"+00 555 0142\",\"uses\":[\"pets\"]}");
    String twice = customer(MAREN.formatted(",\"email\":\"maren@place.example\""));
    vehicle("Brindlewick Lumen", "PA 41", maren);
    vehicle("Oxmarrow Fells", "PA 07", twice);
    JsonNode seen = api.get("/api/v1/customers/" + maren).json();
    assertThat(seen.at("/likelySame/0/id").asString()).isEqualTo(twice);
    JsonNode one =
        api.post("/api/v1/customers/" + maren + "/merge", "{\"other\":\"" + twice + "\"}").json();
    assertThat(one.get("vehicles")).hasSize(2);
    assertThat(one.at("/form/email").asString()).isEqualTo("maren@place.example");
    assertThat(one.at("/form/uses").toString()).contains("pets").contains("denim");
    assertThat(api.get("/api/v1/customers").json()).hasSize(1);
    assertThat(
            api.post("/api/v1/customers/" + maren + "/merge", "{\"other\":\"" + maren + "\"}")
                .status())
        .isEqualTo(422);
  }

  @Test
  void twoRecordsOfOneVehicleBecomeOneWithAllItsJobs() {
    String maren = customer(MAREN.formatted(""));
    String lumen = vehicle("Brindlewick Lumen", "PA 41", maren);
    String twice = vehicle("Brindlewick Lumen hatch", "PA 41", maren);
    jobOn(lumen, "First");
    visit(jobOn(twice, "Second"));
    assertThat(api.get("/api/v1/vehicles/" + lumen).json().get("likelySame")).hasSize(1);
    api.post("/api/v1/vehicles/" + lumen + "/merge", "{\"other\":\"" + twice + "\"}");
    JsonNode history = api.get("/api/v1/vehicles/" + lumen + "/history").json();
    assertThat(history.get("visits")).hasSize(2);
    assertThat(history.get("visits").toString()).contains("\"step\":\"clean\"");
    assertThat(api.get("/api/v1/vehicles/" + twice).status()).isEqualTo(404);
  }

  @Test
  void aChangeOnAnOldStateIsRefusedAndNothingIsLost() {
    String maren = customer(MAREN.formatted(""));
    assertThat(api.put("/api/v1/customers/" + maren, MAREN.formatted(",\"version\":0")).status())
        .isEqualTo(200);
    String later = MAREN.replace("Pale", "Dark").formatted(",\"version\":7");
    assertThat(api.put("/api/v1/customers/" + maren, later).status()).isEqualTo(409);
    assertThat(api.get("/api/v1/customers/" + maren).json().at("/form/notes").asString())
        .isEqualTo("Pale seats");
  }

  @Test
  void everythingIsFoundByItsWordsAndSignsAreTakenAsTheyAre() {
    String maren = customer(MAREN.formatted(""));
    String fleet =
        api.post("/api/v1/fleets", "{\"name\":\"Harbour Pilots\"}").json().get("id").asString();
    vehicle("Brindlewick Lumen", "PA 41", maren);
    assertThat(api.post("/api/v1/fleets", "{\"name\":\"harbour pilots\"}").status()).isEqualTo(422);
    assertThat(fleet).isNotBlank();
    assertThat(api.get("/api/v1/search?q=pa%2041").text()).contains("\"vehicle\"");
    assertThat(api.get("/api/v1/search?q=TOLLI").text())
        .contains("\"customer\"")
        .contains("\"vehicle\"");
    assertThat(api.get("/api/v1/search?q=horsehair").text()).contains("\"tool\"");
    assertThat(api.get("/api/v1/search?q=%25").json()).isEmpty();
    assertThat(api.get("/api/v1/customers?q=_").json()).isEmpty();
  }

  @Test
  void aJobNeedsOneVehicleAndAVehicleALayoutThereIs() {
    assertThat(api.post("/api/v1/jobs", "{\"title\":\"x\"}").fault().get("found").asString())
        .isEqualTo("neither vehicleId nor vehicle");
    Answer layout =
        api.post(
            "/api/v1/vehicles",
            "{\"label\":\"x\",\"layout\":\"submarine\",\"historyKnown\":false}");
    assertThat(layout.fault().get("pointer").asString()).isEqualTo("/layout");
  }
}
