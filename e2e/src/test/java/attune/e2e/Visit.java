package attune.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.google.gson.JsonObject;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** One browser window on Attune; notes every fault the page throws. */
final class Visit implements AutoCloseable {
  /** Empty values, codes and times as programs write them. */
  private static final Pattern MACHINE =
      Pattern.compile(
          "\\bnull\\b|undefined|\\bNaN\\b|Infinity|\\[object|\\bperson-\\d|\\b[A-Z]{3,}_[A-Z_]+\\b"
              + "|\\b[a-z]+/[a-z]+-[a-z]+\\b|\\d{4}-\\d\\d-\\d\\dT|\\b\\d{3,}:\\d\\d\\b");

  private final BrowserContext context;
  private final String address;
  private final List<String> faults = new ArrayList<>();
  private final Set<Request> underWay = new HashSet<>();
  private int asked;
  final Page page;

  private Visit(
      AttuneJar.Opened attune,
      int width,
      int height,
      ColorScheme scheme,
      boolean touch,
      ServiceWorkerPolicy workers) {
    address = attune.address();
    context =
        attune
            .browser()
            .newContext(
                new Browser.NewContextOptions()
                    .setViewportSize(width, height)
                    .setTimezoneId(AttuneJar.ZONE)
                    .setColorScheme(scheme)
                    .setHasTouch(touch)
                    .setServiceWorkers(workers)
                    .setBaseURL(attune.address()));
    page = context.newPage();
    page.setDefaultTimeout(AttuneJar.PATIENCE_MS);
    page.onPageError(faults::add);
    page.onConsoleMessage(
        said -> {
          if (said.text().contains("Content Security Policy")) {
            faults.add(said.text());
          }
        });
    page.onRequestFinished(underWay::remove);
    page.onRequestFailed(underWay::remove);
    page.onFrameNavigated(
        frame -> {
          if (underWay.stream().anyMatch(Request::isNavigationRequest)) { // another document
            underWay.removeIf(request -> !request.isNavigationRequest());
          }
        });
    page.onRequest(
        request -> {
          if (request.isNavigationRequest()) {
            underWay.clear(); // of what a page asked that is left now, nothing more may be heard
          }
          if (!request.resourceType().equals("eventsource")) { // which is never answered to its end
            asked++;
            underWay.add(request);
          }
          boolean own =
              request.url().startsWith(address)
                  || request.url().startsWith("data:")
                  || request.url().startsWith("blob:" + address);
          if (!own) {
            faults.add("asked elsewhere: " + request.url());
          }
        });
  }

  /** Gives this browser a device that makes passkeys, unlocked by whoever holds it. */
  void holdsPasskeys() {
    CDPSession browser = context.newCDPSession(page);
    browser.send("WebAuthn.enable");
    JsonObject device = new JsonObject();
    device.addProperty("protocol", "ctap2");
    device.addProperty("transport", "internal");
    for (String can :
        List.of(
            "hasResidentKey",
            "hasUserVerification",
            "isUserVerified",
            "automaticPresenceSimulation")) {
      device.addProperty(can, true);
    }
    JsonObject adds = new JsonObject();
    adds.add("options", device);
    browser.send("WebAuthn.addVirtualAuthenticator", adds);
  }

  /** Counts every touch from now on. */
  void countTaps() {
    context.addInitScript(
        "addEventListener('click', e => e.isTrusted &&"
            + " sessionStorage.setItem('taps', 1 + Number(sessionStorage.getItem('taps'))), true)");
  }

  int taps() {
    return Integer.parseInt(String.valueOf(page.evaluate("sessionStorage.getItem('taps') ?? '0'")));
  }

  /** Cuts the line of this browser, or mends it. */
  void cut(boolean off) {
    context.setOffline(off);
  }

  static Visit desk(AttuneJar.Opened attune) {
    return new Visit(attune, 1280, 800, ColorScheme.LIGHT, false, ServiceWorkerPolicy.BLOCK);
  }

  static Visit phone(AttuneJar.Opened attune) {
    return new Visit(attune, 390, 844, ColorScheme.LIGHT, true, ServiceWorkerPolicy.BLOCK);
  }

  /** A phone that keeps the application, so that it opens without a line. */
  static Visit installed(AttuneJar.Opened attune) {
    return new Visit(attune, 390, 844, ColorScheme.LIGHT, true, ServiceWorkerPolicy.ALLOW);
  }

  static Visit evening(AttuneJar.Opened attune) {
    return new Visit(attune, 1280, 800, ColorScheme.DARK, false, ServiceWorkerPolicy.BLOCK);
  }

  Visit open(String path) {
    page.navigate(path);
    settle();
    return this;
  }

