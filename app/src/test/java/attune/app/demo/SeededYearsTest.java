package attune.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.support.Api;
import attune.app.support.RunningAttune;
import attune.app.support.RunningAttune.Running;
import jakarta.persistence.EntityManagerFactory;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.hibernate.SessionFactory;
import org.hibernate.stat.Statistics;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.JdbcTemplate;

/** Years of an invented shop: whole jobs, that every view takes as it takes real ones. */
@ExtendWith(RunningAttune.class)
class SeededYearsTest {
  private static final List<String> LOOKED_AT =
      List.of("day", "watch", "work", "needs", "week", "customers", "vehicles");

  @TempDir static Path data;
  private static Running full;

  @BeforeAll
  static void seed() {
    full =
        RunningAttune.start(
            data, "--attune.demo=true", "--attune.seed.jobs=300", "--attune.seed.years=2");
  }

  @AfterAll
  static void close() {
    full.close();
  }

  @Test
  void yearsOfJobsAreThereWithTheirRunsPicturesAndOwners() {
    JdbcTemplate jdbc = full.context().getBean(JdbcTemplate.class);
    assertThat(jdbc.queryForObject("select count(*) from job", Integer.class)).isEqualTo(305);
    assertThat(
            jdbc.queryForObject(
                "select count(*) from job j where j.state = 'HANDED_OVER' and not exists"
                    + " (select 1 from bench_run r where r.job_id = j.id)",
                Integer.class))
        .isZero();
    Api api = full.api();
    for (var job : jdbc.queryForList("select id, state from job order by start_at desc limit 8")) {
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

  @Test
  void whatEverybodyLooksAtAsksAFullShopAsOftenAsAQuietOne(Running quiet) {
    Map<String, Long> few = queries(quiet);
    Map<String, Long> many = queries(full);
    assertThat(many)
        .allSatisfy(
            (view, queries) -> assertThat(queries).as(view).isLessThanOrEqualTo(few.get(view)));
    assertThat(many.get("day")).isLessThanOrEqualTo(2);
    assertThat(many.get("watch")).isLessThanOrEqualTo(16);
  }

  /** By view, once what it needs is kept. */
  private static Map<String, Long> queries(Running shop) {
    Statistics statistics =
        shop.context()
            .getBean(EntityManagerFactory.class)
            .unwrap(SessionFactory.class)
            .getStatistics();
    Map<String, Long> asked = new LinkedHashMap<>();
    for (String view : LOOKED_AT) {
      shop.api().get("/api/v1/" + view);
      statistics.clear();
      assertThat(shop.api().get("/api/v1/" + view).status()).as(view).isEqualTo(200);
      asked.put(view, statistics.getPrepareStatementCount());
    }
    return asked;
  }
}
