package attune.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Path;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;

/** Coming in by role: in the demo by picking, in a shop by the owner's code, passphrase and PIN. */
@ExtendWith(AttuneJar.class)
class DoorJourneyTest {
  private static final Pattern CODE = Pattern.compile("good once: ([A-Z0-9-]+)");

  private static void isHere(Visit visit, String who) {
    assertThat(visit.button(who)).isVisible();
  }

  @Test
  void inTheDemoOneSeesWhatATechnicianSees(AttuneJar.Opened attune) {
    try (Visit visit = Visit.desk(attune)) {
      visit.open("/");
      visit.button("Mira Holt, owner").click();
      visit.button("Switch person").click();
      assertThat(visit.heading("Who are you?")).isVisible();
      visit.isFitForEveryone();
      visit.fitsAPhone();
      visit.buttonLike("^Ines Quay").click();
      isHere(visit, "Ines Quay, technician");
      assertThat(visit.link("People")).hasCount(0);
      assertThat(visit.link("New job")).hasCount(0);
      visit.open(visit.job("Tidewren 24") + "/survey?panel=helm-wheel");
      assertThat(visit.page.getByText("a specialist or the owner writes a survey down"))
          .isVisible();
      assertThat(visit.link("Hand over")).hasCount(0);
      visit.open("/shop/log");
      assertThat(visit.page.getByRole(AriaRole.ALERT).first())
          .containsText("This is not for a technician");
    }
  }

  @Test
  void aShopMakesItsOwnerAndAPhoneComesInByPin(AttuneJar.Opened attune, @TempDir Path data)
      throws IOException {
    AttuneJar.Opened shop = attune.beside(data, "--server.port=0");
    try (Visit owner = Visit.desk(shop);
        Visit phone = Visit.phone(shop)) {
      owner.open("/");
      owner.button("Nobody is set up yet").click();
      owner.button("Make the owner").click();
      owner.isFitForEveryone();
      owner.page.getByLabel("Code").fill(code(data));
      owner.page.getByLabel("Your name").fill("Mira Holt");
      owner.page.getByLabel("A passphrase").fill("lantern in the yard");
      owner.button("Make me the owner").click();
      isHere(owner, "Mira Holt, owner");

      owner.open("/shop");
      owner.button("Somebody else").click();
      owner.page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Ines Quay");
      owner.page.getByLabel("PIN, for wet gloves").fill("4711");
      owner.button("Add").click();
      assertThat(owner.button("Change Ines Quay")).isVisible();
      owner.isFitForEveryone();

      phone.open("/week");
      phone.buttonLike("^Ines Quay").tap();
      for (String key : "4711".split("")) {
        phone.button(key).tap();
      }
      phone.isFitForEveryone();
      phone.button("Come in").tap();
      assertThat(phone.page).hasURL(Pattern.compile(".*/week$"));
      isHere(phone, "Ines Quay, technician");
      phone.button("Ines Quay, technician").tap();
      phone.button("Sign out, for the next one").tap();
      assertThat(phone.heading("Who are you?")).isVisible();

      leftAlone(owner);

      owner.open("/shop/log");
      assertThat(owner.page.getByText("Signed out").last()).isVisible();
      owner.isFitForEveryone();
      owner.fitsAPhone();
    } finally {
      shop.kill();
    }
  }

  @Test
  void anOwnerComesInByAPasskeyOfTheDevice(AttuneJar.Opened attune, @TempDir Path data)
      throws IOException {
    AttuneJar.Opened shop = attune.beside(data, "--server.port=0");
    try (Visit owner = Visit.desk(shop)) {
      owner.holdsPasskeys();
      owner.open("/door");
      owner.page.getByLabel("Code").fill(code(data));
      owner.page.getByLabel("Your name").fill("Mira Holt");
      owner.page.getByLabel("A passphrase").fill("lantern in the yard");
      owner.button("Make me the owner").click();
      owner.button("Mira Holt, owner").click();
      owner.page.getByText("My passkeys").click();
      owner.page.getByLabel("What you call it").fill("The tablet on the sill");
      owner.button("Make a passkey on this device").click();
      assertThat(owner.button("Forget The tablet on the sill")).isVisible();
      owner.isFitForEveryone();

      owner.button("Sign out, for the next one").click();
      assertThat(owner.heading("Who are you?")).isVisible();
      owner.button("Come in by passkey").click();
      isHere(owner, "Mira Holt, owner");

      owner.button("Mira Holt, owner").click();
      owner.page.getByText("My passkeys: 1").click();
      owner.button("Forget The tablet on the sill").click();
      assertThat(owner.button("Forget The tablet on the sill")).hasCount(0);
      owner.button("Sign out, for the next one").click();
      assertThat(owner.heading("Who are you?")).isVisible();
      assertThat(owner.button("Come in by passkey")).hasCount(0);
    } finally {
      shop.kill();
    }
  }

  /** What is on screen stays there, and nothing of it can be pressed until somebody goes on. */
  private static void leftAlone(Visit visit) {
    visit.page.clock().install();
    visit.open("/new");
    visit.page.getByLabel("What the customer wants").fill("Begun and left");
    visit.page.clock().fastForward("10:30");
    assertThat(visit.region("Locked")).isVisible();
    assertThat(visit.page.locator("[inert]")).hasCount(1);
    assertThat(visit.page.getByLabel("What the customer wants")).hasValue("Begun and left");
    visit.page.getByLabel("Passphrase of Mira Holt").fill("lantern in the yard");
    visit.button("Come in").click();
    assertThat(visit.region("Locked")).hasCount(0);
    assertThat(visit.page.getByLabel("What the customer wants")).hasValue("Begun and left");
  }

  /** A new code for the owner, made at the machine by the command for one who has lost theirs. */
  static String code(Path data) {
    String said = UnpackedJar.run("owner-reset", "--data", data.toString());
    Matcher code = CODE.matcher(said);
    assertThat(code.find()).as(said).isTrue();
    return code.group(1);
  }
}
