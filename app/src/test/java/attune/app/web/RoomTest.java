package attune.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.support.Api;
import attune.app.support.Api.Answer;
import attune.app.support.RunningAttune;
import attune.app.support.RunningAttune.Running;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.JdbcTemplate;

/** A disk that takes no more: nothing is half-written, and work goes on once there is room. */
class RoomTest {
  /** More than any disk has. */
  private static final String NO_ROOM = "1000000000";

  @TempDir Path data;

  @Test
  void withoutRoomAllIsReadAndNothingChanged() {
    try (Running shop =
        RunningAttune.start(
            data, "--attune.room.least-mb=" + NO_ROOM, "--attune.room.little-mb=" + NO_ROOM)) {
      Api api = shop.api();
      Answer refused = api.post("/api/v1/customers", "{\"name\":\"Ada Fenn\"}");
      assertThat(refused.status()).isEqualTo(507);
      assertThat(refused.json().get("detail").asString())
          .startsWith("The disk is full: ")
          .endsWith("Nothing was changed. Make room; Attune goes on by itself.");
      assertThat(api.get("/api/v1/customers").json()).isEmpty();
      assertThat(api.get("/api/v1/watch").json().findValuesAsString("kind")).contains("room");
    }
  }

  @Test
  void aDatabaseThatHadToCloseItselfIsOpenedAgainWithAllThatWasAcknowledged() {
    try (Running shop = RunningAttune.start(data)) {
      Api api = shop.api();
      String job = api.newJob("Before the disk was full", "five-seat");
      shop.context().getBean(JdbcTemplate.class).execute("shutdown immediately");
      Answer meanwhile = api.get("/api/v1/jobs/" + job);
      assertThat(meanwhile.status()).isIn(200, 503);
      Answer after = api.get("/api/v1/jobs/" + job);
      assertThat(after.json().at("/document/title").asString())
          .isEqualTo("Before the disk was full");
      assertThat(api.newJob("After it", "five-seat")).isNotEmpty();
    }
  }
}
