package attune.app.crew;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import attune.app.support.Api.Answer;
import attune.app.support.Browser;
import attune.app.support.RunningAttune;
import attune.app.support.RunningAttune.Running;
import attune.app.support.TestClock;
import java.nio.file.Path;
import java.time.Duration;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.boot.availability.AvailabilityChangeEvent;
import org.springframework.boot.availability.ReadinessState;
import org.springframework.jdbc.core.JdbcTemplate;

/** Coming in: the open house, the first owner, PIN and passphrase, and being signed out. */
class DoorApiTest {
  private static final String DOOR = "/api/v1/crew/door";
  private static final String SESSION = "/api/v1/crew/session";
  private static final String OWNER =
      "{\"code\":\"%s\",\"name\":\"Mira Holt\",\"passphrase\":\"lantern in the yard\"}";

  private static Answer owner(Browser browser, Running shop) {
    String code = shop.context().getBean(OwnerCode.class).make();
    return browser.send("POST", "/api/v1/crew/owner", OWNER.formatted(code));
  }

  private static String idOf(Browser browser, String name) {
    for (var each : browser.send("GET", DOOR, null).json().get("names")) {
      if (each.get("name").asString().equals(name)) {
        return each.get("id").asString();
      }
    }
    throw new AssertionError("nobody called " + name);
  }

  private static Answer signIn(Browser browser, String id, String secret) {
    return browser.send("POST", SESSION, "{\"memberId\":\"%s\",%s}".formatted(id, secret));
  }

  @Test
  void atTheMachineEverythingIsOpenUntilThereIsAnOwner(@TempDir Path data) {
    try (Running shop = RunningAttune.start(data)) {
      Browser first = new Browser(shop.port());
      AvailabilityChangeEvent.publish(shop.context(), ReadinessState.REFUSING_TRAFFIC);
      assertThat(first.send("GET", DOOR, null).json().get("detail").asString())
          .startsWith("Attune is still getting ready");
      AvailabilityChangeEvent.publish(shop.context(), ReadinessState.ACCEPTING_TRAFFIC);
      assertThat(first.send("GET", DOOR, null).json().get("door").asString())
          .isEqualTo("open-house");
      assertThat(first.send("GET", "/api/v1/customers", null).status()).isEqualTo(200);
      assertThat(first.send("POST", "/api/v1/crew/owner", OWNER.formatted("AAAA-BBBB")).status())
          .isEqualTo(422);
      Answer noSecret =
          first.send("POST", "/api/v1/crew/members", "{\"name\":\"Wim Arkle\",\"role\":\"owner\"}");
      assertThat(noSecret.status()).as("nobody could come in any more").isEqualTo(409);
      assertThat(owner(first, shop).status()).isEqualTo(201);
      assertThat(first.send("GET", "/api/v1/customers", null).status()).isEqualTo(200);
      Browser other = new Browser(shop.port());
      assertThat(other.send("GET", "/api/v1/customers", null).status()).isEqualTo(401);
      assertThat(other.send("GET", DOOR, null).json().get("door").asString()).isEqualTo("locked");
    }
  }

  @Test
  void aSessionOutlivesARestartAndEndsEverywhereAtOnce(@TempDir Path data) {
    Browser browser;
    try (Running shop = RunningAttune.start(data)) {
      browser = new Browser(shop.port());
      owner(browser, shop);
    }
    try (Running shop = RunningAttune.start(data)) {
      browser = browser.at(shop.port());
      assertThat(browser.send("GET", "/api/v1/crew/members", null).json().at("/0/sessions").asInt())
          .isEqualTo(1);
      Browser phone = new Browser(shop.port());
      String id = idOf(phone, "Mira Holt");
      assertThat(signIn(phone, id, "\"passphrase\":\"lantern in the yard\"").status())
          .isEqualTo(200);
      String sessions = "/api/v1/crew/members/" + id + "/sessions";
      assertThat(phone.send("GET", sessions, null).json()).hasSize(2);
      assertThat(phone.send("DELETE", sessions, null).status()).isEqualTo(204);
      assertThat(browser.send("GET", "/api/v1/day", null).status()).isEqualTo(401);
      assertThat(phone.send("GET", "/api/v1/day", null).status()).isEqualTo(401);
    }
  }

