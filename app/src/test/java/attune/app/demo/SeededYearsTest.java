package attune.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.support.Api;
import attune.app.support.RunningAttune;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.JdbcTemplate;

/** Years of an invented shop: whole jobs, that every view takes as it takes real ones. */
class SeededYearsTest {
  @Test
  void yearsOfJobsAreThereWithTheirRunsPicturesAndOwners(@TempDir Path data) throws Exception {
    try (RunningAttune.Running shop =
        RunningAttune.start(
            data, "--attune.demo=true", "--attune.seed.jobs=60", "--attune.seed.years=3")) {
      JdbcTemplate jdbc = shop.context().getBean(JdbcTemplate.class);
      assertThat(jdbc.queryForObject("select count(*) from job", Integer.class)).isEqualTo(65);
      assertThat(
              jdbc.queryForObject(
                  "select count(*) from job j where j.state = 'HANDED_OVER' and not exists"
                      + " (select 1 from bench_run r where r.job_id = j.id)",
                  Integer.class))
          .isZero();
      Api api = shop.api();
      assertThat(api.get("/api/v1/watch").status()).isEqualTo(200);
      assertThat(api.get("/api/v1/week").status()).isEqualTo(200);
      for (var job :
          jdbc.queryForList("select id, state from job order by start_at desc limit 8")) {
        String path = "/api/v1/jobs/" + job.get("ID");
        assertThat(api.get(path + "/plan").status()).isEqualTo(200);
        if ("HANDED_OVER".equals(job.get("STATE"))) {
          assertThat(api.get(path + "/handover").json().get("used").findValuesAsString("name"))
              .as("each bottle once")
              .doesNotHaveDuplicates();
          assertThat(api.get(path + "/care").status()).isEqualTo(200);
        }
      }
    }
  }
}
