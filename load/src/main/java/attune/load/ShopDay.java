package attune.load;

import static io.gatling.javaapi.core.CoreDsl.StringBody;
import static io.gatling.javaapi.core.CoreDsl.atOnceUsers;
import static io.gatling.javaapi.core.CoreDsl.exec;
import static io.gatling.javaapi.core.CoreDsl.global;
import static io.gatling.javaapi.core.CoreDsl.rampUsers;
import static io.gatling.javaapi.core.CoreDsl.responseTimeInMillis;
import static io.gatling.javaapi.core.CoreDsl.scenario;
import static io.gatling.javaapi.http.HttpDsl.http;
import static io.gatling.javaapi.http.HttpDsl.status;

import io.gatling.javaapi.core.ChainBuilder;
import io.gatling.javaapi.core.ScenarioBuilder;
import io.gatling.javaapi.core.Session;
import io.gatling.javaapi.core.Simulation;
import io.gatling.javaapi.http.HttpProtocolBuilder;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * Fifty people of a shop at once: twenty tick at ten cars, fifteen read the day and its jobs,
 * fifteen look customers up and hand over. Each looks or ticks every few seconds, which is more
 * than hands do.
 */
public final class ShopDay extends Simulation {
  private static final int AT_THE_BENCH = 20;
  private static final int READING = 15;
  private static final int AT_THE_DESK = 15;
  private static final Duration FILLING = Duration.ofSeconds(20);
  private static final Duration SHORTEST = Duration.ofSeconds(3);
  private static final Duration LONGEST = Duration.ofSeconds(7);
  private static final int TICK_MS = 150;
  private static final int VIEW_MS = 300;
  private static final List<String> WORDS =
      List.of("corvid", "ada", "fells", "PA 11", "eskel", "lumen");

  private final Shop shop = new Shop(System.getProperty("attune.load.at"));
  private final Duration lasts = Duration.ofSeconds(Integer.getInteger("attune.load.seconds", 180));
  private final AtomicInteger people = new AtomicInteger();
  private final Tally tally = new Tally();

  public ShopDay() {
    HttpProtocolBuilder local =
        http.baseUrl(shop.address())
            .acceptHeader("application/json")
            .acceptEncodingHeader("gzip")
            .userAgentHeader("attune-load");
    setUp(
            person("bench", ticking()).injectOpen(rampUsers(AT_THE_BENCH).during(FILLING)),
            person("reading", reading()).injectOpen(rampUsers(READING).during(FILLING)),
            person("desk", desk()).injectOpen(rampUsers(AT_THE_DESK).during(FILLING)),
            scenario("backup")
                .pause(FILLING.multipliedBy(2))
                .exec(http("backup").post("/api/v1/backups").check(status().is(201)))
                .injectOpen(atOnceUsers(1)))
        .protocols(local)
        .maxDuration(lasts.multipliedBy(2))
        .assertions(global().failedRequests().count().is(0L));
  }

  private ScenarioBuilder person(String what, ChainBuilder does) {
    return scenario(what)
        .exec(session -> session.set("n", people.getAndIncrement()))
        .during(lasts)
        .on(exec(does));
  }

  private ChainBuilder view(String name, String path) {
    return exec(http(name)
            .get(path)
            .check(status().is(200))
            .check(responseTimeInMillis().saveAs("ms")))
        .exec(session -> tally.add(name, session))
        .pause(SHORTEST, LONGEST);
  }

  private ChainBuilder ticking() {
    return exec(session -> shop.next(session))
        .exec(
            http("tick")
                .post("/api/v1/jobs/#{run}/bench/entries")
                .header("Content-Type", "application/json")
                .body(StringBody("#{entry}"))
                .check(status().is(200))
                .check(responseTimeInMillis().saveAs("ms")))
        .exec(session -> tally.add("tick", session))
        .pause(SHORTEST, LONGEST);
  }

  private ChainBuilder reading() {
    return exec(view("day", "/api/v1/day"))
        .exec(view("watch", "/api/v1/watch"))
        .exec(session -> any(session, "job", shop.ahead()))
        .exec(view("job", "/api/v1/jobs/#{job}"))
        .exec(view("plan", "/api/v1/jobs/#{job}/plan"))
        .exec(view("times", "/api/v1/jobs/#{job}/timetable"))
        .exec(view("week", "/api/v1/week"))
        .exec(session -> any(session, "job", shop.runs()))
        .exec(view("bench", "/api/v1/jobs/#{job}/bench"))
        .exec(view("shelf", "/api/v1/shelf"));
  }

  private ChainBuilder desk() {
    return exec(session -> any(session, "words", WORDS))
        .exec(view("search", "/api/v1/search?q=#{words}"))
        .exec(view("customers", "/api/v1/customers?q=#{words}"))
        .exec(session -> any(session, "job", shop.gone()))
        .exec(view("record", "/api/v1/jobs/#{job}/bench/record"))
        .exec(view("hand-over", "/api/v1/jobs/#{job}/handover"))
        .exec(view("care", "/api/v1/jobs/#{job}/care"))
        .exec(session -> any(session, "job", shop.ahead()))
        .exec(view("quote", "/api/v1/jobs/#{job}/quote"))
        .exec(view("needs", "/api/v1/needs"));
  }

  private static Session any(Session session, String name, List<String> from) {
    int at = session.contains("at") ? session.getInt("at") + 1 : session.getInt("n");
    return session.set("at", at).set(name, from.get(Math.floorMod(at, from.size())));
  }

  @Override
  public void after() {
    tally.write(System.getProperty("attune.load.document"), TICK_MS, VIEW_MS);
  }
}
