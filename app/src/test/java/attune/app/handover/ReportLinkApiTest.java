package attune.app.handover;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.support.Api;
import attune.app.support.Api.Answer;
import attune.app.support.RunningAttune;
import attune.app.support.TestClock;
import java.time.Duration;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A link that opens one report, for a while, until it is taken back. */
@ExtendWith(RunningAttune.class)
class ReportLinkApiTest {
  private Api api;
  private TestClock clock;
  private String links;

  @BeforeEach
  void aRun(Api running, TestClock time) {
    api = running;
    clock = time;
    String job = api.surveyedJob("Behind a link");
    api.post("/api/v1/jobs/" + job + "/bench");
    links = "/api/v1/jobs/" + job + "/handover/links";
  }

  private String token(int days) {
    Answer made = api.post(links, "{\"days\":" + days + "}");
    assertThat(made.status()).isEqualTo(201);
    return made.json().get("path").asString().replace("/report/", "");
  }

  private Answer open(String token) {
    return api.get("/api/v1/reports/" + token);
  }

  @Test
  void itShowsThatReportAndIsNeverWrittenOutAgain() {
    String token = token(14);
    assertThat(token).hasSize(43).doesNotContain("/");
    assertThat(open(token).json().get("title").asString()).isEqualTo("Behind a link");
    assertThat(api.get(links).text()).doesNotContain(token).doesNotContain("path");
    assertThat(token(14)).isNotEqualTo(token);
  }

  @Test
  void aGuessedOneOpensNothing() {
    token(14);
    assertThat(open("A".repeat(43)).status()).isEqualTo(404);
    assertThat(open("short").json().get("detail").asString()).contains("Ask the shop");
  }

  @Test
  void takenBackItIsGone() {
    String token = token(14);
    String id = api.get(links).json().at("/0/id").asString();
    assertThat(api.delete(links + "/" + id).json().at("/0/good").asBoolean()).isFalse();
    assertThat(open(token).status()).isEqualTo(404);
  }

  @Test
  void afterItsTimeItIsGone() {
    String token = token(2);
    clock.pass(Duration.ofDays(3));
    assertThat(open(token).status()).isEqualTo(404);
  }

  @Test
  void howLongIsBounded() {
    assertThat(api.post(links, "{\"days\":0}").fault().get("allowed").asString())
        .isEqualTo("1 to 400");
  }
}
