package attune.app.crew;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.support.Api;
import attune.app.support.Api.Answer;
import attune.app.support.RunningAttune;
import attune.app.support.RunningAttune.Running;
import java.nio.file.Path;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Hours, skills, time off and what was learnt belong to a person, whatever they are called. */
class StaffApiTest {
  @TempDir Path data;
  private Running attune;
  private Api api;

  @BeforeEach
  void aShop() {
    attune = RunningAttune.start(data);
    api = attune.api();
  }

  @AfterEach
  void closeUp() {
    attune.close();
  }

  private JsonNode takeIn(String name, Role role) {
    return api.post(
            "/api/v1/crew/members", "{\"name\":\"%s\",\"role\":\"%s\"}".formatted(name, role))
        .json();
  }

  private JsonNode people() {
    return api.get("/api/v1/shop").json().get("people");
  }

  private Answer staffed(String people) {
    ObjectNode settings = (ObjectNode) api.get("/api/v1/shop").json();
    settings.set("people", new JsonMapper().readTree(people));
    return api.put("/api/v1/shop", settings.toString());
  }

  private JsonNode times(String job) {
    return api.get("/api/v1/jobs/" + job + "/timetable").json();
  }

  @Test
  void whoeverSignsInIsOneOfTheShopsPeople() {
    takeIn("Wim Arkle", Role.LEARNER);
    assertThat(people().at("/0/name").asString())
        .as("who learns does no jobs")
        .isEqualTo("Specialist");
    JsonNode mira = takeIn("Mira Holt", Role.SPECIALIST);
    assertThat(people()).hasSize(1);
    assertThat(people().at("/0/name").asString()).isEqualTo("Mira Holt");
    assertThat(people().at("/0/member")).isEqualTo(mira.get("id"));
    staffed("[{\"name\":\"Mira Holt\",\"coats\":true},{\"name\":\"Tobin Reyl\",\"coats\":false}]");
    assertThat(people().at("/0/member")).isEqualTo(mira.get("id"));
    assertThat(people().at("/1/member").isMissingNode()).isTrue();
    JsonNode tobin = takeIn("Tobin Reyl", Role.TECHNICIAN);
    assertThat(people().at("/1/member")).isEqualTo(tobin.get("id"));
    Answer alike =
        staffed(
            "[{\"name\":\"Ines Quay\",\"coats\":true},{\"name\":\"Ines Quay \",\"coats\":true}]");
    assertThat(alike.status()).isEqualTo(422);
    assertThat(alike.text())
        .contains("/people/1/name", "Ines Quay", "a name nobody else there has");
  }

  @Test
  void hoursCrewAndLessonsStayTheirsUnderAnotherName() {
    takeIn("Mira Holt", Role.SPECIALIST);
    JsonNode tobin = takeIn("Tobin Reyl", Role.TECHNICIAN);
    staffed(
        "[{\"name\":\"Mira Holt\",\"coats\":true},"
            + "{\"name\":\"Tobin Reyl\",\"coats\":true,\"comes\":\"10:30\",\"off\":[\"friday\"]}]");
    String job = api.surveyedJob("By Tobin");
    api.put("/api/v1/jobs/" + job + "/timetable/crew", "{\"crew\":[\"Tobin Reyl\"]}");
    api.patch("/api/v1/jobs/" + job, "{\"setting\":{\"skills\":[\"Tobin Reyl\"]}}");
    String before = times(job).toString();
    assertThat(before).contains("\"crew\":[\"Tobin Reyl\"]", "T10:30");
    api.post(
        "/api/v1/training/answers",
        "{\"id\":\"%s\",\"person\":\"Tobin Reyl\",\"lesson\":\"first-wipe\",\"seed\":7,\"level\":1,\"deeds\":[]}"
            .formatted(UUID.randomUUID()));
    String member = "/api/v1/crew/members/" + tobin.get("id").asString();
    Answer called =
        api.put(
            member,
            "{\"name\":\"Tobin Hale\",\"role\":\"technician\",\"version\":%s}"
                .formatted(tobin.get("version")));
    assertThat(called.status()).as(called.text()).isEqualTo(200);
    assertThat(people().at("/1/name").asString()).isEqualTo("Tobin Hale");
    assertThat(people().at("/1/comes").asString()).isEqualTo("10:30");
    assertThat(people().at("/1/formerly/0").asString()).isEqualTo("Tobin Reyl");
    assertThat(times(job).toString()).isEqualTo(before.replace("Tobin Reyl", "Tobin Hale"));
    assertThat(api.get("/api/v1/training/learners/Tobin%20Hale").json().get("answers")).hasSize(1);

    assertThat(api.delete(member).status()).isEqualTo(204);
    assertThat(people()).hasSize(1);
    assertThat(times(job).get("conflicts").toString())
        .contains("Tobin Reyl is not one of the shop's people: say who does this job.");
  }
}
