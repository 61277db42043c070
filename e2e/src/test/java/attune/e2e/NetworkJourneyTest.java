package attune.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.google.gson.JsonParser;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;

/**
 * A shop on its own network, here the loopback addresses, over its own certificate: from nothing to
 * a step ticked on a phone that was let in.
 */
@ExtendWith(AttuneJar.class)
class NetworkJourneyTest {
  private static final String SEND =
      "([method, path, type, body]) =>"
          + " fetch(path, {method, headers: {'Content-Type': type, 'Attune-Page': '2'}, body})"
          + ".then(r => r.text().then(t => r.ok ? t : Promise.reject(new Error(path + t))))";
  private static final Path SHELF =
      Path.of("../app/src/main/resources/reference/starting-shelf.json");

  private static String send(Visit from, String path, String type, String body) {
    return (String) from.page.evaluate(SEND, List.of("POST", path, type, body));
  }

  private static String post(Visit from, String path, String json) {
    return send(from, path, "application/json", json);
  }

  /** The shop as its owner sets it up at the machine, with a job that waits at the bench. */
  private static String setUp(Visit machine, Path data) throws IOException {
    machine.open("/door");
    machine.page.getByLabel("Code").fill(DoorJourneyTest.code(data));
    machine.page.getByLabel("Your name").fill("Mira Holt");
    machine.page.getByLabel("A passphrase").fill("lantern in the yard");
    machine.button("Make me the owner").click();
    assertThat(machine.button("Mira Holt, owner")).isVisible();
    post(
        machine,
        "/api/v1/crew/members",
        "{\"name\":\"Ines Quay\",\"role\":\"technician\",\"pin\":\"4711\"}");
    send(machine, "/api/v1/shelf/import", "text/plain", Files.readString(SHELF));
    String job =
        JsonParser.parseString(
                post(
                    machine,
                    "/api/v1/jobs",
                    "{\"title\":\"A rim\",\"vehicle\":{\"label\":\"Tidewren 18\",\"layout\":\"helm\"}}"))
            .getAsJsonObject()
            .get("id")
            .getAsString();
    post(
        machine,
        "/api/v1/jobs/" + job + "/findings",
        "{\"surfaceIds\":[\"helm-wheel\"],\"finding\":{\"finish\":\"leather/coated\","
            + "\"soil\":\"moderate\",\"soils\":[\"skin-oil\"],\"wear\":\"intact\"}}");
    post(machine, "/api/v1/jobs/" + job + "/bench", "{}");
    return "/jobs/" + job + "/bench";
  }

  private static void letIn(Visit machine, Visit phone) {
    machine.open("/shop");
    machine.button("Let a device in").click();
    String digits = machine.page.getByText(Pattern.compile("^\\d{6}$")).textContent();
    phone.open("/");
    assertThat(phone.page).hasURL(Pattern.compile(".*/pair$"));
    phone.isFitForEveryone();
    phone.page.getByLabel("Six digits").fill(digits);
    phone.page.getByLabel(Pattern.compile("^What the device is called")).fill("Phone at the helm");
    phone.button("Let it in").tap();
    phone.buttonLike("^Ines Quay").tap();
    for (String key : "4711".split("")) {
      phone.button(key).tap();
    }
    phone.button("Come in").tap();
    assertThat(phone.button("Ines Quay, technician")).isVisible();
  }

  @Test
  void fromNothingToAStepTickedOnAPhoneThatWasLetIn(AttuneJar.Opened attune, @TempDir Path data)
      throws IOException {
    AttuneJar.Opened shop =
        attune.beside(
            data,
            "--network",
            "--names=localhost,127.0.0.1,127.0.0.2",
            "--server.port=0",
            "--attune.network.plain-port=0");
    try (Browser trusting =
        AttuneJar.trusting(attune.playwright(), data.resolve("tls/authority.pem"))) {
      AttuneJar.Opened network = shop.in(trusting, "127.0.0.2");
      try (Visit machine = Visit.desk(shop.in(trusting, "localhost"));
          Visit phone = Visit.installed(network);
          Visit stranger = Visit.phone(shop)) {
        assertThatThrownBy(() -> stranger.open("/"))
            .hasMessageContaining("ERR_CERT_AUTHORITY_INVALID");
        String bench = setUp(machine, data);
        phone.countTaps();
        letIn(machine, phone);
        phone
            .page
            .getByRole(
                AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("Tidewren 18")))
            .first()
            .tap();
        machine.open(bench);
        Locator done = AtTheBench.count(machine);
        assertThat(done).hasText(Pattern.compile("^0 of "));
        AtTheBench.goOn(phone);
        assertThat(done).hasText(Pattern.compile("^1 of "));
        assertThat(phone.taps()).as("from the first page to a step ticked").isLessThanOrEqualTo(10);

        assertThat((Boolean) phone.page.evaluate("isSecureContext")).isTrue();
        phone.page.evaluate("navigator.serviceWorker.ready.then(() => true)");
        phone.page.reload();
        phone.page.waitForFunction("navigator.serviceWorker.controller !== null");
        assertThat(AtTheBench.count(phone)).isVisible();
        phone.cut(true);
        phone.page.reload();
        AtTheBench.goOn(phone);
        assertThat(phone.page.getByText(Pattern.compile("1 entry kept on this device")))
            .isVisible();
        assertThat(done).hasText(Pattern.compile("^1 of "));
        phone.cut(false);
        assertThat(done).hasText(Pattern.compile("^2 of "));

        machine.open("/shop");
        machine.button("Cut off Phone at the helm").click();
        assertThat(machine.page.getByText("None let in yet.")).isVisible();
        phone.page.reload();
        assertThat(phone.heading("Let this device in")).isVisible();
      }
    } finally {
      shop.kill();
    }
  }
}
