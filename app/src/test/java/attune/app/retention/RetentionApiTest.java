package attune.app.retention;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.support.Api;
import attune.app.support.RunningAttune;
import attune.app.support.RunningAttune.Running;
import attune.app.support.TestClock;
import java.nio.file.Path;
import java.time.Duration;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** How long a shop keeps its customers after their last visit. */
class RetentionApiTest {
  private static final String RETENTION = "/api/v1/retention";
  private static final Duration YEAR = Duration.ofDays(366);
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

  private String customer(String name) {
    return api.post("/api/v1/customers", "{\"name\":\"%s\",\"uses\":[]}".formatted(name))
        .json()
        .get("id")
        .asString();
  }

  private String visit(String customer) {
    String vehicle =
        api.post(
                "/api/v1/vehicles",
                "{\"label\":\"Pellarin Merle\",\"layout\":\"five-seat\",\"historyKnown\":false,\"customerId\":\"%s\"}"
                    .formatted(customer))
            .json()
            .get("id")
            .asString();
    api.post("/api/v1/jobs", "{\"title\":\"Visit\",\"vehicleId\":\"%s\"}".formatted(vehicle));
    return vehicle;
  }

  private void pass(int years) {
    attune.context().getBean(TestClock.class).pass(YEAR.multipliedBy(years));
  }

  @Test
  void whoWasNotHereForLongerIsNamedAndGoesOnlyWhenSomebodyPresses() {
    String maren = customer("Maren Tolliver");
    String merle = visit(maren);
    String asked = customer("Only Asked");
    pass(4);
    String back = customer("Back Again");
    visit(back);
    assertThat(api.get(RETENTION).json().get("overdue").asInt()).as("no time is set").isZero();
    JsonNode set = api.put(RETENTION, "{\"years\":3}").json();
    assertThat(set.get("overdue").asInt()).isEqualTo(2);
    assertThat(set.at("/first/0/name").asString()).isEqualTo("Maren Tolliver");
    assertThat(set.at("/first/0/lastHere").asString()).startsWith("2026-06-09");
    assertThat(set.at("/first/1/lastHere").isMissingNode()).as("never here").isTrue();
    assertThat(api.get("/api/v1/watch").text()).contains("2 are past the time their data is kept");

    assertThat(api.post(RETENTION + "/forget", "{\"customers\":1}").status())
        .as("somebody else looked before")
        .isEqualTo(409);
    assertThat(api.get("/api/v1/customers/" + maren).status()).isEqualTo(200);

    assertThat(api.post(RETENTION + "/forget", "{\"customers\":2}").status()).isEqualTo(200);
    assertThat(api.get("/api/v1/customers/" + maren).status()).isEqualTo(404);
    assertThat(api.get("/api/v1/customers/" + asked).status()).isEqualTo(404);
    assertThat(api.get("/api/v1/customers/" + back).status()).isEqualTo(200);
    assertThat(api.get("/api/v1/vehicles/" + merle).json().at("/customer").isMissingNode())
        .as("the car and what was used on it stay")
        .isTrue();
    assertThat(api.get(RETENTION).json().get("overdue").asInt()).isZero();
  }

  @Test
  void aTimeIsSetInYearsAndTakenBack() {
    assertThat(api.put(RETENTION, "{\"years\":0}").text())
        .contains("/years")
        .contains("1 to 30 years, or nothing");
    assertThat(api.put(RETENTION, "{\"years\":10}").json().get("years").asInt()).isEqualTo(10);
    assertThat(api.put(RETENTION, "{}").json().at("/years").isMissingNode()).isTrue();
  }
}