  @Test
  void wrongPinsHaveToWaitLongerEachTimeAndWhoLeavesIsSignedOut(@TempDir Path data) {
    try (Running shop = RunningAttune.start(data)) {
      Browser desk = new Browser(shop.port());
      owner(desk, shop);
      String made =
          desk.send(
                  "POST",
                  "/api/v1/crew/members",
                  "{\"name\":\"Ines Quay\",\"role\":\"technician\",\"pin\":\"4711\"}")
              .json()
              .get("id")
              .asString();
      Browser tablet = new Browser(shop.port());
      for (int i = 0; i < 3; i++) {
        assertThat(signIn(tablet, made, "\"pin\":\"0000\"").fault().get("allowed").asString())
            .isEqualTo("the PIN of Ines Quay");
      }
      Answer tooSoon = signIn(tablet, made, "\"pin\":\"4711\"");
      assertThat(tooSoon.fault().get("allowed").asString()).startsWith("another try in ");
      TestClock clock = shop.context().getBean(TestClock.class);
      clock.pass(Duration.ofSeconds(31));
      assertThat(signIn(tablet, made, "\"pin\":\"4711\"").status()).isEqualTo(200);
      assertThat(tablet.send("GET", "/api/v1/customers", null).json().get("detail").asString())
          .isEqualTo(
              "This is not for a technician. To see and write down customers and vehicles:"
                  + " owner, specialist, desk.");
      assertThat(
              desk.send("GET", "/api/v1/crew/log?kind=sign-in-failed&who=Ines%20Quay", null).json())
          .hasSize(4);
      assertThat(
              shop.context()
                  .getBean(JdbcTemplate.class)
                  .queryForList("select pin_hash from crew_member", String.class))
          .allMatch(hash -> hash == null || hash.startsWith("$argon2id$"));
      leaving(shop, desk);
    }
  }

  private static void leaving(Running shop, Browser desk) {
    desk.send(
        "POST",
        "/api/v1/crew/members",
        "{\"name\":\"Wim Arkle\",\"role\":\"learner\",\"pin\":\"4711\"}");
    Browser tablet = new Browser(shop.port());
    String wim = idOf(tablet, "Wim Arkle");
    signIn(tablet, wim, "\"pin\":\"4711\"");
    assertThat(tablet.send("GET", "/api/v1/training", null).status()).isEqualTo(200);
    assertThat(desk.send("DELETE", "/api/v1/crew/members/" + wim, null).status()).isEqualTo(204);
    assertThat(tablet.send("GET", "/api/v1/training", null).status()).isEqualTo(401);
    assertThat(
            desk.send("GET", "/api/v1/crew/log?kind=role", null).json().at("/0/about").asString())
        .isEqualTo("Wim Arkle, learner");
    desk.send("POST", "/api/v1/crew/members", "{\"name\":\"=LINK(1)\",\"role\":\"learner\"}");
    assertThat(desk.send("GET", "/api/v1/crew/log.csv", null).text())
        .as("whom a role was given to, and no formula for who opens it in a spreadsheet")
        .contains("role,\"'=LINK(1), learner\"");
    Answer last = desk.send("DELETE", "/api/v1/crew/members/" + idOf(desk, "Mira Holt"), null);
    assertThat(last.json().get("detail").asString()).contains("The shop needs an owner");
  }