  /** Waits until all that was asked for is answered, and what the page makes of it asks no more. */
  private void settle() {
    int before;
    do {
      page.waitForCondition(underWay::isEmpty);
      before = asked;
      page.evaluate("scheduler.postTask(() => {}, { priority: 'background' })");
    } while (!underWay.isEmpty() || asked != before);
  }

  /** Path of the job of this vehicle. */
  String job(String vehicle) {
    Matcher matcher =
        Pattern.compile(
                "\"id\":\"([0-9a-f-]+)\",\"title\":\"[^\"]*\",\"vehicleLabel\":\"" + vehicle)
            .matcher(page.request().get("/api/v1/day").text());
    assertThat(matcher.find()).as(vehicle).isTrue();
    return "/jobs/" + matcher.group(1);
  }

  Locator button(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  Locator buttonLike(String pattern) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(pattern)));
  }

  Locator link(String name) {
    return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  Locator heading(String name) {
    return page.getByRole(
        AriaRole.HEADING, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  Locator region(String name) {
    return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName(name));
  }

  Page.GetByRoleOptions named(String name) {
    return new Page.GetByRoleOptions().setName(name);
  }

  Locator panel(String id) {
    return page.locator("[data-panel='" + id + "']");
  }

  /** Goes on with the Tab key until something of this name has the focus. */
  void tabTo(String name) {
    tabUntil(name::equals, name);
  }

  /** Goes on with the Tab key until this field has the focus. */
  void tabInto(Locator field) {
    for (int i = 0; i < 60; i++) {
      if (Boolean.TRUE.equals(field.evaluate("e => e === document.activeElement"))) {
        return;
      }
      page.keyboard().press("Tab");
    }
    throw new AssertionError("the Tab key never reaches " + field);
  }

  /** Goes on to what has a name that starts so, and one further. */
  void tabPast(String start) {
    tabUntil(name -> name.startsWith(start), start);
    page.keyboard().press("Tab");
  }

  private void tabUntil(Predicate<String> wanted, String what) {
    String focused =
        "(document.activeElement.getAttribute('aria-label')"
            + " ?? document.activeElement.textContent).trim()";
    for (int i = 0; i < 400; i++) {
      if (wanted.test((String) page.evaluate(focused))) {
        return;
      }
      page.keyboard().press("Tab");
    }
    throw new AssertionError("the Tab key never reaches " + what);
  }

  /** With the focus in a group of choices: arrows to one of them and takes it. */
  void arrowTo(String choice) {
    for (int i = 0; i < 20; i++) {
      if (choice.equals(page.evaluate("document.activeElement.textContent.trim()"))) {
        page.keyboard().press("Enter");
        return;
      }
      page.keyboard().press("ArrowRight");
    }
    throw new AssertionError("no choice " + choice);
  }

  /** One of several, by group and choice. */
  Locator choice(String group, String value) {
    return page.locator("[aria-label^='" + group + "']")
        .getByText(value, new Locator.GetByTextOptions().setExact(true));
  }

  /** Takes what begins so from a list that opens. */
  void pick(String list, String option) {
    page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName(list)).click();
    page.getByRole(
            AriaRole.OPTION, new Page.GetByRoleOptions().setName(Pattern.compile("^" + option)))
        .click();
  }

  /**
   * Holds the page to WCAG A and AA: nothing serious or critical, nothing wider than the window,
   * and nothing on it that is made for the machine.
   */
  void isFitForEveryone() {
    assertThat(MACHINE.matcher(page.innerText("body")).results().map(MatchResult::group).toList())
        .as(page.url())
        .isEmpty();
    check(
        new AxeBuilder(page)
            .withTags(List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa")));
  }

  /** The same page on a phone: nothing sticks out, and what changes with the width still holds. */
  void fitsAPhone() {
    page.setViewportSize(390, 844);
    check(
        new AxeBuilder(page)
            .withRules(List.of("target-size", "scrollable-region-focusable", "meta-viewport")));
  }

  private void check(AxeBuilder axe) {
    page.evaluate("window.scrollTo(0, 0)"); // what is half off the window counts as too small
    List<Rule> found =
        axe.setLegacyMode(true) // no frames here, so no second page to gather what each found
            .analyze()
            .getViolations();
    List<String> serious =
        found.stream()
            .filter(rule -> List.of("serious", "critical").contains(rule.getImpact()))
            .map(rule -> rule.getId() + " " + rule.getNodes().get(0).getHtml())
            .toList();
    assertThat(serious).as(page.url()).isEmpty();
    Object over =
        page.evaluate(
            "document.documentElement.scrollWidth - document.documentElement.clientWidth");
    assertThat(((Number) over).intValue()).as("wider than the window: " + page.url()).isZero();
  }

  @Override
  public void close() {
    context.close();
    assertThat(faults).isEmpty();
  }
}
