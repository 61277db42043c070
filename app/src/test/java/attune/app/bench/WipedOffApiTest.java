package attune.app.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import attune.app.support.Api;
import attune.app.support.RunningAttune;
import attune.app.support.RunningAttune.Running;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What is wiped over a panel before its coat is on the record, the paper and the shelf's draw. */
class WipedOffApiTest {
  private static final String REMOVER = "tarnwick-reset";
  private static final String HARMFUL = "H319";

  @Test
  void theResidueRemoverIsAmongWhatWasUsed(@TempDir Path data) {
    try (Running attune = RunningAttune.start(data)) {
      Api api = attune.api();
      label(api);
      String job = coated(api, "fl-cushion-centre");
      double planned = residue(api, job).get("ml").asDouble();
      String bench = api.post("/api/v1/jobs/" + job + "/bench").json().toString();
      assertThat(bench)
          .as("nobody knows what is on the panel")
          .contains("Residue Remover as it comes on the ", "3 passes, a fresh face each.");
      api.doEverything(job);
      JsonNode used = used(api, job);
      assertThat(planned).isPositive();
      assertThat(used.get("plannedMl").asDouble()).isCloseTo(planned, within(0.1));
      assertThat(used.get("ml").asDouble()).isCloseTo(planned, within(0.1));
      double before = onHand(api, REMOVER);
      api.post("/api/v1/jobs/" + job + "/handover");
      String paper = api.get("/api/v1/jobs/" + job + "/handover").json().get("used").toString();
      assertThat(paper).contains("Tarnwick Reset", "eye irritation");
      assertThat(onHand(api, REMOVER)).isLessThan(before);
    }
  }

  @Test
  void whatWasNotLaidIsStillInItsBottle(@TempDir Path data) {
    try (Running attune = RunningAttune.start(data)) {
      Api api = attune.api();
      String job = coated(api, "fl-cushion-centre", "fr-cushion-centre");
      JsonNode dose = dose(api, job);
      double planned = dose.get("ml").asDouble();
      api.post(
          "/api/v1/shelf/products/" + dose.get("productId").asString() + "/bottles",
          "{\"sizeMl\":100,\"openedOn\":\"2026-05-01\"}");
      JsonNode bench = api.post("/api/v1/jobs/" + job + "/bench").json();
      for (JsonNode task : bench.get("tasks")) {
        if (!task.get("surfaceIds").toString().equals("[\"fr-cushion-centre\"]")) {
          api.tell(job, task.get("id").asString(), "done");
        }
      }
      double before = onHand(api, dose.get("productId").asString());
      api.post("/api/v1/jobs/" + job + "/handover");
      double drawn = before - onHand(api, dose.get("productId").asString());
      assertThat(drawn)
          .as("half of it, and what the pad keeps")
          .isBetween(planned / 3, planned - 1);
    }
  }

  /** Of the coating, for all its panels. */
  private static JsonNode dose(Api api, String job) {
    JsonNode plan = api.get("/api/v1/jobs/" + job + "/plan").json();
    String coat =
        plan.at("/surfaces/0/finishSteps")
            .valueStream()
            .filter(step -> step.get("step").asString().equals("coat"))
            .findFirst()
            .orElseThrow()
            .get("productId")
            .asString();
    return plan.get("doses")
        .valueStream()
        .filter(dose -> dose.get("productId").asString().equals(coat))
        .findFirst()
        .orElseThrow();
  }

  /** A harmful bottle of it on the shelf. */
  private static void label(Api api) {
    ObjectNode product =
        (ObjectNode) api.get("/api/v1/shelf/products/" + REMOVER).json().get("record");
    product.putArray("hazards").add(HARMFUL);
    assertThat(api.put("/api/v1/shelf/products/" + REMOVER, product.toString()).status())
        .isEqualTo(200);
    api.post(
        "/api/v1/shelf/products/" + REMOVER + "/bottles",
        "{\"sizeMl\":500,\"openedOn\":\"2026-05-01\"}");
  }

  private static String coated(Api api, String... panels) {
    String job = api.newJob("Wiped off", "five-seat");
    api.find(
        job,
        "\"finish\":\"leather/coated\",\"soil\":\"moderate\",\"soils\":[\"skin-oil\"],\"wear\":\"intact\"",
        panels);
    api.patch("/api/v1/jobs/" + job, "{\"wishes\":{\"protection\":\"coating\"}}");
    return job;
  }

  private static JsonNode residue(Api api, String job) {
    return api.get("/api/v1/jobs/" + job + "/plan").json().at("/surfaces/0/residue");
  }

  private static JsonNode used(Api api, String job) {
    return api.get("/api/v1/jobs/" + job + "/bench/record")
        .json()
        .get("used")
        .valueStream()
        .filter(each -> each.get("productId").asString().equals(REMOVER))
        .findFirst()
        .orElseThrow();
  }

  private static double onHand(Api api, String product) {
    return api.get("/api/v1/shelf")
        .json()
        .get("products")
        .valueStream()
        .filter(each -> each.get("id").asString().equals(product))
        .findFirst()
        .orElseThrow()
        .get("onHandMl")
        .asDouble();
  }
}