  @Test
  void whereOneIsSignedInIsListedAndEndedOneByOne(@TempDir Path data) {
    try (Running shop = RunningAttune.start(data)) {
      Browser sill = new Browser(shop.port());
      owner(sill, shop);
      Browser phone = new Browser(shop.port());
      signIn(phone, idOf(phone, "Mira Holt"), "\"passphrase\":\"lantern in the yard\"");
      String own = "/api/v1/crew/me/sessions";
      var listed = sill.send("GET", own, null).json();
      assertThat(listed).hasSize(2);
      assertThat(listed.toString()).contains("The machine itself");
      for (var session : listed) {
        if (!session.get("here").asBoolean()) {
          String handle = session.get("handle").asString();
          assertThat(sill.send("DELETE", own + "/" + handle, null).status()).isEqualTo(204);
          assertThat(sill.send("DELETE", own + "/" + handle, null).status()).isEqualTo(404);
        }
      }
      assertThat(phone.send("GET", "/api/v1/customers", null).status()).isEqualTo(401);
      assertThat(sill.send("GET", own, null).json()).hasSize(1);
    }
  }

  @Test
  void whatIsKeptKeepsWhoseSessionMadeIt(@TempDir Path data) {
    try (Running shop = RunningAttune.start(data)) {
      Browser tablet = new Browser(shop.port());
      owner(tablet, shop);
      JdbcTemplate rows = new JdbcTemplate(shop.context().getBean(javax.sql.DataSource.class));
      tablet.send(
          "POST",
          "/api/v1/jobs",
          "{\"title\":\"Haze off\",\"vehicle\":{\"label\":\"Pellarin Merle\",\"layout\":\"five-seat\"}}");
      assertThat(rows.queryForList("select made_by from job_revision", UUID.class))
          .containsOnly(UUID.fromString(idOf(tablet, "Mira Holt")));
    }
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"passwordpassword", "Mira Holt Mira", "qwertyuiopasdf", "aaaaaaaaaaaaaaaa"})
  void whatIsSoonGuessedOpensNothing(String passphrase) {
    assertThatThrownBy(() -> Guessing.check(passphrase, "Mira Holt"))
        .hasMessageContaining("soon guessed")
        .message()
        .doesNotContain(passphrase);
    assertThatCode(() -> Guessing.check("lantern in the yard", "Mira Holt"))
        .doesNotThrowAnyException();
  }

  @Test
  void aPasskeyIsAskedForByNameAndAnsweredOnce(@TempDir Path data) {
    try (Running shop = RunningAttune.start(data)) {
      Browser mira = new Browser(shop.port());
      String made = "{\"label\":\"My phone\",\"credential\":{\"id\":\"x\"}}";
      String own = "/api/v1/crew/me/passkeys";
      assertThat(mira.send("POST", own + "/options", null).status()).isEqualTo(409); // no owner yet
      owner(mira, shop);
      assertThat(mira.send("POST", own, made).status()).as("nothing was asked for").isEqualTo(409);
      var asked = mira.send("POST", own + "/options", null).json();
      assertThat(asked.at("/rp/id").asString()).isEqualTo("localhost");
      assertThat(asked.at("/user/displayName").asString()).isEqualTo("Mira Holt");
      assertThat(asked.at("/authenticatorSelection/userVerification").asString())
          .isEqualTo("required");
      assertThat(mira.send("POST", own, made).status()).isEqualTo(422);
      assertThat(mira.send("POST", own, made).status()).as("an answer is good once").isEqualTo(409);
      assertThat(mira.send("GET", own, null).json()).isEmpty();
      assertThat(mira.send("DELETE", own + "/eA", null).status()).isEqualTo(404);
      assertThat(mira.send("GET", DOOR, null).json().get("passkeys").asBoolean()).isFalse();

      Browser other = new Browser(shop.port());
      assertThat(other.send("GET", own, null).status()).isEqualTo(401);
      String in = SESSION + "/passkey";
      assertThat(other.send("POST", in, "{\"credential\":{}}").status()).isEqualTo(409);
      assertThat(other.send("POST", in + "/options", null).json().get("challenge").asString())
          .isNotBlank();
      assertThat(other.send("POST", in, "{\"credential\":{\"id\":7}}").status()).isEqualTo(422);
      assertThat(other.send("GET", "/api/v1/customers", null).status()).isEqualTo(401);
      assertThat(mira.send("GET", "/api/v1/crew/log", null).text()).contains("passkey: no answer");
    }
  }
}
