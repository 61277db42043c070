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
  private static final String DOCUMENT = "/api/v1/openapi.json";

  /** What is big by its nature, asks for a question, or is noted in the log once answered. */
  private static final List<String> APART =
      List.of(
          "/api/v1/export.zip", "/api/v1/mix/label.pdf", "/api/v1/search", "/api/v1/crew/log.csv");

  @TempDir static Path hundred;
  @TempDir static Path thousand;
  private static Running some;
  private static Running full;

  @BeforeAll
  static void seed() {
    some = seeded(hundred, 95);
    full = seeded(thousand, 995);
  }

  /** Beside the five jobs of the demo. */
  private static Running seeded(Path data, int jobs) {
    return RunningAttune.start(
        data, "--attune.demo=true", "--attune.seed.jobs=" + jobs, "--attune.seed.years=2");
  }

  @AfterAll
  static void close() {
    some.close();
    full.close();
  }

  @Test
  void yearsOfJobsAreThereWithTheirRunsPicturesAndOwners() {
    JdbcTemplate jdbc = full.context().getBean(JdbcTemplate.class);
    assertThat(jdbc.queryForObject("select count(*) from job", Integer.class)).isEqualTo(1000);
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
  void everyListAsksAFullShopAsOftenAsAQuietOne(Running five) {
    Map<String, Long> few = queries(five);
    Map<String, Long> hundreds = queries(some);
    Map<String, Long> thousands = queries(full);
    assertThat(few).hasSizeGreaterThan(30).containsKeys("/api/v1/day", "/api/v1/watch");
    assertThat(hundreds).allSatisfy((view, asked) -> bounded(view, asked, few));
    assertThat(thousands).allSatisfy((view, asked) -> bounded(view, asked, few));
    assertThat(thousands.get("/api/v1/day")).isLessThanOrEqualTo(2);
    assertThat(thousands.get("/api/v1/watch")).isLessThanOrEqualTo(16);
  }

  private static void bounded(String view, long asked, Map<String, Long> few) {
    assertThat(asked).as(view).isLessThanOrEqualTo(few.get(view));
  }

  /** By view, once what it needs is kept. */
  private static Map<String, Long> queries(Running shop) {
    Statistics statistics =
        shop.context()
            .getBean(EntityManagerFactory.class)
            .unwrap(SessionFactory.class)
            .getStatistics();
    Map<String, Long> asked = new LinkedHashMap<>();
    for (String view : views(shop.api())) {
      shop.api().get(view);
      long least = Long.MAX_VALUE;
      for (int i = 0; i < 3; i++) { // the shop's own work in the background asks too, now and then
        statistics.clear();
        assertThat(shop.api().get(view).status()).as(view).isIn(200, 404);
        least = Math.min(least, statistics.getPrepareStatementCount());
      }
      asked.put(view, least);
    }
    return asked;
  }

  /** All that is read without naming one of them. */
  private static List<String> views(Api api) {
    return api.get(DOCUMENT)
        .json()
        .get("paths")
        .propertyStream()
        .filter(path -> path.getValue().has("get"))
        .map(Map.Entry::getKey)
        .filter(path -> !path.contains("{") && !APART.contains(path))
        .toList();
  }
}
